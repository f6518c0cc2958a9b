import { normalFrom, simulate, type Simulation } from '@near-spoke/core/reflect/simulate';
import { Instrument, row, type Answer } from './instrument';
import { byteBlock } from './parse-line';

/** Settings as after switching on. */
const USUAL = { widthS: 5e-9, averages: 1, spanS: 600e-9 } as const;
const LIMITS = {
  widthS: [1e-9, 1e-6],
  averages: [1, 4096],
  spanS: [50e-9, 20e-6],
} as const;
const SAMPLES = 4000;
const QUIET_S = 50e-9;
const NOISE_V = 0.02;
/** Volts of one step of its converter. */
const STEP_V = 0.0005;

/** The cable that lies in it: a water-filled piece on a link of the terminal, and an open end. */
const CABLE: Pick<Simulation, 'segments' | 'joints' | 'termination'> = {
  segments: [
    { lengthM: 31.4, velocityFactor: 0.69, impedanceOhm: 100, loss: { a0: 0, a1: 1.9, a2: 0.02 } },
    { lengthM: 2.2, velocityFactor: 0.58, impedanceOhm: 78, loss: { a0: 0, a1: 2.6, a2: 0.1 } },
    { lengthM: 29.8, velocityFactor: 0.69, impedanceOhm: 100, loss: { a0: 0, a1: 1.9, a2: 0.02 } },
  ],
  joints: [{ kind: 'plain' }, { kind: 'plain' }],
  termination: { kind: 'open' },
};

type Setting = keyof typeof LIMITS;

/**
 * A bench reflectometer that is not there: a pulser of 50 ohm, a tee and a digitiser, over a cable of its
 * own. Set, arm, fetch; the waveform comes as a block of 16-bit steps, most significant byte first.
 */
export class Reflectometer extends Instrument {
  private settings: { widthS: number; averages: number; spanS: number } = { ...USUAL };
  private volts: Float64Array | null = null;
  private intervalS = 0;
  private shots = 0;

  constructor(serial = '0002') {
    super(`Simulated,Reflectometer,${serial},1.0`);
  }

  protected reset(): void {
    this.settings = { ...USUAL };
    this.volts = null;
  }

  protected readonly own = [
    row('PULS:WIDT', 'PULSE:WIDTH', false, 1, ([text]) => this.set('widthS', text)),
    row('PULS:WIDT', 'PULSE:WIDTH', true, 0, () => String(this.settings.widthS)),
    row('AVER:COUN', 'AVERAGE:COUNT', false, 1, ([text]) => this.set('averages', text)),
    row('AVER:COUN', 'AVERAGE:COUNT', true, 0, () => String(this.settings.averages)),
    row('SENS:SPAN', 'SENSE:SPAN', false, 1, ([text]) => this.set('spanS', text)),
    row('SENS:SPAN', 'SENSE:SPAN', true, 0, () => String(this.settings.spanS)),
    row('INIT', 'INITIATE', false, 0, () => {
      this.arm();
      this.done();
      return null;
    }),
    row('WAV:XINC', 'WAVEFORM:XINCREMENT', true, 0, () => this.told(String(this.intervalS))),
    row('WAV:XOR', 'WAVEFORM:XORIGIN', true, 0, () => this.told(String(-QUIET_S))),
    row('WAV:YINC', 'WAVEFORM:YINCREMENT', true, 0, () => String(STEP_V)),
    row('WAV:DATA', 'WAVEFORM:DATA', true, 0, () => {
      const volts = this.volts;
      if (!volts) return { refused: 'stale' };
      const bytes = Buffer.alloc(2 * volts.length);
      volts.forEach((volt, n) => {
        const steps = Math.max(-32768, Math.min(32767, Math.round(volt / STEP_V)));
        bytes.writeInt16BE(steps, 2 * n);
      });
      return byteBlock(bytes);
    }),
  ] as const;

  private told(text: string): Answer {
    return this.volts ? text : { refused: 'stale' };
  }

  private set(setting: Setting, text = ''): Answer {
    const value = Number(text);
    const [least, most] = LIMITS[setting];
    if (text.trim() === '' || !(value >= least && value <= most)) return { refused: 'value' };
    if (setting === 'averages' && !Number.isInteger(value)) return { refused: 'value' };
    this.settings[setting] = value;
    this.volts = null;
    return null;
  }

  private arm(): void {
    const { widthS, averages, spanS } = this.settings;
    this.shots += 1;
    this.intervalS = (spanS + QUIET_S) / SAMPLES;
    const capture = simulate(
      {
        ...CABLE,
        probe: {
          kind: 'pulse',
          volts: 4,
          riseS: 1e-9,
          widthS,
          sourceOhm: 50,
          scopeOhm: 1e6,
          intervalS: this.intervalS,
          samples: SAMPLES,
          beforeS: QUIET_S,
        },
        noise: NOISE_V / Math.sqrt(averages),
        quantumV: 0,
      },
      normalFrom(this.shots),
    );
    this.volts = capture.kind === 'trace' ? capture.trace.volts : null;
  }
}
