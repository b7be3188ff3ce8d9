import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { AddCircuitDialog } from '../../src/features/circuits/add/AddCircuitDialog';
import { EmptyStage } from '../../src/features/circuits/add/EmptyStage';
import { JobDialog } from '../../src/features/job/JobDialog';
import { KeysDialog } from '../../src/features/job/KeysDialog';
import { Notices } from '../../src/features/job/Notices';
import { saveChanged } from '../../src/store/saveSlice';
import { store } from '../../src/store/store';
import { Live, load, openJob, show, showInJob } from '../support/stage';

beforeEach(() => {
  load({ ...fullHouse, circuits: [] });
});

const ready = () => {
  const { job: open } = store.getState();
  if (open.status !== 'ready') throw new Error('not ready');
  return open;
};

describe('adding a circuit', () => {
  const add = () => {
    const spies = { onClose: vi.fn(), goTo: vi.fn() };
    show(<AddCircuitDialog job={openJob()} opened onClose={spies.onClose} />, { goTo: spies.goTo });
    return spies;
  };

  test('shows the answer while it is typed', async () => {
    add();
    expect(screen.getByText('60 A 2P × NM-B 4/3')).toBeTruthy();
    const output = screen.getByLabelText(/Output on the nameplate/);
    await userEvent.clear(output);
    await userEvent.type(output, '32');
    expect(screen.getByText('40 A 2P × NM-B 8/2')).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Place'), 'outdoor');
    expect(screen.getByText('NM-B may not run outdoors: it is for dry locations.')).toBeTruthy();
  });

  test('leaves out what most plates do not have', () => {
    add();
    expect(screen.queryByLabelText(/load management/)).toBeNull();
  });

  test('puts the circuit at the end, unmarked and unpinned, and goes there', async () => {
    const { onClose, goTo } = add();
    await userEvent.selectOptions(screen.getByLabelText('Appliance'), 'load');
    await userEvent.click(screen.getByRole('button', { name: 'Add the circuit' }));
    const [added] = openJob().circuits;
    expect(added).toMatchObject({
      name: 'Load, 24 A',
      pins: {},
      terminals: { panel: 'unmarked', load: 'unmarked' },
      run: [{ method: 'nm-b', lengthFt: 40 }],
    });
    expect(onClose).toHaveBeenCalled();
    expect(goTo).toHaveBeenCalledWith(added?.id);
  });

  test('cancelling adds nothing', async () => {
    const { onClose } = add();
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(onClose).toHaveBeenCalled();
    expect(openJob().circuits).toEqual([]);
  });
});

describe('the job', () => {
  test('authority, permit, building and what comes later count at once', async () => {
    show(<Live part={(job) => <JobDialog job={job} opened onClose={vi.fn()} />} />);
    await userEvent.clear(screen.getByLabelText('Authority having jurisdiction'));
    await userEvent.type(screen.getByLabelText('Authority having jurisdiction'), 'Town hall');
    await userEvent.selectOptions(screen.getByLabelText('Kind of building'), 'two-family');
    await userEvent.type(screen.getByLabelText('Future loads'), ' A pool.');
    expect(openJob()).toMatchObject({ authority: 'Town hall', occupancy: 'two-family' });
    expect(openJob().later).toMatch(/A pool\.$/);
  });

  test('a name that is emptied keeps the last one', async () => {
    show(<Live part={(job) => <JobDialog job={job} opened onClose={vi.fn()} />} />);
    await userEvent.clear(screen.getByLabelText('Name of the job'));
    expect(openJob().name).toBe(fullHouse.name);
  });

  test('local amendments are listed with source and date', () => {
    show(<Live part={(job) => <JobDialog job={job} opened onClose={vi.fn()} />} />);
    const [rule] = within(screen.getByRole('dialog')).getAllByRole('listitem');
    expect(rule?.textContent).toContain('Fallow County ordinance 14-3 (made up), from 2024-07-01');
  });
});

describe('what the stage says', () => {
  test('an empty job offers the same line as the list, the first step and the demo', async () => {
    const open = vi.fn();
    const goTo = vi.fn();
    load({ ...fullHouse, circuits: [] });
    showInJob(<EmptyStage />, { open, goTo });
    await userEvent.type(
      screen.getByRole('combobox', { name: 'Add a circuit by typing' }),
      '12 kW range{Enter}',
    );
    expect(openJob().circuits.map(({ name }) => name)).toEqual(['Range, 12 kW']);
    expect(goTo).toHaveBeenCalledWith(openJob().circuits[0]?.id);
    await userEvent.click(screen.getByRole('button', { name: 'Add the first circuit' }));
    expect(open).toHaveBeenCalledWith('add');
    expect(screen.getByRole('button', { name: 'See the demo job in the list' })).toBeTruthy();
  });

  test('the keys are listed', () => {
    show(<KeysDialog opened onClose={vi.fn()} />);
    expect(screen.getAllByRole('row').length).toBeGreaterThan(10);
  });

  test.each([
    [{ kind: 'failed', reason: 'full', unsaved: 2 }, "This browser's storage is full: 2 edits not saved yet"],
    [{ kind: 'failed', reason: 'other', unsaved: 1 }, 'could not write to its storage: 1 edit not saved yet'],
    [{ kind: 'gone' }, 'This job was deleted in another tab'],
  ] as const)('%j is told', (save, words) => {
    store.dispatch(saveChanged(save));
    show(<Notices open={ready()} />);
    expect(screen.getByRole('alert').textContent).toContain(words);
    expect(screen.getByRole('button', { name: 'Export the job as a file' })).toBeTruthy();
  });

  test('a tab that reads along says so and can take over', () => {
    load(openJob(), 'reader');
    show(<Notices open={ready()} />);
    expect(screen.getByRole('status').textContent).toContain('Another tab is writing this job');
    expect(screen.getByRole('button', { name: 'Take over here' })).toBeTruthy();
  });
});
