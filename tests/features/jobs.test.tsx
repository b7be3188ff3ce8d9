import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { writeJobFile } from '../../src/core/job/jobFile';
import { createJob, importJob, putDemoJob, startsWithDemo } from '../../src/features/jobs/jobActions';
import { JobsPage } from '../../src/features/jobs/JobsPage';
import { database } from '../../src/store/persistence/database';
import { loadJob } from '../../src/store/persistence/jobStorage';
import { show } from '../support/stage';

beforeEach(async () => {
  vi.restoreAllMocks();
  for (const table of database().tables) await table.clear();
});

const answer = (body: unknown) =>
  vi.spyOn(globalThis, 'fetch').mockResolvedValue(new Response(JSON.stringify(body)));

describe('starting', () => {
  test('a new job is empty, under the newest edition that was read', async () => {
    const id = await createJob('Ridge Road 12');
    expect((await loadJob(id))?.record.document).toMatchObject({
      name: 'Ridge Road 12',
      edition: 2023,
      circuits: [],
    });
  });

  test('the server says whether to start with the demo; without one there is no demo', async () => {
    answer({ demo: true });
    expect(await startsWithDemo()).toBe(true);
    answer({ demo: 'yes' });
    expect(await startsWithDemo()).toBe(false);
    vi.spyOn(globalThis, 'fetch').mockRejectedValue(new TypeError('no network'));
    expect(await startsWithDemo()).toBe(false);
  });

  test('the demo job is put back as it ships, without a journal', async () => {
    const id = await putDemoJob();
    await database().jobs.update(id, { name: 'Changed' });
    await putDemoJob();
    expect((await loadJob(id))?.record).toMatchObject({ name: fullHouse.name, cursor: 0 });
  });
});

describe('opening a file', () => {
  const file = (text: string, name = 'house.pasture.json') => new File([text], name);

  test('a job that is not here is put', async () => {
    expect(await importJob(file(writeJobFile(fullHouse)))).toEqual({
      ok: true,
      id: fullHouse.id,
      note: null,
    });
  });

  test('a job that is here becomes a copy, and the one here stays', async () => {
    await putDemoJob();
    const done = await importJob(file(writeJobFile({ ...fullHouse, authority: 'Another' })));
    expect(done).toMatchObject({ ok: true, note: expect.stringContaining('copy') as string });
    expect((await loadJob(fullHouse.id))?.record.document.authority).toBe(fullHouse.authority);
    expect(await database().jobs.count()).toBe(2);
  });

  test('what is no job changes nothing', async () => {
    await putDemoJob();
    expect(await importJob(file('{}', 'x.json'))).toMatchObject({
      ok: false,
      words: expect.stringContaining('x.json') as string,
    });
    expect(await database().jobs.count()).toBe(1);
  });
});

describe('the list', () => {
  test('offers the first step and the demo job when there is none', async () => {
    answer({ demo: false });
    show(<JobsPage />);
    expect(await screen.findByText(/None yet\. Type its first circuit above/)).toBeTruthy();
    expect(await screen.findByRole('button', { name: 'Open the demo job' })).toBeTruthy();
  });

  test('starts with the demo job where the server says so', async () => {
    answer({ demo: true });
    show(<JobsPage />);
    expect(await screen.findByRole('link', { name: /Split-level, Orchard Lane/ })).toBeTruthy();
  });

  test('asks for a name before it starts a job', async () => {
    answer({ demo: false });
    show(<JobsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Start' }));
    expect(screen.getByText('Give the job a name, such as the street.')).toBeTruthy();
    expect(await database().jobs.count()).toBe(0);
  });

  test('deletes with a way back', async () => {
    answer({ demo: false });
    await putDemoJob();
    show(<JobsPage />);
    await userEvent.click(await screen.findByRole('button', { name: /^Delete Split-level/ }));
    await waitFor(() => {
      expect(screen.queryByRole('link', { name: /Split-level/ })).toBeNull();
    });
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    expect(await screen.findByRole('link', { name: /Split-level/ })).toBeTruthy();
  });
});
