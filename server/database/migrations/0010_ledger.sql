CREATE TABLE "ledger_proof" (
	"studio_id" uuid PRIMARY KEY NOT NULL,
	"proved_at" timestamp with time zone NOT NULL,
	"entries" bigint NOT NULL,
	"faults" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "order_event" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"seq" bigint GENERATED ALWAYS AS IDENTITY (sequence name "order_event_seq_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"order_id" uuid NOT NULL,
	"line_id" uuid,
	"kind" text NOT NULL,
	"on" date NOT NULL,
	"expected_on" date,
	"note" text NOT NULL,
	"member_id" uuid NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "order_event_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "posting" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"seq" bigint NOT NULL,
	"account" text NOT NULL,
	"line_id" uuid,
	"amount_minor" bigint NOT NULL,
	CONSTRAINT "posting_studio_id_job_id_seq_account_pk" PRIMARY KEY("studio_id","job_id","seq","account")
);
--> statement-breakpoint
CREATE TABLE "proposal" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"proposed_on" date NOT NULL,
	"amount_minor" bigint NOT NULL,
	"why" text NOT NULL,
	"items" text NOT NULL,
	"state" text NOT NULL,
	"answered_on" date,
	"answer" text NOT NULL,
	CONSTRAINT "proposal_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "voucher" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"supplier_id" uuid,
	"amount_minor" bigint NOT NULL,
	"until_on" date,
	"note" text NOT NULL,
	CONSTRAINT "voucher_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "ledger_entry" DROP CONSTRAINT "ledger_entry_kind_known";--> statement-breakpoint
ALTER TABLE "ledger_entry" ALTER COLUMN "line_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD COLUMN "tax_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD COLUMN "voucher_id" uuid;--> statement-breakpoint
ALTER TABLE "purchase_order" ADD COLUMN "deposit_minor" bigint NOT NULL DEFAULT 0;--> statement-breakpoint
ALTER TABLE "purchase_order" ADD COLUMN "deposit_due_on" date;--> statement-breakpoint
ALTER TABLE "purchase_order" ADD COLUMN "balance_due_on" date;--> statement-breakpoint
ALTER TABLE "ledger_proof" ADD CONSTRAINT "ledger_proof_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_event" ADD CONSTRAINT "order_event_studio_id_job_id_order_id_purchase_order_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","order_id") REFERENCES "public"."purchase_order"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_event" ADD CONSTRAINT "order_event_studio_id_job_id_line_id_order_line_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","line_id") REFERENCES "public"."order_line"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_event" ADD CONSTRAINT "order_event_studio_id_member_id_member_studio_id_id_fk" FOREIGN KEY ("studio_id","member_id") REFERENCES "public"."member"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "posting" ADD CONSTRAINT "posting_studio_id_job_id_seq_ledger_entry_studio_id_job_id_seq_fk" FOREIGN KEY ("studio_id","job_id","seq") REFERENCES "public"."ledger_entry"("studio_id","job_id","seq") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "proposal" ADD CONSTRAINT "proposal_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "voucher" ADD CONSTRAINT "voucher_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "voucher" ADD CONSTRAINT "voucher_studio_id_supplier_id_supplier_studio_id_id_fk" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "public"."supplier"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_studio_id_job_id_voucher_id_voucher_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","voucher_id") REFERENCES "public"."voucher"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "ledger_entry_of_line" ON "ledger_entry" USING btree ("studio_id","job_id","line_id","kind");--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_line_or_job" CHECK (("ledger_entry"."line_id" is null) = ("ledger_entry"."kind" in ('client payment','fee')));--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_kind_known" CHECK ("ledger_entry"."kind" in ('order','cancel','payment','delivery','return','refund','adjustment','charge','gift','client payment','fee'));--> statement-breakpoint
-- Tax inside what was written before entries knew it: its share of the line's.
ALTER TABLE "ledger_entry" DISABLE TRIGGER append_only;--> statement-breakpoint
UPDATE "ledger_entry" e SET "tax_minor" = round(l."tax_minor"::numeric * e."amount_minor" / l."amount_minor")
  FROM "order_line" l
  WHERE l."studio_id" = e."studio_id" AND l."job_id" = e."job_id" AND l."id" = e."line_id"
    AND e."kind" IN ('order','cancel','return') AND l."amount_minor" <> 0;--> statement-breakpoint
-- A reversal takes the money back the way it went.
UPDATE "ledger_entry" r SET "means" = o."means" FROM "ledger_entry" o
  WHERE r."reverses" = o."event_id" AND r."studio_id" = o."studio_id" AND r."job_id" = o."job_id" AND r."line_id" = o."line_id";--> statement-breakpoint
ALTER TABLE "ledger_entry" ENABLE TRIGGER append_only;--> statement-breakpoint
ALTER TABLE "ledger_entry" ALTER COLUMN "tax_minor" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "purchase_order" ALTER COLUMN "deposit_minor" DROP DEFAULT;--> statement-breakpoint
-- Double entry: each kind of entry as accounts that together come to nothing. What is owed stands below zero.
CREATE FUNCTION bonitas_postings(e "ledger_entry") RETURNS TABLE(account text, amount bigint) LANGUAGE sql IMMUTABLE AS $$
  SELECT a.account, a.amount FROM (
    VALUES
      ('goods',  CASE WHEN e.kind = 'order' THEN e.amount_minor - e.tax_minor
                      WHEN e.kind IN ('cancel','return','adjustment') THEN e.tax_minor - e.amount_minor ELSE 0 END),
      ('charges', CASE WHEN e.kind = 'charge' THEN e.amount_minor - e.tax_minor ELSE 0 END),
      ('tax',    CASE WHEN e.kind IN ('order','charge') THEN e.tax_minor
                      WHEN e.kind IN ('cancel','return','adjustment') THEN -e.tax_minor ELSE 0 END),
      ('owed',   CASE WHEN e.kind IN ('order','charge','refund') THEN -e.amount_minor
                      WHEN e.kind IN ('cancel','return','adjustment','payment','gift') THEN e.amount_minor ELSE 0 END),
      (coalesce(e.means, 'bank'),
                 CASE WHEN e.kind = 'payment' THEN -e.amount_minor
                      WHEN e.kind IN ('refund','client payment') THEN e.amount_minor ELSE 0 END),
      ('others', CASE WHEN e.kind = 'gift' THEN -e.amount_minor ELSE 0 END),
      ('client', CASE WHEN e.kind = 'client payment' THEN -e.amount_minor
                      WHEN e.kind = 'fee' THEN e.amount_minor ELSE 0 END),
      ('fee',    CASE WHEN e.kind = 'fee' THEN -e.amount_minor ELSE 0 END)
  ) AS a(account, amount) WHERE a.amount <> 0
$$;--> statement-breakpoint
CREATE FUNCTION bonitas_post() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO posting (studio_id, job_id, seq, account, line_id, amount_minor)
    SELECT NEW.studio_id, NEW.job_id, NEW.seq, p.account, NEW.line_id, p.amount FROM bonitas_postings(NEW) p;
  RETURN NULL;
END $$;--> statement-breakpoint
INSERT INTO posting (studio_id, job_id, seq, account, line_id, amount_minor)
  SELECT e.studio_id, e.job_id, e.seq, p.account, e.line_id, p.amount FROM ledger_entry e, bonitas_postings(e) p;--> statement-breakpoint
CREATE TRIGGER post AFTER INSERT ON "ledger_entry" FOR EACH ROW EXECUTE FUNCTION bonitas_post();--> statement-breakpoint
-- Postings are made by entries and by nothing else.
CREATE FUNCTION bonitas_only_posted() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF pg_trigger_depth() < 2 THEN
    RAISE EXCEPTION 'postings follow from ledger entries: write the entry' USING ERRCODE = 'restrict_violation';
  END IF;
  RETURN NEW;
END $$;--> statement-breakpoint
CREATE TRIGGER only_posted BEFORE INSERT ON "posting" FOR EACH ROW EXECUTE FUNCTION bonitas_only_posted();--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['posting','order_event'] LOOP
    EXECUTE format('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE ON %I FOR EACH ROW EXECUTE FUNCTION bonitas_append_only()', t);
    EXECUTE format('CREATE TRIGGER append_only_truncate BEFORE TRUNCATE ON %I FOR EACH STATEMENT EXECUTE FUNCTION bonitas_append_only()', t);
  END LOOP;
  FOREACH t IN ARRAY ARRAY['posting','order_event','proposal','voucher'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE %I FORCE ROW LEVEL SECURITY', t);
    EXECUTE format('CREATE POLICY own_studio ON %I USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio())', t);
  END LOOP;
END $$;--> statement-breakpoint
-- The proof: what of the ledger does not add up, one row per fault; none when all of it does. It sees the studio of
-- the transaction and reckons from the entries alone, beside the postings.
CREATE FUNCTION bonitas_ledger_faults() RETURNS TABLE(job_id uuid, fault text) LANGUAGE sql STABLE AS $$
  WITH line AS (
    SELECT e.studio_id, e.job_id, e.line_id,
      coalesce(sum(amount_minor) FILTER (WHERE kind = 'order'), 0) AS ordered,
      coalesce(sum(amount_minor) FILTER (WHERE kind = 'charge'), 0) AS charged,
      coalesce(sum(amount_minor) FILTER (WHERE kind IN ('cancel','return','adjustment')), 0) AS credited,
      coalesce(sum(amount_minor) FILTER (WHERE kind = 'payment'), 0) AS paid,
      coalesce(sum(amount_minor) FILTER (WHERE kind = 'gift'), 0) AS given,
      coalesce(sum(amount_minor) FILTER (WHERE kind = 'refund'), 0) AS refunded,
      coalesce(sum(quantity) FILTER (WHERE kind = 'order'), 0) AS pieces,
      coalesce(sum(quantity) FILTER (WHERE kind = 'cancel'), 0) AS cancelled,
      coalesce(sum(quantity) FILTER (WHERE kind = 'delivery'), 0) AS delivered,
      coalesce(sum(quantity) FILTER (WHERE kind = 'return'), 0) AS returned
    FROM ledger_entry e WHERE e.line_id IS NOT NULL GROUP BY 1, 2, 3
  ), owed AS (
    SELECT p.studio_id, p.job_id, p.line_id, sum(p.amount_minor) AS amount
    FROM posting p WHERE p.account = 'owed' GROUP BY 1, 2, 3
  )
  SELECT p.job_id, format('entry %s: its postings come to %s, not to nothing', p.seq, sum(p.amount_minor))
    FROM posting p GROUP BY p.job_id, p.seq HAVING sum(p.amount_minor) <> 0
  UNION ALL
  SELECT e.job_id, format('entry %s of %s has no postings', e.seq, e.amount_minor)
    FROM ledger_entry e WHERE e.amount_minor <> 0 AND e.kind <> 'delivery'
      AND NOT EXISTS (SELECT FROM posting p WHERE p.studio_id = e.studio_id AND p.job_id = e.job_id AND p.seq = e.seq)
  UNION ALL
  SELECT l.job_id, format('line %s: owed %s by its entries, %s by its postings', l.line_id,
                          ordered + charged - credited - paid - given + refunded, -coalesce(o.amount, 0))
    FROM line l LEFT JOIN owed o ON o.studio_id = l.studio_id AND o.job_id = l.job_id AND o.line_id = l.line_id
    WHERE ordered + charged - credited - paid - given + refunded <> -coalesce(o.amount, 0)
  UNION ALL
  SELECT l.job_id, format('line %s: a sum below zero', l.line_id) FROM line l
    WHERE ordered < 0 OR charged < 0 OR paid < 0 OR given < 0 OR refunded < 0
       OR ordered + charged - credited < 0 OR paid + given - refunded < 0 OR paid + given > ordered + charged
  UNION ALL
  SELECT l.job_id, format('line %s: pieces do not add up', l.line_id) FROM line l
    WHERE pieces < 0 OR delivered < 0 OR returned < 0 OR pieces - cancelled - delivered < 0 OR delivered - returned < 0
  UNION ALL
  SELECT r.job_id, format('entry %s does not take back what it names', r.seq)
    FROM ledger_entry r WHERE r.reverses IS NOT NULL AND NOT EXISTS (
      SELECT FROM ledger_entry o WHERE o.studio_id = r.studio_id AND o.job_id = r.job_id AND o.event_id = r.reverses
        AND o.line_id IS NOT DISTINCT FROM r.line_id AND o.kind = r.kind AND o.amount_minor = -r.amount_minor
        AND o.tax_minor = -r.tax_minor AND o.quantity = -r.quantity AND o.means IS NOT DISTINCT FROM r.means
        AND o.voucher_id IS NOT DISTINCT FROM r.voucher_id AND o.reverses IS NULL)
  UNION ALL
  SELECT l.job_id, format('line %s: ordered at another amount than it says', l.id)
    FROM order_line l WHERE NOT EXISTS (
      SELECT FROM ledger_entry e WHERE e.studio_id = l.studio_id AND e.job_id = l.job_id AND e.line_id = l.id
        AND e.kind = 'order' AND e.reverses IS NULL AND e.amount_minor = l.amount_minor AND e.quantity = l.quantity)
  UNION ALL
  SELECT v.job_id, format('%s: more was paid with it than it holds', v.name)
    FROM voucher v WHERE v.amount_minor < (
      SELECT coalesce(sum(e.amount_minor) FILTER (WHERE e.kind = 'payment'), 0) FROM ledger_entry e
        WHERE e.studio_id = v.studio_id AND e.job_id = v.job_id AND e.voucher_id = v.id)
$$;--> statement-breakpoint
ALTER TABLE "ledger_proof" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "ledger_proof" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE POLICY own_studio ON "ledger_proof" USING (studio_id = bonitas_studio()) WITH CHECK (studio_id = bonitas_studio());
