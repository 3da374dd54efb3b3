import { resolve } from 'node:path';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
  root: 'src/web',
  publicDir: resolve('src/web/public'),
  plugins: [vue()],
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
    proxy: { '/api': `http://127.0.0.1:${process.env['PORT'] ?? '4717'}` },
  },
});
