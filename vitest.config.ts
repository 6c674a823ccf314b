import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { alias: { '@': new URL('./web/src', import.meta.url).pathname } },
  test: { include: ['web/src/**/*.test.{ts,tsx}'] },
})
