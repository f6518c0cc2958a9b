import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { boxes, host, text, type } from '../testing/page';
import { storeProviders } from '../testing/store';
import { NumberFields, type NumberField, type TypedText } from './number-fields';

const FIELDS: readonly NumberField[] = [
  { id: 'length', name: 'Length', unit: 'm' },
  { id: 'delay', name: 'Delay', unit: 'ns' },
  { id: 'factor', name: 'Velocity factor', unit: '' },
  { id: 'reel', name: 'Reel', unit: '', text: true },
];

describe('Numbers that are typed side by side', () => {
  let fixture: ComponentFixture<NumberFields>;
  let typed: TypedText[];
  let settled: TypedText[];

  beforeEach(async () => {
    TestBed.configureTestingModule({ providers: storeProviders() });
    fixture = TestBed.createComponent(NumberFields);
    [typed, settled] = [[], []];
    fixture.componentRef.setInput('fields', FIELDS);
    fixture.componentRef.setInput('texts', {});
    fixture.componentInstance.typed.subscribe((one) => typed.push(one));
    fixture.componentInstance.settled.subscribe((one) => settled.push(one));
    await fixture.whenStable();
  });

  /** What stands in the boxes, as their page gives it back. */
  const show = async (texts: Readonly<Record<string, string>>) => {
    fixture.componentRef.setInput('texts', texts);
    await fixture.whenStable();
  };
  const problems = () =>
    [...host(fixture).querySelectorAll('.typo')].map((one) => one.textContent?.trim());

  it('carry their units, and say nothing while they are empty', () => {
    expect(text(fixture)).toContain('Velocity factor');
    expect(
      [...host(fixture).querySelectorAll('[matTextSuffix]')].map((one) => one.textContent?.trim()),
    ).toEqual(['m', 'ns']);
    expect(problems()).toEqual([]);
    expect(boxes(fixture).length).toBe(FIELDS.length);
  });

  it('give every letter as it is typed, and once when it is left', async () => {
    await type(fixture, boxes(fixture)[1], '0.84 us');
    expect(typed).toEqual([{ id: 'delay', text: '0.84 us' }]);
    expect(settled).toEqual([{ id: 'delay', text: '0.84 us' }]);
  });

  it('take a unit that is written out, and say nothing of it', async () => {
    await show({ length: '21 ft', delay: '0.84 us', factor: '72 %', reel: 'Reel 9' });
    expect(problems()).toEqual([]);
    for (const box of boxes(fixture)) expect(box.getAttribute('aria-invalid')).not.toBe('true');
  });

  it('say beside a box what can’t be read there, and mark that box alone', async () => {
    await show({ length: 'there', delay: '12 V', factor: '0,7', reel: 'nine' });
    expect(problems()).toEqual([
      '‘there’ is not a length. Write a number of m.',
      '‘12 V’ has ‘V’, which is another unit. Write a number of ns.',
    ]);
    expect(boxes(fixture).map((box) => box.getAttribute('aria-invalid') === 'true')).toEqual([
      true,
      true,
      false,
      false,
    ]);
    await show({ length: '12 m', delay: '12', factor: '0,7', reel: 'nine' });
    expect(problems()).toEqual([]);
  });
});
