import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import importX from 'eslint-plugin-import-x'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

const PLACES = ['bench', 'kit', 'edges', 'true', 'diary', 'session']

/** A room below knows nothing of a room above it, and no place knows another. */
const WALLS = [
  { target: './web/src/api', from: ['./web/src/parts', './web/src/drawings', './web/src/places', './web/src/shell'] },
  { target: './web/src/drawings', from: ['./web/src/places', './web/src/shell'] },
  { target: './web/src/parts', from: ['./web/src/places'] },
  ...PLACES.map((place) => ({
    target: `./web/src/places/${place}`,
    from: PLACES.filter((other) => other !== place).map((other) => `./web/src/places/${other}`),
  })),
]

export default tseslint.config(
  { ignores: ['public', 'build', 'data', 'vendor', 'web/src/api/contract.gen.ts'] },
  ...tseslint.configs.strict,
  jsxA11y.flatConfigs.recommended,
  reactHooks.configs.flat.recommended,
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'import-x': importX },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver()] },
    rules: {
      'import-x/no-cycle': 'error',
      'import-x/no-duplicates': 'error',
      'import-x/no-restricted-paths': ['error', { zones: WALLS }],
    },
  },
)
