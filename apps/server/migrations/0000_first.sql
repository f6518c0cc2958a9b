CREATE TABLE "links" (
	"id" uuid PRIMARY KEY NOT NULL,
	"site_id" uuid NOT NULL,
	"place" bigserial NOT NULL,
	"label" text NOT NULL,
	"hub" text NOT NULL,
	"near_place" text NOT NULL,
	"near_connector" text NOT NULL,
	"near_scheme" text NOT NULL,
	"far_place" text NOT NULL,
	"far_connector" text NOT NULL,
	"far_scheme" text NOT NULL,
	"cable" text NOT NULL,
	"length_m" double precision,
	"route" jsonb NOT NULL,
	"note" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "readings" (
	"id" uuid PRIMARY KEY NOT NULL,
	"link_id" uuid NOT NULL,
	"seq" bigserial NOT NULL,
	"taken_at" timestamp with time zone NOT NULL,
	"author" text NOT NULL,
	"note" text NOT NULL,
	"tester" text NOT NULL,
	"near_scheme" text NOT NULL,
	"far_scheme" text NOT NULL,
	"shielded" boolean NOT NULL,
	"nets" jsonb NOT NULL,
	"split_pairs" jsonb NOT NULL,
	"diagnosis" jsonb NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sites" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"default_scheme" text NOT NULL,
	"scheme_reason" text NOT NULL,
	"units" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "ticks" (
	"id" uuid PRIMARY KEY NOT NULL,
	"link_id" uuid NOT NULL,
	"seq" bigserial NOT NULL,
	"end" text NOT NULL,
	"key" text NOT NULL,
	"done" boolean NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"author" text NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "links" ADD CONSTRAINT "links_site_id_sites_id_fk" FOREIGN KEY ("site_id") REFERENCES "public"."sites"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readings" ADD CONSTRAINT "readings_link_id_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."links"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ticks" ADD CONSTRAINT "ticks_link_id_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."links"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "links_label" ON "links" USING btree ("site_id","label") WHERE deleted_at is null;--> statement-breakpoint
CREATE INDEX "links_site" ON "links" USING btree ("site_id","place");--> statement-breakpoint
CREATE INDEX "readings_link" ON "readings" USING btree ("link_id","taken_at","seq");--> statement-breakpoint
CREATE INDEX "ticks_link" ON "ticks" USING btree ("link_id","at","seq");