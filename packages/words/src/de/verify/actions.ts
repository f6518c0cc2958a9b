import type { VerifyMessages } from '@near-spoke/core/verify';
import type { WordsFor } from '../../tell';
import { conductorName } from '../conductor';
import { list } from '../list';
import { END_DATIVE, at, groupNames } from './faults';

const THE_END = { near: 'das nahe Ende', far: 'das ferne Ende' } as const;

/** What to do about what is wrong. */
export const ACTIONS: WordsFor<
  Pick<VerifyMessages, Extract<keyof VerifyMessages, `do-${string}`>>
> = {
  'do-count-pairs': () =>
    'Die Paare im Mantel zählen. Ein Kabel mit zwei Paaren führt nicht mehr: ersetzen, oder den Plan es sagen lassen. Sind alle Paare da, an beiden Enden nach denen sehen, die nicht aufgelegt wurden.',
  'do-check-remote': () =>
    'Prüfen, ob das Gegenstück an diesem Kabel steckt und beide Enden sitzen. Wenn ja, ist das Kabel durchtrennt: die Stelle mit Reflektometrie suchen.',
  'do-seat': ({ which }, tell) =>
    `Neu andrücken: ${tell(which)}, zuerst an dem Ende, an dem du stehst, dann am anderen. Bleibt es offen, die Unterbrechung mit Reflektometrie suchen.`,
  'do-look-for-strand': ({ end }) =>
    end === null
      ? 'An beiden Enden nach einem losen Draht oder verletzter Isolierung sehen. Sind beide sauber, ist das Kabel gequetscht oder durchstochen: die Stelle mit Reflektometrie suchen.'
      : `Am ${END_DATIVE[end]} Ende nach einem losen Draht oder verletzter Isolierung sehen und es neu machen.`,
  'do-remake-swapped': ({ names, rows }, tell) =>
    `An beiden Enden die Farben lesen. Das Ende neu machen, an dem ${tell(names)} vertauscht sind (${list(rows.map(({ core, far }) => `${tell(core)} auf ${far}`))}).`,
  'do-remake-other': ({ near, far, names }, tell) =>
    `An beiden Enden die Farben lesen, gegen ${near === far ? near : `${near} am nahen Ende und ${far} am fernen`}. Neu machen, was abweicht: ${tell(names)}.`,
  'do-remake-to-scheme': ({ rule }) =>
    `An beiden Enden die Farben lesen. Das Ende neu machen, das nicht ${rule} folgt.`,
  'do-turn': ({ turns, end }) =>
    !turns
      ? 'An beiden Enden die Farben lesen. Das Ende neu machen, das mit der letzten Ader auf seinem ersten Kontakt beginnt.'
      : end === 'near' || end === 'far'
        ? `Das ${end === 'near' ? 'nahe' : 'ferne'} Ende neu machen, die Rastnase andersherum.`
        : 'An beiden Enden die Farben lesen, die Rastnase gleich herum. Das Ende neu machen, das rückwärts läuft.',
  'do-punch-row': ({ end, other, first }) =>
    `Die ersten Kontakte am ${END_DATIVE[end]} Ende ansehen. Sind sie wie gesagt, ${THE_END[end]} von seinem ersten Kontakt an neu auflegen${
      first ? `: ${conductorName(first.core)} auf ${first.contact}` : ''
    }. Stimmen seine Farben, hat ${THE_END[other]} anderswo begonnen.`,
  'do-punch-groups': ({ groups, why }) =>
    `An beiden Enden die Farben lesen. Neu auflegen: ${groupNames(groups)}, an dem Ende, an dem ${why === 'exchanged' ? 'sie getauscht sind' : 'sie rückwärts läuft'}.`,
  'do-remake-both': ({ near, far }) =>
    near === far
      ? `Beide Enden nach ${near} neu machen, Farbe um Farbe: an beiden wurde dasselbe verwechselt.`
      : `Das nahe Ende nach ${near} und das ferne nach ${far} neu machen, Farbe um Farbe.`,
  'do-remake-joint': ({ which, end }, tell) =>
    `Neu machen: ${tell(which)}${at(end)}, und den Schleifenwiderstand noch einmal messen.`,
  'do-replace-core': () =>
    'Im Kabel bricht eine Ader: ersetzen, oder die Stelle mit Reflektometrie suchen, während es bewegt wird.',
  'do-seat-moving': ({ which, end }, tell) =>
    `Neu andrücken: ${tell(which)}${at(end)}, und prüfen, während es bewegt wird.`,
  'do-dry': ({ end }) =>
    end === null
      ? 'Beide Enden öffnen und nach Wasser sehen. Sind sie trocken, ist es unterwegs eingedrungen: die Stelle mit Reflektometrie suchen, das Stück bis weit über das Nasse hinaus ersetzen und den Weg des Wassers schließen.'
      : `Das ${end === 'near' ? 'nahe' : 'ferne'} Ende öffnen und nach Wasser oder grünem Kupfer sehen. Bis ins Trockene zurückschneiden, den Weg des Wassers schließen und das Ende neu machen.`,
  'do-scrape': () =>
    'Eine Ader anschaben: Silber unter einer Kupferhaut ist kupferkaschiertes Aluminium. Das ist kein Kategoriekabel; ersetzen, bevor Speisung darüber geht.',
  'do-look-at-shield': ({ coaxial }) =>
    coaxial
      ? 'An beiden Enden prüfen, ob das Gehäuse des Verbinders das Geflecht ringsum fasst.'
      : 'An beiden Enden prüfen, ob der Schirm dieses Kabels das Gehäuse des Verbinders berührt.',
  'do-free-shield': ({ coaxial, end }) => {
    const where = end === null ? 'An beiden Enden' : `Am ${END_DATIVE[end]} Ende`;
    return coaxial
      ? `${where} nach einem Draht des Geflechts sehen, der den Innenleiter berührt. Dieses Ende abschneiden und neu machen; sind beide sauber, ist das Kabel gequetscht oder durchstochen: die Stelle mit Reflektometrie suchen.`
      : `${where} nach einem Stück des Schirms sehen, das einen Kontakt berührt, und es zurückschneiden.`;
  },
  'do-check-cable': () =>
    'Prüfen, ob das das Kabel aus dem Plan ist. Auch zwei geerdete Gestelle können die Gehäuse verbinden.',
  'do-verify-pairing': () =>
    'Um die Paarung zu prüfen, mit einem Prüfer messen, der Übersprechen misst, oder an beiden Enden die Farben Paar für Paar lesen.',
};
