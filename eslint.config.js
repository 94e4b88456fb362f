import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import jsdoc from 'eslint-plugin-jsdoc';
import a11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/* The house's import order. A folder of the core may import itself and what stands to its left; types may be looked up to
 * anywhere inside the core. Workspaces: engine -> core -> library -> server, web. */
const CORE = [
  'units',
  'time',
  'coat',
  'outline',
  'kennel',
  'programs',
  'mats',
  'bath',
  'drying',
  'pages',
  'plan',
  'ring',
  'work',
  'brushing',
  'view',
];
const coreOrder = CORE.map((folder, i) => ({
  files: [`core/src/${folder}/**/*.ts`],
  rules: {
    '@typescript-eslint/no-restricted-imports': [
      'error',
      {
        paths: FORBIDDEN_IN_CORE(),
        patterns: [
          ...IMPURE(),
          ...CORE.slice(i + 1).map((later) => ({
            group: [`**/${later}/*`],
            allowTypeImports: true,
            message: `${folder} stands below ${later} in the import order.`,
          })),
        ],
      },
    ],
  },
}));

function FORBIDDEN_IN_CORE() {
  return [
    'react',
    'react-dom',
    'antd',
    'knex',
    'mysql2',
    '@loyal-mane/library',
    '@loyal-mane/server',
    '@loyal-mane/web',
  ].map((name) => ({
    name,
    message: 'The core is pure: no interface, no database, nothing above it.',
  }));
}

function IMPURE() {
  return [
    {
      group: ['node:*', '@nestjs/*', '@loyal-mane/*', '!@loyal-mane/engine'],
      message: 'The core is pure: no platform, nothing above it.',
    },
  ];
}

/* The engine knows nothing of dogs, and of nothing else in the house. */
const ALONE = [
  { group: ['node:*', '@nestjs/*', 'react', '@loyal-mane/*', '**/core/**'], message: 'The engine stands alone.' },
];

const clock = {
  selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
  message: 'The clock comes in as an argument.',
};
const newDate = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'The clock comes in as an argument.',
};
const chance = {
  selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
  message: 'Chance comes in as a seeded generator.',
};

export default tseslint.config(
  {
    ignores: ['**/dist', '.cache', '.data', 'web/src/api/schema.gen.ts', 'server/src/db/tables.gen.ts', 'node_modules'],
  },
  js.configs.recommended,
  { files: ['**/*.mjs', '*.js'], languageOptions: { globals: globals.node } },
  { files: ['**/*.cjs'], languageOptions: { globals: globals.node, sourceType: 'commonjs' } },
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [...tseslint.configs.strictTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      // A body that is only validated, and fields that are taken out of the rest of a row, are named and not used.
      '@typescript-eslint/no-unused-vars': [
        'error',
        {
          argsIgnorePattern: '^_',
          varsIgnorePattern: '^_',
          destructuredArrayIgnorePattern: '^_',
          ignoreRestSiblings: true,
        },
      ],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // Typed arrays and look-ups by index: where a loop's own bounds rule undefined out, that is said by `as`, never by `!`.
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/non-nullable-type-assertion-style': 'off',
      // Data classes (activities, problems) are read as the plain records that they implement.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      '@typescript-eslint/no-misused-spread': 'off',
      // `x === undefined || x.y !== null` narrows x; the shorter form does not.
      '@typescript-eslint/prefer-optional-chain': 'off',
      '@typescript-eslint/no-unnecessary-condition': ['error', { allowConstantLoopConditions: true }],
      '@typescript-eslint/unbound-method': 'off',
      // There are no enums here; looking for them takes a sixth of all rules' time.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unsafe-enum-comparison': 'off',
      // Deprecated parts of packages warn where they run, which fails a test; this rule takes a third of all rules' time.
      '@typescript-eslint/no-deprecated': 'off',
      'no-restricted-syntax': ['error', { selector: 'TSEnumDeclaration', message: 'Unions, not enums.' }],
      'no-restricted-exports': ['error', { restrictDefaultExports: { direct: false } }],
    },
  },
  {
    files: ['engine/src/**/*.ts'],
    rules: { '@typescript-eslint/no-restricted-imports': ['error', { patterns: ALONE }] },
  },
  {
    files: ['engine/src/**/*.ts', 'core/src/**/*.ts'],
    rules: {
      'no-restricted-syntax': ['error', clock, newDate, chance],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'console',
        'fetch',
        'localStorage',
        'setTimeout',
        'setInterval',
      ],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': ['error', { paths: FORBIDDEN_IN_CORE(), patterns: IMPURE() }],
    },
  },
  ...coreOrder,
  {
    files: ['library/src/**/*.ts'],
    rules: {
      'no-restricted-syntax': ['error', clock, newDate, chance],
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['node:*', '@nestjs/*', 'react', 'antd', '@loyal-mane/server', '@loyal-mane/web'],
              message: 'The library stands below server and web.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['server/src/**/*.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['react', 'antd', '@loyal-mane/web'], message: 'Server and web know each other by the API only.' },
          ],
        },
      ],
    },
  },
  {
    files: ['*/src/**/*.{ts,tsx}'],
    plugins: { jsdoc },
    rules: {
      'jsdoc/require-jsdoc': [
        'error',
        {
          publicOnly: true,
          enableFixer: false,
          require: { ClassDeclaration: true, FunctionDeclaration: true },
          contexts: [
            'TSInterfaceDeclaration',
            'TSTypeAliasDeclaration',
            'ExportNamedDeclaration > VariableDeclaration',
          ],
        },
      ],
    },
  },
  {
    files: ['web/src/**/*.tsx'],
    ...a11y.flatConfigs.strict,
    rules: {
      ...a11y.flatConfigs.strict.rules,
      // Dialogs and the sign-in page put the focus into the one field that they ask for.
      'jsx-a11y/no-autofocus': 'off',
      'jsx-a11y/label-has-associated-control': [
        'error',
        {
          controlComponents: [
            'Input',
            'InputNumber',
            'NumberField',
            'Select',
            'DayField',
            'AutoComplete',
            'Switch',
            'TimePicker',
          ],
          depth: 4,
        },
      ],
      // What scrolls can be reached with the keyboard.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: [], roles: ['tabpanel', 'region'] }],
    },
  },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    languageOptions: { globals: globals.browser },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          paths: [{ name: '@ant-design/icons', message: 'Import one icon by its own path.' }],
          patterns: [
            {
              group: ['@nestjs/*', 'knex', 'node:*', '@loyal-mane/server', '@loyal-mane/library/reader'],
              message: 'The web runs in the browser.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['**/test/**/*.{ts,tsx}', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': 'off',
      '@typescript-eslint/no-unsafe-type-assertion': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
    },
  },
  prettier,
);
