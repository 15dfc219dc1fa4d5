CREATE TABLE "consumable" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"kind" text NOT NULL,
	"pack_holds" double precision,
	"pack_minor" bigint,
	"spare_packs" integer NOT NULL,
	"left_out" boolean NOT NULL,
	"item_id" uuid,
	"option_id" uuid,
	CONSTRAINT "consumable_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "effort" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"task" text NOT NULL,
	"minutes" double precision,
	"left_out" boolean NOT NULL,
	CONSTRAINT "effort_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "consumable" ADD CONSTRAINT "consumable_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "effort" ADD CONSTRAINT "effort_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "consumable" ADD CONSTRAINT "consumable_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "consumable" ADD CONSTRAINT "consumable_option_id_row" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "option"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['effort','consumable'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
