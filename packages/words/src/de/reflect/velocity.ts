import type { SetupMessages } from '@near-spoke/core/reflect/setup';
import type { VelocityMessages } from '@near-spoke/core/reflect/velocity';
import { formatDistance, type Uncertain, type UnitSystem } from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';
import { written } from '../number';

/** A catalogue’s figure with what it is within for 95 %. */
const within = ({ value, u }: Uncertain): string =>
  written(`${value.toFixed(2)} ± ${(2 * u).toFixed(2)}`);
const off = (share: number): string =>
  written(`${Math.abs(100 * share).toFixed(1)} % zu ${share > 0 ? 'hoch' : 'niedrig'}`);
const nanoseconds = (seconds: number): string => written(`${(seconds * 1e9).toFixed(1)} ns`);
const far = (metres: number, units: UnitSystem, digits?: number): string =>
  written(formatDistance(metres, units, digits));
const ends = ({ seenM, wholeM }: VelocityMessages['ends-see-less'], units: UnitSystem): string =>
  `${far(seenM, units, 1)} von ${far(wholeM, units, 1)}`;
const figure = (value: number, digits?: number): string =>
  written(digits === undefined ? String(value) : value.toFixed(digits));
const count = (samples: number): string => samples.toLocaleString('de');

/** What is made of a velocity factor, of a place from both ends, and of an instrument. */
export const VELOCITY: WordsFor<VelocityMessages & SetupMessages> = {
  'velocity-twice': ({ catalogue }) =>
    `Das ist das Doppelte von ${within(catalogue)} im Katalog: ein Weg wurde als zwei gezählt. Die Laufzeit ist hin und zurück, die Länge einfach.`,
  'velocity-above-light': () =>
    'Nichts ist schneller als das Licht: ist eine einfache Laufzeit eingegeben oder die Länge verdoppelt?',
  'velocity-half': ({ catalogue }) =>
    `Das ist die Hälfte von ${within(catalogue)} im Katalog: die Laufzeit wurde noch einmal verdoppelt, oder die halbe Länge ist eingegeben.`,
  'velocity-contradicts': ({ catalogue }) =>
    `Es widerspricht ${within(catalogue)} im Katalog für dieses Kabel: die Länge, die Laufzeit oder die Kabelart ist eine andere.`,
  'velocity-known-better': ({ catalogue }) =>
    `Es ist weniger genau bekannt als ${within(catalogue)} im Katalog: ein längeres Stück oder eine bessere Laufzeit sagte mehr.`,

  'reckoned-same': ({ own, ours }) =>
    `${figure(own)} stimmt mit unserem überein, ${figure(ours, 4)}.`,
  'reckoned-half': ({ own, ours }) =>
    `${figure(own)} ist die Hälfte von unserem, ${figure(ours, 4)}: die Länge wurde nicht verdoppelt, und der Puls läuft hin und zurück.`,
  'reckoned-twice': ({ own, ours }) =>
    `${figure(own)} ist das Doppelte von unserem, ${figure(ours, 4)}: die Laufzeit wurde halbiert oder die Länge zweimal verdoppelt.`,
  'reckoned-round-light': ({ own, off: share }) =>
    `${figure(own)} ist ${off(share)}: für die Lichtgeschwindigkeit sind 300 000 km/s genommen.`,
  'reckoned-other': ({ own, off: share, oneWayM, impliedM, impliedS, delayS }, { units }) =>
    `${figure(own)} ist ${off(share)}: zweimal ${far(oneWayM, units)} sind ${far(2 * oneWayM, units)}, nicht ${far(impliedM, units, impliedM < 100 ? 1 : 0)}; oder die Laufzeit war ${nanoseconds(impliedS)}, nicht ${nanoseconds(delayS)}.`,

  'ends-too-short': ({ wholeM }, { units }) =>
    `Die zwei Laufzeiten sind zu kurz für ${far(wholeM, units, 1)}: nichts ist schneller als das Licht. Die Länge oder eine der Laufzeiten ist falsch.`,
  'ends-untold': () => 'Nichts anderes sagt, ob beide Enden dieselbe Stelle gesehen haben.',
  'ends-agree': ({ velocityFactor: { value, u }, ...both }, { units }) =>
    `Beide Enden stimmen so gut überein, wie der Verkürzungsfaktor bekannt ist, ${written(`${value.toFixed(3)} ± ${u.toFixed(3)}`)}: damit sehen sie ${ends(both, units)}.`,
  'ends-see-less': (both, { units }) =>
    `Die Enden stimmen nicht überein: zusammen sehen sie ${ends(both, units)}. Es können zwei Fehler sein und dazwischen ein Stück, das keines der Enden sieht.`,
  'ends-see-more': (both, { units }) =>
    `Die Enden stimmen nicht überein: zusammen sehen sie ${ends(both, units)}. Die Länge kann größer sein als angegeben, oder ein Echo ist nicht von dieser Stelle.`,

  'scope-memory': ({ needed, kept, isEnough }) =>
    isEnough
      ? `${count(needed)} Abtastwerte sind nötig, und es behält ${count(kept)}.`
      : `${count(needed)} Abtastwerte sind nötig, und es behält ${count(kept)}: das ferne Ende wäre abgeschnitten. Die Abtastrate senken.`,
  'scope-rate': ({ isEnough }) =>
    isEnough
      ? 'Seine Abtastrate genügt für seine Bandbreite: Flanken sind auf einen kleinen Teil eines Abtastwerts genau.'
      : 'Seine Abtastrate ist zu niedrig für seine Bandbreite: Flanken fallen zwischen Abtastwerte. Mehrfach abtasten oder einen langsameren Puls nehmen.',
  'far-echo': ({ share, isEnough }) =>
    isEnough
      ? `Das ferne Ende gibt ${(100 * share).toFixed(0)} % des Gesendeten zurück.`
      : `Das ferne Ende gibt bestenfalls ${figure(100 * share, 1)} % des Gesendeten zurück: vielleicht ist es nicht zu sehen. Von beiden Enden messen oder einen Sprung nehmen.`,
  terminator: ({ ohm, lineOhm, reflection, isGood }) =>
    `${figure(ohm)} Ω an einer Leitung von ${figure(lineOhm)} Ω geben ${figure(100 * Math.abs(reflection), 1)} % zurück: ${
      isGood ? 'gut' : `${reflection > 0 ? 'zu hoch' : 'zu niedrig'}. Einen anderen nehmen`
    }.`,
};
