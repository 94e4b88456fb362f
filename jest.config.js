import { base } from './jest.base.js';

/* rootDir of each project is resolved from here. */
const project = (name, more) => ({ ...base(name, more), rootDir: new URL(name, import.meta.url).pathname });

export default {
  // Three workers on two cores of a slow machine: a test may take four times as long as on a calm one.
  testTimeout: 120_000,
  coverageProvider: 'v8',
  coverageDirectory: '.cache/coverage',
  coverageReporters: ['json-summary'],
  collectCoverageFrom: ['*/src/**/*.{ts,tsx}', '!**/*.gen.ts', '!web/src/main.tsx'],
  projects: [
    project('engine'),
    project('core'),
    project('library'),
    project('server'),
    project('web', {
      testEnvironment: '<rootDir>/test/environment.cjs',
      testEnvironmentOptions: { customExportConditions: ['@loyal-mane/source', 'browser'] },
      setupFilesAfterEnv: ['<rootDir>/test/setup.ts'],
    }),
  ],
};
