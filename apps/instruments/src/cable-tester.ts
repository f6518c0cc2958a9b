import { readingOf } from '@near-spoke/contract/tests';
import { fourPairWiring, type Wiring } from '@near-spoke/core/link';
import {
  FAULT_KINDS,
  READABLE,
  commandOf,
  type Fault,
  type FaultKind,
} from '@near-spoke/core/verify';
import {
  completeFault,
  everyFault,
  madeWith,
  observe,
  plainBench,
  procedureOf,
  testersFor,
} from '@near-spoke/core/verify/explain';
import { Instrument, row } from './instrument';
import { block } from './parse-line';

const COMMANDS: readonly string[] = READABLE.flatMap((id) => commandOf(id) ?? []);

/**
 * A bench tester that is not there: it has a cable of its own, whose faults can be set or dealt, and
 * says what a tester of the chosen class would show of it.
 */
export class CableTester extends Instrument {
  private kind = 'PAIR';
  private wiring: Wiring = fourPairWiring('T568B', 'T568B');
  private faults: readonly Fault[] = [];
  private last: string | null = null;
  private deck: number | null = null;

  constructor(serial = '0001') {
    super(`Simulated,Cable tester,${serial},1.0`);
  }

  protected reset(): void {
    this.kind = 'PAIR';
    this.last = null;
  }

  protected readonly own = [
    row('CONF', 'CONFIGURE', false, 1, ([kind = '']) => {
      const found = COMMANDS.find((row) => kind.toUpperCase().startsWith(row));
      if (!found) return { refused: 'value' };
      this.kind = found;
      this.last = null;
      return null;
    }),
    row('CONF', 'CONFIGURE', true, 0, () => this.kind),
    row('INIT', 'INITIATE', false, 0, () => {
      this.last = this.scan();
      this.done();
      return null;
    }),
    row('FETC', 'FETCH', true, 0, () =>
      this.last === null ? { refused: 'stale' } : block(this.last),
    ),
    row('READ', 'READ', true, 0, () => {
      this.last = this.scan();
      return block(this.last);
    }),
    row('SIM:WIR', 'SIMULATE:WIRING', false, 2, ([near = '', far = '', shielded = '0']) => {
      const scheme = (name: string) => (['T568A', 'T568B'] as const).find((id) => id === name);
      const ends = [scheme(near), scheme(far)] as const;
      if (!ends[0] || !ends[1]) return { refused: 'value' };
      this.wiring = fourPairWiring(ends[0], ends[1], shielded === '1');
      this.faults = [];
      return null;
    }),
    row('SIM:FAUL', 'SIMULATE:FAULT', false, 1, ([kind = '', ...contacts]) => {
      const found = FAULT_KINDS.find((row) => row === kind);
      if (!found) return { refused: 'value' };
      const fault = this.faultOf(found, contacts);
      if (!fault) return { refused: 'value' };
      this.faults = [...this.faults, fault];
      return null;
    }),
    row(
      'SIM:FAUL',
      'SIMULATE:FAULT',
      true,
      0,
      () => this.faults.map(({ kind }) => kind).join(',') || 'none',
    ),
    row('SIM:GOOD', 'SIMULATE:GOOD', false, 0, () => {
      this.faults = [];
      this.deck = null;
      return null;
    }),
    row('SIM:DEAL', 'SIMULATE:DEAL', false, 1, ([seed = '']) => {
      const value = Number(seed);
      if (!Number.isInteger(value)) return { refused: 'value' };
      this.deck = value >>> 0;
      return null;
    }),
  ] as const;

  private faultOf(kind: FaultKind, near: readonly string[]): Fault | null {
    const known = near.every((name) =>
      this.wiring.near.contacts.some(({ contact }) => contact === name),
    );
    if (!known) return null;
    return completeFault(
      { kind, near: near.length > 0 ? [...near] : undefined, end: 'far' },
      this.wiring,
    );
  }

  private scan(): string {
    if (this.deck !== null) this.dealOne();
    const bench = plainBench(this.wiring);
    const row = testersFor(this.wiring).find(({ id }) => commandOf(id) === this.kind);
    const [trial] = procedureOf(row ?? { id: 'pairing' }, this.wiring);
    if (!trial) throw new Error('This tester reads nothing');
    const shown = observe(trial, madeWith(this.wiring, this.faults), bench);
    return JSON.stringify(readingOf(trial, shown));
  }

  /** The next cable of a deck: one in eight has a fault. The same seed deals the same cables. */
  private dealOne(): void {
    const draw = () => {
      // A linear congruential generator, as in Numerical Recipes.
      this.deck = (Math.imul(this.deck ?? 0, 1664525) + 1013904223) >>> 0;
      return this.deck / 2 ** 32;
    };
    const faults = everyFault(this.wiring);
    const faulty = draw() < 1 / 8;
    const fault = faults[Math.floor(draw() * faults.length)];
    this.faults = faulty && fault ? [fault] : [];
  }
}
