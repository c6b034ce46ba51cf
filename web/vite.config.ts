import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    tailwindcss(),
    // What opens without a network: src/offline/worker.ts.
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src/offline',
      filename: 'worker.ts',
      injectRegister: false,
      manifestFilename: 'manifest.json',
      injectManifest: { globPatterns: ['**/*.{html,js,css,svg,png,woff2}'] },
      manifest: {
        name: 'Golden Tally',
        short_name: 'Golden Tally',
        description: 'Plan a whole quilt top, then cut, sew and tally from the same plan.',
        start_url: '/',
        display: 'standalone',
        theme_color: '#ffcf3f',
        background_color: '#eef0ec',
        icons: [192, 512].map((side) => ({
          src: `/icon-${side}.png`,
          sizes: `${side}x${side}`,
          type: 'image/png',
          purpose: 'any',
        })),
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { outDir: 'target/dist', emptyOutDir: true, manifest: true },
  // The application changes nothing for pages of another origin; while developing, these are its pages.
  server: {
    proxy: {
      '/api': { target: 'http://127.0.0.1:8090', changeOrigin: true, headers: { origin: 'http://127.0.0.1:8090' } },
    },
  },
  test: {
    environment: 'happy-dom',
    // One world for all files is a quarter of the work; none of them leaves anything behind.
    isolate: false,
    coverage: {
      // What reckons. What holds a page together (use…, queries, routes, the worker) is tested in a browser.
      include: ['src/**/*.ts'],
      exclude: [
        'src/**/*.test.ts',
        'src/**/index.ts',
        'src/**/queries.ts',
        'src/**/use[A-Z]*.ts',
        'src/main.ts',
        'src/app/router.ts',
        'src/api/schema.d.ts',
        'src/offline/{worker,takeAlong}.ts',
      ],
      reporter: ['text-summary'],
      thresholds: { lines: 90, statements: 90 },
    },
  },
})
