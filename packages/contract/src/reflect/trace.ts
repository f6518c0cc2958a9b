import * as z from 'zod';
import { sha256 } from '../blob';
import { factKind, linkFactEndpoints } from '../fact-kind';
import { filled, id, instant, keptFact, line, sentFact } from '../primitives';
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
  .strictObject({ ...sentFact, at: instant.optional(), ...fields })
  .meta({ id: 'KeptTraceInput' });

export const keptTrace = z
  .object({ ...fields, ...keptFact, linkId: id, at: z.string() })
  .meta({ id: 'KeptTrace' });

export type KeptTrace = Shared<z.output<typeof keptTrace>>;

export const traceEndpoints = linkFactEndpoints('traces', keptTraceInput, keptTrace, {
  list: 'Traces and sweeps that were kept of a link, oldest first',
  keep: 'Keep a trace or sweep with its link; its file is kept before: see /api/blobs',
});

export const traceKind = factKind({
  fact: keptTrace,
  keep: traceEndpoints.keep,
  lists: { link: traceEndpoints.list },
  subject: 'linkId',
  at: 'at',
  said: ({ name }) => `Trace ${name}`,
});
