import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Router } from '@angular/router';
import { parsePins, PLAIN_OPTIONS, type Port } from '@near-spoke/core/map';
import type { Adapter } from '@near-spoke/contract/map';
import { answerLoads, openWithAdapters, testAdapter } from '../testing/adapters';
import { SITE_ID } from '../testing/links';
import { headline, host, mainButton, shown, text } from '../testing/page';
import { AdaptersPage } from './adapters-page';

function device(name: string, list: string): Port {
  const parsed = parsePins(list, 'header-4');
  if (!parsed.ok) throw new Error('No pin list');
  return {
    id: '',
    name,
    connector: 'header-4',
    gender: 'plug',
    leastSupplyV: null,
    leadAwg: null,
    contacts: [...parsed.contacts],
  };
}
const own = (name: string, near: string, far: string): Adapter => ({
  ...testAdapter('dte-de9', 'dce-de9', { name }),
  near: device('Pad', near),
  far: device('Board', far),
  cable: 'screened-4',
  options: { ...PLAIN_OPTIONS, joins: [], measured: [] },
});

const GOOD = own('Good lead', '1 CLK\n2 DATA\n3 GND', '1 CLOCK\n2 DAT\n3 GND');
const OPEN = own('Open lead', '1 FIRE\n2 UP\n3 GND', '1 A1\n2 UP\n3 GND');

describe('The library of adapters', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<AdaptersPage>;

  let visited: jasmine.Spy;

  const show = async (adapters: readonly Adapter[]) => {
    ({ http } = await openWithAdapters());
    visited = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    fixture = TestBed.createComponent(AdaptersPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    await answerLoads(http, adapters);
    await shown(fixture);
  };
  afterEach(() => localStorage.clear());

  it('asks for two devices while there is nothing in it', async () => {
    await show([]);
    expect(headline(fixture)).toContain('Say what hangs on both ends');
    mainButton(fixture)?.click();
    expect(visited).toHaveBeenCalledWith(['/sites', SITE_ID, 'adapters', 'new']);
  });

  it('sends a person to the one that carries something and is open on both sides', async () => {
    await show([GOOD, OPEN]);
    expect(headline(fixture)).toMatch(/^Open lead has (a|one|1) question/);
    mainButton(fixture)?.click();
    expect(visited).toHaveBeenCalledWith(['/sites', SITE_ID, 'adapters', OPEN.id]);
  });

  it('has nothing to say of one whose names are one', async () => {
    await show([GOOD]);
    expect(headline(fixture)).toContain('Say what hangs on both ends');
    expect(text(fixture)).toContain('Good lead');
  });

  it('forgets the question once somebody has left the contacts open', async () => {
    const joins = [{ near: '1', far: null }];
    await show([{ ...OPEN, options: { ...OPEN.options, joins } }]);
    expect(headline(fixture)).not.toContain('question');
  });

  it('finds by device, cable or name, whatever the case', async () => {
    await show([GOOD, OPEN]);
    const box = host(fixture).querySelector('input[matInput], input.mat-mdc-input-element');
    if (!(box instanceof HTMLInputElement)) throw new Error('nowhere to type');
    for (const [sought, found] of [
      ['good LEAD', 1],
      ['board', 2],
      ['screened', 2],
      ['nothing of it', 0],
    ] as const) {
      box.value = sought;
      box.dispatchEvent(new Event('input'));
      await shown(fixture);
      const rows = [...host(fixture).querySelectorAll('a')].filter((one) =>
        /lead/.test(one.textContent ?? ''),
      );
      expect(rows.length).withContext(sought).toBe(found);
    }
  });

  it('leaves out what was put away, until it is asked for', async () => {
    await show([GOOD, { ...OPEN, away: true }]);
    expect(text(fixture)).not.toContain('Open lead');
    expect(headline(fixture)).not.toContain('Open lead');
  });
});
