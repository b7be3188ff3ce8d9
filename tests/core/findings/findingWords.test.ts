import { describe, expect, test } from 'vitest';
import { edition } from '../../../src/core/code/edition';
import { findingSentence } from '../../../src/core/wording/findings';
import { DEFAULT_PRACTICES } from '../../../src/core/circuit/jobDefaults';
import { raisedByBuildings } from './raisedByBuildings';
import { raisedByExisting } from './raisedByExisting';
import { raisedByMotors } from './raisedByMotors';
import { raisedByOutlet } from './raisedByOutlet';
import { raisedBySizes } from './raisedBySizes';
import { tub, withPlate } from './raised';
import { charger, codes, context, solveAny, segment } from '../../support/circuits';

const town = edition(2023, [
  {
    id: 't',
    title: 'No 14 AWG',
    source: 'town',
    date: '2024-01-01',
    changes: [{ kind: 'smallest-copper', size: '12' }],
  },
]);

describe('every finding once, and its mended twin', () => {
  test.each([
    ...raisedBySizes,
    ...raisedByMotors,
    ...raisedByOutlet,
    ...raisedByExisting,
    ...raisedByBuildings,
  ])('%s (%s)', (code, severity, given, sentence, mended) => {
    const finding = solveAny(given).findings.find((each) => each.code === code);
    expect(finding?.severity).toBe(severity);
    expect(finding && findingSentence(finding)).toBe(sentence);
    expect(finding?.cite.section).not.toBe('');
    expect(solveAny(mended).findings.map((each) => each.code)).not.toContain(code);
  });

  test('those that an edition or a town raises', () => {
    const setting = { appliance: charger({ settingA: 32, settingRestricted: true }) };
    const sentences = (year: 2017 | 2026) => solveAny(setting, context(year)).findings.map(findingSentence);
    expect(sentences(2017)).toContain(
      'The 2017 edition says nothing of settings. Do the label and the authority accept 32 A? Sized for 48 A until then.',
    );
    expect(sentences(2026)).toContain(
      'The 2026 edition is preliminary, not verified: where nothing else is known its figures are those of 2023. Verify against the printed code.',
    );
    const welding = context(2023, { practices: { ...DEFAULT_PRACTICES, welderGeneralUse: false } });
    const welder = withPlate('welder', { inputAmps: 40, dutyPct: 20, volts: 240, type: 'arc' });
    expect(solveAny(welder, welding).findings.map(findingSentence)).toContain(
      'Wired by its duty, this 50 A outlet is for the welder only: label it so.',
    );
    expect(codes(solveAny(welder))).not.toContain('welder.only');
    const families = context(2023, { survey: { permitDate: null, occupancy: 'two-family', houseV: 240 } });
    expect(solveAny(withPlate('hot-tub', tub), families).findings.map(findingSentence)).toContain(
      'In a two-family dwelling a tub requires a labeled emergency shutoff, in sight and 5 ft or more from it. None is planned.',
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
    const inGarage = solveAny({ run: [segment({ place: 'garage' })] }, context(2023, { code: county }));
    expect(inGarage.findings.map(findingSentence)).toEqual(
      expect.arrayContaining([
        'A local amendment forbids NM-B in a garage.',
        'Local amendment: Engraved plates on every disconnect.',
      ]),
    );
    const small = solveAny(
      { appliance: charger({ outputAmps: 8 }), pins: { size: '14' } },
      context(2023, { code: town }),
    );
    expect(small.findings.map(findingSentence)).toContain(
      '14 AWG is smaller than 12 AWG, the least allowed here.',
    );
  });
});
