import eslint from '@eslint/js'
import prettier from 'eslint-config-prettier/flat'
import redos from 'eslint-plugin-redos'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

const nestedConditional = {
  selector: 'VExpressionContainer ConditionalExpression ConditionalExpression',
  message: 'A condition within a condition: give it a name in the script.',
}

export default tseslint.config(
  { ignores: ['**/.nuxt/', '**/.output/', 'node_modules/', 'data/', 'test-results/', 'playwright-report/'] },
  eslint.configs.recommended,
  tseslint.configs.strict,
  tseslint.configs.stylistic,
  vue.configs['flat/recommended'],
  prettier,
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  {
    rules: {
      'no-undef': 'off', // TypeScript knows better, auto-imports included
      'eqeqeq': 'error',
      'max-len': ['error', { code: 140 }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      'no-nested-ternary': 'error',
      'no-console': ['error', { allow: ['error', 'warn'] }],
      // Playwright reads what a fixture takes from its first parameter
      'no-empty-pattern': ['error', { allowObjectPatternsAsParameters: true }],
      '@typescript-eslint/no-non-null-assertion': 'off', // noUncheckedIndexedAccess asks for them where an index is known to be good
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'separate-type-imports', disallowTypeAnnotations: false }],
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  // Whatever is sent, what ships reads it in time in proportion to its length.
  {
    files: ['{core,server,app,layers}/**/*.{ts,vue}'],
    ignores: ['**/*.{test,testing}.ts'],
    plugins: { redos },
    rules: { 'redos/no-vulnerable': ['error', { timeout: 10_000 }] },
  },
  // Templates are read as pages are: what has to be worked out has a name in the script.
  { files: ['**/*.vue'], rules: { 'vue/no-restricted-syntax': ['error', nestedConditional] } },
  {
    files: ['app/**/*.vue'],
    rules: {
      'vue/no-restricted-syntax': [
        'error',
        nestedConditional,
        {
          selector: 'VExpressionContainer CallExpression:not([callee.object.name="say"]) CallExpression',
          message: 'A call within a call: give it a name in the script.',
        },
        {
          selector: 'VExpressionContainer ConditionalExpression LogicalExpression',
          message: 'A condition within a condition: give it a name in the script.',
        },
        {
          selector: 'VExpressionContainer ArrowFunction > BlockStatement',
          message: 'Several statements: make them a function in the script.',
        },
        {
          selector: 'VOnExpression > ExpressionStatement ~ ExpressionStatement',
          message: 'Several statements: make them a function in the script.',
        },
      ],
    },
  },
  { files: ['scripts/**', 'demo/**', 'benchmarks/**'], rules: { 'no-console': 'off' } },
)
