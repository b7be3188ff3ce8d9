import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test } from 'vitest';
import { WorkingPane } from '../../src/features/circuits/working/WorkingPane';
import { redo, undo } from '../../src/store/editing';
import { store } from '../../src/store/store';
import { load, openJob, show, viewOf } from '../support/stage';

beforeEach(() => {
  load();
});

const circuit = (id: string) => openJob().circuits.find((each) => each.id === id);

describe('the working of a conductor that is stopped', () => {
  test('says what is wrong and on which section, and offers what was proved', async () => {
    show(<WorkingPane view={viewOf('carport-charger')} figureKey="conductor" segment={0} />);
    expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('6 AWG NM-B carries 55 A');
    expect(screen.getByRole('heading', { level: 2 }).textContent).toContain('334.80');
    const fixes = await screen.findByRole('list', { name: /^Fixes: / });
    expect(within(fixes).getAllByRole('button')).toHaveLength(4);
    expect(within(fixes).getAllByRole('button')[0]?.textContent).toBe(
      'ASet the charger to 44 A, setting restricted$0',
    );
  });

  test('one click applies a remedy, one undo takes it back', async () => {
    show(<WorkingPane view={viewOf('carport-charger')} figureKey="conductor" segment={0} />);
    await userEvent.click(await screen.findByRole('button', { name: /NM-B 4\/3 cable, 4 AWG/ }));
    expect(circuit('carport-charger')?.pins).toEqual({});
    store.dispatch(undo());
    expect(circuit('carport-charger')?.pins).toEqual({ size: '6' });
    store.dispatch(redo());
    expect(circuit('carport-charger')?.pins).toEqual({});
  });

  test('lights the cell that was read, and the one that the first remedy would read', async () => {
    show(<WorkingPane view={viewOf('carport-charger')} figureKey="conductor" segment={0} />);
    const caption = await screen.findByText(/Table 310\.16/, { selector: 'caption, caption *' });
    expect(caption.closest('table')?.querySelector('[data-mark="lit"]')?.textContent).toBe('55');
  });

  test('folds what does not decide, and shows all on demand', async () => {
    show(<WorkingPane view={viewOf('carport-charger')} figureKey="conductor" segment={0} />);
    expect(screen.queryByText('Derating starts from')).toBeNull();
    await userEvent.click(await screen.findByRole('button', { name: /^All \d+ steps$/ }));
    expect(screen.getByText('Derating starts from')).toBeTruthy();
    await userEvent.click(screen.getByText('Derating starts from'));
    expect(document.querySelector('[data-mark="lit"]')?.textContent).toBe('75');
  });

  test('nothing can be changed in a tab that reads along', async () => {
    load(openJob(), 'reader');
    show(<WorkingPane view={viewOf('carport-charger')} figureKey="conductor" segment={0} />);
    for (const field of screen.getAllByRole('combobox')) expect(field).toHaveProperty('disabled', true);
    expect(await screen.findByRole('button', { name: /NM-B 4\/3/ })).toHaveProperty('disabled', true);
  });
});

describe('pins and marks', () => {
  test.each([
    ['breaker', 'Breaker', '70', { ocpdA: 70 }],
    ['conductor', 'Size', '4', { size: '4' }],
    ['ground', 'Ground', '8', { egc: '8' }],
    ['raceway', 'Trade size', '1-1/4', { trade: '1-1/4' }],
  ] as const)('the %s is pinned and freed', async (figureKey, label, value, pins) => {
    const { unmount } = show(<WorkingPane view={viewOf('kiln')} figureKey={figureKey} segment={null} />);
    await userEvent.selectOptions(screen.getByLabelText(label), value);
    expect(circuit('kiln')?.pins).toEqual(pins);
    unmount();
    show(<WorkingPane view={viewOf('kiln')} figureKey={figureKey} segment={null} />);
    const list = screen.getByLabelText<HTMLSelectElement>(label);
    await userEvent.selectOptions(list, list.options[0]?.value ?? '');
    expect(circuit('kiln')?.pins).toEqual({});
  });

  test('the marks of the lugs and the metal are told', async () => {
    show(<WorkingPane view={viewOf('kiln')} figureKey="conductor" segment={null} />);
    await userEvent.selectOptions(screen.getByLabelText('Load lugs'), 'unmarked');
    await userEvent.selectOptions(screen.getByLabelText('Panel lugs'), '60');
    expect(circuit('kiln')?.terminals).toMatchObject({ panel: 60 });
    await userEvent.selectOptions(screen.getByLabelText('Metal'), 'al');
    expect(circuit('kiln')?.material).toBe('al');
  });
});

describe('questions', () => {
  test('an answer is kept with the circuit and closes the question', async () => {
    show(<WorkingPane view={viewOf('pond-pump')} figureKey="disconnect" segment={null} />);
    await userEvent.type(
      screen.getByLabelText('Answer, and who gave it'),
      'Breaker in sight, by the manufacturer{Enter}',
    );
    expect(openJob().answers).toContainEqual({
      subject: 'circuit:pond-pump',
      code: 'disconnect.ask',
      text: 'Breaker in sight, by the manufacturer',
    });
    expect(viewOf('pond-pump').severities.disconnect).toBe('ok');
  });
});

describe('what stands below the steps', () => {
  test('the raceway end on, and other methods for the whole run, one click each', async () => {
    show(<WorkingPane view={viewOf('kiln')} figureKey="raceway" segment={1} />);
    expect(screen.getByRole('img', { name: 'Raceway seen end on with BK, RD, GN' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'PVC Sch 40' }));
    expect(circuit('kiln')?.run.map(({ method }) => method)).toEqual(['pvc40', 'pvc40', 'pvc40']);
  });

  test('every edition, with those that differ told apart', () => {
    show(<WorkingPane view={viewOf('visitor-charger')} figureKey="load" segment={null} />);
    const compared = screen.getByRole('heading', { name: 'In the editions' }).parentElement;
    const cells = [...(compared?.querySelectorAll('td') ?? [])].map((cell) => [
      cell.textContent.trim(),
      cell.hasAttribute('data-differs'),
    ]);
    expect(cells.map(([, differs]) => differs)).toEqual([true, false, false, false]);
    expect(cells[0]?.[0]).toContain('40 A');
  });

  test('an amendment that set a figure is named in its step', () => {
    load({
      ...openJob(),
      circuits: [
        {
          ...openJob().circuits[0]!,
          id: 'small',
          pins: {},
          appliance: { family: 'ev', nameplate: { outputAmps: 8, volts: 240, connection: 'hardwired' } },
        },
      ],
    });
    show(<WorkingPane view={viewOf('small')} figureKey="conductor" segment={0} />);
    expect(screen.getByText(/No branch circuit under 12 AWG/)).toBeTruthy();
  });

  test('heat, neighbors, bends and heights of a segment are edited in the usual writing', async () => {
    show(<WorkingPane view={viewOf('garage-outlet')} figureKey="conductor" segment={0} />);
    const ambient = screen.getByLabelText('Highest ambient');
    await userEvent.clear(ambient);
    await userEvent.type(ambient, '131 F');
    expect(circuit('garage-outlet')?.run[0]?.ambientC).toBe(55);
    const together = screen.getByLabelText('Current-carrying conductors in the raceway or bundle');
    await userEvent.clear(together);
    expect(circuit('garage-outlet')?.run[0]?.currentCarrying).toBeNull();
    const height = screen.getByLabelText('Runs at height');
    await userEvent.clear(height);
    await userEvent.type(height, '9 ft 6 in');
    await waitFor(() => {
      expect(circuit('garage-outlet')?.run[0]?.heightFt).toBe(9.5);
    });
  });

  test('the limit of the drop may be emptied', async () => {
    show(<WorkingPane view={viewOf('workshop')} figureKey="drop" segment={null} />);
    const limit = screen.getByLabelText('Limit');
    await userEvent.clear(limit);
    expect(circuit('workshop')?.maxDropPct).toBeNull();
    await userEvent.type(limit, '2 %');
    expect(circuit('workshop')?.maxDropPct).toBe(2);
  });
});
