-- The rectangular room becomes a run of walls, and the brief gets its people, limits, money and pictures. What was
-- measured stays: north, east, south and west become the first four walls, walked to the right.
CREATE TABLE "allotment" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"category" text NOT NULL,
	"amount_minor" bigint NOT NULL,
	"mark" text NOT NULL,
	"reason" text,
	CONSTRAINT "allotment_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "allotment_one_per_category" UNIQUE("studio_id","job_id","category")
);--> statement-breakpoint
CREATE TABLE "ceiling" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"wall_id" uuid NOT NULL,
	"name" text NOT NULL,
	"start_height_mm" integer NOT NULL,
	"end_height_mm" integer NOT NULL,
	"depth_mm" integer NOT NULL,
	"whole" boolean NOT NULL,
	CONSTRAINT "ceiling_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "change_order" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"amount_minor" bigint NOT NULL,
	"agreed_on" date NOT NULL,
	"agreed_by" text NOT NULL,
	"why" text NOT NULL,
	"member_id" uuid NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "change_order_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "change_order_not_zero" CHECK ("change_order"."amount_minor" <> 0)
);--> statement-breakpoint
CREATE TABLE "consent" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"on" date NOT NULL,
	"change" text NOT NULL,
	"surface" text NOT NULL,
	"colors" text NOT NULL,
	"finish_id" uuid,
	"item_id" uuid,
	"photo_id" uuid,
	"words" text NOT NULL,
	CONSTRAINT "consent_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "diagonal" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"from_wall_id" uuid NOT NULL,
	"to_wall_id" uuid NOT NULL,
	"length_mm" integer NOT NULL,
	CONSTRAINT "diagonal_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "fixture" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"wall_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"start_mm" integer NOT NULL,
	"width_mm" integer NOT NULL,
	"height_mm" integer NOT NULL,
	"bottom_mm" integer NOT NULL,
	"depth_mm" integer NOT NULL,
	CONSTRAINT "fixture_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "focus" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"position" integer NOT NULL,
	CONSTRAINT "focus_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "limit" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"kind" text NOT NULL,
	"what" text NOT NULL,
	"surface" text NOT NULL,
	"piece_id" uuid,
	"why" text NOT NULL,
	CONSTRAINT "limit_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "passage" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"width_mm" integer NOT NULL,
	"height_mm" integer NOT NULL,
	"length_mm" integer,
	CONSTRAINT "passage_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "person" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"age_years" integer,
	"standing_eye_mm" integer,
	"seated_eye_mm" integer,
	"minds" jsonb NOT NULL,
	"note" text NOT NULL,
	CONSTRAINT "person_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "photo" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"kind" text NOT NULL,
	"note" text NOT NULL,
	"subject" text NOT NULL,
	"position" integer NOT NULL,
	"width_px" integer NOT NULL,
	"height_px" integer NOT NULL,
	CONSTRAINT "photo_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "photo_data" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"photo_id" uuid NOT NULL,
	"mime" text NOT NULL,
	"picture" "bytea" NOT NULL,
	"thumbnail" "bytea" NOT NULL,
	CONSTRAINT "photo_data_studio_id_job_id_photo_id_pk" PRIMARY KEY("studio_id","job_id","photo_id")
);--> statement-breakpoint
CREATE TABLE "schools" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"color_scheme" text,
	"trim_and_ceiling" text,
	"lead" text,
	"mood" text,
	"textiles" text,
	"piece_against_wall" text,
	"rug" text,
	"hanging" text,
	"frames" text,
	"timber" text,
	"metals" text,
	"shelves" text,
	"lamps" text,
	"childrens_light" text,
	"inherited" text,
	"buying" text,
	"pace" text,
	"money" text,
	"tenure" text,
	CONSTRAINT "schools_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "schools_one_per_job" UNIQUE("studio_id","job_id")
);--> statement-breakpoint
CREATE TABLE "visit" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"on" date NOT NULL,
	"what" text NOT NULL,
	CONSTRAINT "visit_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "wall" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"position" integer NOT NULL,
	"name" text NOT NULL,
	"length_mm" integer NOT NULL,
	"turn_deg" double precision NOT NULL,
	"face" text NOT NULL,
	CONSTRAINT "wall_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
CREATE TABLE "work" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"what" text NOT NULL,
	"wall_id" uuid,
	"ready_on" date,
	"done" boolean NOT NULL,
	CONSTRAINT "work_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "serves" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "focus_id" uuid;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "fixing" text NOT NULL DEFAULT 'stands free';--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "weight_g" integer;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "wall_id" uuid;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "level" text;--> statement-breakpoint
ALTER TABLE "item" ADD COLUMN "original_at" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "agreed_on" date;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "fee_kind" text NOT NULL DEFAULT 'none';--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "fee_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "fee_ppm" integer NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "fee_hours" integer NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "fee_inside" boolean NOT NULL DEFAULT true;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "reveal_on" date;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "lease_ends_on" date;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "lead_name" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "hanging_mm" integer;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "level" text;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "decorate_note" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "building_note" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "before_reason" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "back_primer_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "job" ADD COLUMN "back_paint_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "opening" ADD COLUMN "wall_id" uuid;--> statement-breakpoint
ALTER TABLE "opening" ADD COLUMN "hinge" text NOT NULL DEFAULT 'none';--> statement-breakpoint
ALTER TABLE "opening" ADD COLUMN "swing" text NOT NULL DEFAULT 'none';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "position" integer NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "there" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "wall_id" uuid;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "material" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "color" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "place" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "verdict" text;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "sentimental" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "lent_from" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "reason" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "serves" jsonb NOT NULL DEFAULT '[]';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "open_depth_mm" integer;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "fixing" text NOT NULL DEFAULT 'stands free';--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "weight_g" integer;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "original_at" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "placement" ADD COLUMN "hold" text NOT NULL DEFAULT 'applied';--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "cornice_mm" integer NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "north_deg" double precision;--> statement-breakpoint
ALTER TABLE "room" ADD COLUMN "latitude_deg" double precision;--> statement-breakpoint
ALTER TABLE "use" ADD COLUMN "kind" text NOT NULL DEFAULT 'other';--> statement-breakpoint
ALTER TABLE "use" ADD COLUMN "persons" integer NOT NULL DEFAULT 1;--> statement-breakpoint
ALTER TABLE "use" ADD COLUMN "time" text NOT NULL DEFAULT 'any time';--> statement-breakpoint
-- The owner of the tables sees every studio while it fills the new columns, and none again afterwards.
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['job','room','opening','placement','piece'] LOOP
    EXECUTE format('ALTER TABLE %I NO FORCE ROW LEVEL SECURITY', t);
  END LOOP;
END $$;--> statement-breakpoint
INSERT INTO "schools" (studio_id, job_id, id, color_scheme) SELECT studio_id, id, id, color_school FROM "job";--> statement-breakpoint
-- A room whose lengths were not measured gets walls only where something hangs on them, as long as that reaches and named so.
INSERT INTO "wall" (studio_id, job_id, id, position, name, length_mm, turn_deg, face)
  SELECT r.studio_id, r.job_id, gen_random_uuid(), w.position,
         initcap(w.side) || ' wall' || CASE WHEN r.length_mm IS NULL OR r.width_mm IS NULL THEN ', length not measured' ELSE '' END,
         coalesce(CASE WHEN w.along = 'length' THEN r.length_mm ELSE r.width_mm END,
                  (SELECT max(o.start_mm + o.width_mm) FROM "opening" o
                    WHERE o.studio_id = r.studio_id AND o.job_id = r.job_id AND o.wall = w.side), 1000),
         90, 'smooth paint'
    FROM "room" r
    CROSS JOIN (VALUES (0, 'north', 'length'), (1, 'east', 'width'), (2, 'south', 'length'), (3, 'west', 'width'))
      AS w(position, side, along)
   WHERE (r.length_mm IS NOT NULL AND r.width_mm IS NOT NULL)
      OR EXISTS (SELECT FROM "opening" o WHERE o.studio_id = r.studio_id AND o.job_id = r.job_id)
      OR EXISTS (SELECT FROM "placement" p WHERE p.studio_id = r.studio_id AND p.job_id = r.job_id AND p.surface LIKE 'wall:%')
      OR EXISTS (SELECT FROM "piece" p WHERE p.studio_id = r.studio_id AND p.job_id = r.job_id AND p.side IS NOT NULL);--> statement-breakpoint
UPDATE "opening" o SET wall_id = w.id, hinge = CASE WHEN o.kind = 'door' THEN 'left' ELSE 'none' END,
                       swing = CASE WHEN o.kind = 'door' THEN 'in' ELSE 'none' END
  FROM "wall" w WHERE w.studio_id = o.studio_id AND w.job_id = o.job_id
   AND w.position = array_position(ARRAY['north','east','south','west'], o.wall) - 1;--> statement-breakpoint
UPDATE "placement" p SET surface = 'wall:' || w.id
  FROM "wall" w WHERE w.studio_id = p.studio_id AND w.job_id = p.job_id AND p.surface LIKE 'wall:%'
   AND w.position = array_position(ARRAY['north','east','south','west'], substr(p.surface, 6)) - 1;--> statement-breakpoint
UPDATE "piece" p SET wall_id = w.id
  FROM "wall" w WHERE w.studio_id = p.studio_id AND w.job_id = p.job_id
   AND w.position = array_position(ARRAY['north','east','south','west'], p.side) - 1;--> statement-breakpoint
UPDATE "room" SET north_deg = 0 WHERE length_mm IS NOT NULL AND width_mm IS NOT NULL;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['job','room','opening','placement','piece'] LOOP
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
  END LOOP;
  FOREACH t IN ARRAY ARRAY['schools','person','focus','limit','consent','allotment','visit','work','photo','photo_data',
                           'wall','ceiling','diagonal','fixture','passage','change_order'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;--> statement-breakpoint
CREATE TRIGGER append_only BEFORE UPDATE OR DELETE ON "change_order" FOR EACH ROW EXECUTE FUNCTION bonitas_append_only();--> statement-breakpoint
CREATE TRIGGER append_only_truncate BEFORE TRUNCATE ON "change_order" FOR EACH STATEMENT EXECUTE FUNCTION bonitas_append_only();--> statement-breakpoint
ALTER TABLE "opening" ALTER COLUMN "wall_id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "serves" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "fixing" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "item" ALTER COLUMN "original_at" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "fee_kind" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "fee_minor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "fee_ppm" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "fee_hours" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "fee_inside" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "lead_name" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "decorate_note" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "building_note" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "before_reason" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "back_primer_minor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "job" ALTER COLUMN "back_paint_minor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "opening" ALTER COLUMN "hinge" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "opening" ALTER COLUMN "swing" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "position" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "there" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "material" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "color" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "place" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "sentimental" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "lent_from" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "reason" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "serves" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "fixing" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "original_at" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "placement" ALTER COLUMN "hold" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "room" ALTER COLUMN "cornice_mm" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "use" ALTER COLUMN "kind" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "use" ALTER COLUMN "persons" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "use" ALTER COLUMN "time" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "allotment" ADD CONSTRAINT "allotment_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ceiling" ADD CONSTRAINT "ceiling_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ceiling" ADD CONSTRAINT "ceiling_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "change_order" ADD CONSTRAINT "change_order_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "change_order" ADD CONSTRAINT "change_order_studio_id_member_id_member_studio_id_id_fk" FOREIGN KEY ("studio_id","member_id") REFERENCES "public"."member"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_studio_id_job_id_finish_id_finish_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "public"."finish"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_studio_id_job_id_item_id_item_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "public"."item"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_studio_id_job_id_photo_id_photo_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "public"."photo"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "diagonal" ADD CONSTRAINT "diagonal_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "diagonal" ADD CONSTRAINT "diagonal_studio_id_job_id_from_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","from_wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "diagonal" ADD CONSTRAINT "diagonal_studio_id_job_id_to_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","to_wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "fixture" ADD CONSTRAINT "fixture_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "fixture" ADD CONSTRAINT "fixture_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "focus" ADD CONSTRAINT "focus_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "limit" ADD CONSTRAINT "limit_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "limit" ADD CONSTRAINT "limit_studio_id_job_id_piece_id_piece_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "public"."piece"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "passage" ADD CONSTRAINT "passage_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo" ADD CONSTRAINT "photo_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photo_data" ADD CONSTRAINT "photo_data_studio_id_job_id_photo_id_photo_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "public"."photo"("studio_id","job_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "schools" ADD CONSTRAINT "schools_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "visit" ADD CONSTRAINT "visit_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "wall" ADD CONSTRAINT "wall_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "work" ADD CONSTRAINT "work_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "work" ADD CONSTRAINT "work_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_studio_id_job_id_focus_id_focus_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","focus_id") REFERENCES "public"."focus"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "opening" ADD CONSTRAINT "opening_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_studio_id_job_id_wall_id_wall_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "public"."wall"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;