import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue(), tailwindcss()],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { outDir: 'target/dist', emptyOutDir: true },
  // The application changes nothing for pages of another origin; while developing, these are its pages.
  server: {
    proxy: {
      '/api': { target: 'http://127.0.0.1:8090', changeOrigin: true, headers: { origin: 'http://127.0.0.1:8090' } },
    },
  },
  test: { environment: 'happy-dom' },
})
