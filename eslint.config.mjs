import js from '@eslint/js'
import jsdoc from 'eslint-plugin-jsdoc'
import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'

// A choice within a choice is read; a third one is a table, a switch or early returns.
const DEEP_CHOICE = {
  selector: 'ConditionalExpression > ConditionalExpression > ConditionalExpression',
  message: 'Three choices deep: make it a table, a switch or early returns.',
}
const CLOCK = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'The core has no clock.',
}

export default ts.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '**/.expo/**',
      'app/public/readers/**',
      'test-results/**',
      '.cache/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...ts.configs.recommendedTypeChecked.map((config) => ({ ...config, files: ['**/*.{ts,tsx}'] })),
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true, requireDefaultForNonUnion: false },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      eqeqeq: 'error',
      'no-restricted-syntax': ['error', DEEP_CHOICE],
    },
  },
  {
    files: ['app/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    // `expect.any` and its like are any by their type, and a stand-in keeps the promises of what it stands in for.
    files: ['**/*.test.{ts,tsx}', '**/*.spec.ts', '**/testing/**'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/require-await': 'off',
    },
  },
  {
    // What is read in one glance. A list of cases in a test is as long as its cases, and an oracle is a plain list of ifs.
    files: ['**/*.{ts,tsx,mjs,cjs}'],
    rules: { 'max-lines': ['error', 400] },
  },
  {
    files: ['**/*.{ts,tsx,mjs,cjs}'],
    ignores: ['**/*.test.{ts,tsx}', '**/*.spec.ts', '**/testing/**'],
    rules: { 'max-lines-per-function': ['error', 80], complexity: ['error', 15] },
  },
  {
    // What the core offers is told where it stands: units, shapes, what comes back when there is no answer, the source.
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/**/testing/**'],
    plugins: { jsdoc },
    rules: {
      'jsdoc/require-jsdoc': [
        'error',
        {
          publicOnly: true,
          enableFixer: false,
          require: { ArrowFunctionExpression: true, ClassDeclaration: true, FunctionDeclaration: true },
          contexts: ['TSInterfaceDeclaration', 'TSTypeAliasDeclaration'],
        },
      ],
    },
  },
  {
    // The core is pure: no clock, no random, no machine.
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/**/testing/**'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'localStorage',
        'setTimeout',
        'setInterval',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core has no random: pass the value in.' },
        { object: 'Date', property: 'now', message: 'The core has no clock: pass the time in.' },
      ],
      'no-restricted-syntax': ['error', DEEP_CHOICE, CLOCK],
    },
  },
  {
    // It runs in the page, before the app.
    files: ['app/public/*.js'],
    languageOptions: {
      globals: {
        document: 'readonly',
        location: 'readonly',
        localStorage: 'readonly',
        matchMedia: 'readonly',
        addEventListener: 'readonly',
        Element: 'readonly',
        HTMLScriptElement: 'readonly',
      },
    },
  },
  {
    files: ['**/*.{mjs,cjs,js}'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        module: 'writable',
        require: 'readonly',
        __dirname: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
      },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
)
