import type { HttpTestingController } from '@angular/common/http/testing';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { testLink } from '../../testing/links';
import { plain } from '../../testing/page';
import { openSite } from '../../testing/store';
import { asked } from '../../testing/until';
import { LampTesterPage } from './lamp-tester-page';

describe('the lamp tester', () => {
  let http: HttpTestingController;
  let fixture: ComponentFixture<LampTesterPage>;
  beforeEach(async () => {
    ({ http } = await openSite([testLink('K4')]));
    fixture = TestBed.createComponent(LampTesterPage);
    await fixture.whenStable();
  });
  const host = () => fixture.nativeElement as HTMLElement;
  const text = () => plain(host());
  const click = async (words: string) => {
    [...host().querySelectorAll<HTMLElement>('button')]
      .find((one) => one.textContent?.trim() === words)
      ?.click();
    await fixture.whenStable();
  };

  it('names the resistor and its current; another lamp asks for another one', async () => {
    expect(text()).toContain('Solder 750 Ω beside each lamp: 9.5 mA.');
    await click('White');
    expect(text()).toContain('Solder 620 Ω beside each lamp: 9.5 mA.');
    await click('910 Ω');
    expect(text()).toContain('Solder 910 Ω beside each lamp: 6.5 mA.');
  });

  it('draws the circuit with its values, every pair', () => {
    const drawing = host().querySelector('ns-lamp-schematic svg');
    expect(drawing?.querySelectorAll('.lamp').length).toBe(4);
    expect(drawing?.textContent).toContain('750 Ω');
    expect(drawing?.textContent).toContain('9 V block');
  });

  it('says of each kind of fault whether it would be seen', () => {
    expect(text()).toContain('A good cable: every lamp lights.');
    const rows = [...host().querySelectorAll('li')].map((row) => row.textContent ?? '');
    expect(rows.find((row) => row.includes('opens'))).toContain('sees');
    expect(rows.find((row) => row.includes('turned end for end'))).toContain('blind');
  });

  it('tries a tester of one’s own on a good cable, tells what would pass, and keeps it', async () => {
    http.match('/api/testers').forEach((request) => request.flush({ testers: [] }));
    const steps = host().querySelector('textarea');
    if (!steps) throw new Error('no box');
    const type = async (value: string) => {
      steps.value = value;
      steps.dispatchEvent(new Event('input'));
      await fixture.whenStable();
    };
    await type('all: lamp A near 1, - near 2');
    expect(text()).toContain('nothing lights');
    await type('all: glow near 1');
    expect(text()).toContain('Line 1: ‘glow near 1’ can’t be read.');
    await type('all: lamp A near 1, - near 2, join far 1 far 2');
    expect(text()).toMatch(/With it these would pass: opens \(some\), shorts/);
    await click('Keep it among the testers');
    expect(text()).toContain('Give it a name first.');
    const name = host().querySelector<HTMLInputElement>('ns-own-tester-form input');
    if (!name) throw new Error('no name');
    name.value = 'Old box';
    name.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    await click('Keep it among the testers');
    const sent = await asked(http, '/api/testers');
    expect(sent.request.body).toEqual(
      jasmine.objectContaining({ name: 'Old box', supplyV: 9, seriesOhm: 750 }),
    );
    sent.flush({ ...sent.request.body, version: 1, away: false });
    await fixture.whenStable();
    expect(host().querySelector('ns-own-tester-form li')?.textContent).toContain('Old box');
  });
});
