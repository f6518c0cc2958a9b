/** The lamps that can be seen at one step of a scan. */
export interface LampStep {
  readonly step: string;
  readonly lit: readonly string[];
  readonly dim: readonly string[];
}

export type LampLight = 'lit' | 'dim' | 'dark';

export const lightOf = ({ lit, dim }: LampStep, lamp: string): LampLight =>
  lit.includes(lamp) ? 'lit' : dim.includes(lamp) ? 'dim' : 'dark';
