-- Several looks of one room, each with its own finishes over what stays; a library of samples for the studio;
-- and of each finish what a rule needs to know: texture, pattern, further colors, readings, what it bears.
CREATE TABLE "deck" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "deck_studio_id_id_pk" PRIMARY KEY("studio_id","id"),
	CONSTRAINT "deck_name" UNIQUE("studio_id","name")
);
--> statement-breakpoint
CREATE TABLE "dressing" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"scheme_id" uuid NOT NULL,
	"piece_id" uuid NOT NULL,
	"finish_id" uuid,
	"absent" boolean NOT NULL,
	"cost_minor" bigint,
	CONSTRAINT "dressing_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "dressing_one_per_piece" UNIQUE("studio_id","job_id","scheme_id","piece_id")
);
--> statement-breakpoint
CREATE TABLE "pull" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"lab_l" double precision NOT NULL,
	"lab_a" double precision NOT NULL,
	"lab_b" double precision NOT NULL,
	"share" double precision NOT NULL,
	"photo_id" uuid,
	CONSTRAINT "pull_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "sample" (
	"studio_id" uuid NOT NULL,
	"deck_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"code" text NOT NULL,
	"material" text NOT NULL,
	"lab_l" double precision NOT NULL,
	"lab_a" double precision NOT NULL,
	"lab_b" double precision NOT NULL,
	"sheens" jsonb NOT NULL,
	"texture" text NOT NULL,
	"pattern_kind" text NOT NULL,
	"pattern_repeat_mm" integer,
	"wear" text NOT NULL,
	"sealed" boolean NOT NULL,
	"outdoor" boolean NOT NULL,
	"price_minor" bigint,
	"per" text NOT NULL,
	"tins" jsonb NOT NULL,
	"readings" jsonb NOT NULL,
	CONSTRAINT "sample_studio_id_deck_id_position_pk" PRIMARY KEY("studio_id","deck_id","position")
);
--> statement-breakpoint
CREATE TABLE "scheme" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"over_id" uuid,
	"retired" boolean NOT NULL,
	"stored_at" text NOT NULL,
	CONSTRAINT "scheme_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "wall_part" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"wall_id" uuid,
	"count" integer NOT NULL,
	"width_mm" integer NOT NULL,
	"height_mm" integer NOT NULL,
	CONSTRAINT "wall_part_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "placement" DROP CONSTRAINT "placement_one_per_surface";--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "texture" text NOT NULL DEFAULT 'smooth';--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "pattern_kind" text NOT NULL DEFAULT 'none';--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "pattern_repeat_mm" integer;--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "colors" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "readings" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "wear" text NOT NULL DEFAULT 'not known';--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "sealed" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "outdoor" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "scheme_id" uuid;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "lamp_type" text;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "focal" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "lit" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "placement" ADD COLUMN "scheme_id" uuid;--> statement-breakpoint
ALTER TABLE "placement" ADD COLUMN "candidate" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "kind" text;--> statement-breakpoint
ALTER TABLE "deck" ADD CONSTRAINT "deck_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_studio_id_job_id_scheme_id_scheme_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","scheme_id") REFERENCES "public"."scheme"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_studio_id_job_id_finish_id_finish_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "public"."finish"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_studio_id_job_id_piece_id_piece_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "public"."piece"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pull" ADD CONSTRAINT "pull_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pull" ADD CONSTRAINT "pull_studio_id_job_id_photo_id_photo_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "public"."photo"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sample" ADD CONSTRAINT "sample_studio_id_deck_id_deck_studio_id_id_fk" FOREIGN KEY ("studio_id","deck_id") REFERENCES "public"."deck"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "scheme" ADD CONSTRAINT "scheme_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "scheme" ADD CONSTRAINT "scheme_studio_id_job_id_over_id_scheme_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","over_id") REFERENCES "public"."scheme"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "wall_part" ADD CONSTRAINT "wall_part_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "wall_part" ADD CONSTRAINT "wall_part_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "placement" ADD CONSTRAINT "placement_studio_id_job_id_scheme_id_scheme_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","scheme_id") REFERENCES "public"."scheme"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "placement_one_per_surface" ON "placement" USING btree ("studio_id","job_id","surface",coalesce("scheme_id", "job_id")) WHERE not "placement"."candidate";--> statement-breakpoint
ALTER TABLE "finish" ALTER COLUMN "texture" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "finish" ALTER COLUMN "pattern_kind" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "finish" ALTER COLUMN "colors" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "finish" ALTER COLUMN "readings" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "finish" ALTER COLUMN "wear" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "finish" ALTER COLUMN "sealed" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "finish" ALTER COLUMN "outdoor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "focal" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "lit" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "placement" ALTER COLUMN "candidate" DROP DEFAULT;--> statement-breakpoint
-- The owner of the tables sees every studio while it fills the new rows, and none again afterwards.
ALTER TABLE "job" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
-- The name a look had becomes its first scheme; what it wears stays shared until a second scheme is made.
INSERT INTO "scheme" (studio_id, job_id, id, position, name, note, retired, stored_at)
  SELECT studio_id, id, gen_random_uuid(), 0, scheme_name, '', false, '' FROM "job" WHERE trim(scheme_name) <> '';--> statement-breakpoint
UPDATE "job" j SET scheme_id = s.id FROM "scheme" s WHERE s.studio_id = j.studio_id AND s.job_id = j.id;--> statement-breakpoint
ALTER TABLE "job" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['scheme','dressing','pull','wall_part','deck','sample'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
