-- The first room, end to end: studio and members, a job with its room, finishes, items and options, and the
-- ledger of what was ordered, paid, delivered and returned. Money is whole minor units in bigint.
CREATE TABLE "acceptance" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"finding" text NOT NULL,
	"facts" text NOT NULL,
	"reason" text NOT NULL,
	CONSTRAINT "acceptance_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "client" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	CONSTRAINT "client_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "finish" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"code" text NOT NULL,
	"material" text NOT NULL,
	"sheen" text NOT NULL,
	"role" text NOT NULL,
	"lab_l" double precision NOT NULL,
	"lab_a" double precision NOT NULL,
	"lab_b" double precision NOT NULL,
	"measured" boolean NOT NULL,
	"paint_kit" jsonb,
	CONSTRAINT "finish_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "idempotency" (
	"studio_id" uuid NOT NULL,
	"key" text NOT NULL,
	"request_hash" text NOT NULL,
	"answer" jsonb,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "idempotency_studio_id_key_pk" PRIMARY KEY("studio_id","key")
);
--> statement-breakpoint
CREATE TABLE "item" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"category" text NOT NULL,
	"intent" text NOT NULL,
	"specification" text NOT NULL,
	"quantity" integer NOT NULL,
	"target_minor" bigint NOT NULL,
	"max_width_mm" integer,
	"max_depth_mm" integer,
	"max_height_mm" integer,
	"needed_on" date,
	"finish_id" uuid,
	"chosen_option_id" uuid,
	"position" integer NOT NULL,
	CONSTRAINT "item_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "job" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"client_id" uuid NOT NULL,
	"room_name" text NOT NULL,
	"place" text NOT NULL,
	"scheme_name" text NOT NULL,
	"agreed_minor" bigint NOT NULL,
	"reserve_ppm" integer NOT NULL,
	"tax_ppm" integer NOT NULL,
	"prices_include_tax" boolean NOT NULL,
	"install_on" date,
	"color_school" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "job_studio_id_id_pk" PRIMARY KEY("studio_id","id"),
	CONSTRAINT "job_agreed_not_negative" CHECK ("job"."agreed_minor" >= 0)
);
--> statement-breakpoint
CREATE TABLE "ledger_entry" (
	"seq" bigint GENERATED ALWAYS AS IDENTITY (sequence name "ledger_entry_seq_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"event_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"line_id" uuid NOT NULL,
	"amount_minor" bigint NOT NULL,
	"quantity" integer NOT NULL,
	"on" date NOT NULL,
	"means" text,
	"note" text NOT NULL,
	"reverses" uuid,
	"member_id" uuid NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "ledger_entry_studio_id_job_id_seq_pk" PRIMARY KEY("studio_id","job_id","seq"),
	CONSTRAINT "ledger_entry_line_once_per_event" UNIQUE("studio_id","job_id","event_id","line_id"),
	CONSTRAINT "ledger_entry_reversed_once" UNIQUE("studio_id","job_id","reverses","line_id"),
	CONSTRAINT "ledger_entry_kind_known" CHECK ("ledger_entry"."kind" in ('order','cancel','payment','delivery','return','refund')),
	CONSTRAINT "ledger_entry_sign" CHECK (("ledger_entry"."reverses" is null and "ledger_entry"."amount_minor" >= 0 and "ledger_entry"."quantity" >= 0) or ("ledger_entry"."reverses" is not null and "ledger_entry"."amount_minor" <= 0 and "ledger_entry"."quantity" <= 0))
);
--> statement-breakpoint
CREATE TABLE "member" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"email" text NOT NULL,
	"name" text NOT NULL,
	"role" text NOT NULL,
	"password_hash" text NOT NULL,
	CONSTRAINT "member_studio_id_id_pk" PRIMARY KEY("studio_id","id"),
	CONSTRAINT "member_email" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "opening" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"wall" text NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"start_mm" integer NOT NULL,
	"width_mm" integer NOT NULL,
	"height_mm" integer NOT NULL,
	"sill_mm" integer NOT NULL,
	CONSTRAINT "opening_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "option" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"item_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"supplier_id" uuid,
	"price_minor" bigint NOT NULL,
	"pack_size" integer NOT NULL,
	"discount_ppm" integer NOT NULL,
	"discount_minor" bigint NOT NULL,
	"delivery_minor" bigint NOT NULL,
	"fitting_minor" bigint NOT NULL,
	"lead_days" integer,
	"return_days" integer,
	"width_mm" integer,
	"depth_mm" integer,
	"height_mm" integer,
	"note" text NOT NULL,
	CONSTRAINT "option_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "option_of_item" UNIQUE("studio_id","job_id","item_id","id"),
	CONSTRAINT "option_price_not_negative" CHECK ("option"."price_minor" >= 0)
);
--> statement-breakpoint
CREATE TABLE "order_line" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"order_id" uuid NOT NULL,
	"item_id" uuid NOT NULL,
	"option_id" uuid NOT NULL,
	"item_name" text NOT NULL,
	"option_name" text NOT NULL,
	"category" text NOT NULL,
	"quantity" integer NOT NULL,
	"amount_minor" bigint NOT NULL,
	"tax_minor" bigint NOT NULL,
	"return_days" integer,
	CONSTRAINT "order_line_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "order_line_quantity_positive" CHECK ("order_line"."quantity" > 0)
);
--> statement-breakpoint
CREATE TABLE "piece" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"count" integer NOT NULL,
	"width_mm" integer NOT NULL,
	"depth_mm" integer NOT NULL,
	"height_mm" integer NOT NULL,
	"finish_id" uuid,
	"stays" boolean NOT NULL,
	"side" text,
	CONSTRAINT "piece_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
CREATE TABLE "placement" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"surface" text NOT NULL,
	"finish_id" uuid NOT NULL,
	"substrate" text NOT NULL,
	"over_l" double precision,
	"over_a" double precision,
	"over_b" double precision,
	CONSTRAINT "placement_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "placement_one_per_surface" UNIQUE("studio_id","job_id","surface")
);
--> statement-breakpoint
CREATE TABLE "purchase_order" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"number" integer NOT NULL,
	"supplier_id" uuid,
	"supplier_name" text NOT NULL,
	"placed_on" date NOT NULL,
	"expected_on" date,
	"note" text NOT NULL,
	CONSTRAINT "purchase_order_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "purchase_order_number" UNIQUE("studio_id","job_id","number")
);
--> statement-breakpoint
CREATE TABLE "room" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"length_mm" integer,
	"width_mm" integer,
	"height_mm" integer,
	"skirting_mm" integer NOT NULL,
	"lower_wall_mm" integer,
	CONSTRAINT "room_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id"),
	CONSTRAINT "room_one_per_job" UNIQUE("studio_id","job_id")
);
--> statement-breakpoint
CREATE TABLE "session" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"member_id" uuid NOT NULL,
	"expires_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sign_in_failure" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "sign_in_failure_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"key" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "studio" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"currency" text NOT NULL,
	"locale" text NOT NULL,
	"system" text NOT NULL,
	"is_demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "supplier" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	CONSTRAINT "supplier_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "use" (
	"studio_id" uuid NOT NULL,
	"job_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"position" integer NOT NULL,
	CONSTRAINT "use_studio_id_job_id_id_pk" PRIMARY KEY("studio_id","job_id","id")
);
--> statement-breakpoint
ALTER TABLE "acceptance" ADD CONSTRAINT "acceptance_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "client" ADD CONSTRAINT "client_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "finish" ADD CONSTRAINT "finish_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "item" ADD CONSTRAINT "item_studio_id_job_id_finish_id_finish_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "public"."finish"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "job" ADD CONSTRAINT "job_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "job" ADD CONSTRAINT "job_studio_id_client_id_client_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."client"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_studio_id_job_id_line_id_order_line_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","line_id") REFERENCES "public"."order_line"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ledger_entry" ADD CONSTRAINT "ledger_entry_studio_id_member_id_member_studio_id_id_fk" FOREIGN KEY ("studio_id","member_id") REFERENCES "public"."member"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "member" ADD CONSTRAINT "member_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "opening" ADD CONSTRAINT "opening_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_studio_id_job_id_item_id_item_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "public"."item"("studio_id","job_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "option" ADD CONSTRAINT "option_studio_id_supplier_id_supplier_studio_id_id_fk" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "public"."supplier"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_line" ADD CONSTRAINT "order_line_studio_id_job_id_order_id_purchase_order_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","order_id") REFERENCES "public"."purchase_order"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_line" ADD CONSTRAINT "order_line_studio_id_job_id_item_id_item_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","item_id") REFERENCES "public"."item"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "piece" ADD CONSTRAINT "piece_studio_id_job_id_finish_id_finish_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "public"."finish"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "placement" ADD CONSTRAINT "placement_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "placement" ADD CONSTRAINT "placement_studio_id_job_id_finish_id_finish_studio_id_job_id_id_fk" FOREIGN KEY ("studio_id","job_id","finish_id") REFERENCES "public"."finish"("studio_id","job_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "purchase_order" ADD CONSTRAINT "purchase_order_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "purchase_order" ADD CONSTRAINT "purchase_order_studio_id_supplier_id_supplier_studio_id_id_fk" FOREIGN KEY ("studio_id","supplier_id") REFERENCES "public"."supplier"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "room" ADD CONSTRAINT "room_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "session" ADD CONSTRAINT "session_studio_id_member_id_member_studio_id_id_fk" FOREIGN KEY ("studio_id","member_id") REFERENCES "public"."member"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "supplier" ADD CONSTRAINT "supplier_studio_id_studio_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studio"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "use" ADD CONSTRAINT "use_studio_id_job_id_job_studio_id_id_fk" FOREIGN KEY ("studio_id","job_id") REFERENCES "public"."job"("studio_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "sign_in_failure_key_at" ON "sign_in_failure" USING btree ("key","at");