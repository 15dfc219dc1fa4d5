import vue from 'eslint-plugin-vue'
import prettier from 'eslint-config-prettier'
import ts from 'typescript-eslint'

const STAGES = ['brief', 'measure', 'palette', 'plan', 'takeoff', 'source', 'ledger', 'install', 'handover']

const coreOnly = [
  { regex: '^@bonitas/|/(server|web|simulators|demo|e2e|scripts)/', message: 'core imports no other layer.' },
  { regex: '^(node:|fs$|path$|crypto$|os$|http)', message: 'core runs in the browser too: no Node.' },
  {
    regex: '^(vue|pinia|vue-router|element-plus|express|drizzle-orm|pg)(/|$)',
    message: 'core knows neither screen nor server.',
  },
]

/** Nothing that is measured becomes text but by the formatter of the studio (core/kernel/units/formatter). */
const FORMATTER = 'Write it with the formatter: `says` in rules and papers, `useLocale` on screens.'
const HAND_WRITTEN = [
  'MemberExpression[property.name=/^(toFixed|toLocaleString|toLocaleDateString)$/]',
  'MemberExpression[object.name="Intl"][property.name=/^(Number|RelativeTime|List)Format$/]',
  // Without arguments it is only asked where the machine is.
  'NewExpression[callee.object.name="Intl"][callee.property.name="DateTimeFormat"][arguments.length>0]',
  // The handbook of rules tells their numbers in millimeters; everything else speaks the units of the studio.
  'TemplateElement[value.raw=/^ (mm|cm|m²|m³|kg|lx|L[ ,.;)])(?![\\w*])/]:not(Property[key.name="numbers"] *)',
].map((selector) => ({ selector, message: FORMATTER }))

/** The functions the formatter is made of; tests of the kernel hold them against handbooks. */
const PARTS_OF_FORMATTER = {
  regex: 'kernel/(units/(length|weight|liquid|days)|money/moneyText)(\\.js)?$',
  importNamePattern: 'Text$|^liquidFigure$',
  message: FORMATTER,
}

const NOT_SHIPPED = {
  regex: '(^@bonitas/core|^(\\.{1,2}/)+(\\w+/)*)/?(examples|testing)/',
  message: 'Examples and what tests need are not shipped.',
}

/** A stage of core stands under core/job, beside the others, and ships without the examples of its rules. */
const stageBoundaries = STAGES.map((stage) => ({
  files: [`core/stages/${stage}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...coreOnly,
          {
            regex: `^\\.{1,2}/(\\.\\./)*(${STAGES.filter((s) => s !== stage).join('|')})/`,
            message: 'A stage reaches another only through core/job: take what it needs as a parameter.',
          },
          { regex: '^(\\.\\./)+job/', message: 'core/job stands on the stages, not under them.' },
          NOT_SHIPPED,
          PARTS_OF_FORMATTER,
        ],
      },
    ],
  },
}))

/** What each floor of core may stand on: the kernel on nothing of ours, the model on the kernel. */
const floors = [
  ['kernel', 'model|findings|stages|job|examples|client', 'The kernel imports nothing of ours.'],
  ['model', 'findings|stages|job|examples|client', 'The model imports the kernel alone.'],
].map(([floor, above, message]) => ({
  files: [`core/${floor}/**/*.ts`],
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: [...coreOnly, { regex: `^(\\.\\./)+(${above})/`, message }] },
    ],
  },
}))

export default ts.config(
  { ignores: ['**/node_modules', '**/dist', '.bonitas', 'test-results', 'server/database/migrations'] },
  ...ts.configs.strictTypeChecked,
  ...vue.configs['flat/recommended'],
  {
    languageOptions: {
      parserOptions: {
        parser: ts.parser,
        projectService: {
          allowDefaultProject: ['eslint.config.js'],
          defaultProject: 'tsconfig.base.json',
        },
        tsconfigRootDir: import.meta.dirname,
        extraFileExtensions: ['.vue'],
      },
    },
    rules: {
      '@typescript-eslint/restrict-template-expressions': [
        'error',
        { allowNumber: true, allowNullish: false },
      ],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      '@typescript-eslint/no-unnecessary-condition': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-console': ['error', { allow: ['error'] }],
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  {
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: coreOnly }],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'setTimeout',
        'performance',
        'localStorage',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core has no randomness but a given seed.' },
        { object: 'Date', property: 'now', message: 'core has no clock: take the day as a parameter.' },
      ],
    },
  },
  ...floors,
  ...stageBoundaries,
  {
    files: ['web/**/*.{ts,vue}', 'server/**/*.ts', 'simulators/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '^(\\.\\./)+core/', message: 'Another package is named by its name: @bonitas/core/…' },
            NOT_SHIPPED,
            PARTS_OF_FORMATTER,
          ],
        },
      ],
    },
  },
  {
    files: ['{core/stages,core/job,server,web}/**/*.{ts,vue}'],
    // Drawings write coordinates, files of colors and sheets their own format, the reader of lists what it meets.
    ignores: [
      '**/*.test.ts',
      '**/testing/**',
      'core/stages/palette/board.ts',
      'core/stages/palette/library/deckCsv.ts',
    ],
    rules: { 'no-restricted-syntax': ['error', ...HAND_WRITTEN] },
  },
  {
    files: ['web/**/*.vue'],
    rules: { 'vue/no-restricted-syntax': ['error', ...HAND_WRITTEN] },
  },
  {
    // A component is read at one sitting, a function without scrolling. What is longer holds two ideas.
    files: ['web/**/*.vue'],
    rules: { 'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }] },
  },
  {
    // Every control is a component of Element Plus. What no library has is drawn by hand and named here: the tape, the
    // ribbon of finishes, the marks on the price axis; a choice at rest in a table; the input a file is picked with.
    files: ['web/**/*.vue'],
    ignores: [
      'web/job/TheTape.vue',
      'web/job/TheRibbon.vue',
      'web/source/AxisRow.vue',
      'web/form/ChoiceBox.vue',
      'web/form/FilePick.vue',
    ],
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...['button', 'input', 'select', 'textarea', 'dialog', 'details'].map((element) => ({
          element,
          message: 'Take the component of Element Plus, or one of web/form that wraps it.',
        })),
      ],
    },
  },
  {
    // What a page says stands in the words of its part, ready to be translated. The gallery is for developers.
    files: ['web/**/*.vue'],
    ignores: ['web/gallery/**'],
    rules: {
      'vue/no-bare-strings-in-template': [
        'error',
        {
          allowlist: [
            ...'()[]{}<>,.:;·×−+–—…/%°&=?!✓✕●○◐“”’|#',
            '\u00a0',
            'lx',
            'PDF',
            'DXF',
            'SVG',
            'JSON',
            'PNG',
            'LRV',
            'ΔE00',
            '60 / 30 / 10',
            'A4',
            'iCalendar',
            'N',
          ],
        },
      ],
    },
  },
  {
    files: ['{core,web,server,simulators,demo}/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**', 'core/examples/**'],
    rules: { 'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['core/**/*.test.ts', 'core/testing/**', 'core/examples/**'],
    rules: { 'no-restricted-imports': 'off', 'no-restricted-globals': 'off' },
  },
  {
    files: ['**/*.test.ts', 'e2e/**/*.ts', 'server/testing/**'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
  {
    // Loops over pixels and colors read typed arrays within their bounds; a fallback at every index costs a third
    // of their speed.
    files: [
      'core/kernel/color/nearest.ts',
      'core/stages/palette/extraction/*.ts',
      'core/testing/syntheticPhoto.ts',
      'core/stages/plan/arrange/energy.ts',
      'core/stages/plan/arrange/anneal.ts',
      'core/stages/source/bestSet/*.ts',
    ],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  // Scripts run before anything is installed: plain Node, checked by the linter's own rules only.
  { files: ['scripts/**/*.mjs', 'eslint.config.js'], ...ts.configs.disableTypeChecked },
  { files: ['scripts/**/*.mjs'], rules: { 'no-console': 'off', 'no-undef': 'off' } },
  prettier,
)
