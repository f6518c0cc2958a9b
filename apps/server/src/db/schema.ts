import type { LinkSummary, Part } from '@near-spoke/contract';
import type { FactKindId } from '@near-spoke/contract/facts';
import type { Adapter } from '@near-spoke/contract/map';
import type { Cord, CordBatch } from '@near-spoke/contract/cords';
import type { InstrumentKind } from '@near-spoke/contract/instruments';
import type { Jacket, SchoolChoices } from '@near-spoke/core/catalogue';
import type { LengthHow, Pinout, Waypoint } from '@near-spoke/core/link';
import type { Entered, LinkState } from '@near-spoke/core/record';
import { sql } from 'drizzle-orm';
import {
  bigserial,
  boolean,
  customType,
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

const tsvector = customType<{ data: string }>({ dataType: () => 'tsvector' });

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/** What people edit: a version on each row, and put away rather than deleted. */
const edited = {
  version: integer('version').notNull().default(1),
  /** Who changed it last; a trigger keeps what it was before, as a fact. */
  editedBy: text('edited_by').notNull().default(''),
  createdAt: instant('created_at').notNull().defaultNow(),
  deletedAt: instant('deleted_at'),
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

/**
 * Facts: what was done, seen and measured, of every kind, and what took them back. A trigger refuses to change
 * or delete them, another one those about nothing; one about a link moves it on.
 */
export const facts = pgTable(
  'facts',
  {
    id: uuid('id').primaryKey(),
    /** The order of arrival. */
    seq: bigserial('seq', { mode: 'number' }).notNull(),
    kind: text('kind').$type<FactKindId | 'edit'>().notNull(),
    /** The link, batch of cords, site or adapter that it is about. */
    subject: uuid('subject').notNull(),
    at: instant('at').notNull(),
    author: text('author').notNull(),
    /** On which device it was kept; empty where it was not told. */
    device: text('device').notNull().default(''),
    /** How it came into the record; what was kept before that was asked is unsaid. */
    entered: text('entered').$type<Entered>().notNull().default('unsaid'),
    /** Of the body's form: an older one is read as what it has become. */
    version: integer('version').notNull(),
    body: jsonb('body').$type<Readonly<Record<string, unknown>>>().notNull(),
    /** The fact that this one takes back; each is taken back once. */
    voids: uuid('voids'),
    receivedAt: instant('received_at').notNull().defaultNow(),
    /** What a search looks in: who, what kind, and all short texts of the body, with what a diagnosis found. */
    words: tsvector('words').generatedAlwaysAs(
      sql`to_tsvector('simple', kind || ' ' || author || ' ' || device)
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, 'strict $.* ? (@.type() == "string")'), '"string"')
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, '$.deed.* ? (@.type() == "string")'), '"string"')
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, '$.diagnosis.verdict') || jsonb_path_query_array(body, '$.diagnosis ? (@.verdict == "fail").summary'), '"string"')
        || jsonb_to_tsvector('simple', jsonb_path_query_array(body, '$.diagnosis.faults[*].kind') || jsonb_path_query_array(body, '$.diagnosis.faults[*].sentence'), '"string"')`,
    ),
  },
  (table) => [
    index('facts_words').using('gin', table.words),
    index('facts_at')
      .on(table.at, table.seq)
      .where(sql`kind <> 'edit'`),
    index('facts_subject').on(table.subject, table.kind, table.at, table.seq),
    index('facts_kind').on(table.kind, table.seq),
    index('facts_remade')
      .on(table.seq)
      .where(sql`kind = 'tick' and body ->> 'cause' = 'test'`),
    uniqueIndex('facts_voids').on(table.voids),
  ],
);

/** Files as they were taken: traces and sweeps. Kept once, by what is in them. */
export const blobs = pgTable('blobs', {
  sha256: text('sha256').primaryKey(),
  type: text('type').notNull(),
  bytes: bytea('bytes').notNull(),
  receivedAt: instant('received_at').notNull().defaultNow(),
});

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
    tester: text('tester').$type<CordBatch['tester']>().notNull(),
    ...edited,
  },
  (table) => [index('cord_batches_site').on(table.siteId)],
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
