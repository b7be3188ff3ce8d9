import { describe, expect, test } from 'vitest';
import type { Circuit } from '../../src/core/circuit/circuitSchema';
import { edition } from '../../src/core/code/edition';
import type { FindingCode } from '../../src/core/working/finding';
import { findingSentence } from '../../src/core/wording/findings';
import { charger, context, load, solve, stretch } from '../support/circuits';

const town = edition(2023, [
  {
    id: 't',
    title: 'No 14 AWG',
    source: 'town',
    date: '2024-01-01',
    changes: [{ kind: 'smallest-copper', size: '12' }],
  },
]);

/** Every finding once: what raises it, its standing, its sentence; and the circuit mended. */
const RAISED: readonly (readonly [FindingCode, string, Partial<Circuit>, string, Partial<Circuit>])[] = [
  ['load.nothing', 'check', { appliance: load({ amps: 0, continuousAmps: 0 }) }, 'The load is zero: read the amperes from the nameplate.', { appliance: load() }],
  ['load.setting-open', 'ask', { appliance: charger({ settingA: 32 }) }, 'The 32 A setting counts only when a tool, lock or password guards it; sized for 48 A until then.', { appliance: charger({ settingA: 32, settingRestricted: true }) }],
  ['load.setting-above-plate', 'stop', { appliance: charger({ outputAmps: 32, settingA: 48 }) }, 'The setting of 48 A is more than the 32 A on the plate.', { appliance: charger({ outputAmps: 32 }) }],
  ['load.managed', 'ask', { appliance: charger({ managed: 24 }) }, "Load management to 24 A counts for the service; the circuit is sized for 48 A. Is the charger's own setting restricted too?", { appliance: charger() }],
  ['ocpd.below-load', 'stop', { pins: { ocpdA: 50 } }, 'The breaker is 50 A; this load asks for 60 A.', { pins: { ocpdA: 60 } }],
  ['ocpd.above-ampacity', 'stop', { appliance: charger({ outputAmps: 32 }), pins: { ocpdA: 60, size: '8' } }, 'A 60 A breaker does not protect 8 AWG NM-B, which carries 40 A here.', { appliance: charger({ outputAmps: 32 }), pins: { ocpdA: 40, size: '8' } }],
  ['ocpd.above-mocp', 'stop', { appliance: load({ amps: 20, continuousAmps: 20, breakerA: 30 }), pins: { ocpdA: 40 } }, 'The breaker is 40 A; the plate allows 30 A at most.', { appliance: load({ amps: 20, continuousAmps: 20, breakerA: 30 }), pins: { ocpdA: 30 } }],
  ['ocpd.not-standard', 'check', { pins: { ocpdA: 65 } }, '65 A is not a standard rating: is such a device made for this panel?', { pins: { ocpdA: 70 } }],
  ['conductor.terminal-60c', 'stop', { pins: { size: '6' } }, '6 AWG NM-B carries 55 A in the 60 °C column; this load asks for 60 A.', { pins: { size: '4' } }],
  ['conductor.too-small', 'stop', { pins: { size: '10' } }, '10 AWG NM-B carries 30 A here; it is asked to carry 60 A.', { pins: { size: '4' } }],
  ['conductor.small-rule', 'stop', { appliance: load({ amps: 20, continuousAmps: 4 }), run: [stretch({ method: 'emt' })], pins: { size: '12', ocpdA: 25 } }, '12 AWG takes a 20 A breaker at most, not 25 A.', { appliance: load({ amps: 20, continuousAmps: 4 }), run: [stretch({ method: 'emt' })], pins: { size: '10', ocpdA: 25 } }],
  ['conductor.none', 'stop', { appliance: load({ amps: 90, continuousAmps: 90 }) }, 'No NM-B is large enough for 112.5 A here; 4 AWG is the largest.', { appliance: load({ amps: 48, continuousAmps: 48 }) }],
  ['conductor.not-made', 'stop', { pins: { size: '2' } }, 'NM-B is not known to be made in 2 AWG for this circuit.', { pins: { size: '4' } }],
  ['conductor.aluminum-ends', 'ask', { material: 'al', run: [stretch({ method: 'emt' })] }, 'Are both ends, and every splice, marked for 4 AWG aluminum?', { run: [stretch({ method: 'emt' })] }],
  ['conductor.too-hot', 'stop', { run: [stretch({ method: 'uf-b', ambientC: 60 })] }, 'At 140 °F (60 °C) the insulation of UF-B may not be used.', { run: [stretch({ method: 'uf-b', ambientC: 30 })] }],
  ['terminal.unmarked', 'ask', { terminals: { panel: 'unmarked', load: 75 }, run: [stretch({ method: 'emt' })] }, 'Are both terminals marked 75 °C? Until the marks are seen the 60 °C column holds: 4 AWG instead of 6 AWG.', { run: [stretch({ method: 'emt' })] }],
  ['egc.too-small', 'stop', { run: [stretch({ method: 'emt' })], pins: { egc: '12' } }, 'The ground is 12 AWG; a 60 A breaker asks for 10 AWG.', { run: [stretch({ method: 'emt' })], pins: { egc: '10' } }],
  ['egc.not-upsized', 'stop', { appliance: charger({ outputAmps: 32 }), run: [stretch({ lengthFt: 150 })] }, 'The phases went from 8 AWG to 6 AWG, so the ground must be 8 AWG; it is 10 AWG.', { appliance: charger({ outputAmps: 32 }), run: [stretch({ method: 'emt', lengthFt: 150 })] }],
  ['method.wet-location', 'stop', { run: [stretch({ place: 'outdoor' })] }, 'NM-B may not be outdoors: it is for dry places.', { run: [stretch({ method: 'uf-b', place: 'outdoor' })] }],
  ['method.underground', 'stop', { run: [stretch({ place: 'underground' })] }, 'NM-B may not be buried.', { run: [stretch({ method: 'uf-b', place: 'underground' })] }],
  ['method.ask-listing', 'ask', { run: [stretch({ method: 'emt', place: 'underground' })] }, 'Is this EMT listed and protected for use underground?', { run: [stretch({ method: 'rmc', place: 'underground' })] }],
  ['raceway.fill', 'stop', { run: [stretch({ method: 'pvc80' })], pins: { trade: '1/2' } }, '1/2 PVC Sch 80 would be 56.5 % full; 40 % is the most.', { run: [stretch({ method: 'pvc80' })], pins: { trade: '3/4' } }],
  ['raceway.bends', 'stop', { run: [stretch({ method: 'emt', bendsDeg: 450 })] }, '450° of bend between pull points; 360° is the most.', { run: [stretch({ method: 'emt', bendsDeg: 360 })] }],
  ['drop.branch', 'check', { run: [stretch({ method: 'emt', lengthFt: 200 })], pins: { size: '6' } }, 'The drop is 3.92 % (9.4 V); 3 % or less is advised, not required.', { run: [stretch({ method: 'emt', lengthFt: 100 })], pins: { size: '6' } }],
  ['receptacle.rating-mismatch', 'stop', { appliance: charger({ connection: 'receptacle' }) }, 'The largest receptacle for this plug, 14-50, is rated 50 A: too small for a 60 A circuit.', { appliance: charger({ outputAmps: 40, connection: 'receptacle' }) }],
  ['disconnect.ask', 'ask', { appliance: load() }, "Does the appliance's own article or its maker ask for a disconnect within sight?", {}],
  ['gfci.required', 'note', { appliance: charger({ outputAmps: 32, connection: 'receptacle' }) }, 'Ground-fault protection for personnel is required at this receptacle: a ground-fault breaker is counted on.', {}],
  ['gfci.contested', 'ask', { appliance: charger({ outputAmps: 40 }), run: [stretch({ method: 'emt', place: 'garage' })] }, 'A hard-wired outlet in a garage on 50 A asks for ground-fault protection; many makers advise against it. What does the authority say?', { appliance: charger({ outputAmps: 40 }) }],
  ['gfci.ask', 'ask', { appliance: load() }, 'Does the place, the appliance or its maker ask for ground-fault protection?', {}],
  ['afci.ask', 'ask', { appliance: load({ amps: 12, continuousAmps: 12, volts: 120 }) }, 'Is the outlet in a room that asks for arc-fault protection?', { appliance: load() }],
]; // prettier-ignore

describe('every finding once, and its mended twin', () => {
  test.each(RAISED)('%s (%s)', (code, standing, given, sentence, mended) => {
    const finding = solve(given).findings.find((each) => each.code === code);
    expect(finding?.standing).toBe(standing);
    expect(finding && findingSentence(finding)).toBe(sentence);
    expect(finding?.cite.section).not.toBe('');
    expect(solve(mended).findings.map((each) => each.code)).not.toContain(code);
  });

  test('those that an edition or a town raises', () => {
    const setting = { appliance: charger({ settingA: 32, settingRestricted: true }) };
    const sentences = (year: 2017 | 2026) => solve(setting, context(year)).findings.map(findingSentence);
    expect(sentences(2017)).toContain(
      "The 2017 edition does not speak of settings: sized for 48 A unless the maker's label and the authority accept 32 A.",
    );
    expect(sentences(2026)).toContain(
      'The 2026 edition was not read: its figures are taken from 2023. Compare with the printed code.',
    );
    const small = solve(
      { appliance: charger({ outputAmps: 8 }), pins: { size: '14' } },
      context(2023, { code: town }),
    );
    expect(small.findings.map(findingSentence)).toContain(
      '14 AWG is smaller than 12 AWG, the least allowed here.',
    );
  });
});
