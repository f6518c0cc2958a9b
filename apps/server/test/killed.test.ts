import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { v7 } from 'uuid';
import { call } from './server';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
const NETS = [{ near: ['1'], far: ['1'] }];

interface Started {
  readonly url: string;
  readonly process: ChildProcess;
}

/** Runs the start command as a user does, on data of its own. */
function start(data: string): Promise<Started> {
  const child = spawn(process.execPath, ['tools/start.mjs'], {
    cwd: ROOT,
    env: { ...process.env, NEAR_SPOKE_DATA: data, PORT: '0', DATABASE_URL: undefined },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    let text = '';
    child.stdout.on('data', (chunk: Buffer) => {
      text += chunk.toString();
      const url = /is ready: (\S+)/.exec(text)?.[1];
      if (url) resolve({ url, process: child });
    });
    child.once('exit', (code) =>
      reject(new Error(`The start ended with ${String(code)}: ${text}`)),
    );
  });
}

/** The processes whose command line names this folder. */
function processesOf(folder: string): number[] {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .filter((pid) => {
      try {
        return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(folder);
      } catch {
        return false;
      }
    })
    .map(Number);
}

async function gone(folder: string): Promise<boolean> {
  for (let tries = 0; tries < 150; tries += 1) {
    if (processesOf(folder).length === 0) return true;
    await sleep(100);
  }
  return false;
}

/** Writes readings, four at a time, until told to stop; gives the ids of those that were acknowledged. */
function stream(url: () => string, linkId: string) {
  const acknowledged: string[] = [];
  let going = true;
  const writer = async () => {
    while (going) {
      const id = v7();
      const body = { id, tester: 'pairing', nets: NETS };
      try {
        const { status } = await call(url(), 'POST', `/api/links/${linkId}/readings`, body);
        if (status === 201) acknowledged.push(id);
        else await sleep(50);
      } catch {
        await sleep(50);
      }
    }
  };
  const writers = [writer(), writer(), writer(), writer()];
  return {
    acknowledged,
    async stop() {
      going = false;
      await Promise.all(writers);
    },
  };
}

async function until(what: string, holds: () => boolean): Promise<void> {
  for (let tries = 0; tries < 600; tries += 1) {
    if (holds()) return;
    await sleep(100);
  }
  throw new Error(`Waited a minute: ${what}`);
}

describe('A start that is killed', () => {
  const data = join(process.env['TEST_FOLDER'] ?? '/tmp', 'killed');

  it('loses no acknowledged write and leaves no process behind', async () => {
    let started = await start(data);
    const site = (await call(started.url, 'GET', '/api/sites')).body.sites[0].id as string;
    const { links } = (await call(started.url, 'GET', `/api/sites/${site}/links`)).body;
    const linkId = links.find((link: { label: string }) => link.label === 'GR08').id as string;

    // The server, and all that runs in it.
    const first = stream(() => started.url, linkId);
    await until('40 writes', () => first.acknowledged.length >= 40);
    started.process.kill('SIGKILL');
    await first.stop();
    expect(await gone(data))
      .withContext('processes left behind')
      .toBeTrue();

    // PostgreSQL, under a server that lives on.
    started = await start(data);
    const second = stream(() => started.url, linkId);
    await until('40 writes', () => second.acknowledged.length >= 40);
    const pidFile = join(data, 'postgres/data/postmaster.pid');
    const postmaster = Number(readFileSync(pidFile, 'utf8').split('\n')[0]);
    process.kill(postmaster, 'SIGKILL');
    const before = second.acknowledged.length;
    await until('writes after PostgreSQL is back', () => second.acknowledged.length >= before + 40);
    await second.stop();

    const kept = new Set(
      (await call(started.url, 'GET', `/api/links/${linkId}/readings`)).body.readings.map(
        (reading: { id: string }) => reading.id,
      ) as string[],
    );
    const lost = [...first.acknowledged, ...second.acknowledged].filter((id) => !kept.has(id));
    expect(lost).toEqual([]);

    const ended = new Promise((resolve) => started.process.once('exit', resolve));
    started.process.kill('SIGINT');
    expect(await ended).toBe(0);
    expect(processesOf(data)).toEqual([]);
    expect(existsSync(pidFile)).toBeFalse();
  });
});
