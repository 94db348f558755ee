const shared = {
  transform: {
    '^.+\\.[jt]sx?$': [
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
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
  },
  testEnvironment: 'node',
  // Looked up through the sandbox on every use, arithmetic takes six times as long.
  sandboxInjectedGlobals: ['Math', 'Number', 'Float64Array', 'Float32Array'],
  // Published as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!fractional-indexing/)'],
};

const config = {
  projects: [
    { ...shared, displayName: 'unit', testMatch: ['<rootDir>/src/**/*.test.ts'] },
    {
      ...shared,
      displayName: 'browser',
      testMatch: ['<rootDir>/tests/browser/**/*.test.ts'],
      setupFilesAfterEnv: ['<rootDir>/tests/browser/again.ts'],
      globalSetup: '<rootDir>/tests/browser/start.ts',
      globalTeardown: '<rootDir>/tests/browser/stop.ts',
    },
  ],
  testTimeout: 180_000,
  // What hundreds of files leave behind in a worker is swept up over and over: a fresh one is faster.
  workerIdleMemoryLimit: '1200MB',
};

export default config;
