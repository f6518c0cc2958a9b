import * as z from 'zod';
import { sha256 } from '../blob';
import { endpoints } from '../endpoint';
import { author, filled, id, instant, line } from '../primitives';
import type { Shared } from '../shared';
import { uncertainFactor, uncertainSeconds } from '../uncertain';

const fields = {
  blob: sha256,
  name: filled(200).meta({ description: 'As its file was called.' }),
  bytes: z.int().min(1).max(200_000_000),
  /** Of a trace: when the launch left the tee, on the trace’s own time; null of a sweep. */
  launchAtS: z.number().min(-1).max(1).nullable(),
  velocityFactor: uncertainFactor.meta({ description: 'By which it was read then.' }),
  events: z
    .array(
      z.strictObject({
        kind: z.enum(['open', 'short', 'rise', 'drop', 'series', 'tap', 'matched']),
        delayS: uncertainSeconds,
      }),
    )
    .max(50)
    .meta({ description: 'The places that it told then, there and back from the tee or port.' }),
  note: line(300).default(''),
};

/** A trace or sweep as it was taken, kept with its link. */
export const keptTraceInput = z
  .strictObject({
    id: id.optional(),
    at: instant.optional(),
    author: author.default('unnamed'),
    ...fields,
  })
  .meta({ id: 'KeptTraceInput' });

export const keptTrace = z
  .object({ ...fields, id, linkId: id, at: z.string(), author: z.string() })
  .meta({ id: 'KeptTrace' });

export const keptTraceList = z.object({ traces: z.array(keptTrace) }).meta({ id: 'KeptTraceList' });

export type KeptTrace = Shared<z.output<typeof keptTrace>>;

export const traceEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/links/{id}/traces',
    of: 'link',
    summary: 'Traces and sweeps that were kept of a link, oldest first',
    answer: keptTraceList,
  },
  keep: {
    method: 'post',
    path: '/api/links/{id}/traces',
    of: 'link',
    summary: 'Keep a trace or sweep with its link; its file is kept before: see /api/blobs',
    body: keptTraceInput,
    status: 201,
    answer: keptTrace,
  },
});
