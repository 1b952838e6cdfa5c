import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['**/.next/', '.next-bench/', 'node_modules/', 'next-env.d.ts', 'test-results/', 'playwright-report/', 'bench/bare/'] },
  ...tseslint.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { ...reactHooks.configs.recommended.rules },
  },
  {
    rules: {
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 20],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' },
      ],
    },
  },
  {
    files: ['src/ui/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'CallExpression[callee.property.name=/^(takePart|takeHand)$/] > ObjectExpression.arguments:first-child SpreadElement',
          message: 'what is spread was rendered, and may have changed since: hand in a function of the part as it then stands',
        },
        {
          selector: 'BlockStatement > ExpressionStatement > CallExpression[callee.property.name=/^(takePart|takeHand)$/]',
          message: 'a refusal is dropped: return it, so that it is shown',
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['window', 'document', 'navigator', 'localStorage', 'fetch', 'setTimeout', 'performance'].map((name) => ({
          name,
          message: 'core is pure: what comes from outside is passed in',
        })),
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "MemberExpression[object.name='Math'][property.name='random']", message: 'core has no chance of its own' },
        {
          selector: "MemberExpression[object.name='Date'][property.name='now'], NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'core has no clock',
        },
      ],
    },
  },
);
