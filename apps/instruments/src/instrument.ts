import { parseLine, type Command } from './parse-line';

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

export type Answer = string | Buffer | { readonly refused: Refusal } | null;

/** A command that an instrument knows, in its short and its long form. */
export interface Row {
  readonly short: string;
  readonly long: string;
  readonly query: boolean;
  readonly parameters: number;
  readonly does: (parameters: readonly string[]) => Answer;
}

/** What every simulated instrument has: common commands, an event register and a queue of errors. */
export abstract class Instrument {
  private events: number = EVENT.on;
  private errors: Refusal[] = [];
  private readonly rows: readonly Row[];

  constructor(identity: string) {
    this.rows = [
      row('*IDN', '*IDN', true, 0, () => identity),
      row('*RST', '*RST', false, 0, () => {
        this.reset();
        return null;
      }),
      row('*CLS', '*CLS', false, 0, () => {
        this.events = 0;
        this.errors = [];
        return null;
      }),
      row('*ESR', '*ESR', true, 0, () => {
        const told = String(this.events);
        this.events = 0;
        return told;
      }),
      row('*OPC', '*OPC', true, 0, () => '1'),
      row('*TST', '*TST', true, 0, () => '0'),
      row('SYST:ERR', 'SYSTEM:ERROR', true, 0, () => {
        const refusal = this.errors.shift();
        if (!refusal) return '0,"No error"';
        const [number, words] = ERRORS[refusal];
        return `${number},"${words}"`;
      }),
    ];
  }

  /** Carries a line out; the answers of its queries, joined by ";", or null where none was asked. */
  handle(line: string): string | Buffer | null {
    const answers: (string | Buffer)[] = [];
    for (const command of parseLine(line)) {
      const answer = command ? this.obey(command) : ({ refused: 'header' } as const);
      if (typeof answer === 'string' || Buffer.isBuffer(answer)) answers.push(answer);
      else if (answer) this.refuse(answer.refused);
    }
    if (answers.length === 0) return null;
    if (answers.every((answer) => typeof answer === 'string')) return answers.join(';');
    return Buffer.concat(
      answers.flatMap((answer, index) => [
        ...(index > 0 ? [Buffer.from(';')] : []),
        typeof answer === 'string' ? Buffer.from(answer) : answer,
      ]),
    );
  }

  /** As after switching on. */
  protected abstract reset(): void;
  protected abstract readonly own: readonly Row[];

  protected done(): void {
    this.events |= EVENT.complete;
  }

  private obey({ header, query, parameters }: Command): Answer {
    const known = [...this.rows, ...this.own].find(
      (one) => one.query === query && (one.short === header || one.long === header),
    );
    if (!known) return { refused: 'header' };
    return parameters.length < known.parameters ? { refused: 'missing' } : known.does(parameters);
  }

  private refuse(refusal: Refusal): void {
    this.errors.push(refusal);
    this.events |= refusal === 'header' || refusal === 'missing' ? EVENT.command : EVENT.execution;
  }
}

export const row = (
  short: string,
  long: string,
  query: boolean,
  parameters: number,
  does: Row['does'],
): Row => ({ short, long, query, parameters, does });
