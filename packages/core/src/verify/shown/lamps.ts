import { lightOf, type LampStep } from '../circuit/lamp-step';
import type { Message } from '../../message';
import { tell } from '../messages';
import { few, shownForm } from './form';

/** One way of writing what the lamps of a step showed. */
export const keyOfStep = ({ step, lit, dim }: LampStep): string =>
  `${step}:${[...lit].sort().join('+')};${[...dim].sort().join('+')}`;

/** Which lamps light, step by step; not every step need be told. */
export const LAMPS = shownForm({
  method: 'lamps',
  gives: { steps: 'lampSteps' },
  key: ({ steps }) => steps.map(keyOfStep).sort().join('|'),
  words: ({ steps }, good) => few(lampWords(steps, good.steps)),
  told(there, told) {
    const named = new Set(told.steps.map(({ step }) => step));
    return { ...there, steps: there.steps.filter(({ step }) => named.has(step)) };
  },
});

/** Of a scan, the steps that differ; of lamps that light all at once, the lamps. */
function lampWords(steps: readonly LampStep[], good: readonly LampStep[]): Message[] {
  const [only, another] = steps;
  const meant = good[0];
  if (only && meant && !another)
    return [...new Set([...meant.lit, ...meant.dim, ...only.lit, ...only.dim])].flatMap((lamp) => {
      const light = lightOf(only, lamp);
      return light === lightOf(meant, lamp) ? [] : [tell('shows-lamp', { lamp, light })];
    });
  return steps
    .filter((row, index) => JSON.stringify(row) !== JSON.stringify(good[index]))
    .map((row) => tell('shows-step', row));
}
