import { FILE_FORMAT, type AdapterFile } from '@near-spoke/contract/map';
import {
  adapterCard,
  adapterStanding,
  figureSvg,
  solveAdapter,
  spiceSubcircuit,
  writeNets,
} from '@near-spoke/core/map';
import type { Database } from '../db/database';
import { file, type Ask } from '../http/ask';
import { idOf } from '../http/parse';
import { loadCatalogue } from '../parts/repository';
import { figurePdf } from './card-pdf';
import { getAdapter, linkOf, listFacts } from './repository';

/** An adapter and everything that follows from it. */
async function solved(ask: Ask, db: Database) {
  const adapter = await getAdapter(db, idOf(ask, 'adapter'));
  const catalogue = await loadCatalogue(db);
  const solution = solveAdapter(adapter, await linkOf(db, adapter), catalogue);
  return { adapter, solution, task: solution.task };
}

async function cardOf(ask: Ask, db: Database) {
  const { adapter, solution, task } = await solved(ask, db);
  const facts = await listFacts(db, adapter.id);
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

export async function cardPdf(ask: Ask, db: Database) {
  const { adapter, figure } = await cardOf(ask, db);
  const body = await figurePdf(figure, adapter.name);
  return file({ name: `${adapter.name}.pdf`, type: 'application/pdf', body });
}

export async function cardSvg(ask: Ask, db: Database) {
  const { adapter, figure } = await cardOf(ask, db);
  const body = figureSvg(figure, adapter.name);
  return file({ name: `${adapter.name}.svg`, type: 'image/svg+xml; charset=utf-8', body });
}

export async function netsCsv(ask: Ask, db: Database) {
  const { adapter, solution, task } = await solved(ask, db);
  const body = writeNets(solution, task);
  return file({ name: `${adapter.name}.csv`, type: 'text/csv; charset=utf-8', body });
}

export async function adapterAsFile(ask: Ask, db: Database) {
  const { adapter, solution } = await solved(ask, db);
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
  const body = JSON.stringify(written);
  return file({ name: `${name}.json`, type: 'application/json; charset=utf-8', body });
}

export async function subcircuit(ask: Ask, db: Database) {
  const { adapter, solution, task } = await solved(ask, db);
  const body = spiceSubcircuit(adapter.name, solution, task);
  return file({ name: `${adapter.name}.cir`, type: 'text/plain; charset=utf-8', body });
}
