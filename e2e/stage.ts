import { fork } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import pg from 'pg';

/** So often a busy server is asked again, a second apart. */
const BUSY_TURNS = 30;
const ROOT = fileURLToPath(new URL('..', import.meta.url));

interface Running {
  readonly url: string;
  stop(): Promise<void>;
  kill(): Promise<void>;
  send(signal: NodeJS.Signals): void;
}

/** The built server with the demonstration, that a story may stop and start again. */
export interface Stage {
  readonly url: string;
  readonly siteId: string;
  stop(): Promise<void>;
  /** @param webRoot another built web app than the one that was served before */
  start(webRoot?: string): Promise<void>;
  /** Ends it as a power cut would. */
  kill(): Promise<void>;
  /** It goes on taking connections, and answers nothing, until it is resumed. */
  hang(): void;
  resume(): void;
  api<T>(path: string): Promise<T>;
  /** The page of a stage of one of the demonstration's links. */
  linkUrl(label: string, stage: string): Promise<string>;
  /** The page of one of the demonstration's adapters, a part of its work open. */
  adapterUrl(name: string, view?: string): Promise<string>;
}

async function sql(statement: string): Promise<URL> {
  const url = process.env['TEST_DATABASE_URL'];
  if (!url) throw new Error('Run the stories with: npm test -- e2e');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(statement);
  await client.end();
  return new URL(url);
}

/** A new database, a copy of another if one is named. */
async function makeDatabase(template = 'template0'): Promise<string> {
  const name = `story_${randomBytes(6).toString('hex')}`;
  const url = await sql(`create database ${name} template ${template}`);
  url.pathname = `/${name}`;
  return url.href;
}

export const WEB_ROOT = join(ROOT, 'apps/web/dist/browser');

/** The server as a process of its own, as the start command runs it. */
function startOn(databaseUrl: string, port: number, webRoot = WEB_ROOT): Promise<Running> {
  const child = fork(join(ROOT, 'apps/server/dist/run.js'), { stdio: 'inherit' });
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  const end = (signal: NodeJS.Signals) => {
    child.kill('SIGCONT');
    child.kill(signal);
    return ended;
  };
  child.send({
    databaseUrl,
    port,
    migrationsFolder: join(ROOT, 'apps/server/migrations'),
    webRoot,
    version: 'story',
    demo: true,
    logLevel: 'silent',
  });
  return new Promise((resolve, reject) => {
    child.once('exit', () => reject(new Error('The server ended before it was ready.')));
    child.on('message', ({ ready }: { ready?: string }) => {
      if (ready === undefined) return;
      resolve({
        url: ready,
        stop: () => end('SIGTERM'),
        kill: () => end('SIGKILL'),
        send: (signal) => void child.kill(signal),
      });
    });
  });
}

/** A database with the demonstration, made once a worker and copied for every story. */
async function makeDemo(): Promise<string> {
  const url = await makeDatabase();
  const running = await startOn(url, 0);
  await running.stop();
  return new URL(url).pathname.slice(1);
}

async function openStage(demo: string): Promise<Stage> {
  const databaseUrl = await makeDatabase(demo);
  let running: Running | null = await startOn(databaseUrl, 0);
  const { url } = running;
  const api = async <T>(path: string) => {
    let answer = await fetch(url + path);
    // A busy server says to come again, and a client does.
    for (let turn = 0; answer.status === 503 && turn < BUSY_TURNS; turn += 1) {
      await new Promise((done) => setTimeout(done, 1000));
      answer = await fetch(url + path);
    }
    return (await answer.json()) as T;
  };
  const { sites } = await api<{ sites: { id: string }[] }>('/api/sites');
  const siteId = sites[0]?.id ?? '';
  return {
    url,
    siteId,
    api,
    stop: async () => {
      await running?.stop();
      running = null;
    },
    start: async (webRoot) => {
      running ??= await startOn(databaseUrl, Number(new URL(url).port), webRoot);
    },
    kill: async () => {
      await running?.kill();
      running = null;
    },
    hang: () => running?.send('SIGSTOP'),
    resume: () => running?.send('SIGCONT'),
    linkUrl: async (label, stage) => {
      const { links } = await api<{ links: { id: string; label: string }[] }>(
        `/api/sites/${siteId}/links`,
      );
      const link = links.find((row) => row.label === label);
      return `${url}/sites/${siteId}/links/${link?.id ?? ''}/${stage}`;
    },
    adapterUrl: async (name, view) => {
      const { adapters } = await api<{ adapters: { id: string; name: string }[] }>('/api/adapters');
      const id = adapters.find((row) => row.name === name)?.id ?? '';
      return `${url}/sites/${siteId}/adapters/${id}${view ? `?view=${view}` : ''}`;
    },
  };
}

/** Each story has a server and a database of its own. */
export const test = base.extend<{ stage: Stage }, { demo: string }>({
  demo: [
    async ({ browser: _ }, use) => {
      await use(await makeDemo());
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  stage: async ({ demo }, use) => {
    const stage = await openStage(demo);
    await use(stage);
    await stage.stop();
  },
});

export { expect };

export const headline = (page: Page): Locator => page.locator('ns-next-thing h2');
/** How far the site is, on its overview; the figures of a ruler or a template are not meant. */
export const siteFigure = (page: Page): Locator => page.locator('ns-overview-page .figure');
export const mainButton = (page: Page): Locator => page.locator('ns-next-thing .main button');

/** Presses the key that the main button names, once it takes one. */
export async function goOn(page: Page): Promise<void> {
  await expect(mainButton(page)).toBeEnabled();
  const key = await mainButton(page).locator('kbd').textContent();
  await page.keyboard.press(key ?? 'Space');
  // Drawn: the button rests now, and is not taken for one that may be pressed again.
  await page.evaluate(
    () =>
      new Promise<void>((resolve) =>
        requestAnimationFrame(() => requestAnimationFrame(() => resolve())),
      ),
  );
}

/** How many entries wait on this device to be sent. */
const waiting = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const opening = indexedDB.open('near-spoke');
        opening.onerror = () => reject(new Error('The device’s database does not open.'));
        opening.onsuccess = () => {
          const db = opening.result;
          const count = db.transaction('unsent').objectStore('unsent').count();
          count.onsuccess = () => {
            db.close();
            resolve(count.result);
          };
        };
      }),
  );

/** What was done is with the server: nothing waits here any more, and the page is read anew. */
export async function isSent(page: Page): Promise<void> {
  await expect.poll(() => waiting(page), { timeout: 30_000 }).toBe(0);
  await page.reload();
}

/** Goes on until the headline begins with this; each press waits for what it changes. */
export async function goOnUntil(
  page: Page,
  last: string,
  press: () => Promise<void> = () => mainButton(page).click(),
): Promise<void> {
  const shown = async () => ({
    headline: await headline(page).innerText(),
    checked: await page.locator('main input:checked').count(),
  });
  for (let presses = 0; presses < 40; presses += 1) {
    const before = await shown();
    if (before.headline.startsWith(last)) return;
    await press();
    await expect.poll(shown).not.toEqual(before);
  }
  await expect(headline(page)).toContainText(last);
}

/** Fails the story when the page itself reports an error. */
export function watchErrors(page: Page): string[] {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error' && !/Failed to load resource/.test(message.text()))
      errors.push(message.text());
  });
  return errors;
}
