ALTER TABLE "loan" ALTER COLUMN "taken_on" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "loan" ADD COLUMN "piece_id" uuid;--> statement-breakpoint
ALTER TABLE "option" ADD COLUMN "piece_id" uuid;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "item_id" uuid;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "own_size" boolean NOT NULL DEFAULT false;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "own_size" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD COLUMN "update_id" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "ledger_entry" ALTER COLUMN "update_id" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "order_event" ADD COLUMN "update_id" text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE "order_event" ALTER COLUMN "update_id" DROP DEFAULT;--> statement-breakpoint
-- The owner of the tables reads and writes what is carried over in every studio.
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['piece','item','option','loan','ledger_entry','order_event'] LOOP
    EXECUTE format('ALTER TABLE %I NO FORCE ROW LEVEL SECURITY', t);
  END LOOP;
END $$;--> statement-breakpoint
-- What was noted from an update of the supplier named it at the end of its note.
ALTER TABLE "ledger_entry" DISABLE TRIGGER append_only;--> statement-breakpoint
ALTER TABLE "order_event" DISABLE TRIGGER append_only;--> statement-breakpoint
UPDATE "order_event" SET "update_id" = substring("note" from '\[([A-Za-z0-9_.-]{1,60})\]$'),
  "note" = regexp_replace("note", '\s*\[[A-Za-z0-9_.-]{1,60}\]$', '')
  WHERE "note" ~ '\[[A-Za-z0-9_.-]{1,60}\]$'
    AND "kind" IN ('acknowledged','delayed','shipped','delivered','refused','credited');--> statement-breakpoint
UPDATE "ledger_entry" SET "update_id" = substring("note" from '\[([A-Za-z0-9_.-]{1,60})\]$'),
  "note" = regexp_replace("note", '\s*\[[A-Za-z0-9_.-]{1,60}\]$', '')
  WHERE "note" ~ '\[[A-Za-z0-9_.-]{1,60}\]$' AND "kind" IN ('delivery','return') AND "reverses" IS NULL;--> statement-breakpoint
ALTER TABLE "ledger_entry" ENABLE TRIGGER append_only;--> statement-breakpoint
ALTER TABLE "order_event" ENABLE TRIGGER append_only;--> statement-breakpoint
-- A piece to come and the line that buys it were one thing by their name. Where one piece and one line have it, they are tied.
WITH "coming" AS (
  SELECT "studio_id", "job_id", lower(btrim("name")) AS "called", min("id"::text)::uuid AS "id" FROM "piece"
  WHERE NOT "there" AND btrim("name") <> '' GROUP BY 1, 2, 3 HAVING count(*) = 1
), "bought" AS (
  SELECT "studio_id", "job_id", lower(btrim("name")) AS "called", min("id"::text)::uuid AS "id" FROM "item"
  WHERE "category" NOT IN ('surfaces','services') GROUP BY 1, 2, 3 HAVING count(*) = 1
)
UPDATE "piece" p SET "item_id" = b."id" FROM "coming" c JOIN "bought" b USING ("studio_id", "job_id", "called")
  WHERE p."studio_id" = c."studio_id" AND p."job_id" = c."job_id" AND p."id" = c."id";--> statement-breakpoint
-- A piece that differs from the option chosen keeps the size it was drawn in, and the difference is shown.
UPDATE "piece" p SET "own_size" = true WHERE p."there" OR EXISTS (
  SELECT 1 FROM "item" i JOIN "option" o
    ON o."studio_id" = i."studio_id" AND o."job_id" = i."job_id" AND o."id" = i."chosen_option_id"
  WHERE i."studio_id" = p."studio_id" AND i."job_id" = p."job_id" AND i."id" = p."item_id"
    AND (o."width_mm" <> p."width_mm" OR o."depth_mm" <> p."depth_mm" OR o."height_mm" <> p."height_mm"));--> statement-breakpoint
-- What the piece does not say yet, its line may have said.
UPDATE "piece" p SET
  "weight_g" = coalesce(p."weight_g", i."weight_g"),
  "wall_id" = coalesce(p."wall_id", i."wall_id"),
  "fixing" = CASE WHEN p."fixing" = 'stands free' THEN i."fixing" ELSE p."fixing" END,
  "original_at" = CASE WHEN p."original_at" = '' THEN i."original_at" ELSE p."original_at" END,
  "serves" = p."serves" || coalesce((SELECT jsonb_agg(u) FROM jsonb_array_elements(i."serves") u WHERE NOT p."serves" @> jsonb_build_array(u)), '[]'),
  "kind" = CASE WHEN p."kind" = 'other' THEN coalesce(i."piece_kind", p."kind") ELSE p."kind" END
  FROM "item" i WHERE i."studio_id" = p."studio_id" AND i."job_id" = p."job_id" AND i."id" = p."item_id";--> statement-breakpoint
-- An owned option and a thing borrowed are the piece of the same name, where one piece that is there has it.
WITH "here" AS (
  SELECT "studio_id", "job_id", lower(btrim("name")) AS "called", min("id"::text)::uuid AS "id" FROM "piece"
  WHERE "there" AND btrim("name") <> '' GROUP BY 1, 2, 3 HAVING count(*) = 1
)
UPDATE "option" o SET "piece_id" = h."id" FROM "here" h
  WHERE o."studio_id" = h."studio_id" AND o."job_id" = h."job_id" AND lower(btrim(o."name")) = h."called"
    AND o."kind" = 'owned';--> statement-breakpoint
WITH "here" AS (
  SELECT "studio_id", "job_id", lower(btrim("name")) AS "called", min("id"::text)::uuid AS "id" FROM "piece"
  WHERE "there" AND btrim("name") <> '' GROUP BY 1, 2, 3 HAVING count(*) = 1
)
UPDATE "loan" l SET "piece_id" = h."id" FROM "here" h
  WHERE l."studio_id" = h."studio_id" AND l."job_id" = h."job_id" AND lower(btrim(l."name")) = h."called"
    AND l."returned_on" IS NULL;--> statement-breakpoint
-- What was lent stood on the piece; it is on the list of what is borrowed, with everything else that goes back.
UPDATE "loan" l SET "owner" = p."lent_from" FROM "piece" p
  WHERE p."studio_id" = l."studio_id" AND p."job_id" = l."job_id" AND p."id" = l."piece_id"
    AND l."owner" = '' AND p."lent_from" <> '';--> statement-breakpoint
INSERT INTO "loan" ("studio_id", "job_id", "id", "name", "piece_id", "owner", "reason", "taken_on", "back_on", "returned_on", "note")
  SELECT p."studio_id", p."job_id", gen_random_uuid(), p."name", p."id", p."lent_from", 'from another room', NULL, NULL, NULL, ''
  FROM "piece" p WHERE p."lent_from" <> '' AND NOT EXISTS (
    SELECT 1 FROM "loan" l
    WHERE l."studio_id" = p."studio_id" AND l."job_id" = p."job_id" AND l."piece_id" = p."id");--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['piece','item','option','loan','ledger_entry','order_event'] LOOP
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
  END LOOP;
END $$;--> statement-breakpoint
ALTER TABLE "loan" ADD CONSTRAINT "loan_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;
