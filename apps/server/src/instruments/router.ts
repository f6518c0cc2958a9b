import {
  instrumentConfirm,
  instrumentInput,
  instrumentRead,
} from '@near-spoke/contract/instruments';
import { testReading } from '@near-spoke/contract/tests';
import { Router } from 'express';
import { parseBody, parseId, parseVersion } from '../http/parse';
import type { Services } from '../services';
import { instrumentProblem, type InstrumentBench } from './bench';
import { confirmInstrument, createInstrument, removeInstrument } from './repository';
import { InstrumentError, nameIn, refuseErrors, talk, unblock } from './talk';

/** As which class a tester shall read, in its own words. */
const CONFIGURE = {
  pairing: 'PAIR',
  'identifying-remote': 'IDEN',
  'pair-lamps': 'PLAM',
  'sequential-lamps': 'SLAM',
} as const;

/** Instruments, spoken to in lines of text: see docs/instruments.md. */
export function instrumentsRouter({ db }: Services, bench: InstrumentBench): Router {
  const router = Router();
  router.get('/instruments', async (_request, response) => {
    response.json({ instruments: await bench.list() });
  });
  router.post('/instruments', async (request, response) => {
    const kept = await createInstrument(db, parseBody(instrumentInput, request));
    response.status(201).json({ ...kept, answers: null });
  });
  router.post('/instruments/:id/confirm', async (request, response) => {
    const address = parseBody(instrumentConfirm, request);
    const confirmed = await confirmInstrument(db, parseId(request, 'instrument'), address);
    response.json({ ...confirmed, answers: null });
  });
  router.delete('/instruments/:id', async (request, response) => {
    await removeInstrument(db, parseId(request, 'instrument'), parseVersion(request));
    response.status(204).end();
  });
  router.post('/instruments/:id/read', async (request, response) => {
    const { tester } = parseBody(instrumentRead, request);
    const address = await bench.find(request.params.id, 'tester');
    try {
      const [name, data, error] = await talk(address, [
        '*CLS',
        '*IDN?',
        `CONF ${CONFIGURE[tester]}`,
        'READ?',
        'SYST:ERR?',
      ]);
      refuseErrors(error);
      const parsed = testReading.safeParse(JSON.parse(unblock(data).toString('utf8')));
      if (!parsed.success) throw new InstrumentError('answers with something else than a reading');
      response.json({ name: nameIn(name), reading: parsed.data });
    } catch (error) {
      throw instrumentProblem('No reading', address, error);
    }
  });
  return router;
}
