import { FILE_FORMAT, type AdapterFile } from '@near-spoke/contract/map';
import { figureSvg } from '@near-spoke/core/figure';
import {
  adapterCard,
  adapterStanding,
  solveAdapter,
  spiceSubcircuit,
  writeNets,
} from '@near-spoke/core/map';
import type { Database } from '../db/database';
import { listFacts } from '../facts/repository';
import { file } from '../http/reply';
import { loadCatalogue } from '../parts/repository';
import { unitsOf } from '../sites/repository';
import { figurePdf } from './card-pdf';
import { adaptersOf, getAdapter, linkOf } from './repository';

interface OfAdapter {
  readonly id: string;
}

/** An adapter and everything that follows from it. */
async function solved({ id }: OfAdapter, db: Database) {
  const adapter = await getAdapter(db, id);
  const catalogue = await loadCatalogue(db);
  const link = await linkOf(db, adapter);
  // As the site measures that it is part of; one that belongs to none is told in metres.
  const units = link ? await unitsOf(db, link.siteId) : 'metric';
  const solution = solveAdapter(adapter, link, catalogue, units);
  return { adapter, solution, task: solution.task };
}

/** The cards of a site's adapters, those that were put away left out. */
export async function adapterCards(db: Database, siteId: string) {
  const cards = [];
  for (const adapter of await adaptersOf(db, siteId))
    cards.push({ name: adapter.name, figure: (await cardOf(adapter, db)).figure });
  return cards;
}

/** The same as files. */
export async function adapterFiles(db: Database, siteId: string) {
  const files = [];
  for (const adapter of await adaptersOf(db, siteId))
    files.push({ name: adapter.name, text: await writtenOf(adapter, db) });
  return files;
}

async function cardOf(asked: OfAdapter, db: Database) {
  const { adapter, solution, task } = await solved(asked, db);
  const facts = await listFacts(db, 'adapter', adapter.id);
  const standing = adapterStanding(task, solution, facts);
  const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });
  const figure = adapterCard({
    adapter,
    solution,
    task,
    remarks: standing.remarks,
    date: date.format(new Date()),
    ready: standing.tests.shellMayClose,
  });
  return { adapter, figure };
}

export async function cardPdf(asked: OfAdapter, db: Database) {
  const { adapter, figure } = await cardOf(asked, db);
  const body = await figurePdf(figure, adapter.name);
  return file({ name: `${adapter.name}.pdf`, type: 'application/pdf', body });
}

export async function cardSvg(asked: OfAdapter, db: Database) {
  const { adapter, figure } = await cardOf(asked, db);
  const body = figureSvg(figure, adapter.name);
  return file({ name: `${adapter.name}.svg`, type: 'image/svg+xml; charset=utf-8', body });
}

export async function netsCsv(asked: OfAdapter, db: Database) {
  const { adapter, solution, task } = await solved(asked, db);
  const body = writeNets(solution, task);
  return file({ name: `${adapter.name}.csv`, type: 'text/csv; charset=utf-8', body });
}

export async function adapterAsFile(asked: OfAdapter, db: Database) {
  const { name } = await getAdapter(db, asked.id);
  const body = await writtenOf(asked, db);
  return file({ name: `${name}.json`, type: 'application/json; charset=utf-8', body });
}

async function writtenOf(asked: OfAdapter, db: Database): Promise<string> {
  const { adapter, solution } = await solved(asked, db);
  const { name, note, near, far, cable, options } = adapter;
  const written: AdapterFile = {
    format: FILE_FORMAT,
    formatVersion: 1,
    name,
    note,
    near,
    far,
    cable,
    options,
    nets: solution.nets.map((net) => ({
      ...net,
      near: [...net.near],
      far: [...net.far],
      more: net.more ? [...net.more] : undefined,
    })),
  };
  return JSON.stringify(written);
}

export async function subcircuit(asked: OfAdapter, db: Database) {
  const { adapter, solution, task } = await solved(asked, db);
  const body = spiceSubcircuit(adapter.name, solution, task);
  return file({ name: `${adapter.name}.cir`, type: 'text/plain; charset=utf-8', body });
}
