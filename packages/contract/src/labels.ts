import { STOCK_KINDS } from '@near-spoke/core/labels';
import * as z from 'zod';
import { endpoints } from './endpoint';
import { end, filled, language, line } from './primitives';
import type { Shared } from './shared';

const mm = z.number().min(0).max(2000);
const size = z.number().min(1).max(2000);
const count = z.int().min(1).max(100);

const stock = z
  .strictObject({
    kind: z.enum(STOCK_KINDS),
    widthMm: size,
    heightMm: size,
    whiteMm: size.default(2000).meta({
      description: 'Of a wrap: how much of its height is white; the rest is clear.',
    }),
    sheet: z.strictObject({
      widthMm: size,
      heightMm: size,
      columns: count,
      rows: count,
      leftMm: mm,
      topMm: mm,
      stepXMm: size,
      stepYMm: size,
    }),
  })
  .meta({
    id: 'LabelStock',
    description:
      'Labels as they lie on a sheet. A wrap goes round the cable with its height, a flag with its width.',
  });

const origin = z.url({ protocol: /^https?$/ }).max(200);

const body = z
  .strictObject({
    lines: z.array(line(120)).min(1).max(3).default(['{label}', '{here}']).meta({
      description:
        'With {label}, {hub}, {panel}, {port}, {floor}, {here}, {there} and {cable}; the first names the link.',
    }),
    floors: z.record(line(500), line(40)).default({}).meta({ description: 'By hub.' }),
    ends: z.array(end).min(1).max(2).default(['near', 'far']),
    origin: origin.nullable().default(null).meta({
      description: 'Where this server is reached: a QR code opens the link there. None without it.',
    }),
    gone: z.int().min(0).max(9999).default(0).meta({
      description: 'Labels that are used already of the first sheet.',
    }),
    stock,
    language,
  })
  .meta({ id: 'LabelsRequest' });
export type LabelsRequest = z.input<typeof body>;

const answer = z
  .object({
    labels: z.int(),
    sheets: z.int(),
    stops: z.array(z.string()).meta({ description: 'Why they are not to be printed like this.' }),
    notes: z.array(z.string()),
    hubs: z.array(z.string()),
    preview: z.string().meta({ description: 'The first sheet, as SVG at its true size.' }),
  })
  .meta({ id: 'LabelSheets' });
export type LabelSheets = Shared<z.output<typeof answer>>;

export const labelEndpoints = endpoints({
  lay: {
    method: 'post',
    path: '/api/sites/{id}/labels',
    of: 'site',
    summary:
      'Labels for the ends of a site’s links: what would be printed, and what is wrong of it',
    body,
    answer,
  },
  print: {
    method: 'post',
    path: '/api/sites/{id}/labels.pdf',
    of: 'site',
    summary: 'The same as sheets at 1:1',
    body,
    answer: 'application/pdf',
  },
  reel: {
    method: 'get',
    path: '/api/sites/{id}/reel-label.pdf',
    of: 'site',
    summary: 'A label for a reel: its name, cable and what it had, with a code that opens it',
    query: z.strictObject({ reel: filled(80), origin, language }),
    answer: 'application/pdf',
  },
});
