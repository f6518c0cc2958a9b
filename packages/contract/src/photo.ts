import * as z from 'zod';
import { sha256 } from './blob';
import { factKind, linkFactEndpoints } from './fact-kind';
import { where } from './note';
import { id, instant, keptFact, line, sentFact } from './primitives';
import type { Shared } from './shared';

const fields = {
  blob: sha256,
  where,
  widthPx: z.int().min(1).max(20_000),
  heightPx: z.int().min(1).max(20_000),
  bytes: z.int().min(1).max(20_000_000),
  text: line(300).default('').meta({ description: 'What is to be seen on it.' }),
};

export const photoInput = z.strictObject({ ...sentFact, at: instant.optional(), ...fields }).meta({
  id: 'PhotoInput',
  description:
    'A photo of an end or of the way, as JPEG or PNG; its file is kept before: see /api/blobs.',
});

export const photo = z
  .object({ ...fields, ...keptFact, linkId: id, at: z.string() })
  .meta({ id: 'Photo' });

export type Photo = Shared<z.output<typeof photo>>;

export const photoEndpoints = linkFactEndpoints('photos', photoInput, photo, {
  list: 'Photos of a link, oldest first',
  keep: 'Keep a photo with a link',
});

export const photoKind = factKind({
  fact: photo,
  keep: photoEndpoints.keep,
  lists: { link: photoEndpoints.list },
  subject: 'linkId',
  at: 'at',
  said: ({ where: seen, text }) =>
    `Photo ${seen === 'along' ? 'along the way' : `of the ${seen} end`}${text && `: ${text}`}`,
});
