import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { FindingLog } from '../../../src/core/findings/findingLog';
import { bonding } from '../../../src/core/panel/bonding';
import type { Panel } from '../../../src/core/panel/panelSchema';
import { findingSentence } from '../../../src/core/wording/findings';
import { bondedOutbuilding, panel } from '../../support/panels';

function found(part: Partial<Panel>) {
  const out = new FindingLog(edition(2023), { kind: 'panel', panelId: 'panel' });
  bonding(panel(part), out);
  return out.all.map((finding) => ({
    code: finding.code,
    severity: finding.severity,
    section: finding.cite.section,
    text: findingSentence(finding),
  }));
}
const bonded = { role: 'subpanel', neutrals: 'bonded', bondingScrew: 'in' } as const;

describe('a bond past the service', () => {
  test('is asked about before anything is said of lifting it', () => {
    const [only, ...rest] = found(bonded);
    expect(rest).toEqual([]);
    expect(only).toMatchObject({ code: 'panel.bond-ask', severity: 'ask', section: '250.142(B)' });
    for (const fact of ['building', 'three wires or four', '250.118', 'legal', 'metallic', 'upstream'])
      expect(only?.text).toContain(fact);
  });

  test('in the same building there is no exception: a stop, and the ground is run first', () => {
    const [only] = found({ ...bonded, building: 'same', feedWires: 3, feedGround: false });
    expect(only).toMatchObject({ code: 'panel.neutrals-mixed', severity: 'stop', section: '250.142(B)' });
    expect(only?.text).toMatch(
      /bond stays until a ground is run.*run the ground, separate the bars, then take the screw out/,
    );
  });

  test.each([
    { feedWires: 4 },
    { feedGround: true },
    { legalWhenInstalled: false },
    { metallicPath: true },
    { groundFaultUpstream: true },
  ] as const)('in another building it stays only while the whole exception holds: not with %j', (part) => {
    expect(found(bondedOutbuilding)).toMatchObject([
      { code: 'panel.bond-stays', severity: 'check', section: '250.32(B)' },
    ]);
    const [only] = found({ ...bondedOutbuilding, ...part });
    expect(only).toMatchObject({ code: 'panel.neutrals-mixed', severity: 'stop', section: '250.32(B)' });
  });

  test('what is not known of that exception is asked', () => {
    const { metallicPath: _unknown, ...rest } = bondedOutbuilding;
    const [only] = found(rest);
    expect(only?.code).toBe('panel.bond-ask');
    expect(only?.text).toContain('metallic paths');
    expect(only?.text).not.toContain('three wires or four');
  });

  test('no sentence tells to lift a bond before the ground', () => {
    const every = [bonded, { ...bonded, building: 'same' as const }, bondedOutbuilding].flatMap(found);
    for (const { text } of every) {
      const lift = text.search(/lift|take the screw/i);
      if (lift >= 0) expect(text.slice(0, lift)).toMatch(/ground/);
    }
  });
});

describe('a service panel without a bond', () => {
  test('is asked where the service disconnect is', () => {
    for (const bars of [
      { neutrals: 'apart', bondingScrew: 'out' },
      { neutrals: 'bonded', bondingScrew: 'in' },
    ] as const)
      expect(found({ ...bars, serviceDisconnect: null })).toMatchObject([
        { code: 'panel.service-where', severity: 'ask' },
      ]);
  });

  test('behind an outdoor service disconnect it is a subpanel and must not be bonded', () => {
    expect(found({ neutrals: 'apart', bondingScrew: 'out', serviceDisconnect: 'outside' })).toMatchObject([
      { code: 'panel.is-subpanel', severity: 'check' },
    ]);
    expect(
      found({ neutrals: 'bonded', bondingScrew: 'in', serviceDisconnect: 'outside' }).map(({ code }) => code),
    ).toEqual(['panel.is-subpanel', 'panel.neutrals-mixed']);
  });

  test('with the service disconnect here, or an emergency switch that is none, the bond is missing', () => {
    for (const serviceDisconnect of ['here', 'emergency-only'] as const) {
      expect(found({ neutrals: 'apart', bondingScrew: 'out', serviceDisconnect })).toMatchObject([
        { code: 'panel.neutrals-mixed', severity: 'stop' },
      ]);
      expect(found({ neutrals: 'apart', bondingScrew: null, serviceDisconnect })).toMatchObject([
        { code: 'panel.bond-unseen', severity: 'ask' },
      ]);
    }
  });
});
