import { cite, type Edition } from '../code/edition';
import {
  existingService,
  measuredService,
  optionalService,
  standardService,
  type Dwelling,
  type ServiceLoadResult,
} from '../service/serviceLoad';
import { printNumber as n } from '../units/number';
import type { FieldProblem } from '../job/zodProblem';
import { defaultLines, type ItemAnswer } from './answer';
import type { ServiceItem } from './kindSchemas';

const SECTION = {
  standard: 'service.standard',
  optional: 'service.optional',
  existing: 'service.existing',
  measured: 'service.measured',
} as const;

const dwellingOf = (item: ServiceItem): Dwelling => ({
  areaFt2: item.areaFt2,
  smallApplianceCircuits: item.smallApplianceCircuits,
  laundryCircuits: item.laundryCircuits,
  loads: item.loads,
  newLoads: item.newLoads,
});

function compute(item: ServiceItem, code: Edition): ServiceLoadResult {
  switch (item.method) {
    case 'standard':
      return standardService(dwellingOf(item), code);
    case 'optional':
      return optionalService(dwellingOf(item), code);
    case 'existing':
      return existingService(dwellingOf(item), code);
    case 'measured':
      return measuredService(item.measuredKW ?? 0, item.newLoads, code);
  }
}

/** The load of a dwelling's service by one of four methods. */
export function answerService(
  item: ServiceItem,
  given: Readonly<Record<string, unknown>>,
  code: Edition,
): ItemAnswer | FieldProblem {
  if (item.method === 'measured' && item.measuredKW === undefined) {
    return { path: 'measuredKW', message: 'The measured method needs the peak demand, measuredKW.' };
  }
  const { generalVA, totalVA, parts } = compute(item, code);
  const rule = cite(code, SECTION[item.method]).section;
  const { smallApplianceCircuits, laundryCircuits, voltage } = item;
  return {
    id: item.id,
    kind: item.kind,
    result: { generalVA, totalVA, amps: totalVA / voltage, parts },
    findings: [],
    working: [
      ...defaultLines(given, { smallApplianceCircuits, laundryCircuits, voltage }),
      ...parts.map(({ what, connectedVA, countedVA }) => ({
        step: what,
        formula: `of ${n(connectedVA, 0)} VA`,
        result: `${n(countedVA, 0)} VA`,
        rule,
      })),
      {
        step: 'Total',
        formula: `${n(totalVA, 0)} VA / ${n(voltage)} V`,
        result: `${n(totalVA / voltage)} A`,
        rule,
      },
    ],
  };
}
