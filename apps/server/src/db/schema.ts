import type { LinkSummary, Part, Tick } from '@near-spoke/contract';
import type { Adapter, AdapterFact } from '@near-spoke/contract/map';
import type { Cord, CordFact } from '@near-spoke/contract/cords';
import type { CableFact } from '@near-spoke/contract/reflect';
import type { Test } from '@near-spoke/contract/tests';
import type { InstrumentKind } from '@near-spoke/contract/instruments';
import type { Jacket, SchoolChoices } from '@near-spoke/core/catalogue';
import type { LengthHow, Net, Pinout, Waypoint, Wiring } from '@near-spoke/core/link';
import type { Entered, LinkState } from '@near-spoke/core/record';
import type { Diagnosis } from '@near-spoke/core/verify';
import { sql } from 'drizzle-orm';
import {
  bigserial,
  boolean,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';

const instant = (name: string) => timestamp(name, { withTimezone: true, mode: 'date' });

/** What people edit: a version on each row, and put away rather than deleted. */
const edited = {
  version: integer('version').notNull().default(1),
  createdAt: instant('created_at').notNull().defaultNow(),
  deletedAt: instant('deleted_at'),
};

/** What is done or seen: its order of arrival and its author. A trigger refuses to change or delete it. */
const fact = {
  id: uuid('id').primaryKey(),
  seq: bigserial('seq', { mode: 'number' }).notNull(),
  author: text('author').notNull(),
  receivedAt: instant('received_at').notNull().defaultNow(),
};

export const sites = pgTable('sites', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  note: text('note').notNull(),
  defaultScheme: text('default_scheme').$type<'T568A' | 'T568B'>().notNull(),
  schemeReason: text('scheme_reason').notNull(),
  schools: jsonb('schools').$type<SchoolChoices>().notNull().default({}),
  units: text('units').$type<'metric' | 'imperial'>().notNull(),
  ...edited,
});

export const links = pgTable(
  'links',
  {
    id: uuid('id').primaryKey(),
    siteId: uuid('site_id')
      .notNull()
      .references(() => sites.id),
    place: bigserial('place', { mode: 'number' }).notNull(),
    label: text('label').notNull(),
    hub: text('hub').notNull(),
    nearPlace: text('near_place').notNull(),
    nearConnector: text('near_connector').notNull(),
    nearScheme: text('near_scheme').$type<'T568A' | 'T568B'>().notNull(),
    farPlace: text('far_place').notNull(),
    farConnector: text('far_connector').notNull(),
    farScheme: text('far_scheme').$type<'T568A' | 'T568B'>().notNull(),
    cable: text('cable').notNull(),
    lengthM: doublePrecision('length_m'),
    /** Whether that is as scheduled, taped, or measured by reflectometry. */
    lengthHow: text('length_how').$type<LengthHow>().notNull().default('scheduled'),
    route: jsonb('route').$type<Waypoint[]>().notNull(),
    environment: text('environment').$type<Jacket>().notNull().default('indoor'),
    schools: jsonb('schools').$type<SchoolChoices>().notNull().default({}),
    note: text('note').notNull(),
    /** Which core is on which contact, where an adapter says so and not a scheme. */
    pinout: jsonb('pinout').$type<Pinout>(),
    /** Counts every change of the link and every fact about it; a trigger does. */
    stamp: integer('stamp').notNull().default(0),
    /** Where the link stands, worked out from its facts; stale once one has come, or what they are judged by has changed. */
    state: text('state').$type<LinkState>().notNull().default('planned'),
    standing: jsonb('standing').$type<Standing>(),
    stale: boolean('stale').notNull().default(true),
    /** What a search looks in. */
    search: text('search')
      .notNull()
      .generatedAlwaysAs(
        sql`lower(label || E'\n' || hub || E'\n' || near_place || E'\n' || far_place || E'\n' || cable || E'\n' || note)`,
      ),
    ...edited,
  },
  (table) => [
    uniqueIndex('links_label')
      .on(table.siteId, table.label)
      .where(sql`deleted_at is null`),
    index('links_site').on(table.siteId, table.place),
    index('links_standing')
      .on(table.siteId, table.hub, table.state)
      .where(sql`deleted_at is null`),
    index('links_stale')
      .on(table.siteId, table.place)
      .where(sql`stale and deleted_at is null`),
  ],
);

/** What is kept of where a link stands. */
export type Standing = Pick<LinkSummary, 'next' | 'ends' | 'testedAt'>;

/** Testers and reflectometers at addresses that a person has entered, and confirmed before anything is sent there. */
export const instruments = pgTable('instruments', {
  id: uuid('id').primaryKey(),
  kind: text('kind').$type<InstrumentKind>().notNull(),
  name: text('name').notNull(),
  host: text('host').notNull(),
  port: integer('port').notNull(),
  confirmedAt: instant('confirmed_at'),
  ...edited,
});

/** What the server notes for itself. */
export const notes = pgTable('notes', {
  name: text('name').primaryKey(),
  value: text('value').notNull(),
  at: instant('at').notNull().defaultNow(),
});

/** Cables and connectors that people have added from their own sheets. */
export const parts = pgTable('parts', {
  id: uuid('id').primaryKey(),
  kind: text('kind').$type<'cable' | 'connector'>().notNull(),
  cable: jsonb('cable').$type<Part['cable']>(),
  connector: jsonb('connector').$type<Part['connector']>(),
  source: text('source').notNull(),
  ...edited,
});

/** Facts: steps and checks, ticked or taken back. */
export const ticks = pgTable(
  'ticks',
  {
    ...fact,
    linkId: uuid('link_id')
      .notNull()
      .references(() => links.id),
    end: text('end').$type<'near' | 'far'>().notNull(),
    key: text('key').notNull(),
    done: boolean('done').notNull(),
    measuredMm: doublePrecision('measured_mm'),
    cause: text('cause').$type<Tick['cause']>().notNull().default(''),
    at: instant('at').notNull(),
  },
  (table) => [
    index('ticks_link').on(table.linkId, table.at, table.seq),
    index('ticks_cause')
      .on(table.seq)
      .where(sql`cause = 'test'`),
  ],
);

/**
 * Facts of every kind, one row each; so far those that take another one back. A trigger refuses to change or
 * delete them, and moves their link on.
 */
export const facts = pgTable(
  'facts',
  {
    ...fact,
    kind: text('kind').$type<FactKind>().notNull(),
    linkId: uuid('link_id')
      .notNull()
      .references(() => links.id),
    at: instant('at').notNull(),
    /** Of the body's form: an older one is read as what it has become. */
    version: integer('version').notNull(),
    body: jsonb('body').$type<unknown>().notNull(),
    /** The fact that this one takes back; each is taken back once. */
    voids: uuid('voids'),
  },
  (table) => [
    index('facts_link').on(table.linkId, table.kind, table.at, table.seq),
    uniqueIndex('facts_voids').on(table.voids),
  ],
);

export type FactKind = 'void';

/** Facts, with the diagnosis that was given when they were taken. */
export const readings = pgTable(
  'readings',
  {
    ...fact,
    linkId: uuid('link_id')
      .notNull()
      .references(() => links.id),
    takenAt: instant('taken_at').notNull(),
    note: text('note').notNull(),
    /** How it came into the record; what was kept before that was asked is unsaid. */
    entered: text('entered').$type<Entered>().notNull().default('unsaid'),
    tester: text('tester').$type<'identifying-remote' | 'pairing'>().notNull(),
    /** What the link should have joined when this was taken. */
    wiring: jsonb('wiring').$type<Wiring>().notNull(),
    nets: jsonb('nets').$type<Net[]>().notNull(),
    splitPairs: jsonb('split_pairs').$type<[string, string][]>().notNull(),
    diagnosis: jsonb('diagnosis').$type<Diagnosis>().notNull(),
  },
  (table) => [
    index('readings_link').on(table.linkId, table.takenAt, table.seq),
    index('readings_seq').on(table.seq),
  ],
);

/** Facts: what testers other than wire-map testers showed, with how it was judged then. */
export const tests = pgTable(
  'tests',
  {
    ...fact,
    linkId: uuid('link_id')
      .notNull()
      .references(() => links.id),
    takenAt: instant('taken_at').notNull(),
    note: text('note').notNull(),
    entered: text('entered').$type<Entered>().notNull().default('unsaid'),
    /** What the link should have joined when this was taken. */
    wiring: jsonb('wiring').$type<Wiring>().notNull(),
    reading: jsonb('reading').$type<Test['reading']>().notNull(),
    verdict: text('verdict').$type<Test['verdict']>().notNull(),
    missed: jsonb('missed').$type<Test['missed']>().notNull(),
    summary: text('summary').notNull(),
  },
  (table) => [index('tests_link').on(table.linkId, table.takenAt, table.seq)],
);

/** Lamp testers of the firm's own, as text: see parseOwnTester. */
export const ownTesters = pgTable('own_testers', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  note: text('note').notNull(),
  steps: text('steps').notNull(),
  supplyV: doublePrecision('supply_v').notNull(),
  seriesOhm: doublePrecision('series_ohm').notNull(),
  lampV: doublePrecision('lamp_v').notNull(),
  ...edited,
});

/** Batches of cords that are alike: how each is made, and which tester is put to them. */
export const cordBatches = pgTable(
  'cord_batches',
  {
    id: uuid('id').primaryKey(),
    siteId: uuid('site_id')
      .notNull()
      .references(() => sites.id),
    name: text('name').notNull(),
    note: text('note').notNull(),
    cord: jsonb('cord').$type<Cord>().notNull(),
    tester: text('tester').$type<CordFact['tester']>().notNull(),
    ...edited,
  },
  (table) => [index('cord_batches_site').on(table.siteId)],
);

/** Facts: what was seen of a cord of a batch, or that an earlier one was a slip. */
export const cordFacts = pgTable(
  'cord_facts',
  {
    ...fact,
    batchId: uuid('batch_id')
      .notNull()
      .references(() => cordBatches.id),
    at: instant('at').notNull(),
    label: text('label').notNull(),
    tester: text('tester').$type<CordFact['tester']>().notNull(),
    verdict: text('verdict').$type<CordFact['verdict']>().notNull(),
    reading: jsonb('reading').$type<Exclude<CordFact['reading'], null>>(),
    summary: text('summary').notNull(),
    entered: text('entered').$type<Entered>().notNull().default('unsaid'),
  },
  (table) => [index('cord_facts_batch').on(table.batchId, table.at, table.seq)],
);

/** Facts: what was measured of a site's cables and reels, and where on a link a fault is. */
export const cableFacts = pgTable(
  'cable_facts',
  {
    ...fact,
    siteId: uuid('site_id')
      .notNull()
      .references(() => sites.id),
    linkId: uuid('link_id').references(() => links.id),
    at: instant('at').notNull(),
    cable: text('cable').notNull(),
    reel: text('reel').notNull(),
    deed: jsonb('deed').$type<CableFact['deed']>().notNull(),
  },
  (table) => [index('cable_facts_site').on(table.siteId, table.at, table.seq)],
);

/** Adapters: two pin tables and what was chosen. What joins what is computed. */
export const adapters = pgTable(
  'adapters',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    note: text('note').notNull(),
    near: jsonb('near').$type<Adapter['near']>().notNull(),
    far: jsonb('far').$type<Adapter['far']>().notNull(),
    cable: text('cable'),
    options: jsonb('options').$type<Adapter['options']>().notNull(),
    linkId: uuid('link_id').references(() => links.id),
    ...edited,
  },
  (table) => [
    uniqueIndex('adapters_link')
      .on(table.linkId)
      .where(sql`deleted_at is null`),
  ],
);

/** Facts: what was measured on an adapter, and what was decided about it. */
export const adapterFacts = pgTable(
  'adapter_facts',
  {
    ...fact,
    adapterId: uuid('adapter_id')
      .notNull()
      .references(() => adapters.id),
    at: instant('at').notNull(),
    deed: jsonb('deed').$type<AdapterFact['deed']>().notNull(),
  },
  (table) => [index('adapter_facts_adapter').on(table.adapterId, table.at, table.seq)],
);
