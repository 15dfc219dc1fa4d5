-- Notes on what the client is drawn to; jobs that exist begin without any.
ALTER TABLE "job" ADD COLUMN "inspiration_note" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "inspiration_note" DROP DEFAULT;
