/**
 * Imports go one way: cli to core, never back; the stand-in knows nothing of the core; and within the
 * core from lower rooms to upper ones, in the order below.
 */
const rooms = [
  'problem',
  'value',
  'storage',
  'expression',
  'place',
  'comparison',
  'matcher',
  'documentation',
  'collection',
  'exchange',
  'session',
  'signature',
  'expectation',
  'echo',
  'paging',
  'pacing',
  'sending',
  'trail',
  'usage',
  'browsing',
  'rehearsal',
  'interchange',
  'check',
  'run',
  'report',
];

module.exports = {
  forbidden: [
    { name: 'core-knows-no-interface', severity: 'error', from: { path: '^src/core' }, to: { path: '^src/(cli|standin)' } },
    { name: 'standin-knows-no-core', severity: 'error', from: { path: '^src/standin' }, to: { path: '^src/(cli|core)' } },
    {
      name: 'no-prompts-or-arguments-in-core',
      severity: 'error',
      from: { path: '^src/core' },
      to: { path: 'node_modules/(commander|@inquirer|picocolors|fast-string-width|fast-wrap-ansi)' },
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...rooms.slice(0, -1).map((room, index) => ({
      name: `${room}-looks-up-only`,
      severity: 'error',
      from: { path: `^src/core/${room}/` },
      to: { path: `^src/core/(${rooms.slice(index + 1).join('|')})/` },
    })),
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
  },
};
