-- A studio has a country: what it prints on and when its day begins stand beside how it writes and measures.
ALTER TABLE "studio" ADD COLUMN "paper" text DEFAULT 'A4' NOT NULL;--> statement-breakpoint
ALTER TABLE "studio" ADD COLUMN "time_zone" text DEFAULT 'UTC' NOT NULL;--> statement-breakpoint
DROP FUNCTION bonitas_visitor(text);--> statement-breakpoint
CREATE FUNCTION bonitas_visitor(token text) RETURNS TABLE (member_id uuid, member_name text, member_role text, studio_id uuid,
    studio_name text, currency text, locale text, system text, paper text, time_zone text, is_demo boolean)
  LANGUAGE plpgsql VOLATILE AS $$
  BEGIN
    PERFORM set_config('bonitas.system', 'on', true);
    RETURN QUERY
      SELECT m.id, m.name, m.role, st.id, st.name, st.currency, st.locale, st.system, st.paper, st.time_zone, st.is_demo
      FROM session s JOIN member m ON m.studio_id = s.studio_id AND m.id = s.member_id JOIN studio st ON st.id = s.studio_id
      WHERE s.token_hash = token AND s.expires_at > now();
    PERFORM set_config('bonitas.system', 'off', true);
  END $$;
