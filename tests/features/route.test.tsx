import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test } from 'vitest';
import { sectionGeometry } from '../../src/core/route/sectionGeometry';
import { fullHouse } from '../support/fullHouse/job';
import { RouteLine } from '../../src/features/circuits/route/RouteLine';
import { RoutePane } from '../../src/features/circuits/route/RoutePane';
import { SectionHandles } from '../../src/features/circuits/route/SectionHandles';
import { undo } from '../../src/store/editing';
import { store } from '../../src/store/store';
import { sectionRoom, sectionScale, segmentWindow } from '../../src/ui/pictures/sectionScale';
import { Live, load, openJob, show, showInJob, viewOf } from '../support/stage';

beforeEach(() => {
  load();
});

const runOf = (id: string) => openJob().circuits.find((each) => each.id === id)?.run ?? [];
const pane = async (id: string, segment: number | null = 0): Promise<void> => {
  showInJob(<Live part={() => <RoutePane view={viewOf(id)} segment={segment} />} />);
  await screen.findByRole('button', { name: 'Cut list' });
};
const side = (name: string): Promise<void> => userEvent.click(screen.getByRole('button', { name }));

describe('the way, typed', () => {
  const line = (): HTMLInputElement => screen.getByRole('combobox', { name: 'The route, typed' });
  const begin = async (text: string): Promise<void> => {
    show(<Live part={() => <RouteLine circuit={viewOf('kiln').circuit} />} />);
    await userEvent.clear(line());
    await userEvent.type(line(), text);
  };

  test('is drawn while it is typed, and is one step to undo', async () => {
    await begin('nm 40 joists, box, emt 12 down wall');
    expect(runOf('kiln').map(({ method, lengthFt }) => [method, lengthFt])).toEqual([
      ['nm-b', 40],
      ['emt', 12],
    ]);
    store.dispatch(undo());
    expect(runOf('kiln')).toEqual(fullHouse.circuits.find(({ id }) => id === 'kiln')?.run);
  });

  test('that is not understood is kept, and says what is accepted; nothing is lost', async () => {
    await begin('nm 31 joists, rope 9');
    expect(line().value).toBe('nm 31 joists, rope 9');
    expect(screen.getByText(/"rope" is neither a method nor a station/)).toBeTruthy();
    await userEvent.keyboard('{Escape}');
    expect(line().value).toBe('nm 31 joists at 8 to 4');
  });

  test('a segment that was retyped keeps what else is known of it', async () => {
    await begin('mc 35 joists at 8 to 6, pvc80 70 trench 24 to 5, lfnc 6');
    expect(runOf('kiln')[1]).toMatchObject({
      lengthFt: 70,
      heightFt: -2,
      shares: { trench: 'north-trench' },
    });
  });
});

describe('the card of a segment', () => {
  test('what lies over the trench decides its cover; the way out is one click', async () => {
    await pane('kiln', 1);
    await userEvent.selectOptions(screen.getByLabelText('Buried under'), 'street');
    const found = screen.getByRole('list', { name: 'Findings about the route' });
    expect(found.textContent).toContain('18 in of cover; a street requires 24 in.');
    await userEvent.click(await screen.findByRole('button', { name: /^Bury it at 24 in/ }));
    expect(runOf('kiln')[1]?.heightFt).toBe(-2);
    expect(screen.queryByRole('list', { name: 'Findings about the route' })).toBeNull();
  });

  test('the call before digging is asked until its ticket is recorded, once for the job', async () => {
    load({ ...fullHouse, locate: null });
    await pane('kiln', 1);
    expect(screen.getByText(/Call before digging: no ticket is recorded/)).toBeTruthy();
    const record = screen.getByRole('button', { name: 'Record it' });
    expect(record).toHaveProperty('disabled', true);
    await userEvent.type(screen.getByLabelText('Ticket of the call'), ' 0417-9 ');
    await userEvent.type(screen.getByLabelText('Valid from'), '2026-04-20');
    await userEvent.type(screen.getByLabelText('Marks hold to'), '2026-04-19');
    expect(record).toHaveProperty('disabled', true);
    await userEvent.clear(screen.getByLabelText('Marks hold to'));
    await userEvent.type(screen.getByLabelText('Marks hold to'), '2026-05-01');
    await userEvent.click(record);
    expect(openJob().locate).toEqual({ ticket: '0417-9', date: '2026-04-20', until: '2026-05-01' });
    expect(screen.getByText(/from 2026-04-20 to 2026-05-01/)).toBeTruthy();
    expect(screen.queryByText(/no ticket is recorded/)).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Remove it' }));
    expect(openJob().locate).toBeNull();
  });

  test('a box on hand is checked, a number out of range is named and kept', async () => {
    await pane('kiln', 0);
    const box = screen.getByLabelText<HTMLInputElement>('Box on hand');
    await userEvent.clear(box);
    await userEvent.type(box, '21');
    expect(screen.getByText(/The box has 21 in³; 22.5 in³ are needed/)).toBeTruthy();
    await userEvent.clear(box);
    await userEvent.type(box, '9999');
    expect(screen.getByText(/Type a number from 1 to 2000 in³/)).toBeTruthy();
    expect(box.value).toBe('9999');
    await userEvent.clear(box);
    expect(runOf('kiln')[0]).not.toHaveProperty('end');
  });

  test('what stands there may be said, and a coupling adds the bends up', async () => {
    await pane('kiln', 1);
    await userEvent.selectOptions(screen.getByLabelText('Box or fitting'), 'coupling');
    expect(runOf('kiln')[1]?.end).toEqual({ kind: 'coupling' });
    expect(screen.getByText('Pull B to D')).toBeTruthy();
  });
});

describe('beside the card', () => {
  test('a raceway is seen end on with its figures, and the pull from both ends', async () => {
    await pane('kiln', 1);
    expect(screen.getByRole('img', { name: 'Raceway seen end on with BK, RD, GN' })).toBeTruthy();
    const pull = screen.getByRole('table', { name: /Pull B to C/ });
    expect(
      within(pull).getByRole('row', { name: /Bends 180° of 360° between pull points 352.26/ }),
    ).toBeTruthy();
    expect(within(pull).getByRole('row', { name: /Pull from/ })).toBeTruthy();
  });

  test('the cut list, and what it would be if the run were longer', async () => {
    await pane('kiln');
    await side('Cut list');
    expect(screen.getByRole('row', { name: /A to B 31 ft 36 ft 6 in MC 6\/2/ })).toBeTruthy();
    expect(screen.getByRole('row', { name: /MC 6\/2 40.2 ft 50 ft coil/ })).toBeTruthy();
    const more = screen.getByLabelText('If the run were longer by');
    await userEvent.clear(more);
    await userEvent.type(more, '8');
    expect(
      screen.getByRole('row', { name: /6 THWN-2 BK 78.8 ft 79 ft by the foot then 88 ft/ }),
    ).toBeTruthy();
    expect(screen.getByText(/6 AWG, the same size; drop/)).toBeTruthy();
  });

  test('a fitting that is left out is said, and comes back by its fix', async () => {
    await pane('kiln', 1);
    await side('Fittings');
    await userEvent.click(screen.getByRole('checkbox', { name: 'Seal in the raceway, B to C' }));
    expect(runOf('kiln')[1]?.without).toEqual(['seal']);
    expect(screen.getByText(/No seal is planned: a raceway from underground/)).toBeTruthy();
    await userEvent.click(await screen.findByRole('button', { name: /^Plan it: seal in the raceway/ }));
    expect(runOf('kiln')[1]).not.toHaveProperty('without');
  });

  test('the marks of a bend, and the one that would lie before the end', async () => {
    await pane('garage-outlet', 1);
    await side('Bend marks');
    expect(screen.getByRole('row', { name: 'first bend 25-5/8 in 30°' })).toBeTruthy();
    const to = screen.getByLabelText('From the end to it');
    await userEvent.clear(to);
    await userEvent.type(to, '4');
    expect(screen.getByText(/The first mark falls before the end/)).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Bend'), 'stub');
    expect(screen.getByRole('row', { name: /at the bender’s arrow 0 in 90°/ })).toBeTruthy();
  });

  test('sharing a raceway shows what it does to both, and is one step to undo', async () => {
    await pane('kiln', 1);
    await side('Share, copy');
    const both = screen.getByRole('table', { name: 'What it does to both' });
    expect(
      within(both).getByRole('row', { name: /^Kiln, studio .*3\/4 PVC Sch 80 .* 1 PVC Sch 80$/ }),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Share it' }));
    expect(runOf('garage-outlet')[1]).toMatchObject({
      method: 'pvc80',
      lengthFt: 66,
      shares: { trench: 'north-trench', raceway: expect.any(String) as string },
    });
    expect(viewOf('kiln').solved.figures.segments[1]?.terms.adjustment).toBe(0.8);
    expect(viewOf('kiln').solved.figures.raceway?.conductors).toBe(6);
    await userEvent.click(screen.getByRole('button', { name: 'Run it separately: one raceway' }));
    expect(viewOf('kiln').solved.figures.raceway?.conductors).toBe(3);
    store.dispatch(undo());
    store.dispatch(undo());
    expect(openJob().circuits).toEqual(fullHouse.circuits);
  });

  test('the way of another circuit is taken over', async () => {
    await pane('workshop');
    await side('Share, copy');
    await userEvent.selectOptions(screen.getByLabelText('Take over the route of'), 'Pond outlet, garden');
    await userEvent.click(screen.getByRole('button', { name: 'Copy it' }));
    expect(runOf('workshop').map(({ method, lengthFt }) => [method, lengthFt])).toEqual([
      ['nm-b', 22],
      ['uf-b', 96],
    ]);
  });
});

describe('handles on the section', () => {
  const handles = (): void => {
    show(
      <Live
        part={() => {
          const { circuit } = viewOf('kiln');
          const geometry = sectionGeometry(circuit.run, circuit.startHeightFt);
          return (
            <SectionHandles
              circuit={circuit}
              geometry={geometry}
              scale={sectionScale(geometry, sectionRoom(1280, 214))}
            />
          );
        }}
      />,
    );
  };
  const press = async (name: RegExp, keys: string): Promise<void> => {
    screen.getByRole('button', { name }).focus();
    await userEvent.keyboard(keys);
  };

  test('stations move along and up, segments up and down, by keys', async () => {
    handles();
    await press(/^Station B on the section/, '{ArrowRight}');
    expect(runOf('kiln').map(({ lengthFt }) => lengthFt)).toEqual([32, 65, 6]);
    await press(/^Station B on the section/, '{ArrowDown}{ArrowDown}');
    expect(runOf('kiln')[0]?.endHeightFt).toBe(5);
    await press(/^Station A on the section/, '{ArrowUp}');
    expect(openJob().circuits.find(({ id }) => id === 'kiln')?.startHeightFt).toBe(5.5);
    await press(/^Height of B to C/, '{ArrowDown}');
    expect(runOf('kiln')[1]?.heightFt).toBe(-2);
    await press(/^Station D on the section/, '{ArrowRight}');
    expect(runOf('kiln')[2]?.lengthFt).toBe(7);
  });

  test('what is looked at closer fills the picture', () => {
    const { circuit } = viewOf('kiln');
    const geometry = sectionGeometry(circuit.run, circuit.startHeightFt);
    const window = segmentWindow(geometry, 2);
    const scale = sectionScale(geometry, sectionRoom(1280, 214), window);
    expect(scale.x(window.fromFt)).toBe(100);
    expect(scale.x(window.toFt)).toBeCloseTo(1160, 9);
    expect(window.toFt - window.fromFt).toBeLessThan(6);
  });
});
