// Unit tests of every package, TypeScript through swc. Clocks that are put forward and back are among what is tested.
process.env.TZ = 'Europe/Berlin';

export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/core', '<rootDir>/contract', '<rootDir>/server', '<rootDir>/web'],
  testMatch: ['**/*.test.ts'],
  transform: {
    '/node_modules/three/.+\\.js$': ['@swc/jest', { jsc: { target: 'es2022' } }],
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
  // three ships as modules only; tests measure against its geometry.
  transformIgnorePatterns: ['/node_modules/(?!three/)'],
  moduleNameMapper: {
    '^@zanfirico/(core|contract|server)$': '<rootDir>/$1/src/index.ts',
  },
  watchman: false,
};
