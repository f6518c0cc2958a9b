import { adapterFile, adapterInput, adapterPatch } from '@near-spoke/contract/map';
import { inTransaction, type Database } from '../db/database';
import { json, type Ask, type Reply } from '../http/ask';
import { bodyOf, idOf, versionOf } from '../http/parse';
import { knownCable } from '../parts/named-parts';
import { loadCatalogue } from '../parts/repository';
import { createAdapter, setAway, updateAdapter } from './repository';

async function catalogueFor(db: Database, body: { readonly cable?: string | null }) {
  const catalogue = await loadCatalogue(db);
  knownCable(body.cable ?? null, catalogue);
  return catalogue;
}

/** An adapter and the link that it is are written together, or not at all. */
export const keepAdapter = (ask: Ask, db: Database) =>
  inTransaction(db, async (tx) => {
    const body = bodyOf(adapterInput, ask);
    return json(await createAdapter(tx, body, await catalogueFor(tx, body)), 201);
  });

export const importAdapter = (ask: Ask, db: Database) =>
  inTransaction(db, async (tx) => {
    const { format: _, formatVersion: __, nets: ___, ...body } = bodyOf(adapterFile, ask);
    const catalogue = await catalogueFor(tx, body);
    return json(await createAdapter(tx, { ...body, linkId: null }, catalogue), 201);
  });

export const changeAdapter = (ask: Ask, db: Database) =>
  inTransaction(db, async (tx) => {
    const id = idOf(ask, 'adapter');
    const body = bodyOf(adapterPatch, ask);
    return json(await updateAdapter(tx, id, body, await catalogueFor(tx, body)));
  });

export const putAdapterAway = (ask: Ask, db: Database): Promise<Reply> =>
  inTransaction(db, async (tx) => {
    const version = versionOf(ask);
    await setAway(tx, idOf(ask, 'adapter'), true, await loadCatalogue(tx), version);
    return { status: 204, headers: {}, body: new Uint8Array() };
  });

export const takeAdapterBack = (ask: Ask, db: Database) =>
  inTransaction(db, async (tx) =>
    json(await setAway(tx, idOf(ask, 'adapter'), false, await loadCatalogue(tx))),
  );
