-- The plan: where pieces stand and hang, how pictures are framed, what is set out on walls, what lamps give.
CREATE TABLE "frame" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid NOT NULL,
	"sheet_width_mm" integer NOT NULL,
	"sheet_height_mm" integer NOT NULL,
	"overlap_mm" integer NOT NULL,
	"border_mm" integer NOT NULL,
	"bottom_border_mm" integer NOT NULL,
	"face_mm" integer NOT NULL,
	"rebate_mm" integer NOT NULL,
	"fillet_mm" integer NOT NULL,
	"profile" text NOT NULL,
	"coat" text NOT NULL,
	"glazing" text NOT NULL,
	"glazing_mm" double precision NOT NULL,
	"board" text NOT NULL,
	"molding_minor" bigint,
	"board_minor" bigint,
	"glazing_minor" bigint,
	"work_minor" bigint,
	CONSTRAINT "frame_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "hang" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid NOT NULL,
	"number" integer NOT NULL,
	"wall_id" uuid NOT NULL,
	"x_mm" integer NOT NULL,
	"center_mm" integer NOT NULL,
	"drop_mm" integer NOT NULL,
	"hooks" integer NOT NULL,
	"hook_span_mm" integer NOT NULL,
	"fixing" text NOT NULL,
	"rated_g" integer,
	"into" text NOT NULL,
	"group" text NOT NULL,
	CONSTRAINT "hang_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "house_rule" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"need" text NOT NULL,
	"mm" integer NOT NULL,
	"why" text NOT NULL,
	CONSTRAINT "house_rule_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "house_rule_one_per_need" UNIQUE("studio_id","job_id","need")
);
--> statement-breakpoint
CREATE TABLE "light" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"piece_id" uuid,
	"fixture_id" uuid,
	"lumens" integer NOT NULL,
	"beam_deg" double precision NOT NULL,
	"aim" text NOT NULL,
	"head_mm" integer NOT NULL,
	CONSTRAINT "light_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "set_out" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"wall_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"start_mm" integer NOT NULL,
	"end_mm" integer NOT NULL,
	"bottom_mm" integer NOT NULL,
	"height_mm" integer NOT NULL,
	"count" integer NOT NULL,
	"stile_mm" integer NOT NULL,
	"depth_mm" integer NOT NULL,
	"opening_id" uuid,
	CONSTRAINT "set_out_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "stand" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid NOT NULL,
	"option_id" uuid,
	"number" integer NOT NULL,
	"x_mm" integer NOT NULL,
	"y_mm" integer NOT NULL,
	"turn_deg" double precision NOT NULL,
	"raised_mm" integer NOT NULL,
	"parked" boolean NOT NULL,
	CONSTRAINT "stand_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "traits" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "legs_mm" integer;--> statement-breakpoint
ALTER TABLE "frame" ADD CONSTRAINT "frame_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "frame" ADD CONSTRAINT "frame_studio_id_job_id_piece_id_piece_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "public"."piece"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hang" ADD CONSTRAINT "hang_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hang" ADD CONSTRAINT "hang_studio_id_job_id_piece_id_piece_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "public"."piece"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "hang" ADD CONSTRAINT "hang_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "house_rule" ADD CONSTRAINT "house_rule_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "light" ADD CONSTRAINT "light_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "light" ADD CONSTRAINT "light_studio_id_job_id_piece_id_piece_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "public"."piece"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "light" ADD CONSTRAINT "light_studio_id_job_id_fixture_id_fixture_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","fixture_id") REFERENCES "public"."fixture"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_out" ADD CONSTRAINT "set_out_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_out" ADD CONSTRAINT "set_out_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_out" ADD CONSTRAINT "set_out_studio_id_job_id_opening_id_opening_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","opening_id") REFERENCES "public"."opening"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stand" ADD CONSTRAINT "stand_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stand" ADD CONSTRAINT "stand_studio_id_job_id_piece_id_piece_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "public"."piece"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "traits" DROP DEFAULT;--> statement-breakpoint
-- An option that was only tried in a place may be thrown away: the piece stays where it stands.
ALTER TABLE "stand" ADD CONSTRAINT "stand_option_fk" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "public"."option"("studio_id","job_id","id") ON DELETE SET NULL ("option_id");--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['stand','hang','frame','set_out','light','house_rule'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
