import { METHOD_IDS, METHODS, type MethodId } from '../code/methods';
import type { CableTable, RacewaySize, RacewayType } from '../code/tables/shapes';
import { cite, type Edition } from '../code/edition';
import type { FieldProblem } from '../job/zodProblem';
import {
  allowedArea,
  cableArea,
  conductorArea,
  conductorDiameter,
  fillLimit,
  fillPercent,
  fits,
  jamRatio,
  legalTrade,
  mayJam,
} from '../rules/racewayFill';
import { printNumber as n } from '../units/number';
import type { TradeSize } from '../units/tradeSize';
import { defaultLines, type FindingLine, type ItemAnswer, type WorkingLine } from './answer';
import { foundIn } from './answerParts';
import type { FillItem } from './itemSchemas';

type Part = FillItem['conductors'][number];

interface Sum {
  readonly areaIn2: number;
  readonly count: number;
}

const cableSize = (table: CableTable, name: string): { widthIn: number; heightIn: number } | undefined => {
  const [type = '', ...rest] = name.trim().split(/\s+/);
  const family = Object.entries(table.types).find(([each]) => each.toLowerCase() === type.toLowerCase());
  const row = family?.[1][rest.join(' ')];
  return row && row.widthIn !== null && row.heightIn !== null
    ? { widthIn: row.widthIn, heightIn: row.heightIn }
    : undefined;
};

const partArea = (part: Part, code: Edition): number | undefined => {
  if ('widthIn' in part) return cableArea(part.widthIn, part.heightIn);
  if ('insulation' in part) return conductorArea(part.size, part.insulation, code);
  const cable = cableSize(code.tables.cables, part.cable);
  return cable && cableArea(cable.widthIn, cable.heightIn);
};

function sumParts(parts: readonly Part[], code: Edition): Sum | FieldProblem {
  let areaIn2 = 0;
  let count = 0;
  for (const [index, part] of parts.entries()) {
    const area = partArea(part, code);
    if (area === undefined) {
      const what = 'cable' in part ? `cable "${part.cable}"` : 'conductor';
      return {
        path: `conductors[${index}]`,
        message: `No dimensions are known of this ${what}; give widthIn and heightIn.`,
      };
    }
    areaIn2 += area * part.count;
    count += part.count;
  }
  return { areaIn2, count };
}

/** The jam ratio where three equal single conductors share the raceway; null elsewhere. */
const jamOf = (parts: readonly Part[], row: RacewaySize, code: Edition): number | null => {
  const three = parts.find((part) => 'insulation' in part && part.count === 3);
  if (three === undefined || !('insulation' in three)) return null;
  return jamRatio(row.insideIn, conductorDiameter(three.size, three.insulation, code));
};

interface Judged {
  readonly sum: Sum;
  readonly min: TradeSize | null;
  readonly trade: TradeSize | null;
  readonly row: RacewaySize | undefined;
  readonly ok: boolean;
  readonly jam: number | null;
}

function evaluate(item: FillItem, sum: Sum, code: Edition): Judged {
  const { areaIn2, count } = sum;
  const min = legalTrade(item.raceway, areaIn2, count, code, item.nipple)?.trade ?? null;
  const trade = item.trade ?? min;
  const row = trade === null ? undefined : code.tables.raceways.types[item.raceway][trade];
  return {
    sum,
    min,
    trade,
    row,
    ok: row !== undefined && fits(row, areaIn2, count, item.nipple),
    jam: row === undefined ? null : jamOf(item.conductors, row, code),
  };
}

/** The method whose raceway an item names. */
const methodOf = (type: RacewayType): MethodId =>
  METHOD_IDS.find((id) => METHODS[id].raceway === type) ?? 'emt';

function findingsOf(
  item: FillItem,
  { trade, ok, jam, row, sum }: Judged,
  limitPct: number,
  code: Edition,
): FindingLine[] {
  const findings: FindingLine[] = [];
  const method = methodOf(item.raceway);
  const { areaIn2 } = sum;
  const section = 'raceway.fill';
  if (trade === null || row === undefined) {
    findings.push(
      foundIn(code, { code: 'raceway.none', severity: 'stop', section, data: { method, areaIn2 } }),
    );
    return findings;
  }
  if (!ok) {
    const data = { method, trade, fillPct: fillPercent(row, areaIn2), limitPct };
    findings.push(foundIn(code, { code: 'raceway.fill', severity: 'stop', section, data }));
  }
  if (jam !== null && mayJam(jam))
    findings.push(
      foundIn(code, { code: 'raceway.jam', severity: 'check', section, data: { trade, ratio: jam } }),
    );
  return findings;
}

function workingOf(
  item: FillItem,
  { sum, trade, row }: Judged,
  limitPct: number,
  code: Edition,
): WorkingLine[] {
  const { areaIn2, count } = sum;
  const all = `${count} in all`;
  return [
    {
      step: 'Conductors',
      formula: all,
      result: `${n(areaIn2, 4)} in²`,
      rule: cite(code, 'raceway.conductor').section,
    },
    {
      step: 'May fill',
      formula: item.nipple ? 'nipple of 24 in or less' : all,
      result: `${n(limitPct)} %`,
      rule: cite(code, 'raceway.fill').section,
    },
    {
      step: 'Raceway',
      formula:
        row === undefined ? 'none holds them' : `may take ${n(allowedArea(row, count, item.nipple), 3)} in²`,
      result: trade ?? 'none',
      rule: cite(code, 'raceway.size').section,
    },
  ];
}

/** The smallest trade size that holds the conductors, or how full a given one would be. */
export function answerFill(
  item: FillItem,
  given: Readonly<Record<string, unknown>>,
  code: Edition,
): ItemAnswer | FieldProblem {
  const sum = sumParts(item.conductors, code);
  if ('path' in sum) return sum;
  const judged = evaluate(item, sum, code);
  const { trade, row, ok, jam } = judged;
  if (item.trade !== undefined && row === undefined) {
    return { path: 'trade', message: `${item.raceway} is not made in ${item.trade}.` };
  }
  const limitPct = fillLimit(code, sum.count, item.nipple) * 100;
  return {
    id: item.id,
    kind: item.kind,
    result: {
      trade,
      areaIn2: sum.areaIn2,
      racewayIn2: row?.area100 ?? null,
      fillPct: row === undefined ? null : fillPercent(row, sum.areaIn2),
      limitPct,
      ok,
      jamRatio: jam,
    },
    findings: findingsOf(item, judged, limitPct, code),
    working: [...defaultLines(given, { nipple: item.nipple }), ...workingOf(item, judged, limitPct, code)],
  };
}
