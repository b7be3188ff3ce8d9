import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { buildServer } from '../../server/app';
import { deskAnswerSchema, openSlots } from '../../src/core/timing/permitDesk';
import { listenOnFreePort } from '../../server/listenOnFreePort';

const root = mkdtempSync(path.join(os.tmpdir(), 'pasture-'));
mkdirSync(path.join(root, 'assets'));
writeFileSync(path.join(root, 'index.html'), '<!doctype html><title>Pasture</title>');
writeFileSync(path.join(root, 'assets', 'app-abc12345.js'), 'console.log(1)');
writeFileSync(path.join(root, 'assets', 'pasture.worker.js'), 'console.log(2)');
writeFileSync(path.join(root, 'assets', 'app-abc12345.js.gz'), gzipSync('console.log(1)'));

let app: Awaited<ReturnType<typeof buildServer>>;
beforeAll(async () => {
  app = await buildServer({ root, demo: true });
});
afterAll(() => app.close());

const page = { accept: 'text/html' };

describe('the server', () => {
  test('answers that it is well, and whether it shows demo data', async () => {
    expect((await app.inject('/health')).json()).toEqual({ status: 'ok' });
    expect((await app.inject('/start.json')).json()).toEqual({ demo: true });
  });

  test('serves the page for any address that a person opens, and nothing else for the rest', async () => {
    const deep = await app.inject({ url: '/jobs/some-job/some-circuit', headers: page });
    expect(deep.statusCode).toBe(200);
    expect(deep.body).toContain('<title>Pasture</title>');
    expect((await app.inject({ url: '/assets/gone.js' })).statusCode).toBe(404);
    expect((await app.inject({ url: '/jobs/x', method: 'POST', headers: page })).statusCode).toBe(404);
  });

  test('lets only its own scripts run', async () => {
    const { headers } = await app.inject({ url: '/', headers: page });
    const policy = String(headers['content-security-policy']);
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(policy).toContain("object-src 'none'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toContain("'unsafe-eval'");
    expect(headers['x-content-type-options']).toBe('nosniff');
  });

  test('keeps hashed files for good, and asks again for the page', async () => {
    expect((await app.inject('/assets/app-abc12345.js')).headers['cache-control']).toBe(
      'public, max-age=31536000, immutable',
    );
    expect((await app.inject({ url: '/', headers: page })).headers['cache-control']).toBe('no-cache');
    // The worker bears no hash in its name.
    expect((await app.inject('/assets/pasture.worker.js')).headers['cache-control']).toBe('no-cache');
  });

  test('an address that is none is kept by nobody, and depends on what was asked for', async () => {
    const { headers } = await app.inject('/assets/gone.js');
    expect(headers['cache-control']).toBe('no-store');
    expect(headers['vary']).toContain('accept');
    const deep = await app.inject({ url: '/jobs/some-job', headers: page });
    expect(deep.headers['vary']).toContain('accept');
  });

  test('sends the compressed copy to whoever takes it', async () => {
    const zipped = await app.inject({
      url: '/assets/app-abc12345.js',
      headers: { 'accept-encoding': 'gzip' },
    });
    expect(zipped.headers['content-encoding']).toBe('gzip');
    expect((await app.inject('/assets/app-abc12345.js')).headers['content-encoding']).toBeUndefined();
  });

  test('does not leave its folder', async () => {
    const { statusCode } = await app.inject('/..%2f..%2fetc%2fpasswd');
    expect(statusCode).toBeGreaterThanOrEqual(400);
  });

  test('says what to do when nothing was built', async () => {
    await expect(buildServer({ root: path.join(root, 'nowhere'), demo: false })).rejects.toThrow(
      'npm run build',
    );
  });
});

describe('ports', () => {
  test('a port that was asked for and is taken is an error; otherwise a free one is found', async () => {
    const first = await buildServer({ root, demo: false });
    const address = await listenOnFreePort(first, 0);
    const taken = Number(new URL(address).port);
    const second = await buildServer({ root, demo: false });
    await expect(listenOnFreePort(second, taken)).rejects.toMatchObject({ code: 'EADDRINUSE' });
    await first.close();
    await second.close();
  });
});

describe('the recorder that ships with it', () => {
  const ask = (query: string) => app.inject(`/standins/interval-data${query}`);

  test('gives the same year each time, as CSV and as XML', async () => {
    const csv = await ask('');
    expect(csv.headers['content-type']).toContain('text/csv');
    expect(csv.body.split('\n')).toHaveLength(35_041);
    expect((await ask('?seed=7')).body).toBe(csv.body);
    const xml = await ask('?format=xml');
    expect(xml.headers['content-type']).toContain('xml');
    expect(xml.body.match(/<IntervalReading>/g)).toHaveLength(35_040);
  });

  test('can be asked to be wrong', async () => {
    expect((await ask('?fault=short')).body.split('\n')).toHaveLength(96 * 70 + 1);
    expect((await ask('?fault=hourly')).body.split('\n')).toHaveLength(8761);
  });

  test('a question that it does not know is refused by name', async () => {
    const answer = await ask('?fault=tired');
    expect(answer.statusCode).toBe(400);
    expect(answer.json()).toMatchObject({ error: expect.stringContaining('fault') as unknown });
  });

  test('silent, it takes the call and never answers', async () => {
    const url = await app.listen({ host: '127.0.0.1', port: 0 });
    const given = fetch(`${url}/standins/interval-data?fault=silent`, { signal: AbortSignal.timeout(300) });
    await expect(given).rejects.toThrow();
  });
});

describe('the simulated supplier', () => {
  const ask = (query: string) => app.inject(`/standins/prices?date=2026-04-01${query}`);
  const rowsOf = (body: string) => body.split(/\r?\n/);

  test('gives its whole list as a price file of the day', async () => {
    const { body, headers } = await ask('');
    expect(headers['content-type']).toContain('text/csv');
    const rows = rowsOf(body);
    expect(rows[0]).toBe('item,pack_ft,price,date,source');
    expect(rows.length).toBeGreaterThan(500);
    expect(rows).toContain('NM-B 10/2,,1.05,2026-04-01,Simulated supplier (made up)');
    expect(rows).toContain('3/4 EMT,10,12.00,2026-04-01,Simulated supplier (made up)');
  });

  test('is dearer, lacks items, sells coils only', async () => {
    expect((await ask('&mood=dearer')).body).toContain('NM-B 10/2,,1.18,');
    const missing = rowsOf((await ask('&mood=missing')).body).length;
    expect(missing).toBeLessThan(rowsOf((await ask('')).body).length);
    const coils = (await ask('&mood=packs')).body;
    expect(coils).not.toContain('NM-B 10/2,,');
    expect(coils).toContain('NM-B 10/2,250,');
  });

  test('says nothing when it is to be silent, and refuses what it does not know', async () => {
    const other = await buildServer({ root, demo: false });
    const url = await other.listen({ host: '127.0.0.1', port: 0 });
    const given = fetch(`${url}/standins/prices?date=2026-04-01&mood=silent`, {
      signal: AbortSignal.timeout(300),
    });
    await expect(given).rejects.toThrow();
    await other.close();
    expect((await app.inject('/standins/prices?mood=none')).statusCode).toBe(400);
    expect((await ask('&mood=cheap')).json()).toMatchObject({
      error: expect.stringContaining('mood') as string,
    });
  });
});

describe('the simulated permit desk', () => {
  const ask = (query: string) => app.inject(`/standins/permits?from=2026-03-20${query}`);

  test('gives slots of the next workdays, and what became of the inspection', async () => {
    // The 20th is a Friday.
    expect((await ask('')).json()).toMatchObject({
      slots: [
        '2026-03-23T09:00',
        '2026-03-23T13:00',
        '2026-03-24T09:00',
        '2026-03-24T13:00',
        '2026-03-25T09:00',
        '2026-03-25T13:00',
      ],
      outcome: { passed: true, remarks: '' },
    });
    expect((await ask('&mood=fails')).json()).toMatchObject({ outcome: { passed: false } });
    expect((await ask('&mood=full')).json()).toEqual({ slots: [], outcome: null });
  });

  test('contradicts itself when it is to, and refuses a day that is none', async () => {
    const answer = deskAnswerSchema.parse((await ask('&mood=contradictory')).json());
    expect(answer.slots).toHaveLength(13);
    expect(openSlots(answer, '2026-03-20')).toHaveLength(6);
    expect((await app.inject('/standins/permits?from=2026-02-30')).statusCode).toBe(400);
    expect((await ask('&mood=kind')).statusCode).toBe(400);
  });
});

describe('the simulated torque driver', () => {
  const turn = (query: string) => app.inject(`/standins/torque?set=45&date=2026-10-14${query}`);

  test('reports its turn, and stops short when it is to', async () => {
    expect((await turn('')).json()).toEqual({
      tool: 'T-14 (made up)',
      calibrated: '2026-07-16',
      unit: 'lb-in',
      set: 45,
      reached: 45,
      released: true,
    });
    expect((await turn('&mood=short')).json()).toMatchObject({ reached: 36, released: false });
    expect((await turn('&mood=metric')).json()).toMatchObject({ unit: 'N·m', reached: 5.1 });
  });

  test('refuses a setting that is none', async () => {
    expect((await app.inject('/standins/torque?set=0&date=2026-10-14')).statusCode).toBe(400);
    expect((await app.inject('/standins/torque?set=45&date=today')).json()).toMatchObject({
      error: expect.stringContaining('date') as string,
    });
  });
});
