CREATE TABLE "cord_batches" (
	"id" uuid PRIMARY KEY NOT NULL,
	"site_id" uuid NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"cord" jsonb NOT NULL,
	"tester" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "cord_facts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"batch_id" uuid NOT NULL,
	"seq" bigserial NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"author" text NOT NULL,
	"label" text NOT NULL,
	"tester" text NOT NULL,
	"verdict" text NOT NULL,
	"reading" jsonb,
	"summary" text NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "tests" (
	"id" uuid PRIMARY KEY NOT NULL,
	"link_id" uuid NOT NULL,
	"seq" bigserial NOT NULL,
	"taken_at" timestamp with time zone NOT NULL,
	"author" text NOT NULL,
	"note" text NOT NULL,
	"wiring" jsonb NOT NULL,
	"reading" jsonb NOT NULL,
	"verdict" text NOT NULL,
	"missed" jsonb NOT NULL,
	"summary" text NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "cord_batches" ADD CONSTRAINT "cord_batches_site_id_sites_id_fk" FOREIGN KEY ("site_id") REFERENCES "public"."sites"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cord_facts" ADD CONSTRAINT "cord_facts_batch_id_cord_batches_id_fk" FOREIGN KEY ("batch_id") REFERENCES "public"."cord_batches"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tests" ADD CONSTRAINT "tests_link_id_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."links"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "cord_batches_site" ON "cord_batches" USING btree ("site_id");--> statement-breakpoint
CREATE INDEX "cord_facts_batch" ON "cord_facts" USING btree ("batch_id","at","seq");--> statement-breakpoint
CREATE INDEX "tests_link" ON "tests" USING btree ("link_id","taken_at","seq");--> statement-breakpoint
CREATE TRIGGER tests_are_kept BEFORE UPDATE OR DELETE OR TRUNCATE ON tests
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER cord_facts_are_kept BEFORE UPDATE OR DELETE OR TRUNCATE ON cord_facts
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
