import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'

export default defineConfigWithVueTs(
  { ignores: ['src/api/types.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommended,
  { rules: { 'vue/multi-word-component-names': 'off', 'vue/require-default-prop': 'off' } },
  {
    // pages are also served where the origin is not secure, as to phones on a grower's network
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'crypto', property: 'randomUUID', message: 'Use newId.' },
        { object: 'crypto', property: 'subtle', message: 'Not on an insecure origin.' },
        { object: 'navigator', property: 'clipboard', message: 'Use useClipboard, legacy.' },
      ],
    },
  },
  prettier,
)
