import { readingOf } from '@near-spoke/contract/tests';
import { fourPairWiring, type Wiring } from '@near-spoke/core/link';
import { FAULT_KINDS, type Fault, type FaultKind, type TesterId } from '@near-spoke/core/verify';
import {
  completeFault,
  everyFault,
  madeWith,
  observe,
  plainBench,
  procedureOf,
  testersFor,
} from '@near-spoke/core/verify/explain';
import { tester as classOf } from '@near-spoke/core/verify';
import { block, parseLine, type Command } from './parse-line';

/** Bits of the standard event status register (IEEE 488.2, 11.5.1). */
const EVENT = { complete: 1, execution: 16, command: 32, on: 128 } as const;

/** Errors as SCPI numbers them. */
const ERRORS = {
  header: [-113, 'Undefined header'],
  missing: [-109, 'Missing parameter'],
  value: [-224, 'Illegal parameter value'],
  stale: [-230, 'Data corrupt or stale'],
} as const;
type Refusal = keyof typeof ERRORS;

const KINDS_OF_READING = ['PAIR', 'IDEN', 'PLAM', 'SLAM'] as const;
const CLASS: Readonly<Record<(typeof KINDS_OF_READING)[number], TesterId>> = {
  PAIR: 'pairing',
  IDEN: 'identifying-remote',
  PLAM: 'pair-lamps',
  SLAM: 'sequential-lamps',
};

type Answer = string | { readonly refused: Refusal } | null;

/**
 * A bench tester that is not there: it has a cable of its own, whose faults can be set or dealt, and
 * says what a tester of the chosen class would show of it.
 */
export class CableTester {
  private events: number = EVENT.on;
  private errors: Refusal[] = [];
  private kind: (typeof KINDS_OF_READING)[number] = 'PAIR';
  private wiring: Wiring = fourPairWiring('T568B', 'T568B');
  private faults: readonly Fault[] = [];
  private last: string | null = null;
  private deck: number | null = null;

  constructor(private readonly serial = '0001') {}

  /** Carries a line out; the answers of its queries, joined by ";", or null where none was asked. */
  handle(line: string): string | null {
    const answers: string[] = [];
    for (const command of parseLine(line)) {
      const answer = command ? this.obey(command) : ({ refused: 'header' } as const);
      if (typeof answer === 'string') answers.push(answer);
      else if (answer) this.refuse(answer.refused);
    }
    return answers.length > 0 ? answers.join(';') : null;
  }

  private obey({ header, query, parameters }: Command): Answer {
    const work = COMMANDS.find(
      (row) => row.query === query && (row.short === header || row.long === header),
    );
    if (!work) return { refused: 'header' };
    return parameters.length < work.parameters
      ? { refused: 'missing' }
      : this.work[work.does](parameters);
  }

  private refuse(refusal: Refusal): void {
    this.errors.push(refusal);
    this.events |= refusal === 'header' || refusal === 'missing' ? EVENT.command : EVENT.execution;
  }

  private readonly work: Readonly<Record<Deed, (parameters: readonly string[]) => Answer>> = {
    identify: () => `Simulated,Cable tester,${this.serial},1.0`,
    reset: () => {
      this.kind = 'PAIR';
      this.last = null;
      return null;
    },
    clear: () => {
      this.events = 0;
      this.errors = [];
      return null;
    },
    events: () => {
      const told = String(this.events);
      this.events = 0;
      return told;
    },
    complete: () => '1',
    selfTest: () => '0',
    error: () => {
      const refusal = this.errors.shift();
      if (!refusal) return '0,"No error"';
      const [number, words] = ERRORS[refusal];
      return `${number},"${words}"`;
    },
    configure: ([kind = '']) => {
      const found = KINDS_OF_READING.find((row) => kind.toUpperCase().startsWith(row));
      if (!found) return { refused: 'value' };
      this.kind = found;
      this.last = null;
      return null;
    },
    configured: () => this.kind,
    measure: () => {
      this.last = this.scan();
      this.events |= EVENT.complete;
      return null;
    },
    fetch: () => (this.last === null ? { refused: 'stale' } : block(this.last)),
    read: () => {
      this.last = this.scan();
      return block(this.last);
    },
    wiring: ([near = '', far = '', shielded = '0']) => {
      const scheme = (name: string) => (['T568A', 'T568B'] as const).find((id) => id === name);
      const ends = [scheme(near), scheme(far)] as const;
      if (!ends[0] || !ends[1]) return { refused: 'value' };
      this.wiring = fourPairWiring(ends[0], ends[1], shielded === '1');
      this.faults = [];
      return null;
    },
    fault: ([kind = '', ...contacts]) => {
      const found = FAULT_KINDS.find((row) => row === kind);
      if (!found) return { refused: 'value' };
      const fault = this.faultOf(found, contacts);
      if (!fault) return { refused: 'value' };
      this.faults = [...this.faults, fault];
      return null;
    },
    faults: () => this.faults.map(({ kind }) => kind).join(',') || 'none',
    good: () => {
      this.faults = [];
      this.deck = null;
      return null;
    },
    deal: ([seed = '']) => {
      const value = Number(seed);
      if (!Number.isInteger(value)) return { refused: 'value' };
      this.deck = value >>> 0;
      return null;
    },
  };

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
    const row = testersFor(this.wiring).find(({ id }) => id === CLASS[this.kind]);
    const [trial] = procedureOf(row ?? classOf('pairing'), this.wiring);
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

type Deed =
  | 'identify'
  | 'reset'
  | 'clear'
  | 'events'
  | 'complete'
  | 'selfTest'
  | 'error'
  | 'configure'
  | 'configured'
  | 'measure'
  | 'fetch'
  | 'read'
  | 'wiring'
  | 'fault'
  | 'faults'
  | 'good'
  | 'deal';

/** Every header in its short and its long form. */
const COMMANDS: readonly {
  readonly short: string;
  readonly long: string;
  readonly query: boolean;
  readonly parameters: number;
  readonly does: Deed;
}[] = [
  { short: '*IDN', long: '*IDN', query: true, parameters: 0, does: 'identify' },
  { short: '*RST', long: '*RST', query: false, parameters: 0, does: 'reset' },
  { short: '*CLS', long: '*CLS', query: false, parameters: 0, does: 'clear' },
  { short: '*ESR', long: '*ESR', query: true, parameters: 0, does: 'events' },
  { short: '*OPC', long: '*OPC', query: true, parameters: 0, does: 'complete' },
  { short: '*TST', long: '*TST', query: true, parameters: 0, does: 'selfTest' },
  { short: 'SYST:ERR', long: 'SYSTEM:ERROR', query: true, parameters: 0, does: 'error' },
  { short: 'CONF', long: 'CONFIGURE', query: false, parameters: 1, does: 'configure' },
  { short: 'CONF', long: 'CONFIGURE', query: true, parameters: 0, does: 'configured' },
  { short: 'INIT', long: 'INITIATE', query: false, parameters: 0, does: 'measure' },
  { short: 'FETC', long: 'FETCH', query: true, parameters: 0, does: 'fetch' },
  { short: 'READ', long: 'READ', query: true, parameters: 0, does: 'read' },
  { short: 'SIM:WIR', long: 'SIMULATE:WIRING', query: false, parameters: 2, does: 'wiring' },
  { short: 'SIM:FAUL', long: 'SIMULATE:FAULT', query: false, parameters: 1, does: 'fault' },
  { short: 'SIM:FAUL', long: 'SIMULATE:FAULT', query: true, parameters: 0, does: 'faults' },
  { short: 'SIM:GOOD', long: 'SIMULATE:GOOD', query: false, parameters: 0, does: 'good' },
  { short: 'SIM:DEAL', long: 'SIMULATE:DEAL', query: false, parameters: 1, does: 'deal' },
];
