import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { testLink } from '../../testing/links';
import { openSite } from '../../testing/store';
import { LampTesterPage } from './lamp-tester-page';

describe('the lamp tester', () => {
  let fixture: ComponentFixture<LampTesterPage>;
  beforeEach(async () => {
    await openSite([testLink('K4')]);
    fixture = TestBed.createComponent(LampTesterPage);
    await fixture.whenStable();
  });
  const host = () => fixture.nativeElement as HTMLElement;
  const text = () => host().textContent ?? '';
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
});
