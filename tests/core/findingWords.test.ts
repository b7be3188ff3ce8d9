import { describe, expect, test } from 'vitest';
import type { FamilyId } from '../../src/core/appliances/registry';
import { appliance } from '../support/appliances';
import type { Circuit } from '../../src/core/circuit/circuitSchema';
import { edition } from '../../src/core/code/edition';
import type { FindingCode } from '../../src/core/working/finding';
import { findingSentence } from '../../src/core/wording/findings';
import { DEFAULT_PRACTICES } from '../../src/core/circuit/jobDefaults';
import { charger, codes, context, load, solve, stretch } from '../support/circuits';

const town = edition(2023, [
  {
    id: 't',
    title: 'No 14 AWG',
    source: 'town',
    date: '2024-01-01',
    changes: [{ kind: 'smallest-copper', size: '12' }],
  },
]);

const of = (family: FamilyId, plate: Record<string, unknown>): Partial<Circuit> => ({
  appliance: appliance(family, plate),
});
const tub = { amps: 40, volts: 240, neutral: false, breakerA: 50 };
const panel = { loadVA: 9600, continuousVA: 0, volts: 240, neutral: true };
const plugged = charger({ outputAmps: 40, connection: 'receptacle' });

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
  ['gfci.required', 'note', { appliance: charger({ outputAmps: 32, connection: 'receptacle' }) }, 'Ground-fault protection is required: receptacle for a vehicle.', {}],
  ['gfci.contested', 'ask', { appliance: charger({ outputAmps: 40 }), run: [stretch({ method: 'emt', place: 'garage' })] }, 'A hard-wired outlet in a garage on 50 A asks for ground-fault protection; many makers advise against it. What does the authority say?', { appliance: charger({ outputAmps: 40 }) }],
  ['gfci.ask', 'ask', { appliance: load() }, 'Does the place, the appliance or its maker ask for ground-fault protection?', {}],
  ['afci.ask', 'ask', { appliance: load({ amps: 12, continuousAmps: 12, volts: 120 }) }, 'Is the outlet in a room that asks for arc-fault protection?', { appliance: load() }],
  ['load.plate-missing', 'ask', of('hot-tub', { amps: 40, volts: 240, neutral: false, jumper: 'low' }), 'Read the low setting from the plate; 40 A is taken until then.', of('hot-tub', { amps: 40, volts: 240, neutral: false, jumper: 'low', lowA: 24 })],
  ['load.plate-contradiction', 'stop', of('mini-split', { mca: 30, mocp: 25, volts: 240 }), 'The plate contradicts itself: MOCP 25 A is below MCA 30 A. Ask the maker.', of('mini-split', { mca: 20, mocp: 25, volts: 240 })],
  ['load.subdivide', 'stop', of('water-heater', { kw: 18, volts: 240, storage: false }), '75 A on one device: a heater is divided by its maker into parts of 48 A or less.', of('water-heater', { kw: 18, volts: 240, storage: false, feeds: 2 })],
  ['load.maker-circuits', 'ask', of('water-heater', { kw: 9, volts: 240, storage: false }), 'How many circuits, and which breakers, does the maker of the tankless heater list? 37.5 A is taken as continuous until then.', of('water-heater', { kw: 9, volts: 240, storage: false, breakerA: 40 })],
  ['load.too-many-units', 'stop', of('cooktop-oven', { kw: [5, 3, 3, 3], volts: 240 }), '4 cooking units on one circuit: 3 is the most, one cooktop and two ovens in one room.', of('cooktop-oven', { kw: [5, 3, 3], volts: 240 })],
  ['load.taps', 'note', of('cooktop-oven', { kw: [5, 3], volts: 240 }), 'Taps to each unit: no longer than is needed to service it, and sized for it.', of('cooktop-oven', { kw: [5], volts: 240 })],
  ['load.fuse-only', 'check', of('mini-split', { mca: 18, mocp: 25, volts: 240, fuseOnly: true }), 'The label asks for fuses of 25 A at most: a breaker alone does not do.', of('mini-split', { mca: 18, mocp: 25, volts: 240 })],
  ['motor.not-in-table', 'stop', of('motor', { hp: 40, volts: 230 }), 'No table has a motor of 40 hp at 230 V.', of('motor', { hp: 5, volts: 230 })],
  ['motor.fla-used-for-flc', 'note', of('pool-pump', { hp: 1, volts: 230, nameplateA: 7 }), 'The plate says 7 A; conductor and breaker go by the table, 8 A.', of('pool-pump', { hp: 1, volts: 230 })],
  ['motor.plate-above-table', 'check', of('motor', { hp: 1, volts: 230, nameplateA: 9 }), "The plate says 9 A, more than the table's 8 A: is it built for low speed or high torque? Then its plate is used.", of('motor', { hp: 1, volts: 230, nameplateA: 7 })],
  ['rv30.not-240', 'stop', of('rv', { amps: 30, poles: 2 }), 'A 30 A trailer outlet is 120 V: a two-pole breaker would put 240 V on the trailer and destroy it.', of('rv', { amps: 30, poles: 1 })],
  ['feeder.four-wires', 'stop', of('feeder', { ...panel, wires: 3 }), 'A feeder to a subpanel has four wires: the equipment ground apart from the neutral.', of('feeder', { ...panel, wires: 4 })],
  ['feeder.electrode', 'stop', of('feeder', { ...panel, building: 'detached', electrode: false }), 'The detached building needs a grounding electrode at its disconnect.', of('feeder', { ...panel, building: 'detached', electrode: true })],
  ['panel.neutral-ground-mixed', 'stop', of('feeder', { ...panel, bondingScrew: true }), 'The neutral is bonded in the subpanel: take the screw or strap out; grounds and neutrals are apart past the service.', of('feeder', { ...panel, bondingScrew: false })],
  ['conductor.below-breaker', 'note', of('mini-split', { mca: 18, mocp: 25, volts: 240 }), 'The breaker is larger than the 20 A of the conductor, as the article of refrigeration units allows.', of('mini-split', { mca: 18, mocp: 20, volts: 240 })],
  ['conductor.below-article', 'stop', { ...of('pool-pump', { hp: 1, volts: 230 }), run: [stretch({ method: 'emt' })], pins: { size: '14' } }, '14 AWG is smaller than 12 AWG, the least for this circuit.', { ...of('pool-pump', { hp: 1, volts: 230 }), run: [stretch({ method: 'emt' })] }],
  ['conductor.lug-range', 'stop', { site: { lugLeast: '14', lugMost: '6' } }, '4 AWG does not fit the lug, which takes 14 to 6 AWG: splice to a pigtail in a box, or take another lug.', { site: { lugLeast: '14', lugMost: '4' } }],
  ['ocpd.multi-outlet', 'stop', { ...of('receptacle', { amps: 15, count: 6, place: 'garage' }), run: [stretch({ method: 'emt', ambientC: 50, currentCarrying: 6 })], pins: { size: '12', ocpdA: 20 } }, 'With several receptacles a 20 A breaker may not exceed the 19.68 A of 12 AWG.', { ...of('receptacle', { amps: 15, count: 6, place: 'garage' }), run: [stretch({ method: 'emt' })], pins: { size: '12', ocpdA: 20 } }],
  ['egc.insulated', 'stop', { ...of('hot-tub', tub), run: [stretch({ method: 'uf-b', place: 'outdoor' })] }, 'UF-B outdoors has a bare ground: a pool or spa circuit there has insulated copper.', { ...of('hot-tub', tub), run: [stretch({ method: 'pvc40', place: 'outdoor' })] }],
  ['drop.motor-start', 'check', { ...of('well-pump', { hp: 1.5, volts: 230 }), run: [stretch({ method: 'pvc40', lengthFt: 280 })], pins: { size: '12' } }, 'While the motor starts, 60 A pull the voltage down by 15.3 %; 10 % or less starts well.', { ...of('well-pump', { hp: 1.5, volts: 230 }), run: [stretch({ method: 'pvc40', lengthFt: 280 })], pins: { size: '10' } }],
  ['receptacle.config-mismatch', 'stop', { appliance: plugged, site: { receptacle: '14-50', plug: '6-50' } }, 'A 6-50 plug does not go into a 14-50 receptacle.', { appliance: plugged, site: { receptacle: '14-50', plug: '14-50' } }],
  ['receptacle.no-ground', 'stop', { appliance: plugged, site: { receptacle: '10-50' } }, 'A 10-50 has no ground: it is never new, and never for a vehicle.', { appliance: plugged, site: { receptacle: '14-50' } }],
  ['receptacle.unknown', 'ask', { appliance: plugged, site: { receptacle: 'Q-1' } }, 'Which receptacle is "Q-1"? Its ratings are not known.', { appliance: plugged }],
  ['disconnect.missing', 'stop', { ...of('hot-tub', tub), site: { disconnect: 'none' } }, 'A disconnect is required and none is planned: switch.', { ...of('hot-tub', tub), site: { disconnect: 'planned' } }],
  ['disconnect.out-of-sight', 'stop', { ...of('hot-tub', tub), site: { disconnectFt: 62, waterFt: 8 } }, 'The disconnect is 62 ft away; in sight means seen and within 50 ft.', { ...of('hot-tub', tub), site: { disconnectFt: 12, waterFt: 8 } }],
  ['disconnect.too-near-water', 'stop', { ...of('hot-tub', tub), site: { disconnectFt: 12, waterFt: 4 } }, 'The disconnect is 4 ft from the water; 5 ft is the least.', { ...of('hot-tub', tub), site: { disconnectFt: 12, waterFt: 5 } }],
  ['disconnect.place', 'ask', of('hot-tub', tub), 'Where will the disconnect stand? In sight, within 50 ft of the equipment, 5 ft or more from the water.', { ...of('hot-tub', tub), site: { disconnectFt: 12, waterFt: 5 } }],
  ['disconnect.rating', 'stop', { ...of('hot-tub', tub), site: { disconnectFt: 12, waterFt: 8, disconnectA: 30 } }, 'The disconnect is rated 30 A; 50 A is the least.', { ...of('hot-tub', tub), site: { disconnectFt: 12, waterFt: 8, disconnectA: 60 } }],
  ['disconnect.lockable', 'note', of('kiln', { kw: 5, volts: 240 }), 'The breaker is the disconnect: its lock hardware stays on it, lock or no lock.', { ...of('kiln', { kw: 5, volts: 240 }), site: { lockable: true } }],
  ['gfci.neutral-missing', 'stop', { ...of('hot-tub', tub), site: { groundFault: 'spa-enclosure' } }, 'A ground-fault breaker near the tub needs a neutral for its pigtail: run four wires to it, or put the breaker in the panel.', of('hot-tub', tub)],
  ['gfci.neutral-bypassed', 'stop', { ...of('rv', { amps: 50 }), site: { loadNeutral: 'bar' } }, 'The neutral of the load is on the bar: it belongs on the device, which trips at the first 120 V load otherwise.', { ...of('rv', { amps: 50 }), site: { loadNeutral: 'device' } }],
  ['gfci.line-load-reversed', 'stop', { ...of('rv', { amps: 50 }), site: { lineLoad: 'swapped' } }, 'Line and load of the device are swapped: it will not reset, or protects nothing.', { ...of('rv', { amps: 50 }), site: { lineLoad: 'right' } }],
  ['afci.required', 'note', of('receptacle', { amps: 20, count: 2, place: 'bedroom' }), 'Arc-fault protection is required in a bedroom.', of('receptacle', { amps: 20, count: 2, place: 'garage' })],
  ['load.spa-pair', 'note', of('hot-tub', { ...tub, feeds: 'pair' }), 'The maker asks for a 20 A and a 30 A ground-fault breaker: both in the spa panel, on this 50 A feed.', of('hot-tub', tub)],
  ['rv.larger', 'ask', of('rv', { amps: 30 }), 'A 50 A outlet with an adapter is done once: which does the owner want?', of('rv', { amps: 50 })],
  ['gfci.long-run', 'check', { ...of('rv', { amps: 50 }), run: [stretch({ method: 'pvc40', lengthFt: 260 })] }, '260 ft behind a ground-fault breaker may trip it by leakage alone; makers often name 250 ft. Put the device near the load.', { ...of('rv', { amps: 50 }), run: [stretch({ method: 'pvc40', lengthFt: 240 })] }],
  ['ident.green-as-ungrounded', 'stop', { site: { hotColor: 'green' } }, 'A green 4 AWG is never a hot, whatever tape is on it.', { site: { hotColor: 'black' } }],
  ['ident.white-hot-unmarked', 'stop', { site: { hotColor: 'white', whiteMarked: false } }, 'The white 4 AWG of the cable is a hot: mark it at every end that can be seen.', { site: { hotColor: 'white', whiteMarked: true } }],
  ['ident.white-as-egc', 'stop', { site: { groundColor: 'white' } }, 'A white 10 AWG is never a ground: bare or green for its whole length.', { site: { groundColor: 'bare' } }],
  ['ident.ground-remarked', 'stop', { site: { groundColor: 'black' } }, 'A 10 AWG ground is bare or green for its whole length; only 4 AWG and larger may be marked at the ends.', { site: { groundColor: 'green' } }],
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
    const welding = context(2023, { practices: { ...DEFAULT_PRACTICES, welderGeneralUse: false } });
    const welder = of('welder', { inputAmps: 40, dutyPct: 20, volts: 240, type: 'arc' });
    expect(solve(welder, welding).findings.map(findingSentence)).toContain(
      'Wired by its duty, this 50 A outlet is for the welder only: label it so.',
    );
    expect(codes(solve(welder))).not.toContain('welder.only');
    const families = context(2023, { survey: { permitDate: null, occupancy: 'two-family' } });
    expect(solve(of('hot-tub', tub), families).findings.map(findingSentence)).toContain(
      'In a two-family dwelling a tub has a labeled emergency shutoff, in sight and 5 ft or more from it.',
    );
    const county = edition(2023, [
      {
        id: 'c',
        title: 'No NM in garages; plates engraved',
        source: 'county',
        date: '2024-01-01',
        changes: [
          { kind: 'forbid-method', method: 'nm-b', place: 'garage' },
          { kind: 'requirement', text: 'Engraved plates on every disconnect.' },
        ],
      },
    ]);
    const inGarage = solve({ run: [stretch({ place: 'garage' })] }, context(2023, { code: county }));
    expect(inGarage.findings.map(findingSentence)).toEqual(
      expect.arrayContaining([
        'A local rule forbids NM-B in a garage.',
        'Local rule: Engraved plates on every disconnect.',
      ]),
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
