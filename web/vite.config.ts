import { defaultClientConditions, defineConfig } from 'vite';
import type { Plugin } from 'vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { DAY, paletteCss } from './src/theme/palette.ts';

/** Writes the palette into the page, so that its colors stand before any script runs. */
const palette: Plugin = {
  name: 'palette',
  transformIndexHtml: () => [
    { tag: 'style', children: paletteCss(), injectTo: 'head-prepend' },
    { tag: 'meta', attrs: { name: 'theme-color', content: DAY.paper }, injectTo: 'head' },
  ],
};

/** Keeps the application's files on the device; the page registers it by itself. */
const offline = VitePWA({
  strategies: 'injectManifest',
  srcDir: 'src/offline',
  filename: 'serviceWorker.ts',
  injectRegister: null,
  manifest: false,
  injectManifest: { globPatterns: ['**/*.{js,css,html,svg,woff2}'], maximumFileSizeToCacheInBytes: 8_000_000 },
});

export default defineConfig({
  plugins: [react(), palette, offline],
  resolve: { conditions: ['@loyal-mane/source', ...defaultClientConditions] },
  server: { proxy: { '/api': 'http://127.0.0.1:8480' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
});
