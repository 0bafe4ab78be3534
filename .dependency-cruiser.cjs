/** Which way imports point. docs/architecture.md explains it; a test holds the table there to this one. */

/** A layer may import itself and the ones named here; nothing else. */
const may = {
  core: [],
  contract: ['core'],
  formats: ['core'],
  workers: ['core'],
  devices: ['core'],
  db: ['core'],
  server: ['contract', 'db', 'workers', 'formats', 'devices', 'core'],
  ui: ['contract', 'workers', 'formats', 'core'],
  app: ['contract', 'server', 'ui', 'core'],
};

/** Order inside the core: a room may enter the ones before it, through their index. */
const coreOrder = [
  'failure',
  'quantities',
  'said',
  'people',
  'written',
  'pantry',
  'dangers',
  'dough',
  'shaping',
  'sorption',
  'heat',
  'texture',
  'keeping',
  'cautions',
  'feeding',
  'labelling',
  'costing',
  'learning',
  'demand',
  'bakeday',
  'fields',
  'catalogue',
  'document',
  'yield',
  'programme',
  'finishing',
  'prediction',
  'bands',
  'explain',
  'practice',
  'search',
  'calls',
  'teaching',
  'outcomes',
];
const unlisted = require('node:fs')
  .readdirSync('src/core', { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && !coreOrder.includes(entry.name));
if (unlisted.length > 0)
  throw new Error(`Give ${unlisted.map(({ name }) => name)} a place in coreOrder (.dependency-cruiser.cjs).`);

const TEST = '\\.test\\.tsx?$';
const either = (names) => names.join('|');

const layerRules = Object.entries(may).map(([layer, allowed]) => ({
  name: `${layer}-imports-only-${allowed.join('-') || 'itself'}`,
  severity: 'error',
  from: { path: `^src/${layer}/`, pathNot: TEST },
  to: { path: '^src/', pathNot: `^src/(${either([layer, ...allowed])})/` },
}));
const coreOrderRules = coreOrder.map((room, i) => ({
  name: `core-${room}-enters-only-lower-rooms`,
  severity: 'error',
  from: { path: `^src/core/${room}/`, pathNot: TEST },
  to: { path: '^src/core/', pathNot: `^src/core/(${either(coreOrder.slice(0, i + 1))})/` },
}));

module.exports = {
  forbidden: [
    ...layerRules,
    ...coreOrderRules,
    {
      name: 'core-has-two-packages',
      comment: 'Polygon booleans and path data only (docs/decisions/0005-polygon-booleans.md).',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TEST },
      to: {
        dependencyTypesNot: ['local', 'aliased-tsconfig', 'aliased-tsconfig-paths', 'type-only'],
        path: 'node_modules|^[^.s]',
        pathNot: 'node_modules/(clipper2-ts|svgpath)/|^src/',
      },
    },
    {
      name: 'rooms-are-entered-by-index',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: TEST },
      to: { path: '^src/core/[^/]+/', pathNot: ['^src/core/$1/', '/index\\.ts$'] },
    },
    {
      name: 'core-is-entered-by-index',
      severity: 'error',
      from: { pathNot: '^src/core/|^tests/' },
      to: { path: '^src/core/', pathNot: '/index\\.ts$' },
    },
    {
      name: 'ui-knows-no-framework',
      severity: 'error',
      from: { path: '^src/ui/' },
      comment: 'Links, the present address and parts that load later are all that the interface knows of the framework.',
      to: { path: 'node_modules/next/(?!(dist/client/)?(link|image|navigation|dynamic))' },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-orphans',
      severity: 'error',
      from: {
        orphan: true,
        pathNot: [
          TEST,
          '\\.worker\\.ts$',
          '^src/app/',
          '^src/proxy\\.ts$',
          '\\.d\\.ts$',
          '^tests/',
          '^src/ui/kit/no-virtual-list\\.ts$',
        ],
      },
      to: {},
    },
    // The bench times the solver against the reference that its tests hold it to.
    {
      name: 'nothing-imports-tests',
      severity: 'error',
      from: { pathNot: `${TEST}|^tests/|^scripts/bench` },
      to: { path: `${TEST}|^tests/` },
    },
  ],
  options: { tsPreCompilationDeps: true, doNotFollow: { path: 'node_modules' }, tsConfig: { fileName: 'tsconfig.json' } },
};
