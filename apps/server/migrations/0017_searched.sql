ALTER TABLE "facts" ADD COLUMN "words" "tsvector" GENERATED ALWAYS AS (to_tsvector('simple', kind || ' ' || author || ' ' || device)
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, 'strict $.* ? (@.type() == "string")'), '"string"')
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, '$.deed.* ? (@.type() == "string")'), '"string"')
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, '$.diagnosis.verdict') || jsonb_path_query_array(body, '$.diagnosis ? (@.verdict == "fail").summary'), '"string"')
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, '$.diagnosis.faults[*].kind') || jsonb_path_query_array(body, '$.diagnosis.faults[*].sentence'), '"string"')) STORED;--> statement-breakpoint
CREATE INDEX "facts_words" ON "facts" USING gin ("words");--> statement-breakpoint
CREATE INDEX "facts_at" ON "facts" USING btree ("at","seq") WHERE kind <> 'edit';