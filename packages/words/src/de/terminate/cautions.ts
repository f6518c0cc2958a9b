import type { CAUTIONS as ENGLISH } from '../../en/terminate/cautions';
import type { Same } from '../../same';

const LINE_VOLTAGE =
  'Eine Telefonleitung führt in Ruhe Spannung und beim Läuten mehr: zuerst trennen, und bei Gewitter keine blanken Adern anfassen.';

/** Where the work can hurt someone, by the caution’s id. */
export const CAUTIONS: Same<typeof ENGLISH> = {
  'powered-cable':
    'Sicherstellen, dass das andere Ende ausgesteckt ist: auf diesen Adern kann eine Speisung über das Kabel liegen. In einer Wanddose vom Netz fernhalten; dort entscheiden die örtlichen Vorschriften und eine Elektrofachkraft.',
  'live-core':
    'Nachweisen, dass nichts diese Adern speist, bevor sie blank werden. In einer Wanddose vom Netz fernhalten; dort entscheiden die örtlichen Vorschriften und eine Elektrofachkraft.',
  'ringing-voltage':
    'Rufspannung beißt, und sie kommt ohne Warnung: zuerst die Leitung an der Übergabe trennen. Die Seite des Anbieters dürfen wir nicht öffnen.',
  'line-voltage': LINE_VOLTAGE,
  'line-voltage-elsewhere': LINE_VOLTAGE,
  'fed-coax':
    'Sicherstellen, dass kein Sender in dieses Kabel getastet ist und keine Versorgung für einen Verstärker darauf liegt.',
  blade: 'Von der Hand weg schneiden.',
  'still-blade':
    'Mit einer Klinge statt eines Abisolierers: den Draht an der ruhenden Klinge entlang ziehen, von der Hand weg.',
  inverter:
    'Leitungen von Invertern und Hintergrundbeleuchtungen führen Hochspannung und halten sie noch eine Weile nach dem Abschalten: sie werden nicht so verbunden. Den Anweisungen ihres Herstellers und Fachkräften überlassen.',
  offcuts: 'Abschnitte fliegen: Augenschutz tragen und sie von den Geräten fernhalten.',
  cleaner: 'Reiniger brennen und dampfen: Frischluft oder Maske, Handschuhe, keine Flamme.',
  solder:
    'Lötdampf und heißes Metall: Luft, Augenschutz, der Kolben in seinem Ständer. Nur Kolophonium als Flussmittel; säurehaltiges nie an einer Verbindung, die bleibt.',
  'hot-air':
    'Heißluft verbrennt Haut und entzündet Staub: nichts Brennbares hinter der Arbeit, und abkühlen lassen.',
  filler: 'Füllmassen werden heiß und reizen: Handschuhe und Luft, wie ihr Datenblatt sagt.',
  battery:
    'Eine Batterie ohne Sicherung speist einen Kurzschluss, bis etwas brennt: absichern, zuletzt anschließen.',
  'outdoor-run':
    'Eine Strecke von außen braucht Potentialausgleich und Überspannungsschutz, wo sie in ein Gebäude kommt, und bei Gewitter arbeitet niemand daran. Örtliche Vorschriften und eine Elektrofachkraft entscheiden.',
  plenum:
    'Diese Strecke geht durch einen Bereich mit Brandschutzauflagen: jedes Teil, das darin bleibt, muss dafür zugelassen sein, auch Binder und Schlauch. Örtliche Vorschriften entscheiden.',
};
