import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [react(), tailwindcss()],
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
        // Parts are small and every page takes several: as one file they cost one request, not twelve.
        codeSplitting: {
          groups: [
            { name: 'parts', test: /web\/src\/parts\// },
            { name: 'charts', test: /d3-/ },
          ],
        },
      },
    },
  },
})
