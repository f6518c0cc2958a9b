import {
  BUILT_IN,
  DEFAULT_SCHOOLS,
  OUTLINES,
  SCHEMES,
  SCHOOLS,
  assignCores,
  connectorViews,
  describeView,
  faceContacts,
  parseOutline,
  turnedOver,
  type Assigned,
} from '../../catalogue';
import type { Cases } from './digest';

const bothWays = (assigned: readonly Assigned[]) => [assigned, turnedOver(assigned)];
const SIDES = ['mating', 'wiring'] as const;
const LATCHES = ['up', 'down'] as const;

/** Every row of the catalogue, and what is drawn and said of it. */
export const CATALOGUE_CASES: Cases = {
  ...Object.fromEntries(BUILT_IN.cables.map((row) => [`cable ${row.id}`, () => row])),
  ...Object.fromEntries(
    BUILT_IN.connectors.map((row) => [
      `connector ${row.id}`,
      () => [
        row,
        connectorViews(row),
        BUILT_IN.cables.map((cable) =>
          (['T568A', 'T568B'] as const).map((scheme) =>
            bothWays(assignCores(cable, row, scheme, DEFAULT_SCHOOLS)),
          ),
        ),
      ],
    ]),
  ),
  ...Object.fromEntries(
    OUTLINES.map((row) => [
      `outline ${row.id}`,
      () => [
        row,
        ...(['plug', 'socket'] as const).flatMap((gender) =>
          SIDES.flatMap((side) =>
            LATCHES.map((latch) => {
              const part = { outline: row.id, gender };
              return [describeView(part, { side, latch }), faceContacts(part, { side, latch })];
            }),
          ),
        ),
      ],
    ]),
  ),
  schemes: () => SCHEMES,
  schools: () => SCHOOLS,
  'outlines of one’s own': () =>
    ['grid 2 x 5 pitch 2.54', 'circle 7 diameter 7', '1 0 0\n2 2.5 0\n3 2.5 -2.5', 'grid 2 x'].map(
      (text) => parseOutline(text, 'Own'),
    ),
};
