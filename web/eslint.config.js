import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import i18n from '@intlify/eslint-plugin-vue-i18n'
import accessible from 'eslint-plugin-vuejs-accessibility'
import globals from 'globals'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  ...accessible.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    files: ['**/*.vue'],
    rules: {
      // A label around its field needs no id beside it.
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
      // What was just opened by a press takes the focus: the keypad, a dialog's one answer.
      'vuejs-accessibility/no-autofocus': 'off',
    },
  },
  {
    files: ['src/**'],
    languageOptions: { globals: globals.browser },
    rules: {
      'no-undef': 'off', // the type checker knows better
      '@typescript-eslint/no-explicit-any': 'error',
    },
  },
  {
    // What a maker reads is looked up. Signs and units of measures are the same in every language.
    files: ['src/**/*.vue'],
    plugins: { '@intlify/vue-i18n': i18n },
    settings: { 'vue-i18n': { messageSyntaxVersion: '^11.0.0' } },
    rules: {
      '@intlify/vue-i18n/no-raw-text': [
        'error',
        {
          ignorePattern: '^[^A-Za-z]*$',
          ignoreText: ['s', 'mm', '°C', '°F', 'N', 'T', 'PALINTONE', 'Palintone'],
          attributes: {
            '/.+/': ['title', 'aria-label', 'label', 'placeholder', 'hint', 'no-data-text', 'text'],
          },
        },
      ],
    },
  },
  {
    files: ['tools/**'],
    languageOptions: { globals: globals.node },
  },
  prettier,
)
