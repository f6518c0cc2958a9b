import { execFileSync } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, goOn, headline, test } from './stage';
import { visitOnce } from './visit-once';

/** What this browser’s camera sees, once there is something to be seen. */
const FILM = join(tmpdir(), `near-spoke-label-${process.pid}.y4m`);
const [WIDE, HIGH] = [720, 390];

test.use({
  serviceWorkers: 'allow',
  permissions: ['camera'],
  launchOptions: {
    executablePath: process.env['CHROME_BIN'] ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-dev-shm-usage',
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
      `--use-file-for-fake-video-capture=${FILM}`,
    ],
  },
});
test.afterAll(() => rmSync(FILM, { force: true }));

/** A part of a printed sheet, in points of 300 an inch, as a film of one picture. */
function filmed(pdf: string, left: number, top: number): Buffer {
  const crop = ['-x', left, '-y', top, '-W', WIDE, '-H', HIGH].map(String);
  const grey = execFileSync('pdftoppm', ['-gray', '-r', '300', '-l', '1', ...crop, pdf]);
  return Buffer.concat([
    Buffer.from(`YUV4MPEG2 W${WIDE} H${HIGH} F10:1 Ip A1:1 C420jpeg\nFRAME\n`),
    grey.subarray(grey.length - WIDE * HIGH),
    Buffer.alloc((WIDE * HIGH) / 2, 128),
  ]);
}

test('Labels are printed, and one under the camera opens its link, without a server', async ({
  page,
  stage,
}, info) => {
  await visitOnce(page, stage);
  await page.goto(`${stage.url}/sites/${stage.siteId}/labels`);
  await expect(headline(page)).toContainText('Print 184 labels on 8 sheets');
  const [sheets] = await Promise.all([page.waitForEvent('download'), goOn(page)]);
  const pdf = info.outputPath('labels.pdf');
  await sheets.saveAs(pdf);
  expect(readFileSync(pdf).subarray(0, 5).toString()).toBe('%PDF-');
  // The second label: K02, whose code lies left of its name.
  writeFileSync(FILM, filmed(pdf, Math.round((74 / 25.4) * 300), Math.round((13 / 25.4) * 300)));

  await stage.stop();
  await page.goto(`${stage.url}/sites/${stage.siteId}/scan`);
  await page.waitForURL(/\/links\/[0-9a-f-]{36}\/record$/);
  await expect(page.getByRole('heading', { name: 'K02', exact: true })).toBeVisible();

  // Somebody else’s camera opens the address itself.
  const id = page.url().split('/').at(-2) ?? '';
  await page.goto(`${stage.url}/l/${id}`);
  await page.waitForURL(new RegExp(`/links/${id}/record$`));
});
