/** Who may import whom: see “Layers” in docs/decisions.md. */
const CORE_LAYERS = [
  'text',
  'source',
  'search',
  'facts',
  'quote',
  'figure',
  'claim',
  'proof',
  'answer',
  'summary',
  'model',
  'review',
  'exchange',
];

// Tests may use what stands above, to try a layer as it is used.
const TESTS = '\\.test\\.tsx?$';

/** A folder of core imports only the folders that stand before it. */
const coreOrder = CORE_LAYERS.map((layer, at) => ({
  name: `core-${layer}-imports-only-what-stands-below`,
  severity: 'error',
  from: { path: `^src/core/${layer}/`, pathNot: TESTS },
  to: { path: `^src/core/(${[...CORE_LAYERS.slice(at + 1), 'library'].join('|')})(/|\\.ts$)` },
}));

const layer = (name, path, allowed, pathNot = undefined) => ({
  name: `${name}-imports`,
  severity: 'error',
  from: { path: `^${path}/`, pathNot },
  to: { path: '^(src|cli|bench|demo|tests|scripts)/', pathNot: `^(${[path, ...allowed].join('|')})/` },
});

/** Folders that offer what stands in their index.ts; nothing reaches past it from outside. */
const OFFERING = [
  ...CORE_LAYERS.map((name) => `src/core/${name}`),
  'src/store',
  'src/server',
  'src/ui',
  'src/views/frame',
  'src/views/session',
  'src/views/spread',
];
const throughIndex = (folder) => ({
  name: `${folder}-through-its-index`,
  severity: 'error',
  from: { pathNot: `^${folder}/` },
  to: { path: `^${folder}/`, pathNot: '(/index\\.ts|\\.css)$' },
});

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    ...coreOrder,
    layer('core', 'src/core', [], TESTS),
    layer('store', 'src/store', ['src/core'], TESTS),
    layer('workers', 'src/workers', ['src/core', 'src/store'], TESTS),
    layer('ui', 'src/ui', ['src/core'], TESTS),
    layer('views', 'src/views', ['src/core', 'src/store', 'src/workers', 'src/ui'], TESTS),
    layer('server', 'src/server', ['src/core'], TESTS),
    layer('app', 'src/app', ['src/views', 'src/ui', 'src/server']),
    layer('cli', 'cli', ['src/core', 'src/server'], TESTS),
    {
      name: 'core-has-no-platform',
      severity: 'error',
      comment: 'Core runs in workers, on the server, in the command line and in tests alike.',
      from: { path: '^src/core/', pathNot: TESTS },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-has-no-interface-code',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { path: '^node_modules/(react|react-dom|next|radix-ui|idb|comlink)/' },
    },
    ...OFFERING.map(throughIndex),
    { name: 'no-unresolved', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
