import { PLAIN_JOB, fourPairWiring, wiringOf } from '../../link';
import { plainBench } from '../circuit/bench';
import { madeWith } from '../circuit/made';
import { completeFault } from '../explain/complete-fault';
import type { Fault } from '../fault';
import { observe } from '../observe';
import { testersFor } from '.';

const socket = { place: '', connector: 'plug-6p4c', scheme: 'T568B' } as const;
const wiring = wiringOf(
  {
    near: socket,
    far: socket,
    cable: 'cord-4',
    schools: { cord: { choice: 'straight', reason: '' } },
  },
  PLAIN_JOB,
);

function lit(...faults: (Pick<Fault, 'kind'> & Partial<Fault>)[]): string[] {
  const made = madeWith(
    wiring,
    faults.map((fault) => completeFault(fault, wiring)),
  );
  const shown = observe({ tester: 'line-lamps', moved: null }, made, plainBench(wiring));
  return shown.method === 'lamps' ? shown.steps.flatMap((step) => step.lit) : [];
}

describe('Lamps in a telephone socket', () => {
  it('tell a line that is there from one that is turned and one that is not there', () => {
    expect(lit()).toEqual(['1+', '2+']);
    expect(lit({ kind: 'reversed-pair', pairs: [1], end: 'far' })).toEqual(['1-', '2+']);
    expect(lit({ kind: 'open', near: ['3'], end: 'far' })).toEqual(['2+']);
    expect(lit({ kind: 'short', near: ['3', '4'], end: 'near' })).toEqual(['2+']);
  });

  it('can’t tell one line from the other', () =>
    expect(lit({ kind: 'crossed-pairs', pairs: [1, 2], end: 'far' })).toEqual(lit()));

  it('are for telephone links, and not for four pairs', () => {
    const has = (on: typeof wiring) => testersFor(on).some(({ id }) => id === 'line-lamps');
    expect(has(wiring)).toBeTrue();
    expect(has(fourPairWiring('T568B', 'T568B'))).toBeFalse();
  });
});
