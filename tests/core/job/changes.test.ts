import { describe, expect, test } from 'vitest';
import { circuitChange } from '../../../src/core/job/changes';
import { charger, circuit } from '../../support/circuits';

const changed = (name: string, settingA: number) => {
  const was = circuit({ name });
  const command = circuitChange(was, { ...was, appliance: charger({ settingA }) });
  return command.kind === 'change-circuit' ? command.fields : {};
};

describe('a circuit that bears the title of its appliance', () => {
  test('takes the new title when the charger is set lower', () => {
    expect(changed('EV charger, 48 A', 44).name).toBe('EV charger, 44 A');
  });

  test('keeps a name that was given to it', () => {
    expect(changed('Carport', 44)).not.toHaveProperty('name');
  });
});
