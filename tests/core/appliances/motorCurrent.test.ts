import { describe, expect, test } from 'vitest';
import { solveCircuit } from '../../../src/core/circuit/solveCircuit';
import { appliance } from '../../support/appliances';
import { circuit, context, segment } from '../../support/circuits';

const solved = (family: 'motor' | 'pool-pump', plate: Record<string, unknown>) => {
  const about = circuit({
    appliance: appliance(family, { ...(family === 'motor' && { phase: 1, continuous: true }), ...plate }),
    run: [segment({ method: 'emt', lengthFt: 20 })],
    maxDropPct: null,
  });
  const { figures, findings } = solveCircuit(about, context());
  return { ...figures, codes: findings.map(({ code }) => code) };
};

// Table 430.248: 2 hp at 230 V 12 A, 3 hp 17 A.
describe('a motor that is marked in horsepower and amperes (430.6(A)(1) Ex. No. 3)', () => {
  test('until answered its conductor carries the larger, and its breaker is limited by the smaller', () => {
    const more = solved('motor', { hp: 2, volts: 240, nameplateA: 15 });
    expect(more.load.continuousA).toBe(15);
    expect(more.ocpd).toMatchObject({ minA: 18.75, ratingA: 30 });
    expect(more.codes).toContain('motor.listed-appliance');
    const less = solved('motor', { hp: 3, volts: 240, nameplateA: 13 });
    expect(less.load.continuousA).toBe(17);
    // 13 A × 250 % = 32.5 A: the next standard rating.
    expect(less.ocpd.ratingA).toBe(35);
    const pump = solved('pool-pump', { hp: 2, volts: 240, nameplateA: 9 });
    expect([pump.load.continuousA, pump.ocpd.ratingA]).toEqual([12, 25]);
  });

  test('answered, the nameplate or the table decides all of it', () => {
    const yes = solved('motor', { hp: 2, volts: 240, nameplateA: 15, listedAppliance: true });
    expect([yes.load.continuousA, yes.ocpd.ratingA]).toEqual([15, 40]);
    const no = solved('motor', { hp: 3, volts: 240, nameplateA: 13, listedAppliance: false });
    expect([no.load.continuousA, no.ocpd.ratingA]).toEqual([17, 45]);
    for (const { codes } of [yes, no]) expect(codes).not.toContain('motor.listed-appliance');
    expect(solved('motor', { hp: 2, volts: 240 }).codes).not.toContain('motor.listed-appliance');
  });

  test('a plug caps the breaker at its receptacle; where 125 % is more it is a stop', () => {
    const fits = solved('motor', { hp: 0.75, volts: 120, connection: 'receptacle' });
    expect([fits.ocpd.ratingA, fits.outlet.receptacle?.config]).toEqual([20, '5-20']);
    const over = solved('motor', { hp: 1.5, volts: 120, connection: 'receptacle' });
    expect(over.codes).toContain('receptacle.rating-mismatch');
    const pump = solved('pool-pump', { hp: 1, volts: 120, connection: 'receptacle' });
    expect(pump.ocpd.ratingA).toBe(20);
  });
});
