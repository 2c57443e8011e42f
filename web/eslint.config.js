import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import prettier from '@vue/eslint-config-prettier/skip-formatting'
import vue from 'eslint-plugin-vue'
import { parser } from './oneProgram.js'

export default defineConfigWithVueTs(
  { ignores: ['src/api/schema.generated.d.ts', 'node_modules'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommendedTypeChecked,
  prettier,
  { files: ['src/**/*.ts', 'tests/**/*.ts', '*.ts'], languageOptions: { parser } },
  { files: ['src/**/*.vue'], languageOptions: { parserOptions: { parser } } },
  {
    rules: {
      // The brief's draft is edited in place by small components; a prop itself is never replaced.
      'vue/no-mutating-props': ['error', { shallowOnly: true }],
      // What was asked for and not done is said somewhere: `done` says it where a page has no place of its own.
      'no-restricted-syntax': [
        'error',
        {
          selector: "ExpressionStatement > AwaitExpression > CallExpression[callee.name='ask']",
          message: 'Say what became of it: look at the answer, or use done().',
        },
      ],
      '@typescript-eslint/no-floating-promises': ['error', { ignoreVoid: true }],
    },
  },
)
