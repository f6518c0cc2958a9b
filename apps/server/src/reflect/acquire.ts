import { writeTraceJson } from '@near-spoke/core/captures';
import { InstrumentError, nameIn, refuseErrors, talk, unblock } from '../instruments/talk';

interface Acquire {
  readonly host: string;
  readonly port: number;
  readonly pulseWidthS: number;
  readonly averages: number;
  readonly spanS: number;
}

/**
 * Sets a reflectometer, takes one trace with it and fetches the waveform: see docs/instruments.md.
 *
 * @returns its name, and the trace as a file of ours
 * @throws InstrumentError
 */
export async function acquire({ host, port, pulseWidthS, averages, spanS }: Acquire) {
  const answers = await talk({ host, port }, [
    '*CLS',
    '*IDN?',
    `PULS:WIDT ${pulseWidthS}`,
    `AVER:COUN ${averages}`,
    `SENS:SPAN ${spanS}`,
    'INIT',
    '*OPC?',
    'WAV:XINC?;WAV:XOR?;WAV:YINC?',
    'WAV:DATA?',
    'SYST:ERR?',
  ]);
  const [name, , scales, data, error] = answers;
  refuseErrors(error);
  const [intervalS = 0, fromS = 0, stepV = 0] = (scales?.toString('utf8') ?? '')
    .split(';')
    .map(Number);
  if (!(intervalS > 0) || !Number.isFinite(fromS) || !(stepV > 0) || !data)
    throw new InstrumentError('answers with no waveform');
  const bytes = unblock(data);
  const volts = Float64Array.from(
    { length: bytes.length >> 1 },
    (_, n) => bytes.readInt16BE(2 * n) * stepV,
  );
  return {
    name: nameIn(name),
    text: writeTraceJson({
      kind: 'trace',
      trace: { volts, intervalS, fromS },
      hints: { scopeOhm: null, velocityFactor: null },
      notes: [],
      firstLine: 1,
    }),
  };
}
