import { tableCurrent } from '../appliances/motorCurrent';
import { overloadPercent } from '../appliances/motor';
import type { Edition } from '../code/edition';
import type { FieldProblem } from '../job/zodProblem';
import { boxFill, PULL_BOX_FROM, tooLargeForFill } from '../route/boxFill';
import { nextStandard } from '../rules/branchOcpd';
import { burialCover, isBareUnderBuilding } from '../route/burialCover';
import { cookingDemand } from '../appliances/cookingDemand';
import { printNumber as n } from '../units/number';
import { defaultLines, type FindingLine, type ItemAnswer } from './answer';
import { foundIn, line } from './answerParts';
import type { BoxItem, BurialItem, MotorItem, RangeDemandItem } from './kindSchemas';

type TypedItem = Readonly<Record<string, unknown>>;

const DEVICE = {
  inverse: 'inverse',
  'dual-element': 'td',
  'non-time-delay': 'ntd',
  instantaneous: 'instantaneous',
} as const;

/** Service factor that is taken where the item has none: what general-purpose motors are built for. */
const USUAL_SERVICE_FACTOR = 1.15;

/** What a plate current beside the table's means: it serves the overload, the table the rest. */
const plateFindings = (plateA: number | undefined, flcA: number, code: Edition): readonly FindingLine[] => {
  if (plateA === undefined) return [];
  return plateA > flcA
    ? [
        foundIn(code, {
          code: 'motor.plate-above-table',
          severity: 'check',
          section: 'motor.table',
          data: { plateA, flcA },
        }),
      ]
    : [
        foundIn(code, {
          code: 'motor.fla-used-for-flc',
          severity: 'note',
          section: 'motor.table',
          data: { plateA, flcA },
        }),
      ];
};

/** A motor's table current, short-circuit device, conductor and overload. */
export function answerMotor(item: MotorItem, typed: TypedItem, code: Edition): ItemAnswer | FieldProblem {
  const { hp, volts, phase, device, nameplateA, serviceFactor = USUAL_SERVICE_FACTOR } = item;
  const found = tableCurrent({ hp, volts, phase }, code);
  if (found === undefined) {
    return { path: 'hp', message: `No table has a ${phase}-phase motor of ${n(hp)} hp at ${n(volts)} V.` };
  }
  const { flcA } = found;
  const percent = code.tables.motorProtection.percent.singlePhase[DEVICE[device]];
  const computedA = (flcA * percent) / 100;
  const ocpdA = nextStandard(code, Math.max(computedA, 15)) ?? computedA;
  const minConductorA = (flcA * code.tables.motorProtection.conductor) / 100;
  const overloadA = nameplateA === undefined ? null : (nameplateA * overloadPercent(serviceFactor)) / 100;
  const overload =
    overloadA === null
      ? []
      : [
          line(
            code,
            'motor.overload',
            'Overload',
            `${n(nameplateA ?? 0)} A × ${overloadPercent(serviceFactor)} %`,
            `${n(overloadA)} A`,
          ),
        ];
  return {
    id: item.id,
    kind: item.kind,
    result: { flcA, percent, computedA, ocpdA, minConductorA, overloadA },
    findings: plateFindings(nameplateA, flcA, code),
    working: [
      ...defaultLines(typed, nameplateA === undefined ? { phase, device } : { phase, device, serviceFactor }),
      line(
        code,
        phase === 1 ? 'table.motor-1' : 'table.motor-3',
        'Full-load current',
        `${n(hp)} hp at ${n(volts)} V`,
        `${n(flcA)} A`,
      ),
      line(code, 'table.motor-device', 'Device', `${n(flcA)} A × ${percent} %`, `${n(computedA)} A`),
      line(code, 'motor.device', 'Next standard rating', `above ${n(computedA)} A`, `${n(ocpdA)} A`),
      line(code, 'motor.conductor', 'Conductor', `${n(flcA)} A × 125 %`, `${n(minConductorA)} A`),
      ...overload,
    ],
  };
}

/** Demand of several ranges. */
export function answerRangeDemand(item: RangeDemandItem, _typed: TypedItem, code: Edition): ItemAnswer {
  const { demandVA, column, columnKW, increasePct } = cookingDemand(item.ranges, code);
  const note =
    increasePct > 0
      ? `increased ${increasePct} % for plates above 12 kW`
      : column === 'C'
        ? 'column C'
        : 'the plates themselves are less';
  return {
    id: item.id,
    kind: item.kind,
    result: { demandVA, column, note },
    findings: [],
    working: [
      line(code, 'table.range', 'Column C', `${item.ranges.length} ranges`, `${n(columnKW)} kW`),
      line(code, 'table.range', 'Demand', note, `${n(demandVA, 0)} VA`),
    ],
  };
}

/** The volume that a box needs. */
export function answerBox(item: BoxItem, typed: TypedItem, code: Edition): ItemAnswer | FieldProblem {
  const large = tooLargeForFill(item);
  if (large !== undefined) {
    return {
      path: 'conductors',
      message: `${large} is ${PULL_BOX_FROM} AWG or larger: such a box is sized as a pull box, not by volume.`,
    };
  }
  const parts = boxFill(item, code);
  const requiredIn3 = parts.reduce((sum, { in3 }) => sum + in3, 0);
  const ok = item.boxIn3 === undefined ? null : item.boxIn3 >= requiredIn3 - 1e-9;
  const { clamps, fittings } = item;
  return {
    id: item.id,
    kind: item.kind,
    result: { requiredIn3, parts, ok },
    findings:
      ok === false
        ? [
            foundIn(code, {
              code: 'box.fill',
              severity: 'stop',
              section: 'table.boxes',
              data: { hasIn3: item.boxIn3 ?? 0, needsIn3: requiredIn3 },
            }),
          ]
        : [],
    working: [
      ...defaultLines(typed, { clamps, fittings }),
      ...parts.map(({ what, in3 }) =>
        line(code, 'table.conductor-volume', what, 'by volume', `${n(in3)} in³`),
      ),
      line(code, 'table.boxes', 'Total', `${parts.length} parts`, `${n(requiredIn3)} in³`),
    ],
  };
}

/** Cable under a building: in a raceway as far as it lies under it, at any depth (300.5(C)). */
const bareUnderBuilding = (item: BurialItem, typed: TypedItem, code: Edition): ItemAnswer => ({
  id: item.id,
  kind: item.kind,
  result: { coverIn: null, column: 'direct-burial' },
  findings: [
    foundIn(code, {
      code: 'burial.under-building',
      severity: 'stop',
      section: 'route.under-building',
      data: { method: item.method },
    }),
  ],
  working: defaultLines(typed, { gfci: item.gfci }),
});

/** The least cover of a buried method. */
export function answerBurial(item: BurialItem, typed: TypedItem, code: Edition): ItemAnswer | FieldProblem {
  const cover = burialCover({ ...item, place: item.location }, code);
  if (isBareUnderBuilding(item.method, item.location, false)) return bareUnderBuilding(item, typed, code);
  if (cover === null)
    return {
      path: 'method',
      message: `${item.method} may not be buried; use uf-b or a raceway listed for it.`,
    };
  const { gfci } = item;
  return {
    id: item.id,
    kind: item.kind,
    result: { ...cover },
    findings: [],
    working: [
      ...defaultLines(typed, { gfci }),
      line(
        code,
        'table.burial',
        'Least cover',
        `${item.location}, column ${cover.column}`,
        `${cover.coverIn} in`,
      ),
    ],
  };
}
