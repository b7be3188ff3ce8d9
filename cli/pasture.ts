import { run } from './run';

// Whoever reads only the beginning, as `head` does, has what he wanted.
process.stdout.on('error', ({ code }: NodeJS.ErrnoException) => {
  process.exit(code === 'EPIPE' ? 0 : 1);
});

process.exitCode = await run(process.argv.slice(2));
