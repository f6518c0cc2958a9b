import type { Instrument, InstrumentKind } from '@near-spoke/contract/instruments';
import type { Database } from '../db/database';
import { ProblemError, notFound } from '../http/problem-error';
import { listInstruments, namedInstruments, type KnownInstrument } from './repository';
import { InstrumentError, nameIn, talk } from './talk';

/** Where an instrument listens. */
export interface InstrumentAddress {
  readonly host: string;
  readonly port: number;
}

/** The instruments that this server may speak to. */
export class InstrumentBench {
  private readonly named: readonly KnownInstrument[];

  constructor(
    private readonly db: Database,
    testers: readonly InstrumentAddress[],
    reflectometer: InstrumentAddress | null,
  ) {
    this.named = [
      ...namedInstruments('tester', testers),
      ...namedInstruments('reflectometer', reflectometer ? [reflectometer] : []),
    ];
  }

  /** All of them; those that are confirmed are asked what they call themselves. */
  async list(): Promise<Instrument[]> {
    const all = [...this.named, ...(await listInstruments(this.db))];
    return Promise.all(
      all.map(async (row) => ({ ...row, answers: row.confirmed ? await nameOf(row) : null })),
    );
  }

  /** @throws ProblemError where there is none, or nobody has confirmed that it may be spoken to */
  async find(id: string, kind: InstrumentKind): Promise<KnownInstrument> {
    const all = [...this.named, ...(await listInstruments(this.db))];
    const found = all.find((row) => row.id === id && row.kind === kind);
    if (!found) throw notFound(kind);
    if (!found.confirmed)
      throw new ProblemError(
        409,
        'Not confirmed',
        `Nobody has confirmed yet that ${found.host}:${found.port} is your instrument.`,
      );
    return found;
  }
}

const nameOf = async (address: InstrumentAddress): Promise<string | null> => {
  try {
    const [name] = await talk(address, ['*IDN?']);
    return nameIn(name);
  } catch {
    return null;
  }
};

/** What an instrument did not do, as an answer. */
export function instrumentProblem(
  what: string,
  { host, port }: InstrumentAddress,
  error: unknown,
): ProblemError {
  if (!(error instanceof InstrumentError) && !(error instanceof SyntaxError)) throw error;
  const said =
    error instanceof InstrumentError ? error.message : 'answers with something unreadable';
  return new ProblemError(502, what, `The instrument at ${host}:${port} ${said}.`);
}
