import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import importX from 'eslint-plugin-import-x'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import reactHooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

const PLACES = ['bench', 'kit', 'edges', 'true', 'work', 'diary', 'session', 'door', 'people']

/** A room below knows nothing of a room above it, and no place knows another. */
const WALLS = [
    {
        target: './web/src/api',
        from: ['./web/src/parts', './web/src/drawings', './web/src/places', './web/src/shell'],
    },
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
    {
        // The whole page is one button for a wet hand; the same keys are heard by useNextKeys.
        files: [
            'web/src/places/session/SessionPage.tsx',
            'web/src/places/session/BesideJob.tsx',
            'web/src/places/session/Counting.tsx',
        ],
        rules: {
            'jsx-a11y/click-events-have-key-events': 'off',
            'jsx-a11y/no-noninteractive-element-interactions': 'off',
            'jsx-a11y/no-static-element-interactions': 'off',
        },
    },
    {
        // They hear what the fields inside them do, and are no controls themselves.
        files: ['web/src/parts/Readings.tsx', 'web/src/places/kit/ladder/MoneyFields.tsx'],
        rules: {
            'jsx-a11y/no-noninteractive-element-interactions': 'off',
            'jsx-a11y/no-static-element-interactions': 'off',
        },
    },
    {
        // A table that scrolls sideways must be reachable with the keys.
        files: [
            'web/src/places/true/three/ThreeEdgesReadings.tsx',
            'web/src/places/edges/rack/RackCosts.tsx',
        ],
        rules: { 'jsx-a11y/no-noninteractive-tabindex': 'off' },
    },
    {
        // Find is asked for by a key or a click: typing is what follows.
        files: ['web/src/shell/FindDialog.tsx'],
        rules: { 'jsx-a11y/no-autofocus': 'off' },
    },
)
