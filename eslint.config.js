import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['resources/js/api/schema.ts'] },
    ...tseslint.configs.strictTypeChecked,
    reactHooks.configs.flat.recommended,
    {
        languageOptions: { parserOptions: { projectService: true } },
        rules: {
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
        },
    },
);
