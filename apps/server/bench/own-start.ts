import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = fileURLToPath(new URL('../../..', import.meta.url));
/** Clock ticks a second of /proc. */
const TICKS = 100;

export interface OwnStart {
  readonly url: string;
  readonly databaseUrl: string;
  stop(): Promise<void>;
  /** What the server and its processes have used and hold: seconds of a processor, bytes. */
  used(): { readonly cpuS: number; readonly bytes: number };
}

/** Runs the start command on data that are thrown away. */
export async function ownStart(): Promise<OwnStart> {
  const data = mkdtempSync(join(ROOT, '.near-spoke/bench-'));
  // PostgreSQL runs as another user where this one is root.
  chmodSync(data, 0o711);
  const child = spawn(process.execPath, ['tools/start.mjs'], {
    cwd: ROOT,
    env: { ...process.env, NEAR_SPOKE_DATA: data, PORT: '0', DATABASE_URL: undefined },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const url = await new Promise<string>((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const ready = /is ready: (\S+)/.exec(said)?.[1];
      if (ready) resolve(ready);
    });
    child.once('exit', () => reject(new Error(said)));
  });
  const server =
    everyProcess().find(({ command }) => command.includes('dist/run.js') && command.includes(data))
      ?.pid ?? 0;
  const { databaseUrl } = JSON.parse(readFileSync(join(data, 'running.json'), 'utf8')) as {
    readonly databaseUrl: string;
  };
  let ended = 0;
  const last = new Map<number, number>();
  return {
    url,
    databaseUrl,
    used() {
      const own = everyProcess().filter(({ pid, parent }) => pid === server || parent === server);
      const alive = new Set(own.map(({ pid }) => pid));
      for (const [pid, cpuS] of last)
        if (!alive.has(pid)) {
          ended += cpuS;
          last.delete(pid);
        }
      for (const { pid, cpuS } of own) last.set(pid, cpuS);
      return {
        cpuS: ended + own.reduce((sum, { cpuS }) => sum + cpuS, 0),
        bytes: own.reduce((sum, { bytes }) => sum + bytes, 0),
      };
    },
    async stop() {
      const end = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGTERM');
      await end;
      rmSync(data, { recursive: true, force: true });
    },
  };
}

function everyProcess() {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .flatMap((name) => {
      try {
        const stat = readFileSync(`/proc/${name}/stat`, 'utf8');
        const fields = stat
          .slice(stat.lastIndexOf(')') + 2)
          .split(' ')
          .map(Number);
        const [parent = 0, user = 0, system = 0] = [fields[1], fields[11], fields[12]];
        return [
          {
            pid: Number(name),
            parent,
            cpuS: (user + system) / TICKS,
            bytes: (fields[21] ?? 0) * 4096,
            command: readFileSync(`/proc/${name}/cmdline`, 'utf8'),
          },
        ];
      } catch {
        return [];
      }
    });
}

export interface Sent {
  readonly status: number;
  readonly ms: number;
  readonly bytes: number;
  // What the server says, whatever it is.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- see above
  readonly body: any;
}

export async function send(
  url: string,
  method: string,
  body?: unknown,
  type?: string,
): Promise<Sent> {
  const begun = performance.now();
  const response = await fetch(url, {
    method,
    headers: {
      'x-near-spoke': '1',
      ...(body === undefined ? {} : { 'content-type': type ?? 'application/json' }),
    },
    body: body === undefined ? null : type === undefined ? JSON.stringify(body) : (body as string),
  });
  const text = await response.text();
  const isJson = (response.headers.get('content-type') ?? '').includes('json');
  return {
    status: response.status,
    ms: performance.now() - begun,
    bytes: text.length,
    body: isJson && text !== '' ? (JSON.parse(text) as unknown) : null,
  };
}

export const percentile = (sorted: readonly number[], share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;

/** How long the loop of the server was held up at most since it was last asked, ms. */
export async function longestHold(url: string): Promise<number> {
  const text = await (await fetch(`${url}/api/metrics`)).text();
  return 1000 * Number(/^nodejs_eventloop_lag_max_seconds (\S+)/m.exec(text)?.[1] ?? NaN);
}

export const processors = availableParallelism();
