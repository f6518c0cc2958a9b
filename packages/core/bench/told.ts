import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { TOLD } from '../src/testing/told';
import { digests } from '../src/testing/told/digest';

// Writes down what core tells of many cases, in short. A change that was meant is seen in the lines that
// differ; one that was not, in a spec that fails.

const FOLDER = fileURLToPath(new URL('../told/', import.meta.url));
mkdirSync(FOLDER, { recursive: true });
for (const [stage, cases] of Object.entries(TOLD)) {
  const begun = performance.now();
  writeFileSync(`${FOLDER}${stage}.json`, `${JSON.stringify(digests(cases), null, 2)}\n`);
  console.log(
    `${stage}: ${Object.keys(cases).length} cases, ${Math.round(performance.now() - begun)} ms`,
  );
}
