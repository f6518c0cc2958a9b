import { session, spoiled, type SessionEnd } from '../src/testing/repair-session';
import { seeded } from '../src/testing/seeded';
import { SESSION_LINKS } from '../src/testing/session-links';

// Two thousand repair sessions on simulated links, followed to the letter: what becomes of them.

const SESSIONS = 2000;
const ENDS: readonly SessionEnd['end'][] = [
  'mended',
  'passed-told',
  'passed-untold',
  'doubt',
  'loop',
];

const pairs = SESSION_LINKS.flatMap(({ name, wiring, kits }) =>
  kits.map((kit) => ({ name, wiring, kit })),
);
const each = Math.ceil(SESSIONS / pairs.length);
const took: number[] = [];

console.log(`link; kit; sessions; ${ENDS.join('; ')}; repeated; tests; minutes`);
for (const [index, { name, wiring, kit }] of pairs.entries()) {
  const random = seeded(2026 + index);
  const rows = Array.from({ length: each }, () =>
    session(spoiled(wiring, random), kit, random, kit[0] === 'beeper' ? 0 : 3),
  );
  took.push(...rows.flatMap(({ tookMs }) => tookMs));
  const count = (is: (row: SessionEnd) => boolean) => rows.filter(is).length;
  const mean = (of: (row: SessionEnd) => number) =>
    (rows.reduce((sum, row) => sum + of(row), 0) / rows.length).toFixed(1);
  console.log(
    [
      name,
      kit.join('+'),
      each,
      ...ENDS.map((end) => count((row) => row.end === end)),
      count(({ repeated }) => repeated),
      mean(({ tests }) => tests),
      mean(({ minutes }) => minutes),
    ].join('; '),
  );
}
took.sort((a, b) => a - b);
const at = (share: number) =>
  Math.round(took[Math.min(took.length - 1, Math.floor(share * took.length))] ?? 0);
console.log(
  `${took.length} advices: median ${at(0.5)} ms, nine tenths ${at(0.9)} ms, worst ${at(1)} ms`,
);
