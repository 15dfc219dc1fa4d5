ALTER TABLE "item" ADD COLUMN "buys_paint" text;--> statement-breakpoint
-- Until now the paint of a room was bought by the first item that names a paint and that no line of the take-off raised.
-- Row level security binds the owner too: without this no studio's item is seen, and none is changed.
ALTER TABLE "item" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "finish" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "takeoff" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE "item" SET "buys_paint" = 'all paint'
FROM (
  SELECT DISTINCT ON (i."studio_id", i."job_id") i."studio_id", i."job_id", i."id"
  FROM "item" i
  JOIN "finish" f ON f."studio_id" = i."studio_id" AND f."job_id" = i."job_id" AND f."id" = i."finish_id"
  WHERE f."material" IN ('paint', 'primer') AND i."category" = 'surfaces'
    AND NOT EXISTS (
      SELECT 1 FROM "takeoff" t
      WHERE t."studio_id" = i."studio_id" AND t."job_id" = i."job_id" AND t."item_id" = i."id"
    )
  ORDER BY i."studio_id", i."job_id", i."position", i."id"
) first
WHERE "item"."studio_id" = first."studio_id" AND "item"."job_id" = first."job_id" AND "item"."id" = first."id";--> statement-breakpoint
ALTER TABLE "item" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "finish" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "takeoff" FORCE ROW LEVEL SECURITY;
