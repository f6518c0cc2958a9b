import { SCHOOLS, type Connector, type SchoolId, type Schools } from '../catalogue';
import { FOLDS_BRAID } from './cuts';
import type { Message } from '../message';
import { tell } from './messages';
import { OPERATIONS } from './operations';
import type { TerminationTask } from './task';

/** The schools that change how an end is made. */
export function schoolsInUse({ connector, cable }: TerminationTask): SchoolId[] {
  const words = new Set(OPERATIONS[connector.family].flatMap(({ only }) => only));
  const asked: Readonly<Partial<Record<SchoolId, boolean>>> = {
    scheme: connector.wiring === 'four-pair',
    ringing: connector.bell !== null,
    bond: cable.shield !== 'none' && cable.family !== 'coax' && words.has('shield-bonded'),
    unused: words.has('unused'),
    strip: FOLDS_BRAID.has(connector.family),
    cord: connector.family === 'telephone-plug' && cable.parts.includes('flat'),
  };
  return SCHOOLS.filter(
    ({ id, options }) => asked[id] ?? options.some((option) => words.has(`${id}-${option.id}`)),
  ).map(({ id }) => id);
}

/** Connectors that stand for one option of a school. */
const STANDS_FOR: readonly (readonly [SchoolId, string, (part: Connector) => boolean])[] = [
  ['plug', 'standard', ({ family }) => family === 'modular-plug'],
  ['plug', 'pass-through', ({ family }) => family === 'pass-through-plug'],
  ['joint', 'solder', ({ traits }) => traits.includes('joint-solder')],
  ['joint', 'sleeve', ({ traits }) => traits.includes('joint-sleeve')],
  ['joint', 'twist', ({ traits }) => traits.includes('joint-twist')],
];

/** What a job does otherwise than this connector stands for; null where they agree. */
export function schoolMismatch(
  part: Connector,
  schools: Schools,
  chosen: readonly SchoolId[],
): Message | null {
  const row = STANDS_FOR.find(([, , is]) => is(part));
  if (!row || schools[row[0]] === row[1] || !chosen.includes(row[0])) return null;
  const [id, option] = row;
  return tell('other-school', {
    school: id,
    chosen: schools[id],
    connector: part.name,
    stands: option,
  });
}
