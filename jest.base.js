/* Shared by the workspaces: swc turns TypeScript and ESM-only packages into CommonJS for Jest. */
const esm = [
  '@nestjs',
  'file-type',
  'load-esm',
  'uint8array-extras',
  'strtok3',
  'token-types',
  '@tokenizer',
  '@borewit',
  'fast-check',
  'pure-rand',
  'p-limit',
  'yocto-queue',
  'uuid',
  'comlink',
  'clipper2-ts',
  'd3-contour',
  'd3-array',
  'internmap',
  'react-hotkeys-hook',
  'openapi-fetch',
  'ical-generator',
  'ical.js',
  '@ant-design',
  '@rc-component',
  'echarts',
  // cspell:disable-next-line
  'zrender',
];

export const swc = [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
    },
    module: { type: 'commonjs' },
    sourceMaps: 'inline',
  },
];

/**
 * Globals that modules get as arguments of their wrapper: read through the test's own realm each of them takes a hundred times as
 * long, and the core reckons in little else. What tests put in place of another (Date, fetch) is not among them.
 */
const INJECTED = [
  'Math',
  'Number',
  'Infinity',
  'String',
  'Boolean',
  'Array',
  'Object',
  'Map',
  'Set',
  'WeakMap',
  'JSON',
  'BigInt',
  'Int8Array',
  'Int16Array',
  'Int32Array',
  'Uint8Array',
  'Float32Array',
  'Float64Array',
];

/** A workspace's configuration. */
export const base = (name, more = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/test/**/*.test.{ts,tsx}'],
  transform: { '\\.[cm]?[jt]sx?$': swc },
  transformIgnorePatterns: [`/node_modules/(?!(${esm.join('|')})/)`],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': ['$1.ts', '$1.tsx', '$1.js'],
    '\\.css$': '<rootDir>/../scripts/empty.cjs',
  },
  testEnvironmentOptions: { customExportConditions: ['@loyal-mane/source', 'node', 'node-addons'] },
  sandboxInjectedGlobals: INJECTED,
  ...more,
});
