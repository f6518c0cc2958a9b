import type { Uncertain } from '../../units';
import { VELOCITY_BY_DIELECTRIC, type Dielectric } from '../cable/dielectric';
import { TOLD_VELOCITY_U, type Told } from './told';

type TypedName =
  | 'velocityFactor'
  | 'velocityFactorU'
  | 'impedanceOhm'
  | 'sourceOhm'
  | 'scopeOhm'
  | 'pulseWidthS'
  | 'riseS';

/** What a person tells of a measurement; anything may be left out. */
export type Typed = { readonly [name in TypedName]?: number | null | undefined } & {
  /** What is between the conductors, where no velocity factor is told. */
  readonly dielectric?: Dielectric | null | undefined;
};

/** What is known of a cable before it is measured. */
export interface KnownCable {
  readonly velocityFactor: Uncertain;
  readonly impedanceOhm: number;
  readonly skin: Uncertain;
}

/** The velocity factor that is told, else by what is between the conductors, else the cable's own; or null. */
export function velocityTold(
  {
    velocityFactor,
    velocityFactorU,
    dielectric,
  }: Pick<Typed, 'velocityFactor' | 'velocityFactorU' | 'dielectric'>,
  cable: Pick<KnownCable, 'velocityFactor'> | null,
): Uncertain | null {
  if (typeof velocityFactor === 'number')
    return { value: velocityFactor, u: velocityFactorU ?? velocityFactor * TOLD_VELOCITY_U };
  const known = dielectric ? VELOCITY_BY_DIELECTRIC[dielectric] : cable?.velocityFactor;
  if (!known) return null;
  const { value, u } = known;
  return { value, u: velocityFactorU ?? u };
}

/** What an analysis is told: what a person tells, over what is known of the cable. */
export const toldBy = (typed: Typed, pulse: Told['pulse'], cable: KnownCable | null): Told => ({
  velocityFactor: velocityTold(typed, cable),
  impedanceOhm: typed.impedanceOhm ?? cable?.impedanceOhm ?? null,
  sourceOhm: typed.sourceOhm ?? null,
  scopeOhm: typed.scopeOhm ?? null,
  pulse,
  pulseWidthS: typed.pulseWidthS ?? null,
  riseS: typed.riseS ?? null,
  skin: cable?.skin ?? null,
});
