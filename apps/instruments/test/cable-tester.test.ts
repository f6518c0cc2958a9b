import { createConnection } from 'node:net';
import { testReading } from '@near-spoke/contract/tests';
import { CableTester } from '../src/cable-tester';
import { listenTester } from '../src/listen';
import { block, parseLine } from '../src/parse-line';

const shown = (answer: string | Buffer | null) => {
  const text = String(answer);
  const digits = Number(text[1]);
  return testReading.parse(JSON.parse(text.slice(2 + digits)));
};

describe('The simulated tester', () => {
  it('answers the common commands of IEEE 488.2, and numbers its errors', () => {
    const tester = new CableTester();
    expect(tester.handle('*IDN?')).toBe('Simulated,Cable tester,0001,1.0');
    expect(tester.handle('*ESR?')).toBe('128');
    expect(tester.handle('*OPC?;*TST?')).toBe('1;0');
    expect(tester.handle('SYST:ERR?')).toBe('0,"No error"');
    expect(tester.handle('FROB 1')).toBeNull();
    expect(tester.handle('CONF COAX')).toBeNull();
    expect(tester.handle('CONF')).toBeNull();
    expect(tester.handle('*ESR?')).toBe('48');
    expect(tester.handle('SYSTem:ERRor?')).toBe('-113,"Undefined header"');
    expect(tester.handle(':syst:err?')).toBe('-224,"Illegal parameter value"');
    expect(tester.handle('SYST:ERR?')).toBe('-109,"Missing parameter"');
    expect(tester.handle('FETC?')).toBeNull();
    expect(tester.handle('*CLS;SYST:ERR?')).toBe('0,"No error"');
  });

  it('shows what a tester of the class would show of the cable that lies in it', () => {
    const tester = new CableTester();
    const good = shown(tester.handle('CONF PAIRing;READ?'));
    expect(good).toEqual(jasmine.objectContaining({ tester: 'pairing', splitPairs: [] }));
    tester.handle('SIM:FAUL "open","4"');
    expect(tester.handle('SIM:FAUL?')).toBe('open');
    const lamps = shown(tester.handle('CONF PLAMps;INIT;FETC?'));
    expect(lamps.tester === 'pair-lamps' && lamps.steps[0]?.lit).toEqual([
      'pair 2',
      'pair 3',
      'pair 4',
    ]);
    tester.handle('SIM:GOOD;CONF PAIR');
    expect(shown(tester.handle('READ?'))).toEqual(good);
    tester.handle('SIM:WIR "T568A","T568B",1');
    const crossover = shown(tester.handle('READ?'));
    expect(crossover).not.toEqual(good);
    expect(tester.handle('SIM:FAUL "open","9";SYST:ERR?')).toContain('-224');
  });

  it('deals the same cables for the same seed, some of them faulty', () => {
    const deal = (seed: number) => {
      const tester = new CableTester();
      tester.handle(`SIM:DEAL ${seed};CONF IDEN`);
      return Array.from({ length: 40 }, () => tester.handle('READ?'));
    };
    expect(deal(7)).toEqual(deal(7));
    expect(deal(7)).not.toEqual(deal(8));
    expect(new Set(deal(7)).size).toBeGreaterThan(2);
  });

  it('reads lines as IEEE 488.2 writes them', () => {
    expect(parseLine(' CONF PAIR ; :SIM:FAUL "a;b","say ""x""" ;')).toEqual([
      { header: 'CONF', query: false, parameters: ['PAIR'] },
      { header: 'SIM:FAUL', query: false, parameters: ['a;b', 'say "x"'] },
    ]);
    expect(parseLine('!!')).toEqual([null]);
    expect(parseLine('')).toEqual([]);
    expect(block('äb')).toBe('#13äb');
  });

  it('listens on loopback, takes lines in pieces, and several at once', async () => {
    const listening = await listenTester(0);
    const socket = createConnection({ host: '127.0.0.1', port: listening.port });
    socket.setEncoding('utf8');
    const answers = await new Promise<string>((resolve, reject) => {
      let text = '';
      socket.on('data', (chunk: string) => {
        text += chunk;
        if (text.split('\n').length > 3) resolve(text);
      });
      socket.on('error', reject);
      socket.write('*ID');
      socket.write('N?\r\n*TST?\nCONF?\n');
    });
    expect(answers).toBe('Simulated,Cable tester,0001,1.0\n0\nPAIR\n');
    socket.destroy();
    await listening.stop();
  });
});
