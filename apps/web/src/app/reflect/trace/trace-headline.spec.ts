import { traceHeadline, type TraceStands } from './trace-headline';
import { tellIn } from '@near-spoke/words';
import { ENGLISH } from '@near-spoke/words/en';

const say = tellIn(ENGLISH, 'metric').pages.trace;
const STANDS: TraceStands = {
  file: 'berth.csv',
  isWorking: false,
  isExplained: true,
  seen: '',
  problem: '',
  verdict: { sentence: 'Open at 12 m.', why: '' },
  place: 'It lies behind tray T1.',
  isKept: false,
};
const of = (more: Partial<TraceStands>) => traceHeadline({ ...STANDS, ...more }, say);

describe('The headline of a trace', () => {
  it('says what is seen while it is worked at, and where nothing explains it', () => {
    const seen = 'At first look something comes back from 12 m.';
    expect(of({ isWorking: true, seen })).toEqual({
      sentence: say.working,
      why: seen,
      action: '',
    });
    expect(of({ isWorking: true }).why).toBe('berth.csv');
    expect(of({ isExplained: false, seen }).sentence).toBe(say.onlySeen);
    expect(of({ isExplained: false }).why).toBe(say.giveHow);
  });

  it('says where a place lies, keeps it once, and then leads on to the record', () => {
    expect(of({})).toEqual({
      sentence: 'Open at 12 m.',
      why: 'It lies behind tray T1.',
      action: say.keep,
    });
    const verdict = { sentence: 'Good.', why: 'It ends at the far plug.' };
    expect(of({ verdict }).why).toBe('It ends at the far plug.');
    expect(of({ isKept: true }).action).toBe(say.openRecord);
  });

  it('tells of a trace without places what is wrong with it', () => {
    expect(of({ verdict: null, problem: 'Nothing comes back.' }).sentence).toBe(
      'Nothing comes back.',
    );
    expect(of({ verdict: null })).toEqual({
      sentence: say.nothing,
      why: 'berth.csv',
      action: say.chooseOther,
    });
  });
});
