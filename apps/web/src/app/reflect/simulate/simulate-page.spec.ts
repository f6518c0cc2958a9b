import { TestBed } from '@angular/core/testing';
import { OpenLink } from '../../link/open-link';
import { button, headline, shown } from '../../testing/page';
import { cableFact, reflectPages, velocityOf } from '../../testing/reflect';
import { SimulatePage } from './simulate-page';

const { open } = reflectPages();
describe('The what-if page', () => {
  afterEach(() => localStorage.clear());

  it('draws a fault where it is put, on this cable as it was measured', async () => {
    const page = await open(SimulatePage, [cableFact(1, velocityOf(0.66))]);
    expect(headline(page)).toContain('Water in it, 18.0 m from here: 4.00 m');
    button(page, 'Branch').click();
    await shown(page);
    expect(headline(page)).toContain('Branch, 18.0 m from here');
    expect(TestBed.inject(OpenLink).layer()).toEqual({
      kind: 'places',
      places: [{ atM: 18, withinM: 0, name: 'Branch' }],
    });
    button(page, 'Nothing').click();
    await shown(page);
    expect(headline(page)).toContain('A whole link');
    expect(TestBed.inject(OpenLink).layer()).toEqual({ kind: 'places', places: [] });
  });
});
