import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** What a field of a document means is for the JSON Schema, which is written from the source: no browser loads it. */
const withoutDescriptions: Plugin = {
  name: 'without-descriptions',
  apply: 'build',
  enforce: 'pre',
  transform: {
    filter: { id: /src[\\/]core[\\/].*\.ts$/, code: '.describe(' },
    handler: (code) => code.replace(/\s*\.describe\(\s*'(?:[^'\\]|\\.)*',?\s*\)/g, ''),
  },
};

/** What the writer of PDF would take for pages of HTML: nothing here is made of those. */
const NOTHING = fileURLToPath(new URL('./src/store/packet/nothing.ts', import.meta.url));

export default defineConfig({
  resolve: { alias: { canvg: NOTHING, html2canvas: NOTHING, dompurify: NOTHING } },
  plugins: [
    withoutDescriptions,
    react(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Pasture',
        short_name: 'Pasture',
        description: 'Dedicated circuits for large appliances',
        theme_color: '#1d5229',
        background_color: '#f2ecdc',
        display: 'standalone',
        icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg,ttf}'],
        navigateFallbackDenylist: [/^\/health$/, /^\/start\.json$/],
      },
    }),
  ],
  build: {
    target: 'baseline-widely-available',
    // Every browser of that baseline preloads modules by itself.
    modulePreload: { polyfill: false },
    manifest: true,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            {
              name: 'react',
              test: /node_modules[\\/](react|react-dom|scheduler|react-router|react-redux|@reduxjs)[\\/]/,
              priority: 20,
            },
          ],
        },
      },
    },
  },
});
