import type { ReflectFacts } from '@near-spoke/core/reflect/cable';
import type { Typed } from '@near-spoke/core/reflect/told';
import type { Uncertain } from '@near-spoke/core/units';
import type { NumberField, Texts } from '../../shell/number-fields';

/** What a trace is measured with; a page gives them their names. */
export const TRACE_FIELDS: readonly (Omit<NumberField, 'name'> & { readonly id: TraceNumber })[] = [
  { id: 'vf', unit: '' },
  { id: 'vfU', unit: '' },
  { id: 'ohm', unit: 'Ω' },
  { id: 'source', unit: 'Ω' },
  { id: 'scope', unit: 'Ω' },
  { id: 'width', unit: 'ns' },
  { id: 'rise', unit: 'ns' },
];

export const TRACE_BOUNDS = {
  vf: [0.3, 1],
  vfU: [0, 0.3],
  ohm: [5, 2000, 'Ω'],
  source: [0.1, 1e5, 'Ω'],
  scope: [1, 1e9, 'Ω'],
  width: [0.01, 1e6, 'ns'],
  rise: [0.001, 1e6, 'ns'],
} as const;

export type TraceNumber = keyof typeof TRACE_BOUNDS;
type Numbers = Readonly<Record<TraceNumber, number | null>>;

const OF_CABLE: readonly string[] = ['vf', 'vfU', 'ohm'];
/** Whether a field tells of the cable; the others tell of the instrument. */
export const isOfCable = (id: string): boolean => OF_CABLE.includes(id);

/** What stands in the fields of the cable until something is typed: what is known of it. */
export const cableTexts = (facts: ReflectFacts | null): Texts =>
  facts
    ? { ...velocityTexts(facts.velocityFactor), ohm: String(facts.impedanceOhm) }
    : { vf: '', vfU: '', ohm: '' };

/** A velocity factor as it is written into the fields. */
export const velocityTexts = ({ value, u }: Uncertain): { vf: string; vfU: string } => ({
  vf: String(Number(value.toFixed(4))),
  vfU: String(Number(u.toFixed(4))),
});

const seconds = (nanoseconds: number | null) => (nanoseconds === null ? null : nanoseconds * 1e-9);

/** The numbers of the fields, in the units of core. */
export const typedIn = ({ vf, vfU, ohm, source, scope, width, rise }: Numbers): Typed => ({
  velocityFactor: vf,
  velocityFactorU: vfU,
  impedanceOhm: ohm,
  sourceOhm: source,
  scopeOhm: scope,
  pulseWidthS: seconds(width),
  riseS: seconds(rise),
});
