import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Adapter } from '@near-spoke/contract/map';
import { Store } from '@ngrx/store';
import { adaptersActions } from '../store/adapters/adapters';
import { outboxFeature } from '../store/outbox/outbox';
import { answerLoads, openWithAdapters, testAdapter } from '../testing/adapters';
import { asked, until } from '../testing/until';
import { OpenAdapter } from './open-adapter';

describe('the adapter that is open', () => {
  let http: HttpTestingController;
  let open: OpenAdapter;
  let kept: Adapter;

  beforeEach(async () => {
    ({ http } = await openWithAdapters());
    kept = testAdapter('eia-422-terminal', 'eia-485-terminal');
    open = TestBed.runInInjectionContext(() => new OpenAdapter());
    open.open(kept.id);
    await answerLoads(http, [kept]);
  });
  afterEach(() => localStorage.clear());

  const outbox = () => TestBed.inject(Store).selectSignal(outboxFeature.selectWaiting)();
  const away = () => TestBed.inject(Store).selectSignal(outboxFeature.selectOutboxState)().away;
  const nets = () => open.solved()?.nets.map(({ near, far }) => `${near.join()}>${far.join()}`);

  it('is solved at once from what a question is answered with, and sent with its version', async () => {
    const question = open.solved()?.questions[0];
    open.join(question?.choices[0]?.joins ?? []);
    expect(open.solved()?.questions).toEqual([]);
    expect(nets()).toContain('1>1');
    expect(open.adapter()?.version).toBe(2);
    const request = await asked(http, `/api/adapters/${kept.id}`);
    expect((request.request.body as { version: number }).version).toBe(1);
    request.flush({ ...kept, ...(request.request.body as object), version: 2 });
    await until('what was sent is settled', () => outbox().length === 0);
    expect(nets()).toContain('1>1');
    expect(open.adapter()?.version).toBe(2);
  });

  it('takes the last change back, one after the other', () => {
    const before = nets();
    open.join([{ near: '1', far: '1' }]);
    open.join([{ near: '1', far: '2' }]);
    expect(nets()).toContain('1>2');
    open.undoChange();
    expect(nets()).toContain('1>1');
    open.undoChange();
    expect(nets()).toEqual(before);
    expect(open.undoable()).toBeFalse();
  });

  it('shows what the server has, when it refuses a change', async () => {
    open.change({ note: 'from here' });
    expect(open.adapter()?.note).toBe('from here');
    const request = await asked(http, `/api/adapters/${kept.id}`);
    const there = { ...kept, note: 'from there', version: 7 };
    request.flush(
      { type: 'about:blank', title: 'Changed meanwhile', status: 409, current: there },
      { status: 409, statusText: 'Conflict' },
    );
    await until('what the server has is shown', async () => {
      await answerLoads(http, [there]);
      return open.adapter()?.note === 'from there';
    });
  });

  it('counts a measurement before it is sent, and keeps it while the server is away', async () => {
    const step = open.standing()?.tests.next;
    open.measure({ kind: 'test', stepId: step?.id ?? '', pass: true, readV: null });
    const passed = () =>
      open.standing()?.tests.steps.filter(({ state }) => state === 'passed').length;
    expect(passed()).toBe(1);
    (await asked(http, `/api/adapters/${kept.id}/facts`)).error(new ProgressEvent('error'));
    await until('the server is away', away);
    expect(passed()).toBe(1);
    open.undoMeasurement('test');
    expect(passed()).toBe(0);
  });

  it('is not lost to a list that was asked for before it was stored', async () => {
    const made = testAdapter('eia-422-terminal', 'eia-485-terminal');
    open.open(made.id);
    const early = http.expectOne('/api/adapters');
    TestBed.inject(Store).dispatch(adaptersActions.stored({ adapter: made }));
    expect(early.cancelled).toBeTrue();
    await answerLoads(http, [kept, made]);
    expect(open.adapter()).toEqual(made);
  });
});
