/* Import cycles, type imports counted: `npm run cycles`, and part of `./test`. The import order itself is lint's. */
export default {
  forbidden: [
    {
      name: 'no-cycle',
      severity: 'error',
      comment: 'Two files that need each other are one file, or need a third.',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: ['node_modules', '/dist/'] },
    exclude: { path: ['node_modules', '/dist/'] },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { conditionNames: ['@loyal-mane/source', 'import', 'types', 'default'] },
  },
};
