CREATE TABLE "closure" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"what" text NOT NULL,
	"crew_id" uuid,
	"from_on" date NOT NULL,
	"until_on" date NOT NULL,
	"source" text NOT NULL,
	"uid" text NOT NULL,
	CONSTRAINT "closure_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "crew" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"skills" jsonb NOT NULL,
	"hands" integer NOT NULL,
	"weekdays" jsonb NOT NULL,
	"from" integer NOT NULL,
	"until" integer NOT NULL,
	"note" text NOT NULL,
	CONSTRAINT "crew_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "quiet_hours" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"what" text NOT NULL,
	"from" integer NOT NULL,
	"until" integer NOT NULL,
	"weekdays" jsonb NOT NULL,
	CONSTRAINT "quiet_hours_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "task" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"key" text NOT NULL,
	"name" text NOT NULL,
	"step" text,
	"wall_id" uuid,
	"elsewhere" boolean NOT NULL,
	"crew_id" uuid,
	"minutes" integer,
	"best_minutes" integer,
	"worst_minutes" integer,
	"hands" integer,
	"on_day" date,
	"agreed" boolean NOT NULL,
	"dry_hours" double precision,
	"left_out" boolean NOT NULL,
	"done_on" date,
	"spent_minutes" integer,
	"note" text NOT NULL,
	"answer" text NOT NULL,
	"answered_by" text NOT NULL,
	"answered_on" date,
	CONSTRAINT "task_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "recoat_hours" double precision;--> statement-breakpoint
ALTER TABLE "finish" ADD COLUMN "hard_days" double precision;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "holding_place" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "holding_place" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "holding_m3" double precision;--> statement-breakpoint
ALTER TABLE "closure" ADD CONSTRAINT "closure_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "crew" ADD CONSTRAINT "crew_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "quiet_hours" ADD CONSTRAINT "quiet_hours_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "task" ADD CONSTRAINT "task_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "closure" ADD CONSTRAINT "closure_crew_id_row" FOREIGN KEY ("studio_id","job_id","crew_id") REFERENCES "crew"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "task" ADD CONSTRAINT "task_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "task" ADD CONSTRAINT "task_crew_id_row" FOREIGN KEY ("studio_id","job_id","crew_id") REFERENCES "crew"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;
--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['crew','closure','quiet_hours','task'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
