import type { Cable, Catalogue, Connector, Jacket, Range } from '../catalogue';
import { formatSheetMm, type UnitSystem } from '../units';
import type { FitCode } from './fit-code';

export interface FitProblem {
  readonly code: FitCode;
  readonly what: string;
  readonly have: string;
  readonly need: string;
  /** By how much it is off, where that is a number. */
  readonly off: string;
  readonly suggestion: string;
}

/** A cable, a connector, and the place where they are. */
export interface Pairing {
  readonly cable: Cable;
  readonly part: Connector;
  readonly place: Jacket;
  readonly units?: UnitSystem | undefined;
}

interface Shortfall {
  readonly have: string;
  readonly need: string;
  readonly off: string;
}

interface FitRule {
  readonly code: FitCode;
  readonly what: (pairing: Pairing) => string;
  /** Null where it fits. */
  readonly lacks: (pairing: Pairing) => Shortfall | null;
}

const sizeIn =
  (units: UnitSystem = 'metric') =>
  (value: number): string =>
    formatSheetMm(value, units);

/** A measured size against what is accepted. */
function sized(
  value: number,
  accepted: Range | null,
  [tooLittle, tooMuch]: readonly [string, string],
  show: (value: number) => string,
): Shortfall | null {
  if (!accepted || (value >= accepted.min && value <= accepted.max)) return null;
  const { min, max } = accepted;
  return {
    have: show(value),
    need: min === max ? show(min) : `${show(min)} to ${show(max)}`,
    off: value > max ? `${show(value - max)} ${tooMuch}` : `${show(min - value)} ${tooLittle}`,
  };
}

const differs = (have: string, need: string, off = ''): Shortfall => ({ have, need, off });
const THICKNESS = ['too thin', 'too thick'] as const;

const FAMILY_NAME: Readonly<Record<Cable['family'], string>> = {
  'four-pair': 'four-pair',
  coax: 'coaxial',
  telephone: 'telephone',
  cord: 'flat cord',
  'multi-core': 'multi-core',
  ribbon: 'ribbon',
  usb: 'USB',
  alarm: 'alarm',
  speaker: 'speaker',
};

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
  what: () => 'Kind of cable against the connector',
  lacks: ({ cable, part }) =>
    part.accepts.families.includes(cable.family)
      ? null
      : differs(
          FAMILY_NAME[cable.family],
          part.accepts.families.map((family) => FAMILY_NAME[family]).join(' or '),
        ),
};

const RULES: readonly FitRule[] = [
  {
    code: 'jacket',
    what: () => 'Jacket against the entry',
    lacks: ({ cable, part, units }) =>
      sized(cable.jacketMm, part.accepts.jacketMm, THICKNESS, sizeIn(units)),
  },
  {
    code: 'insulation',
    what: ({ cable }) =>
      cable.family === 'coax'
        ? 'Dielectric against the stem'
        : 'Insulation against the channel or slot',
    lacks: ({ cable, part, units }) =>
      sized(cable.insulationMm, part.accepts.insulationMm, THICKNESS, sizeIn(units)),
  },
  {
    code: 'centre',
    what: () => 'Centre conductor against the pin',
    lacks: ({ cable, part, units }) =>
      sized(cable.conductorMm, part.accepts.conductorMm, THICKNESS, sizeIn(units)),
  },
  {
    code: 'gauge',
    what: () => 'Conductor gauge against the contact',
    // A larger AWG number is a thinner wire.
    lacks: ({ cable, part }) =>
      sized(
        cable.gaugeAwg,
        part.accepts.gaugeAwg,
        ['too thick', 'too thin'],
        (awg) => `${awg} AWG`,
      ),
  },
  {
    code: 'stranding',
    what: () => 'Solid or stranded against the contact',
    lacks: ({ cable, part }) =>
      part.accepts.stranding.includes(cable.stranding)
        ? null
        : differs(cable.stranding, part.accepts.stranding.join(' or ')),
  },
  {
    code: 'cores',
    what: () => 'Number of cores against the contacts',
    lacks: ({ cable, part }) =>
      sized(
        cable.cores.length,
        part.accepts.cores,
        ['too few', 'too many'],
        (count) => `${count} cores`,
      ),
  },
  {
    code: 'pitch',
    what: () => 'Pitch of the cores against the grooves',
    lacks: ({ cable, part, units }) =>
      part.accepts.pitchMm === null || cable.pitchMm === part.accepts.pitchMm
        ? null
        : differs(
            cable.pitchMm === null ? 'not a ribbon' : sizeIn(units)(cable.pitchMm),
            sizeIn(units)(part.accepts.pitchMm),
          ),
  },
  {
    code: 'impedance',
    what: () => 'Impedance against impedance',
    lacks: ({ cable, part }) =>
      part.impedanceOhm === null ||
      cable.impedanceOhm === null ||
      part.impedanceOhm === cable.impedanceOhm
        ? null
        : differs(
            `${cable.impedanceOhm} ohm`,
            `${part.impedanceOhm} ohm`,
            `${Math.abs(part.impedanceOhm - cable.impedanceOhm)} ohm apart`,
          ),
  },
  {
    code: 'shield',
    what: () => 'Shield against the connector',
    lacks: ({ cable, part }) =>
      part.shielded && part.wiring === 'four-pair' && cable.shield === 'none'
        ? differs('no shield', 'a foil or braid for the shell to grip')
        : null,
  },
];

/** What a place asks of jacket and joint; these hold whatever else would fit. */
const PLACE_RULES: readonly FitRule[] = [
  {
    code: 'jacket-in-place',
    what: () => 'Jacket against the place',
    lacks: ({ cable, place }) =>
      TAKES[place].includes(cable.environment)
        ? null
        : differs(`${cable.environment} jacket`, `${TAKES[place].join(' or ')} jacket`),
  },
  {
    code: 'joint-in-place',
    what: () => 'Joint against the place',
    lacks: ({ part, place }) =>
      part.traits.includes('joint-twist') && (place === 'outdoor' || place === 'burial')
        ? differs('a twisted joint', 'a soldered, sleeved or gel-filled joint')
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
            what: rule.what(pairing),
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

function suggestion(rule: FitRule, pairing: Pairing, { cables, connectors }: Catalogue): string {
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
  if (other) return `Use “${other.name}”.`;
  return wire
    ? `Use ${wire.name} cable.`
    : 'Nothing in the catalogue joins these: choose another connector family.';
}
