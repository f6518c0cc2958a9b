import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect, test } from './stage';

const NAME = 'rebound.example';
test.use({
  launchOptions: {
    executablePath: process.env['CHROME_BIN'] ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', `--host-resolver-rules=MAP ${NAME} 127.0.0.1`],
  },
});

test('a page of another site, and this server under another name, neither read nor write', async ({
  page,
  stage,
}) => {
  const links = () => stage.api<{ total: number }>(`/api/sites/${stage.siteId}/links?limit=1`);
  const before = { total: (await links()).total, sites: await stage.api('/api/sites') };
  const page2 = createServer((_, response) => {
    response.setHeader('content-type', 'text/html');
    response.end('<h1>Another site</h1>');
  });
  await new Promise<void>((resolve) => page2.listen(0, '127.0.0.1', resolve));
  const foreign = `http://127.0.0.1:${(page2.address() as AddressInfo).port}/`;

  const attack = (target: string) =>
    page.evaluate(
      async ({ to, siteId }) => {
        const csv =
          'label,from,to,cable,near connector,far connector\nEVIL,C1,Hall,Cat 6 U/UTP solid,8P8C plug,8P8C plug';
        const told: string[] = [];
        const attempt = async (what: string, path: string, init: RequestInit) => {
          try {
            const answer = await fetch(to + path, init);
            told.push(
              `${what}: ${answer.type} ${answer.status} ${(await answer.text()).slice(0, 60)}`,
            );
          } catch {
            told.push(`${what}: refused`);
          }
        };
        const text = { 'content-type': 'text/plain' };
        await attempt('read', '/api/sites', {});
        await attempt('read blind', '/api/sites', { mode: 'no-cors' });
        await attempt('import', `/api/sites/${siteId}/links/import`, {
          method: 'POST',
          mode: 'no-cors',
          headers: text,
          body: csv,
        });
        await attempt('json', '/api/sites', {
          method: 'POST',
          headers: { 'content-type': 'application/json', 'x-near-spoke': '1' },
          body: '{"name":"Evil"}',
        });
        await attempt('scan', '/api/reflect/acquire', {
          method: 'POST',
          mode: 'no-cors',
          headers: text,
          body: '{"instrument":"127.0.0.1:22"}',
        });
        return told;
      },
      { to: target, siteId: stage.siteId },
    );

  await page.goto(foreign);
  for (const line of await attack(stage.url)) expect(line).toMatch(/refused|opaque 0 $/);
  const form = await page.evaluate(
    ({ to, siteId }) => {
      const made = document.createElement('form');
      made.method = 'POST';
      made.enctype = 'text/plain';
      made.action = `${to}/api/sites/${siteId}/links/import`;
      made.innerHTML = '<input name="label,from" value="x">';
      document.body.append(made);
      made.submit();
      return made.action;
    },
    { to: stage.url, siteId: stage.siteId },
  );
  await page.waitForURL(form);
  await expect(page.locator('body')).toContainText('Pages of other sites may not use this server.');

  const rebound = stage.url.replace('127.0.0.1', NAME);
  const opened = await page.goto(rebound);
  expect(opened?.status()).toBe(421);
  await expect(page.locator('body')).toContainText(`This server is not called '${NAME}`);
  for (const line of await attack('')) expect(line).toMatch(/ 421 /);

  page2.close();
  expect({ total: (await links()).total, sites: await stage.api('/api/sites') }).toEqual(before);
});
