import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// Attributes that are read or read aloud.
const SAID = 'label|title|placeholder|alt|description|okText|cancelText|help|extra|aria-label|words';
const FROM_CATALOGUE = "Words come from the catalogue: msg('key'), or t('key') on the crew's pages.";

export default tseslint.config(
  { ignores: ['dist', 'src/api/generated/schema.d.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  {
    files: ['src/**/*.{ts,tsx}'],
    ...a11y.flatConfigs.recommended,
    rules: {
      ...a11y.flatConfigs.recommended.rules,
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXOpeningElement[name.name=/^(button|input|select|textarea|dialog|details|progress)$/]',
          message: "Ant Design's own control, with our theme.",
        },
        {
          selector: 'JSXText[value=/\\p{Ll}{2,}/u]',
          message: FROM_CATALOGUE,
        },
        {
          selector: `JSXAttribute[name.name=/^(${SAID})$/] > Literal[value=/\\p{L}{2,} |^\\p{Lu}?\\p{Ll}{2,}/u]`,
          message: FROM_CATALOGUE,
        },
        {
          selector: `JSXAttribute[name.name=/^(${SAID})$/] :not(CallExpression) > Literal[value=/\\p{L}{2,} |^\\p{Lu}\\p{Ll}/u]`,
          message: FROM_CATALOGUE,
        },
        {
          selector: `JSXAttribute[name.name=/^(${SAID})$/] > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/\\p{Ll}{3,}/u]`,
          message: FROM_CATALOGUE,
        },
      ],
      'jsx-a11y/label-has-associated-control': [
        'error',
        {
          controlComponents: ['Text', 'Input', 'InputNumber', 'Input.TextArea', 'Select', 'Stepper', 'TextArea'],
          depth: 4,
        },
      ],
    },
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
);
