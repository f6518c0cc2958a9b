import { WAY_KINDS } from '@near-spoke/core/plan/drawing';
import * as z from 'zod';
import { sha256 } from './blob';
import { endpoints } from './endpoint';
import { factKind } from './fact-kind';
import { filled, id, instant, keptFact, language, numberText, sentFact } from './primitives';
import type { Shared } from './shared';
import { metres, uncertain } from './uncertain';

const side = z.number().min(1).max(100_000);
const coordinate = z.number().min(-100_000).max(200_000);
const point = z.strictObject({ x: coordinate, y: coordinate });
const heightM = z.number().min(-50).max(200);
const name = filled(120);

const deed = z
  .discriminatedUnion('kind', [
    z.strictObject({
      kind: z.literal('picture'),
      name,
      blob: sha256,
      width: side,
      height: side,
      floorM: heightM.meta({ description: 'How high its floor lies above the lowest one.' }),
    }),
    z.strictObject({
      kind: z.literal('scale'),
      from: point,
      to: point,
      metres: metres.min(0.01),
    }),
    z.strictObject({
      kind: z.literal('way'),
      way: id,
      name,
      of: z.enum(WAY_KINDS),
      points: z.array(point).min(1).max(200),
      heightM: heightM.meta({
        description: 'Above this floor: where a tray lies, or how high a riser or drop goes.',
      }),
      areaMm2: z.number().min(1).max(1_000_000).nullable().default(null).meta({
        description: 'What cables may fill of its cross-section, by the rule that you work to.',
      }),
    }),
    z.strictObject({ kind: z.literal('place'), place: filled(200), at: point, heightM }),
    z.strictObject({
      kind: z.literal('off'),
      what: z.enum(['way', 'place', 'drawing']),
      id: filled(200).meta({ description: 'The way’s id, the place’s name, or the drawing’s id.' }),
    }),
  ])
  .meta({
    id: 'DrawingDeed',
    description:
      'The picture of a floor; its scale; a way that cables take; a place; or what is taken off it. Points are in the picture’s own units, from its top left.',
  });

const fields = {
  drawing: id.meta({ description: 'The plan that it is drawn on: an id of your own.' }),
  deed,
};

export const drawingFactInput = z
  .strictObject({ ...sentFact, at: instant.optional(), ...fields })
  .superRefine(({ deed: drawn }, context) => {
    const wrong = (path: string[], message: string) =>
      context.addIssue({ code: 'custom', path: ['deed', ...path], message });
    if (drawn.kind === 'way' && (drawn.of === 'tray') !== drawn.points.length > 1)
      wrong(['points'], 'are two or more of a tray, and one of what stands');
    if (drawn.kind === 'scale' && drawn.from.x === drawn.to.x && drawn.from.y === drawn.to.y)
      wrong(['to'], 'is the same point');
  })
  .meta({ id: 'DrawingFactInput' });

export const drawingFact = z
  .object({ ...fields, ...keptFact, siteId: id, at: z.string() })
  .meta({ id: 'DrawingFact' });

export type DrawingFact = Shared<z.output<typeof drawingFact>>;

const rules = {
  slackM: metres.default(1).meta({ description: 'More than the way takes, at each end.' }),
  reachM: metres.default(6).meta({
    description: 'So far a cable may leave a way; the nearest way is taken in any case.',
  }),
};

const siteLengths = z
  .object({
    links: z.array(
      z.object({
        id,
        label: z.string(),
        length: uncertain.nullable().meta({
          description: 'Null where a place is not drawn, or no way leads there.',
        }),
        by: z.array(z.string()).meta({ description: 'Names of the ways that it lies in.' }),
        undrawn: z.array(z.string()).meta({ description: 'Its places that are on no plan.' }),
      }),
    ),
    ways: z.array(
      z.object({
        name: z.string(),
        links: z.int(),
        fill: z.number().nullable().meta({
          description: 'Share of what cables may fill; null where that or a jacket is not known.',
        }),
      }),
    ),
    problems: z
      .array(z.string())
      .meta({ description: 'Why lengths can’t be trusted, in a sentence each.' }),
  })
  .meta({ id: 'SiteLengths' });

const takenLengths = z
  .object({
    changed: z.int(),
    same: z.int().meta({ description: 'Links that had this length already.' }),
    measured: z.int().meta({ description: 'Links that keep what was measured.' }),
    routes: z.array(z.string()).meta({
      description: 'Labels of links that keep theirs: their route goes on beyond the drawn length.',
    }),
    none: z.int().meta({ description: 'Links without a length by the plans.' }),
  })
  .meta({ id: 'TakenLengths' });
export type TakenLengths = Shared<z.output<typeof takenLengths>>;

export const drawingEndpoints = endpoints({
  list: {
    method: 'get',
    path: '/api/sites/{id}/drawings',
    of: 'site',
    summary: 'What was drawn on a site’s plans, oldest first',
    answer: z.object({ facts: z.array(drawingFact) }).meta({ id: 'DrawingFactList' }),
  },
  keep: {
    method: 'post',
    path: '/api/sites/{id}/drawings',
    of: 'site',
    summary: 'Draw on a plan: its picture, scale, a way, a place; or take one off',
    body: drawingFactInput,
    status: 201,
    answer: drawingFact,
  },
  lengths: {
    method: 'get',
    path: '/api/sites/{id}/lengths',
    of: 'site',
    summary: 'How long a site’s links are by its plans, and how full their ways are',
    query: z.strictObject({
      slackM: numberText(metres).default(1),
      reachM: numberText(metres).default(6),
      language,
    }),
    answer: siteLengths,
  },
  takeOver: {
    method: 'post',
    path: '/api/sites/{id}/lengths',
    of: 'site',
    summary:
      'Give links the lengths that its plans have: those that were taped or measured by reflectometry keep theirs',
    body: z.strictObject(rules).meta({ id: 'TakeLengthsRequest' }),
    answer: takenLengths,
  },
});

const SAID: Readonly<Record<DrawingFact['deed']['kind'], string>> = {
  picture: 'Plan',
  scale: 'Scale of a plan',
  way: 'Way on a plan:',
  place: 'On a plan:',
  off: 'Taken off a plan',
};

export const drawingKind = factKind({
  fact: drawingFact,
  keep: drawingEndpoints.keep,
  lists: { site: drawingEndpoints.list },
  subject: 'siteId',
  at: 'at',
  said: ({ deed: drawn }) => {
    const what = 'name' in drawn ? drawn.name : 'place' in drawn ? drawn.place : '';
    return `${SAID[drawn.kind]} ${what}`.trim();
  },
});
