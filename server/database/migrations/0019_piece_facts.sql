-- What the rules ask after is a field of its own: which sanitary ware, which plant. Until now the name told it.
ALTER TABLE "light" ADD COLUMN "switch_mm" double precision;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "sanitary" text;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "species" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "piece" ALTER COLUMN "species" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "grown_mm" double precision;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "bloom_from" integer;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "bloom_to" integer;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "mattress_mm" double precision;--> statement-breakpoint
ALTER TABLE "piece" ADD COLUMN "pillows_mm" double precision;--> statement-breakpoint
ALTER TABLE "wall_placement" ADD COLUMN "turn_deg" double precision DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "wall_placement" ALTER COLUMN "turn_deg" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "wall_placement" ADD COLUMN "on_purpose" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "wall_placement" ALTER COLUMN "on_purpose" DROP DEFAULT;--> statement-breakpoint
-- Row level security binds the owner too: without this no studio's piece is seen.
ALTER TABLE "piece" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE "piece" SET "species" = left("name", 80) WHERE "kind" = 'plant';--> statement-breakpoint
UPDATE "piece" SET "sanitary" = CASE
  WHEN "name" ~* 'toilet|\ywc\y|water closet|bidet|urinal' THEN 'toilet'
  WHEN "name" ~* 'basin|lavatory|vanity|washstand|sink' THEN 'basin'
  WHEN "name" ~* '\ybath\y|tub' THEN 'bath'
  WHEN "name" ~* 'shower (tray|pan|stall|enclosure)|^shower$|shower base|walk-in shower' THEN 'shower'
  ELSE 'other'
END WHERE "kind" = 'sanitary';--> statement-breakpoint
ALTER TABLE "piece" FORCE ROW LEVEL SECURITY;
