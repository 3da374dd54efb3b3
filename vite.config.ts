import { resolve } from 'node:path';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: 'src/web',
  publicDir: resolve('src/web/public'),
  plugins: [
    vue(),
    // The pages open without a signal: everything they are made of is kept on the device. What they ask for is not.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      manifest: {
        name: 'Salt Ledger',
        short_name: 'Salt Ledger',
        start_url: '/',
        display: 'standalone',
        background_color: '#fbfaf5',
        theme_color: '#1a5d4f',
        icons: [{ src: '/sign.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        // A new build takes over at once: an old page would ask a new server.
        skipWaiting: true,
        clientsClaim: true,
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 6_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        // Photos that were shown are there without a signal; the page deletes them when someone signs out.
        runtimeCaching: [
          {
            urlPattern: /\/api\/homes\/[^/]+\/photos\/[^/]+\/image$/,
            handler: 'NetworkFirst',
            options: {
              cacheName: 'salt-ledger photos',
              networkTimeoutSeconds: 5,
              expiration: { maxEntries: 200 },
            },
          },
        ],
      },
    }),
  ],
  // The package itself is fetched only where the browser lacks Temporal.
  // The library's own styles are left out: its unstyled mode does not use them.
  resolve: {
    alias: [
      { find: /^temporal-polyfill$/, replacement: resolve('src/web/device/temporal.ts') },
      { find: /^@primeuix\/styles\/.+$/, replacement: resolve('src/web/kit/noStyle.ts') },
    ],
  },
  worker: { format: 'es' },
  define: {
    __VUE_OPTIONS_API__: 'true',
    __VUE_PROD_DEVTOOLS__: 'false',
    __VUE_I18N_LEGACY_API__: 'false',
    __INTLIFY_PROD_DEVTOOLS__: 'false',
  },
  build: {
    outDir: resolve('dist/web'),
    emptyOutDir: true,
    target: 'es2022',
    manifest: true,
    // Sizes are watched where it counts, gzipped: npm run bench.
    chunkSizeWarningLimit: 700,
  },
  server: {
    strictPort: true,
    port: Number(process.env['WEB_PORT'] ?? 5173),
    // The host stays the page’s own: the server refuses what comes from another site.
    proxy: { '/api/': { target: `http://127.0.0.1:${process.env['PORT'] ?? '4717'}`, changeOrigin: false } },
  },
});
