import type { FLOOR_PAGE as ENGLISH } from '../../en/pages/floor';
import type { Same } from '../../same';
import { list } from '../list';
import { written } from '../number';

const links = (count: number): string => (count === 1 ? '1 Strecke' : `${count} Strecken`);
const have = (count: number): string => (count === 1 ? 'hat' : 'haben');
const places = (count: number): string => (count === 1 ? '1 Ort' : `${count} Orte`);

/** Was die Seite der Grundrisse von sich sagt. */
export const FLOOR_PAGE: Same<typeof ENGLISH> = {
  title: 'Grundriss',
  none: 'Noch kein Grundriss ist hier.',
  whyNone:
    'Ein Bild eines Geschosses, mit Maßstab, Trassen und Orten, sagt, wie lang jede Strecke ist und wo ein Fehler liegt.',
  addFirst: 'Bild wählen',
  addMore: 'Geschoss hinzufügen',
  kinds: 'PNG, JPEG, SVG oder PDF',
  another: 'Ein anderes Bild davon',
  failed: (name, reason) => `${name} lässt sich nicht zeigen: ${reason}`,
  why: {
    'not-a-picture': 'es ist kein PNG, JPEG, SVG oder PDF, das dieser Browser lesen kann.',
    'no-size': 'es sagt nicht, wie breit und hoch es ist.',
    'too-large': 'es ist größer als 40 MB.',
    empty: 'es ist leer.',
  },
  page: 'Seite',
  ofPages: (name, count) => `${name} hat ${count} Seiten. Welche?`,
  takePage: 'Diese Seite nehmen',
  added: (name) => `${name} ist dazugekommen.`,
  unscaled: (name) => `${name} hat noch keinen Maßstab.`,
  whyUnscaled:
    'Zwei Punkte setzen, deren Abstand bekannt ist, so weit auseinander wie möglich; eine gemessene Wand genügt.',
  toScale: 'Maßstab setzen',
  undrawn: (count, next) => `Noch ${places(count)}: ${next} ist dran.`,
  whyUndrawn: 'Eine Strecke hat eine Länge, sobald ihre beiden Orte auf einem Plan sind.',
  toPlaces: 'Orte setzen',
  noWays: 'Trassen und Steigschächte sind noch nicht gezeichnet.',
  whyNoWays: 'Darin liegen die Kabel: ohne sie hat keine Strecke eine Länge.',
  toWays: 'Trasse zeichnen',
  sentence: (count, off) =>
    off === 0
      ? `${links(count)} ${have(count)} eine Länge aus dem Plan.`
      : `${links(count)} ${have(count)} eine Länge aus dem Plan, ${off === 1 ? 'eine' : off} anders als bisher.`,
  left: (count) => `${links(count)} ohne: ein Ort fehlt, oder kein Weg führt dorthin.`,
  takeOver: 'Diese Längen übernehmen',
  offline: 'Dafür braucht es den Server, und der antwortet nicht.',
  taken: (changed, same, measured, routes) =>
    [
      `${links(changed)} geändert.`,
      ...(same > 0 ? [`${links(same)} hatten diese Länge.`] : []),
      ...(measured > 0
        ? [`${links(measured)} ${measured === 1 ? 'behält' : 'behalten'} das Gemessene.`]
        : []),
      ...(routes.length > 0
        ? [
            `${list(routes.slice(0, 5))}${routes.length > 5 ? ' …' : ''} ${routes.length === 1 ? 'behält die eigene' : 'behalten die eigene'}: der Weg geht darüber hinaus.`,
          ]
        : []),
    ].join(' '),
  floors: 'Geschoss',
  tools: {
    look: 'Längen',
    place: 'Orte',
    way: 'Wege',
    scale: 'Maßstab',
    sheet: 'Plan',
  },
  toolsLabel: 'Was darauf zu tun ist',
  map: (name) => `${name}, maßstäblich`,
  mapKeys:
    'Pfeiltasten bewegen den Plan, Plus und Minus vergrößern und verkleinern ihn, Enter setzt einen Punkt am Kreuz in der Mitte, die Rücktaste nimmt den letzten weg, Escape verwirft das Begonnene.',
  larger: 'Größer',
  smaller: 'Kleiner',
  whole: 'Ganz',
  fields: {
    slack: 'Zugabe an jedem Ende',
    reach: 'Abstand vom Weg',
    place: 'Ort',
    height: 'Höhe',
    name: 'Name',
    width: 'Breite innen',
    depth: 'Tiefe innen',
    fill: 'Darf gefüllt sein zu',
    metres: 'Abstand',
    floor: 'Geschoss',
  },
  hints: {
    slack: 'mehr, als der Weg braucht',
    reach: 'so weit darf ein Kabel frei hängen',
    place: 'tippen, um ihn zu finden',
    height: 'über diesem Boden',
    riser: 'wie weit über diesen Boden hinauf',
    name: 'ein Steigschacht heißt auf allen Geschossen gleich',
    fill: 'nach der Regel, die hier gilt',
    metres: 'zwischen den zwei Punkten',
    floor: 'über dem untersten',
  },
  kindOf: 'Es ist',
  wayKinds: { tray: 'Trasse', riser: 'Steigschacht', drop: 'Abgang' },
  aboutKinds: {
    tray: 'Eine Trasse, ein Kanal oder Balken, der waagrecht liegt: seine Punkte nacheinander setzen.',
    riser: 'Ein Schacht, der durch Geschosse geht: ein Punkt; auf jedem Geschoss derselbe Name.',
    drop: 'Ein Ständer, Pfosten oder eine Stütze, an der ein Kabel hinuntergeht: ein Punkt.',
  },
  putPlace: (place) => `${place} dort setzen, wo es auf dem Plan ist.`,
  movePlace: (place) => `${place} ist auf dem Plan: neu setzen verschiebt es.`,
  noPlace: 'Alle Orte der Strecken sind auf einem Plan. Einen wählen, um ihn zu verschieben.',
  done: 'Hier endet sie',
  undo: 'Zurücknehmen',
  drop: 'Verwerfen',
  points: (count) => (count === 1 ? '1 Punkt' : `${count} Punkte`),
  scalePoints: [
    'Den ersten Punkt setzen.',
    'Den zweiten Punkt setzen.',
    'Eingeben, wie weit sie auseinander liegen.',
  ],
  setScale: 'Maßstab setzen',
  scaleNow: (length, width) =>
    `Maßstab durch ${written(length)}. Das Bild ist ${written(width)} breit.`,
  off: 'Wegnehmen',
  figure: written,
  onIt: 'Auf diesem Plan',
  rename: 'Änderung behalten',
  putAway: 'Plan weglegen',
  table: { link: 'Strecke', byPlan: 'Aus dem Plan', kept: 'Bisher', by: 'Durch' },
  noWay: 'kein Weg führt dorthin',
  missing: (names) => `nicht gezeichnet: ${list(names)}`,
  all: (count) => `Alle ${count} zeigen`,
  fills: 'Wie voll',
  fill: (name, count, share) =>
    `${name}: ${links(count)}${share === null ? '' : `, ${Math.round(share * 100)} % von dem, was hineindarf`}`,
  tooFull: 'zu voll',
  unknownFill: 'der Querschnitt ist nicht angegeben',
  here: (label, ways, from, to, place) =>
    `${label}: hier, ${ways}, ${written(from)} bis ${written(to)} auf dem Weg ab ${place}.`,
  hereWays: (names) =>
    names.length === 0 ? 'zwischen einem Weg und einem Ort' : `in ${list(names)}`,
  mark: (label) => `${label} hier`,
  spare: (length) =>
    `Das Kabel ist ${written(length)} länger als der gezeichnete Weg. Niemand weiß, wo das liegt: um so viel ist die Marke länger.`,
  beyond: (label) =>
    `${label}: der Fehler liegt hinter dem Ende des gezeichneten Wegs. Der Plan, die Länge oder der Verkürzungsfaktor stimmt nicht.`,
  caution:
    'Bevor eine Wand, ein Boden oder Kanal geöffnet wird: dort nach Strom, Wasser und Gas suchen und die örtlichen Vorschriften einhalten. Die Zeichnung zeigt, wo das Kabel liegen sollte, nicht wo es liegt.',
  onFloor: (name) => `Es ist auf ${name}.`,
  show: (label) => `${label} auf dem Plan zeigen`,
  tookBack: 'Vom Plan zurückgenommen',
  deed: {
    picture: (name) => `Plan ${name}`,
    scale: (name) => `Maßstab von ${name}`,
    way: (name) => `${name} gezeichnet`,
    place: (name) => `${name} auf den Plan gesetzt`,
    off: (name) => `${name} vom Plan genommen`,
  },
  put: (name) => `${name} ist auf dem Plan.`,
  wayNamed: (kind, number) => `${kind} ${number}`,
};
