import type { Circuit } from '../../src/core/circuit/circuitSchema';
import type { Edition } from '../../src/core/code/edition';
import { METHODS } from '../../src/core/code/methods';
import { TRADE_SIZES } from '../../src/core/units/tradeSize';
import { WIRE_SIZES, type WireSize } from '../../src/core/units/wireSize';

/** The figures of a circuit that a straight-line program would give: nothing explained. */
export interface PlainFigures {
  readonly ocpdA: number;
  readonly size: WireSize | null;
  readonly egc: WireSize;
  readonly trade: string | null;
  readonly fillPct: number | null;
  readonly dropV: number;
  readonly dropPct: number;
  readonly directV: number;
  readonly ampacityA: number;
}

/**
 * The same figures as the pipeline, written a second time without it: for comparing the two, and for
 * weighing what explaining costs. Circuits without pins, whose sizes exist in every segment.
 */
export function straightLine(circuit: Circuit, code: Edition): PlainFigures {
  const { ampacity, ambient, adjustment, standardOcpd, smallConductor, equipmentGround, conductors } =
    code.tables;
  const { impedance, insulated, raceways, cables } = code.tables;
  const metal = circuit.material;
  const { appliance } = circuit;
  let continuous: number;
  let other = 0;
  let neutral = false;
  if (appliance.family === 'ev') {
    const { outputAmps, settingA, settingRestricted } = appliance.nameplate;
    const counts = settingA !== undefined && settingRestricted === true && code.year !== 2017;
    continuous = counts ? settingA : outputAmps;
  } else if (appliance.family === 'load') {
    continuous = appliance.nameplate.continuousAmps;
    other = appliance.nameplate.amps - continuous;
    neutral = appliance.nameplate.neutral && appliance.nameplate.volts !== 120;
  } else {
    throw new Error('chargers and plain loads only');
  }
  const { volts } = appliance.nameplate;
  const design = continuous * 1.25 + other;
  const load = continuous + other;
  const ocpdA = standardOcpd.ratings.find((rating) => rating >= 15 && rating >= design - 1e-9) ?? 6000;
  const unmarked = ocpdA <= 100 ? 60 : 75;
  const { panel, load: far } = circuit.terminals;
  const lugs = Math.min(panel === 'unmarked' ? unmarked : panel, far === 'unmarked' ? unmarked : far);
  const wires = neutral ? 3 : 2;

  // A raceway of two feet is a nipple: every station here but one between two raceways is an enclosure.
  const isPipe = (index: number): boolean => {
    const method = circuit.run[index]?.method;
    return method !== undefined && METHODS[method].kind === 'raceway';
  };
  const nipple = circuit.run.map(
    ({ lengthFt }, at) => isPipe(at) && lengthFt <= 2 && !isPipe(at - 1) && !isPipe(at + 1),
  );
  const derating = circuit.run.map((segment, at) => {
    const method = METHODS[segment.method];
    const wet =
      segment.place === 'outdoor' || segment.place === 'underground' || segment.place === 'corrosive';
    const start = wet ? method.startWetC : method.startDryC;
    const count = nipple[at] ? 2 : (segment.currentCarrying ?? 2);
    const heat = ambient.rows.find((row) => segment.ambientC <= row.toC)?.[start] ?? 0;
    const together = adjustment.rows.find((row) => row.to === null || count <= row.to)?.factor ?? 0;
    return { heat, together, start, factor: heat * together, lengthFt: segment.lengthFt };
  });
  // The worst segment decides, unless what is worse than a level is 10 ft and a tenth of the rest at most.
  let decides = derating.map(({ factor }) => factor);
  for (const level of [...new Set(derating.map(({ factor }) => factor))].sort((a, b) => b - a)) {
    const worse = derating.filter(({ factor }) => factor < level);
    const rest = derating.filter(({ factor }) => factor >= level);
    const worseFt = worse.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
    const restFt = rest.reduce((sum, { lengthFt }) => sum + lengthFt, 0);
    const hot = worse.some(({ factor }) => factor === 0);
    if (worse.length === 0 || worseFt > Math.min(10, restFt / 10) + 1e-9) continue;
    const pipes = derating.every((each, at) => each.factor >= level || each.together === 1 || isPipe(at));
    if (!pipes || hot) continue;
    const by = derating.find(({ factor }) => factor === level);
    decides = derating.map(({ factor, start }) => (factor < level && start === by?.start ? level : factor));
    break;
  }

  const passes = (size: WireSize, index: number): number => {
    const segment = circuit.run[index];
    if (segment === undefined) return 0;
    const method = METHODS[segment.method];
    const column = (method.capC !== null && method.capC < lugs ? method.capC : lugs) as 60 | 75 | 90;
    const start = derating[index]?.start ?? 90;
    const columnA = ampacity[metal][column][size] ?? 0;
    const corrected = (ampacity[metal][start][size] ?? 0) * (decides[index] ?? 0);
    const final = Math.min(corrected, columnA);
    const nextUp = standardOcpd.ratings.find((rating) => rating >= final - 1e-9) ?? 0;
    const small = smallConductor[metal][size];
    const ok =
      columnA >= design - 1e-9 &&
      corrected >= load - 1e-9 &&
      (final >= ocpdA - 1e-9 || (ocpdA <= 800 && ocpdA <= nextUp)) &&
      (small === undefined || ocpdA <= small);
    return ok ? final : 0;
  };
  const made = (size: WireSize): boolean =>
    circuit.run.every(({ method }) => {
      if (METHODS[method].kind !== 'cable') return true;
      if (method === 'mc') return WIRE_SIZES.indexOf(size) <= WIRE_SIZES.indexOf('4/0');
      const names = Object.keys(method === 'nm-b' ? cables.types['NM-B'] : cables.types['UF-B']);
      return names.some((name) => name.startsWith(`${size}/`) && Number(name.split('/')[1]) >= wires);
    });
  const min =
    WIRE_SIZES.find((size) => made(size) && circuit.run.every((_, index) => passes(size, index) > 0)) ?? null;

  const dropOf = (size: WireSize): number =>
    circuit.run.reduce((sum, { method, lengthFt }) => {
      // The table has no 700 kcmil: the row of 600 is taken, whose drop is larger.
      const row = impedance.rows[size] ?? impedance.rows['600'];
      const ohms = row?.[metal][METHODS[method].surround] ?? 0;
      return sum + (2 * load * lengthFt * ohms) / 1000;
    }, 0);
  let size = min ?? '14';
  const limit = circuit.maxDropPct;
  while (min !== null && limit !== null && (dropOf(size) / volts) * 100 > limit + 0.0005) {
    const next = WIRE_SIZES.slice(WIRE_SIZES.indexOf(size) + 1).find(made);
    if (next === undefined) break;
    size = next;
  }

  const base = equipmentGround.rows.find((row) => ocpdA <= row.ocpd)?.[metal] ?? '4/0';
  const ratio = min === null ? 1 : conductors.rows[size].cmil / conductors.rows[min].cmil;
  const need = conductors.rows[base].cmil * ratio * (1 - 1e-4);
  const grown = ratio > 1 ? (WIRE_SIZES.find((each) => conductors.rows[each].cmil >= need) ?? '750') : base;
  const egc = WIRE_SIZES.indexOf(grown) > WIRE_SIZES.indexOf(size) ? size : grown;

  let trade: string | null = null;
  let fillPct: number | null = null;
  for (const [at, { method }] of circuit.run.entries()) {
    const type = METHODS[method].raceway;
    if (type === null) continue;
    const rows = insulated.types[circuit.insulation];
    const area = wires * (rows[size]?.areaIn2 ?? 0) + (rows[egc]?.areaIn2 ?? 0);
    const fits = TRADE_SIZES.find(
      (each) => (raceways.types[type][each]?.[nipple[at] ? 'area60' : 'area40'] ?? 0) >= area - 1e-9,
    );
    if (fits === undefined) continue;
    if (trade === null || TRADE_SIZES.indexOf(fits) > TRADE_SIZES.indexOf(trade as '1')) {
      trade = fits;
      fillPct = (area / (raceways.types[type][fits]?.area100 ?? 1)) * 100;
    }
  }
  const dropV = dropOf(size);
  const lengthFt = circuit.run.reduce((sum, segment) => sum + segment.lengthFt, 0);
  const directV = (2 * (metal === 'cu' ? 12.9 : 21.2) * load * lengthFt) / conductors.rows[size].cmil;
  const ampacityA = Math.min(...circuit.run.map((_, index) => passes(size, index)));
  return {
    ocpdA,
    size: min === null ? null : size,
    egc,
    trade,
    fillPct,
    dropV,
    dropPct: (dropV / volts) * 100,
    directV,
    ampacityA,
  };
}
