import js from '@eslint/js';
import angular from 'angular-eslint';
import tseslint from 'typescript-eslint';

/** The ideas of the domain in reading order: a later folder may use earlier ones, never the reverse. */
const CORE_ORDER = [
  'amount',
  'units',
  'catalogue',
  'measuring',
  'reading',
  'conversion',
  'batch',
  'chance',
  'calibration',
  'bench',
  'baking',
  'formats',
];

const SPECS = ['**/*.spec.ts', '**/testing/**'];
const restrict = (...patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });

const PAST_THE_FACE = {
  regex: '^\\.\\./[^./]+/(?!index\\.js$)',
  message: "Import from the other folder's index.ts: nobody reaches past its face.",
};

/** One entry for each folder of core: only earlier folders, and only through their face. */
const coreFolders = CORE_ORDER.map((folder, at) => ({
  files: [`core/src/${folder}/**/*.ts`],
  ignores: SPECS,
  rules: restrict(
    { regex: '^@ypsigram/', message: 'Core knows nobody.' },
    { regex: '^node:', message: 'Core does no I/O.' },
    {
      regex: `^(?:\\.\\./)+(?:${CORE_ORDER.slice(at + 1).join('|') || 'none-later'})/`,
      message: `"${folder}" comes before that folder in the reading order and can't use it.`,
    },
    { ...PAST_THE_FACE, regex: `^(?:\\.\\./)+(?:${CORE_ORDER.join('|')})/(?!index\\.js$)` },
  ),
}));

const AREAS = [
  'authors',
  'backup',
  'exports',
  'health',
  'imports',
  'kitchen',
  'openapi',
  'plans',
  'readings',
  'recipes',
  'scale',
  'trials',
];

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      '.angular/**',
      'var/**',
      '**/test-results/**',
      'e2e/playwright-report/**',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.mjs', '**/*.cjs'],
    languageOptions: {
      globals: {
        console: 'readonly',
        process: 'readonly',
        URL: 'readonly',
        performance: 'readonly',
        fetch: 'readonly',
        require: 'readonly',
        module: 'writable',
        setTimeout: 'readonly',
      },
    },
  },
  {
    // Playwright finds a fixture's needs by its parameter's pattern, empty or not.
    files: ['e2e/**/*.ts'],
    rules: { 'no-empty-pattern': 'off' },
  },
  {
    // Parts of it run inside the page.
    files: ['bench/src/{page,chance-page}.bench.mjs'],
    languageOptions: {
      globals: {
        document: 'readonly',
        Event: 'readonly',
        MutationObserver: 'readonly',
        requestAnimationFrame: 'readonly',
      },
    },
  },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.recommended],
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-import-type-side-effects': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      'no-console': ['error', { allow: ['warn', 'error', 'log'] }],
      eqeqeq: 'error',
    },
  },
  ...coreFolders,
  {
    files: ['contract/src/**/*.ts'],
    rules: restrict({
      regex: '^@ypsigram/(?!core/)|^@angular/|^express',
      message: 'The contract knows only core.',
    }),
  },
  {
    files: ['server/src/**/*.ts'],
    rules: restrict({
      regex: '^@ypsigram/(?!core/|contract)|^@angular/',
      message: 'The server knows core and contract.',
    }),
  },
  ...AREAS.map((area) => ({
    files: [`server/src/areas/${area}/**/*.ts`],
    ignores: SPECS,
    rules: restrict(
      {
        regex: '^@ypsigram/(?!core/|contract)|^@angular/',
        message: 'The server knows core and contract.',
      },
      {
        regex: `^\\.\\./(?!${area}/)(?:${AREAS.join('|')})/`,
        message: 'Areas do not import each other.',
      },
    ),
  })),
  {
    files: ['web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': [
        'error',
        [
          { type: 'element', prefix: 'yg', style: 'kebab-case' },
          { type: 'attribute', prefix: 'yg', style: 'camelCase' },
        ],
      ],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
      ...restrict({
        regex: '^@ypsigram/(?!core/|contract)|^express|^sequelize',
        message: 'The page knows core and contract.',
      }),
    },
  },
  {
    files: ['web/src/app/{kit,api,kitchen,recipe}/**/*.ts'],
    rules: restrict(
      { regex: '^@ypsigram/(?!core/|contract)', message: 'The page knows core and contract.' },
      {
        regex: '/places/',
        message: 'Places use kit, api, kitchen and recipe, not the other way round.',
      },
    ),
  },
  {
    files: ['web/src/app/places/**/*.ts'],
    rules: restrict(
      { regex: '^@ypsigram/(?!core/|contract)', message: 'The page knows core and contract.' },
      { regex: '^\\.\\./[^./]+/', message: 'A place does not import another place.' },
    ),
  },
  {
    files: ['web/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
  },
);
