import {
  DEFAULT_SCHOOLS,
  SHELL,
  SHIELD,
  assignCores,
  turnedOver,
  type Assigned,
  type Cable,
  type Connector,
  type Core,
  type Jacket,
  type SchemeId,
  type Schools,
} from '../catalogue';
import type { Pin } from '../link';
import { FOLDS_BRAID } from './cuts';
import type { Condition } from './operation';

/** A jacket thicker than this is squeezed oval before it enters a plug. Generic, mm. */
const THICK_JACKET_MM = 7;

interface Situation {
  readonly cable: Cable;
  readonly connector: Connector;
  readonly scheme: SchemeId;
  readonly schools: Schools;
  readonly environment: Jacket;
  readonly shieldFloats: boolean;
  readonly turned: boolean;
  readonly pinout: readonly Pin[] | null;
}

/** A task with what is usual filled in where nothing is said. */
export const situationOf = (
  task: Pick<Situation, 'cable' | 'connector' | 'scheme'> & Partial<Situation>,
): Situation => ({
  schools: DEFAULT_SCHOOLS,
  environment: 'indoor',
  shieldFloats: false,
  turned: false,
  pinout: null,
  ...task,
});

export interface Laid {
  readonly used: readonly Assigned[];
  readonly unused: readonly Core[];
}

/** Which cores have a contact here, and which are left over. */
export function layOut(situation: Situation): Laid {
  const { cable, connector, scheme, schools, pinout, turned } = situation;
  const plain = () => assignCores(cable, connector, scheme, schools);
  const assigned = pinout
    ? pinout.map(([contact, core, looks]): Assigned => ({
        contact: core === SHIELD ? SHELL : contact,
        core,
        looks,
        pair: null,
        member: null,
      }))
    : turned
      ? turnedOver(plain())
      : plain();
  const used = assigned.filter(({ contact, core }) => contact !== SHELL && core !== null);
  const taken = new Set(used.map(({ core }) => core));
  return { used, unused: cable.cores.filter(({ id }) => !taken.has(id)) };
}

/** Whether an adapter's cores lie in a connector otherwise than one beside the other from the marked edge. */
function ownOrder(situation: Situation): boolean {
  if (!situation.pinout || situation.cable.family !== 'ribbon') return false;
  const order = ({ used }: Laid) => used.map(({ contact, core }) => `${contact} ${core}`);
  const own = order(layOut(situation));
  const plain = order(layOut({ ...situation, pinout: null }));
  return own.some((row) => !plain.includes(row));
}

/** What holds for an end: the words that the operations' conditions are written in. */
export function conditionsOf(situation: Situation): ReadonlySet<Condition> {
  const { cable, connector, schools, environment, shieldFloats } = situation;
  const folds = FOLDS_BRAID.has(connector.family);
  const holds: readonly (readonly [Condition, boolean])[] = [
    [`cable:${cable.family}`, true],
    ['boot', connector.wiring === 'four-pair' && connector.gender === 'plug'],
    ['thick-jacket', connector.gender === 'plug' && cable.jacketMm >= THICK_JACKET_MM],
    ['shell', cable.shield !== 'none' && connector.shielded],
    ['two-blade', folds && schools.strip === 'two-blade'],
    ['layer-by-layer', !folds || schools.strip !== 'two-blade'],
    // A plug’s shell grips shield and drain together; a jack has a post for the drain.
    ['shell-grips', connector.gender === 'plug'],
    ['drain-post', connector.gender !== 'plug'],
    ['drain-only', cable.parts.includes('foil') && !cable.parts.includes('braid')],
    ['shield-unused', cable.shield !== 'none' && !connector.shielded],
    ['shield-bonded', cable.shield !== 'none' && connector.shielded && !shieldFloats],
    ['shield-floated', cable.shield !== 'none' && (!connector.shielded || shieldFloats)],
    ['twisted-cores', cable.family === 'telephone' || cable.family === 'four-pair'],
    ['in-edge-order', !ownOrder(situation)],
    ['own-order', ownOrder(situation)],
    ['unused', layOut(situation).unused.length > 0],
    ['outdoor', environment === 'outdoor' || environment === 'burial'],
    ['lets-water-in', !connector.weatherproof],
  ];
  return new Set([
    ...cable.parts,
    ...connector.traits,
    // How a joint is made is decided by the connector that was chosen for it.
    ...Object.entries(schools).flatMap(([school, choice]) =>
      school === 'joint' ? [] : [`${school}-${choice}`],
    ),
    ...holds.flatMap(([condition, held]) => (held ? [condition] : [])),
  ]);
}
