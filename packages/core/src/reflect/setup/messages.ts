import { message } from '../../message';

/** Whether an instrument and a terminator will do. */
export interface SetupMessages {
  readonly 'scope-memory': {
    readonly needed: number;
    readonly kept: number;
    readonly isEnough: boolean;
  };
  readonly 'scope-rate': { readonly isEnough: boolean };
  /** The far end's echo, as a share of the launch. */
  readonly 'far-echo': { readonly share: number; readonly isEnough: boolean };
  readonly terminator: {
    readonly ohm: number;
    readonly lineOhm: number;
    readonly reflection: number;
    readonly isGood: boolean;
  };
}

export const tell = message<SetupMessages>();
