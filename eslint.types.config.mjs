// What lint can only say when it knows types: it takes minutes, so that npm run check does without it.
import tseslint from 'typescript-eslint'
import base from './eslint.config.mjs'

const rules = { '@typescript-eslint/no-floating-promises': 'error' }
const tsconfigRootDir = import.meta.dirname

export default [
  ...base,
  { ignores: ['layers/*/nuxt.config.ts', '**/*.mjs', '**/*.cjs'] },
  {
    files: ['app/**/*.{ts,vue}', 'layers/**/*.{ts,vue}'],
    languageOptions: {
      parserOptions: { parser: tseslint.parser, project: ['./.nuxt/tsconfig.app.json'], extraFileExtensions: ['.vue'], tsconfigRootDir },
    },
    rules,
  },
  {
    files: ['{core,server,demo,benchmarks,e2e}/**/*.ts'],
    languageOptions: {
      parserOptions: { project: ['./tsconfig.tools.json', './.nuxt/tsconfig.server.json', './.nuxt/tsconfig.node.json'], tsconfigRootDir },
    },
    rules,
  },
]
