import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { Router } from '@angular/router';
import { SCHOOLS } from '@near-spoke/core/catalogue';
import { SITE_ID } from '../testing/links';
import { host, shown, text } from '../testing/page';
import { openSite } from '../testing/store';
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
  let fixture: ComponentFixture<SettingsPage>;
  let visited: jasmine.Spy;

  beforeEach(async () => {
    ({ http } = await openSite([]));
    visited = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    fixture = TestBed.createComponent(SettingsPage);
    fixture.componentRef.setInput('siteId', SITE_ID);
    await shown(fixture);
  });
  afterEach(() => localStorage.clear());

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
    return http.expectOne(({ method }) => method === 'PATCH');
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

  it('tell a refusal with its field, and leave what was typed where it is', async () => {
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
    await shown(fixture);
    expect(text(fixture)).toContain('Some fields can’t be kept. name: is taken by another site.');
    expect(form().getRawValue().name).toBe('Berth 5');
  });

  it('go back to the site once it is kept', async () => {
    form().patchValue({ name: 'Berth 6', units: 'imperial' });
    const asked = await save();
    expect((asked.request.body as Sent).units).toBe('imperial');
    asked.flush({
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
