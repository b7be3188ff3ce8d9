import { describe, expect, test } from 'vitest';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { freshMemo } from '../../../src/core/job/jobMemo';
import { panelLanding } from '../../../src/core/panel/panelLanding';
import { freshPanel, type Panel } from '../../../src/core/panel/panelSchema';
import { siteQuestions } from '../../../src/core/protection/siteQuestions';
import { enclosuresOf } from '../../../src/core/wiring/enclosures';
import { barsNote } from '../../../src/core/wording/terminals';

const service = freshPanel('house', 'House', 'service', null);
const subpanel = freshPanel('shed', 'Shed', 'subpanel', 'house');

describe('a panel as its record has it', () => {
  test.each<[string, Panel, string, string]>([
    ['nobody looked', service, 'service', 'unseen'],
    ['only the screw was looked at: out', { ...service, bondingScrew: 'out' }, 'service', 'unseen'],
    ['the screw is in', { ...service, bondingScrew: 'in' }, 'service', 'bonded'],
    ['apart, and the screw in', { ...subpanel, neutrals: 'apart', bondingScrew: 'in' }, 'subpanel', 'bonded'],
    ['apart', { ...subpanel, neutrals: 'apart' }, 'subpanel', 'apart'],
    ['the disconnect is outside', { ...service, serviceDisconnect: 'outside' }, 'subpanel', 'unseen'],
    ['this job sets it past the service', { ...subpanel, installed: 'new' }, 'subpanel', 'apart'],
    ['this job sets it as the service', { ...service, installed: 'new' }, 'service', 'bonded'],
  ])('%s', (_, panel, role, bars) => {
    expect(panelLanding(panel)).toEqual({ role, bars });
  });
});

/** The demo job with its garage panel otherwise, and what was said of the compressor before it had a place. */
const landed = (garage: Partial<Panel>, said?: 'service' | 'subpanel') => {
  const job = {
    ...demoJob,
    panels: demoJob.panels.map((panel) => (panel.id === 'garage' ? { ...panel, ...garage } : panel)),
    circuits: demoJob.circuits.map((each) =>
      each.id === 'compressor' && said !== undefined
        ? { ...each, site: { ...each.site, panel: said } }
        : each,
    ),
  };
  const evaluation = evaluateJob(job, freshMemo());
  const each = evaluation.circuit('compressor');
  const own = evaluation.check('compressor');
  if (each === undefined || own?.wired == null) throw new Error('It is not landed.');
  const [panel] = enclosuresOf(each.circuit, each.solved.figures, own.wired);
  const atPanel = own.wired.ends.find(({ at }) => at === 'panel')?.landings ?? [];
  return {
    bond: panel?.bond,
    grounds: atPanel.filter(({ role }) => role === 'ground').map(({ terminal }) => terminal),
    note: barsNote(own.wired.panel),
    questions: siteQuestions(each.solved.figures.facts, each.solved.figures.outlet, 'ends', true),
  };
};

describe('a circuit that has a place', () => {
  test('in the subpanel lands apart, whatever was said of it before', () => {
    for (const said of [undefined, 'service', 'subpanel'] as const) {
      const { bond, grounds, note } = landed({}, said);
      expect([bond, grounds, note]).toEqual(['out', ['ground-bar'], null]);
    }
  });

  test('in bars that nobody looked at is drawn so, never by default', () => {
    const { bond, grounds, note } = landed({ neutrals: null, bondingScrew: null, installed: 'existing' });
    expect([bond, grounds]).toEqual(['unseen', ['ground-bar']]);
    expect(note).toContain('not looked at');
  });

  test('in a bonded subpanel is drawn bonded, and nothing is landed before that stop is settled', () => {
    const { bond, grounds, note } = landed({ neutrals: 'bonded', bondingScrew: 'in' });
    expect([bond, grounds]).toEqual(['mixed', ['bonded-bar']]);
    expect(note).toContain('Land nothing before it is settled');
    const job = { ...demoJob, panels: [{ ...demoJob.panels[1]!, neutrals: 'bonded' as const }] };
    expect(evaluateJob(job).findings.some(({ code }) => code === 'panel.neutrals-mixed')).toBe(true);
  });

  test('is not asked any more what it is fed from', () => {
    expect(landed({}).questions).not.toContain('panel');
  });
});
