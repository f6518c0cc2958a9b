import { CABLES, CONNECTORS, type Cable, type Connector, type Range } from '../catalogue';

export interface FitProblem {
  readonly what: string;
  readonly have: string;
  readonly need: string;
  readonly suggestion: string;
}

interface FitRule {
  readonly what: string;
  readonly fits: (cable: Cable, part: Connector) => boolean;
  readonly have: (cable: Cable) => string;
  readonly need: (part: Connector) => string;
}

const within = (value: number, { min, max }: Range) => value >= min && value <= max;
const mm = (value: number) => `${value.toFixed(2).replace(/0$/, '')} mm`;
const span = ({ min, max }: Range, show: (value: number) => string) =>
  `${show(min)} to ${show(max)}`;

const RULES: readonly FitRule[] = [
  {
    what: 'Jacket against the entry',
    fits: (cable, part) => within(cable.jacketMm, part.accepts.jacketMm),
    have: (cable) => mm(cable.jacketMm),
    need: (part) => span(part.accepts.jacketMm, mm),
  },
  {
    what: 'Insulation against the channel or slot',
    fits: (cable, part) => within(cable.insulationMm, part.accepts.insulationMm),
    have: (cable) => mm(cable.insulationMm),
    need: (part) => span(part.accepts.insulationMm, mm),
  },
  {
    what: 'Conductor gauge against the contact',
    fits: (cable, part) => within(cable.gaugeAwg, part.accepts.gaugeAwg),
    have: (cable) => `${cable.gaugeAwg} AWG`,
    need: (part) => `${part.accepts.gaugeAwg.min} to ${part.accepts.gaugeAwg.max} AWG`,
  },
  {
    what: 'Solid or stranded against the contact',
    fits: (cable, part) => part.accepts.stranding.includes(cable.stranding),
    have: (cable) => cable.stranding,
    need: (part) => part.accepts.stranding.join(' or '),
  },
  {
    what: 'Shield against the connector',
    fits: (cable, part) => !(part.shielded && cable.shield === 'none'),
    have: () => 'no shield',
    need: () => 'a foil or braid for the shell to grip',
  },
];

/**
 * Whether a connector takes a cable: every rule that fails, with what is, what is needed and what
 * would fit. Sizes are the catalogue's generic ones until the maker's sheet replaces them.
 */
export function fitProblems(cable: Cable, part: Connector): FitProblem[] {
  return RULES.filter((rule) => !rule.fits(cable, part)).map((rule) => ({
    what: rule.what,
    have: rule.have(cable),
    need: rule.need(part),
    suggestion: suggestion(cable, part),
  }));
}

function suggestion(cable: Cable, part: Connector): string {
  const fits = (other: Connector, wire: Cable) => RULES.every((rule) => rule.fits(wire, other));
  const other = CONNECTORS.find((row) => row.family === part.family && fits(row, cable));
  if (other) return `Use “${other.name}”.`;
  const wire = CABLES.find((row) => row.category === cable.category && fits(part, row));
  return wire
    ? `Use ${wire.name} cable.`
    : 'Nothing in the catalogue joins these: choose another connector family.';
}
