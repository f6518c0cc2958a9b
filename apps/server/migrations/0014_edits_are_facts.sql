ALTER TABLE "adapters" ADD COLUMN "edited_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "cord_batches" ADD COLUMN "edited_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "instruments" ADD COLUMN "edited_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "links" ADD COLUMN "edited_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "own_testers" ADD COLUMN "edited_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "parts" ADD COLUMN "edited_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "sites" ADD COLUMN "edited_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE OR REPLACE FUNCTION refuse_about_nothing() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF NEW.kind <> 'edit' AND NOT EXISTS (
    SELECT 1 FROM links WHERE id = NEW.subject UNION ALL
    SELECT 1 FROM cord_batches WHERE id = NEW.subject UNION ALL
    SELECT 1 FROM adapters WHERE id = NEW.subject UNION ALL
    SELECT 1 FROM sites WHERE id = NEW.subject
  ) THEN RAISE EXCEPTION 'A fact about nothing: there is no %', NEW.subject USING ERRCODE = 'foreign_key_violation';
  END IF;
  RETURN NEW;
END $$;
--> statement-breakpoint
-- Where a link stands does not follow from who has changed it: the change itself moves it on.
DROP TRIGGER facts_move_links ON facts;
--> statement-breakpoint
CREATE TRIGGER facts_move_links AFTER INSERT ON facts FOR EACH ROW
  WHEN (NEW.kind <> 'edit') EXECUTE FUNCTION move_link_on();
--> statement-breakpoint
-- What people edit is kept as it was before each change, in the transaction of the change.
CREATE FUNCTION note_edit() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO facts (id, kind, subject, at, author, version, body)
  VALUES (gen_random_uuid(), 'edit', NEW.id, now(), NEW.edited_by, 1, jsonb_build_object(
    'of', TG_TABLE_NAME,
    'version', OLD.version,
    'before', to_jsonb(OLD) - ARRAY['search', 'standing', 'state', 'stale', 'stamp', 'place']
  ));
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER sites_noted AFTER UPDATE ON sites FOR EACH ROW
  WHEN (NEW.version <> OLD.version) EXECUTE FUNCTION note_edit();
--> statement-breakpoint
CREATE TRIGGER links_noted AFTER UPDATE ON links FOR EACH ROW
  WHEN (NEW.version <> OLD.version) EXECUTE FUNCTION note_edit();
--> statement-breakpoint
CREATE TRIGGER adapters_noted AFTER UPDATE ON adapters FOR EACH ROW
  WHEN (NEW.version <> OLD.version) EXECUTE FUNCTION note_edit();
--> statement-breakpoint
CREATE TRIGGER parts_noted AFTER UPDATE ON parts FOR EACH ROW
  WHEN (NEW.version <> OLD.version) EXECUTE FUNCTION note_edit();
--> statement-breakpoint
CREATE TRIGGER own_testers_noted AFTER UPDATE ON own_testers FOR EACH ROW
  WHEN (NEW.version <> OLD.version) EXECUTE FUNCTION note_edit();
--> statement-breakpoint
CREATE TRIGGER cord_batches_noted AFTER UPDATE ON cord_batches FOR EACH ROW
  WHEN (NEW.version <> OLD.version) EXECUTE FUNCTION note_edit();
--> statement-breakpoint
CREATE TRIGGER instruments_noted AFTER UPDATE ON instruments FOR EACH ROW
  WHEN (NEW.version <> OLD.version) EXECUTE FUNCTION note_edit();
