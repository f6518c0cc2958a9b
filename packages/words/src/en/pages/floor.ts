import { list } from '../list';

const links = (count: number): string => (count === 1 ? '1 link' : `${count} links`);
const have = (count: number): string => (count === 1 ? 'has' : 'have');
const places = (count: number): string => (count === 1 ? '1 place' : `${count} places`);

/** What the page of floor plans says of itself. */
export const FLOOR_PAGE = {
  title: 'Floor plan',
  none: 'No floor plan is here yet.',
  whyNone:
    'A picture of a floor, set to scale, with its trays and places on it, tells how long every run is, and where a fault lies.',
  addFirst: 'Choose the picture',
  addMore: 'Add a floor',
  kinds: 'PNG, JPEG, SVG or PDF',
  another: 'Another picture of it',
  failed: (name: string, reason: string) => `${name} can’t be shown: ${reason}`,
  why: {
    'not-a-picture': 'it is no PNG, JPEG, SVG or PDF that this browser can read.',
    'no-size': 'it does not say how wide and high it is.',
    'too-large': 'it is larger than 40 MB.',
    empty: 'there is nothing in it.',
  },
  page: 'Page',
  ofPages: (name: string, count: number) => `${name} has ${count} pages. Which one?`,
  takePage: 'Take this page',
  added: (name: string) => `${name} is added.`,
  unscaled: (name: string) => `${name} has no scale yet.`,
  whyUnscaled:
    'Put two points whose distance you know, as far from each other as you can; a wall that you have measured does.',
  toScale: 'Set the scale',
  undrawn: (count: number, next: string) => `${places(count)} to go: ${next} is next.`,
  whyUndrawn: 'A run has a length once both of its places are on a plan.',
  toPlaces: 'Put places',
  noWays: 'Trays and risers are not drawn yet.',
  whyNoWays: 'Cables go along them: without them no run has a length.',
  toWays: 'Draw a tray',
  sentence: (count: number, off: number) =>
    off === 0
      ? `${links(count)} ${have(count)} a length by the plan.`
      : `${links(count)} ${have(count)} a length by the plan, ${off === 1 ? 'one' : off} not as kept.`,
  left: (count: number) =>
    `${links(count)} ${have(count)} none: a place is missing, or no way leads there.`,
  takeOver: 'Take these lengths over',
  offline: 'That takes the server, which does not answer.',
  taken: (changed: number, same: number, measured: number, routes: readonly string[]) =>
    [
      `${links(changed)} changed.`,
      ...(same > 0 ? [`${links(same)} had this length.`] : []),
      ...(measured > 0
        ? [`${links(measured)} ${measured === 1 ? 'keeps' : 'keep'} what was measured.`]
        : []),
      ...(routes.length > 0
        ? [
            `${list(routes.slice(0, 5))}${routes.length > 5 ? ' …' : ''} ${routes.length === 1 ? 'keeps its own' : 'keep their own'}: the route goes on beyond it.`,
          ]
        : []),
    ].join(' '),
  floors: 'Floor',
  tools: {
    look: 'Lengths',
    place: 'Places',
    way: 'Ways',
    scale: 'Scale',
    sheet: 'Plan',
  },
  toolsLabel: 'What to do on it',
  map: (name: string) => `${name}, to scale`,
  mapKeys:
    'Arrow keys move the plan, plus and minus make it larger and smaller, Enter puts a point at the cross in its middle, Backspace takes the last one off, Escape drops what is begun.',
  larger: 'Larger',
  smaller: 'Smaller',
  whole: 'All of it',
  fields: {
    slack: 'Slack at each end',
    reach: 'Reach from a way',
    place: 'Place',
    height: 'Height',
    name: 'Name',
    width: 'Inside width',
    depth: 'Inside depth',
    fill: 'May be filled to',
    metres: 'Distance',
    floor: 'Floor',
  },
  hints: {
    slack: 'more than the way takes',
    reach: 'so far a cable may hang free',
    place: 'type to find it',
    height: 'above this floor',
    riser: 'how far up from this floor',
    name: 'a riser has one name on all floors',
    fill: 'by the rule that you work to',
    metres: 'between the two points',
    floor: 'above the lowest one',
  },
  kindOf: 'It is a',
  wayKinds: { tray: 'Tray', riser: 'Riser', drop: 'Drop' },
  aboutKinds: {
    tray: 'A tray, duct or beam that lies level: put its points one after the other.',
    riser: 'A shaft that stands and goes through floors: one point; the same name on each floor.',
    drop: 'A stud, post or column that a cable goes down at: one point.',
  },
  putPlace: (place: string) => `Put ${place} where it is on the plan.`,
  movePlace: (place: string) => `${place} is on the plan: put it anew to move it.`,
  noPlace: 'All places of the links are on a plan. Choose one to move it.',
  done: 'It ends here',
  undo: 'Take back',
  drop: 'Drop it',
  points: (count: number) => (count === 1 ? '1 point' : `${count} points`),
  scalePoints: ['Put the first point.', 'Put the second point.', 'Type how far they are apart.'],
  setScale: 'Set the scale',
  scaleNow: (length: string, width: string) => `Scaled by ${length}. The picture is ${width} wide.`,
  off: 'Take off',
  /** A figure with its unit, as it is written. */
  figure: (text: string) => text,
  onIt: 'On this plan',
  rename: 'Keep the change',
  putAway: 'Put the plan away',
  table: { link: 'Link', byPlan: 'By the plan', kept: 'Kept', by: 'Through' },
  noWay: 'no way leads there',
  missing: (names: readonly string[]) => `not drawn: ${list(names)}`,
  all: (count: number) => `Show all ${count}`,
  fills: 'How full',
  fill: (name: string, count: number, share: number | null) =>
    `${name}: ${links(count)}${share === null ? '' : `, ${Math.round(share * 100)} % of what it may hold`}`,
  tooFull: 'too full',
  unknownFill: 'its cross-section is not told',
  here: (label: string, ways: string, from: string, to: string, place: string) =>
    `${label}: here, ${ways}, ${from} to ${to} along the way from ${place}.`,
  hereWays: (names: readonly string[]) =>
    names.length === 0 ? 'between a way and a place' : `in ${list(names)}`,
  mark: (label: string) => `${label} here`,
  spare: (length: string) =>
    `The cable is ${length} longer than the drawn way. Nobody knows where that lies, so the mark is longer by it.`,
  beyond: (label: string) =>
    `${label}: the fault lies beyond the end of the drawn way. The plan, the length or the velocity factor is wrong.`,
  caution:
    'Before you open a wall, floor or duct: look for power, water and gas there, and follow the local code. The drawing shows where the cable was meant to go, not where it went.',
  onFloor: (name: string) => `It is on ${name}.`,
  show: (label: string) => `Show ${label} on the plan`,
  tookBack: 'Taken back from the plan',
  deed: {
    picture: (name: string) => `Plan ${name}`,
    scale: (name: string) => `Scale of ${name}`,
    way: (name: string) => `${name} drawn`,
    place: (name: string) => `${name} put on the plan`,
    off: (name: string) => `${name} taken off the plan`,
  },
  put: (name: string) => `${name} is on the plan.`,
  wayNamed: (kind: string, number: number) => `${kind} ${number}`,
};
