import { message } from '../../message';
import type { Uncertain } from '../../units';

/** How two ends' delays fit together: what they see of the whole. */
interface Ends {
  readonly seenM: number;
  readonly wholeM: number;
}

/** What is made of a velocity factor, and of a place from both ends. */
export interface VelocityMessages {
  readonly 'velocity-twice': { readonly catalogue: Uncertain };
  readonly 'velocity-above-light': object;
  readonly 'velocity-half': { readonly catalogue: Uncertain };
  readonly 'velocity-contradicts': { readonly catalogue: Uncertain };
  readonly 'velocity-known-better': { readonly catalogue: Uncertain };
  /** A figure that a person reckoned, and ours. */
  readonly 'reckoned-same': { readonly own: number; readonly ours: number };
  readonly 'reckoned-half': { readonly own: number; readonly ours: number };
  readonly 'reckoned-twice': { readonly own: number; readonly ours: number };
  /** `off` as a share of ours, above nothing where it is too high. */
  readonly 'reckoned-round-light': { readonly own: number; readonly off: number };
  readonly 'reckoned-other': {
    readonly own: number;
    readonly off: number;
    readonly oneWayM: number;
    /** What there and back would be by the figure, and what the delay would be. */
    readonly impliedM: number;
    readonly impliedS: number;
    readonly delayS: number;
  };
  readonly 'ends-too-short': { readonly wholeM: number };
  readonly 'ends-untold': object;
  readonly 'ends-agree': Ends & { readonly velocityFactor: Uncertain };
  readonly 'ends-see-less': Ends;
  readonly 'ends-see-more': Ends;
}

export const tell = message<VelocityMessages>();
