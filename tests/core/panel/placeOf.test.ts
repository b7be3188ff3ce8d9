import { describe, expect, test } from 'vitest';
import { fullHouse } from '../../support/fullHouse/job';
import { freshPanel } from '../../../src/core/panel/panelSchema';
import { placeOf } from '../../../src/core/panel/placeOf';
import type { Wanted } from '../../../src/core/panel/spaces';

const kiln: Wanted = {
  circuitId: 'kiln',
  name: 'Kiln, studio',
  poles: 2,
  amps: 60,
  kind: 'plain',
  va: 11500,
};

describe('where the breaker of a circuit stands', () => {
  test('its panel, its spaces, and both legs', () => {
    const panel = freshPanel('p', 'Panel A', 'service', null);
    const plan = { ...panel.plan, placed: [{ circuitId: 'kiln', at: { slot: 10, half: null } }] };
    const place = placeOf([{ panel: { ...panel, spaces: 20, plan }, wanted: [kiln] }], 'kiln');
    expect(place?.panel.name).toBe('Panel A');
    expect(place?.line.spaces).toBe('10, 12');
    expect(place?.legs).toEqual(['A', 'B']);
    expect(place?.line.text).toBe('Kiln, studio');
  });

  test('nowhere until it is placed', () => {
    const panels = fullHouse.panels.map((panel) => ({
      panel: { ...panel, plan: { ...panel.plan, placed: [] } },
      wanted: [kiln],
    }));
    expect(placeOf(panels, 'kiln')).toBeNull();
  });
});
