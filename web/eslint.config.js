import js from '@eslint/js';
import boundaries from 'eslint-plugin-boundaries';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['target/**', 'node_modules/**', 'src/api/schema.d.ts', 'eslint.config.js', 'lint-api.mjs'] },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  { languageOptions: { globals: globals.browser, parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } } },
  jsxA11y.flatConfigs.recommended,
  reactHooks.configs.flat.recommended,
  {
    // Arrows between folders; a feature is understood, and taken out, without the others.
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { project: './tsconfig.json' } },
      'boundaries/elements': [
        { type: 'api', pattern: 'src/api' },
        { type: 'lib', pattern: 'src/lib' },
        { type: 'ui', pattern: 'src/ui' },
        { type: 'blocks', pattern: 'src/blocks' },
        { type: 'session', pattern: 'src/features/session/*', capture: ['part'] },
        { type: 'feature', pattern: 'src/features/*', capture: ['name'] },
        { type: 'app', pattern: 'src/app' },
        { type: 'test', pattern: 'src/test' },
      ],
    },
    rules: {
      'boundaries/element-types': [
        'error',
        {
          default: 'disallow',
          rules: [
            { from: ['lib'], allow: ['api', 'lib'] },
            { from: ['ui'], allow: ['api', 'lib', 'ui'] },
            { from: ['blocks'], allow: ['api', 'lib', 'ui', 'blocks'] },
            { from: ['session'], allow: ['api', 'lib', 'ui', 'blocks', ['session', { part: '${from.part}' }]] },
            { from: ['feature'], allow: ['api', 'lib', 'ui', 'blocks', ['feature', { name: '${from.name}' }]] },
            { from: ['app'], allow: ['api', 'lib', 'ui', 'feature', 'session', 'app'] },
            { from: ['api'], allow: ['api'] },
            { from: ['test'], allow: ['api', 'lib', 'ui', 'test'] },
          ],
        },
      ],
    },
  },
  { files: ['src/**/*.test.{ts,tsx}'], rules: { 'boundaries/element-types': 'off' } },
);
