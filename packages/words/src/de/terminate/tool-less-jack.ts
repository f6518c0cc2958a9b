import type { TOOL_LESS_JACK as ENGLISH } from '../../en/terminate/tool-less-jack';
import type { SameSteps } from '../../step-words';

export const TOOL_LESS_JACK: SameSteps<typeof ENGLISH> = {
  'cut-spline': {
    instruction: 'Kreuz und Reißfaden bündig am Mantel abschneiden.',
    why: 'Der Deckel schließt auf dem Mantel: was vorsteht, hält ihn offen.',
  },
  'fan-into-lid': {
    instruction:
      'Kabel in den Deckel führen und die Paare nach der {scheme}-Seite seiner Karte ordnen: zwei liegen unten, zwei oben.',
    title: 'Kabel in den Deckel führen',
    why: 'Die Karte steht in der Folge der Schlitze, nicht der Kontakte, und die Paare bleiben bis zu ihren Schlitzen verdrillt.',
  },
  'cut-slant': {
    instruction: 'Das Ende jeder Ader schräg abschneiden.',
    why: 'Ein schräges Ende findet sein Loch im Deckel; ein gerades bleibt hängen.',
  },
  'lay-lower': {
    instruction:
      'Die zwei unteren Paare aufdrehen, bis {exposed} vor ihre Schlitze, und einfädeln, von links: {lower}. Straff ziehen.',
    why: 'Unten zuerst: liegen die oberen Paare, kommt nichts mehr daran. Die Karte der Buchse in deiner Hand entscheidet.',
  },
  'tie-rear': {
    instruction:
      'Binder von hinten durchstecken, den Kopf hinten, den Mantel an den Körper ziehen und das Ende des Binders abschneiden.',
    why: 'Der Mantel ist fest, bevor die oberen Paare liegen und lange bevor etwas gekürzt wird: was später gezogen wird, rutscht zurück.',
    wayBack:
      'Die oberen Paare aus ihren Schlitzen ziehen, den Mantel festbinden und sie neu legen.',
  },
  'lay-upper': {
    instruction:
      'Jetzt die zwei oberen Paare aufdrehen, bis {exposed} vor ihre Schlitze, und einfädeln, von links: {upper}. Alle acht straff ziehen.',
    why: 'Straff gezogen kann keine herausrutschen, während der Deckel niedergeht.',
  },
  'read-before-trim': {
    instruction: 'Halt. Deckel prüfen, bevor die Enden geschnitten werden.',
    why: 'Eine zu kurz geschnittene Ader muss neu abgesetzt werden.',
    checks: {
      'order-at-card': 'Jede Ader liegt bei ihrer Farbe auf der {scheme}-Karte',
      'twist-kept': 'Kein Paar ist weiter aufgedreht als {exposed}',
    },
  },
  'trim-flush': {
    instruction: 'Alle acht Enden bündig am Deckel abschneiden. Danach an nichts mehr ziehen.',
    why: 'Ein Ende, das vorsteht, lässt den Deckel nicht schließen oder berührt seinen Nachbarn.',
  },
  'read-before-lid': {
    instruction: 'Halt. Deckel prüfen, bevor er gepresst wird.',
    why: 'Gepresst haben die Kontakte in die Adern geschnitten.',
    checks: {
      'ends-flush': 'Alle acht Enden sind bündig mit dem Deckel, keines ist zurückgerutscht',
    },
  },
  'press-lid': {
    instruction:
      'Deckel gerade aufpressen, mit der Parallelzange, wenn das Datenblatt sie erlaubt, bis er auf beiden Seiten einrastet.',
    why: 'Der Deckel treibt alle acht Adern zugleich in ihre Kontakte.',
  },
  'prove-lid': {
    instruction: 'Geschlossene Buchse prüfen.',
    why: 'Ein Deckel, der auf einer Seite offen steht, lässt Kontakte halb eingeschnitten.',
    checks: {
      click: 'Der Deckel ist auf beiden Seiten eingerastet und sitzt eben',
    },
  },
};
