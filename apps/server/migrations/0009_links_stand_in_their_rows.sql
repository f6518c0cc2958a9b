CREATE TABLE "instruments" (
	"id" uuid PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"host" text NOT NULL,
	"port" integer NOT NULL,
	"confirmed_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "notes" (
	"name" text PRIMARY KEY NOT NULL,
	"value" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "stamp" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "state" text DEFAULT 'planned' NOT NULL;--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "standing" jsonb;--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "stale" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "search" text GENERATED ALWAYS AS (lower(label || E'
' || hub || E'
' || near_place || E'
' || far_place || E'
' || cable || E'
' || note)) STORED NOT NULL;--> statement-breakpoint
CREATE INDEX "links_standing" ON "links" USING btree ("site_id","hub","state") WHERE deleted_at is null;--> statement-breakpoint
CREATE INDEX "links_stale" ON "links" USING btree ("site_id","place") WHERE stale and deleted_at is null;--> statement-breakpoint
CREATE INDEX "readings_seq" ON "readings" USING btree ("seq");--> statement-breakpoint
CREATE INDEX "ticks_cause" ON "ticks" USING btree ("seq") WHERE cause = 'test';--> statement-breakpoint
-- A fact moves its link on: where it stands has to be worked out anew.
CREATE FUNCTION move_link_on() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE links SET stamp = stamp + 1, stale = true WHERE id = NEW.link_id;
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER ticks_move_links AFTER INSERT ON ticks FOR EACH ROW EXECUTE FUNCTION move_link_on();
--> statement-breakpoint
CREATE TRIGGER readings_move_links AFTER INSERT ON readings FOR EACH ROW EXECUTE FUNCTION move_link_on();
--> statement-breakpoint
CREATE TRIGGER tests_move_links AFTER INSERT ON tests FOR EACH ROW EXECUTE FUNCTION move_link_on();
--> statement-breakpoint
-- So does a change of the link itself, or of the adapter that it is.
CREATE FUNCTION link_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  NEW.stamp := OLD.stamp + 1;
  NEW.stale := true;
  RETURN NEW;
END $$;
--> statement-breakpoint
CREATE TRIGGER links_changed BEFORE UPDATE ON links FOR EACH ROW
  WHEN (NEW.version <> OLD.version OR NEW.pinout IS DISTINCT FROM OLD.pinout)
  EXECUTE FUNCTION link_changed();
--> statement-breakpoint
-- And what all links of a site are judged by.
CREATE FUNCTION site_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE links SET stale = true WHERE site_id = NEW.id;
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER sites_changed AFTER UPDATE ON sites FOR EACH ROW
  WHEN (NEW.schools IS DISTINCT FROM OLD.schools OR NEW.units <> OLD.units)
  EXECUTE FUNCTION site_changed();
--> statement-breakpoint
-- A part counts for the links that name it, and for those that wait for one that fits.
CREATE FUNCTION part_changed() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE links SET stale = true
    WHERE cable = NEW.id::text OR near_connector = NEW.id::text OR far_connector = NEW.id::text
       OR state = 'does-not-fit';
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER parts_changed AFTER INSERT OR UPDATE ON parts FOR EACH ROW EXECUTE FUNCTION part_changed();
