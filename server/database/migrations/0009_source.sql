CREATE TABLE "catalog_answer" (
	"studio_id" uuid NOT NULL,
	"key" text NOT NULL,
	"answer" jsonb NOT NULL,
	"fetched_at" timestamp with time zone NOT NULL,
	CONSTRAINT "catalog_answer_studio_id_key_pk" PRIMARY KEY("studio_id","key")
);
--> statement-breakpoint
ALTER TABLE "catalog_answer" ADD CONSTRAINT "catalog_answer_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE TABLE "making" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"option_id" uuid NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"quantity" double precision NOT NULL,
	"unit_minor" bigint NOT NULL,
	"cut_mm" integer,
	"cut_count" integer,
	"stock_mm" integer,
	"kerf_mm" integer,
	CONSTRAINT "making_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "offer" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"supplier_id" uuid NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"ppm" integer NOT NULL,
	"amount_minor" bigint NOT NULL,
	"min_spend_minor" bigint NOT NULL,
	"from_on" date,
	"until_on" date,
	"item_id" uuid,
	"one_use" boolean NOT NULL,
	"used_on" date,
	"third_party" boolean NOT NULL,
	CONSTRAINT "offer_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "sighting" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"option_id" uuid NOT NULL,
	"on" date NOT NULL,
	"price_minor" bigint NOT NULL,
	"stock" text,
	"where" text NOT NULL,
	CONSTRAINT "sighting_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "piece_kind" text;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "min_width_mm" integer;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "min_depth_mm" integer;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "min_height_mm" integer;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "aim_finish_id" uuid;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "aim_delta_e" double precision;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "demands" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "spend" text NOT NULL DEFAULT 'even';--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "importance" integer NOT NULL DEFAULT 3;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "may_wait" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "locked" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "planned_option_id" uuid;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "intent_kept" text;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "for_item_id" uuid;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "companion" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "uses_per_year" integer;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "hour_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "stay_years" double precision;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "weights" jsonb NOT NULL DEFAULT '{"size":10,"way in":10,"date":6,"stock":5,"color":8,"wear":6,"liking":8,"years":4,"safety":10}';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "legs_mm" integer;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "unit" text NOT NULL DEFAULT 'each';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "currency" text;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "rate" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "rate_on" date;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "trade_ppm" integer NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "rework_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "hours" double precision NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "years" double precision;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "color_l" double precision;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "color_a" double precision;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "color_b" double precision;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "material" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "traits" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "liking" integer;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "condition" text;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "looked_at" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "seen_at" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "seen_on" date;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "held_until" date;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "review_on" date;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "stock" text;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "stock_on" date;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "watch_minor" bigint;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "part_of_id" uuid;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "catalog_key" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "photo_id" uuid;--> statement-breakpoint
ALTER TABLE "supplier" ADD COLUMN "min_order_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "supplier" ADD COLUMN "restock_ppm" integer NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "supplier" ADD COLUMN "delivery_bands" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "supplier" ADD COLUMN "columns" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "supplier" ADD COLUMN "catalog" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "making" ADD CONSTRAINT "making_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "making" ADD CONSTRAINT "making_studio_id_job_id_option_id_option_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "public"."option"("studio_id","job_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "offer" ADD CONSTRAINT "offer_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "offer" ADD CONSTRAINT "offer_studio_id_supplier_id_supplier_studio_id_id_fk" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "public"."supplier"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "offer" ADD CONSTRAINT "offer_studio_id_job_id_item_id_item_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "public"."item"("studio_id","job_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sighting" ADD CONSTRAINT "sighting_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sighting" ADD CONSTRAINT "sighting_studio_id_job_id_option_id_option_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "public"."option"("studio_id","job_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "demands" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "spend" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "importance" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "may_wait" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "locked" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "companion" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "hour_minor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "weights" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "unit" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "rate" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "trade_ppm" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "rework_minor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "hours" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "material" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "traits" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "looked_at" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "seen_at" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "option" ALTER COLUMN "catalog_key" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "supplier" ALTER COLUMN "min_order_minor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "supplier" ALTER COLUMN "restock_ppm" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "supplier" ALTER COLUMN "delivery_bands" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "supplier" ALTER COLUMN "columns" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "supplier" ALTER COLUMN "catalog" DROP DEFAULT;--> statement-breakpoint
-- What is only pointed at may go; the row that pointed stays. A list of rows may name each other in any order.
ALTER TABLE "item" ADD CONSTRAINT "item_aim_finish_fk" FOREIGN KEY ("studio_id","job_id","aim_finish_id") REFERENCES "public"."finish"("studio_id","job_id","id") ON DELETE SET NULL ("aim_finish_id") DEFERRABLE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_planned_option_fk" FOREIGN KEY ("studio_id","job_id","planned_option_id") REFERENCES "public"."option"("studio_id","job_id","id") ON DELETE SET NULL ("planned_option_id") DEFERRABLE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_for_item_fk" FOREIGN KEY ("studio_id","job_id","for_item_id") REFERENCES "public"."item"("studio_id","job_id","id") ON DELETE SET NULL ("for_item_id") DEFERRABLE;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_part_of_fk" FOREIGN KEY ("studio_id","job_id","part_of_id") REFERENCES "public"."option"("studio_id","job_id","id") ON DELETE SET NULL ("part_of_id") DEFERRABLE;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_photo_fk" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "public"."photo"("studio_id","job_id","id") ON DELETE SET NULL ("photo_id") DEFERRABLE;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['making','sighting','offer','catalog_answer'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;
