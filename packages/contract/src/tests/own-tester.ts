import * as z from 'zod';
import { endpoints, versionSeen } from '../endpoint';
import { filled, id, line, version } from '../primitives';
import type { Shared } from '../shared';

const fields = {
  name: filled(60),
  note: line(300),
  /** A step a line: see parseOwnTester. */
  steps: z.string().min(1).max(5000).meta({
    description: 'A step a line, as "all: lamp A near 1, - near 2, join far 1 far 2".',
  }),
  supplyV: z.number().min(0.01).max(60),
  seriesOhm: z.number().min(1e-3).max(1e6),
  lampV: z.number().min(0).max(20),
};

export const ownTesterInput = z
  .strictObject({ ...fields, id: id.optional(), note: fields.note.default('') })
  .meta({ id: 'OwnTesterInput', description: 'A lamp tester of the firm’s own.' });

export const ownTester = z
  .object({ ...fields, id, version, away: z.boolean() })
  .meta({ id: 'OwnTesterKept' });

export const ownTesterList = z
  .object({ testers: z.array(ownTester) })
  .meta({ id: 'OwnTesterList' });

export type OwnTester = Shared<z.output<typeof ownTester>>;
export type OwnTesterInput = Shared<z.input<typeof ownTesterInput>>;

export const ownTesterEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/testers',
    summary: 'Lamp testers of the firm’s own, those put away too',
    answer: ownTesterList,
  },
  make: {
    method: 'post',
    path: '/api/testers',
    summary: 'Keep a lamp tester of one’s own',
    body: ownTesterInput,
    status: 201,
    answer: ownTester,
  },
  putAway: {
    method: 'delete',
    path: '/api/testers/{id}',
    of: 'tester',
    summary: 'Put a tester away: it is offered no more',

    status: 204,
    query: versionSeen,
  },
  restore: {
    method: 'post',
    path: '/api/testers/{id}/restore',
    of: 'tester',
    summary: 'Offer a tester again that was put away',
    answer: ownTester,
  },
});
