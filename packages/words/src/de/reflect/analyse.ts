import type { CaptureMessages } from '@near-spoke/core/captures';
import type { AnalyseMessages, Far } from '@near-spoke/core/reflect/analyse';
import { formatDistance, formatHz, formatUncertain, type UnitSystem } from '@near-spoke/core/units';
import type { WordsFor } from '../../tell';
import { list } from '../list';
import { written } from '../number';

const far = ({ distanceM, isNear }: Far, units: UnitSystem): string =>
  written(formatDistance(distanceM, units, isNear ? 2 : 1));

/** What must be known before what a capture tells is trusted, and why one can’t be used. */
export const ANALYSE: WordsFor<AnalyseMessages & CaptureMessages> = {
  'capture-line-left-out': ({ line }) =>
    `Die Datei endet mitten in Zeile ${line}: diese Zeile wurde ausgelassen.`,
  'capture-cut-off': ({ promised, count }) =>
    `Der Kopf spricht von ${promised} Abtastwerten, da sind ${count}: die Datei ist abgeschnitten.`,
  'capture-unit-assumed': () =>
    'Die Datei sagt nicht, in welcher Einheit ihre Frequenzen stehen: GHz ist angenommen, wie das Format es vorsieht. In MHz läge alles tausendmal so weit weg.',
  'capture-channel-read': ({ channels, name }) =>
    `Die Datei hat ${channels} Kanäle: „${name}“ wurde gelesen.`,

  'velocity-assumed': ({ velocityFactor: { value, u } }) =>
    `Kein Verkürzungsfaktor ist angegeben: ${written(`${value.toFixed(2)} ± ${u.toFixed(2)}`)} ist angenommen, und jede Entfernung ist so unsicher. Zuerst eine bekannte Länge messen.`,
  'impedance-assumed': ({ ohm }) =>
    `Kein Wellenwiderstand ist angegeben: von den üblichen erklärt etwa ${ohm.toFixed(0)} Ohm es am besten.`,
  'pulse-or-step': ({ away }, { units }) =>
    `Gesendet sein kann ein Puls, oder ein Sprung in einen Kurzschluss, der ${far(away, units)} entfernt ist: angeben, was es ist.`,
  clipped: ({ fromSample, count, volts }) =>
    `Ab Abtastwert ${fromSample} sind ${count} Werte bei ${written(volts.toPrecision(3))} V abgeschnitten: sie wurden ausgelassen, und was sie verbergen, ist nicht bekannt.`,
  'nothing-comes-back': ({ reach, velocityFactor }, { units }) =>
    `Nichts kommt zurück, soweit die Aufnahme reicht: ${far(reach, units)} bei einem Verkürzungsfaktor von ${written(velocityFactor.toFixed(2))}. Das Ende ist angepasst oder liegt dahinter.`,
  'units-doubted': ({ topHz, reachM, likelier }, { units }) =>
    `Eine Messung bis ${written(formatHz(topHz))} in solchen Schritten sieht ${written(formatDistance(reachM, units))} weit, das ist kein Kabel: nennt die Datei die richtige Einheit der Frequenz? Bis ${written(formatHz(likelier.topHz))} sähe sie ${written(formatDistance(likelier.reachM, units))}.`,
  'folds-back': ({ stepHz, reach }, { units }) =>
    `Schritte von ${written(formatHz(stepHz))} sehen ${far(reach, units)} weit: was dahinter liegt, erscheint näher, als es ist. Kann das Kabel länger sein, in feineren Schritten messen.`,
  'beyond-steps': ({ stepHz, reach, at }, { units }) =>
    `Schritte von ${written(formatHz(stepHz))} sehen ${far(reach, units)} weit, und was zurückkommt, erscheint näher; seine Phasen und sein Verlust sind die von ${far(at, units)} und von nichts Näherem. Feinere Schritte zeigen es geradewegs.`,
  'close-faults': ({ first, second, launch, isTold }, { units }) =>
    `Was bei ${far(first, units)} und bei ${far(second, units)} liegt, ist näher beisammen, als ${launch === 'pulse' ? 'dieser Puls lang ist' : 'diese Flanke es zeigt'}: ${
      isTold
        ? 'nur das Modell trennt die zwei, mit einem kürzeren Signal wären sie zu sehen'
        : 'damit sind sie nicht zu trennen'
    }.`,
  'branch-or-end': ({ branch, end }, { units }) =>
    `Was bei ${far(end, units)} endet, der Abzweig ab ${far(branch, units)} oder die Leitung selbst, kann diese Messung nicht sagen: das andere gibt nichts zurück, wie ein abgeschlossenes oder sehr langes Stück. Bei ${far(branch, units)} nachsehen, wohin welches führt.`,
  unexplained: ({ from }, { units }) =>
    `Ab etwa ${far(from, units)} zeigt die Kurve mehr, als die Stellen erklären: nichts dahinter trauen.`,

  'first-look': ({ at, more }, { units }) =>
    at.length === 0
      ? 'Auf den ersten Blick kommt nichts zurück.'
      : `Auf den ersten Blick kommt etwas zurück von ${list(at.map((one) => written(formatUncertain(one, units))))}${more > 0 ? `, und weniger von ${more} weiteren` : ''}. Was es ist, und was Echos von Echos sind, sagt ein erster Blick nicht.`,
  'look-stands': ({ count, of, by }, { units }) =>
    `Von ${of}, die auf den ersten Blick da waren, ${count === 1 ? 'ist 1 eine Stelle' : `sind ${count} Stellen`}, um höchstens ${far(by, units)} verschoben.`,
  'look-gone': ({ at }, { units }) =>
    `Keine eigene Stelle, obwohl auf den ersten Blick da: ${list(at.map((one) => far(one, units)))}. Was zwischen den Stellen hin und her läuft, und was das Kabel aus einer Flanke macht, erklärt es.`,
  'look-new': ({ at }, { units }) =>
    `Auf den ersten Blick nicht zu sehen: ${list(at.map((one) => far(one, units)))}.`,

  'file-unread': ({ reason }) => `Die Datei ist nicht zu lesen (${reason})`,
  'too-few-samples': ({ count, least }) =>
    `Da sind ${count} Abtastwerte; ${least} braucht es, um etwas zu sagen`,
  'too-few-points': ({ count, least }) =>
    `Da sind ${count} Punkte; ${least} braucht es, um etwas zu sagen`,
  'too-many-ports': ({ ports }) => `Die Datei hat ${ports} Tore; gelesen werden eines oder zwei`,
  'uneven-points': () =>
    'Die Punkte haben nicht gleiche Abstände: linear messen, die Laufzeit eines Echos kommt aus gleichen Schritten',
  'all-samples-alike': () => 'Alle Abtastwerte sind gleich: nichts wurde aufgenommen',
  'no-launch-in-noise': () => 'Nichts hebt sich vom Rauschen ab: nichts wurde gesendet',
  'no-launch-rises': () => 'Nichts steigt von der Grundlinie auf: nichts wurde gesendet',
  'launch-at-start': () =>
    'Die Aufnahme beginnt mit dem gesendeten Signal oder danach. Später auslösen: davor muss ein Stück Ruhe stehen',
  'launch-cut-off': ({ volts }) =>
    `Das gesendete Signal ist bei ${written(volts.toPrecision(3))} V abgeschnitten: der Messbereich war zu klein. Mehr Volt je Teil einstellen und noch einmal aufnehmen`,
};
