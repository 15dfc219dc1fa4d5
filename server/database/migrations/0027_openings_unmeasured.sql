ALTER TABLE "opening" ALTER COLUMN "width_mm" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "opening" ALTER COLUMN "height_mm" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "opening" ALTER COLUMN "sill_mm" DROP NOT NULL;