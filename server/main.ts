import { buildServer } from './app';
import { listenOnFreePort } from './listenOnFreePort';

const demo = process.argv.includes('--demo');
const wanted = process.env['PORT'];
const app = await buildServer({ root: 'dist', demo });

try {
  const address = await listenOnFreePort(
    app,
    wanted === undefined ? undefined : Number(wanted),
    process.env['HOST'],
  );
  console.log(`Pasture is at ${address}${demo ? ' with demo data' : ''}. Stop it with Ctrl C.`);
} catch (error) {
  console.error(
    `Pasture could not start: ${error instanceof Error ? error.message : String(error)}\n` +
      `Set PORT to a port that is free, for example: PORT=5000 npm ${demo ? 'run demo' : 'start'}`,
  );
  process.exitCode = 1;
}

for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void app.close());
