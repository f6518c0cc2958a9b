import type { SCREW_TERMINALS as ENGLISH } from '../../en/terminate/screw-terminals';
import type { SameSteps } from '../../step-words';

export const SCREW_TERMINALS: SameSteps<typeof ENGLISH> = {
  'strip-cores/screw-terminals': {
    instruction: 'Jede Ader abisolieren, die gebraucht wird, {tip} von ihrer Spitze.',
    why: 'Länger steht blankes Kupfer neben dem Nachbarn; kürzer hält die Schraube Isolierung.',
  },
  'lay-conductors/screw-terminals': {
    instruction:
      'Jede Ader um ihre Schraube biegen, in deren Drehsinn, mit etwas Vorrat dahinter: {order}.',
    why: 'Andersherum gebogen drückt die Schraube die Ader beim Anziehen heraus.',
  },
  'read-before-screw': {
    instruction: 'Halt. Klemmen lesen, bevor die Schrauben angezogen werden.',
    why: 'Die Leitung geht beide Wege herum, aber eine Polarität, die gemeint ist, findet man sofort.',
    checks: {
      'order-at-terminals': 'Jede Ader liegt an ihrer Klemme: {order}',
      apart: 'Kein blankes Kupfer ist nahe an einer anderen Klemme',
    },
  },
  'screw-cores': {
    instruction: 'Jede Schraube anziehen, bis die Ader hält und nicht platt ist.',
    why: 'Eine lose Schraube knistert; eine mit Gewalt angezogene durchtrennt die Ader.',
  },
  'prove-terminals': {
    instruction: 'Klemmen prüfen, bevor der Deckel darauf kommt.',
    why: 'Der Deckel verdeckt die Schrauben.',
    checks: {
      tug: 'Jede Ader hält, wenn man leicht daran zieht',
      'no-strand': 'Kein Draht und kein blankes Kupfer steht unter einer Schraube hervor',
    },
  },
  'close-socket/screw-terminals': {
    instruction: 'Kabel ohne Knick in die Dose legen und den Deckel aufsetzen.',
    why: 'Zuletzt, denn er deckt alles.',
  },
  'keep-unused/screw-terminals': {
    instruction:
      'Unbenutzte Adern hinten in der Dose aufrollen, ihre Enden isoliert und getrennt: {unused}.',
    why: '{school}: unbenutzte Adern bleiben. Ein blankes Ende, das ein anderes berührt, ist ein Kurzschluss.',
  },
};
