import type { Asked } from '@near-spoke/contract';
import type { adapterEndpoints } from '@near-spoke/contract/map';
import { inTransaction, type Database } from '../db/database';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { createAdapter, setAway, updateAdapter } from './repository';

type Endpoints = typeof adapterEndpoints;

async function catalogueFor(db: Database, body: { readonly cable?: string | null | undefined }) {
  const catalogue = await loadCatalogue(db);
  knownCable(body.cable ?? null, catalogue);
  return catalogue;
}

/** An adapter and the link that it is are written together, or not at all. */
export const keepAdapter = ({ body }: Asked<Endpoints['keep']>, db: Database) =>
  inTransaction(db, async (tx) => createAdapter(tx, body, await catalogueFor(tx, body)));

export const importAdapter = ({ body }: Asked<Endpoints['read']>, db: Database) =>
  inTransaction(db, async (tx) => {
    const { format: _, formatVersion: __, nets: ___, ...adapter } = body;
    const catalogue = await catalogueFor(tx, adapter);
    return createAdapter(tx, { ...adapter, linkId: null }, catalogue);
  });

export const changeAdapter = ({ id, body, author }: Asked<Endpoints['change']>, db: Database) =>
  inTransaction(db, async (tx) =>
    updateAdapter(tx, id, body, await catalogueFor(tx, body), author),
  );

export const putAdapterAway = ({ id, query, author }: Asked<Endpoints['putAway']>, db: Database) =>
  inTransaction(db, async (tx) => {
    await setAway(tx, id, true, await loadCatalogue(tx), author, query.version);
  });

export const takeAdapterBack = ({ id, author }: Asked<Endpoints['restore']>, db: Database) =>
  inTransaction(db, async (tx) => setAway(tx, id, false, await loadCatalogue(tx), author));
