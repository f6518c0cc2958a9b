import type { DrawingMessages } from '@near-spoke/core/plan/drawing';
import { formatDistance } from '@near-spoke/core/units';
import type { WordsFor } from '../tell';
import { written } from './number';

export const DRAWINGS: WordsFor<DrawingMessages> = {
  'drawing-no-scale': ({ drawing }) =>
    `${drawing} hat keinen Maßstab: nichts darauf hat schon eine Länge.`,
  'drawing-coarse-scale': ({ drawing, share }) =>
    `Die zwei Punkte von ${drawing} liegen nah beisammen: so genau sie getroffen sind, können Längen um ${Math.round(200 * share)} % falsch sein. Zwei nehmen, die weiter auseinander liegen.`,
  'drawing-riser-astray': ({ riser, drawing, byM }, { units }) =>
    `${riser} steht auf ${drawing} ${written(formatDistance(byM, units, 1))} anderswo als darunter: falsch gezeichnet, oder ein Maßstab stimmt nicht.`,
  'drawing-apart': ({ drawing }) =>
    `${drawing} hat keinen Steigschacht, den ein anderer Plan hat: von dort führt kein Kabel zu den anderen.`,
};
