import { READABLE } from '@near-spoke/core/verify';
import * as z from 'zod';
import { endpoints, versionSeen } from '../endpoint';
import { id, line, version } from '../primitives';
import { testReading } from '../tests';
import type { Shared } from '../shared';

export const INSTRUMENT_KINDS = ['tester', 'reflectometer'] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];

const kind = z.enum(INSTRUMENT_KINDS);
const address = {
  host: z.string().regex(/^[a-zA-Z0-9.:-]{1,255}$/, 'is not a host'),
  port: z.int().min(1).max(65_535),
};

export const instrumentInput = z
  .strictObject({ id: id.optional(), kind, name: line(60).default(''), ...address })
  .meta({ id: 'InstrumentInput', description: 'An instrument on the network of the server.' });

export const instrumentConfirm = z.strictObject(address).meta({
  id: 'InstrumentConfirm',
  description: 'Its address once more, as a person has read it.',
});

export const instrument = z
  .object({
    id: z.string(),
    kind,
    name: z.string(),
    ...address,
    confirmed: z.boolean().meta({ description: 'Nothing is sent to it before.' }),
    named: z.boolean().meta({ description: 'Named where the server was started: it stays.' }),
    answers: z.string().nullable().meta({ description: 'What it calls itself; null: no answer.' }),
    version,
  })
  .meta({ id: 'Instrument' });

export const instrumentList = z
  .object({ instruments: z.array(instrument) })
  .meta({ id: 'InstrumentList' });

export const instrumentRead = z
  .strictObject({ tester: z.enum(READABLE) })
  .meta({ id: 'InstrumentRead', description: 'As which class it shall read.' });

export const instrumentReading = z
  .object({ name: z.string(), reading: testReading })
  .meta({ id: 'InstrumentReading' });

export type Instrument = Shared<z.output<typeof instrument>>;
export type InstrumentInput = Shared<z.input<typeof instrumentInput>>;

export const instrumentEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/instruments',
    summary: 'Testers and reflectometers, and which of them answer',
    answer: instrumentList,
  },
  enter: {
    method: 'post',
    path: '/api/instruments',
    summary: 'Enter an instrument; it is used once its address is confirmed',
    body: instrumentInput,
    status: 201,
    answer: instrument,
  },
  confirm: {
    method: 'post',
    path: '/api/instruments/{id}/confirm',
    of: 'instrument',
    summary: 'Confirm the address of an instrument: from now on the server connects to it',
    body: instrumentConfirm,
    answer: instrument,
  },
  putAway: {
    method: 'delete',
    path: '/api/instruments/{id}',
    of: 'instrument',
    summary: 'Put an instrument away',

    status: 204,
    query: versionSeen,
  },
  read: {
    method: 'post',
    path: '/api/instruments/{id}/read',
    of: 'instrument',
    idAs: z.string().max(80),
    summary: 'Let a tester scan, and read what it shows',
    body: instrumentRead,
    answer: instrumentReading,
  },
});
