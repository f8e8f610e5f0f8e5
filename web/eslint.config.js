import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', 'src/app/api/schema.d.ts', 'src/words/page'] },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [js.configs.recommended, ...tseslint.configs.recommended],
    languageOptions: { globals: globals.browser },
    plugins: { 'react-hooks': reactHooks },
    rules: {
      ...reactHooks.configs.recommended.rules,
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'CallExpression[callee.property.name=/^(startsWith|endsWith|includes|split|replace|match)$/][callee.object.property.name=/^(id|rule|subject|finding|findingId|title|headline)$/]',
          message: 'Ask the rule and the subject (finding/subject): names are not taken apart.',
        },
        {
          selector:
            'CallExpression[callee.property.name=/^(test|exec)$/] > MemberExpression.arguments[property.name=/^(id|rule|subject|findingId|title)$/]',
          message: 'Ask the rule and the subject (finding/subject): names are not taken apart.',
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
      ],
    },
  },
);
