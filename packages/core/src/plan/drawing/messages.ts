import { message, type MessageOf } from '../../message';

/** Why lengths of a plan can’t be trusted. */
export interface DrawingMessages {
  readonly 'drawing-no-scale': { readonly drawing: string };
  /** Its two points are so near to each other that lengths by it are this share off. */
  readonly 'drawing-coarse-scale': { readonly drawing: string; readonly share: number };
  /** Where two plans are laid over each other at one riser, another one is this far from itself. */
  readonly 'drawing-riser-astray': {
    readonly riser: string;
    readonly drawing: string;
    readonly byM: number;
  };
  /** No riser is on it and on another one: no run leads there from the others. */
  readonly 'drawing-apart': { readonly drawing: string };
}

export const drawingMessage = message<DrawingMessages>();

export type BuildingProblem = MessageOf<DrawingMessages>;
