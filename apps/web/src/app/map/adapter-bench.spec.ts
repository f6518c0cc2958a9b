import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Adapter } from '@near-spoke/contract/map';
import { answerLoads, openWithAdapters, testAdapter } from '../testing/adapters';
import { SITE_ID } from '../testing/links';
import { headlineOf } from '../testing/page';
import { AdapterBench } from './adapter-bench';

describe('the bench', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<AdapterBench>;
  const host = () => fixture.nativeElement as HTMLElement;
  const headline = () => headlineOf(host());
  const press = async (key: string) => {
    document.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    await fixture.whenStable();
  };
  const show = async (adapter: Adapter) => {
    fixture = TestBed.createComponent(AdapterBench);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('adapterId', adapter.id);
    await answerLoads(http, [adapter]);
    await fixture.whenStable();
  };

  beforeEach(async () => {
    ({ http } = await openWithAdapters());
  });
  afterEach(() => localStorage.clear());

  it('asks first, then goes on to making and measuring', async () => {
    await show(testAdapter('eia-422-terminal', 'eia-485-terminal'));
    expect(headline()).toBe('Answer one question.');
    await press('c');
    expect(headline()).toContain('Make it by this table');
    await press('u');
    expect(headline()).toBe('Answer one question.');
  });

  it('stops where the cable is too thin for what hangs on it', async () => {
    const adapter = testAdapter('usb-host-a', 'usb-device-b', { cable: 'usb-2' });
    await show({ ...adapter, options: { ...adapter.options, lengthM: 60 } });
    expect(headline()).toMatch(/VBUS.* gets .* V of .* V over 60 m/);
    expect(host().querySelector('.found')?.textContent).toContain('Stop');
  });

  it('marks the chosen row’s contacts on both faces', async () => {
    await show(testAdapter('dte-de9', 'dce-de9'));
    const chosen = () => host().querySelectorAll('ns-adapter-face .chosen').length;
    expect(chosen()).toBe(2);
    await press('ArrowDown');
    expect(host().querySelector('tr.chosen')?.textContent).toContain('2');
    expect(chosen()).toBe(2);
  });

  it('measures with one key, and asks again for what a repair may have changed', async () => {
    await show(testAdapter('ttl-serial-board', 'ttl-serial-device'));
    await press('8');
    await press('p');
    await press('p');
    await press('f');
    const states = () =>
      [...host().querySelectorAll('ns-test-view li')].map((item) => item.className).join(' ');
    expect(states()).toContain('failed');
    expect(host().textContent).toContain('Repair, then measure again');
    await press('u');
    expect(states()).not.toContain('failed');
  });

  const button = async (label: string) => {
    const found = [...host().querySelectorAll('button')].find((one) =>
      one.textContent?.includes(label),
    );
    if (!found) throw new Error(`No button ${label}`);
    found.click();
    await fixture.whenStable();
  };
  const enter = async (text: string) => {
    const box = host().querySelector('ns-buzz-view form input');
    if (!(box instanceof HTMLInputElement)) throw new Error('nowhere to type');
    box.value = text;
    box.dispatchEvent(new Event('input'));
    await button('Keep it');
  };
  const ties = (place: number) =>
    [...(host().querySelectorAll('.ties')[place]?.querySelectorAll('span') ?? [])].map(
      (one) => one.textContent ?? '',
    );

  it('tells bare cores apart in two walks, and takes their colours into the drawing', async () => {
    await show(testAdapter('ttl-serial-board', 'ttl-serial-device', { cable: 'alarm-6' }));
    await press('7');
    await button('Bare cores by colour');
    await button('Ends far apart');
    // The far half of this cable has white where the near one has black, and the other way round.
    const turned = (text: string) =>
      text
        .split(' ')
        .map((name) => ({ W: 'BK', BK: 'W' })[name] ?? name)
        .join(' ');
    await enter('W NO');
    expect(host().textContent).toContain('‘NO’ is none of them');
    await enter(ties(0).map(turned).join(', '));
    expect(host().textContent).toContain('Walk 2, back to the near end');
    await enter(ties(1).map(turned).join(', '));
    expect(host().textContent).toContain('6 of 6 known');
    await button('Use these colours');
    await press('6');
    const row = [...host().querySelectorAll('ns-wiring-view tbody tr')].find((one) =>
      one.textContent?.includes('BK → W'),
    );
    expect(row?.textContent).toContain('GND');
  });

  it('names the open core when the groups found are not those that were tied', async () => {
    await show(testAdapter('ttl-serial-board', 'ttl-serial-device', { cable: 'alarm-6' }));
    await press('7');
    await button('Bare cores by colour');
    await button('Ends far apart');
    const [, ...rest] = ties(0);
    const broken = rest.map((group) => group.split(' ').slice(1).join(' '));
    await enter([...rest.slice(0, -1), broken.at(-1)].join(', '));
    expect(host().textContent).toContain('is open');
    await press('u');
    expect(host().textContent).not.toContain('is open');
  });
});
