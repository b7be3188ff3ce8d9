import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { benchBatches } from './bench/batches';
import { benchBundles } from './bench/bundles';
import { benchChecks } from './bench/checks';
import { benchHouse } from './bench/house';
import { benchKeystroke } from './bench/keystroke';
import { benchLargeJobs } from './bench/largeJobs';
import { benchList } from './bench/list';
import { overLimits } from './bench/limits';
import { benchPacket } from './bench/packet';
import { benchPipeline } from './bench/pipeline';
import { benchRoute } from './bench/route';
import { benchStart } from './bench/start';
import { benchTakeoff } from './bench/takeoff';
import { benchWater } from './bench/water';
import { browserPath } from './browserPath';

console.log('bench: the pipeline');
await benchPipeline();
benchBatches();
benchHouse();
benchRoute();
benchWater();
benchTakeoff();
benchChecks();

console.log('\nbench: building the application and the bare page');
spawnSync('npm', ['run', '--silent', 'build'], { stdio: 'ignore' });
await benchBundles();

if (existsSync(browserPath)) {
  console.log('\nbench: a keystroke, in the browser');
  await benchKeystroke(browserPath);
  console.log('\nbench: starting from the cache, in the browser');
  await benchStart(browserPath);
  console.log('\nbench: large jobs, in the browser');
  await benchLargeJobs(browserPath);
  console.log('\nbench: what is handed over and kept, in the browser');
  await benchPacket(browserPath);
  console.log('\nbench: a list of many jobs, in the browser');
  await benchList(browserPath);
} else {
  console.log(`\nbench: no browser at ${browserPath}, so the keystroke was not measured (set CHROMIUM).`);
}

const over = overLimits();
console.log(
  over.length === 0
    ? '\nbench: nothing is over its limit'
    : `\nbench: over the limit\n  ${over.join('\n  ')}`,
);
process.exitCode = over.length === 0 ? 0 : 1;
