import { spawn } from 'node:child_process';
import { setTimeout as sleep } from 'node:timers/promises';
import { backingOff } from './backing-off.mjs';
import { SERVER_PROGRAM } from './paths.mjs';
import { Refusal } from './refusal.mjs';
import { say } from './run.mjs';

/** How long an orderly end may take. */
const END_MS = 10_000;
/** A server that says nothing for so long hangs: it is ended, and started again. */
const SILENT_MS = 120_000;
const PING_EVERY_MS = 15_000;

/**
 * Runs the server as a process of its own, and starts it again should it die: after a while that grows with
 * every time that it dies soon.
 *
 * @param options what it serves
 * @param mark stands in its command line, so that it can be told from others
 * @param letGo ends it before it is ready
 * @returns its address, once it is ready
 * @throws what it failed by, if it can't be started the first time
 */
export async function superviseServer(options, mark, letGo) {
  const pace = backingOff();
  let child = null;
  let heardAt = Date.now();
  let stopping = false;

  const launch = () =>
    new Promise((resolve, reject) => {
      pace.begin();
      child = spawn(process.execPath, [SERVER_PROGRAM, mark], {
        stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      });
      const started = child;
      started.ended = new Promise((ended) =>
        started.once('exit', (code, signal) => ended(signal ?? code)),
      );
      started.once('error', reject);
      started.on('message', ({ ready, failed }) => {
        heardAt = Date.now();
        if (ready) {
          started.wasReady = true;
          resolve(ready);
        }
        if (failed) reject(failedBy(failed));
      });
      void started.ended.then((how) => {
        reject(new Error(`The server ended (${how}) before it was ready.`));
        if (started.wasReady) void again(how);
      });
      started.send(options);
    });
  const again = async (how) => {
    while (!stopping) {
      const wait = pace.waitMs();
      say(`The server ended (${how}). It is started again in ${(wait / 1000).toFixed(1)} s.`);
      await sleep(wait);
      if (stopping) return;
      try {
        say(`Near Spoke is ready again: ${await launch()}`);
        return;
      } catch (error) {
        how = error.message;
      }
    }
  };

  const giveUp = () => child?.kill('SIGTERM');
  letGo.addEventListener('abort', giveUp);
  const url = await launch();
  letGo.removeEventListener('abort', giveUp);
  // Started again it has to be where it was.
  options = { ...options, port: Number(new URL(url).port) };
  const watch = setInterval(() => {
    if (Date.now() - heardAt > SILENT_MS) child.kill('SIGKILL');
    else if (child.connected) child.send({ ping: true });
  }, PING_EVERY_MS);
  watch.unref();
  return {
    url,
    pid: () => child.pid,
    async stop() {
      stopping = true;
      clearInterval(watch);
      child.kill('SIGTERM');
      const late = setTimeout(() => child.kill('SIGKILL'), END_MS);
      await child.ended;
      clearTimeout(late);
    },
  };
}

function failedBy({ message, code, name }) {
  if (name === 'NewerDatabase') return new Refusal(message);
  return Object.assign(new Error(message), { code });
}
