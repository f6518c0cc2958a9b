import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { Adapter } from '@near-spoke/contract/map';
import { answerLoads, openWithAdapters, testAdapter } from '../testing/adapters';
import { SITE_ID } from '../testing/links';
import { asked } from '../testing/until';
import { AdapterFormPage } from './adapter-form-page';
import { AdaptersPage } from './adapters-page';
import { MapPage } from './map-page';

describe('the pages of adapters', () => {
  let http: HttpTestingController;
  let linkId: string;
  let went: unknown[];

  beforeEach(async () => {
    const opened = await openWithAdapters();
    http = opened.http;
    linkId = opened.link.id;
    went = [];
    spyOn(TestBed.inject(Router), 'navigate').and.callFake((path) => {
      went = [...path];
      return Promise.resolve(true);
    });
  });
  afterEach(() => localStorage.clear());

  const textOf = (fixture: ComponentFixture<unknown>) =>
    (fixture.nativeElement as HTMLElement).textContent ?? '';
  const press = async (fixture: ComponentFixture<unknown>, label: string) => {
    const host = fixture.nativeElement as HTMLElement;
    const button = [...host.querySelectorAll('button')].find((one) =>
      one.textContent?.includes(label),
    );
    if (!button) throw new Error(`No button ${label}`);
    button.click();
    await fixture.whenStable();
  };

  async function library(adapters: readonly Adapter[]) {
    const fixture = TestBed.createComponent(AdaptersPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    await answerLoads(http, adapters);
    await fixture.whenStable();
    return fixture;
  }

  it('list what is to be looked at first, and find by device and cable', async () => {
    const asks = testAdapter('eia-422-terminal', 'eia-485-terminal');
    const good = testAdapter('dte-de9', 'dce-de9', { cable: 'ribbon-9' });
    const fixture = await library([good, asks]);
    const headline = (fixture.nativeElement as HTMLElement).querySelector('h2')?.textContent;
    expect(headline).toContain('has one question');
    const box = (fixture.nativeElement as HTMLElement).querySelector('input[type=search]');
    if (!(box instanceof HTMLInputElement)) throw new Error('nothing to search with');
    box.value = 'ribbon';
    box.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    expect(textOf(fixture)).toContain('makes sense');
    expect(textOf(fixture)).not.toContain('one question');
  });

  it('say what to begin with where there is none, and hide what was put away', async () => {
    const fixture = await library([testAdapter('dte-de9', 'dce-de9', { away: true })]);
    expect(textOf(fixture)).toContain('Say what hangs on both ends');
    expect(textOf(fixture)).not.toContain('makes sense');
    await press(fixture, 'Show 1 put away');
    expect(textOf(fixture)).toContain('makes sense');
    await press(fixture, 'Take it back');
    await asked(http, ({ url }) => url.endsWith('/restore'));
  });

  it('give a link an adapter, and take it off again', async () => {
    const free = testAdapter('dte-de9', 'dce-de9');
    const fixture = TestBed.createComponent(MapPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    fixture.componentRef.setInput('linkId', linkId);
    await answerLoads(http, [free]);
    await fixture.whenStable();
    expect(textOf(fixture)).toContain('nothing to map');
    await press(fixture, 'Take it');
    const request = await asked(http, `/api/adapters/${free.id}`);
    expect(request.request.body).toEqual({ linkId, version: 1 });
    await press(fixture, 'off this link');
    expect(textOf(fixture)).toContain('nothing to map');
  });

  it('refuse to save half an adapter, and keep what is typed for the next page', async () => {
    const make = async () => {
      const fixture = TestBed.createComponent(AdapterFormPage);
      fixture.componentRef.setInput('siteId', SITE_ID);
      await answerLoads(http, []);
      await fixture.whenStable();
      return fixture;
    };
    const first = await make();
    const name = (first.nativeElement as HTMLElement).querySelector('input');
    if (!name) throw new Error('no field');
    name.value = 'Berth lead';
    name.dispatchEvent(new Event('input'));
    await first.whenStable();
    await press(first, 'Solve it');
    expect(textOf(first)).toContain('Say what at least one contact of the near end carries.');
    expect(went).toEqual([]);
    first.destroy();
    const again = await make();
    expect((again.nativeElement as HTMLElement).querySelector('input')?.value).toBe('Berth lead');
    await press(again, 'Leave it');
    expect(went).toContain('adapters');
    again.destroy();
    const blank = await make();
    expect((blank.nativeElement as HTMLElement).querySelector('input')?.value).toBe('');
  });
});
