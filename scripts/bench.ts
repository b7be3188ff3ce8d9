import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { benchBatches } from './bench/batches';
import { benchBundles } from './bench/bundles';
import { benchHouse } from './bench/house';
import { benchKeystroke } from './bench/keystroke';
import { benchLargeJobs } from './bench/largeJobs';
import { benchPipeline } from './bench/pipeline';
import { benchRoute } from './bench/route';

console.log('bench: the pipeline');
await benchPipeline();
benchBatches();
benchHouse();
benchRoute();

console.log('\nbench: building the application and the bare page');
spawnSync('npm', ['run', '--silent', 'build'], { stdio: 'ignore' });
await benchBundles();

const browser = process.env['CHROMIUM'] ?? '/usr/bin/chromium';
if (existsSync(browser)) {
  console.log('\nbench: a keystroke, in the browser');
  await benchKeystroke(browser);
  console.log('\nbench: large jobs, in the browser');
  await benchLargeJobs(browser);
} else {
  console.log(`\nbench: no browser at ${browser}, so the keystroke was not measured (set CHROMIUM).`);
}
