import type { Contact } from '../catalogue';
import { assign, type Tie } from './assign';
import { ASKED_FROM, COSTS, matchCost } from './match-cost';
import type { Port } from './port';
import { far, near, type Choice, type Join, type Joined, type Question } from './solution';
import { contactsOf, marksOf, unitName, unitsOf, type Unit } from './unit';

export interface JoinedSignals extends Joined {
  readonly cost: number;
}

const spoken = (unit: Unit): string => `${contactsOf(unit).join(' and ')} (${unitName(unit)})`;

const straight = (a: Unit, b: Unit): Join[] =>
  a.rows.map((row, index) => ({ near: row.contact, far: b.rows[index]?.contact ?? null }));

/** Pairs whose names do not say which wire is which, or say it in letters that makers use both ways. */
function sideways(a: Unit, b: Unit): boolean {
  if (a.rows.length === 1 || a.rows[1]?.role === 'ground' || b.rows[1]?.role === 'ground')
    return false;
  const [one, other] = [marksOf(a), marksOf(b)];
  return one.some((mark, index) => mark === null || mark !== other[index]);
}

/** Both ways of joining two units, each with its label; one where their names say it. */
function waysOf(a: Unit, b: Unit, prefix: string): Choice[] {
  const plain = straight(a, b);
  if (!sideways(a, b)) return [{ label: prefix, joins: plain }];
  const crossed = plain.map(({ near: contact }, index) => ({
    near: contact,
    far: plain[plain.length - 1 - index]?.far ?? null,
  }));
  return [plain, crossed].map((joins) => ({
    label: `${prefix}: ${joins.map((join) => `near ${join.near} to far ${join.far}`).join(', ')}`,
    joins,
  }));
}

function askWayRound(a: Unit, b: Unit): Question {
  const name = (unit: Unit) => unit.rows.map((row) => row.signal).join(' and ');
  return {
    id: `way-${contactsOf(a)[0]}-${contactsOf(b)[0]}`,
    sentence: `${name(a)} meets ${name(b)}: makers name these wires both ways. Which goes with which?`,
    choices: waysOf(a, b, 'Join'),
  };
}

function askSure(a: Unit, b: Unit): Question {
  return {
    id: `sure-${contactsOf(a)[0]}`,
    sentence: `Is near ${spoken(a)} the same as far ${spoken(b)}? The names are near each other, not the same.`,
    choices: [
      { label: 'Yes, join them', joins: straight(a, b) },
      { label: 'No, leave both open', joins: lone([a], [b]) },
    ],
  };
}

const lone = (nearUnits: readonly Unit[], farUnits: readonly Unit[]): Join[] => [
  ...nearUnits.flatMap((unit) => contactsOf(unit).map((contact) => ({ near: contact, far: null }))),
  ...farUnits.flatMap((unit) => contactsOf(unit).map((contact) => ({ near: null, far: contact }))),
];

/** Whether a unit works both ways and these are a sender and a receiver: then it may serve both. */
function servesBoth({ rows }: Unit, one: Unit, other: Unit): boolean {
  const directions = [one, other].map((unit) => unit.rows[0].direction);
  return rows[0].direction === 'both' && directions.includes('out') && directions.includes('in');
}

/** Two partners on the same wires, in each way round. */
function together(
  first: readonly Choice[],
  second: readonly Choice[],
  there: string,
  units: readonly Unit[],
): Choice[] {
  const label = `With both, ${there} ${units.map(spoken).join(' and ')}`;
  return first.map(({ joins }, index) => ({
    label: first.length > 1 ? `${label}, ${index === 0 ? 'straight' : 'turned'}` : label,
    joins: [...joins, ...(second[index]?.joins ?? [])],
  }));
}

/** One question for a tie: about the end that has fewer contacts in it. */
function askTie(tie: Tie, nearUnits: readonly Unit[], farUnits: readonly Unit[]): Question {
  const fromNear = tie.rows.length <= tie.columns.length;
  const own = fromNear ? tie.rows : tie.columns;
  const [ends, others] = fromNear ? [nearUnits, farUnits] : [farUnits, nearUnits];
  const asked = own[0] ?? 0;
  const unit = ends[asked];
  const partners = tie.joins.flatMap(([row, column]) =>
    (fromNear ? row : column) === asked ? [fromNear ? column : row] : [],
  );
  const [here, there] = fromNear ? ['Near', 'far'] : ['Far', 'near'];
  const ways = (other: Unit): Choice[] => {
    const label = `With ${there} ${spoken(other)}`;
    return unit ? (fromNear ? waysOf(unit, other, label) : waysOf(other, unit, label)) : [];
  };
  const leavesOpen = (fromNear ? tie.loneRows : tie.loneColumns).has(asked);
  const choices: Choice[] = partners.flatMap((index) => {
    const other = others[index];
    return other ? ways(other) : [];
  });
  const [one, other] = partners.map((index) => others[index]);
  if (unit && one && other && servesBoth(unit, one, other))
    choices.push(...together(ways(one), ways(other), there, [one, other]));
  if (leavesOpen && unit)
    choices.push({
      label: 'Leave it open',
      joins: fromNear ? lone([unit], []) : lone([], [unit]),
    });
  const names = partners.flatMap((index) => {
    const other = others[index];
    return other ? [spoken(other)] : [];
  });
  return {
    id: `tie-${fromNear ? 'near' : 'far'}-${unit ? contactsOf(unit)[0] : ''}`,
    sentence: `${here} ${unit ? spoken(unit) : ''}: to ${there} ${names.join(' or ')}? The names fit equally well.`,
    choices,
  };
}

/** The costs of joining every signal of one port with every one of the other. */
export const costsOf = (nearUnits: readonly Unit[], farUnits: readonly Unit[]): number[][] =>
  nearUnits.map((a) => farUnits.map((b) => matchCost(a, b)));

/**
 * Joins the signals of two ports at the least total cost. Ties, names that only resemble each other and
 * pairs whose way round is not said become questions, and stay open until they are answered.
 *
 * @param taken contacts that were joined or left open by hand
 */
export function joinSignals(
  nearPort: Port,
  farPort: Port,
  taken: { readonly near: ReadonlySet<Contact>; readonly far: ReadonlySet<Contact> },
): JoinedSignals {
  const free = (port: Port, used: ReadonlySet<Contact>) =>
    unitsOf({ ...port, contacts: port.contacts.filter(({ contact }) => !used.has(contact)) });
  const nearUnits = free(nearPort, taken.near);
  const farUnits = free(farPort, taken.far);
  const { columns, cost, ties } = assign(costsOf(nearUnits, farUnits), COSTS.apart);
  const tied = new Set(ties.flatMap(({ rows }) => rows));
  const tiedColumns = new Set(ties.flatMap((tie) => tie.columns));
  const edges: JoinedSignals['edges'][number][] = [];
  const questions = ties.map((tie) => askTie(tie, nearUnits, farUnits));
  columns.forEach((column, row) => {
    const [a, b] = [nearUnits[row], column === null ? undefined : farUnits[column]];
    if (!a || !b || column === null || tied.has(row) || tiedColumns.has(column)) return;
    if (matchCost(a, b) >= ASKED_FROM) questions.push(askSure(a, b));
    else if (sideways(a, b)) questions.push(askWayRound(a, b));
    else
      for (const join of straight(a, b))
        if (join.near !== null && join.far !== null) edges.push([near(join.near), far(join.far)]);
  });
  return { edges, questions, findings: [], cost };
}
