import type { CORES as ENGLISH } from '../../en/terminate/cores';
import type { SameSteps } from '../../step-words';

export const CORES: SameSteps<typeof ENGLISH> = {
  'strip-jacket/cores': {
    instruction: 'Mantel anritzen, {strip} vom Ende; knicken, bis er bricht, und abziehen.',
    why: 'Die Adern müssen frei sein, bevor sie ausgelegt werden können.',
  },
  'strip-inner-jacket/cores': {
    instruction: 'Inneren Mantel auf Höhe des äußeren anritzen und abziehen.',
    why: 'Ein Erdkabel hat zwei Mäntel: die Adern liegen unter dem zweiten.',
  },
  'peel-pair-foil': {
    instruction: 'Folie von jedem Paar abschälen, bis zum Mantel zurück.',
    why: 'Folie, die an einem Paar bleibt, kann einen Kontakt berühren.',
  },
  'wipe-gel': {
    instruction:
      'Füllgel von jedem Paar wischen, mit einem trockenen Tuch oder dem Reiniger, den sein Datenblatt nennt.',
    why: 'Gel in einem Kontakt isoliert ihn und zieht Schmutz an.',
  },
  'cut-blocking': {
    instruction: 'Quellband und Quellfäden am Mantel abschneiden.',
    why: 'Sie quellen, wo sie nass werden, und ziehen Wasser mit, wo sie vorstehen.',
  },
  'gather-shield': {
    instruction:
      'Geflecht auskämmen und zu einem Strang drehen, an der Seite seines Kontakts{andFoil}.',
    why: 'Der Schirm dieses Endes wird aufgelegt: der Strang kommt ans Gehäuse oder wie eine Ader an seinen Kontakt.',
  },
  'gather-drain': {
    instruction:
      'Folie bis zum Mantel abschneiden und den Beidraht ganz lassen, an der Seite seines Kontakts.',
    why: 'Der Schirm dieses Endes wird aufgelegt: der Beidraht kommt ans Gehäuse oder wie eine Ader an seinen Kontakt.',
  },
  'float-shield': {
    instruction:
      'Schirm bis zum Mantel abschneiden ({shieldNames}) und die Kante mit einer Windung Band decken.',
    why: 'Der Schirm dieses Endes bleibt offen: er ist nur am anderen Ende aufgelegt, oder dieser Verbinder hat keinen Platz für ihn.',
  },
  'inspect-insulation/cores': {
    instruction: 'Adern ansehen, wo der Mantel angeritzt wurde.',
    why: 'Eine Kerbe jetzt ist ein Bruch später; hier kostet sie einen Schnitt mehr.',
    checks: {
      'no-nick': 'Keine Isolierung ist eingekerbt',
      'no-stray-strand': 'Kein Draht eines Schirms, wenn es einen gibt, liegt zwischen den Adern',
    },
  },
  'thread-sleeves/cups': {
    instruction:
      'Einen Schlauch über jede Ader schieben, die verbunden wird, weit weg von der Hitze.',
    why: 'Über eine fertige Verbindung geht kein Schlauch mehr.',
    wayBack:
      'Ader ablöten, ihren Schlauch aufschieben und neu anlöten: ihre Verbindung lässt sich lösen.',
  },
  'thread-sleeves/joints': {
    instruction:
      'Einen Schlauch über jede Ader schieben, die verbunden wird, weit weg von der Hitze.',
    why: 'Über eine fertige Verbindung geht kein Schlauch mehr.',
    wayBack: 'Diese Verbindung herausschneiden und neu machen, den Schlauch zuerst.',
  },
  'strip-cores/cores': {
    instruction: 'Jede Ader abisolieren, die gebraucht wird, {tip} von ihrer Spitze.',
    why: 'Länger steht blankes Kupfer neben dem Nachbarn; kürzer hat die Verbindung nichts zu halten.',
  },
  'order-cores': {
    instruction: 'Adern nach ihren Kontakten auslegen, von der Anschlussseite gelesen: {order}.',
    why: 'Die Anschlussseite ist das Spiegelbild der Steckseite: hier passieren die meisten Verwechslungen.',
  },
  'tin-both': {
    instruction: 'Jedes Aderende und jeden Lötkelch verzinnen, der gebraucht wird, mit Röhrenlot.',
    why: 'Zwei verzinnte Teile verbinden sich in einer Sekunde, bevor die Isolierung zurückweicht.',
  },
  'keep-unused/cores': {
    instruction: 'Unbenutzte Adern zurückbiegen und jedes Ende für sich isolieren: {unused}.',
    why: '{school}: unbenutzte Adern bleiben. Ein blankes Ende im Gehäuse findet einen Kontakt.',
  },
  'cut-unused': {
    instruction: 'Unbenutzte Adern bis zum Mantel abschneiden: {unused}.',
    why: '{school}: unbenutzte Adern werden abgeschnitten.',
  },
  'order-cores/joint': {
    instruction: 'Adern beider Seiten auslegen, {meeting}: {order}.',
    why: 'Ein Paar, das in einer Verbindung gekreuzt ist, findet man an keinem Ende.',
  },
};
