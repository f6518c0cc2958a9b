import type { StepWords } from '../../step-words';

export const CONTACT_PLUG = {
  'try-wire': {
    instruction: 'Stop. Try the contact wire and the filler on the bench, the device unpowered.',
    why: 'A wire that is too thick scrapes the pad off; a filler that softens lets it wander.',
    checks: {
      'wire-thin': 'The wire slides over the pad without a mark',
      'filler-hard': 'A sample of the filler stays hard beside the iron',
    },
  },
  'solder-cores/contact-plug': {
    instruction: 'Solder each core to its contact wire, one at a time: {order}.',
    why: 'One at a time, none is mistaken for its neighbour.',
  },
  'check-contact-row': {
    instruction: 'Stop. Check the row before it is cast in.',
    why: 'In the filler nothing moves any more.',
    checks: {
      order: 'From contact 1: {order}',
      'no-short': 'No two contacts touch, measured',
      springs: 'Every wire springs against its pad, the device unpowered',
    },
  },
  'shrink-sleeves/contact-plug': {
    instruction: 'Slide the sleeves over the joints and shrink them.',
    why: 'Filler between bare joints is not insulation enough.',
  },
  'fill-body': {
    instruction: 'Fill the body round wires and jacket and let it set as long as its sheet says.',
    why: 'The filler is the strain relief.',
  },
  'prove-plug/contact-plug': {
    instruction: 'Check the finished plug with nothing powered, and mark which way it goes on.',
    why: 'A plug without a key goes on turned round as easily as right.',
    checks: {
      continuity: 'Every contact reaches its own core and no other',
      'one-way': 'A mark shows the one way it goes on',
    },
  },
} satisfies StepWords;
