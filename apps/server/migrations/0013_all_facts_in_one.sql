ALTER TABLE "facts" ADD COLUMN "subject" uuid;--> statement-breakpoint
ALTER TABLE "facts" ADD COLUMN "entered" text DEFAULT 'unsaid' NOT NULL;--> statement-breakpoint
ALTER TABLE "facts" DISABLE TRIGGER facts_are_kept;--> statement-breakpoint
ALTER TABLE "facts" DISABLE TRIGGER facts_move_links;--> statement-breakpoint
UPDATE "facts" SET subject = link_id;--> statement-breakpoint
ALTER TABLE "facts" ALTER COLUMN "subject" SET NOT NULL;--> statement-breakpoint
DROP INDEX "facts_link";--> statement-breakpoint
ALTER TABLE "facts" DROP CONSTRAINT "facts_link_id_links_id_fk";--> statement-breakpoint
ALTER TABLE "facts" DROP COLUMN "link_id";--> statement-breakpoint
-- What was taken back by a fact of its own kind is, for now, that kind's; it becomes a void below.
INSERT INTO "facts" (id, kind, subject, at, author, entered, version, body, received_at)
SELECT id, kind, subject, at, author, entered, 1, body, received_at FROM (
  SELECT 1 AS source, id, seq, 'tick' AS kind, link_id AS subject, at, author, 'unsaid' AS entered, received_at,
    jsonb_build_object('end', "end", 'key', key, 'done', done, 'measuredMm', measured_mm, 'cause', cause) AS body
  FROM ticks
  UNION ALL
  SELECT 2, id, seq, 'reading', link_id, taken_at, author, entered, received_at,
    jsonb_build_object('note', note, 'tester', tester, 'wiring', wiring, 'nets', nets, 'splitPairs', split_pairs, 'diagnosis', diagnosis)
  FROM readings
  UNION ALL
  SELECT 3, id, seq, 'test', link_id, taken_at, author, entered, received_at,
    jsonb_build_object('note', note, 'tester', reading -> 'tester', 'wiring', wiring, 'reading', reading, 'verdict', verdict, 'missed', missed, 'summary', summary)
  FROM tests
  UNION ALL
  SELECT 4, id, seq, 'cord', batch_id, at, author, entered, received_at,
    jsonb_build_object('label', label, 'tester', tester, 'verdict', verdict, 'reading', reading, 'summary', summary)
  FROM cord_facts
  UNION ALL
  SELECT 5, id, seq, 'cable', site_id, at, author, 'unsaid', received_at,
    jsonb_build_object('cable', cable, 'reel', reel, 'linkId', link_id, 'deed', deed)
  FROM cable_facts
  UNION ALL
  SELECT 6, id, seq, 'adapter', adapter_id, at, author, 'unsaid', received_at, jsonb_build_object('deed', deed)
  FROM adapter_facts
) AS earlier ORDER BY received_at, source, seq;--> statement-breakpoint
-- Nothing is let go of before all of it is here.
DO $$
BEGIN
  IF (SELECT count(*) FROM facts WHERE kind <> 'void') <>
     (SELECT count(*) FROM ticks) + (SELECT count(*) FROM readings) + (SELECT count(*) FROM tests) +
     (SELECT count(*) FROM cord_facts) + (SELECT count(*) FROM cable_facts) + (SELECT count(*) FROM adapter_facts)
  THEN RAISE EXCEPTION 'Not every fact was taken over.';
  END IF;
END $$;--> statement-breakpoint
-- What names what it takes back. Something that was taken back twice, or is not there, was so to no effect.
DO $$
DECLARE
  undo record;
  target record;
BEGIN
  FOR undo IN
    SELECT * FROM facts WHERE kind IN ('cord', 'cable', 'adapter')
      AND (body ->> 'verdict' = 'undone' OR body -> 'deed' ->> 'kind' IN ('undone', 'undo'))
    ORDER BY at, seq
  LOOP
    IF undo.kind = 'cord' THEN
      -- The last result of its label that stands.
      SELECT f.* INTO target FROM facts f
        WHERE f.kind = 'cord' AND f.subject = undo.subject AND f.body ->> 'label' = undo.body ->> 'label'
          AND f.body ->> 'verdict' <> 'undone' AND (f.at, f.seq) < (undo.at, undo.seq)
          AND NOT EXISTS (SELECT 1 FROM facts v WHERE v.voids = f.id)
        ORDER BY f.at DESC, f.seq DESC LIMIT 1;
    ELSE
      SELECT f.* INTO target FROM facts f
        WHERE f.id::text = undo.body -> 'deed' ->> 'of' AND f.kind = undo.kind AND f.subject = undo.subject
          AND f.body -> 'deed' ->> 'kind' NOT IN ('undone', 'undo')
          AND NOT EXISTS (SELECT 1 FROM facts v WHERE v.voids = f.id);
    END IF;
    IF target.id IS NULL THEN
      DELETE FROM facts WHERE id = undo.id;
    ELSE
      UPDATE facts SET kind = 'void', voids = target.id, body = jsonb_build_object(
        'reason', 'Taken back.',
        'kind', target.kind,
        'takenAt', to_char(target.at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'),
        'takenBy', target.author,
        'summary', coalesce(target.body ->> 'summary', target.body -> 'deed' ->> 'sentence', target.body -> 'deed' ->> 'kind', '')
      ) WHERE id = undo.id;
    END IF;
  END LOOP;
END $$;--> statement-breakpoint
DROP TABLE "ticks";--> statement-breakpoint
DROP TABLE "readings";--> statement-breakpoint
DROP TABLE "tests";--> statement-breakpoint
DROP TABLE "cord_facts";--> statement-breakpoint
DROP TABLE "cable_facts";--> statement-breakpoint
DROP TABLE "adapter_facts";--> statement-breakpoint
CREATE INDEX "facts_subject" ON "facts" USING btree ("subject","kind","at","seq");--> statement-breakpoint
CREATE INDEX "facts_kind" ON "facts" USING btree ("kind","seq");--> statement-breakpoint
CREATE INDEX "facts_remade" ON "facts" USING btree ("seq") WHERE kind = 'tick' and body ->> 'cause' = 'test';--> statement-breakpoint
ALTER TABLE "facts" ENABLE TRIGGER facts_are_kept;--> statement-breakpoint
ALTER TABLE "facts" ENABLE TRIGGER facts_move_links;--> statement-breakpoint
CREATE OR REPLACE FUNCTION move_link_on() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE links SET stamp = stamp + 1, stale = true WHERE id = NEW.subject;
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE FUNCTION refuse_about_nothing() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF NOT EXISTS (
    SELECT 1 FROM links WHERE id = NEW.subject UNION ALL
    SELECT 1 FROM cord_batches WHERE id = NEW.subject UNION ALL
    SELECT 1 FROM adapters WHERE id = NEW.subject UNION ALL
    SELECT 1 FROM sites WHERE id = NEW.subject
  ) THEN RAISE EXCEPTION 'A fact about nothing: there is no %', NEW.subject USING ERRCODE = 'foreign_key_violation';
  END IF;
  RETURN NEW;
END $$;
--> statement-breakpoint
CREATE TRIGGER facts_are_about_something BEFORE INSERT ON facts
  FOR EACH ROW EXECUTE FUNCTION refuse_about_nothing();
