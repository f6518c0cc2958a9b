import { expect, headline, isSent, mainButton, test } from './stage';
import type { Page } from '@playwright/test';

/** A key that is held, as a keyboard sends it: down, then again and again, then up. */
async function hold(page: Page, code: 'Space' | 'Enter', forMs: number): Promise<void> {
  const browser = await page.context().newCDPSession(page);
  const [key, number] = code === 'Space' ? [' ', 32] : ['Enter', 13];
  const text = code === 'Space' ? ' ' : '\r';
  const send = (type: 'keyDown' | 'keyUp', autoRepeat = false) =>
    browser.send('Input.dispatchKeyEvent', {
      type,
      key,
      code,
      windowsVirtualKeyCode: number,
      ...(type === 'keyDown' ? { text } : {}),
      autoRepeat,
    });
  await send('keyDown');
  for (const end = Date.now() + forMs; Date.now() < end;) await send('keyDown', true);
  await send('keyUp');
}

test('a thumb on Space, or on Enter, makes nothing of an untouched link', async ({
  page,
  stage,
}) => {
  const url = await stage.linkUrl('GR07', 'terminate');
  const id = url.split('/').at(-2) ?? '';
  const facts = async () => {
    const [ticks, readings, tests] = await Promise.all(
      ['ticks', 'readings', 'tests'].map((kind) =>
        stage.api<Record<string, unknown[]>>(`/api/links/${id}/${kind}`),
      ),
    );
    return [ticks?.['ticks'], readings?.['readings'], tests?.['tests']].map((list) => list?.length);
  };
  await page.goto(url);
  await expect(mainButton(page)).toBeEnabled();
  expect(await facts()).toEqual([0, 0, 0]);
  await hold(page, 'Space', 4000);
  // One press is one step; what is held adds nothing, and a stop point does not take Space at all.
  await expect.poll(facts).toEqual([1, 0, 0]);
  await isSent(page);
  expect(await facts()).toEqual([1, 0, 0]);
  await hold(page, 'Enter', 1500);
  await mainButton(page).focus();
  await hold(page, 'Enter', 1500);
  // What a slow machine has still to do, it does; and no more than that.
  await expect.poll(facts).toEqual([2, 0, 0]);
  await isSent(page);
  expect(await facts()).toEqual([2, 0, 0]);

  await page.goto(url.replace('terminate', 'verify'));
  await expect(headline(page)).toHaveText('Choose the tester in your hand.');
  await hold(page, 'Space', 1500);
  await page.getByRole('radio', { name: 'Pair lamps' }).click();
  await expect(headline(page)).toContainText('Test the link');
  for (let press = 0; press < 6; press += 1) await page.keyboard.press('Space');
  await hold(page, 'Space', 1500);
  await hold(page, 'Enter', 1500);
  await expect(mainButton(page)).toBeDisabled();
  // G gives, and does not keep, however long it is held.
  await page.keyboard.down('p');
  await page.keyboard.down('p');
  await page.keyboard.up('p');
  await expect(headline(page)).toContainText('Keep this reading');
  // What a slow machine has still to do, it does; and no more than that.
  await expect.poll(facts).toEqual([2, 0, 0]);
  await isSent(page);
  expect(await facts()).toEqual([2, 0, 0]);
});
