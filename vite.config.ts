import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { cpSync, mkdirSync } from 'node:fs';
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

/** Schemas are written as JSON Schema from the source alone: what does that in a browser is left out, 5 KiB of each first load. */
const withoutJsonSchema: Plugin = {
  name: 'without-json-schema',
  apply: 'build',
  transform: {
    filter: { id: /zod[\\/]v4[\\/]classic[\\/]schemas\.js$/ },
    handler: (code) =>
      code
        .replace(/inst\._zod\.processJSONSchema = .*;$/gm, '')
        .replace(/create(?:Standard)?(?:To)?JSONSchemaMethod\(this, .*?\)(?=[,;(])/g, '(() => undefined)'),
  },
};

/** Jobs are kept by the build for the browsers of today; the other one is for those of ten years ago. */
const DEXIE = fileURLToPath(new URL('./node_modules/dexie/dist/modern/dexie.mjs', import.meta.url));

/** What the writer of PDF would take for pages of HTML: nothing here is made of those. */
const NOTHING = fileURLToPath(new URL('./src/store/packet/nothing.ts', import.meta.url));
/** The browser reads pictures by itself: the writer of PDF is handed JPEGs alone. */
const NO_PNG = fileURLToPath(new URL('./src/store/packet/noPng.ts', import.meta.url));

/**
 * Parts of the writer of PDF that no packet uses: pages of HTML, a canvas, tables, right-to-left script, scripts that print,
 * counts of pages, and every kind of picture but JPEG, which is all that it is handed.
 */
const UNUSED_OF_PDF = new RegExp(
  [
    String.raw`new Context2D\(`,
    'loadHtml2Canvas',
    'loadCanvg',
    '__arabicParser__ = ',
    String.raw`jsPDFAPI\.(?:table|autoPrint|addJS|putTotalPages|viewerPreferences|process(?:GIF89A|BMP|WEBP|RGBA)) = `,
  ].join('|'),
);

/** The writer of PDF without what is for others: 25 KiB less to keep offline. */
const plainPdf: Plugin = {
  name: 'plain-pdf',
  apply: 'build',
  transform: {
    filter: { id: /jspdf\.es\.js$/ },
    handler: (code) =>
      code.replace(/^\(function \(jsPDFAPI\) \{[\s\S]*?^\}\)\(jsPDF\.API.*$/gm, (part) =>
        UNUSED_OF_PDF.test(part) ? '' : part,
      ),
  },
};
/** Events are made by Pasture and checked by its types: the calendar goes without a second check and the library for that. */
const plainCalendar: Plugin = {
  name: 'plain-calendar',
  apply: 'build',
  transform: {
    filter: { id: /ics[\\/]dist[\\/]schema[\\/]index\.js$/ },
    handler: () => `
      exports.validateHeader = (value) => ({ error: null, value });
      exports.validateHeaderAndEvent = (value) => ({ error: null, value });
    `,
  },
};
const PDF = fileURLToPath(new URL('./node_modules/jspdf/dist/jspdf.es.js', import.meta.url));

/** What reads nameplates, from the packages that bring it: fetched when a plate is first read, by no first load. */
const READER = [
  'tesseract.js/dist/worker.min.js',
  'tesseract.js-core/tesseract-core-simd-lstm.wasm.js',
  '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz',
];

/** Ships the reader of nameplates beside the application. */
const plateReader: Plugin = {
  name: 'plate-reader',
  apply: 'build',
  writeBundle({ dir = 'dist' }) {
    mkdirSync(`${dir}/reader`, { recursive: true });
    for (const file of READER)
      cpSync(`node_modules/${file}`, `${dir}/reader/${file.split('/').at(-1) ?? ''}`);
  },
};

/** The worker, as it is called in the build. */
const WORKER = 'pasture.worker';

export default defineConfig({
  resolve: {
    alias: {
      canvg: NOTHING,
      html2canvas: NOTHING,
      dompurify: NOTHING,
      'fast-png': NO_PNG,
      dexie: DEXIE,
      jspdf: PDF,
    },
  },
  plugins: [
    withoutDescriptions,
    withoutJsonSchema,
    plainPdf,
    plainCalendar,
    plateReader,
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
        // The reader of nameplates is 6 MB: it is kept once it was used.
        globIgnores: ['reader/**', 'assets/plateTask-*.js'],
        runtimeCaching: [
          {
            urlPattern: /\/(reader\/|assets\/plateTask-)/,
            handler: 'CacheFirst',
            options: { cacheName: 'plate-reader' },
          },
        ],
        navigateFallbackDenylist: [/^\/health$/, /^\/start\.json$/],
      },
    }),
  ],
  build: {
    target: 'baseline-widely-available',
    modulePreload: {
      // Every browser of that baseline preloads modules by itself.
      polyfill: false,
      // A worker has no document in which anything could be preloaded.
      resolveDependencies: (_file, files, { hostId }) => (hostId.includes(WORKER) ? [] : files),
    },
    manifest: true,
    rolldownOptions: {
      // The worker is built with the page, so that what both compute with is one file, fetched and kept once.
      input: { index: 'index.html', [WORKER]: 'src/store/worker/pasture.worker.ts' },
      output: {
        // The page asks for the worker by this name; all else bears what it holds in its name.
        entryFileNames: ({ name }) => (name === WORKER ? `assets/${WORKER}.js` : 'assets/[name]-[hash].js'),
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
