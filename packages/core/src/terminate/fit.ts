import type { Cable, Catalogue, Connector, Jacket, Range } from '../catalogue';
import { NOTHING, common, type Message } from '../message';
import type { FitCode } from './fit-code';
import { tell, type Miss } from './messages';

export interface FitProblem {
  readonly code: FitCode;
  readonly what: Message;
  readonly have: Message;
  readonly need: Message;
  /** By how much it is off, where that is a number; else nothing. */
  readonly off: Message;
  readonly suggestion: Message;
}

/** A cable, a connector, and the place where they are. */
export interface Pairing {
  readonly cable: Cable;
  readonly part: Connector;
  readonly place: Jacket;
}

interface Shortfall {
  readonly have: Message;
  readonly need: Message;
  readonly off: Message;
}

interface FitRule {
  readonly code: FitCode;
  /** Null where it fits. */
  readonly lacks: (pairing: Pairing) => Shortfall | null;
}

/** A measured size against what is accepted. */
function sized(
  value: number,
  accepted: Range | null,
  [tooLittle, tooMuch]: readonly [Miss, Miss],
  show: (value: number) => Message,
): Shortfall | null {
  if (!accepted || (value >= accepted.min && value <= accepted.max)) return null;
  const { min, max } = accepted;
  return {
    have: show(value),
    need: min === max ? show(min) : common('range', { min: show(min), max: show(max) }),
    off:
      value > max
        ? tell('misses', { by: show(value - max), miss: tooMuch })
        : tell('misses', { by: show(min - value), miss: tooLittle }),
  };
}

const differs = (have: Message, need: Message, off = NOTHING): Shortfall => ({ have, need, off });
const sheet = (mm: number): Message => common('sheet', { mm });
const ohm = (value: number): Message => common('ohm', { ohm: value });
const familyOf = (family: Cable['family']): Message => tell('cable-family', { family });
const strandingOf = (stranding: Cable['stranding']): Message => tell('stranding', { stranding });
const THICKNESS = ['too-thin', 'too-thick'] as const;

/**
 * The jackets that a place takes. Plenum cable may replace riser and general cable, and riser cable
 * general cable (NFPA 70, cable substitution hierarchy); local codes decide.
 */
const TAKES: Readonly<Record<Jacket, readonly Jacket[]>> = {
  indoor: ['indoor', 'riser', 'plenum', 'outdoor', 'burial'],
  riser: ['riser', 'plenum'],
  plenum: ['plenum'],
  outdoor: ['outdoor', 'burial'],
  burial: ['burial'],
};

const KIND: FitRule = {
  code: 'kind',
  lacks: ({ cable, part }) =>
    part.accepts.families.includes(cable.family)
      ? null
      : differs(
          familyOf(cable.family),
          common('either', { of: part.accepts.families.map(familyOf) }),
        ),
};

const RULES: readonly FitRule[] = [
  {
    code: 'jacket',
    lacks: ({ cable, part }) => sized(cable.jacketMm, part.accepts.jacketMm, THICKNESS, sheet),
  },
  {
    code: 'insulation',
    lacks: ({ cable, part }) =>
      sized(cable.insulationMm, part.accepts.insulationMm, THICKNESS, sheet),
  },
  {
    code: 'centre',
    lacks: ({ cable, part }) =>
      sized(cable.conductorMm, part.accepts.conductorMm, THICKNESS, sheet),
  },
  {
    code: 'gauge',
    // A larger AWG number is a thinner wire.
    lacks: ({ cable, part }) =>
      sized(cable.gaugeAwg, part.accepts.gaugeAwg, ['too-thick', 'too-thin'], (awg) =>
        common('gauge', { awg }),
      ),
  },
  {
    code: 'stranding',
    lacks: ({ cable, part }) =>
      part.accepts.stranding.includes(cable.stranding)
        ? null
        : differs(
            strandingOf(cable.stranding),
            common('either', { of: part.accepts.stranding.map(strandingOf) }),
          ),
  },
  {
    code: 'cores',
    lacks: ({ cable, part }) =>
      sized(cable.cores.length, part.accepts.cores, ['too-few', 'too-many'], (count) =>
        common('cores', { count }),
      ),
  },
  {
    code: 'pitch',
    lacks: ({ cable, part }) =>
      part.accepts.pitchMm === null || cable.pitchMm === part.accepts.pitchMm
        ? null
        : differs(
            cable.pitchMm === null ? tell('no-ribbon', {}) : sheet(cable.pitchMm),
            sheet(part.accepts.pitchMm),
          ),
  },
  {
    code: 'impedance',
    lacks: ({ cable, part }) =>
      part.impedanceOhm === null ||
      cable.impedanceOhm === null ||
      part.impedanceOhm === cable.impedanceOhm
        ? null
        : differs(
            ohm(cable.impedanceOhm),
            ohm(part.impedanceOhm),
            tell('ohm-apart', { ohm: Math.abs(part.impedanceOhm - cable.impedanceOhm) }),
          ),
  },
  {
    code: 'shield',
    lacks: ({ cable, part }) =>
      part.shielded && part.wiring === 'four-pair' && cable.shield === 'none'
        ? differs(tell('no-shield', {}), tell('needs-shield', {}))
        : null,
  },
];

/** What a place asks of jacket and joint; these hold whatever else would fit. */
const PLACE_RULES: readonly FitRule[] = [
  {
    code: 'jacket-in-place',
    lacks: ({ cable, place }) =>
      TAKES[place].includes(cable.environment)
        ? null
        : differs(
            tell('jackets', { jackets: [cable.environment] }),
            tell('jackets', { jackets: TAKES[place] }),
          ),
  },
  {
    code: 'joint-in-place',
    lacks: ({ part, place }) =>
      part.traits.includes('joint-twist') && (place === 'outdoor' || place === 'burial')
        ? differs(tell('twisted-joint', {}), tell('other-joints', {}))
        : null,
  },
];

/**
 * Whether a connector takes a cable in a place: every rule that fails, with what is, what is needed,
 * by how much it is off, and what would fit. Sizes are the catalogue's until the maker's sheet
 * replaces them.
 */
export function fitProblems(pairing: Pairing, catalogue: Catalogue): FitProblem[] {
  const rules = KIND.lacks(pairing) ? [KIND] : RULES;
  return [...rules, ...PLACE_RULES].flatMap((rule): FitProblem[] => {
    const lack = rule.lacks(pairing);
    return lack
      ? [
          {
            code: rule.code,
            what: tell('fit-rule', { rule: rule.code, family: pairing.cable.family }),
            ...lack,
            suggestion: suggestion(rule, pairing, catalogue),
          },
        ]
      : [];
  });
}

const fits = (pairing: Pairing) =>
  [KIND, ...RULES, ...PLACE_RULES].every((rule) => rule.lacks(pairing) === null);

/** Whether what mates with one mates with the other: the same outline and gender, or the same kind of joint. */
const standsIn = (other: Connector, part: Connector): boolean =>
  other.gender === part.gender &&
  other.outline === part.outline &&
  (part.outline !== null || other.family === part.family);

function suggestion(rule: FitRule, pairing: Pairing, { cables, connectors }: Catalogue): Message {
  const { cable, part } = pairing;
  const wires = cables.filter(
    (row) => row.family === cable.family && fits({ ...pairing, cable: row }),
  );
  const wire = wires.find((row) => row.grade === cable.grade) ?? wires[0];
  // A jacket that the place refuses is not mended by another connector.
  const parts =
    PLACE_RULES[0] === rule
      ? []
      : connectors.filter((row) => standsIn(row, part) && fits({ ...pairing, part: row }));
  const other = parts.find((row) => row.family === part.family) ?? parts[0];
  if (other) return tell('use-part', { name: other.name });
  return wire ? tell('use-cable', { name: wire.name }) : tell('nothing-joins', {});
}
