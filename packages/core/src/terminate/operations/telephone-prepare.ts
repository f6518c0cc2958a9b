import { operation, type Operation } from '../operation';
import { BARE } from './prepare';

// What telephone cables ask for, whatever they end in.

export const strip = (tool: string, measures: boolean): Operation =>
  operation({
    id: 'strip-jacket',
    wording: 'strip-jacket/telephone-prepare',
    kind: 'strip',
    layer: 'jacket',
    ...(measures ? { measures: 'jacket' as const } : {}),
    needs: ['check-side'],
    makes: ['strip-jacket', 'jacket-off'],
    irreversible: true,
    tools: [tool],
    seconds: 20,
    depth: 0,
  });

export const INSPECT = operation({
  id: 'inspect-insulation',
  wording: 'inspect-insulation/telephone-prepare',
  kind: 'check',
  layer: 'conductors',
  needs: ['strip-jacket', ...BARE],
  checks: ['no-nick'],
  seconds: 8,
  depth: 1,
});

export const UNUSED_KEPT = operation({
  id: 'keep-unused',
  wording: 'keep-unused/telephone-prepare',
  makes: ['unused-dealt-with'],
  kind: 'fold',
  layer: 'conductors',
  only: ['unused', 'unused-kept'],
  needs: ['inspect-insulation'],
  seconds: 20,
  depth: 1,
});

export const UNUSED_CUT = operation({
  id: 'cut-unused',
  makes: ['unused-dealt-with'],
  kind: 'cut',
  layer: 'conductors',
  only: ['unused', 'unused-cut'],
  needs: ['inspect-insulation'],
  irreversible: true,
  tools: ['side cutter'],
  seconds: 15,
  depth: 1,
});

export const TIE_BEHIND = operation({
  id: 'tie-cable',
  kind: 'tie',
  part: 'tie',
  needs: ['inspect-insulation'],
  blockedBy: ['lay-conductors'],
  tools: ['side cutter'],
  seconds: 10,
  depth: 1,
});

/** A line is proven where it is used. */
export const LISTEN = operation({
  id: 'listen',
  kind: 'check',
  part: 'socket',
  afterwards: true,
  seconds: 90,
  depth: 9,
});

export const FIND_SIDE = operation({
  id: 'check-side',
  kind: 'check',
  part: 'socket',
  checks: ['our-side', 'line-off'],
  tools: ['meter'],
  seconds: 40,
  depth: 0,
});
