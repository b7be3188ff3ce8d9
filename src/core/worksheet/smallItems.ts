import type { Edition } from '../code/edition';
import { METHODS } from '../code/methods';
import type { TemperatureColumn } from '../code/tables/shapes';
import { adjustmentFactor, ambientFactor } from '../rules/conductorAmpacity';
import { dropTimes, dropVolts, effectiveOhms } from '../rules/voltageDrop';
import { conductorCount } from '../rules/racewayFill';
import { printNumber as n } from '../units/number';
import { printWireSize } from '../units/wireSize';
import type { FieldProblem } from '../job/zodProblem';
import { defaultLines, type ItemAnswer } from './answer';
import { line } from './answerParts';
import type { AmpacityItem, DropItem, FillCountItem } from './itemSchemas';
import { surroundOf } from './methodNames';

type TypedItem = Readonly<Record<string, unknown>>;

const lower = (a: TemperatureColumn, b: TemperatureColumn | null): TemperatureColumn =>
  b !== null && b < a ? b : a;

/** Ampacity of one size: base by its insulation, corrected, adjusted, and what terminals and method leave of it. */
export function answerAmpacity(
  item: AmpacityItem,
  typed: TypedItem,
  code: Edition,
): ItemAnswer | FieldProblem {
  const method = item.method === undefined ? null : METHODS[item.method];
  const start = lower(item.insulationC, method?.startDryC ?? null);
  const column = lower(item.terminalC, method?.capC ?? null);
  const table = code.tables.ampacity[item.material];
  const baseA = table[start][item.size];
  const columnA = table[column][item.size];
  if (baseA === undefined || columnA === undefined) {
    return { path: 'size', message: `The table has no ${printWireSize(item.size)} ${item.material}.` };
  }
  const correction = ambientFactor(code, item.ambientC, start);
  const adjustment = adjustmentFactor(code, item.currentCarrying);
  const deratedA = baseA * correction * adjustment;
  const usableA = Math.min(deratedA, columnA);
  const { material, insulationC, terminalC, ambientC, currentCarrying } = item;
  return {
    id: item.id,
    kind: item.kind,
    result: { baseA, correction, adjustment, deratedA, usableA },
    findings: [],
    working: [
      ...defaultLines(typed, { material, insulationC, terminalC, ambientC, currentCarrying }),
      line(code, 'conductor.ampacity', 'Base', `${start} °C column`, `${n(baseA)} A`),
      line(code, 'conductor.ambient', 'Ambient', `${n(ambientC)} °C`, `× ${n(correction)}`),
      line(
        code,
        'conductor.adjustment',
        'Together',
        `${currentCarrying} current-carrying`,
        `× ${n(adjustment)}`,
      ),
      line(
        code,
        'conductor.terminals',
        'Usable',
        `lower of ${n(deratedA)} and ${n(columnA)} (${column} °C)`,
        `${n(usableA)} A`,
      ),
    ],
  };
}

/** Voltage drop by impedance. */
export function answerDrop(item: DropItem, typed: TypedItem, code: Edition): ItemAnswer | FieldProblem {
  const ohms = effectiveOhms(item.size, item.material, surroundOf(item.raceway), item.powerFactor, code);
  if (!Number.isFinite(ohms)) {
    return { path: 'size', message: `The table has no ${printWireSize(item.size)} ${item.material}.` };
  }
  const dropV = dropVolts(dropTimes(item.phase), item.amps, item.lengthFt, ohms);
  const dropPct = (dropV / item.volts) * 100;
  const { phase, material, raceway, powerFactor } = item;
  return {
    id: item.id,
    kind: item.kind,
    result: { dropV, dropPct },
    findings: [],
    working: [
      ...defaultLines(typed, { phase, material, raceway, powerFactor }),
      line(
        code,
        'drop.impedance',
        'Impedance',
        `${printWireSize(item.size)}, power factor ${n(powerFactor)}`,
        `${n(ohms, 4)} ohm/kft`,
      ),
      line(
        code,
        'drop.impedance',
        'Drop',
        `${n(dropTimes(phase), 3)} × ${n(item.amps)} A × ${n(item.lengthFt)} ft`,
        `${n(dropV)} V`,
      ),
      line(code, 'drop.advice', 'Of the voltage', `${n(item.volts)} V`, `${n(dropPct)} %`),
    ],
  };
}

/** How many equal conductors one raceway takes, as the published tables have it. */
export function answerFillCount(
  item: FillCountItem,
  _typed: TypedItem,
  code: Edition,
): ItemAnswer | FieldProblem {
  const count = conductorCount(item.raceway, item.trade, item.insulation, item.size, code);
  if (count === undefined) {
    return {
      path: 'trade',
      message: `No ${item.raceway} of ${item.trade}, or no ${item.insulation} of ${item.size}.`,
    };
  }
  return {
    id: item.id,
    kind: item.kind,
    result: { count },
    findings: [],
    working: [
      line(
        code,
        'raceway.fill',
        'Conductors of one size',
        `${item.size} ${item.insulation} in ${item.trade} ${item.raceway}`,
        String(count),
      ),
    ],
  };
}
