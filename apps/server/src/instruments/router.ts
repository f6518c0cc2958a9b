import { instrumentRead } from '@near-spoke/contract/instruments';
import { testReading } from '@near-spoke/contract/tests';
import { Router } from 'express';
import { parseBody } from '../http/parse';
import { ProblemError, notFound } from '../http/problem-error';
import { InstrumentError, nameIn, refuseErrors, talk, unblock } from './talk';

/** Where a tester listens. */
export interface InstrumentAddress {
  readonly host: string;
  readonly port: number;
}

/** As which class a tester shall read, in its own words. */
const CONFIGURE = {
  pairing: 'PAIR',
  'identifying-remote': 'IDEN',
  'pair-lamps': 'PLAM',
  'sequential-lamps': 'SLAM',
} as const;

/** Testers on the bench, spoken to in lines of text: see docs/instruments.md. */
export function instrumentsRouter(addresses: readonly InstrumentAddress[]): Router {
  const router = Router();
  const named = addresses.map((address, index) => ({ id: `tester-${index + 1}`, address }));
  router.get('/instruments', async (_request, response) => {
    const found = await Promise.all(
      named.map(async ({ id, address }) => {
        const name = await nameOf(address).catch(() => null);
        return name === null ? [] : [{ id, name, address: `${address.host}:${address.port}` }];
      }),
    );
    response.json({ instruments: found.flat() });
  });
  router.post('/instruments/:id/read', async (request, response) => {
    const { tester } = parseBody(instrumentRead, request);
    const address = named.find(({ id }) => id === request.params['id'])?.address;
    if (!address) throw notFound('tester');
    const configure = CONFIGURE[tester];
    try {
      const [name, data, error] = await talk(address, [
        '*CLS',
        '*IDN?',
        `CONF ${configure}`,
        'READ?',
        'SYST:ERR?',
      ]);
      refuseErrors(error);
      const parsed = testReading.safeParse(JSON.parse(unblock(data).toString('utf8')));
      if (!parsed.success) throw new InstrumentError('answers with something else than a reading');
      response.json({ name: nameIn(name), reading: parsed.data });
    } catch (error) {
      if (!(error instanceof InstrumentError) && !(error instanceof SyntaxError)) throw error;
      throw new ProblemError(
        502,
        'No reading',
        `The tester at ${address.host}:${address.port} ${error instanceof InstrumentError ? error.message : 'answers with no reading'}.`,
      );
    }
  });
  return router;
}

const nameOf = async (address: InstrumentAddress): Promise<string> => {
  const [name] = await talk(address, ['*IDN?']);
  return nameIn(name);
};
