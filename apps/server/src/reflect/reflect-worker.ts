import { parseCapture, writeTouchstone } from '@near-spoke/core/captures';
import { analyse } from '@near-spoke/core/reflect/analyse';
import { normalFrom, simulate } from '@near-spoke/core/reflect/simulate';
import { answerAsked } from '../threads/answer-asked';
import type { Work } from './work';

answerAsked<Work>({
  analyse: ({ file, name, told }) => {
    const parsed = parseCapture(file, name);
    if (!parsed.ok) return parsed;
    const { capture } = parsed;
    return {
      ok: true,
      analysed: analyse(capture, told),
      firstLine: capture.kind === 'trace' ? capture.firstLine : null,
    };
  },
  simulate: ({ simulation, seed }) => {
    const capture = simulate(simulation, normalFrom(seed));
    return capture.kind === 'sweep'
      ? { trace: null, touchstone: writeTouchstone(capture.network) }
      : {
          trace: { ...capture.trace, volts: [...capture.trace.volts] },
          touchstone: null,
        };
  },
});
