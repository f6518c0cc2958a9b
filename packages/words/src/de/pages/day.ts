import type { DAY_PAGE as ENGLISH } from '../../en/pages/day';
import type { Same } from '../../same';

const links = (count: number): string => (count === 1 ? '1 Strecke' : `${count} Strecken`);
const minutes = (count: number): string => {
  const whole = Math.round(count);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
};

/** Was die Seite der Reihenfolge eines Tages von sich sagt. */
export const DAY_PAGE: Same<typeof ENGLISH> = {
  title: 'Tag',
  planning: 'Eine Reihenfolge wird gesucht',
  minutes,
  sentence: (first, linkCount, total) =>
    `Bei ${first} anfangen: ${links(linkCount)} in ${minutes(total)}.`,
  nothing: 'Hier ist nichts mehr zu machen oder zu prüfen.',
  tooShort: 'In so kurzer Zeit wird keine Strecke fertig.',
  saved: (by) =>
    by < 1 ? 'So schnell wie nach der Liste.' : `${minutes(by)} weniger als nach der Liste.`,
  proven: 'Keine Reihenfolge ist schneller.',
  bound: (least) => `Keine Reihenfolge braucht weniger als ${minutes(least)}.`,
  again: 'Neu planen',
  later: (count) => `${links(count)} ${count === 1 ? 'bleibt' : 'bleiben'} für einen anderen Tag.`,
  faults: (labels) =>
    `Nicht dabei, weil niemand weiß, wie lange eine Reparatur dauert: ${labels}. Prüfen sagt, was zu tun ist.`,
  unfit: (labels) => `Nicht dabei, weil ein Ende nicht passt: ${labels}.`,
  unknown: (count, walk) => `${links(count)} ohne Länge: für so einen Weg sind ${walk} gerechnet.`,
  walks: (speed) =>
    `Wege sind so lang wie die Kabel zwischen den Orten, oder wie ein Grundriss sagt, mit ${speed} in der Minute, Treppen und Türen eingerechnet.`,
  remotes: (count) =>
    count === 1
      ? 'Die Gegenstelle des Prüfers am fernen Ende lassen, wenn es gemacht ist: dann braucht die Prüfung keinen Weg mehr.'
      : `${count} Strecken werden vom nahen Ende geprüft: an jedem fernen Ende eine nummerierte Gegenstelle lassen, wenn es gemacht ist. Sind es weniger, diese Prüfungen in Gruppen machen.`,
  person: (number) => `Person ${number}`,
  at: (time, walk) => (walk < 0.5 ? time : `${time}, nach einem Weg von ${minutes(walk)}`),
  ends: 'Machen',
  tests: 'Prüfen',
  outdoors: 'Ein Kabel hier liegt im Freien: sein Ende muss trocken gemacht werden.',
  fromHere: 'Ab hier planen',
  carry: 'Mitnehmen',
  noTools: 'Nur Prüfer.',
  cantPlan: 'Das kann jetzt nicht ausgerechnet werden.',
  serverAway: 'Der Server antwortet nicht.',
  tryAgain: 'Noch einmal versuchen',
  given: 'Gegeben',
  people: 'Personen',
  one: 'Eine',
  two: 'Zwei',
  where: 'Von',
  everywhere: 'Allen Verteilern',
  fields: {
    hours: 'Zeit, die da ist',
    walk: 'In einer Minute gegangen',
    test: 'Eine Prüfung dauert',
  },
  hints: { hours: 'von jetzt an', walk: 'mit Treppen und Türen', test: 'gewöhnlich' },
  own: (person) => `Schritte dauern so lange wie bei ${person}, wo das bekannt ist.`,
};
