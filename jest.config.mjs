const shared = {
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      { jsc: { target: 'es2022', transform: { react: { runtime: 'automatic' } } }, module: { type: 'es6' } },
    ],
  },
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '\\.css$': '<rootDir>/tests/support/empty.ts' },
  modulePathIgnorePatterns: ['<rootDir>/.next', '<rootDir>/dist'],
};

/** `core`: everything without a browser. `interface`: parts of the interface in jsdom. `e2e`: the built application in Chromium. */
const config = {
  projects: [
    {
      ...shared,
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{src,cli,bench,demo,scripts}/**/*.test.ts'],
    },
    { ...shared, displayName: 'interface', testEnvironment: 'jsdom', testMatch: ['<rootDir>/src/**/*.test.tsx'] },
    { ...shared, displayName: 'e2e', testEnvironment: 'node', testMatch: ['<rootDir>/tests/**/*.test.ts'] },
  ],
  testTimeout: 90_000,
};

export default config;
