import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { defineConfig } from 'vite'

/** Older formats of fonts are for browsers that have no worker. */
const KEPT = /\.(js|css)$|latin(-ext)?-(400|600|700)-normal.*\.woff2$/

const files = readdirSync('public/build/assets')
  .filter((name) => KEPT.test(name))
  .map((name) => ({ url: `/build/assets/${name}`, revision: null }))
const atTheRoot = ['mark.svg', 'mark-512.png', 'jackrest.webmanifest'].map((name) => ({
  url: `/${name}`,
  revision: createHash('sha256')
    .update(readFileSync(`public/${name}`))
    .digest('hex')
    .slice(0, 16),
}))

/** The service worker: one file, built after the program whose files it keeps. */
export default defineConfig({
  publicDir: false,
  define: {
    'self.__WB_MANIFEST': JSON.stringify([...files, ...atTheRoot]),
    'process.env.NODE_ENV': '"production"',
  },
  build: {
    outDir: 'public/build',
    emptyOutDir: false,
    rollupOptions: {
      input: 'web/worker/worker.ts',
      output: { format: 'iife', entryFileNames: 'worker.js' },
    },
  },
})
