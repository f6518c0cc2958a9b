import * as z from 'zod';
import { filled, id, line, version } from '../primitives';

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

export type OwnTester = z.output<typeof ownTester>;
export type OwnTesterInput = z.input<typeof ownTesterInput>;
