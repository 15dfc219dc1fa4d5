ALTER TABLE "takeoff" ADD COLUMN "option_id" uuid;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "thick_mm" double precision;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "spring_deg" double precision;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "piping_mm" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "inside" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "takeoff" ADD CONSTRAINT "takeoff_option_id_row" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "option"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;