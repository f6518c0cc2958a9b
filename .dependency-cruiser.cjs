const STAGES = ['plan', 'terminate', 'map', 'verify', 'reflect'];
const PAGES = [...STAGES, 'record', 'site'];

/** The arrows of the house: web and server -> words, contract -> core, and inside core. */
module.exports = {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-imports-nothing-of-ours',
      severity: 'error',
      from: { path: '^packages/core' },
      to: { path: '^(apps|packages/contract)' },
    },
    {
      name: 'core-gives-codes-not-words',
      comment: 'Its specs read what people read.',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: ['\\.spec\\.ts$', '/testing/'] },
      to: { path: '^packages/words' },
    },
    {
      name: 'words-know-core-alone',
      severity: 'error',
      from: { path: '^packages/words' },
      to: { path: '^(apps|packages/contract)' },
    },
    {
      name: 'contract-knows-which-languages-not-their-words',
      severity: 'error',
      from: { path: '^packages/contract', pathNot: '[.]spec[.]ts$' },
      to: { path: '^packages/words', pathNot: '^packages/words/src/language-ids' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'contract-knows-core-alone',
      severity: 'error',
      from: { path: '^packages/contract' },
      to: { path: '^apps' },
    },
    {
      name: 'apps-are-strangers',
      severity: 'error',
      from: { path: '^apps/(web|server|instruments)/src' },
      to: { path: '^apps/(web|server|instruments)', pathNot: '^apps/$1' },
    },
    {
      name: 'stages-of-core-keep-to-themselves',
      comment: 'What two stages need moves down to units, catalogue or link.',
      severity: 'error',
      from: { path: `^packages/core/src/(${STAGES.join('|')})/` },
      to: {
        path: `^packages/core/src/(${[...STAGES, 'record'].join('|')})/`,
        pathNot: '^packages/core/src/$1/',
      },
    },
    {
      name: 'foundations-of-core-know-no-stage',
      severity: 'error',
      from: { path: '^packages/core/src/(units|catalogue|link|formats)/' },
      to: { path: `^packages/core/src/(${[...STAGES, 'record'].join('|')})/` },
    },
    {
      name: 'units-and-catalogue-lie-lowest',
      severity: 'error',
      from: { path: '^packages/core/src/(units|catalogue)/' },
      to: { path: '^packages/core/src/(link|formats)/' },
    },
    {
      name: 'core-folders-by-their-door',
      severity: 'error',
      from: { path: '^packages/core/src/([^/]+)/' },
      to: {
        path: '^packages/core/src/[^/]+/',
        pathNot: ['^packages/core/src/$1/', '/index\\.ts$', '^packages/core/src/testing/'],
      },
    },
    {
      name: 'only-tests-use-testing',
      severity: 'error',
      from: { pathNot: ['\\.spec\\.ts$', '/testing/', '^packages/core/bench/'] },
      to: { path: '/src/(app/)?testing/' },
    },
    {
      name: 'drawings-neither-fetch-nor-store',
      severity: 'error',
      from: { path: '^apps/web/src/app/drawing/', pathNot: '\\.spec\\.ts$' },
      to: { path: ['^apps/web/src/app/(?!drawing/)', '@ngrx/', '@angular/common/http'] },
    },
    {
      name: 'pages-of-web-keep-to-themselves',
      severity: 'error',
      from: { path: `^apps/web/src/app/(${PAGES.join('|')})/` },
      to: { path: `^apps/web/src/app/(${PAGES.join('|')})/`, pathNot: '^apps/web/src/app/$1/' },
    },
    {
      name: 'store-knows-no-page',
      severity: 'error',
      from: { path: '^apps/web/src/app/store/', pathNot: '\\.spec\\.ts$' },
      to: { path: `^apps/web/src/app/(${[...PAGES, 'shell', 'link', 'drawing'].join('|')})/` },
    },
    {
      name: 'sql-lives-in-repositories',
      severity: 'error',
      from: { path: '^apps/server/src/.*router\\.ts$' },
      to: { path: ['^apps/server/src/db/schema', 'drizzle-orm'] },
    },
    {
      name: 'no-orphan',
      severity: 'error',
      from: { orphan: true, pathNot: ['\\.d\\.ts$', '\\.config\\.'] },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['/dist/', '/\\.angular/'] },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['types', 'import', 'default'],
    },
  },
};
