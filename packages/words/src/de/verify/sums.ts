import type { BuildMessages } from '@near-spoke/core/verify/build';
import type { LossMessages } from '@near-spoke/core/verify/coax';
import type { LimitMessages } from '@near-spoke/core/verify/limits';
import type { PowerMessages } from '@near-spoke/core/verify/power';
import type { LineMessages } from '@near-spoke/core/verify/telephone';
import { formatLength } from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';
import { list } from '../list';
import { written } from '../number';
import { PARAMETERS } from './parameters';

type Sums = LimitMessages & PowerMessages & LineMessages & LossMessages & BuildMessages;

const ENDS = { near: 'nahes Ende', far: 'fernes Ende' } as const;
const CLASSES: Readonly<Record<LimitMessages['limit-name']['class'], string>> = {
  '5e': 'D',
  '6': 'E',
  '6A': 'E_A',
};
const ordinal = (pair: number): string =>
  ['erstes', 'zweites', 'drittes', 'viertes'][pair] ?? `${pair + 1}.`;
const figure = (value: number, digits?: number): string =>
  written(digits === undefined ? String(value) : value.toFixed(digits));
const megahertz = (mhz: number): string => figure(Number(mhz.toPrecision(4)));
const ohms = (ohm: number): string => `${figure(Number(ohm.toPrecision(3)))} Ω`;
const beyond = (mostOhm: number | null): string =>
  mostOhm === null ? '' : ` Mehr als die ${figure(mostOhm)} Ω, die eine Strecke haben darf.`;
const times = (ratio: number): string => `das ${figure(ratio, 2)}-fache des Erwarteten`;
const apart = ({ share, differenceOhm }: PowerMessages['unbalance-between']): string =>
  `${figure(100 * share, 1)} %, ${figure(Number(differenceOhm.toPrecision(2)))} Ω Unterschied`;

const LINE: Readonly<Record<LineMessages['line']['says'], string>> = {
  'measure-idle': 'Die Leitung messen, alle Apparate aufgelegt.',
  'wiring-between':
    'Die Seite des Anbieters ist gut: unsere Verdrahtung zwischen der Prüfdose und hier ist unterbrochen, kurzgeschlossen oder auf anderen Kontakten.',
  'no-line-there':
    'An der eigenen Prüfdose des Anbieters ist keine Leitung: der Fehler liegt bei ihm.',
  'a-set-holds-it':
    'Die Leitung kommt zurück, wenn die Apparate ausgesteckt sind: einer davon hält sie. Einen nach dem anderen einstecken.',
  'something-loads-it':
    'Etwas belastet die Leitung: ein abgehobener Apparat oder ein Nebenschluss. Jeden Apparat und Adapter ausstecken.',
  'no-line-here':
    'Hier ist keine Leitung. An der Prüfdose des Anbieters messen, unsere Verdrahtung abgetrennt.',
  'lift-a-handset': 'Die Leitung ist da. Einen Hörer abheben und noch einmal messen.',
  'no-current-drawn':
    'Das Abheben ändert die Leitung kaum: der Apparat zieht keinen Strom. Einen anderen Apparat versuchen; bleibt es gleich, hat eine Verbindung davor hohen Widerstand, oder eine Ader ist unterbrochen.',
  'falls-too-low':
    'Die Leitung fällt mit einem Apparat zu tief: er ist kurzgeschlossen, oder mehrere sind abgehoben.',
  'ring-it':
    'Aufgelegt und abgehoben sind gut. Die Nummer anrufen und messen; die Hände von den Kontakten lassen.',
  'rings-weakly':
    'Die Leitung läutet zu schwach: die Läutwerte zusammenzählen und nach einem Weckerkondensator suchen, der fehlt oder doppelt ist.',
  good: 'Die Leitung ist gut: aufgelegt, abgehoben und beim Läuten.',
};
const READINGS: Readonly<
  Record<LineMessages['line-order']['reading'], { readonly order: string; readonly usual: string }>
> = {
  idleV: {
    order: 'Alle Apparate aufgelegt: von Kontakt 2 nach Kontakt 5 messen',
    usual: '40 bis 56 V; 20 V oder mehr von einem Adapter',
  },
  aloneV: {
    order: 'Jeden Apparat und Adapter ausstecken und noch einmal messen',
    usual: 'wie zuvor',
  },
  demarcationV: {
    order: 'An der Prüfdose des Anbieters, unsere Verdrahtung dort ausgesteckt',
    usual: 'wie an der Dose',
  },
  offHookV: { order: 'Einen Hörer abheben und über die Leitung messen', usual: '5 bis 15 V' },
  ringingV: {
    order: 'Die Nummer anrufen und über die Leitung messen',
    usual: '40 bis 90 V, mehr bei der Vermittlung',
  },
};
const COUNTRIES = { uk: 'Vereinigtes Königreich', us: 'Nordamerika' } as const;

/** What is reckoned of a link beside its wire map: limits, resistance, power, a telephone line, loss. */
export const SUMS: WordsFor<Sums> = {
  sweep: ({ parameter, end, pairs, from }) => {
    const told = pairs.map(ordinal);
    const which =
      from === null
        ? pairs.length > 0
          ? [`${list(told)} Paar`]
          : []
        : [`${ordinal(from)} auf ${told.join('')} Paar`];
    const at = end ? [ENDS[end]] : [];
    const rest = parameter === 'return-loss' ? [...which, ...at] : [...at, ...which];
    return [PARAMETERS[parameter], ...rest].join(', ');
  },
  'limit-name': ({ standard, class: name }) =>
    standard === 'iso' ? `Klasse ${CLASSES[name]}` : `Kategorie ${name}`,
  'sweep-judged': ({ name, marginDb, mhz, belowMhz, aboveMhz }, tell) => {
    const missing = [
      ...(belowMhz === null ? [] : [`unter ${megahertz(belowMhz)} MHz`]),
      ...(aboveMhz === null ? [] : [`über ${megahertz(aboveMhz)} MHz`]),
    ];
    const margin = `${figure(Math.abs(marginDb), 1)} dB ${marginDb >= 0 ? 'Reserve' : 'zu wenig'}`;
    return `${tell(name)}: ${margin} bei ${megahertz(mhz)} MHz.${missing.length > 0 ? ` Nicht nachgewiesen ${list(missing)}.` : ''}`;
  },
  'sweep-outside': ({ name, limit }, tell) =>
    `${tell(name)}: im Bereich von ${tell(limit)} ist nichts gemessen, das zählt.`,
  'sweep-other-reference': ({ name, referenceOhm, pairOhm }, tell) =>
    `${tell(name)}: gegen ${figure(referenceOhm)} Ohm gemessen, darum nicht beurteilt; die Grenzwerte gelten für ${pairOhm} Ohm.`,
  'cords-added': ({ lengthM }, { units }) =>
    `Die Einfügedämpfung enthält ${written(formatLength(lengthM, units))} Rangierkabel, wie ihre Klasse sie hat; alles andere ist wie gemessen, ohne sie.`,
  'ports-unknown': ({ ports }) => `Von ${ports} Toren ist nicht bekannt, welches Paar welches ist.`,
  'ports-taken': ({ pairs }) =>
    pairs === 2
      ? 'Für zwei Paare genommen: Tore 1 und 2 ihre nahen Enden, 3 und 4 ihre fernen.'
      : 'Für vier Paare genommen: Tore 1 bis 4 ihre nahen Enden, 5 bis 8 ihre fernen.',

  'loop-open': ({ pair }) => `Paar ${pair}: die Schleife ist offen.`,
  'loop-short': ({ pair, ohm }) =>
    `Paar ${pair}: ${ohms(ohm)} sind viel zu wenig: seine Leiter berühren sich vor dem fernen Ende.`,
  'loop-joint': ({ pair, moreOhm, mostOhm }) =>
    `Paar ${pair}: ${ohms(moreOhm)} mehr als die anderen Paare: eine schlechte Verbindung oder ein schlechter Kontakt.${beyond(mostOhm)}`,
  'loop-over-limit': ({ pair, ohm, mostOhm }) =>
    `Paar ${pair}: ${ohms(ohm)}, wie es seine Länge erwarten lässt.${beyond(mostOhm)}`,
  'loop-as-expected': ({ pair, ohm }) => `Paar ${pair}: ${ohms(ohm)}, wie erwartet.`,
  'loop-shorter': ({ pair, ratio }) =>
    `Paar ${pair}: ${times(ratio)}: die Strecke ist kürzer oder dicker als geplant.`,
  'loop-alone': ({ pair, ratio, mayBeClad, mostOhm }) =>
    `Paar ${pair}: ${times(ratio)}: eine schlechte Verbindung, ein längeres oder dünneres Kabel${mayBeClad ? ', oder kupferkaschiertes Aluminium' : ''}. Ein anderes Paar messen, um es zu wissen.${beyond(mostOhm)}`,
  'loop-other-metal': ({ pair, ratio, mostOhm }) =>
    `Paar ${pair}: das ${figure(ratio, 2)}-fache dessen, was Kupfer dieser Stärke und Länge hat: kupferkaschiertes Aluminium, oder ein Kabel, das um so viel länger ist als geplant. Einen Leiter ankratzen, um es zu wissen.${beyond(mostOhm)}`,
  'loop-longer': ({ pair, ratio, mostOhm }) =>
    `Paar ${pair}: ${times(ratio)}: länger, dünner, oder eine Verbindung in jedem Paar.${beyond(mostOhm)}`,
  'pair-unbalance': ({ pair, ...rest }) =>
    `Paar ${pair}: ${apart(rest)}: ${
      rest.isWithin
        ? 'in dem Maß, das Speisung über das Kabel verlangt.'
        : 'mehr als 3 % und 0,2 Ω. Der Strom verteilt sich auf diesem Paar ungleich: seine Leiter und der Übertrager werden heiß, oder Daten werden falsch. Seine Verbindungen neu machen.'
    }`,
  'unbalance-between': (rest) =>
    `Zwischen den Paaren: ${apart(rest)} nebeneinander: ${
      rest.isWithin
        ? 'in dem Maß, das Speisung über vier Paare verlangt.'
        : 'mehr als 7 % und 0,1 Ω. Über vier Paare drängt der Strom in die besseren: das Paar instand setzen, das am meisten hat.'
    }`,
  'power-class': ({ standard, of, number }) =>
    `${standard}, ${of === 'type' ? 'Typ' : 'Klasse'} ${number}`,
  'power-arrives': ({ source, deviceW, mostW, isEnough, there }, tell) => {
    const told = there
      ? `${figure(there.deviceV, 1)} V am Gerät bei ${figure(there.currentA, 2)} A, ${figure(there.lostW, 1)} W Verlust`
      : `kann ${figure(deviceW)} W nicht tragen`;
    return `${tell(source)}: ${told}. ${isEnough ? 'Genug.' : `Nicht genug: ${figure(mostW, 1)} W von ${figure(deviceW)} W.`}`;
  },

  line: ({ says }) => LINE[says],
  'line-order': ({ reading }) => READINGS[reading].order,
  'line-usual': ({ reading }) => READINGS[reading].usual,
  'line-reversed': () =>
    'Kontakt 2 liegt über Kontakt 5: das Paar ist umgekehrt gegenüber dem Üblichen. Die meisten Apparate stört es nicht; alte mit Tonwahl, Alarmanlagen und Aufzugtelefone schon.',
  'ringer-load': ({ sum, most, isEnough }) =>
    isEnough
      ? `${figure(Number(sum.toFixed(1)))} von ${figure(most)}: alle Apparate läuten.`
      : `${figure(Number(sum.toFixed(1)))} von ${figure(most)}: um ${figure(Number((sum - most).toFixed(1)))} zu viel. Manche Apparate läuten nicht oder nur schwach: einen ausstecken.`,
  'ringer-limit': ({ country, most }) => `${COUNTRIES[country]}, ${most}`,

  'loss-cable': () => 'Kabel',
  'loss-connectors': ({ count }) => `${count} Stecker`,
  'loss-splitter': ({ ways }) => `Verteiler, ${ways} Wege`,

  'supply-too-low': ({ supplyV, lampV }) =>
    `${figure(supplyV)} V genügen nicht für eine Lampe von ${figure(lampV)} V.`,
  'lamp-too-much': ({ mostA }) =>
    `Mehr als ${figure(mostA * 1000)} mA: die meisten kleinen Lampen vertragen es nicht.`,
  'resistor-too-small': ({ watt }) =>
    `${figure(watt * 1000, 0)} mW: ein Widerstand von einem Viertelwatt ist zu klein.`,
  'lamps-hardly-light': () =>
    'Bei leerer Batterie und dem längsten Kabel leuchten die Lampen kaum.',
  'lamps-out-early': () => 'Die Lampen gehen aus, lange bevor diese Zellen leer sind.',
};
