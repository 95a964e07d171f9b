// Unit tests of every package, TypeScript through swc: plain ones in Node, those of screens (.test.tsx) in happy-dom against the real server.
// Clocks that are put forward and back are among what is tested.
process.env.TZ = 'Europe/Berlin';

const common = {
  // A name of the page's or of Node's is looked up through the test's sandbox each time: the arithmetic's own are handed in.
  sandboxInjectedGlobals: ['Math', 'Number', 'Array', 'Float64Array', 'Object'],
  transform: {
    '/node_modules/.+\\.m?js$': ['@swc/jest', { jsc: { target: 'es2022' } }],
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
      },
    ],
  },
  // These ship as modules only.
  transformIgnorePatterns: [
    '/node_modules/(?!(three|@date-fns|manifold-3d|clipper2-ts|delaunator|robust-predicates)/)',
  ],
  moduleNameMapper: {
    '^@zanfirico/(contract|server|words)$': '<rootDir>/$1/src/index.ts',
    '^@zanfirico/(core|contract)/(.+)$': '<rootDir>/$1/src/$2/index.ts',
    '^@zanfirico/words/tongue$': '<rootDir>/words/src/tongue.ts',
    '\\.json\\?url$': '<rootDir>/web/testing/address.ts',
    // Their modules are .mjs, which cannot be transformed; they ship as scripts too.
    '^(d3-[a-z-]+|internmap)$': '<rootDir>/node_modules/$1/dist/$1.js',
  },
};

export default {
  watchman: false,
  globalSetup: '<rootDir>/server/build.mjs',
  // A test that hangs is ended; how fast a machine is, the benches measure.
  testTimeout: 30_000,
  projects: [
    {
      ...common,
      displayName: 'unit',
      testEnvironment: 'node',
      setupFilesAfterEnv: ['<rootDir>/scripts/jestLong.cjs'],
      roots: ['core', 'contract', 'words', 'server', 'web'].map((r) => `<rootDir>/${r}`),
      testMatch: ['**/*.test.ts'],
    },
    {
      ...common,
      displayName: 'screens',
      testEnvironment: '<rootDir>/web/testing/environment.cjs',
      testEnvironmentOptions: {
        url: 'http://127.0.0.1/',
        customExportConditions: ['node', 'node-addons'],
      },
      setupFilesAfterEnv: ['<rootDir>/scripts/jestLong.cjs', '<rootDir>/web/testing/setup.ts'],
      roots: ['<rootDir>/web'],
      testMatch: ['**/*.test.tsx'],
      moduleNameMapper: {
        ...common.moduleNameMapper,
        '(.*)/workers/workers$': '<rootDir>/web/testing/workers.ts',
      },
    },
  ],
};
