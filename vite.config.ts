import { resolve } from 'node:path';
import vue from '@vitejs/plugin-vue';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** The files of the first page beside its own, and what goes into each. */
const FIRST_FILES = {
  libraries: /node_modules\/(?!zod\/|@fontsource)/,
  zod: /node_modules\/zod\//,
  core: /\/src\/core\//,
  contract: /\/src\/contract\//,
};

/**
 * The modules that the page needs before it shows anything go into a few files: where the signal is weak, sixty small ones take turns to come.
 * They are those that the entry imports, whatever other pages import besides.
 */
function firstModules(): { readonly plugin: Plugin; readonly isFirst: (id: string) => boolean } {
  const first = new Set<string>();
  const plugin: Plugin = {
    name: 'first-modules',
    apply: 'build',
    buildEnd() {
      const follow = (id: string): void => {
        if (first.has(id)) return;
        first.add(id);
        this.getModuleInfo(id)?.importedIds.forEach(follow);
      };
      for (const id of this.getModuleIds()) if (this.getModuleInfo(id)?.isEntry) follow(id);
    },
    // The browser reads these files whole while they come, beside the page, and not function by function when each is first called.
    generateBundle(_options, bundle) {
      for (const chunk of Object.values(bundle))
        if (chunk.type === 'chunk' && (chunk.name === 'first' || chunk.name in FIRST_FILES))
          chunk.code = `//# allFunctionsCalledOnLoad\n${chunk.code}`;
    },
  };
  return { plugin, isFirst: (id) => first.has(id) };
}
const { plugin: findFirst, isFirst } = firstModules();

/** Parts of the library are left out: its own styles, which its unstyled mode does not use, and its ripple. */
export const LEFT_OUT = [
  { find: /^@primeuix\/styles\/.+$/, replacement: resolve('src/web/kit/noStyle.ts') },
  { find: /^primevue\/ripple$/, replacement: resolve('src/web/kit/noRipple.ts') },
];
export const VUE_FLAGS = {
  __VUE_OPTIONS_API__: 'true',
  __VUE_PROD_DEVTOOLS__: 'false',
  __VUE_I18N_LEGACY_API__: 'false',
  __INTLIFY_PROD_DEVTOOLS__: 'false',
};

export default defineConfig({
  root: 'src/web',
  publicDir: resolve('src/web/public'),
  plugins: [
    vue(),
    findFirst,
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
        // Lists of common passwords: nobody makes an account without a signal.
        globIgnores: ['**/passwordStrength-*.js'],
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
  resolve: {
    alias: [{ find: /^temporal-polyfill$/, replacement: resolve('src/web/device/temporal.ts') }, ...LEFT_OUT],
  },
  worker: { format: 'es' },
  define: VUE_FLAGS,
  build: {
    outDir: resolve('dist/web'),
    emptyOutDir: true,
    target: 'es2022',
    manifest: true,
    // In a few files, so that a page the server drew can run one after the other and answer in between.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            ...Object.entries(FIRST_FILES).map(([name, modules]) => ({
              name,
              test: (id: string) => isFirst(id) && modules.test(id),
              priority: 1,
            })),
            { name: 'first', test: isFirst },
          ],
        },
      },
    },
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
