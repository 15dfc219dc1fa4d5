-- What stands on or in what, on which shelf; parts of a piece with a finish of their own; and facts rules ask after.
CREATE TABLE "piece_part" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid NOT NULL,
	"name" text NOT NULL,
	"percent" integer NOT NULL,
	"finish_id" uuid NOT NULL,
	CONSTRAINT "piece_part_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "shelf" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"levels" integer NOT NULL,
	"across" integer NOT NULL,
	"clear_height_mm" double precision NOT NULL,
	"clear_width_mm" double precision,
	"clear_depth_mm" double precision,
	"closed" boolean NOT NULL,
	"full_percent" integer,
	CONSTRAINT "shelf_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "shelf_placement" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid NOT NULL,
	"host_id" uuid NOT NULL,
	"level" integer NOT NULL,
	"compartment" integer,
	"position" integer NOT NULL,
	"count" integer NOT NULL,
	"lies" boolean NOT NULL,
	CONSTRAINT "shelf_placement_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "acceptance" ADD COLUMN "by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "acceptance" ALTER COLUMN "by" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "acceptance" ADD COLUMN "on" date;--> statement-breakpoint
ALTER TABLE "fixture" ADD COLUMN "radius_mm" double precision;--> statement-breakpoint
ALTER TABLE "frame" ADD COLUMN "glare" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "frame" ALTER COLUMN "glare" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "layout" text;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "wanted_hue" text;--> statement-breakpoint
ALTER TABLE "opening" ADD COLUMN "carries" text;--> statement-breakpoint
ALTER TABLE "opening" ADD COLUMN "carries_g" integer;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "value_minor" bigint;--> statement-breakpoint
ALTER TABLE "piece_part" ADD CONSTRAINT "piece_part_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shelf" ADD CONSTRAINT "shelf_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shelf_placement" ADD CONSTRAINT "shelf_placement_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "piece_part" ADD CONSTRAINT "piece_part_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "piece_part" ADD CONSTRAINT "piece_part_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "shelf" ADD CONSTRAINT "shelf_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "shelf_placement" ADD CONSTRAINT "shelf_placement_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "shelf_placement" ADD CONSTRAINT "shelf_placement_host_id_row" FOREIGN KEY ("studio_id","job_id","host_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['piece_part','shelf','shelf_placement'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
