import { field, headline, host, text, type } from '../../testing/page';
import { reflectPages } from '../../testing/reflect';
import { SetupPage } from './setup-page';

const { open } = reflectPages();
describe('The set-up page', () => {
  afterEach(() => localStorage.clear());

  it('tells pulse, span and averages, and what a scope can’t do', async () => {
    const page = await open(SetupPage);
    expect(headline(page)).toMatch(/^Pulse \d+ ns, span \d+ ns/);
    expect(text(page)).toContain('This scope is good enough');
    await type(page, field(page, 'Scope memory'), '50');
    expect(text(page)).toContain('the far end would be cut off');
    await type(page, field(page, 'Scope memory'), 'much');
    expect(headline(page)).toContain('Correct what can’t be read');
  });

  it('matches the pulser to the line by E24 and E96, and checks a terminator', async () => {
    const page = await open(SetupPage);
    const rows = [...host(page).querySelectorAll('tbody tr')].map((row) => row.textContent ?? '');
    expect(rows.find((row) => row.includes('E24'))).toContain('in the way');
    await type(page, field(page, 'Terminator, measured'), '150');
    expect(text(page)).toContain('gives back 20.0 %: too high');
    await type(page, field(page, 'Terminator, measured'), '100.5');
    expect(text(page)).toContain('it is good');
  });
});
