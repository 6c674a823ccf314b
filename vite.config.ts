import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig, type Plugin } from 'vite'

/** The addresses that the front end has a page for, for the server: it answers 404 to any other. */
function addresses(): Plugin {
  return {
    name: 'addresses',
    apply: 'build',
    generateBundle() {
      const code = readFileSync(new URL('./web/src/main.tsx', import.meta.url), 'utf8')
      const paths = [...code.matchAll(/path: '(\/[^']*)'/g)].map((match) => match[1])
      this.emitFile({ type: 'asset', fileName: 'addresses.json', source: JSON.stringify(paths) })
    },
  }
}

/** What is sent as text lies beside itself compressed, once and as small as can be: the server sends it as it is. */
function compressed(): Plugin {
  return {
    name: 'compressed',
    apply: 'build',
    writeBundle({ dir }, bundle) {
      for (const name of Object.keys(bundle).filter((file) => /\.(js|css|svg)$/.test(file))) {
        const path = join(dir ?? '', name)
        writeFileSync(`${path}.gz`, gzipSync(readFileSync(path), { level: 9 }))
      }
    },
  }
}

/** Parts that few pages take: they come with those. */
const OWN = [
  'photos/ import/ SignInField Rests TimeLeft timeLeft BigKeys fileField',
  'PlanSheet sound Enlargement RecordNav Correcting useSettled',
  'useAhead useLater StartAtBench WorkSign',
].flatMap((names) => names.split(' '))
const PARTS = new RegExp(`web/src/(parts/(?!${OWN.join('|')})|drawings/DrawnFigure)`)

export default defineConfig({
  plugins: [react(), tailwindcss(), addresses(), compressed()],
  resolve: { alias: { '@': new URL('./web/src', import.meta.url).pathname } },
  base: '/build/',
  publicDir: false,
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: true,
    assetsInlineLimit: 0,
    rollupOptions: {
      input: 'web/src/main.tsx',
      output: {
        // Parts are small and every page takes several: as one file they cost one request, not twelve. Those that
        // few pages take come with them.
        codeSplitting: {
          groups: [
            { name: 'parts', test: PARTS },
            { name: 'charts', test: /d3-/ },
          ],
        },
      },
    },
  },
})
