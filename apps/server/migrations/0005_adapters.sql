CREATE TABLE "adapter_facts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"adapter_id" uuid NOT NULL,
	"seq" bigserial NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"author" text NOT NULL,
	"deed" jsonb NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "adapters" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"near" jsonb NOT NULL,
	"far" jsonb NOT NULL,
	"cable" text,
	"options" jsonb NOT NULL,
	"link_id" uuid,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "pinout" jsonb;--> statement-breakpoint
ALTER TABLE "adapter_facts" ADD CONSTRAINT "adapter_facts_adapter_id_adapters_id_fk" FOREIGN KEY ("adapter_id") REFERENCES "public"."adapters"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "adapters" ADD CONSTRAINT "adapters_link_id_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."links"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "adapter_facts_adapter" ON "adapter_facts" USING btree ("adapter_id","at","seq");--> statement-breakpoint
CREATE UNIQUE INDEX "adapters_link" ON "adapters" USING btree ("link_id") WHERE deleted_at is null;--> statement-breakpoint
CREATE TRIGGER adapter_facts_are_kept BEFORE UPDATE OR DELETE OR TRUNCATE ON adapter_facts
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
