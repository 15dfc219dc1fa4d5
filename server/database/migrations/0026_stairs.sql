ALTER TABLE "takeoff" ADD COLUMN "riser_mm" double precision;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "going_mm" double precision;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "stair_mm" double precision;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "landing_mm" double precision DEFAULT 0 NOT NULL;