ALTER TABLE "task" ADD COLUMN "not_while" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "task" ALTER COLUMN "not_while" DROP DEFAULT;