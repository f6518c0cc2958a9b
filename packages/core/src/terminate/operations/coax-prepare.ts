import { checks, operation, type Operation } from '../operation';

// What every coaxial end asks for: three cuts, and a look at them.

const CUT_SQUARE = operation({
  id: 'cut-square',
  kind: 'cut',
  layer: 'jacket',
  irreversible: true,
  instruction: 'Cut the cable’s end square with a cable cutter, and round it again.',
  why: 'Every cut is measured from this end; a crushed end carries the centre off its middle.',
  tools: ['cable cutter'],
  seconds: 10,
  depth: 0,
});

const STRIP_JACKET = operation({
  id: 'strip-jacket',
  kind: 'strip',
  layer: 'jacket',
  measures: 'jacket',
  needs: ['cut-square', 'thread-ferrule', 'thread-shrink'],
  irreversible: true,
  only: ['layer-by-layer'],
  instruction: 'Cut the jacket {jacketCut} from the end and pull it off. Leave the braid whole.',
  why: 'The braid that is left bare here is what the shell will hold.',
  tools: ['coax stripper'],
  seconds: 20,
  depth: 1,
});

const STRIP_BOTH = operation({
  id: 'strip-both',
  kind: 'strip',
  layer: 'to-centre',
  measures: 'dielectric',
  only: ['two-blade'],
  needs: ['cut-square'],
  makes: ['strip-jacket', 'strip-dielectric'],
  irreversible: true,
  instruction:
    'Strip with the two-blade stripper in one turn: to the centre conductor {dielectricCut} from the end, and the jacket alone {jacketCut} from it. Pull both pieces off straight.',
  why: 'Both cuts come from one setting. Try it on an offcut: a blade set too deep nicks the centre or takes the braid.',
  tools: ['two-blade coax stripper'],
  seconds: 20,
  depth: 1,
});

const FOLD_BRAID = operation({
  id: 'fold-braid',
  kind: 'fold',
  layer: 'braid',
  needs: ['strip-jacket'],
  instruction: 'Comb the braid back over the jacket, all round.',
  why: 'Out of the way it can’t be cut, and no strand of it can reach the centre.',
  seconds: 20,
  depth: 2,
});

const CUT_FOIL = operation({
  id: 'cut-second-shield',
  kind: 'cut',
  layer: 'foil',
  only: ['second-shield'],
  needs: ['fold-braid'],
  irreversible: true,
  instruction: 'Cut the outer foil off at the jacket, then comb the second braid back as well.',
  why: 'A quad-shield cable has two foils and two braids; the inner foil stays on the dielectric.',
  tools: ['side cutter'],
  seconds: 30,
  depth: 2,
});

const STRIP_DIELECTRIC = operation({
  id: 'strip-dielectric',
  kind: 'strip',
  layer: 'dielectric',
  measures: 'dielectric',
  only: ['layer-by-layer'],
  needs: ['fold-braid', 'cut-braid', 'cut-second-shield'],
  irreversible: true,
  instruction:
    'Cut the dielectric {dielectricCut} from the end, through a foil on it too, and pull it off straight.',
  why: 'A nick in the centre conductor breaks it later; a bent one misses its pin.',
  tools: ['coax stripper'],
  seconds: 15,
  depth: 3,
});

const INSPECT = operation({
  id: 'inspect-cuts',
  kind: 'check',
  needs: ['strip-dielectric', 'fold-braid', 'cut-second-shield'],
  instruction: 'Stop. Look at the cuts before anything goes on.',
  why: 'Here a bad cut costs a hand’s width of cable; later it costs the connector.',
  checks: checks({
    'no-stray-strand': 'No strand of the braid touches or nears the centre conductor',
    'no-nick': 'The centre conductor is bright, round and not nicked',
    'square-dielectric': 'The dielectric is cut square and not drawn out',
  }),
  seconds: 15,
  depth: 3,
});

/** Every coaxial end that is opened layer by layer: square, jacket off, dielectric off, looked at. */
export const OPENED: readonly Operation[] = [CUT_SQUARE, STRIP_JACKET, STRIP_DIELECTRIC, INSPECT];

/** Ends whose connector is pushed or screwed over the braid, which is folded back. */
export const FOLDED: readonly Operation[] = [...OPENED, STRIP_BOTH, FOLD_BRAID, CUT_FOIL];

/** Mating happens on site, when the end is long made. */
export const WRAP = operation({
  id: 'wrap-joint',
  afterwards: true,
  kind: 'wrap',
  part: 'tape',
  only: ['outdoor', 'lets-water-in'],
  needs: ['prove-connector'],
  instruction:
    'On site, once it is mated: wrap the connector and two fingers of cable with self-amalgamating tape, from the cable up.',
  why: 'This connector does not keep water out by itself.',
  seconds: 60,
  depth: 8,
});

export const PROVE = operation({
  id: 'prove-connector',
  kind: 'check',
  part: 'connector',
  makes: ['prove-connector', 'end-proven'],
  instruction: 'Check the finished end.',
  why: 'A centre that touches the shell kills the signal; one that pulls back opens it later.',
  checks: checks({
    tug: 'The connector holds against a tug and does not turn on the cable',
    'no-short': 'A meter shows no path from centre to shell, the far end open',
  }),
  tools: ['meter'],
  seconds: 25,
  depth: 7,
});
