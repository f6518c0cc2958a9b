import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { CordBatch, CordFact } from '@near-spoke/contract/cords';
import type { Instrument } from '@near-spoke/contract/instruments';
import { Store } from '@ngrx/store';
import { v7 } from 'uuid';
import { provideCords } from '../../store/cords/provide';
import { recallEntries } from '../../store/outbox/entry-store';
import { outboxFeature } from '../../store/outbox/outbox';
import { SITE_ID, testLink } from '../../testing/links';
import { openSite, settle } from '../../testing/store';
import { asked, until } from '../../testing/until';
import { WouldPass } from '../would-pass';
import { Workbench } from '../workbench';
import { CordBench } from './cord-bench';
import { CordsPage } from './cords-page';

const BENCH: Instrument = {
  id: '01900000-0000-7000-8000-0000000000b1',
  kind: 'tester',
  name: 'Bench 1',
  host: '127.0.0.1',
  port: 5025,
  confirmed: true,
  named: true,
  answers: 'Bench 1',
  version: 1,
};
const PLUG = { connector: 'plug-8p8c', scheme: 'T568B' } as const;

describe('a batch of cords', () => {
  const batch: CordBatch = {
    id: v7(),
    siteId: SITE_ID,
    name: 'Kiosk cords',
    note: '',
    cord: { near: PLUG, far: PLUG, cable: 'cat6-uutp-stranded', lengthM: 2 },
    tester: 'pair-lamps',
    version: 1,
    createdAt: '2026-05-04T08:00:00.000Z',
  };
  const fact = (label: string, verdict: CordFact['verdict'], second: number): CordFact => ({
    id: v7(),
    batchId: batch.id,
    label,
    tester: 'pair-lamps',
    verdict,
    reading: null,
    entered: 'one-key',
    at: new Date(Date.UTC(2026, 4, 4, 8, 0, second)).toISOString(),
    author: 'tech 1',
    device: '',
    summary: verdict === 'pass' ? 'As on a good cord.' : 'A fault, not described.',
  });
  let http: HttpTestingController;
  let fixture: ComponentFixture<CordBench>;

  beforeEach(async () => {
    TestBed.overrideComponent(WouldPass, {
      set: {
        providers: [
          {
            provide: Workbench,
            useValue: { ask: () => new Promise(() => undefined), drop: () => undefined },
          },
        ],
      },
    });
    ({ http } = await openSite([testLink('K4')], provideCords()));
  });
  afterEach(() => localStorage.clear());

  async function open(facts: readonly CordFact[], instruments: readonly object[] = []) {
    fixture = TestBed.createComponent(CordBench);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('batchId', batch.id);
    document.body.append(fixture.nativeElement as HTMLElement);
    await settle();
    http
      .expectOne(`/api/sites/${SITE_ID}/cords`)
      .flush({ batches: [{ ...batch, passed: 0, failed: 0 }] });
    (await asked(http, `/api/cords/${batch.id}/facts`)).flush({ facts });
    await settle();
    await fixture.whenStable();
    http.expectOne('/api/instruments').flush({ instruments });
    await settle();
    await fixture.whenStable();
  }
  const host = () => fixture.nativeElement as HTMLElement;
  const text = () => host().textContent ?? '';
  const label = () => host().querySelectorAll<HTMLInputElement>('input')[0] as HTMLInputElement;
  async function key(name: string, at: EventTarget = document.activeElement ?? document) {
    at.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }));
    await fixture.whenStable();
  }
  async function type(box: HTMLInputElement, value: string) {
    box.value = value;
    box.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  }
  /** What was sent, answered as the server answers. */
  async function sent(): Promise<Partial<CordFact>[]> {
    const bodies: Partial<CordFact>[] = [];
    const waiting = TestBed.inject(Store).selectSignal(outboxFeature.selectWaiting);
    await until('all is sent', () => {
      for (const request of http.match(`/api/cords/${batch.id}/facts`)) {
        const body = request.request.body as Partial<CordFact>;
        bodies.push(body);
        request.flush({ ...body, batchId: batch.id, summary: 'x' });
      }
      return waiting().length === 0;
    });
    return bodies;
  }

  it('goes on with the label after the last one; a good cord takes two keys', async () => {
    await open([fact('KC-008', 'pass', 1), fact('KC-009', 'fail', 9)]);
    expect(label().value).toBe('KC-010');
    expect(document.activeElement).toBe(label());
    await key('Enter');
    expect(text()).toContain('Test KC-010.');
    await key('p', document);
    expect(label().value).toBe('KC-011');
    expect(await sent()).toEqual([
      jasmine.objectContaining({ label: 'KC-010', verdict: 'pass', reading: null }),
    ]);
    expect(text()).toContain('2 good');
    expect(text()).toContain('1 faulty');
    await until('nothing is left', async () => (await recallEntries()).entries.length === 0);
  });

  it('takes what the lamps showed of a faulty one, and keeps a good display as good', async () => {
    await open([]);
    await type(label(), 'A1');
    await key('Enter');
    await key('f', document);
    const shown = host().querySelectorAll<HTMLInputElement>('input')[1] as HTMLInputElement;
    expect(document.activeElement).toBe(shown);
    await type(shown, '1 9');
    expect(text()).toContain('There is no lamp ‘9’');
    await type(shown, '1 2 4');
    expect(text()).toContain('Pair lamps: pair 3 dark.');
    await key('Enter');
    await key('Enter');
    await key('f', document);
    await type(shown, '1 2 3 4');
    await key('Enter');
    const bodies = await sent();
    expect(bodies.map(({ label: of, verdict }) => `${of ?? ''} ${verdict ?? ''}`)).toEqual([
      'A1 fail',
      'A2 pass',
    ]);
    expect(bodies[0]?.reading?.tester).toBe('pair-lamps');
  });

  it('takes the last one back, as a fact of its own', async () => {
    const last = fact('KC-002', 'pass', 5);
    await open([fact('KC-001', 'pass', 1), last]);
    label().dispatchEvent(
      new KeyboardEvent('keydown', { key: 'z', ctrlKey: true, bubbles: true, cancelable: true }),
    );
    await fixture.whenStable();
    expect(label().value).toBe('KC-002');
    const undo = await asked(http, `/api/facts/${last.id}/void`);
    expect(undo.request.body).toEqual(
      jasmine.objectContaining({ reason: 'Taken back at the bench.' }),
    );
    expect(text()).toContain('1 good');
  });

  it('reads a tester on the bench as soon as the label is in, and says when it can’t', async () => {
    localStorage.setItem('near-spoke.cords.automatic', 'true');
    await open([fact('KC-001', 'pass', 1)], [BENCH]);
    expect(text()).toContain('Read Bench 1');
    await key('Enter');
    const read = http.expectOne(`/api/instruments/${BENCH.id}/read`);
    expect(read.request.body).toEqual({ tester: 'pair-lamps' });
    read.flush({
      name: 'Bench 1',
      reading: {
        tester: 'pair-lamps',
        moved: null,
        steps: [{ step: 'all', lit: ['pair 1', 'pair 2', 'pair 3'], dim: [] }],
      },
    });
    await settle();
    await fixture.whenStable();
    expect(label().value).toBe('KC-003');
    expect(text()).toContain('Pair lamps: pair 4 dark.');
    await key('Enter');
    http
      .expectOne(`/api/instruments/${BENCH.id}/read`)
      .flush(
        { type: 'about:blank', title: 'No reading', status: 502, detail: 'It does not answer.' },
        { status: 502, statusText: 'Bad Gateway' },
      );
    await settle();
    await fixture.whenStable();
    expect(text()).toContain('It does not answer.');
    expect(text()).toContain('Test KC-003.');
  });

  it('begins with what the cords are and which tester is at hand', async () => {
    const page = TestBed.createComponent(CordsPage);
    page.componentRef.setInput('siteId', SITE_ID);
    await settle();
    http
      .expectOne(`/api/sites/${SITE_ID}/cords`)
      .flush({ batches: [{ ...batch, passed: 30, failed: 2 }] });
    await settle();
    await page.whenStable();
    const told = () => (page.nativeElement as HTMLElement).textContent ?? '';
    expect(told()).toContain('30 good, 2 faulty');
    const length = (page.nativeElement as HTMLElement).querySelector<HTMLInputElement>(
      'input[name=length]',
    );
    if (!length) throw new Error('No field for the length');
    length.value = 'long';
    length.dispatchEvent(new Event('input'));
    await page.whenStable();
    expect(told()).toContain('‘long’ is not a length of a cord');
  });
});
