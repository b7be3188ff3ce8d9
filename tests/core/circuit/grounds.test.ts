import { describe, expect, test } from 'vitest';
import { wirePieces, wireBought } from '../../../src/core/route/wireList';
import { sizeRank } from '../../../src/core/units/wireSize';
import { appliance } from '../../support/appliances';
import { circuit, codes, load, segment, solve } from '../../support/circuits';

const tub = appliance('hot-tub', { amps: 40, volts: 240, neutral: true, breakerA: 50 });
const pump = appliance('pool-pump', { hp: 1.65, volts: 240 });

describe('the equipment ground at pools and spas (680.21(A), 680.25)', () => {
  test('is copper of Table 250.122, whatever the phases are', () => {
    const aluminum = solve({ appliance: tub, material: 'al', run: [segment({ method: 'pvc40' })] });
    expect(aluminum.figures.metal).toBe('al');
    expect(aluminum.figures.groundMetal).toBe('cu');
    // 50 A: 10 AWG copper, where 8 AWG aluminum would be read.
    expect(aluminum.figures.ground.base).toBe('10');
    const dry = solve({
      appliance: load({ amps: 40, continuousAmps: 40 }),
      material: 'al',
      run: [segment({ method: 'pvc40' })],
    });
    expect(dry.figures.groundMetal).toBe('al');
    expect(dry.figures.ground.base).toBe('8');
  });

  test('is 12 AWG or larger, and bears its metal in the list of wire', () => {
    const about = circuit({ appliance: pump, material: 'al', run: [segment({ method: 'pvc40' })] });
    const solved = solve(about);
    expect(sizeRank(solved.figures.groundTaken)).toBeGreaterThanOrEqual(sizeRank('12'));
    const names = wireBought(wirePieces(about, solved), about).map(({ name }) => name);
    expect(names).toContain(`${solved.figures.groundTaken} THWN-2 GN`);
    expect(names).toContain(`${solved.figures.size} Al THWN-2 BK`);
  });

  test('of service cable is aluminum: asked indoors, a stop outdoors', () => {
    const indoors = solve({ appliance: tub, material: 'al', run: [segment({ method: 'ser' })] });
    expect(indoors.findings.find(({ code }) => code === 'egc.aluminum')?.severity).toBe('ask');
    const outdoors = solve({
      appliance: tub,
      material: 'al',
      run: [segment({ method: 'ser', place: 'outdoor' })],
    });
    expect(outdoors.findings.find(({ code }) => code === 'egc.insulated')?.severity).toBe('stop');
  });

  test('bare within the sheath of cable passes indoors', () => {
    expect(
      codes(solve({ appliance: tub, run: [segment()] })).filter((code) => code.startsWith('egc')),
    ).toEqual([]);
  });
});

describe('the ground of phases that are larger than the load requires (250.122(B))', () => {
  test('aluminum at its shop floor is an increase: in proportion, and a check', () => {
    // 20 A on aluminum: 10 AWG would carry it, 8 AWG is the floor. 10 AWG grows by 16510/10380 to 8 AWG.
    const solved = solve({
      appliance: load({ amps: 20, continuousAmps: 0 }),
      material: 'al',
      run: [segment({ method: 'emt' })],
    });
    expect(solved.figures.size).toBe('8');
    expect(solved.figures.ground.base).toBe('10');
    expect(solved.figures.groundTaken).toBe('8');
    expect(solved.findings.find(({ code }) => code === 'egc.raised-by-floor')?.severity).toBe('check');
    expect(codes(solved)).not.toContain('egc.not-upsized');
  });

  test('a size set by hand raises it though the cable is not known to be made', () => {
    // 2 AWG NM-B is in no table; 48 A needs 4 AWG, so 10 AWG grows by 66360/41740 to 8 AWG.
    const solved = solve({ pins: { size: '2' } });
    expect(codes(solved)).toContain('conductor.not-made');
    expect(solved.figures.ground.increased).toBe(true);
    expect(solved.figures.groundTaken).toBe('8');
    // Where no cable at all would carry the load it is raised from what would.
    const large = solve({ appliance: load({ amps: 90, continuousAmps: 90 }), pins: { size: '3/0' } });
    expect(codes(large)).toContain('conductor.not-made');
    expect(large.figures.ground.increased).toBe(true);
  });
});
