import { writeFileSync } from 'node:fs';
import Jasmine from 'jasmine';
import { ROOT } from '../paths.mjs';

// Runs the spec files that are named, one after the other; the counts go where the test command asks.
const counts = { passed: 0, failed: 0, skipped: 0 };
const runner = new Jasmine({ projectBaseDir: ROOT });
runner.loadConfig({ spec_dir: '.', spec_files: process.argv.slice(2), random: false });
jasmine.DEFAULT_TIMEOUT_INTERVAL = 120_000;
runner.addReporter({
  specDone: ({ status }) => {
    if (status === 'passed') counts.passed += 1;
    if (status === 'failed') counts.failed += 1;
    if (status === 'pending' || status === 'excluded') counts.skipped += 1;
  },
});
runner.exitOnCompletion = false;
const { overallStatus } = await runner.execute();
if (overallStatus !== 'passed' && counts.failed === 0) counts.failed = 1;
const file = process.env['COUNTS_FILE'];
if (file) writeFileSync(file, JSON.stringify(counts));
process.exit(counts.failed > 0 ? 1 : 0);
