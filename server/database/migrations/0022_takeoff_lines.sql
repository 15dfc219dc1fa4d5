CREATE TABLE "takeoff" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"trade" text NOT NULL,
	"wall_ids" jsonb NOT NULL,
	"opening_id" uuid,
	"piece_id" uuid,
	"finish_id" uuid,
	"item_id" uuid,
	"from_mm" double precision NOT NULL,
	"to_mm" double precision,
	"goods_width_mm" double precision,
	"goods_length_mm" double precision,
	"pack_of" integer NOT NULL,
	"pack_minor" bigint,
	"repeat_mm" double precision NOT NULL,
	"match" text NOT NULL,
	"square_mm" double precision NOT NULL,
	"trim_mm" double precision NOT NULL,
	"seam_mm" double precision NOT NULL,
	"joint_mm" double precision NOT NULL,
	"set_out" text NOT NULL,
	"turned" boolean NOT NULL,
	"ready_made" boolean NOT NULL,
	"pair" boolean NOT NULL,
	"fullness" double precision NOT NULL,
	"return_mm" double precision NOT NULL,
	"overlap_mm" double precision NOT NULL,
	"top_hem_mm" double precision NOT NULL,
	"foot_hem_mm" double precision NOT NULL,
	"posts" integer NOT NULL,
	"ring" boolean NOT NULL,
	"spare_packs" integer NOT NULL,
	CONSTRAINT "takeoff_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "takeoff_part" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"takeoff_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"count" integer NOT NULL,
	"length_mm" double precision NOT NULL,
	"width_mm" double precision,
	"may_turn" boolean NOT NULL,
	CONSTRAINT "takeoff_part_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "takeoff" ADD CONSTRAINT "takeoff_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "takeoff_part" ADD CONSTRAINT "takeoff_part_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "takeoff" ADD CONSTRAINT "takeoff_opening_id_row" FOREIGN KEY ("studio_id","job_id","opening_id") REFERENCES "opening"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "takeoff" ADD CONSTRAINT "takeoff_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "takeoff" ADD CONSTRAINT "takeoff_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "takeoff" ADD CONSTRAINT "takeoff_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "takeoff_part" ADD CONSTRAINT "takeoff_part_takeoff_id_row" FOREIGN KEY ("studio_id","job_id","takeoff_id") REFERENCES "takeoff"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['takeoff','takeoff_part'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
