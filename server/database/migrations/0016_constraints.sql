-- The limits of a brief are its constraints. What is stored stays as it is.
ALTER TABLE "limit" RENAME TO "constraint";--> statement-breakpoint
DO $$
DECLARE c record;
BEGIN
  FOR c IN SELECT conname FROM pg_constraint
    WHERE conrelid = 'public."constraint"'::regclass AND left(conname, 6) = 'limit_'
  LOOP
    EXECUTE format('ALTER TABLE "constraint" RENAME CONSTRAINT %I TO %I', c.conname,
      left('constraint_' || substr(c.conname, 7), 63));
  END LOOP;
END $$;
