import { TestBed } from '@angular/core/testing';
import { Instrument } from './instrument';

const fresh = (): Instrument => {
  TestBed.resetTestingModule();
  return TestBed.configureTestingModule({ providers: [Instrument] }).inject(Instrument);
};

describe('The instrument that traces are taken with', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  it('is asked once, and is what it was by its name after a reload', () => {
    const first = fresh();
    first.typed.set({ id: 'source', text: '75' });
    first.setPulse('step');
    first.take('  Bench at Łódź ');
    // One that is new begins as anyone would.
    expect([first.typed.texts()['source'], first.pulse()]).toEqual(['50', 'auto']);
    first.typed.set({ id: 'source', text: '100' });
    first.setPulse('pulse');
    const later = fresh();
    expect(later.names()).toEqual(['', 'Bench at Łódź']);
    expect([later.name(), later.typed.texts()['source'], later.pulse()]).toEqual([
      'Bench at Łódź',
      '100',
      'pulse',
    ]);
    later.take('');
    expect([later.typed.texts()['source'], later.pulse()]).toEqual(['75', 'step']);
  });

  it('is one by its name, however often it is named', () => {
    const one = fresh();
    for (const name of ['Van 2', 'Van 2 ', '']) one.take(name);
    expect(one.names()).toEqual(['', 'Van 2']);
  });
});
