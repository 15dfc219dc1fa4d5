-- All keys between rows follow from the references of their fields: no action, deferrable, so that a group of changes
-- can be written in any order and is looked at when it is whole. Those of before go, whatever they did.
DO $$
DECLARE k record;
BEGIN
  FOR k IN
    SELECT c.conrelid::regclass AS t, c.conname FROM pg_constraint c
    JOIN pg_attribute a ON a.attrelid = c.conrelid AND a.attnum = c.conkey[array_length(c.conkey, 1)]
    WHERE c.contype = 'f' AND c.connamespace = 'public'::regnamespace
      AND a.attname NOT IN ('job_id', 'studio_id', 'member_id', 'deck_id', 'seq')
  LOOP
    EXECUTE format('ALTER TABLE %s DROP CONSTRAINT %I', k.t, k.conname);
  END LOOP;
END $$;--> statement-breakpoint
ALTER TABLE "allotment" DROP CONSTRAINT "allotment_one_per_category";--> statement-breakpoint
ALTER TABLE "dressing" DROP CONSTRAINT "dressing_one_per_piece";--> statement-breakpoint
ALTER TABLE "house_rule" DROP CONSTRAINT "house_rule_one_per_need";--> statement-breakpoint
DROP INDEX "placement_one_per_surface";--> statement-breakpoint
ALTER TABLE "photo" ALTER COLUMN "pages" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "ledger_entry" ALTER COLUMN "guessed" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "photo_data" ADD COLUMN "removed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "photo_data" ADD CONSTRAINT "photo_data_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_event" ADD CONSTRAINT "order_event_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_line" ADD CONSTRAINT "order_line_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
-- Lengths keep six decimals of a millimeter, so that sixty-fourths of an inch add up exactly. One pass over each table.
ALTER TABLE "job"
  ALTER COLUMN "hanging_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "person"
  ALTER COLUMN "standing_eye_mm" SET DATA TYPE double precision,
  ALTER COLUMN "seated_eye_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "ceiling"
  ALTER COLUMN "start_height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "end_height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "depth_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "diagonal"
  ALTER COLUMN "length_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "fixture"
  ALTER COLUMN "start_mm" SET DATA TYPE double precision,
  ALTER COLUMN "width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "bottom_mm" SET DATA TYPE double precision,
  ALTER COLUMN "depth_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "opening"
  ALTER COLUMN "start_mm" SET DATA TYPE double precision,
  ALTER COLUMN "width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "sill_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "passage"
  ALTER COLUMN "width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "length_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "room"
  ALTER COLUMN "height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "skirting_mm" SET DATA TYPE double precision,
  ALTER COLUMN "cornice_mm" SET DATA TYPE double precision,
  ALTER COLUMN "lower_wall_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "wall"
  ALTER COLUMN "length_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "finish"
  ALTER COLUMN "pattern_repeat_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "piece"
  ALTER COLUMN "width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "depth_mm" SET DATA TYPE double precision,
  ALTER COLUMN "height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "open_depth_mm" SET DATA TYPE double precision,
  ALTER COLUMN "legs_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "sample"
  ALTER COLUMN "pattern_repeat_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "wall_part"
  ALTER COLUMN "width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "height_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "frame"
  ALTER COLUMN "sheet_width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "sheet_height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "overlap_mm" SET DATA TYPE double precision,
  ALTER COLUMN "border_mm" SET DATA TYPE double precision,
  ALTER COLUMN "bottom_border_mm" SET DATA TYPE double precision,
  ALTER COLUMN "face_mm" SET DATA TYPE double precision,
  ALTER COLUMN "rebate_mm" SET DATA TYPE double precision,
  ALTER COLUMN "fillet_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "hang"
  ALTER COLUMN "x_mm" SET DATA TYPE double precision,
  ALTER COLUMN "center_mm" SET DATA TYPE double precision,
  ALTER COLUMN "drop_mm" SET DATA TYPE double precision,
  ALTER COLUMN "hook_span_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "house_rule"
  ALTER COLUMN "mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "light"
  ALTER COLUMN "head_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "set_out"
  ALTER COLUMN "start_mm" SET DATA TYPE double precision,
  ALTER COLUMN "end_mm" SET DATA TYPE double precision,
  ALTER COLUMN "bottom_mm" SET DATA TYPE double precision,
  ALTER COLUMN "height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "stile_mm" SET DATA TYPE double precision,
  ALTER COLUMN "depth_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "stand"
  ALTER COLUMN "x_mm" SET DATA TYPE double precision,
  ALTER COLUMN "y_mm" SET DATA TYPE double precision,
  ALTER COLUMN "raised_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "item"
  ALTER COLUMN "max_width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "max_depth_mm" SET DATA TYPE double precision,
  ALTER COLUMN "max_height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "min_width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "min_depth_mm" SET DATA TYPE double precision,
  ALTER COLUMN "min_height_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "making"
  ALTER COLUMN "cut_mm" SET DATA TYPE double precision,
  ALTER COLUMN "stock_mm" SET DATA TYPE double precision,
  ALTER COLUMN "kerf_mm" SET DATA TYPE double precision;--> statement-breakpoint
ALTER TABLE "option"
  ALTER COLUMN "width_mm" SET DATA TYPE double precision,
  ALTER COLUMN "depth_mm" SET DATA TYPE double precision,
  ALTER COLUMN "height_mm" SET DATA TYPE double precision,
  ALTER COLUMN "legs_mm" SET DATA TYPE double precision;--> statement-breakpoint
-- The scheme a job follows had no key: one that is gone is followed no longer.
ALTER TABLE "job" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "scheme" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE "job" j SET "scheme_id" = NULL WHERE "scheme_id" IS NOT NULL AND NOT EXISTS (
  SELECT FROM "scheme" s WHERE s."studio_id" = j."studio_id" AND s."job_id" = j."id" AND s."id" = j."scheme_id");--> statement-breakpoint
ALTER TABLE "job" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "scheme" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "job" ADD CONSTRAINT "job_client_id_row" FOREIGN KEY ("studio_id","client_id") REFERENCES "client"("studio_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "job" ADD CONSTRAINT "job_scheme_id_row" FOREIGN KEY ("studio_id","id","scheme_id") REFERENCES "scheme"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "limit" ADD CONSTRAINT "limit_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "consent" ADD CONSTRAINT "consent_photo_id_row" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "photo"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "work" ADD CONSTRAINT "work_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "ceiling" ADD CONSTRAINT "ceiling_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "diagonal" ADD CONSTRAINT "diagonal_from_wall_id_row" FOREIGN KEY ("studio_id","job_id","from_wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "diagonal" ADD CONSTRAINT "diagonal_to_wall_id_row" FOREIGN KEY ("studio_id","job_id","to_wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "opening" ADD CONSTRAINT "opening_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "fixture" ADD CONSTRAINT "fixture_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "placement" ADD CONSTRAINT "placement_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "placement" ADD CONSTRAINT "placement_scheme_id_row" FOREIGN KEY ("studio_id","job_id","scheme_id") REFERENCES "scheme"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "wall_part" ADD CONSTRAINT "wall_part_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "scheme" ADD CONSTRAINT "scheme_over_id_row" FOREIGN KEY ("studio_id","job_id","over_id") REFERENCES "scheme"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_scheme_id_row" FOREIGN KEY ("studio_id","job_id","scheme_id") REFERENCES "scheme"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "pull" ADD CONSTRAINT "pull_photo_id_row" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "photo"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "stand" ADD CONSTRAINT "stand_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "stand" ADD CONSTRAINT "stand_option_id_row" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "option"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "hang" ADD CONSTRAINT "hang_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "hang" ADD CONSTRAINT "hang_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "frame" ADD CONSTRAINT "frame_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "set_out" ADD CONSTRAINT "set_out_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "set_out" ADD CONSTRAINT "set_out_opening_id_row" FOREIGN KEY ("studio_id","job_id","opening_id") REFERENCES "opening"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "light" ADD CONSTRAINT "light_piece_id_row" FOREIGN KEY ("studio_id","job_id","piece_id") REFERENCES "piece"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "light" ADD CONSTRAINT "light_fixture_id_row" FOREIGN KEY ("studio_id","job_id","fixture_id") REFERENCES "fixture"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_finish_id_row" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_chosen_option_id_row" FOREIGN KEY ("studio_id","job_id","id","chosen_option_id") REFERENCES "option"("studio_id","job_id","item_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_focus_id_row" FOREIGN KEY ("studio_id","job_id","focus_id") REFERENCES "focus"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_wall_id_row" FOREIGN KEY ("studio_id","job_id","wall_id") REFERENCES "wall"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_aim_finish_id_row" FOREIGN KEY ("studio_id","job_id","aim_finish_id") REFERENCES "finish"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_planned_option_id_row" FOREIGN KEY ("studio_id","job_id","planned_option_id") REFERENCES "option"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_for_item_id_row" FOREIGN KEY ("studio_id","job_id","for_item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_supplier_id_row" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "supplier"("studio_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_part_of_id_row" FOREIGN KEY ("studio_id","job_id","part_of_id") REFERENCES "option"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_photo_id_row" FOREIGN KEY ("studio_id","job_id","photo_id") REFERENCES "photo"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "making" ADD CONSTRAINT "making_option_id_row" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "option"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "sighting" ADD CONSTRAINT "sighting_option_id_row" FOREIGN KEY ("studio_id","job_id","option_id") REFERENCES "option"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "offer" ADD CONSTRAINT "offer_supplier_id_row" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "supplier"("studio_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "offer" ADD CONSTRAINT "offer_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "voucher" ADD CONSTRAINT "voucher_supplier_id_row" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "supplier"("studio_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "receipt" ADD CONSTRAINT "receipt_order_id_row" FOREIGN KEY ("studio_id","job_id","order_id") REFERENCES "purchase_order"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "claim" ADD CONSTRAINT "claim_line_id_row" FOREIGN KEY ("studio_id","job_id","line_id") REFERENCES "order_line"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "purchase_order" ADD CONSTRAINT "purchase_order_supplier_id_row" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "supplier"("studio_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "order_line" ADD CONSTRAINT "order_line_order_id_row" FOREIGN KEY ("studio_id","job_id","order_id") REFERENCES "purchase_order"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "order_line" ADD CONSTRAINT "order_line_item_id_row" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "item"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_line_id_row" FOREIGN KEY ("studio_id","job_id","line_id") REFERENCES "order_line"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_voucher_id_row" FOREIGN KEY ("studio_id","job_id","voucher_id") REFERENCES "voucher"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "order_event" ADD CONSTRAINT "order_event_order_id_row" FOREIGN KEY ("studio_id","job_id","order_id") REFERENCES "purchase_order"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
ALTER TABLE "order_event" ADD CONSTRAINT "order_event_line_id_row" FOREIGN KEY ("studio_id","job_id","line_id") REFERENCES "order_line"("studio_id","job_id","id") DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
-- What may be there once waits for the end of a group too, so that two rows can change places.
ALTER TABLE "allotment" ADD CONSTRAINT "allotment_one_per_category" UNIQUE ("studio_id","job_id","category") DEFERRABLE;--> statement-breakpoint
ALTER TABLE "dressing" ADD CONSTRAINT "dressing_one_per_piece" UNIQUE ("studio_id","job_id","scheme_id","piece_id") DEFERRABLE;--> statement-breakpoint
ALTER TABLE "house_rule" ADD CONSTRAINT "house_rule_one_per_need" UNIQUE ("studio_id","job_id","need") DEFERRABLE;--> statement-breakpoint
-- One finish on a surface in each scheme, and one shared by all; of what is still open there may be several.
ALTER TABLE "placement" ADD CONSTRAINT "placement_one_per_surface" EXCLUDE USING btree
  ("studio_id" WITH =, "job_id" WITH =, "surface" WITH =, (coalesce("scheme_id", "job_id")) WITH =)
  WHERE (NOT "candidate") DEFERRABLE;
