import { readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { build } from 'vite';
import { z } from 'zod';
import { judge } from './limits';

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

const entry = (manifest: Manifest): string[] =>
  Object.keys(manifest).filter((key) => manifest[key]?.isEntry === true && !key.includes('worker'));

function page(manifest: Manifest, names: readonly string[]): string[] {
  const parts = names.map((name) => {
    const found = Object.keys(manifest).find((key) => key.endsWith(`/${name}.tsx`));
    if (found === undefined) throw new Error(`No page ${name} in the build.`);
    return found;
  });
  return [...entry(manifest), ...parts];
}

/** A size with what it may be, and what it may not grow past until it is that. */
interface Sized {
  readonly name: string;
  readonly size: number;
  readonly unit: string;
  readonly max: number;
  readonly ceiling: number;
}

/** Compressed JavaScript that the offline cache holds from the first visit on, megabytes: what the service worker lists. */
const offline = (): number =>
  [...readFileSync('dist/sw.js', 'utf8').matchAll(/url:\s*"([^"]+\.js)"/g)].reduce(
    (sum, [, file = '']) => sum + gzipSync(readFileSync(path.join('dist', file)), { level: 9 }).length,
    0,
  ) / 1e6;

/** First loads of the list and of the stages against a page of the bare frameworks, and what is kept offline. */
export async function sizes(): Promise<readonly Sized[]> {
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
  const loads = (
    [
      ['list of jobs', ['JobsPage'], 1.3, 1.3],
      ['circuits stage', ['JobPage', 'CircuitsStage'], 2, 2.275],
      ['survey stage', ['JobPage', 'SurveyStage'], 2, 2.21],
    ] as const
  ).map(([name, files, max, ceiling]): Sized => {
    const size = kilobytes('dist', loadedBy(manifest, page(manifest, files))) / bare;
    return { name, size, unit: `times the bare page of ${bare.toFixed(0)} KiB`, max, ceiling };
  });
  return [...loads, { name: 'kept offline', size: offline(), unit: 'MB', max: 1.2, ceiling: 1.2 }];
}

/** Tells the sizes; those that are over what they may be are told again at the end of all. */
export async function benchBundles(): Promise<void> {
  for (const { name, size, unit, max } of await sizes()) judge(name, size, max, unit, 2);
}
