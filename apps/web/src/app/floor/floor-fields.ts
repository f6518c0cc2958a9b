import type { WayKind } from '@near-spoke/core/plan/drawing';
import type { UnitSystem } from '@near-spoke/core/units';
import type { Pages } from '@near-spoke/words';
import { fieldsIn } from '../shell/in-units';
import type { NumberField, Texts } from '../shell/number-fields';
import { typedNumbers } from '../shell/typed-number';

/** What is done on a plan. */
export const TOOLS = ['look', 'place', 'way', 'scale', 'sheet'] as const;
export type Tool = (typeof TOOLS)[number];

/** Heights at which sockets and trays usually are, and how full trays are laid. Generic. */
export const USUAL: Readonly<Record<UnitSystem, Texts>> = {
  metric: { slack: '1', reach: '6', placeHeight: '0.4', wayHeight: '2.8', fill: '40' },
  imperial: { slack: '3', reach: '20', placeHeight: '1.25', wayHeight: '9', fill: '40' },
};

const BOUNDS = {
  slack: [0, 100, 'm'],
  reach: [0, 1000, 'm'],
  placeHeight: [-50, 200, 'm'],
  wayHeight: [-50, 200, 'm'],
  width: [1, 5000, 'mm'],
  depth: [1, 5000, 'mm'],
  fill: [1, 100],
  metres: [0.01, 20_000, 'm'],
  sheetFloor: [-50, 200, 'm'],
  page: [1, 10_000],
} as const;

/** What is typed, as numbers; what can’t be read counts as what usually stands there. */
export function typedFor(texts: Texts, units: UnitSystem) {
  const { value, wrong } = typedNumbers(texts, BOUNDS, units);
  const usual = typedNumbers(USUAL[units], BOUNDS, units).value;
  const bad = new Set<string>(wrong);
  const of = (id: keyof typeof BOUNDS): number | null => (bad.has(id) ? null : value[id]);
  const or = (id: keyof typeof BOUNDS): number => of(id) ?? usual[id] ?? 0;
  const [width, depth] = [of('width'), of('depth')];
  return {
    slackM: or('slack'),
    reachM: or('reach'),
    placeM: or('placeHeight'),
    wayM: or('wayHeight'),
    areaMm2: width === null || depth === null ? null : (width * depth * or('fill')) / 100,
    metres: of('metres'),
    floorM: or('sheetFloor'),
    name: (texts['sheetName'] ?? '').trim(),
    page: Math.round(of('page') ?? 1),
  };
}

/** The fields of a tool. */
export function fieldsOf(
  tool: Tool,
  kind: WayKind,
  suggested: string,
  { fields, hints }: Pages['floor'],
  units: UnitSystem,
): NumberField[] {
  const shown: Readonly<Record<Tool, readonly NumberField[]>> = {
    look: [
      { id: 'slack', name: fields.slack, unit: 'm', hint: hints.slack },
      { id: 'reach', name: fields.reach, unit: 'm', hint: hints.reach },
    ],
    place: [{ id: 'placeHeight', name: fields.height, unit: 'm', hint: hints.height }],
    way: [
      {
        id: 'wayName',
        name: fields.name,
        unit: '',
        hint: kind === 'riser' ? hints.name : suggested,
        text: true,
      },
      {
        id: 'wayHeight',
        name: fields.height,
        unit: 'm',
        hint: kind === 'tray' ? hints.height : hints.riser,
      },
      ...(kind === 'tray'
        ? [
            { id: 'width', name: fields.width, unit: 'mm' },
            { id: 'depth', name: fields.depth, unit: 'mm' },
            { id: 'fill', name: fields.fill, unit: '%', hint: hints.fill },
          ]
        : []),
    ],
    scale: [{ id: 'metres', name: fields.metres, unit: 'm', hint: hints.metres }],
    sheet: [
      { id: 'sheetName', name: fields.name, unit: '', text: true },
      { id: 'sheetFloor', name: fields.floor, unit: 'm', hint: hints.floor },
    ],
  };
  return fieldsIn(shown[tool], units);
}
