-- Flat telephone cords are turned over from now on, unless a site says otherwise: sites that have made some straight keep them so.
UPDATE "sites" SET "schools" = "schools" || '{"cord":{"choice":"straight","reason":"As this site’s cords were made so far"}}'::jsonb
WHERE NOT "schools" ? 'cord' AND (
	EXISTS (SELECT 1 FROM "links" WHERE "links"."site_id" = "sites"."id" AND "links"."cable" IN ('cord-4', 'cord-6'))
	OR EXISTS (SELECT 1 FROM "cord_batches" WHERE "cord_batches"."site_id" = "sites"."id" AND "cord_batches"."cord" ->> 'cable' IN ('cord-4', 'cord-6'))
);
