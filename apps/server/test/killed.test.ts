import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { kindsOf, lostOf, manyWriters } from './many-writers';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));

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

const everyProcess = (): number[] =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number);

/** A file of a process, or nothing of one that is gone. */
function about(pid: number, file: string): string {
  try {
    return readFileSync(`/proc/${pid}/${file}`, 'utf8');
  } catch {
    return '';
  }
}
const commandOf = (pid: number): string => about(pid, 'cmdline').replaceAll('\0', ' ');

/** The processes whose command line names this folder. */
const processesOf = (folder: string): number[] =>
  everyProcess().filter((pid) => commandOf(pid).includes(folder));

const childrenOf = (parent: number): number[] =>
  everyProcess().filter((pid) => / \S (\d+) /.exec(about(pid, 'stat'))?.[1] === String(parent));

async function gone(folder: string): Promise<boolean> {
  for (let tries = 0; tries < 150; tries += 1) {
    if (processesOf(folder).length === 0) return true;
    await sleep(100);
  }
  return false;
}

async function until(what: string, holds: () => boolean): Promise<void> {
  for (let tries = 0; tries < 600; tries += 1) {
    if (holds()) return;
    await sleep(100);
  }
  throw new Error(`Waited a minute: ${what}`);
}

/** What is killed, and who has to live on; the rest comes back by itself. */
type Victim = 'server' | 'postgres' | 'backend' | 'job' | 'start';
/** The command that a start was made by is killed last: everything goes with it, and is started again. */
const VICTIMS: readonly Victim[] = ['postgres', 'backend', 'job', 'server', 'backend', 'start'];
/** ROUNDS=200 for a long attack. */
const ROUNDS = Number(process.env['ROUNDS'] ?? VICTIMS.length);
/** So many are acknowledged between one kill and the next. */
const MORE = 60;

describe('A start whose parts are killed under twenty writers', () => {
  const data = join(process.env['TEST_FOLDER'] ?? '/tmp', 'killed');
  const pidFile = join(data, 'postgres/data/postmaster.pid');
  const postmaster = () => Number(readFileSync(pidFile, 'utf8').split('\n')[0]);
  const server = () => processesOf(data).find((pid) => commandOf(pid).includes('dist/run.js')) ?? 0;
  const pick = (pids: readonly number[]) => pids[Math.floor(Math.random() * pids.length)] ?? 0;
  const VICTIM: Readonly<Record<Exclude<Victim, 'start'>, () => number>> = {
    server,
    postgres: postmaster,
    // One that works for a client: those of PostgreSQL itself are named for what they do.
    backend: () =>
      pick(childrenOf(postmaster()).filter((pid) => /near_spoke near_spoke/.test(commandOf(pid)))),
    job: () => pick(childrenOf(server())),
  };

  it(
    `loses no acknowledged write, keeps each once and whole, and leaves nothing behind`,
    async () => {
      let started = await start(data);
      const writers = await manyWriters(() => started.url);
      for (let round = 0; round < ROUNDS; round += 1) {
        const victim = VICTIMS[round % VICTIMS.length] ?? 'server';
        const before = writers.kept.length;
        await until(`writes in round ${round}`, () => writers.kept.length >= before + MORE);
        if (victim === 'start') {
          started.process.kill('SIGKILL');
          expect(await gone(data))
            .withContext('processes left behind')
            .toBeTrue();
          started = await start(data);
          continue;
        }
        const node = server();
        const pid = VICTIM[victim]();
        if (pid > 0) process.kill(pid, 'SIGKILL');
        const after = writers.kept.length;
        await until(`writes after ${victim} was killed`, () => writers.kept.length >= after + MORE);
        if (victim !== 'server')
          expect(server()).withContext(`the server after ${victim}`).toBe(node);
      }
      await writers.stop();
      expect(writers.strange.slice(0, 5)).toEqual([]);
      expect(kindsOf(writers.kept)).toBe(10);
      const lost = await lostOf(started.url, writers.kept, writers);
      expect(lost.slice(0, 10)).toEqual([]);
      if (process.env['ROUNDS'])
        process.stdout.write(
          `${ROUNDS} rounds, ${writers.kept.length} acknowledged, ${lost.length} lost\n`,
        );

      const ended = new Promise((resolve) => started.process.once('exit', resolve));
      started.process.kill('SIGINT');
      expect(await ended).toBe(0);
      expect(processesOf(data)).toEqual([]);
      expect(existsSync(pidFile)).toBeFalse();
    },
    ROUNDS * 30_000 + 120_000,
  );
});
