import { instrumentEndpoints } from '@near-spoke/contract/instruments';
import { testReading } from '@near-spoke/contract/tests';
import { commandOf } from '@near-spoke/core/verify';
import { here, type Mounted } from '../http/mount';
import type { Services } from '../services';
import { instrumentProblem } from './bench';
import { confirmInstrument, createInstrument, removeInstrument } from './repository';
import { InstrumentError, nameIn, refuseErrors, talk, unblock } from './talk';

/** Instruments, spoken to in lines of text: see docs/instruments.md. */
export const instrumentOperations = ({ db, bench }: Services): Mounted[] => [
  here(instrumentEndpoints.list, async () => ({ instruments: await bench.list() })),
  here(instrumentEndpoints.enter, async ({ body }) => ({
    ...(await createInstrument(db, body)),
    answers: null,
  })),
  here(instrumentEndpoints.confirm, async ({ id, body }) => ({
    ...(await confirmInstrument(db, id, body)),
    answers: null,
  })),
  here(instrumentEndpoints.putAway, ({ id, query }) => removeInstrument(db, id, query.version)),
  here(instrumentEndpoints.read, async ({ id, body: { tester } }) => {
    const address = await bench.find(id, 'tester');
    try {
      const [name, data, error] = await talk(address, [
        '*CLS',
        '*IDN?',
        `CONF ${commandOf(tester) ?? ''}`,
        'READ?',
        'SYST:ERR?',
      ]);
      refuseErrors(error);
      const parsed = testReading.safeParse(JSON.parse(unblock(data).toString('utf8')));
      if (!parsed.success) throw new InstrumentError('answers with something else than a reading');
      return { name: nameIn(name), reading: parsed.data };
    } catch (error) {
      throw instrumentProblem('No reading', address, error);
    }
  }),
];
