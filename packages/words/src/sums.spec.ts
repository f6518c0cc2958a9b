import { BUILT_IN } from '@near-spoke/core/catalogue';
import type { Message } from '@near-spoke/core/message';
import { SUPPLIES, buildLamps } from '@near-spoke/core/verify/build';
import { lossBudget } from '@near-spoke/core/verify/coax';
import {
  LIMIT_CLASSES,
  LIMIT_STANDARDS,
  limitName,
  reportLimits,
} from '@near-spoke/core/verify/limits';
import { judgeLoops, powerBudget, powerMessage } from '@near-spoke/core/verify/power';
import {
  LINE_ROWS,
  LINE_SAYS,
  RINGER_LIMITS,
  judgeLine,
  lineMessage,
  ringerLoad,
} from '@near-spoke/core/verify/telephone';
import { GERMAN } from './de';
import { ENGLISH } from './en';
import { tellIn } from './tell';
import { figures } from './testing/figures';

const LOOP = { value: 12, u: 0.4 };
const PLAIN = {
  standard: 'iso',
  name: '6',
  kind: 'channel',
  shielded: false,
  measuredC: 20,
  hottestC: 20,
  file: null,
  cords: { lengthM: 7.5, more: 0.2 },
} as const;

/** Insertion loss of so many ports, as a file; near ends first. */
function fileOf(ports: number, ohm: number, fromMhz = 1, toMhz = 250) {
  const row = (mhz: number) =>
    `${mhz} ${Array.from({ length: ports ** 2 }, () => '-40 0').join(' ')}`;
  const lines = [`# MHz S DB R ${ohm}`, row(fromMhz), row(31.5), row(toMhz)];
  return { name: `a.s${ports}p`, text: lines.join('\n') };
}

function messagesOf(file: ReturnType<typeof fileOf>): Message[] {
  const report = reportLimits({ ...PLAIN, file });
  if (!report.ok) throw new Error(report.reason);
  return [...report.notes, ...report.sweeps.flatMap(({ name, sentence }) => [name, sentence])];
}

const coax = BUILT_IN.cables.find(({ family }) => family === 'coax');
if (!coax) throw new Error('The catalogue has no coaxial cable');

/** Whatever is reckoned of a link beside its wire map. */
const MESSAGES: readonly Message[] = [
  ...LIMIT_STANDARDS.flatMap((standard) =>
    LIMIT_CLASSES.map((name) => limitName({ standard, name })),
  ),
  ...[
    fileOf(2, 100),
    fileOf(4, 100, 4.25, 100),
    fileOf(8, 100),
    fileOf(1, 50),
    fileOf(2, 50),
    fileOf(3, 100),
    {
      ...fileOf(2, 100),
      text: '# MHz S DB R 100\n300 -9 0 -40 0 -40 0 -9 0\n310 -9 0 -40 0 -40 0 -9 0',
    },
  ].flatMap(messagesOf),
  ...[1, 12, 12.9, 16, 18.6, 27.4, 31]
    .flatMap((ohm) => [
      ...judgeLoops(LOOP, [{ pair: 3, ohm }], 25),
      ...judgeLoops(
        LOOP,
        [1, 2, 3].map((pair) => ({ pair, ohm })),
        25,
      ),
      ...judgeLoops(LOOP, [
        { pair: 1, ohm: 12 },
        { pair: 2, ohm },
        { pair: 4, ohm: null },
      ]),
    ])
    .map(({ sentence }) => sentence),
  judgeLoops(LOOP, [{ pair: 2, ohm: 9.1 }])[0]?.sentence ?? limitName(PLAIN),
  judgeLoops({ value: 26, u: 1 }, [{ pair: 2, ohm: 26.5 }], 25)[0]?.sentence ?? limitName(PLAIN),
  ...[LOOP, { value: 90, u: 1 }].flatMap((loop) =>
    powerBudget(loop).flatMap(({ name, sentence }) => [name, sentence]),
  ),
  ...[true, false].flatMap((isWithin) => [
    powerMessage('pair-unbalance', { pair: 2, share: 0.041, differenceOhm: 0.37, isWithin }),
    powerMessage('unbalance-between', { share: 0.12, differenceOhm: 0.64, isWithin }),
  ]),
  ...LINE_SAYS.map((says) => lineMessage('line', { says })),
  ...LINE_ROWS.flatMap(({ id: reading }) => [
    lineMessage('line-order', { reading }),
    lineMessage('line-usual', { reading }),
  ]),
  ...judgeLine({
    idleV: 49,
    aloneV: null,
    demarcationV: null,
    offHookV: null,
    ringingV: null,
  }).remarks,
  ...[
    [1, 0.3],
    [3, 2.2],
  ].map((loads) => ringerLoad(loads, 4).sentence),
  ...RINGER_LIMITS.map(({ name }) => name),
  ...lossBudget({
    cable: coax,
    lengthM: 40,
    mhz: 600,
    temperatureC: 20,
    connectors: 4,
    splitters: [2, 8],
    sheet: null,
  }).rows.map(({ what }) => what),
  ...SUPPLIES.flatMap(({ id: supply }) =>
    [0.004, 0.03, 0.05].flatMap((wantedA) =>
      [1.9, 3.1].flatMap(
        (lampV) => buildLamps({ supply, lampV, wantedA, loopOhm: 17, lamps: 4 }).warnings,
      ),
    ),
  ),
];

describe('what is reckoned of a link', () => {
  const tells = (['metric', 'imperial'] as const).map((units) => [
    tellIn(ENGLISH, units),
    tellIn(GERMAN, units),
  ]);

  it('is all there: every code of limits, loops, power, telephone, loss and lamps', () => {
    const asked = new Set(MESSAGES.map(({ code }) => code));
    const sums = Object.keys(ENGLISH.words).filter((code) =>
      /^(sweep|limit-|cords-|ports-|loop-|pair-unbalance|unbalance-|power-|line|ringer-|loss-|supply-|lamp-|lamps-|resistor-)/.test(
        code,
      ),
    );
    expect(sums.length).toBeGreaterThan(30);
    expect(sums.filter((code) => !asked.has(code))).toEqual([]);
  });

  it('has the same figures in English and in German', () => {
    for (const [english, german] of tells)
      for (const message of MESSAGES) {
        const told = german?.(message) ?? '';
        expect(figures(told))
          .withContext(told)
          .toEqual(figures(english?.(message) ?? ''));
        expect(told).not.toMatch(/\b(the|pair|cable|with|of|is|and)\b|undefined|NaN|\[object/);
        expect(english?.(message)).not.toMatch(/undefined|NaN|\[object/);
      }
  });

  it('names pairs and ends of a sweep, and what was not measured of it', () => {
    const english = tells[0]?.[0];
    const [, ...told] = messagesOf(fileOf(8, 100, 4.25, 100)).map((message) => english?.(message));
    expect(told).toContain('NEXT, near, first and second pair');
    expect(told).toContain('ACR-F, first to fourth pair');
    expect(told).toContain('Return loss, third pair, far');
    expect(told.join('\n')).toContain('Not proven below 4.25 MHz and above 100 MHz.');
  });
});
