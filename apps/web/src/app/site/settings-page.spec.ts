import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Router } from '@angular/router';
import { SCHOOLS } from '@near-spoke/core/catalogue';
import type { Store } from '@ngrx/store';
import { SITE_ID } from '../testing/links';
import { host, shown } from '../testing/page';
import { mendFields } from '../store/outbox/mend';
import { outboxFeature } from '../store/outbox/outbox';
import { sitesFeature } from '../store/sites/sites';
import { openSite } from '../testing/store';
import { asked, until } from '../testing/until';
import { SettingsPage } from './settings-page';

interface Choice {
  readonly choice: string;
  readonly reason: string;
}
interface Sent {
  readonly name: string;
  readonly version: number;
  readonly units: string;
  readonly schools: Readonly<Record<string, Choice>>;
}

describe('The settings of a site', () => {
  let http: HttpTestingController;
  let store: Store<Record<string, unknown>>;
  let fixture: ComponentFixture<SettingsPage>;
  let visited: jasmine.Spy;

  beforeEach(async () => {
    ({ http, store } = await openSite([]));
    visited = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    fixture = TestBed.createComponent(SettingsPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    await shown(fixture);
  });
  afterEach(() => localStorage.clear());

  it('offers nothing to type in before the site is here, then all of it filled', async () => {
    const box = () => host(fixture).querySelector<HTMLInputElement>('input[formControlName=name]');
    expect(box()?.value).not.toBe('');
    fixture.componentRef.setInput('siteId', '01900000-0000-7000-8000-0000000000ff');
    await fixture.whenStable();
    expect(box()).toBeNull();
  });

  const form = () =>
    (
      fixture.componentInstance as unknown as {
        form: {
          patchValue(value: object): void;
          getRawValue(): { schools: Record<string, Choice>; name: string };
        };
      }
    ).form;
  const save = async () => {
    host(fixture).querySelector('form')?.dispatchEvent(new Event('submit'));
    await shown(fixture);
    return asked(http, ({ method }) => method === 'PATCH');
  };
  const sent = async () => (await save()).request.body as Sent;

  it('ask every school of the trade, as usual until somebody chooses', () => {
    const asked = [...host(fixture).querySelectorAll('mat-label')].map((one) => one.textContent);
    for (const { id, question } of SCHOOLS) {
      if (id === 'scheme') continue;
      expect(asked).withContext(id).toContain(question);
      expect(form().getRawValue().schools[id]?.choice)
        .withContext(id)
        .toBe(SCHOOLS.find((one) => one.id === id)?.usual);
    }
    for (const label of asked) expect((label ?? '').length).toBeLessThan(45);
  });

  it('keep no school that nobody chose', async () => {
    form().patchValue({ name: 'Żeglarska, berth 4' });
    const body = await sent();
    expect(body.name).toBe('Żeglarska, berth 4');
    expect(body.version).toBe(1);
    expect(body.schools).toEqual({});
  });

  it('keep one that was chosen, and the usual one where a reason stands beside it', async () => {
    form().patchValue({
      schools: {
        strip: { choice: 'layer-by-layer', reason: '' },
        pin: { choice: SCHOOLS.find(({ id }) => id === 'pin')?.usual, reason: 'As the port asks' },
      },
    });
    const { schools } = await sent();
    expect(Object.keys(schools).sort()).toEqual(['pin', 'strip']);
    expect(schools['strip']).toEqual({ choice: 'layer-by-layer', reason: '' });
    expect(schools['pin']?.reason).toBe('As the port asks');
  });

  it('that are refused wait to be looked at, with the field and what was typed', async () => {
    form().patchValue({ name: 'Berth 5' });
    (await save()).flush(
      {
        type: 'about:blank',
        title: 'Not kept',
        status: 422,
        detail: 'Some fields can’t be kept.',
        errors: [{ path: 'name', reason: 'is taken by another site' }],
      },
      { status: 422, statusText: 'Unprocessable' },
    );
    const refused = store.selectSignal(outboxFeature.selectRefused);
    await until('it is refused', () => refused().length === 1);
    expect(refused().flatMap(mendFields)).toEqual([
      {
        path: 'name',
        mine: 'Berth 5',
        stored: undefined,
        reason: 'is taken by another site',
      },
    ]);
    const sites = store.selectSignal(sitesFeature.selectEntities);
    expect(sites()[SITE_ID]?.name).toBe('Berth 4');
  });

  it('go back to the site once it is kept', async () => {
    form().patchValue({ name: 'Berth 6', units: 'imperial' });
    const request = await save();
    expect((request.request.body as Sent).units).toBe('imperial');
    request.flush({
      id: SITE_ID,
      name: 'Berth 6',
      note: '',
      defaultScheme: 'T568B',
      schemeReason: '',
      schools: {},
      units: 'imperial',
      version: 2,
      createdAt: '2026-05-04T07:00:00.000Z',
    });
    await shown(fixture);
    expect(visited).toHaveBeenCalledWith(['/sites', SITE_ID]);
  });
});
