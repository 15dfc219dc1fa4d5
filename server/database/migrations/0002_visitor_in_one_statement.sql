-- Whose session this is, in one statement and no transaction of its own: every request asks it first. An ordinary role
-- may not fix a custom setting to a function, so the body opens what the policies hide and closes it again.
CREATE FUNCTION bonitas_visitor(token text) RETURNS TABLE (member_id uuid, member_name text, member_role text, studio_id uuid,
    studio_name text, currency text, locale text, system text, is_demo boolean)
  LANGUAGE plpgsql VOLATILE AS $$
  BEGIN
    PERFORM set_config('bonitas.system', 'on', true);
    RETURN QUERY
      SELECT m.id, m.name, m.role, st.id, st.name, st.currency, st.locale, st.system, st.is_demo
      FROM session s JOIN member m ON m.studio_id = s.studio_id AND m.id = s.member_id JOIN studio st ON st.id = s.studio_id
      WHERE s.token_hash = token AND s.expires_at > now();
    PERFORM set_config('bonitas.system', 'off', true);
  END $$;
