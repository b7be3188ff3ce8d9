import { buildServer } from './app';
import { listenOnFreePort } from './listenOnFreePort';

const demo = process.argv.includes('--demo');
/** What was set to something: an empty word sets nothing. */
const setTo = (name: string): string | undefined => {
  const value = process.env[name]?.trim() ?? '';
  return value === '' ? undefined : value;
};
const wanted = setTo('PORT');
const app = await buildServer({ root: 'dist', demo });

/** What is still being answered as the server is stopped has so long, milliseconds. */
const LAST_WORDS_MS = 2000;

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => {
    setTimeout(() => process.exit(0), LAST_WORDS_MS).unref();
    void app.close().then(() => process.exit(0));
  });

try {
  const address = await listenOnFreePort(
    app,
    wanted === undefined ? undefined : Number(wanted),
    setTo('HOST'),
  );
  console.log(`Pasture is at ${address}${demo ? ' with demo data' : ''}. Stop it with Ctrl C.`);
} catch (error) {
  console.error(
    `Pasture could not start: ${error instanceof Error ? error.message : String(error)}\n` +
      `Set PORT to a port that is free, for example: PORT=5000 npm ${demo ? 'run demo' : 'start'}`,
  );
  process.exitCode = 1;
}
