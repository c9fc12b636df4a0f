/** Units live beside the code as *.test.ts; the data layer's tests need a server and live in tests/db. */
/** Looked up through the sandbox of each test these would be slow: sums took ten times as long. */
const FAST = ['Math', 'Number', 'Object', 'Array', 'Map', 'Set', 'WeakMap', 'JSON', 'Infinity'].concat([
  'Float64Array',
  'Int32Array',
  'RangeError',
  'String',
]);

const shared = {
  sandboxInjectedGlobals: FAST,
  testEnvironment: 'node',
  transform: {
    '^.+\\.(tsx?|mjs)$': ['@swc/jest', { jsc: { target: 'es2022' } }],
    '^.+/node_modules/.+\\.js$': ['@swc/jest', {}],
  },
  transformIgnorePatterns: ['/node_modules/(?!(@date-fns/tz)/)'],
  moduleNameMapper: { '^server-only$': '<rootDir>/tests/unit/server-only.ts', '^@/(.*)$': '<rootDir>/src/$1' },
};

const config = {
  // A busy machine is no failure: hooks that plan or start a server get the time they need.
  testTimeout: 60_000,
  projects: [
    {
      ...shared,
      displayName: 'units',
      testMatch: [
        '<rootDir>/src/**/*.test.ts',
        '<rootDir>/tests/unit/**/*.test.ts',
        '<rootDir>/tests/sweep/**/*.test.ts',
      ],
    },
    { ...shared, displayName: 'database', testMatch: ['<rootDir>/tests/db/**/*.test.ts'] },
    { ...shared, displayName: 'scripts', testMatch: ['<rootDir>/tests/scripts/**/*.test.ts'] },
  ],
};

export default config;
