ALTER TABLE "job" DROP COLUMN "color_school";--> statement-breakpoint
ALTER TABLE "opening" DROP COLUMN "wall";--> statement-breakpoint
ALTER TABLE "piece" DROP COLUMN "side";--> statement-breakpoint
ALTER TABLE "room" DROP COLUMN "length_mm";--> statement-breakpoint
ALTER TABLE "room" DROP COLUMN "width_mm";