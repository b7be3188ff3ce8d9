import { horsepowerOf } from '../units/horsepower';
import type { Edition } from './edition';
import { tableCell as cell, type Face } from './tableFaceShape';

/** Tables that the loads of appliances are read from. */
type ApplianceTable = 'motorSinglePhase' | 'motorThreePhase' | 'motorProtection' | 'welders' | 'rangeDemand';

function motorFace({ tables }: Edition, phase: 1 | 3): Face {
  const rows: Readonly<Record<string, Readonly<Record<string, number | null>>>> =
    phase === 1 ? tables.motorSinglePhase.rows : tables.motorThreePhase.rows;
  const columns = phase === 1 ? ['115', '208', '230'] : ['208', '230', '460'];
  return {
    unit: 'amperes',
    corner: 'hp',
    columns: columns.map((key) => ({ key, head: `${key} V` })),
    rows: horsepowerOrder(Object.keys(rows)).map((key) => ({
      key,
      head: key,
      cells: columns.map((column) => cell(rows[key]?.[column])),
    })),
  };
}

/** Fractions below one stand first; an object's whole-number keys would otherwise come before them. */
const horsepowerOrder = (keys: readonly string[]): readonly string[] =>
  keys.toSorted((a, b) => horsepowerOf(a) - horsepowerOf(b));

const protectionFace = ({ tables: { motorProtection } }: Edition): Face => {
  const { ntd, td, instantaneous, inverse } = motorProtection.percent.singlePhase;
  return {
    unit: 'percent of the table current',
    corner: 'device',
    columns: [{ key: 'percent', head: 'percent' }],
    rows: [
      { key: 'ntd', head: 'fuse', cells: [cell(ntd)] },
      { key: 'td', head: 'fuse, time delay', cells: [cell(td)] },
      { key: 'instantaneous', head: 'instantaneous', cells: [cell(instantaneous)] },
      { key: 'inverse', head: 'breaker', cells: [cell(inverse)] },
    ],
  };
};

const welderFace = ({ tables: { welders } }: Edition): Face => {
  const duties = [100, 90, 80, 70, 60, 50, 40, 30, 20] as const;
  return {
    unit: 'factor by duty',
    corner: 'duty %',
    columns: [
      { key: 'arc', head: 'arc' },
      { key: 'arc-motor-generator', head: 'motor-generator' },
    ],
    rows: duties.map((duty) => ({
      key: String(duty),
      head: String(duty),
      cells: [cell(welders.arc[duty]), cell(welders.arcMotorGenerator[duty])],
    })),
  };
};

const rangeFace = ({ tables: { rangeDemand } }: Edition): Face => ({
  unit: 'kilowatts to 12 kW, column C',
  corner: 'ranges',
  columns: [{ key: 'C', head: 'C' }],
  rows: Object.entries(rangeDemand.kilowattsTo12kW).map(([key, kw]) => ({
    key,
    head: key,
    cells: [cell(kw)],
  })),
});

/** The face of a table that the load of an appliance was read from. */
export function applianceFace(code: Edition, table: ApplianceTable): Face {
  switch (table) {
    case 'motorSinglePhase':
      return motorFace(code, 1);
    case 'motorThreePhase':
      return motorFace(code, 3);
    case 'motorProtection':
      return protectionFace(code);
    case 'welders':
      return welderFace(code);
    case 'rangeDemand':
      return rangeFace(code);
  }
}
