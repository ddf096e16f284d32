import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const STATIONS = ['new', 'checkin', 'scope', 'part', 'quote', 'plan', 'bench', 'prove', 'handover'];

/** What lies under everything knows no station and no place; only the router does. */
const under = {
    files: ['resources/js/{api,bench,heat,mat,shell,theme,words}/**'],
    ignores: ['resources/js/shell/router.tsx'],
    rules: {
        'no-restricted-imports': ['error', { patterns: ['**/stations/**', '**/places/**'] }],
    },
};

/** A station knows no other: what two of them need lies in stations/pieces, or below. */
const apart = [...STATIONS, 'pieces'].map((station) => ({
    files: [`resources/js/stations/${station}/**`],
    rules: {
        'no-restricted-imports': [
            'error',
            { patterns: ['**/places/**', ...STATIONS.filter((s) => s !== station).map((s) => `../${s}/**`)] },
        ],
    },
}));

/** What people read stands in resources/words, for the page as for what is printed. */
const READ = 'aria-label|label|title|placeholder|helperText|alt';
const WORDS = 'Say it from resources/words.';
const worded = {
    files: ['resources/js/**/*.tsx'],
    rules: {
        'no-restricted-syntax': [
            'error',
            { selector: 'JSXText[value=/[A-Za-z]{2}/]', message: WORDS },
            {
                selector: `JSXAttribute[name.name=/^(${READ})$/] > Literal[value=/[A-Za-z]{3}/]`,
                message: WORDS,
            },
            {
                selector: 'JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/[a-z]{3} /]',
                message: WORDS,
            },
            {
                selector: 'JSXExpressionContainer > ConditionalExpression > Literal[value=/^[A-Z][a-z]+ [a-z]/]',
                message: WORDS,
            },
        ],
    },
};

/** A place of the shop stands without any job. */
const places = {
    files: ['resources/js/places/**'],
    rules: { 'no-restricted-imports': ['error', { patterns: ['**/stations/**'] }] },
};

export default ts.config(
    { ignores: ['resources/js/api/schema.d.ts', 'public/build/**'] },
    js.configs.recommended,
    ...ts.configs.strictTypeChecked,
    {
        languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
        plugins: { 'react-hooks': hooks },
        rules: {
            ...hooks.configs.recommended.rules,
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
            '@typescript-eslint/no-non-null-assertion': 'error',
            'no-restricted-exports': [
                'error',
                { restrictDefaultExports: { direct: true, named: true, defaultFrom: true } },
            ],
        },
    },
    under,
    worded,
    ...apart,
);
