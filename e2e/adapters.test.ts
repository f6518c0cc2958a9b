import type { Page } from '@playwright/test';
import { expect, headline, isSent, mainButton, test, watchErrors, type Stage } from './stage';

const library = ({ url, siteId }: Stage) => `${url}/sites/${siteId}/adapters`;

async function openAdapter(page: Page, stage: Stage, name: string): Promise<string> {
  await page.goto(library(stage));
  await page.getByRole('link', { name: new RegExp(name) }).click();
  await expect(page.locator('h1')).toHaveText(name);
  return page.url().split('/').at(-1) ?? '';
}

test('a question is answered with one key, and the answer can be taken back', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  await openAdapter(page, stage, 'Weather mast to bus');
  await expect(headline(page)).toHaveText('Answer one question.');
  await page.keyboard.press('a');
  await expect(headline(page)).not.toContainText('question');
  const row = page.locator('ns-wiring-view tbody tr', { hasText: 'TX+' });
  await expect(row).toContainText('by hand');
  await page.keyboard.press('u');
  await expect(headline(page)).toHaveText('Answer one question.');
  expect(errors).toEqual([]);
});

test('two devices become an adapter by keyboard: pasted, solved, changed by hand', async ({
  page,
  stage,
}) => {
  const errors = watchErrors(page);
  await page.goto(`${library(stage)}/new`);
  await page.getByLabel('Name of the adapter').fill('Berth display lead');
  const [near, far] = [
    page.locator('ns-port-editor').first(),
    page.locator('ns-port-editor').last(),
  ];
  await near.getByLabel('Begin from a device that is known').click();
  await page.getByRole('option', { name: 'EIA-232 DTE, D-sub 9' }).click();
  await far.getByLabel('Name of the device').fill('Berth display');
  await far.getByLabel('Its connector').fill('8P8C');
  await page.getByRole('option', { name: '8P8C', exact: true }).click();
  await far.getByRole('button', { name: 'Paste a pin table' }).click();
  const box = far.getByLabel(/Pin and signal/);
  await box.fill('pin;signal;dir\n3;TXD;out\n6;RXD;in\n14;GND;');
  await far.getByRole('button', { name: 'Read it' }).click();
  await expect(far.getByRole('alert').filter({ hasText: 'Line 4' })).toContainText('no contact 14');
  await box.fill('pin;signal;dir\n3;TXD;out\n6;RXD;in\n4;GND;');
  await far.getByRole('button', { name: 'Read it' }).click();
  await expect(far.getByLabel('Signal of contact 6')).toHaveValue('RXD');
  await page.reload();
  await expect(far.getByLabel('Signal of contact 6')).toHaveValue('RXD');
  await page.getByLabel('Cable', { exact: true }).click();
  await page.getByRole('option', { name: 'Cat 5e U/UTP stranded' }).click();
  await page.getByLabel('Length').fill('8 ft');
  await page.keyboard.press('Enter');

  await expect(page.locator('h1')).toHaveText('Berth display lead');
  const rows = page.locator('ns-wiring-view tbody tr');
  const rowOf = (signal: string) => rows.filter({ hasText: signal });
  await expect(rowOf('RD').filter({ hasText: 'TXD' })).toContainText('3');
  await expect(rowOf('TD').filter({ hasText: 'RXD' })).toContainText('6');
  // The first row is chosen; its contact is left open by hand, and given back.
  const first = rows.first();
  const before = await first.innerText();
  await page.keyboard.press('w');
  await page.keyboard.type('9');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'no contact 9' })).toBeVisible();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('5');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'no contact 5' })).toBeVisible();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('-');
  await page.keyboard.press('Enter');
  await expect(page.locator('ns-wiring-view .hand')).not.toHaveCount(0);
  await page.keyboard.press('Escape');
  await page.keyboard.press('u');
  await expect(first).toHaveText(before.replace(/\s+/g, ' ').trim(), { useInnerText: true });
  expect(errors).toEqual([]);
});

test('cores are buzzed out with two keys, a swap is found, accepted, and printed', async ({
  page,
  stage,
}) => {
  const id = await openAdapter(page, stage, 'Gate reader supply');
  await page.keyboard.press('7');
  const figure = page.locator('ns-buzz-view .ask');
  // The lead in hand has its two data cores swapped.
  const goesTo: Readonly<Record<string, string>> = { 1: '1', 2: '3', 3: '2', 4: '4' };
  for (let count = 0; count < 40; count += 1) {
    const text = await figure.innerText();
    if (text.includes('done')) break;
    const [, near = '', far = ''] = /near\s+(\S+)[\s\S]*far\s+(\S+)/.exec(text) ?? [];
    await page.keyboard.press(near !== '' && goesTo[near] === far ? 'b' : 's');
    await expect(figure).not.toHaveText(text, { useInnerText: true });
  }
  await expect(figure).toContainText('done');
  await expect(page.locator('.difference')).toContainText('Near 2 and 3 are swapped');
  await page.getByLabel('Note for whoever comes next').fill('Bought like this.');
  await page.getByRole('button', { name: 'Accept it as it is' }).click();
  await expect(page.locator('.difference')).toContainText('Accepted.');
  await expect
    .poll(async () => (await fetch(`${stage.url}/api/adapters/${id}/card.svg`)).text())
    .toContain('Bought like this.');
});

test('the shell may be closed when every measurement has passed, also over a killed server', async ({
  page,
  stage,
}) => {
  const id = await openAdapter(page, stage, 'Passenger counter ribbon');
  const facts = () => stage.api<{ facts: unknown[] }>(`/api/adapters/${id}/facts`);
  const voids = () => stage.api<{ voided: unknown[] }>(`/api/adapters/${id}/voids`);
  await mainButton(page).click();
  const done = page.locator('ns-test-view li.passed');
  const sentence = page.locator('ns-test-view .sentence');
  await expect(sentence).toContainText('Beep near');
  await page.keyboard.press('f');
  await expect(sentence).toContainText('Repair, then measure again');
  await page.keyboard.press('u');
  await expect(sentence).not.toContainText('Repair');
  await page.keyboard.press('p');
  await expect(done).toHaveCount(1);
  await stage.stop();
  await page.keyboard.press('p');
  await page.keyboard.press('p');
  await expect(done).toHaveCount(3);
  await expect(page.getByText('The server does not answer.')).toBeVisible();
  await stage.start();
  await expect(page.getByText('The server does not answer.')).toBeHidden({ timeout: 15_000 });
  // The slip that was taken back is kept, but counts no more.
  await expect.poll(async () => (await facts()).facts.length).toBe(3);
  expect((await voids()).voided.length).toBe(1);
  await page.reload();
  await expect(done).toHaveCount(3);
  const steps = await page.locator('ns-test-view .stages li').count();
  for (let count = 3; count < steps; count += 1) {
    await page.keyboard.press('p');
    if (count + 1 < steps) await expect(done).toHaveCount(count + 1);
  }
  await expect(headline(page)).toContainText('The shell may be closed');
});

test('a link that is an adapter follows it in every stage; another link can take one', async ({
  page,
  stage,
}) => {
  await page.goto(await stage.linkUrl('TG02', 'map'));
  await expect(page.locator('ns-wiring-view tbody tr').filter({ hasText: 'TXD' })).toContainText(
    '2',
  );
  await page.keyboard.press('3');
  await page.getByRole('radio', { name: 'Order and shorts' }).click();
  const board = page.locator('ns-wire-board');
  await expect(board).toBeVisible();
  await expect(board).not.toContainText('7');
  await page.goto(await stage.linkUrl('DC01', 'map'));
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Display-board console' })
    .getByRole('button', { name: 'Take it' })
    .click();
  // Its ribbon has a plug for the console's plug, and nothing that fits 8P8C.
  await expect(headline(page)).toContainText('both have the same gender');
  await expect(page.locator('.found')).toContainText('do not fit each other');
});

test('files that are no adapter are refused with a reason, and one of ours comes back in', async ({
  page,
  stage,
}) => {
  const id = await openAdapter(page, stage, 'Display-board console');
  const file = Buffer.from(await (await fetch(`${stage.url}/api/adapters/${id}/file.json`)).text());
  await page.goto(library(stage));
  const picker = page.getByLabel('Adapter file');
  const give = (name: string, buffer: Buffer) =>
    picker.setInputFiles({ name, mimeType: 'application/json', buffer });
  await give('photo.json', Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 16]));
  await expect(
    page.getByRole('alert').filter({ hasText: 'photo.json was not read' }),
  ).toBeVisible();
  await give('other.json', Buffer.from('{"hello": 1}'));
  await expect(
    page.getByRole('alert').filter({ hasText: 'other.json was not read' }),
  ).toBeVisible();
  await give('console.json', file);
  await expect(page.getByRole('link', { name: /Display-board console/ })).toHaveCount(2);
});

test('an adapter whose clock and data are named otherwise is joined, and closes over no open contact', async ({
  page,
  stage,
}) => {
  await page.goto(`${library(stage)}/new`);
  await page.getByLabel('Name of the adapter').fill('Keyboard lead');
  const ends = [page.locator('ns-port-editor').first(), page.locator('ns-port-editor').last()];
  const lists = [
    '1. KCLK\n2. KDAT\n3. +5V\n4. GND\n5. FIRE',
    '| 1 | K-DATA |\n| 2 | CLK |\n| 3 | +5V |\n| 4 | GND |\n| 5 | A1 |',
  ];
  for (const [index, editor] of ends.entries()) {
    await editor.getByLabel('Name of the device').fill(index === 0 ? 'Keyboard' : 'Board');
    await editor.getByLabel('Its connector').fill('1 x 6');
    await page.getByRole('option', { name: 'Pin header 1 x 6', exact: true }).click();
    await editor.getByRole('button', { name: 'Paste a pin table' }).click();
    await editor.getByLabel(/Pin and signal/).fill(lists[index] ?? '');
    await editor.getByRole('button', { name: 'Read it' }).click();
    await expect(editor.getByLabel('Signal of contact 4')).toHaveValue('GND');
  }
  await page.getByLabel('Cable', { exact: true }).click();
  await page.getByRole('option', { name: /screened, 8/i }).click();
  await page.getByLabel('Length').fill('0.5 m');
  await page.keyboard.press('Enter');
  await expect(page.locator('h1')).toHaveText('Keyboard lead');

  await expect(headline(page)).toHaveText('Answer 2 questions.');
  const row = (text: string) => page.locator('ns-wiring-view tbody tr', { hasText: text });
  await expect(row('KCLK')).toContainText('2');
  await expect(row('KDAT')).toContainText('1');
  await expect(page.locator('main')).toContainText('Near 5 (FIRE) is open, and so is far 5 (A1)');
  await expect(page.locator('main')).not.toContainText('The shell may be closed');

  // Who feeds whom is answered; the supply is then measured at the end that is fed.
  await page.getByRole('button', { name: /Near feeds far/ }).click();
  await expect(headline(page)).toHaveText('Answer one question.');
  await page.getByRole('button', { name: /Leave it open/ }).click();
  await expect(headline(page)).toContainText('Make it by this table');
  await mainButton(page).click();
  await expect(page.locator('ns-test-view')).toContainText(
    /Red on far 3, black on far 4: 4\.5 to 5\.5/,
  );
  await isSent(page);
  await expect(page.locator('ns-test-view')).toContainText(/Red on far 3, black on far 4/);
});
