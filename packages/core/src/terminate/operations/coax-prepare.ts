import { operation, type Operation } from '../operation';

// What every coaxial end asks for: three cuts, and a look at them.

const CUT_SQUARE = operation({
  id: 'cut-square',
  wording: 'cut-square/coax-prepare',
  kind: 'cut',
  layer: 'jacket',
  irreversible: true,
  tools: ['cable cutter'],
  seconds: 10,
  depth: 0,
});

const STRIP_JACKET = operation({
  id: 'strip-jacket',
  wording: 'strip-jacket/coax-prepare',
  kind: 'strip',
  layer: 'jacket',
  measures: 'jacket',
  needs: ['cut-square', 'thread-ferrule', 'thread-shrink'],
  irreversible: true,
  only: ['layer-by-layer'],
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
  tools: ['two-blade coax stripper'],
  seconds: 20,
  depth: 1,
});

const FOLD_BRAID = operation({
  id: 'fold-braid',
  wording: 'fold-braid/coax-prepare',
  kind: 'fold',
  layer: 'braid',
  needs: ['strip-jacket'],
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
  tools: ['coax stripper'],
  seconds: 15,
  depth: 3,
});

const INSPECT = operation({
  id: 'inspect-cuts',
  kind: 'check',
  needs: ['strip-dielectric', 'fold-braid', 'cut-second-shield'],
  checks: ['no-stray-strand', 'no-nick', 'square-dielectric'],
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
  seconds: 60,
  depth: 8,
});

export const PROVE = operation({
  id: 'prove-connector',
  kind: 'check',
  part: 'connector',
  makes: ['prove-connector', 'end-proven'],
  checks: ['tug', 'no-short'],
  tools: ['meter'],
  seconds: 25,
  depth: 7,
});
