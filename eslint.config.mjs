import { existsSync, readdirSync } from 'node:fs';
import js from '@eslint/js';
import angular from 'angular-eslint';
import tseslint from 'typescript-eslint';
import { noProse } from './scripts/lint/no-prose.mjs';

/** The ideas of the domain in reading order: a later folder may use earlier ones, never the reverse. */
const CORE_ORDER = [
  'amount',
  'units',
  'catalogue',
  'measuring',
  'table',
  'reading',
  'conversion',
  'factor',
  'drawer',
  'fills',
  'baking',
  'batch',
  'quick',
  'formula',
  'chance',
  'calibration',
  'bench',
  'log',
  'diagnosis',
  'practice',
  'formats',
  'scan',
  // Last, so that nobody in core goes by it: the shelf is an argument everywhere.
  'shelf',
];

const SPECS = ['**/*.spec.ts', '**/testing/**'];
const restrict = (...patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });

/** The rooms of a folder that has grown: each has a face of its own. */
const READING_ROOMS = ['amounts', 'facts', 'languages', 'line', 'structure', 'vocabulary'];

/** Rooms that few places need, with a face beside their folder's: what asks for them carries them. */
const OWN_FACES = ['facts', 'steps', 'oven', 'devices'];

const PAST_THE_FACE = {
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
    {
      ...PAST_THE_FACE,
      regex: `^(?:\\.\\./)+(?:${CORE_ORDER.join('|')})/(?!(?:(?:${OWN_FACES.join('|')})/)?index\\.js$)`,
    },
    ...(folder === 'reading'
      ? [{ ...PAST_THE_FACE, regex: `^\\.{1,2}/(?:${READING_ROOMS.join('|')})/(?!index\\.js$)` }]
      : []),
  ),
}));

/** Where core knows words: those that recipes are written in, and names of ingredients. */
const WORDS_OF_RECIPES = [
  'core/src/reading/**',
  'core/src/baking/steps/**',
  'core/src/amount/{read,words}.ts',
  'core/src/catalogue/{names,without}.ts',
  'core/src/shelf/data/**',
  'core/src/table/{as-ingredient,measures,search}.ts',
  'core/src/batch/line-method.ts',
  'core/src/bench/order/mentions.ts',
  'core/src/quick/{asking-words,heat,pans,question,units}.ts',
  // Lines of recipes that are asked about.
  'core/src/practice/questions/words.ts',
];

/** The folders of a folder: a new one is fenced in by being there. */
const foldersOf = (path) =>
  readdirSync(new URL(path, import.meta.url), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name);

const AREAS = foldersOf('server/src/areas');

const PAGE_KNOWS = {
  regex: '^@ypsigram/(?!core/|contract)|^express|^sequelize',
  message: 'The page knows core and contract.',
};

const PLACES = foldersOf('web/src/app/places');

/** The rooms of places that have grown so far as to have a face of their own. */
const PLACE_ROOMS = PLACES.flatMap((place) =>
  foldersOf(`web/src/app/places/${place}`).filter((room) =>
    existsSync(new URL(`web/src/app/places/${place}/${room}/index.ts`, import.meta.url)),
  ),
);

/** What each folder of the page may use of the others; `places` and `shell` use all of them. */
const WEB_FOLDERS = {
  api: [],
  kit: ['api', 'state'],
  quick: ['kit', 'state'],
  scale: ['api', 'kit', 'state'],
  offline: ['api'],
  recognition: ['kit', 'offline', 'workers'],
  state: ['api', 'offline'],
  workers: ['kit'],
};
const WEB_ALL = [...Object.keys(WEB_FOLDERS), 'places', 'shell'];

const webFolders = Object.entries(WEB_FOLDERS).map(([folder, uses]) => ({
  files: [`web/src/app/${folder}/**/*.ts`],
  ignores: SPECS,
  rules: restrict(PAGE_KNOWS, {
    regex: `^(?:\\.\\./)+(?:${WEB_ALL.filter((other) => other !== folder && !uses.includes(other)).join('|')})/`,
    message: `"${folder}" may use ${uses.length > 0 ? uses.join(', ') : 'no other folder'} and nothing else.`,
  }),
}));

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
        __dirname: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        setInterval: 'readonly',
        clearInterval: 'readonly',
        AbortSignal: 'readonly',
        Buffer: 'readonly',
        crypto: 'readonly',
        MessageChannel: 'readonly',
        jasmine: 'readonly',
      },
    },
  },
  {
    // Playwright finds a fixture's needs by its parameter's pattern, empty or not.
    files: ['e2e/**/*.ts'],
    rules: { 'no-empty-pattern': 'off' },
  },
  {
    files: ['scripts/package/*.spec.mjs'],
    languageOptions: {
      globals: Object.fromEntries(
        [
          'describe',
          'it',
          'expect',
          'pending',
          'beforeAll',
          'beforeEach',
          'afterAll',
          'afterEach',
        ].map((name) => [name, 'readonly']),
      ),
    },
  },
  {
    files: ['web/public/worker.js'],
    languageOptions: {
      globals: Object.fromEntries(
        ['self', 'caches', 'Response', 'URL', 'importScripts'].map((name) => [name, 'readonly']),
      ),
    },
  },
  {
    // A part of it runs inside the page.
    files: ['scripts/torture/storage.mjs'],
    languageOptions: {
      globals: {
        IDBFactory: 'readonly',
        IDBDatabase: 'readonly',
        DOMException: 'readonly',
        IDBObjectStore: 'readonly',
      },
    },
  },
  {
    // Parts of it run inside the page.
    files: ['bench/src/{page,quick,chance-page,weighing-page,practice-page,first-view}.bench.mjs'],
    languageOptions: {
      globals: {
        document: 'readonly',
        Event: 'readonly',
        EventSource: 'readonly',
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
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      'no-console': ['error', { allow: ['warn', 'error', 'log', 'debug'] }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['web/src/**/*.ts', 'server/src/**/*.ts'],
    ignores: SPECS,
    rules: {
      'no-restricted-syntax': [
        'error',
        ...[
          "CallExpression[callee.name='catchError']",
          "CallExpression[callee.property.name='catch']",
        ].map((call) => ({
          selector: `${call} > ArrowFunctionExpression.arguments[params.length=0]`,
          message:
            'No error is swallowed: tell somebody, or say by unharmed(why) why nobody need know.',
        })),
      ],
    },
  },
  ...coreFolders,
  {
    files: ['core/src/**/*.ts'],
    ignores: [...SPECS, ...WORDS_OF_RECIPES],
    plugins: { ypsigram: { rules: { 'no-prose': noProse } } },
    rules: { 'ypsigram/no-prose': 'error' },
  },
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
      ...restrict(PAGE_KNOWS),
    },
  },
  ...webFolders,
  {
    files: ['web/src/app/places/**/*.ts'],
    rules: restrict(
      PAGE_KNOWS,
      { regex: '/shell/', message: 'A place does not know the shell it stands in.' },
      {
        regex: `^\\.{1,2}/(?:${PLACE_ROOMS.join('|')})/`,
        message: "Import from the room's index.ts: nobody reaches past its face.",
      },
      {
        regex: `^(?:\\.\\./)+(?:${PLACES.join('|')})/`,
        message: 'A place does not import another place.',
      },
    ),
  },
  {
    files: ['web/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
  },
);
