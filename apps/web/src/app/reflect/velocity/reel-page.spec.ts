import { button, field, headline, host, shown, text, type } from '../../testing/page';
import { cableFact, reflectPages, velocityOf } from '../../testing/reflect';
import { ReelPage } from './reel-page';

const { kept, open } = reflectPages();
describe('The reel page', () => {
  afterEach(() => localStorage.clear());

  it('tells what is left by the reel’s own velocity factor, and what was used', async () => {
    const page = await open(ReelPage, [
      cableFact(1, velocityOf(0.66), 'Reel 3'),
      cableFact(2, velocityOf(0.72), 'Reel 4'),
      cableFact(3, { kind: 'reel', leftM: { value: 100, u: 0.5 } }, 'Reel 3'),
      cableFact(4, { kind: 'reel', leftM: { value: 60, u: 0.5 } }, 'Reel 3'),
      cableFact(5, { kind: 'reel', leftM: { value: 7, u: 0.5 } }, 'Reel 4'),
    ]);
    await type(page, field(page, 'Reel'), 'Reel 3');
    await type(page, field(page, 'Delay'), '500');
    // 0.66 × 299 792 458 × 500e-9 / 2
    expect(headline(page)).toContain('49.5 m left');
    const rows = [...host(page).querySelectorAll('tbody tr')].map((row) => row.textContent ?? '');
    expect(rows.length).toBe(2);
    expect(rows[0]).toContain('60.0');
    expect(rows[0]).toContain('40.0');
    button(page, 'Keep this reading').click();
    await shown(page);
    expect((await kept()).deed).toEqual(jasmine.objectContaining({ kind: 'reel' }));
    expect(host(page).querySelectorAll('tbody tr').length).toBe(3);
  });

  it('is not kept without a name', async () => {
    const page = await open(ReelPage);
    await type(page, field(page, 'Reel'), ' ');
    await type(page, field(page, 'Delay'), '500');
    expect(text(page)).toContain('Name the reel to keep this reading');
    expect(() => button(page, 'Keep')).toThrowError();
  });
});
