CREATE TABLE "facts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"seq" bigserial NOT NULL,
	"author" text NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL,
	"kind" text NOT NULL,
	"link_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"version" integer NOT NULL,
	"body" jsonb NOT NULL,
	"voids" uuid
);
--> statement-breakpoint
ALTER TABLE "facts" ADD CONSTRAINT "facts_link_id_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."links"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "facts_link" ON "facts" USING btree ("link_id","kind","at","seq");--> statement-breakpoint
CREATE UNIQUE INDEX "facts_voids" ON "facts" USING btree ("voids");--> statement-breakpoint
CREATE TRIGGER facts_are_kept BEFORE UPDATE OR DELETE OR TRUNCATE ON facts
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER facts_move_links AFTER INSERT ON facts FOR EACH ROW EXECUTE FUNCTION move_link_on();
