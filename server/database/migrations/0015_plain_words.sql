-- Tables, their constraints and two columns by the terms of the trade. What is stored stays as it is.
DO $$
DECLARE pair text[]; c record;
BEGIN
  FOREACH pair SLICE 1 IN ARRAY ARRAY[
    ['stand','floor_placement'], ['hang','wall_placement'], ['set_out','panel_layout'],
    ['placement','finish_assignment'], ['dressing','scheme_override'], ['pull','sampled_color'],
    ['allotment','budget_share'], ['focus','focal_point'], ['making','fabrication'],
    ['sighting','price_observation'], ['offer','discount']
  ] LOOP
    EXECUTE format('ALTER TABLE %I RENAME TO %I', pair[1], pair[2]);
    FOR c IN SELECT conname FROM pg_constraint
      WHERE conrelid = format('public.%I', pair[2])::regclass AND left(conname, length(pair[1]) + 1) = pair[1] || '_'
    LOOP
      EXECUTE format('ALTER TABLE %I RENAME CONSTRAINT %I TO %I', pair[2], c.conname,
        left(pair[2] || substr(c.conname, length(pair[1]) + 1), 63));
    END LOOP;
  END LOOP;
END $$;--> statement-breakpoint
ALTER TABLE "item" RENAME COLUMN "focus_id" TO "focal_point_id";--> statement-breakpoint
ALTER TABLE "item" RENAME CONSTRAINT "item_focus_id_row" TO "item_focal_point_id_row";--> statement-breakpoint
ALTER TABLE "ledger_entry" RENAME COLUMN "guessed" TO "estimated";--> statement-breakpoint
-- What was accepted goes by the name of its rule.
ALTER TABLE "acceptance" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE "acceptance" a SET "finding" = n.now || substr(a."finding", length(n.before) + 1)
FROM (VALUES
  ('palette.shouts', 'palette.dominates'), ('palette.lamps-turn', 'palette.metameric-shift'),
  ('plan.let-out-blocked', 'plan.extended-blocked'), ('plan.let-out-foot', 'plan.extended-foot'),
  ('ledger.guessed', 'ledger.estimated'), ('brief.focus-empty', 'brief.focal-point-empty'),
  ('brief.limit-broken', 'brief.constraint-broken')
) AS n(before, now)
WHERE a."finding" = n.before OR left(a."finding", length(n.before) + 1) = n.before || '|';--> statement-breakpoint
ALTER TABLE "acceptance" FORCE ROW LEVEL SECURITY;
