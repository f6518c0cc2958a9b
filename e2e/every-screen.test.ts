import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test, watchErrors, type Stage } from './stage';

/** Every screen, on links of every kind of state. */
const SCREENS: Readonly<Record<string, (stage: Stage) => Promise<string>>> = {
  sites: ({ url }) => Promise.resolve(`${url}/sites`),
  overview: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}`),
  import: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/import`),
  settings: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/settings`),
  'new link': ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/links/new`),
  'terminate a plug': (stage) => stage.linkUrl('K06', 'terminate'),
  'terminate a jack': (stage) => stage.linkUrl('GR07', 'terminate'),
  'terminate, does not fit': (stage) => stage.linkUrl('AP09', 'terminate'),
  'terminate, part left off': (stage) => stage.linkUrl('GR05', 'terminate'),
  'verify, to enter': (stage) => stage.linkUrl('TO06', 'verify'),
  'verify, swapped': (stage) => stage.linkUrl('K04', 'verify'),
  'verify, dead': (stage) => stage.linkUrl('TO05', 'verify'),
  'verify, shield': (stage) => stage.linkUrl('CT03', 'verify'),
  'verify, proven': (stage) => stage.linkUrl('K03', 'verify'),
  'record, proven': (stage) => stage.linkUrl('K03', 'record'),
  'record, planned': (stage) => stage.linkUrl('GR08', 'record'),
  'terminate a crimped coaxial plug': (stage) => stage.linkUrl('AI01', 'terminate'),
  'terminate a soldered plug': (stage) => stage.linkUrl('WM02', 'terminate'),
  'terminate a block': (stage) => stage.linkUrl('TB01', 'terminate'),
  'terminate a splice': (stage) => stage.linkUrl('GA01', 'terminate'),
  'verify coax, shorted': (stage) => stage.linkUrl('TV02', 'verify'),
  'verify, a test by lamps': (stage) => stage.linkUrl('LS04', 'verify'),
  'blind spots': (stage) => stage.linkUrl('CT01', 'verify/blind-spots'),
  'ohms and power': (stage) => stage.linkUrl('K03', 'verify/ohms'),
  'sweeps and limits': (stage) => stage.linkUrl('K03', 'verify/limits'),
  reflect: (stage) => stage.linkUrl('AP06', 'reflect'),
  'what if': (stage) => stage.linkUrl('AP06', 'reflect/simulate'),
  'velocity factor': (stage) => stage.linkUrl('TV01', 'reflect/velocity'),
  reel: (stage) => stage.linkUrl('TV01', 'reflect/reel'),
  'reflectometer set-up': (stage) => stage.linkUrl('TV01', 'reflect/setup'),
  'coaxial loss': (stage) => stage.linkUrl('TV01', 'verify/loss'),
  'line voltage': (stage) => stage.linkUrl('TL02', 'verify/line'),
  'batches of cords': ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/cords`),
  'a batch of cords': async (stage) => {
    const { url, siteId } = stage;
    const { batches } = await stage.api<{ batches: { id: string }[] }>(
      `/api/sites/${siteId}/cords`,
    );
    return `${url}/sites/${siteId}/cords/${batches[0]?.id ?? ''}`;
  },
  'lamp tester': ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/lamp-tester`),
  'verify a block, to enter': (stage) => stage.linkUrl('TB01', 'verify'),
  'many ends, to choose': ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/batch`),
  'parts and tools': ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/kit`),
  cuts: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/cuts`),
  history: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/history`),
  handover: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/handover`),
  labels: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/labels`),
  floor: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/floor`),
  reels: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/reels`),
  costs: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/costs`),
  scan: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/scan`),
  day: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/day`),
  catalogue: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/catalogue`),
  'catalogue, a cable': ({ url, siteId }) =>
    Promise.resolve(`${url}/sites/${siteId}/catalogue/rg-6-quad`),
  'a part of one’s own': ({ url, siteId }) =>
    Promise.resolve(`${url}/sites/${siteId}/catalogue/rg-58/own`),
  'strip template': ({ url, siteId }) =>
    Promise.resolve(`${url}/sites/${siteId}/template?cable=rg-58&connector=bnc-crimp-50-rg-58`),
  adapters: ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/adapters`),
  'a new adapter': ({ url, siteId }) => Promise.resolve(`${url}/sites/${siteId}/adapters/new`),
  'map, an adapter': (stage) => stage.linkUrl('TG02', 'map'),
  'map, no adapter yet': (stage) => stage.linkUrl('K04', 'map'),
  'an adapter with a question': (stage) => stage.adapterUrl('Weather mast to bus'),
  'a ribbon adapter': (stage) => stage.adapterUrl('Passenger counter ribbon'),
  'buzz out': (stage) => stage.adapterUrl('Display-board console', 'buzz'),
  'measure an adapter': (stage) => stage.adapterUrl('Display-board console', 'test'),
  'change an adapter': async (stage) => `${await stage.adapterUrl('Gate reader supply')}/edit`,
  lost: ({ url }) => Promise.resolve(`${url}/nothing/here`),
};

async function open(page: Page, stage: Stage, name: string): Promise<void> {
  await page.goto((await SCREENS[name]?.(stage)) ?? '');
  await expect(page.locator('h1').first()).toBeAttached();
  // What asks without an end is a fault.
  await page.waitForLoadState('networkidle', { timeout: 30_000 });
}

/** Findings of the accessibility check; what a theme changes is only the paint. */
async function findings(page: Page, theme: 'daylight' | 'cabinet'): Promise<string[]> {
  // There are no frames: one script for the page is enough.
  const check = new AxeBuilder({ page }).setLegacyMode(true);
  const { violations } = await (
    theme === 'daylight'
      ? check.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice'])
      : check.withRules(['color-contrast'])
  ).analyze();
  return violations.map(({ id, impact, nodes }) => {
    const places = nodes.map(({ target }) => String(target)).slice(0, 3);
    return `${theme}: ${id} (${impact ?? ''}) at ${places.join('; ')}`;
  });
}

/** What is wider than the window when it has settled, at a width that is in use. */
async function tooWide(page: Page, width: number, height: number): Promise<string[]> {
  await page.setViewportSize({ width, height });
  const over = () =>
    page.evaluate(() => {
      const content = document.querySelector('mat-sidenav-content') ?? document.documentElement;
      return content.scrollWidth - content.clientWidth;
    });
  return expect
    .poll(over, { timeout: 3000 })
    .toBeLessThanOrEqual(0)
    .then(
      () => [],
      async () => [`${await over()} px too wide at ${width}`],
    );
}

const SHARES = 4;
for (let share = 0; share < SHARES; share += 1)
  test(`screens are accessible in both themes and need no sideways scroll, part ${share + 1} of ${SHARES}`, async ({
    page,
    stage,
  }) => {
    test.setTimeout(600_000);
    const errors = watchErrors(page);
    await page.addInitScript(() => localStorage.setItem('near-spoke.theme', '"daylight"'));
    const found: string[] = [];
    for (const name of Object.keys(SCREENS).filter((_, n) => n % SHARES === share)) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await open(page, stage, name);
      const told = await findings(page, 'daylight');
      await page.evaluate(() => (document.documentElement.dataset['theme'] = 'cabinet'));
      told.push(
        ...(await findings(page, 'cabinet')),
        ...(await tooWide(page, 1280, 800)),
        ...(await tooWide(page, 820, 1180)),
        ...(await tooWide(page, 390, 844)),
      );
      found.push(...told.map((one) => `${name}, ${one}`));
    }
    expect(found).toEqual([]);
    expect(errors).toEqual([]);
  });

test('on a phone the links open over the page, and close when one is chosen', async ({
  page,
  stage,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, stage, 'terminate a plug');
  await page.getByRole('button', { name: 'Links' }).click();
  await page.getByRole('option', { name: /K07/ }).click();
  await expect(page.locator('h1')).toHaveText('K07');
  await expect(page.getByRole('listbox')).toBeHidden();
});
