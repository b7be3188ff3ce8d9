import { describe, expect, test } from 'vitest';
import { makeSpace } from '../../../src/core/panel/freeSpaceFinder';
import { freshPanel, type Panel } from '../../../src/core/panel/panelSchema';
import { isSecondSource, sourcesOf } from '../../../src/core/panel/secondSources';
import { legOf, planned } from '../../../src/core/panel/spaces';
import { readBreakers } from '../../../src/core/panel/typedBreakers';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { jobOf } from '../../support/jobs';

let last = 0;
const panelWith = (typed: string, part: Partial<Panel> = {}): Panel => ({
  ...freshPanel('panel', 'Panel', 'service', null),
  spaces: 8,
  tandems: [{ from: 1, to: 8 }],
  breakers: [...readBreakers(typed, 8, () => `b${(last += 1)}`).breakers],
  ...part,
});
const ONE_PAIR = [{ circuitId: 'new', name: 'New', poles: 2, amps: 50, kind: 'plain', va: 9600 }] as const;
const moved = (panel: Panel) =>
  makeSpace(panel, planned(panel, []), ONE_PAIR, 1000)?.moves.map(({ installed: { name } }) => name);

const codes = (panel: Panel) => evaluateJob(jobOf([], { panels: [panel] }), freshMemo()).findings;

describe('second sources', () => {
  test.each(['Solar', 'PV inverter', 'battery', 'Generator interlock', 'V2H charger', 'ESS'])(
    '%s is one',
    (name) => {
      expect(isSecondSource({ name })).toBe(true);
    },
  );

  test.each(['Pool pump', 'Bathroom', 'Kitchen, assembly line', 'Essential oils'])('%s is none', (name) => {
    expect(isSecondSource({ name })).toBe(false);
  });

  test('are never moved by Make room: another breaker is, or no room is found', () => {
    // Two free spaces of one column with a breaker between them: moved, it leaves a pair.
    const between = (name: string) =>
      moved(panelWith(`3,5 2p30 ${name}; 2,4 2p40 Battery; 6,8 2p60 Generator`, { tandems: [] }));
    expect(between('Dryer')).toEqual(['Dryer']);
    expect(between('Solar')).toBeUndefined();
  });

  test('are asked for of every panel, until some or none was recorded', () => {
    const asked = (part: Partial<Panel>) =>
      codes(panelWith('1 20 a', part)).some(({ code }) => code === 'panel.sources');
    expect(asked({})).toBe(true);
    expect(asked({ secondSources: [] })).toBe(false);
    expect(asked({ secondSources: ['solar'] })).toBe(false);
    expect(sourcesOf([panelWith('1,3 2p30 PV array', { secondSources: ['battery'] })])).toEqual([
      'battery',
      'PV array',
    ]);
  });
});

describe('a neutral that two breakers share untied', () => {
  test('is recorded as mu20, told, and a stop where both stand on one leg', () => {
    const untied = (typed: string) =>
      codes(panelWith(typed)).find(({ code }) => code === 'panel.untied')?.severity;
    expect(untied('1 mu20 a; 3 mu20 b')).toBe('check');
    expect([1, 5].map(legOf)).toEqual(['A', 'A']);
    expect(untied('1 mu20 a; 5 mu20 b')).toBe('stop');
    expect(untied('1,3 mw20 a')).toBeUndefined();
  });

  test('neither pole of it is moved', () => {
    const names = moved(panelWith('1 mu20 one; 3 mu20 two; 2 20 c; 4 20 d; 5 20 e; 7 20 f; 6 20 g; 8 20 h'));
    expect(names).toBeDefined();
    expect(names).not.toContain('one');
    expect(names).not.toContain('two');
  });
});
