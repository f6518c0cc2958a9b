import { BUILT_IN, DEFAULT_SCHOOLS, SCHOOLS } from '../../catalogue';
import { kitFor, planBatch, planTermination, toolGaps } from '../../terminate';
import { inEnglish } from '../in-english';
import { EVERY_PAIR, taskFor } from '../tasks';
import type { Cases } from './digest';

const OF_CONNECTOR = new Map(
  BUILT_IN.connectors.map(({ id }) => [
    id,
    EVERY_PAIR.filter(({ connector }) => connector.id === id),
  ]),
);
const plan = (task: (typeof EVERY_PAIR)[number]) => planTermination(task, BUILT_IN);
const FEW_TOOLS = ['snips', 'tape-measure'];

/** How every connector is put on every cable, in every school and both ways round. */
export const TERMINATE_CASES: Cases = {
  ...Object.fromEntries(
    [...OF_CONNECTOR].map(([id, tasks]) => [
      `on ${id}`,
      () =>
        tasks.flatMap((task) => [
          inEnglish(plan(task)),
          inEnglish(plan({ ...task, otherEnd: 'bare' }), 'imperial'),
        ]),
    ]),
  ),
  ...Object.fromEntries(
    SCHOOLS.flatMap(({ id, options }) =>
      options.map((option) => [
        `${id} ${option.id}`,
        () =>
          [...OF_CONNECTOR.values()].flatMap((tasks) =>
            tasks
              .filter((task) => plan(task).fit.ok)
              .slice(0, 2)
              .map((task) =>
                inEnglish(plan({ ...task, schools: { ...DEFAULT_SCHOOLS, [id]: option.id } })),
              ),
          ),
      ]),
    ),
  ),
  'a batch': () =>
    inEnglish(
      planBatch(
        [...OF_CONNECTOR.values()].flatMap((tasks, index) =>
          tasks.slice(0, 1).map((task) => ({ id: `E${index}`, task })),
        ),
        BUILT_IN,
      ),
    ),
  'what to bring': () => inEnglish(kitFor(EVERY_PAIR, BUILT_IN)),
  'with few tools': () =>
    inEnglish(toolGaps(plan(taskFor()).steps, (tool) => FEW_TOOLS.includes(tool))),
};
