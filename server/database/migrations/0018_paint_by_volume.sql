-- Prices of paint are kept by the cubic meter: one told by the gallon comes back as it was typed.
ALTER TABLE "job" RENAME COLUMN "back_primer_minor" TO "back_primer_cubic_minor";--> statement-breakpoint
ALTER TABLE "job" RENAME COLUMN "back_paint_minor" TO "back_paint_cubic_minor";--> statement-breakpoint
-- Row level security binds the owner too: without this no studio's job is seen, and none is changed.
ALTER TABLE "job" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE "job" SET "back_primer_cubic_minor" = "back_primer_cubic_minor" * 1000, "back_paint_cubic_minor" = "back_paint_cubic_minor" * 1000;--> statement-breakpoint
ALTER TABLE "job" FORCE ROW LEVEL SECURITY;
