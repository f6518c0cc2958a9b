import { analyse, type TraceEvent } from '../src/reflect/analyse';
import { LIGHT_M_S, WITHIN_95 } from '../src/units';
import { sweepCase, traceCase, type FieldCase, type TruePlace } from '../src/testing/field/cases';
import { toldOf } from '../src/testing/field/told-of';

// Captures of lines by another model, and what is told of them: `npm run bench:field -- sweep 200 1`, or `pulse`, `step`.

/** Nearer than this share of the way, or than what the capture resolves, a place is the right one. */
const NEAR_SHARE = 0.012;
const LEAST_NEAR_M = 0.15;
/** From here on a kind or an end is told as sure. */
const SURE = 0.9;
/** Up to here nothing is promised of where it is. */
const DOUBTFUL = 0.5;

const nearEnough = ({ resolutionM }: FieldCase, atM: number): number =>
  Math.max(LEAST_NEAR_M, NEAR_SHARE * atM, resolutionM);

interface Judged {
  readonly one: FieldCase;
  readonly seconds: number;
  readonly events: readonly TraceEvent[];
  readonly problems: readonly string[];
  readonly missed: readonly TruePlace[];
  readonly invented: readonly TraceEvent[];
  /** Whether the end that must be told is told as an end, at its place; null where none must. */
  readonly endRight: boolean | null;
  readonly wrongEnds: readonly TraceEvent[];
  /** How sure each event was told, and whether it is there, of that kind, and an end or not as told. */
  readonly told: readonly { readonly confidence: number; readonly isRight: boolean }[];
  /** Of places that were found: whether the 95 % interval of each delay holds the true one. */
  readonly held: readonly boolean[];
}

export function judgeCase(one: FieldCase): Judged {
  const begun = performance.now();
  const answer = analyse(one.capture, toldOf(one));
  const seconds = (performance.now() - begun) / 1000;
  const events = answer.ok ? answer.analysis.events.filter(({ kind }) => kind !== 'ghost') : [];
  const at = (atM: number) => (event: TraceEvent) =>
    Math.abs(event.distanceM.value - atM) <= nearEnough(one, atM);
  const trueS = (atM: number) => (2 * atM) / (one.cable.velocityFactor * LIGHT_M_S);
  const held = one.places.flatMap(({ atM }) =>
    events
      .filter((event) => at(atM)(event) && event.confidence > DOUBTFUL)
      .slice(0, 1)
      .map(({ delayS: { value, u } }) => Math.abs(value - trueS(atM)) < WITHIN_95 * u),
  );
  const must = one.places.filter(({ mustBeTold }) => mustBeTold);
  const end = must.find((place) => place.end);
  return {
    one,
    seconds,
    events,
    problems: answer.ok ? answer.analysis.problems.map(({ kind }) => kind) : [answer.reason.code],
    missed: must.filter(({ atM }) => !events.some(at(atM))),
    invented: events.filter(({ distanceM: { value } }) =>
      one.places.every(({ atM }) => Math.abs(value - atM) > nearEnough(one, atM)),
    ),
    endRight: end ? events.some((event) => event.end && at(end.atM)(event)) : null,
    held,
    told: events.map((event) => ({
      confidence: event.confidence,
      isRight: one.places.some(
        (place) => at(place.atM)(event) && place.kind === event.kind && place.end === event.end,
      ),
    })),
    wrongEnds: events.filter(
      (event) => event.end && !one.places.some((place) => place.end && at(place.atM)(event)),
    ),
  };
}

const share = (part: number, all: number): string =>
  all === 0 ? '–' : `${part} of ${all} (${Math.round((100 * part) / all)} %)`;

const [of = 'sweep', count = '120', from = '1', all = ''] = process.argv.slice(2);
const caseOf = (seed: number): FieldCase =>
  of === 'pulse' || of === 'step' ? traceCase(seed, of) : sweepCase(seed);
const judged: Judged[] = [];
for (let seed = Number(from); seed < Number(from) + Number(count); seed += 1) {
  const row = judgeCase(caseOf(seed));
  judged.push(row);
  const bad =
    row.missed.length > 0 ||
    row.invented.length > 0 ||
    row.wrongEnds.length > 0 ||
    row.endRight === false;
  if (bad || all === 'all')
    console.log(
      `${seed} ${row.one.name} | true ${row.one.places.map(({ kind, atM, mustBeTold }) => `${kind} ${atM.toFixed(2)}${mustBeTold ? '' : '?'}`).join(', ')} | told ${row.events.map(({ kind, distanceM, end, reflection, confidence }) => `${kind} ${distanceM.value.toFixed(2)} ${reflection.value.toFixed(2)}${end ? ' END' : ''} ${confidence.toFixed(2)}`).join(', ')} | ${row.problems.join(' ')} ${row.seconds.toFixed(1)} s`,
    );
}
const kinds = [...new Set(judged.map(({ one }) => one.name.split(',')[0] ?? ''))];
for (const kind of [...kinds, '']) {
  const rows = judged.filter(({ one }) => one.name.startsWith(kind));
  const must = rows.reduce(
    (sum, { one }) => sum + one.places.filter(({ mustBeTold }) => mustBeTold).length,
    0,
  );
  const missed = rows.reduce((sum, row) => sum + row.missed.length, 0);
  const ends = rows.filter(({ endRight }) => endRight !== null);
  const told = rows.reduce((sum, row) => sum + row.events.length, 0);
  const invented = rows.reduce((sum, row) => sum + row.invented.length, 0);
  const sureEnds = rows.flatMap(({ events }) =>
    events.filter(({ end, confidence }) => end && confidence >= SURE),
  ).length;
  const wrong = rows.flatMap(({ wrongEnds }) =>
    wrongEnds.filter(({ confidence }) => confidence >= SURE),
  ).length;
  console.log(
    `${kind || 'all'}: places ${share(must - missed, must)}, ends ${share(ends.filter(({ endRight }) => endRight).length, ends.length)}, false ${share(invented, told)}, sure ends wrong ${share(wrong, sureEnds)}`,
  );
}
const held = judged.flatMap((row) => row.held);
console.log(
  `95 % intervals of delays that hold: ${share(held.filter(Boolean).length, held.length)}`,
);
/** What is told as so sure, and how much of it is right: the two are alike where confidence is worth its name. */
const SURENESS = [0, 0.4, 0.6, 0.8, 0.9, 0.97, 1];
const allTold = judged.flatMap(({ told }) => told);
console.log('how sure a kind was told, and how often it was right:');
for (const [index, to] of SURENESS.slice(1).entries()) {
  const least = SURENESS[index] ?? 0;
  const some = allTold.filter(({ confidence }) => confidence >= least && confidence < to);
  const right = some.filter(({ isRight }) => isRight).length;
  const bar = '#'.repeat(Math.round((20 * right) / Math.max(1, some.length)));
  console.log(
    `  ${least.toFixed(2)} to ${to.toFixed(2)} ${bar.padEnd(20, '.')} ${share(right, some.length)}`,
  );
}
const times = judged.map(({ seconds }) => seconds).sort((a, b) => a - b);
const atShare = (part: number) =>
  (times[Math.min(times.length - 1, Math.floor(part * times.length))] ?? 0).toFixed(2);
console.log(`seconds: half ${atShare(0.5)}, nine tenths ${atShare(0.9)}, most ${atShare(1)}`);
