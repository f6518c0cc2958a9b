import type { Loss } from '../line/line';
import type { Change, Guess } from './guess';

/** One number of a guess that is fitted. */
export interface Parameter {
  readonly name: string;
  readonly get: (guess: Guess) => number;
  readonly set: (guess: Guess, value: number) => Guess;
  /** About how far it may be off; also the size of the step that slopes are taken with, by a thousand. */
  readonly scale: number;
  readonly least: number;
  readonly most: number;
  /** What is known of it beforehand. */
  readonly prior: { readonly mean: number; readonly sd: number } | null;
  /** Whether the line changes with it, or only what is sent into it. */
  readonly of: 'line' | 'launch' | 'offset' | 'tee';
}

/** What is known before a trace is looked at. */
export interface Prior {
  readonly impedance: { readonly mean: number; readonly sd: number };
  readonly skin: { readonly mean: number; readonly sd: number };
  /** By the square of the skin effect. */
  readonly resistance: { readonly mean: number; readonly sd: number };
  readonly dielectric: { readonly mean: number; readonly sd: number };
}

const withLine = (guess: Guess, line: Partial<Guess['line']>): Guess => ({
  ...guess,
  line: { ...guess.line, ...line },
});
const withLaunch = (guess: Guess, launch: Partial<Guess['launch']>): Guess => ({
  ...guess,
  launch: { ...guess.launch, ...launch },
});
const withChange = (guess: Guess, index: number, change: Partial<Change>): Guess =>
  withLine(guess, {
    changes: guess.line.changes.map((one, place) =>
      place === index ? { ...one, ...change } : one,
    ),
  });

/** The launch's own: those that an already fitted launch keeps are left out. */
export function launchParameters(guess: Guess, rangeS: number): Parameter[] {
  const { launch } = guess;
  const edge = Math.max(launch.rampS, 2 * launch.bellS, rangeS * 1e-6);
  const list: Parameter[] = [
    {
      name: 'offset',
      get: (one) => one.offsetV,
      set: (one, offsetV) => ({ ...one, offsetV }),
      scale: Math.abs(launch.amplitudeV),
      least: -Infinity,
      most: Infinity,
      prior: null,
      of: 'offset',
    },
    {
      name: 'amplitude',
      get: (one) => one.launch.amplitudeV,
      set: (one, amplitudeV) => withLaunch(one, { amplitudeV }),
      scale: Math.abs(launch.amplitudeV),
      least: -Infinity,
      most: Infinity,
      prior: null,
      of: 'launch',
    },
    {
      name: 'launch time',
      get: (one) => one.launch.atS,
      set: (one, atS) => withLaunch(one, { atS }),
      scale: edge,
      least: -Infinity,
      most: Infinity,
      prior: null,
      of: 'launch',
    },
  ];
  return list;
}

/** Inputs of high resistance, with a probe or a lead, have some 10 to 20 pF; matched ones a few. Generic. */
const HIGH_INPUT = { mean: 10e-12, sd: 6e-12 };
const MATCHED_INPUT = { mean: 2e-12, sd: 2e-12 };
/** From here on an input is not there to match a line, ohm. */
const HIGH_FROM_OHM = 1000;

/** What is known of a scope's capacitance by its resistance, farad. */
export const scopeInput = (scopeOhm: number): typeof HIGH_INPUT =>
  scopeOhm > HIGH_FROM_OHM ? HIGH_INPUT : MATCHED_INPUT;

/** The tee's: what it loads every edge with, and throws back of each. */
export function teeParameters({ tee }: Guess): Parameter[] {
  const prior = scopeInput(tee.scopeOhm);
  return [
    {
      name: 'scope',
      get: (one) => one.tee.scopeF,
      set: (one, scopeF) => ({ ...one, tee: { ...one.tee, scopeF } }),
      scale: prior.sd,
      least: 0,
      most: prior.mean + 8 * prior.sd,
      prior,
      of: 'tee',
    },
  ];
}

/** The form of the launch's edges, and its width. */
export function shapeParameters(guess: Guess): Parameter[] {
  const { launch } = guess;
  const edge = Math.max(launch.rampS, 2 * launch.bellS, launch.poleS);
  // Of a ramp and a bell the squares count: the first of either would hardly be seen to change anything.
  const squared = (name: 'rampS' | 'bellS'): Parameter => ({
    name,
    get: (one) => one.launch[name] ** 2,
    set: (one, value) => withLaunch(one, { [name]: Math.sqrt(value) }),
    scale: edge ** 2 / 4,
    least: 0,
    most: (20 * edge) ** 2,
    prior: { mean: launch[name] ** 2, sd: edge ** 2 },
    of: 'launch',
  });
  const pole: Parameter = {
    name: 'poleS',
    get: (one) => one.launch.poleS,
    set: (one, poleS) => withLaunch(one, { poleS }),
    scale: edge / 2,
    least: 0,
    most: 20 * edge,
    prior: { mean: launch.poleS, sd: edge },
    of: 'launch',
  };
  const list = [squared('rampS'), squared('bellS'), pole];
  if (launch.widthS !== null)
    list.push({
      name: 'width',
      get: (one) => one.launch.widthS ?? 0,
      set: (one, widthS) => withLaunch(one, { widthS }),
      scale: edge,
      least: edge / 10,
      most: Infinity,
      prior: null,
      of: 'launch',
    });
  return list;
}

/** A cable's loss, its resistance told by the square of its skin effect. */
export const lossBySkin = (skin: number, by: number, dielectric: number): Loss => ({
  skin,
  resistance: by * skin ** 2,
  dielectric,
});

/** A cable without any skin effect would have no resistance either, and none that could come back. */
const LEAST = { skin: 0.01, resistance: 0, dielectric: 0 };

/** Without skin effect there is nothing to tell a resistance by. */
const bySkin = ({ skin, resistance }: Loss): number => (skin > 0 ? resistance / skin ** 2 : 0);

/** The cable's: its loss and impedance, held near what is known of them. */
export function cableParameters(prior: Prior): Parameter[] {
  const loss = (
    name: keyof Loss,
    get: (loss: Loss) => number,
    set: (loss: Loss, value: number) => Loss,
  ): Parameter[] => {
    const known = prior[name];
    if (known.sd === 0) return [];
    return [
      {
        name,
        get: (one) => get(one.line.loss),
        set: (one, value) => withLine(one, { loss: set(one.line.loss, value) }),
        scale: known.sd,
        least: LEAST[name],
        most: known.mean + 20 * known.sd,
        prior: known,
        of: 'line',
      },
    ];
  };
  return [
    // A thicker wire has less of both: they move together.
    ...loss(
      'skin',
      ({ skin }) => skin,
      (one, skin) => lossBySkin(skin, bySkin(one), one.dielectric),
    ),
    ...loss('resistance', bySkin, ({ skin, dielectric }, by) => lossBySkin(skin, by, dielectric)),
    ...loss(
      'dielectric',
      ({ dielectric }) => dielectric,
      (one, dielectric) => ({ ...one, dielectric }),
    ),
    ...(prior.impedance.sd === 0
      ? []
      : [
          {
            name: 'impedance',
            get: (one: Guess) => one.line.impedanceOhm,
            set: (one: Guess, impedanceOhm: number) => withLine(one, { impedanceOhm }),
            scale: prior.impedance.sd,
            least: prior.impedance.mean / 4,
            most: prior.impedance.mean * 4,
            prior: prior.impedance,
            of: 'line' as const,
          },
        ]),
  ];
}

/** Of a place on the line: where, and how much comes back. */
export function changeParameters(guess: Guess, edgeS: number, rangeS: number): Parameter[] {
  return guess.line.changes.flatMap(({ kind }, index) => {
    const at: Parameter = {
      name: `delay ${index}`,
      get: (one) => one.line.changes[index]?.delayS ?? 0,
      set: (one, delayS) => withChange(one, index, { delayS }),
      scale: edgeS,
      least: 0,
      most: rangeS,
      prior: null,
      of: 'line',
    };
    if (kind === 'tap')
      return [
        at,
        {
          ...at,
          name: `stub ${index}`,
          get: (one: Guess) => one.line.changes[index]?.stubS ?? 0,
          set: (one: Guess, stubS: number) => withChange(one, index, { stubS }),
        },
      ];
    const [least, most] = SIZES[kind];
    return [
      at,
      {
        name: `size ${index}`,
        get: (one: Guess) => one.line.changes[index]?.size ?? 0,
        set: (one: Guess, size: number) => withChange(one, index, { size }),
        scale: 0.1,
        least,
        most,
        prior: null,
        of: 'line' as const,
      },
    ];
  });
}

/** How much can come back. An end's may seem to be a little more than all, by noise. */
const SIZES = {
  step: [-0.95, 0.95],
  series: [0.0005, 0.98],
  shunt: [-0.98, -0.0005],
  end: [-1.15, 1.15],
} as const;
