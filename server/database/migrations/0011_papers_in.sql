CREATE TABLE "claim" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"line_id" uuid NOT NULL,
	"made_on" date NOT NULL,
	"asks" text NOT NULL,
	"amount_minor" bigint,
	"answer_by_on" date,
	"answer" text NOT NULL,
	"answered_on" date,
	"note" text NOT NULL,
	CONSTRAINT "claim_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "loan" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"owner" text NOT NULL,
	"reason" text NOT NULL,
	"taken_on" date NOT NULL,
	"back_on" date,
	"returned_on" date,
	"note" text NOT NULL,
	CONSTRAINT "loan_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "receipt" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"kind" text NOT NULL,
	"from_name" text NOT NULL,
	"number" text NOT NULL,
	"on" date NOT NULL,
	"order_id" uuid,
	"total_minor" bigint NOT NULL,
	"tax_minor" bigint,
	"note" text NOT NULL,
	CONSTRAINT "receipt_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD COLUMN "guessed" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "photo" ADD COLUMN "pages" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "claim" ADD CONSTRAINT "claim_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "claim" ADD CONSTRAINT "claim_studio_id_job_id_line_id_order_line_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","line_id") REFERENCES "public"."order_line"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "loan" ADD CONSTRAINT "loan_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "receipt" ADD CONSTRAINT "receipt_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "receipt" ADD CONSTRAINT "receipt_studio_id_job_id_order_id_purchase_order_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","order_id") REFERENCES "public"."purchase_order"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['claim','loan','receipt'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
