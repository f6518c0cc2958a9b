const { writeFileSync } = require('node:fs');

process.env.CHROME_BIN ??= '/usr/bin/chromium';

/** Writes the counts where the test command asks for them. */
function CountReporter() {
  const counts = { passed: 0, failed: 0 };
  const suites = new Set();
  this.onSpecComplete = (_browser, result) => {
    if (result.skipped) return;
    counts[result.success ? 'passed' : 'failed'] += 1;
    suites.add(result.suite[0]);
  };
  this.onRunComplete = (_browsers, results) => {
    if (results.error && counts.failed === 0) counts.failed = 1;
    const told = JSON.stringify({ ...counts, suites: [...suites] });
    if (process.env.COUNTS_FILE) writeFileSync(process.env.COUNTS_FILE, told);
  };
}

module.exports = (config) =>
  config.set({
    frameworks: ['jasmine'],
    plugins: [
      require('karma-jasmine'),
      require('karma-chrome-launcher'),
      { 'reporter:count': ['type', CountReporter] },
    ],
    reporters: ['dots', 'count'],
    port: 0,
    browsers: ['Debian'],
    customLaunchers: {
      Debian: {
        base: 'ChromeHeadless',
        flags: [
          '--no-sandbox',
          '--disable-gpu',
          '--disable-dev-shm-usage',
          '--disable-background-networking',
          '--disable-component-update',
          '--disable-sync',
          '--no-first-run',
          '--disable-quic',
        ],
      },
    },
    // A spec that goes through 40 320 orders keeps the page too busy to answer a ping.
    pingTimeout: 240_000,
    browserDisconnectTimeout: 240_000,
    browserNoActivityTimeout: 240_000,
    client: { jasmine: { timeoutInterval: 120_000 } },
    restartOnFileChange: false,
    singleRun: true,
  });
