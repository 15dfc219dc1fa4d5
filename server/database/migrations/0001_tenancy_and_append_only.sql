-- Three promises that the tables alone do not keep: nobody sees another studio's rows, the ledger only grows,
-- and the chosen option belongs to the item that chose it.

-- item and option name each other, so this key could not be made with either table.
ALTER TABLE "item" ADD CONSTRAINT "item_chosen_option_fk" FOREIGN KEY ("studio_id","job_id","id","chosen_option_id")
  REFERENCES "option"("studio_id","job_id","item_id","id");--> statement-breakpoint

-- Row level security, forced so that it binds the owner of the tables too. A transaction says whose it is with
-- set_config('bonitas.studio', id, true); without it nothing is visible.
CREATE FUNCTION bonitas_studio() RETURNS uuid LANGUAGE sql STABLE
  AS $$ SELECT nullif(current_setting('bonitas.studio', true), '')::uuid $$;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['client','supplier','job','room','use','opening','finish','placement','piece','item','option',
                           'acceptance','purchase_order','order_line','ledger_entry','idempotency'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;--> statement-breakpoint

-- Signing in happens before the studio is known; only that code sets bonitas.system.
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['member','session'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio() OR current_setting(''bonitas.system'', true) = ''on'')', t);
  END LOOP;
END $$;--> statement-breakpoint
ALTER TABLE "studio" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "studio" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY own_studio ON "studio" USING (id = bonitas_studio() OR current_setting('bonitas.system', true) = 'on');--> statement-breakpoint

-- A mistake in the ledger is mended by a reversing entry, never by changing what was written.
CREATE FUNCTION bonitas_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only: mend a mistake with a reversing entry', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END $$;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['purchase_order','order_line','ledger_entry'] LOOP
    EXECUTE format('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE ON %I FOR EACH ROW EXECUTE FUNCTION bonitas_append_only()', t);
    EXECUTE format('CREATE TRIGGER append_only_truncate BEFORE TRUNCATE ON %I FOR EACH STATEMENT EXECUTE FUNCTION bonitas_append_only()', t);
  END LOOP;
END $$;
