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
  shut: (labels) => `Nicht dabei, weil in den Zeiten des Ortes kein Platz dafür ist: ${labels}.`,
  strange: (places) => `Bei ${places} ist kein Ende: diese Zeiten zählen nicht.`,
  unknown: (count, walk) => `${links(count)} ohne Länge: für so einen Weg sind ${walk} gerechnet.`,
  walks: (speed) =>
    `Wege sind so lang wie die Kabel zwischen den Orten, oder wie ein Grundriss sagt, mit ${speed} in der Minute, Treppen und Türen eingerechnet.`,
  remotes: (count, have) =>
    count === 1
      ? 'Die Gegenstelle des Prüfers am fernen Ende lassen, wenn es gemacht ist: dann braucht die Prüfung keinen Weg mehr.'
      : have === null || have >= count
        ? `${count} Strecken werden vom nahen Ende geprüft: an jedem fernen Ende eine nummerierte Gegenstelle lassen, wenn es gemacht ist. Sind es weniger, angeben, wie viele da sind.`
        : `${count} Strecken werden vom nahen Ende geprüft, je ${have} auf einmal: die Gegenstellen nummerieren.`,
  left: 'Die letzten Gegenstellen zu holen ist nicht eingerechnet.',
  person: (number) => `Person ${number}`,
  at: (time, walk, wait) => {
    const before = [
      walk < 0.5 ? '' : `einem Weg von ${minutes(walk)}`,
      wait < 0.5 ? '' : `${minutes(wait)} Warten`,
    ].filter(Boolean);
    return before.length === 0 ? time : `${time}, nach ${before.join(' und ')}`;
  },
  ends: 'Machen',
  tests: 'Prüfen',
  put: 'Gegenstelle anstecken für',
  fetch: 'Gegenstelle holen von',
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
    begin: 'Beginnt um',
    hours: 'Zeit, die da ist',
    walk: 'In einer Minute gegangen',
    test: 'Eine Prüfung dauert',
    remotes: 'Gegenstellen, die da sind',
  },
  hints: {
    begin: 'jetzt, wenn leer',
    hours: 'von da an',
    walk: 'mit Treppen und Türen',
    test: 'gewöhnlich',
    remotes: 'genug, wenn leer',
  },
  badClock: 'Eine Uhrzeit, etwa 8:30.',
  limits: 'Was ihn einschränkt: Zeiten, und Werkzeug, von dem eines da ist',
  onlyOne: 'Davon ist eines da',
  tester: 'Prüfer',
  times: 'Wann etwas getan werden kann',
  timesHint: 'Wo von einem Ort mehrere Zeiten gesagt sind, müssen alle gelten.',
  addTime: 'Zeit dazu',
  takeOut: 'Herausnehmen',
  bars: { in: 'Eingelassen', off: 'Abgeschaltet', dry: 'Trocken' },
  bar: 'Was es ist',
  place: 'Ort',
  everyPlace: 'Überall',
  from: 'Von',
  to: 'Bis',
  off: 'Abgeschaltet ist, was der, der es hier darf, abgeschaltet, gesichert und als spannungsfrei festgestellt hat, bevor eine Hand hineinkommt.',
  dry: 'Trocken gilt nur für Enden im Freien.',
  own: (person) => `Schritte dauern so lange wie bei ${person}, wo das bekannt ist.`,
};
