// The arrows of the house: web → contract, core, words; server → contract, core, words; core, contract and words → nothing.
const only = (name, from, allowed) => ({
  name,
  severity: 'error',
  from: { path: `^${from}/`, pathNot: ['\\.test\\.tsx?$', '^web/testing/'] },
  to: { pathNot: [`^${from}/`, ...allowed.map((a) => `^${a}/`), 'node_modules', '^[^./]+$'] },
});

// The trade's words in order (docs/map.md): a room leans only on rooms before it, in every package that has them in one list.
const ROOMS = {
  core: [
    ...['words', 'stats', 'units', 'glass', 'conduction', 'form', 'stock', 'cane', 'gather', 'fit'],
    ...[
      'rack',
      'work',
      'night',
      'iron',
      'kiln',
      'order',
      'crew',
      'piece',
      'making',
      'edits',
      'log',
    ],
    ...['class', 'pot', 'cost', 'orders', 'boxes'],
  ],
  contract: [
    ...[
      'rack',
      'kiln',
      'order',
      'piece',
      'making',
      'class',
      'pot',
      'orders',
      'boxes',
      'door',
      'shop',
    ],
    'studio',
  ],
  server: [
    ...[
      'check',
      'store',
      'rack',
      'door',
      'shop',
      'piece',
      'making',
      'log',
      'class',
      'pot',
      'orders',
    ],
    ...['boxes', 'studio', 'demo'],
  ],
};
const upwards = Object.entries(ROOMS).flatMap(([pack, rooms]) =>
  rooms.slice(0, -1).map((room, i) => ({
    name: `${pack}-${room}-leans-on-none-after-it`,
    severity: 'error',
    from: { path: `^${pack}/src/${room}/`, pathNot: '\\.(test|fixture)\\.tsx?$' },
    to: { path: `^${pack}/src/(${rooms.slice(i + 1).join('|')})/` },
  })),
);

module.exports = {
  forbidden: [
    {
      name: 'core-is-pure',
      severity: 'error',
      comment:
        'The core depends on nothing: no package, no Node, no other folder but the types of contract. Meshing a section has its polygons united and its triangles from packages.',
      from: { path: '^core/', pathNot: '\\.test\\.tsx?$' },
      to: { pathNot: ['^core/', '^contract/', 'node_modules/(clipper2-ts|delaunator)/'] },
    },
    {
      name: 'core-takes-types-only',
      severity: 'error',
      comment:
        'Of the contract the core has what things are called and made of, nothing that runs.',
      from: { path: '^core/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^contract/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'only-meshing-uses-packages',
      severity: 'error',
      from: {
        path: '^core/',
        pathNot: ['\\.test\\.tsx?$', '^core/src/night/section/(mesh|loops)\\.ts$'],
      },
      to: { path: 'node_modules/' },
    },
    {
      name: 'contract-stands-alone',
      severity: 'error',
      from: { path: '^contract/', pathNot: ['\\.test\\.tsx?$', '^contract/src/publish\\.ts$'] },
      to: { pathNot: ['^contract/', '@sinclair/typebox'] },
    },
    {
      name: 'words-stand-alone',
      severity: 'error',
      from: { path: '^words/', pathNot: '\\.test\\.tsx?$' },
      to: { pathNot: ['^words/', 'node_modules/i18next/'] },
    },
    only('web-uses-contract-core-and-words', 'web', ['contract', 'core', 'words']),
    only('server-uses-contract-core-and-words', 'server', ['contract', 'core', 'words']),
    {
      name: 'web-knows-no-node',
      severity: 'error',
      from: { path: '^web/src/', pathNot: '\\.test\\.tsx?$' },
      to: { dependencyTypes: ['core'] },
    },
    ...upwards,
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-folder-circles',
      comment:
        'A room that leans on another is not leant on by it: either can be carried on, or deleted, by itself.',
      severity: 'error',
      scope: 'folder',
      from: {},
      to: { circular: true },
    },
    {
      name: 'everything-resolves',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '\\.css$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['dist/', '\\.css$', '\\?url$', '\\.(test|fixture)\\.tsx?$'] },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'node'],
    },
    combinedDependencies: true,
  },
};
