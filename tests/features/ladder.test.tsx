import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test } from 'vitest';
import { Ladder } from '../../src/features/circuits/figures/Ladder';
import { store } from '../../src/store/store';
import { ToVerifyContext } from '../../src/features/job/toVerifyContext';
import { load, show, viewOf } from '../support/stage';

beforeEach(() => {
  load();
});

const rungs = () => screen.getAllByRole('button');

describe('the ladder', () => {
  test('has the eight figures in the order of reasoning, each with reason and severity', () => {
    show(<Ladder view={viewOf('carport-charger')} figureKey="conductor" />);
    expect(rungs().map((rung) => rung.querySelector('b')?.textContent)).toEqual([
      'Load',
      'Breaker',
      'Conductor',
      'Ground',
      'Raceway',
      'Voltage drop',
      'Disconnect',
      'Protection',
    ]);
    const conductor = screen.getByRole('button', { name: /^Conductor/ });
    expect(within(conductor).getByText('by hand · 55 A at 60 °C')).toBeTruthy();
    expect(within(conductor).getByText('Stop')).toBeTruthy();
  });

  test('only the lit figure is in the order of tabs, and arrows go round', async () => {
    show(<Ladder view={viewOf('carport-charger')} figureKey="protection" />);
    expect(rungs().filter((rung) => rung.tabIndex === 0)).toHaveLength(1);
    screen.getByRole('button', { name: /^Protection/ }).focus();
    await userEvent.keyboard('{ArrowDown}');
    expect(store.getState().focus.figureKey).toBe('load');
  });

  test('choosing a figure with a finding lights the segment that it is about', async () => {
    show(<Ladder view={viewOf('carport-charger')} figureKey="load" />);
    await userEvent.click(screen.getByRole('button', { name: /^Conductor/ }));
    expect(store.getState().focus).toMatchObject({ figureKey: 'conductor', segment: 0 });
  });

  test('a figure that is not there says why in words', () => {
    show(<Ladder view={viewOf('carport-charger')} figureKey="raceway" />);
    expect(screen.getByRole('button', { name: /^Raceway/ }).textContent).toBe(
      'Racewaycable for the whole runnoneOK',
    );
  });

  test('a figure that rests on what nobody gave is OK only if that is so', () => {
    const assumption = {
      circuitId: 'kiln',
      input: 'run.whip.lengthFt',
      label: 'Length',
      stands: '6 ft',
      alternatives: [],
    };
    const outcome = { value: 12, words: '12 ft', cents: 0, opens: [], closes: [], isHazard: false };
    const figures = [{ figure: 'drop', was: '1 %', is: '2 %' }] as const;
    show(
      <ToVerifyContext value={[{ assumption, outcomes: [{ ...outcome, figures }], weight: 100 }]}>
        <Ladder view={viewOf('kiln')} figureKey="load" />
      </ToVerifyContext>,
    );
    expect(within(screen.getByRole('button', { name: /^Voltage drop/ })).getByText('OK, if')).toBeTruthy();
    expect(screen.getAllByText('OK, if')).toHaveLength(1);
  });
});
