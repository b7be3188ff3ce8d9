import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { build } from 'vite';
import { z } from 'zod';

const manifestSchema = z.record(
  z.string(),
  z.looseObject({
    file: z.string(),
    imports: z.array(z.string()).default([]),
    isEntry: z.boolean().optional(),
  }),
);
type Manifest = z.infer<typeof manifestSchema>;

const BARE = 'node_modules/.cache/pasture/bare';

const readManifest = (folder: string): Manifest =>
  manifestSchema.parse(JSON.parse(readFileSync(path.join(folder, '.vite/manifest.json'), 'utf8')));

/** The files that a page loads at once: its chunks and everything that they import before they run. */
function loadedBy(manifest: Manifest, keys: readonly string[], seen = new Set<string>()): Set<string> {
  for (const key of keys) {
    const chunk = manifest[key];
    if (chunk === undefined || seen.has(chunk.file)) continue;
    seen.add(chunk.file);
    loadedBy(manifest, chunk.imports, seen);
  }
  return seen;
}

const kilobytes = (folder: string, files: Iterable<string>): number =>
  [...files]
    .filter((file) => file.endsWith('.js'))
    .reduce((sum, file) => sum + gzipSync(readFileSync(path.join(folder, file)), { level: 9 }).length, 0) /
  1024;

const entry = (manifest: Manifest): string[] => Object.keys(manifest).filter((key) => manifest[key]?.isEntry);

function page(manifest: Manifest, names: readonly string[]): string[] {
  const parts = names.map((name) => {
    const found = Object.keys(manifest).find((key) => key.endsWith(`/${name}.tsx`));
    if (found === undefined) throw new Error(`No page ${name} in the build.`);
    return found;
  });
  return [...entry(manifest), ...parts];
}

/** First loads of the list and of the stage, gzipped JavaScript, against a page of the bare frameworks. */
export async function benchBundles(): Promise<void> {
  await build({
    root: 'scripts/bare',
    logLevel: 'silent',
    plugins: [react()],
    build: {
      outDir: path.resolve(BARE),
      emptyOutDir: true,
      manifest: true,
      target: 'baseline-widely-available',
      modulePreload: { polyfill: false },
    },
  });
  const bareManifest = readManifest(BARE);
  const bare = kilobytes(BARE, loadedBy(bareManifest, entry(bareManifest)));
  const manifest = readManifest('dist');
  console.log(`  bare page          ${bare.toFixed(1)} KiB`);
  for (const [name, files, max] of [
    ['list of jobs', ['JobsPage'], 1.45],
    ['circuits stage', ['JobPage', 'CircuitsStage'], 2.2],
    ['survey stage', ['JobPage', 'SurveyStage'], 2.2],
  ] as const) {
    const size = kilobytes('dist', loadedBy(manifest, page(manifest, files)));
    console.log(
      `  ${name.padEnd(18)} ${size.toFixed(1)} KiB, × ${(size / bare).toFixed(2)} (at most ${max})`,
    );
  }
}
