export { compareReckoned, judgeVelocity, type VelocityVerdict } from './judge';
export type { VelocityMessages } from './messages';
export { readReel, usedBetween, type ReelReading } from './reel';
export { pairEnds, type Pair, type SeenFromEnd } from './pair-ends';
export { placeFromTwoEnds, type TwoEnds } from './two-ends';
export {
  pooledVelocity,
  velocityFromBothEnds,
  velocityFromLength,
  velocityFromLengths,
  type KnownLength,
  type VelocityFit,
} from './velocity';
export { knownVelocity, type KnownVelocity } from './measured';
