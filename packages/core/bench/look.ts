import { firstLook } from '../src/reflect/analyse';
import { sweepCase, traceCase, type FieldCase } from '../src/testing/field/cases';
import { toldOf } from '../src/testing/field/told-of';
import { LIGHT_M_S, WITHIN_95 } from '../src/units';

// What a first look sees of captures of lines by another model: `npm run bench:look -- sweep 200 1`, or `pulse`, `step`.

const [of = 'sweep', count = '120', from = '1'] = process.argv.slice(2);
const caseOf = (seed: number): FieldCase =>
  of === 'pulse' || of === 'step' ? traceCase(seed, of) : sweepCase(seed);

const held: boolean[] = [];
const times: number[] = [];
let [must, seen, told] = [0, 0, 0];
for (let seed = Number(from); seed < Number(from) + Number(count); seed += 1) {
  const one = caseOf(seed);
  const begun = performance.now();
  const look = firstLook(one.capture, toldOf(one));
  times.push(performance.now() - begun);
  const places = look?.places ?? [];
  told += places.length;
  const speed = one.cable.velocityFactor * LIGHT_M_S;
  for (const { atM, mustBeTold } of one.places) {
    const near = Math.max(0.15, 0.012 * atM, one.resolutionM);
    const [best] = places
      .filter(({ distanceM }) => Math.abs(distanceM.value - atM) <= near)
      .sort((a, b) => Math.abs(a.distanceM.value - atM) - Math.abs(b.distanceM.value - atM));
    if (mustBeTold) must += 1;
    if (mustBeTold && best) seen += 1;
    if (best)
      held.push(Math.abs(best.delayS.value - (2 * atM) / speed) < WITHIN_95 * best.delayS.u);
  }
}
times.sort((a, b) => a - b);
const at = (share: number) =>
  (times[Math.min(times.length - 1, Math.floor(share * times.length))] ?? 0).toFixed(0);
console.log(
  `${of}: places seen ${seen} of ${must}, told ${told}; 95 % intervals that hold ${held.filter(Boolean).length} of ${held.length}; ms: half ${at(0.5)}, nine tenths ${at(0.9)}, most ${at(1)}`,
);
