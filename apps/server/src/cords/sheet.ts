import type { CordSheet } from '@near-spoke/contract/cords';
import { writeCords } from '@near-spoke/core/formats';
import { countCords } from '@near-spoke/core/record';
import { verifyMessage } from '@near-spoke/core/verify';
import { missedOf, procedureOf, testersFor, type Bench } from '@near-spoke/core/verify/explain';
import type { Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { file } from '../http/reply';
import { getSite } from '../sites/repository';
import { benchOfBatch } from './bench';
import { getBatch } from './repository';
import { cordsPdf } from './sheet-pdf';
import { KEPT } from '../words/teller';

interface OfBatch {
  readonly id: string;
}

/** One batch for the client, as data, as CSV and as PDF. */
export const cordSheet = ({ id }: OfBatch, db: Database) => sheetOf(id, db);

export async function cordSheetCsv({ id }: OfBatch, db: Database) {
  const { batch, rows } = await sheetOf(id, db);
  return file({
    name: `${batch.name}.csv`,
    type: 'text/csv; charset=utf-8',
    body: writeCords(rows),
  });
}

export async function cordSheetPdf({ id }: OfBatch, db: Database) {
  const sheet = await sheetOf(id, db);
  const body = await cordsPdf(sheet);
  return file({ name: `${sheet.batch.name}.pdf`, type: 'application/pdf', body });
}

async function sheetOf(id: string, db: Database): Promise<CordSheet> {
  const batch = await getBatch(db, id);
  const site = await getSite(db, batch.siteId);
  const { rows, passed, failed, perMinute } = countCords(await listFacts(db, 'cord', batch.id));
  const bench = await benchOfBatch(db, batch);
  const used = [...new Set(rows.map((row) => row.tester))];
  return {
    batch,
    site: site.name,
    rows: [...rows],
    passed,
    failed,
    perMinute,
    blindTo: blindTo(used.length > 0 ? used : [batch.tester], bench),
    writtenAt: new Date().toISOString(),
  };
}

/** What any of the testers that were used would have let pass. */
function blindTo(used: readonly string[], bench: Bench): string[] {
  const rows = testersFor(bench.wiring).filter(({ id }) => used.includes(id));
  const missed = new Set(
    rows.flatMap((row) =>
      missedOf(procedureOf(row, bench.wiring), bench).flatMap((spot) =>
        spot.missed > 0 ? [spot.kind] : [],
      ),
    ),
  );
  return [...missed].map((kind) => KEPT(verifyMessage('fault-several', { kind })));
}
