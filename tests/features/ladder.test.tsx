import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, test } from 'vitest';
import { Ladder } from '../../src/features/circuits/figures/Ladder';
import { store } from '../../src/store/store';
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
});
