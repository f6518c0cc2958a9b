import { createServer, type AddressInfo, type Socket } from 'node:net';
import { CableTester } from './cable-tester';
import type { Instrument } from './instrument';
import { Reflectometer } from './reflectometer';

const LONGEST_LINE = 4096;

export interface Listening {
  readonly port: number;
  stop(): Promise<void>;
}

/** A tester on loopback. Connections share the one cable that lies in it. */
export const listenTester = (port: number): Promise<Listening> => listen(port, new CableTester());

/** A reflectometer on loopback, with a cable of its own. */
export const listenReflectometer = (port: number): Promise<Listening> =>
  listen(port, new Reflectometer());

/**
 * An instrument on loopback: lines in, lines and blocks of bytes out.
 *
 * @param port 0 for any that is free
 */
function listen(port: number, instrument: Instrument): Promise<Listening> {
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
        const answer = instrument.handle(line.replace(/\r$/, ''));
        if (answer === null) continue;
        socket.write(answer);
        socket.write('\n');
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
