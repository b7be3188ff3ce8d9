import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  test: {
    // A property runs hundreds of cases, a form is typed key by key: seconds on a slow machine, and no fault for that.
    testTimeout: 60_000,
    hookTimeout: 120_000,
    // No test leaves anything in a module that another could find, so that the modules are read once, not per file.
    isolate: false,
    setupFiles: ['./tests/support/setup.ts'],
    slowTestThreshold: 2000,
    reporters: ['default', './tests/support/unitCounts.ts'],
    projects: [
      {
        extends: true,
        test: {
          name: 'node',
          environment: 'node',
          include: ['tests/{core,server,cli}/**/*.test.ts'],
          benchmark: { include: ['tests/bench/**/*.bench.ts'] },
        },
      },
      {
        extends: true,
        test: {
          name: 'browser-like',
          environment: 'jsdom',
          include: ['tests/{ui,store,features}/**/*.test.{ts,tsx}'],
          setupFiles: ['./tests/support/setup.ts', './tests/support/domSetup.ts'],
          benchmark: { include: [] },
        },
      },
    ],
  },
});
