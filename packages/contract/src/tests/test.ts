import { FAULT_KINDS, TEST_VERDICTS } from '@near-spoke/core/closed-sets';
import * as z from 'zod';
import { endpoints } from '../endpoint';
import { factKind } from '../fact-kind';
import { entered, id, instant, keptFact, line, sentFact } from '../primitives';
import { endWiring } from '../verify';
import { testReading } from './reading';
import type { Shared } from '../shared';

/** A use of a tester that is kept with its link. Whole wire maps are kept as readings. */
export const testInput = z
  .strictObject({
    ...sentFact,
    takenAt: instant.optional(),
    note: line(500).default(''),
    entered: entered.default('unsaid'),
    reading: testReading,
  })
  .superRefine(({ reading }, context) => {
    if ('nets' in reading && reading.moved === null)
      context.addIssue({
        code: 'custom',
        path: ['reading', 'tester'],
        message: 'a whole wire map is a reading: POST it to /readings',
      });
  })
  .meta({ id: 'TestInput' });

export const test = z
  .object({
    ...keptFact,
    linkId: id,
    takenAt: z.string(),
    note: z.string(),
    entered,
    tester: z.string(),
    /** What the link should have joined when this was taken. */
    wiring: z.object({ near: endWiring, far: endWiring }),
    reading: testReading,
    verdict: z.enum(TEST_VERDICTS).meta({
      description: 'A part is as expected, but tells of a part of the link only.',
    }),
    missed: z.array(z.enum(FAULT_KINDS)).meta({
      description: 'Kinds of faults of which at least one would have passed this test.',
    }),
    summary: z.string(),
  })
  .meta({ id: 'Test' });

export const testList = z.object({ tests: z.array(test) }).meta({ id: 'TestList' });

export type Test = Shared<z.output<typeof test>>;

export const testEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/links/{id}/tests',
    of: 'link',
    summary: 'What testers other than wire-map testers showed, oldest first',
    answer: testList,
  },
  keep: {
    method: 'post',
    path: '/api/links/{id}/tests',
    of: 'link',
    summary: 'Keep what a tester showed, judged against a good link',
    body: testInput,
    status: 201,
    answer: test,
  },
});

export const testKind = factKind({
  fact: test,
  keep: testEndpoints.keep,
  lists: { link: testEndpoints.list },
  subject: 'linkId',
  at: 'takenAt',
  said: ({ summary }) => summary,
});
