import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

const NAMES_ARE_WHOLE = [
  {
    selector:
      'CallExpression[callee.property.name=/^(startsWith|endsWith|includes|split|replace|match|toLowerCase)$/][callee.object.property.name=/^(id|rule|subject|finding|findingId|title|headline|words|says|label|detail|text)$/]',
    message: 'Ask the rule and the subject (finding/subject): names are not taken apart.',
  },
  {
    selector:
      'CallExpression[callee.property.name=/^(test|exec)$/] > MemberExpression.arguments[property.name=/^(id|rule|subject|findingId|title)$/]',
    message: 'Ask the rule and the subject (finding/subject): names are not taken apart.',
  },
  {
    selector:
      'BinaryExpression[operator=/^[!=]==$/] > MemberExpression[property.name=/^(headline|says|detail|label)$/]',
    message: 'Compare what a thing is, not the words that are shown for it.',
  },
  {
    // names of keys of the keyboard alone are written so
    selector:
      'BinaryExpression[operator=/^[!=]==$/]:not([left.property.name="key"]) > Literal[value=/^[A-Z][a-z]/]',
    message: 'Compare what a thing is, not the words that are shown for it.',
  },
  {
    selector: 'CallExpression[callee.property.name=/^querySelector/] [value=/aria-label/]',
    message: 'Ask for an entry by its name (entry/asked), not for a button by its label.',
  },
  {
    selector:
      'CallExpression[callee.property.name=/^querySelector/] TemplateElement[value.raw=/aria-label/]',
    message: 'Ask for an entry by its name (entry/asked), not for a button by its label.',
  },
];

// a word of the interface; units are written alike in every language
const WORDS = '/(?!min\\b)\\b[A-Za-z]{3,}/';
// what is shown or read out
const SHOWN =
  '/^(label|name|hint|title|placeholder|words|prefix|suffix|aria-label|subtitle|headline|detail|asked|question)$/';
const INTO_CATALOGUE = 'Words of the interface stand in the catalogue (words/page).';

export default tseslint.config(
  { ignores: ['dist', 'target', 'checks/target', 'src/api/schema.d.ts', 'src/words/page'] },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [js.configs.recommended, ...tseslint.configs.recommended],
    languageOptions: { globals: globals.browser },
    plugins: { 'react-hooks': reactHooks },
    rules: {
      ...reactHooks.configs.recommended.rules,
      'no-duplicate-imports': ['error', { allowSeparateTypeImports: true }],
      'no-restricted-syntax': ['error', ...NAMES_ARE_WHOLE],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'src/test/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 120, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['src/**/*.tsx'],
    ignores: ['**/*.test.tsx', 'src/test/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...NAMES_ARE_WHOLE,
        { selector: `JSXText[value=${WORDS}]`, message: INTO_CATALOGUE },
        {
          selector: `JSXAttribute[name.name=${SHOWN}] > Literal[value=${WORDS}]`,
          message: INTO_CATALOGUE,
        },
        {
          selector: `JSXAttribute[name.name=${SHOWN}] TemplateElement[value.raw=${WORDS}]`,
          message: INTO_CATALOGUE,
        },
        {
          selector: `JSXAttribute[name.name=${SHOWN}] > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=${WORDS}]`,
          message: INTO_CATALOGUE,
        },
        {
          selector: `JSXElement > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression) > Literal[value=${WORDS}]`,
          message: INTO_CATALOGUE,
        },
      ],
    },
  },
);
