export {
  nextMark,
  reelStandings,
  type Marks,
  type ReelCut,
  type ReelFact,
  type ReelStanding,
} from './reel-standing';
