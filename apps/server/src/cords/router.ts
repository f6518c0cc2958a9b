import {
  cordBatchInput,
  cordFactInput,
  type CordBatch,
  type CordSheet,
} from '@near-spoke/contract/cords';
import { seenOf } from '@near-spoke/contract/tests';
import { writeCords } from '@near-spoke/core/formats';
import { countCords } from '@near-spoke/core/record';
import { SEVERAL_FAULTS, tester } from '@near-spoke/core/verify';
import {
  compareTest,
  cordBenchOf,
  missedOf,
  procedureOf,
  testersFor,
  type Bench,
} from '@near-spoke/core/verify/explain';
import { Router, type Response } from 'express';
import type * as z from 'zod';
import type { Database } from '../db/database';
import { parseBody, parseId } from '../http/parse';
import { refuse } from '../http/problem-error';
import { refuseUnknownParts } from '../parts/named-parts';
import { jobOf } from '../sites/job';
import { getSite } from '../sites/repository';
import { refuseStrangers } from '../tests/refuse-strangers';
import { addFact, createBatch, getBatch, listBatches, listFacts } from './repository';
import { cordsPdf } from './sheet-pdf';

/** Batches of cords that are alike. */
export function cordsRouter(db: Database): Router {
  const router = Router();
  const benchOf = async ({ siteId, cord }: Pick<CordBatch, 'siteId' | 'cord'>) =>
    cordBenchOf(cord, await jobOf(db, await getSite(db, siteId)));

  router.get('/sites/:id/cords', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const batches = await listBatches(db, site.id);
    const counted = batches.map(async (batch) => {
      const { passed, failed } = countCords(await listFacts(db, batch.id));
      return { ...batch, passed, failed };
    });
    response.json({ batches: await Promise.all(counted) });
  });
  router.post('/sites/:id/cords', async (request, response) => {
    const site = await getSite(db, parseId(request, 'site'));
    const body = parseBody(cordBatchInput, request);
    const job = await jobOf(db, site);
    refuseUnknownParts(body.cord, job.catalogue);
    refuseTester(body.tester, cordBenchOf(body.cord, job));
    response.status(201).json(await createBatch(db, site.id, body));
  });
  router.get('/cords/:id', async (request, response) => {
    response.json(await getBatch(db, parseId(request, 'batch of cords')));
  });
  router.get('/cords/:id/facts', async (request, response) => {
    const { id } = await getBatch(db, parseId(request, 'batch of cords'));
    response.json({ facts: await listFacts(db, id) });
  });
  router.post('/cords/:id/facts', async (request, response) => {
    const batch = await getBatch(db, parseId(request, 'batch of cords'));
    const input = parseBody(cordFactInput, request);
    const bench = await benchOf(batch);
    refuseTester(input.tester, bench);
    response.status(201).json(await addFact(db, batch.id, input, summaryOf(input, bench)));
  });

  const sheetOf = async (id: string): Promise<CordSheet> => {
    const batch = await getBatch(db, id);
    const site = await getSite(db, batch.siteId);
    const { rows, passed, failed, perMinute } = countCords(await listFacts(db, id));
    const bench = await benchOf(batch);
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
  };
  const named = (response: Response, { batch }: CordSheet, ending: string) => {
    const file = batch.name.replace(/[^\w-]+/g, '-').replace(/^-+|-+$/g, '') || 'cords';
    return response.set('Content-Disposition', `inline; filename="${file}${ending}"`);
  };
  router.get('/cords/:id/sheet', async (request, response) => {
    response.json(await sheetOf(parseId(request, 'batch of cords')));
  });
  router.get('/cords/:id/sheet.csv', async (request, response) => {
    const sheet = await sheetOf(parseId(request, 'batch of cords'));
    named(response, sheet, '.csv').type('text/csv').send(writeCords(sheet.rows));
  });
  router.get('/cords/:id/sheet.pdf', async (request, response) => {
    const sheet = await sheetOf(parseId(request, 'batch of cords'));
    const pdf = await cordsPdf(sheet);
    named(response, sheet, '.pdf').type('application/pdf').send(pdf);
  });
  return router;
}

function refuseTester(id: CordBatch['tester'], { wiring }: Bench): void {
  refuse(
    testersFor(wiring).some((row) => row.id === id)
      ? []
      : [{ path: 'tester', reason: `${tester(id).name} can’t be put to this kind of cord` }],
  );
}

/** What is said of a cord; a pass that shows a fault is refused. */
function summaryOf({ verdict, reading }: z.output<typeof cordFactInput>, bench: Bench): string {
  if (verdict === 'undone') return 'Taken back.';
  if (!reading) return verdict === 'pass' ? 'As on a good cord.' : 'A fault, not described.';
  refuseStrangers([reading], bench.wiring, () => 'reading.');
  const { good, summary } = compareTest(seenOf(reading), bench);
  if (good !== (verdict === 'pass'))
    refuse([
      {
        path: 'verdict',
        reason: good ? 'the reading shows no fault' : 'the reading shows a fault',
      },
    ]);
  return summary;
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
  return [...missed].map((kind) => SEVERAL_FAULTS[kind]);
}
