CREATE TABLE "book_text" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"section" text NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "book_text_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "studio" ADD COLUMN "book_texts" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "finish_record" ADD COLUMN "left_ml" integer;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "closed_on" date;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "closed_gaps" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "closed_gaps" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "learned" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "learned" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "book_prices" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "book_prices" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "takeoff" ADD COLUMN "left_packs" double precision;--> statement-breakpoint
ALTER TABLE "book_text" ADD CONSTRAINT "book_text_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "book_text" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "book_text" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY own_studio ON "book_text" USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio());
