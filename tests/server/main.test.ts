import { spawn, type ChildProcess } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from 'vitest';

const folder = mkdtempSync(path.join(os.tmpdir(), 'pasture-main-'));
mkdirSync(path.join(folder, 'dist'));
writeFileSync(path.join(folder, 'dist', 'index.html'), '<!doctype html><title>Pasture</title>');

/** The server as a program of its own, once it says where it is. */
const started = (env: Readonly<Record<string, string>>) =>
  new Promise<{ readonly child: ChildProcess; readonly address: URL }>((done, failed) => {
    const main = path.resolve('server/main.ts');
    const child = spawn(process.execPath, ['--import', import.meta.resolve('tsx'), main], {
      cwd: folder,
      env: { ...process.env, ...env },
    });
    child.stdout.on('data', (said: Buffer) => {
      const [address] = /http:\S+\d/.exec(said.toString()) ?? [];
      if (address !== undefined) done({ child, address: new URL(address) });
    });
    child.on('exit', () => {
      failed(new Error('It ended before it began.'));
    });
  });

const ended = (child: ChildProcess): Promise<number | null> =>
  new Promise((done) => {
    child.on('exit', (code) => {
      done(code);
    });
  });

test('an empty HOST or PORT sets nothing; a socket that is held open does not keep it from ending', async () => {
  const { child, address } = await started({ HOST: '', PORT: ' ' });
  expect(address.hostname).toBe('127.0.0.1');
  const socket = connect(Number(address.port), address.hostname);
  await new Promise((open) => socket.once('connect', open));
  socket.on('error', () => undefined);
  socket.write('GET /health HTTP/1.1\r\n');
  const end = ended(child);
  child.kill('SIGINT');
  expect(await end).toBe(0);
  socket.destroy();
}, 30_000);
