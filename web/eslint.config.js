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
        // What has an identity is read and written by one codec; everywhere else it is only compared.
        {
          selector:
            'CallExpression[callee.property.name=/^(split|startsWith|indexOf|slice|match)$/][callee.object.property.name=/^(id|key|part|batch|choiceKey|allKey)$/]',
          message: 'no code looks into an id: ask the codec, or the server',
        },
        {
          selector:
            'TemplateElement[value.raw=/^(block|border|sash|stone|triangle)-/], Literal[regex.pattern=/^.?(block|border|sash|stone|triangle)-/]',
          message: 'ids of parts are read and written in partId.ts',
        },
        {
          selector: "CallExpression[callee.property.name='invalidateQueries']",
          message: 'askAnew drops the first questions that were asked before the change, too',
        },
      ],
    },
  },
  { files: ['**/*.test.ts'], rules: { 'max-lines-per-function': 'off', complexity: 'off' } },
  { files: ['src/features/top/partId.ts', '**/*.test.ts'], rules: { 'no-restricted-syntax': 'off' } },
  // The router opens the pages themselves.
  { files: ['src/app/router.ts'], rules: { 'no-restricted-imports': 'off' } },
]
