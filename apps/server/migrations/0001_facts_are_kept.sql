-- Ticks and readings are facts: they are superseded by later ones, never changed or deleted.
CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'Rows of % are facts: add a later one instead', TG_TABLE_NAME;
END $$;
--> statement-breakpoint
CREATE TRIGGER ticks_are_kept BEFORE UPDATE OR DELETE OR TRUNCATE ON ticks
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
--> statement-breakpoint
CREATE TRIGGER readings_are_kept BEFORE UPDATE OR DELETE OR TRUNCATE ON readings
  FOR EACH STATEMENT EXECUTE FUNCTION refuse_change();
