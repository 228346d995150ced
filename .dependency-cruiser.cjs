/** Who may import whom. */
const core = '^core/';
/** The folders of core as a graph: each may import the ones named, and files at the root of core. */
const coreGraph = {
  kit: [],
  dose: [],
  measure: [],
  device: ['measure'],
  exercise: ['dose', 'kit', 'measure'],
  footprint: ['exercise'],
  plan: ['dose', 'exercise', 'kit', 'measure'],
  timeline: ['dose', 'exercise', 'kit', 'plan'],
  load: ['exercise', 'measure', 'run', 'timeline'],
  run: ['dose', 'exercise', 'kit', 'plan', 'timeline'],
  cues: ['dose', 'exercise', 'plan', 'run', 'timeline'],
  format: ['cues', 'run', 'timeline'],
  library: ['exercise', 'kit', 'plan', 'timeline'],
  words: [],
  fit: ['dose', 'exercise', 'plan', 'run', 'timeline'],
  surprise: ['exercise', 'fit', 'plan', 'run', 'timeline'],
  door: ['dose', 'exercise', 'fit', 'kit', 'plan', 'sequence', 'timeline'],
  sequence: ['dose', 'exercise', 'kit', 'library', 'plan', 'timeline'],
  roster: ['dose', 'exercise', 'kit', 'library', 'measure', 'plan', 'run'],
  compose: ['dose', 'exercise', 'fit', 'kit', 'library', 'plan', 'roster', 'sequence', 'timeline'],
  log: ['exercise', 'measure', 'plan', 'run', 'timeline'],
  course: ['compose', 'dose', 'exercise', 'homework', 'kit', 'load', 'measure', 'plan', 'roster', 'timeline'],
  homework: ['compose', 'dose', 'exercise', 'kit', 'load', 'measure', 'plan', 'roster', 'timeline'],
  contract: ['course', 'device', 'dose', 'exercise', 'homework', 'log', 'measure', 'plan', 'roster', 'run', 'timeline'],
};
const coreRules = Object.entries(coreGraph).map(([folder, may]) => ({
  name: `core-${folder}`,
  comment: `core/${folder} imports only ${may.join(', ') || 'the root of core'}.`,
  severity: 'error',
  from: { path: `^core/${folder}/`, pathNot: '\\.spec\\.ts$' },
  to: { path: '^core/[^/]+/', pathNot: `^core/(${[folder, ...may].join('|')})/` },
}));

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'Core knows no interface, no server, no machine; of libraries only schemas and deep equality.',
      severity: 'error',
      from: { path: core, pathNot: '\\.spec\\.ts$|^core/testing/' },
      to: { pathNot: '^core/|node_modules/(zod|fast-equals)/' },
    },
    {
      name: 'core-folders-are-listed',
      severity: 'error',
      from: { path: '^(web|server|bench|e2e)/' },
      to: { path: '^core/[^/]+/', pathNot: `^core/(${Object.keys(coreGraph).join('|')}|testing)/` },
    },
    ...coreRules,
    { name: 'web-not-server', severity: 'error', from: { path: '^web/' }, to: { path: '^server/' } },
    { name: 'server-not-web', severity: 'error', from: { path: '^server/' }, to: { path: '^web/' } },
    {
      name: 'nothing-imports-bench-or-scripts',
      severity: 'error',
      from: { path: '^(core|server|web|e2e)/' },
      to: { path: '^(bench|scripts)/' },
    },
    {
      name: 'test-data-in-tests-only',
      severity: 'error',
      from: { pathNot: '\\.spec\\.ts$|/testing/|^bench/' },
      to: { path: '/testing/' },
    },
    {
      name: 'catalogue-on-its-own',
      comment: 'The catalogue is written by the server at start; pages read it over HTTP.',
      severity: 'error',
      from: { path: '^web/', pathNot: '\\.spec\\.ts$|/testing/' },
      to: { path: '^core/exercise/catalogue/' },
    },
    { name: 'not-to-unresolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['types', 'import', 'require', 'node', 'default'],
    },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'node_modules/(?!zod|fast-equals)' },
  },
};
