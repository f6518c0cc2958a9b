import type { DrawingMessages } from '@near-spoke/core/plan/drawing';
import { formatDistance } from '@near-spoke/core/units';
import type { WordsFor } from '../tell';

export const DRAWINGS: WordsFor<DrawingMessages> = {
  'drawing-no-scale': ({ drawing }) => `${drawing} has no scale: nothing on it has a length yet.`,
  'drawing-coarse-scale': ({ drawing, share }) =>
    `The two points of ${drawing} lie close together: by how well they are hit, lengths may be ${Math.round(200 * share)} % off. Take two that are farther apart.`,
  'drawing-riser-astray': ({ riser, drawing, byM }, { units }) =>
    `${riser} stands ${formatDistance(byM, units, 1)} elsewhere on ${drawing} than below: it is drawn wrong, or one of the scales is.`,
  'drawing-apart': ({ drawing }) =>
    `${drawing} has no riser that another plan has: no cable leads from there to the others.`,
};
