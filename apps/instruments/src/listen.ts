import { createServer, type AddressInfo, type Socket } from 'node:net';
import { CableTester } from './cable-tester';

const LONGEST_LINE = 4096;

export interface Listening {
  readonly port: number;
  stop(): Promise<void>;
}

/**
 * A tester on loopback: lines in, lines out. Connections share the one cable that lies in it.
 *
 * @param port 0 for any that is free
 */
export function listenTester(port: number): Promise<Listening> {
  const tester = new CableTester();
  const open = new Set<Socket>();
  const server = createServer((socket) => {
    open.add(socket);
    socket.setEncoding('utf8');
    let rest = '';
    socket.on('data', (chunk: string) => {
      const lines = (rest + chunk).split('\n');
      rest = lines.pop() ?? '';
      if (rest.length > LONGEST_LINE) socket.destroy();
      for (const line of lines) {
        const answer = tester.handle(line.replace(/\r$/, ''));
        if (answer !== null) socket.write(`${answer}\n`);
      }
    });
    socket.on('error', () => socket.destroy());
    socket.on('close', () => open.delete(socket));
  });
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, '127.0.0.1', () =>
      resolve({
        port: (server.address() as AddressInfo).port,
        stop: () =>
          new Promise((done) => {
            for (const socket of open) socket.destroy();
            server.close(() => done());
          }),
      }),
    );
  });
}
