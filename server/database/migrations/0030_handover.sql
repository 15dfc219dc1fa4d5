CREATE TABLE "care_note" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"key" text NOT NULL,
	"piece_id" uuid,
	"what" text NOT NULL,
	"every_months" integer,
	"month" integer,
	"last_on" date,
	"left_out" boolean NOT NULL,
	CONSTRAINT "care_note_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "edit" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid NOT NULL,
	"on" date NOT NULL,
	"did" text NOT NULL,
	"was_host_id" uuid,
	"was_level" integer,
	"was_count" integer NOT NULL,
	"why" text NOT NULL,
	CONSTRAINT "edit_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "finish_record" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"finish_id" uuid NOT NULL,
	"batch" text NOT NULL,
	"applied_on" date,
	"supplier" text NOT NULL,
	"spare" text NOT NULL,
	"spare_at" text NOT NULL,
	CONSTRAINT "finish_record_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "picture_mark" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"photo_id" uuid NOT NULL,
	"x" double precision NOT NULL,
	"y" double precision NOT NULL,
	"name" text NOT NULL,
	"piece_id" uuid,
	"seen_as" text,
	CONSTRAINT "picture_mark_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "register_entry" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"piece_id" uuid,
	"item_id" uuid,
	"origin" text,
	"from_whom" text NOT NULL,
	"on" date,
	"back_on" date,
	"link" text NOT NULL,
	"guarantee" text NOT NULL,
	"guarantee_until" date,
	"manual_at" text NOT NULL,
	"comes_off" text NOT NULL,
	"note" text NOT NULL,
	CONSTRAINT "register_entry_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "seasonal_set" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"from_month" integer NOT NULL,
	"to_month" integer NOT NULL,
	"piece_ids" jsonb NOT NULL,
	"stored_at" text NOT NULL,
	CONSTRAINT "seasonal_set_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "shelf" ADD COLUMN "bears_g" integer;--> statement-breakpoint
ALTER TABLE "shelf_placement" ADD COLUMN "x_mm" double precision;--> statement-breakpoint
ALTER TABLE "shelf_placement" ADD COLUMN "on_id" uuid;--> statement-breakpoint
ALTER TABLE "care_note" ADD CONSTRAINT "care_note_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "edit" ADD CONSTRAINT "edit_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "finish_record" ADD CONSTRAINT "finish_record_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "picture_mark" ADD CONSTRAINT "picture_mark_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "register_entry" ADD CONSTRAINT "register_entry_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seasonal_set" ADD CONSTRAINT "seasonal_set_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shelf_placement" ADD CONSTRAINT "shelf_placement_on_id_row" FOREIGN KEY ("studio_id","job_id","on_id") REFERENCES "shelf_placement"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "register_entry" ADD CONSTRAINT "register_entry_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "register_entry" ADD CONSTRAINT "register_entry_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "finish_record" ADD CONSTRAINT "finish_record_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "care_note" ADD CONSTRAINT "care_note_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "edit" ADD CONSTRAINT "edit_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "edit" ADD CONSTRAINT "edit_was_host_id_row" FOREIGN KEY ("studio_id","job_id","was_host_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "picture_mark" ADD CONSTRAINT "picture_mark_photo_id_row" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "photo"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "picture_mark" ADD CONSTRAINT "picture_mark_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;
--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['seasonal_set','register_entry','finish_record','care_note','edit','picture_mark'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;