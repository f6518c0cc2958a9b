CREATE TABLE "cable_facts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"seq" bigserial NOT NULL,
	"author" text NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL,
	"site_id" uuid NOT NULL,
	"link_id" uuid,
	"at" timestamp with time zone NOT NULL,
	"cable" text NOT NULL,
	"reel" text NOT NULL,
	"deed" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "cable_facts" ADD CONSTRAINT "cable_facts_site_id_sites_id_fk" FOREIGN KEY ("site_id") REFERENCES "public"."sites"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cable_facts" ADD CONSTRAINT "cable_facts_link_id_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."links"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "cable_facts_site" ON "cable_facts" USING btree ("site_id","at","seq");--> statement-breakpoint
CREATE TRIGGER cable_facts_are_kept BEFORE UPDATE OR DELETE OR TRUNCATE ON cable_facts
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
