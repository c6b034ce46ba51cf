import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

export default [
  { ignores: ['target/', 'src/api/schema.d.ts', 'node_modules/'] },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    rules: {
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      // Looks are the formatter's.
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/html-indent': 'off',
      'vue/attributes-order': 'off',
      'vue/multi-word-component-names': 'off',
      complexity: ['error', 12],
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
      'max-depth': ['error', 3],
      // Features are entered by their door only.
      'no-restricted-imports': ['error', { patterns: ['@/features/*/*'] }],
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.property.name='invalidateQueries']",
          message: 'askAnew drops the first questions that were asked before the change, too',
        },
      ],
    },
  },
  { files: ['**/*.test.ts'], rules: { 'max-lines-per-function': 'off', complexity: 'off' } },
  // The router opens the pages themselves.
  { files: ['src/app/router.ts'], rules: { 'no-restricted-imports': 'off' } },
]
