/** Imports point one way: app, features, ui, store, core. */
const floors = (name, from, to) => ({ name, severity: 'error', from: { path: from }, to: { path: to } });

/** The rooms of the core from the ground up: a room knows only those below it. */
const ROOMS = [
  'units',
  'code',
  'files',
  'fields',
  'price',
  'cutting',
  'timing',
  'paper',
  'findings',
  'working',
  'appliances',
  'plates',
  'rules',
  'sources',
  'protection',
  'circuit',
  'route',
  'panel',
  'service',
  'water',
  'demand',
  'wiring',
  'network',
  'checks',
  'bench',
  'drills',
  'practice',
  'takeoff',
  'labor',
  'quote',
  'search',
  'job',
  'fixes',
  'estimate',
  'days',
  'wording',
  'known',
  'questions',
  'drawing',
  'packet',
  'worksheet',
  'typing',
  'schedule',
];

const core = (rooms) => `^src/core/(${rooms.join('|')})/`;

/** Every room of the core, and those above it that it must not know. */
const coreFloors = ROOMS.slice(0, -1).map((room, at) =>
  floors(`core-${room}-knows-what-is-below`, core([room]), core(ROOMS.slice(at + 1))),
);

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    floors('core-knows-only-core', '^src/core', '^(src/(app|features|ui|store)|server|cli|scripts|tests)'),
    ...coreFloors,
    floors('core-has-no-other-room', '^src/core/', `^src/core/(?!(${ROOMS.join('|')})/)`),
    {
      name: 'core-imports-only-small-pure-packages',
      severity: 'error',
      from: { path: '^src/core' },
      to: {
        path: 'node_modules',
        pathNot:
          'node_modules/(zod|papaparse|@types/papaparse|saxes|xmlchars|@tarikjabiri/dxf|clipper2-ts|@noble/hashes|canonicalize)',
      },
    },
    {
      name: 'no-node-in-the-page',
      severity: 'error',
      from: { path: '^src' },
      to: { dependencyTypes: ['core'] },
    },
    floors('store-knows-no-screen', '^src/store', '^src/(app|features|ui)'),
    floors('ui-knows-no-state', '^src/ui', '^src/(app|features|store)'),
    floors('features-know-no-app', '^src/features', '^src/app'),
    {
      name: 'features-apart',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/', pathNot: '^src/features/($1|job)/' },
    },
    {
      name: 'dexie-behind-the-store',
      severity: 'error',
      from: { path: '^src/(app|features|ui)' },
      to: { path: 'node_modules/dexie' },
    },
    floors('server-and-cli-use-only-core', '^(server|cli)', '^src/(app|features|ui|store)'),
    {
      name: 'no-dev-packages',
      severity: 'error',
      from: { path: '^(src|server|cli)' },
      to: { dependencyTypes: ['npm-dev'], dependencyTypesNot: ['type-only'], pathNot: 'vite-plugin-pwa' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
