import type { LoadModel } from '../appliances/family';
import type { Edition } from '../code/edition';
import { METHODS } from '../code/methods';
import {
  DC_CONSTANT,
  dropTimes,
  dropVolts,
  dropVoltsDirect,
  effectiveOhms,
  runDropPercent,
  withinDrop,
} from '../rules/voltageDrop';
import type { WireSize } from '../units/wireSize';
import type { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import type { DropFigures } from './figures';

/**
 * The drop along the run by impedance, with the direct-current method beside it and the longest run that
 * the limit allows; null for a size that no table has. Advice, not a rule (210.19 and 215.2, informational notes), so over it is a check.
 */
export function figureDrop(
  circuit: Circuit,
  load: LoadModel,
  size: WireSize,
  code: Edition,
  work: Working,
): { readonly figures: DropFigures | null; readonly perSegment: readonly number[] } {
  const known = circuit.run.every(({ method, size: own = size }) =>
    Number.isFinite(effectiveOhms(own, circuit.material, METHODS[method].surround, load.powerFactor, code)),
  );
  // A size set by hand that the table does not have in this metal: 14 AWG aluminum.
  if (!known) return { figures: null, perSegment: circuit.run.map(() => 0) };
  const amps = load.runA;
  const times = dropTimes(load.phase);
  const metal = circuit.material;
  let dropV = 0;
  let directVolts = 0;
  let lengthFt = 0;
  const perSegment: number[] = [];
  for (const [index, segment] of circuit.run.entries()) {
    const { surround } = METHODS[segment.method];
    const own = segment.size ?? size;
    const ohmPerKft = effectiveOhms(own, metal, surround, load.powerFactor, code);
    work.segment = index;
    const here = work.step(
      'drop.segment',
      'drop.impedance',
      { amps, lengthFt: segment.lengthFt, ohmPerKft, times, surround },
      dropVolts(times, amps, segment.lengthFt, ohmPerKft),
      { read: { table: 'impedance', row: own, column: `${metal} ${surround}` } },
    );
    perSegment.push(here);
    dropV += here;
    directVolts += dropVoltsDirect(times, amps, segment.lengthFt, own, metal, code);
    lengthFt += segment.lengthFt;
  }
  work.segment = undefined;
  const percent = (dropV / load.volts) * 100;
  work.step('drop.total', 'drop.advice', { dropV, volts: load.volts }, percent);
  const cmil = code.tables.conductors.rows[size].cmil;
  work.step(
    'drop.direct',
    'drop.direct',
    { amps, lengthFt, cmil, constant: DC_CONSTANT[metal], times },
    directVolts,
  );
  const limitPct = circuit.maxDropPct;
  const longestFt = limitPct === null || percent === 0 ? null : (lengthFt * limitPct) / percent;
  if (longestFt !== null && limitPct !== null)
    work.step('drop.longest', 'drop.advice', { limitPct }, longestFt);
  if (limitPct !== null && !withinDrop(percent, limitPct)) {
    work.found('check', 'drop.branch', 'drop.advice', { dropPct: percent, limitPct, dropV });
  }
  const startPct = startDip(circuit, load, size, code, work);
  return { figures: { volts: dropV, percent, directVolts, longestFt, startPct }, perSegment };
}

/** Power factor of a motor while it starts. */
const START_POWER_FACTOR = 0.5;

/** How far the voltage dips at the motor while it starts, percent; null where nothing starts hard. */
function startDip(
  circuit: Circuit,
  load: LoadModel,
  size: WireSize,
  code: Edition,
  work: Working,
): number | null {
  const { startA, volts, phase, dipPct: maxPct } = load;
  if (startA === null) return null;
  const start = { amps: startA, volts, powerFactor: START_POWER_FACTOR, phase };
  const dipPct = work.step(
    'drop.start',
    'drop.advice',
    { startA, volts },
    runDropPercent(circuit.run, size, circuit.material, start, code),
  );
  if (!withinDrop(dipPct, maxPct))
    work.found('check', 'drop.motor-start', 'drop.advice', { dipPct, maxPct, startA });
  return dipPct;
}
