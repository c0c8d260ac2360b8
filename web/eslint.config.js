import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  hooks.configs.flat['recommended-latest'],
  {
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/pages/*'], message: 'Features do not know the pages.' }] },
      ],
    },
  },
  { files: ['src/App.tsx'], rules: { 'no-restricted-imports': 'off' } },
);
