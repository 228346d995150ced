import angular from 'angular-eslint';
import prettier from 'eslint-config-prettier';
import rxjs from 'eslint-plugin-rxjs-x';
import tseslint from 'typescript-eslint';

const wholeZod = {
  selector: "ImportDeclaration[source.value='zod'] > ImportSpecifier[imported.name='z']",
  message: "Write `import * as z from 'zod'`: the other form costs 55 kB compressed.",
};

export default tseslint.config(
  {
    ignores: [
      'dist/',
      'node_modules/',
      '.angular/',
      'data/',
      'server/migrations/',
      'test-results/',
      'playwright-report/',
    ],
  },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.recommendedTypeChecked, ...tseslint.configs.stylisticTypeChecked],
    languageOptions: {
      parserOptions: { project: ['./tsconfig.json', './web/tsconfig.lint.json'], tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      'no-restricted-syntax': ['error', wholeZod],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/explicit-module-boundary-types': 'off',
      '@typescript-eslint/prefer-nullish-coalescing': ['error', { ignorePrimitives: { string: true, number: true } }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true, allowBoolean: true }],
      eqeqeq: 'error',
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'setTimeout',
        'fetch',
        'process',
        'performance',
        'crypto',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random' },
        { object: 'Date', property: 'now' },
      ],
    },
  },
  {
    files: ['web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      '@angular-eslint/component-selector': ['error', { type: 'element', prefix: 'nw', style: 'kebab-case' }],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
      '@typescript-eslint/unbound-method': 'off',
    },
  },
  {
    files: ['web/src/**/*.ts'],
    plugins: { 'rxjs-x': rxjs },
    rules: {
      'rxjs-x/no-nested-subscribe': 'error',
      'rxjs-x/no-exposed-subjects': 'error',
      'rxjs-x/no-unsafe-takeuntil': 'error',
      'rxjs-x/no-async-subscribe': 'error',
    },
  },
  {
    // Components render signals and send commands: services own the streams and do the fetching.
    files: ['web/src/app/{pages,parts}/**/*.ts'],
    ignores: ['**/*.spec.ts', '**/*-{store,session,stream,flow,draft,clock,player}.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        wholeZod,
        {
          selector: "MemberExpression[property.name='subscribe']",
          message: 'A service subscribes; a component reads its signals.',
        },
        {
          selector: "ImportSpecifier[imported.name='firstValueFrom']",
          message: 'A service fetches; a component reads its signals.',
        },
        {
          selector: "ImportSpecifier[imported.name='HttpClient']",
          message: 'A service fetches; a component reads its signals.',
        },
        {
          selector: 'ImportDeclaration[source.value=/-api$/]',
          message: 'A service fetches; a component reads its signals.',
        },
        {
          selector: "ImportDeclaration[source.value='idb-keyval']",
          message: 'What a browser keeps goes through BrowserStore.',
        },
      ],
    },
  },
  {
    files: ['web/src/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
  },
  prettier,
);
