import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { tapeLayout } from '../../src/core/route/tapeLayout';
import { CircuitList } from '../../src/features/circuits/CircuitList';
import { StatusBar } from '../../src/features/circuits/StatusBar';
import { StationHandles } from '../../src/features/circuits/run/StationHandles';
import { SegmentBands } from '../../src/features/circuits/run/SegmentBands';
import { UprightTape } from '../../src/features/circuits/run/UprightTape';
import { RunTape } from '../../src/ui/pictures/RunTape';
import { undo } from '../../src/store/editing';
import { store } from '../../src/store/store';
import { load, openJob, show, viewOf } from '../support/stage';

beforeEach(() => {
  load();
});

const circuit = (id: string) => openJob().circuits.find((each) => each.id === id);
const columns = (id: string) => tapeLayout(circuit(id)?.run.map(({ lengthFt }) => lengthFt) ?? [], 1150, 168);

describe('the bands under the tape', () => {
  const bands = (onChoose = vi.fn()) => {
    show(
      <SegmentBands
        view={viewOf('kiln')}
        columns={columns('kiln')}
        headPx={104}
        highlighted={1}
        onChoose={onChoose}
      />,
    );
    return screen.getByRole('table', { name: 'The segments of the run' });
  };

  test('have a column for every segment, named by its stations', () => {
    const heads = within(bands())
      .getAllByRole('columnheader')
      .map(({ textContent }) => textContent);
    expect(heads).toEqual(['A to B', 'B to C', 'C to D']);
  });

  test('light one segment in every row', () => {
    expect(bands().querySelectorAll('td[data-lit]')).toHaveLength(5);
  });

  test('take lengths in any usual writing, methods and places', async () => {
    bands();
    const length = screen.getByLabelText('Length, A to B');
    await userEvent.clear(length);
    await userEvent.type(length, "33'6");
    expect(circuit('kiln')?.run[0]?.lengthFt).toBe(33.5);
    await userEvent.selectOptions(screen.getByLabelText('Method, A to B'), 'emt');
    expect(circuit('kiln')?.run[0]?.method).toBe('emt');
    await userEvent.selectOptions(screen.getByLabelText('Place, C to D'), 'attic');
    expect(circuit('kiln')?.run[2]).toMatchObject({ place: 'attic', ambientC: 50 });
  });

  test('refuse a length past any house, and keep it on the page', async () => {
    bands();
    const length = screen.getByLabelText<HTMLInputElement>('Length, A to B');
    await userEvent.clear(length);
    await userEvent.type(length, '9000');
    expect(screen.getByText(/Type a length from 1 to 2000 ft/)).toBeTruthy();
    expect(length.value).toBe('9000');
    // The nine, the ninety and the nine hundred on the way were lengths; nine thousand is none.
    expect(circuit('kiln')?.run[0]?.lengthFt).toBe(900);
    store.dispatch(undo());
    expect(circuit('kiln')?.run[0]?.lengthFt).toBe(31);
  });

  test('choose a segment by what it holds', async () => {
    const onChoose = vi.fn();
    bands(onChoose);
    await userEvent.click(screen.getByRole('button', { name: '65 A, 60 A required; fill 23 %' }));
    expect(onChoose).toHaveBeenCalledWith(2);
  });
});

describe('stations', () => {
  test('stand between segments only, and move by keys', async () => {
    show(<StationHandles circuit={viewOf('kiln').circuit} columns={columns('kiln')} leftPx={104} />);
    expect(screen.getAllByRole('slider').map((each) => each.getAttribute('aria-label'))).toEqual([
      'Station B',
      'Station C',
    ]);
    screen.getByRole('slider', { name: 'Station B' }).focus();
    await userEvent.keyboard('{ArrowLeft}');
    expect(circuit('kiln')?.run.map(({ lengthFt }) => lengthFt)).toEqual([30, 67, 6]);
  });

  test('stay where they are in a tab that reads along', () => {
    load(openJob(), 'reader');
    show(<StationHandles circuit={viewOf('kiln').circuit} columns={columns('kiln')} leftPx={104} />);
    for (const station of screen.getAllByRole('slider')) expect(station).toHaveProperty('disabled', true);
  });
});

describe('the tape', () => {
  test('has a flag for every station and a break mark where a segment was widened', () => {
    const { container } = show(
      <RunTape columns={columns('kiln')} leftPx={104} widthPx={1280} highlighted={null} />,
    );
    const flags = [...container.querySelectorAll('text.strong')].map(({ textContent }) => textContent);
    expect(flags).toEqual(['A', 'B', 'C', 'D']);
  });

  test('on end: the fields of a segment open where it is chosen', async () => {
    const onChoose = vi.fn();
    const { unmount } = show(<UprightTape view={viewOf('kiln')} highlighted={null} onChoose={onChoose} />);
    expect(screen.queryByLabelText('Length')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: /66 ft of 3\/4 PVC Sch 80/ }));
    expect(onChoose).toHaveBeenCalledWith(1);
    unmount();
    show(<UprightTape view={viewOf('kiln')} highlighted={1} onChoose={onChoose} />);
    expect(screen.getByLabelText<HTMLInputElement>('Length').value).toBe('66 ft');
  });
});

describe('list and foot', () => {
  test('the list has every circuit in one line, the current one marked', async () => {
    const goTo = vi.fn();
    show(<CircuitList ids={openJob().circuits.map(({ id }) => id)} current="kiln" />, { goTo });
    const rows = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(rows[0]).toContain('EV charger, carport60 A 2P × NM-B 6/2, Stop');
    expect(document.querySelector('[aria-current]')?.textContent).toContain('Kiln, studio');
    await userEvent.click(screen.getByRole('button', { name: /^Pond outlet/ }));
    expect(goTo).toHaveBeenCalledWith('pond-pump');
  });

  test('the foot counts what is open, and jumps to the first', async () => {
    const goTo = vi.fn();
    show(<StatusBar job={openJob()} />, { goTo });
    expect(screen.getByRole('contentinfo').textContent).toContain('Service lugs stay live with the main off');
    await userEvent.click(screen.getByRole('button', { name: '1 Stop' }));
    expect(goTo).toHaveBeenCalledWith('carport-charger', 'figures');
    expect(store.getState().focus.figureKey).toBe('conductor');
  });
});
