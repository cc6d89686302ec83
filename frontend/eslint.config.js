import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'

export default defineConfigWithVueTs(
  { ignores: ['src/api/types.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommended,
  { rules: { 'vue/multi-word-component-names': 'off', 'vue/require-default-prop': 'off' } },
  prettier,
)
