-- What follows from room, household and use can be switched off for one item.
ALTER TABLE "item" ADD COLUMN "demands_off" jsonb DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "demands_off" DROP DEFAULT;
