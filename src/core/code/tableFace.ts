import { TRADE_SIZES } from '../units/tradeSize';
import { WIRE_SIZES } from '../units/wireSize';
import { cite, type Edition } from './edition';
import { applianceFace } from './applianceFace';
import type { SectionKey } from './sections';
import { tableCell as cell, type Face, type TableFace } from './tableFaceShape';
import type { CellRead, TableKey } from './tableSet';

const CITES: Readonly<Record<TableKey, SectionKey>> = {
  ampacity: 'conductor.ampacity',
  ambient: 'conductor.ambient',
  adjustment: 'conductor.adjustment',
  standardOcpd: 'breaker.standard',
  smallConductor: 'breaker.small-conductor',
  equipmentGround: 'ground.table',
  conductors: 'drop.direct',
  impedance: 'drop.impedance',
  insulated: 'raceway.conductor',
  raceways: 'raceway.size',
  fillLimits: 'raceway.fill',
  cables: 'table.cables',
  supports: 'support.spacing',
  configurations: 'table.configurations',
  motorSinglePhase: 'table.motor-1',
  motorThreePhase: 'table.motor-3',
  motorProtection: 'table.motor-device',
  welders: 'table.welder',
  rangeDemand: 'table.range',
  dryerDemand: 'table.dryer',
  burialCover: 'table.burial',
  conductorVolume: 'table.conductor-volume',
  torque: 'table.torque',
  dwellingService: 'service.conductors',
  receptacleRating: 'receptacle.rating',
  bendRadius: 'table.bend-radius',
};

const COLUMNS_C = [60, 75, 90] as const;

function ampacityFace({ tables: { ampacity } }: Edition, metal: 'cu' | 'al'): Face {
  return {
    unit: `${metal === 'cu' ? 'copper' : 'aluminum'}, amperes`,
    corner: 'AWG',
    columns: COLUMNS_C.map((column) => ({ key: String(column), head: `${column} °C` })),
    rows: WIRE_SIZES.filter((size) => ampacity[metal][60][size] !== undefined).map((size) => ({
      key: size,
      head: size,
      cells: COLUMNS_C.map((column) => cell(ampacity[metal][column][size])),
    })),
  };
}

const ambientFace = ({ tables: { ambient } }: Edition): Face => ({
  unit: 'factor by insulation',
  corner: '°C up to',
  columns: COLUMNS_C.map((column) => ({ key: String(column), head: `${column} °C` })),
  rows: ambient.rows.map((row) => ({
    key: String(row.toC),
    head: String(row.toC),
    cells: COLUMNS_C.map((column) => cell(row[column]?.toFixed(2))),
  })),
});

const adjustmentFace = ({ tables: { adjustment } }: Edition): Face => ({
  unit: 'factor',
  corner: 'conductors',
  columns: [{ key: 'factor', head: 'factor' }],
  rows: adjustment.rows.map((row) => ({
    key: String(row.factor),
    head: row.to === null ? `${row.from} and up` : `${row.from} to ${row.to}`,
    cells: [row.factor.toFixed(2)],
  })),
});

const ocpdFace = ({ tables: { standardOcpd } }: Edition): Face => ({
  unit: 'amperes',
  corner: 'no.',
  columns: [{ key: 'rating', head: 'rating' }],
  rows: standardOcpd.ratings.map((rating, index) => ({
    key: String(rating),
    head: String(index + 1),
    cells: [String(rating)],
  })),
});

const smallFace = ({ tables: { smallConductor } }: Edition): Face => ({
  unit: 'largest device, amperes',
  corner: 'AWG',
  columns: [
    { key: 'cu', head: 'copper' },
    { key: 'al', head: 'aluminum' },
  ],
  rows: ['14', '12', '10'].map((size) => ({
    key: size,
    head: size,
    cells: [cell(smallConductor.cu[size]), cell(smallConductor.al[size])],
  })),
});

const groundFace = ({ tables: { equipmentGround } }: Edition): Face => ({
  unit: 'smallest ground',
  corner: 'device up to',
  columns: [
    { key: 'cu', head: 'copper' },
    { key: 'al', head: 'aluminum' },
  ],
  rows: equipmentGround.rows.map((row) => ({
    key: String(row.ocpd),
    head: `${row.ocpd} A`,
    cells: [row.cu, row.al],
  })),
});

const conductorFace = ({ tables: { conductors } }: Edition): Face => ({
  unit: 'circular mils',
  corner: 'AWG',
  columns: [{ key: 'cmil', head: 'cmil' }],
  rows: WIRE_SIZES.map((size) => ({ key: size, head: size, cells: [String(conductors.rows[size].cmil)] })),
});

function impedanceFace({ tables: { impedance } }: Edition, column: string): Face {
  const metal = column.startsWith('al ') ? 'al' : 'cu';
  const surrounds = ['pvc', 'aluminum', 'steel'] as const;
  return {
    unit: `${metal === 'cu' ? 'copper' : 'aluminum'}, ohm/kft`,
    corner: 'AWG',
    columns: surrounds.map((surround) => ({
      key: `${metal} ${surround}`,
      head: surround === 'pvc' ? 'PVC' : surround,
    })),
    rows: WIRE_SIZES.filter((size) => impedance.rows[size] !== undefined).map((size) => ({
      key: size,
      head: size,
      cells: surrounds.map((surround) => cell(impedance.rows[size]?.[metal][surround])),
    })),
  };
}

const insulatedFace = ({ tables: { insulated } }: Edition): Face => ({
  unit: 'square inches',
  corner: 'AWG',
  columns: [
    { key: 'THWN-2', head: 'THWN-2' },
    { key: 'XHHW-2', head: 'XHHW-2' },
  ],
  rows: WIRE_SIZES.map((size) => ({
    key: size,
    head: size,
    cells: [cell(insulated.types['THWN-2'][size]?.areaIn2), cell(insulated.types['XHHW-2'][size]?.areaIn2)],
  })),
});

function racewayFace({ tables: { raceways } }: Edition, column: string): Face {
  const found = Object.entries(raceways.types).find(([type]) => type === column);
  const sizes = found?.[1] ?? raceways.types.EMT;
  return {
    unit: `${column}, square inches`,
    corner: 'trade',
    columns: [
      { key: 'all', head: 'whole' },
      { key: column, head: '40 %' },
    ],
    rows: TRADE_SIZES.filter((trade) => sizes[trade] !== undefined).map((trade) => ({
      key: trade,
      head: trade,
      cells: [cell(sizes[trade]?.area100), cell(sizes[trade]?.area40)],
    })),
  };
}

const fillFace = ({ tables: { fillLimits } }: Edition): Face => ({
  unit: 'share of the inside',
  corner: 'conductors',
  columns: [{ key: 'share', head: 'share' }],
  rows: [
    { key: 'one', head: 'one', cells: [`${fillLimits.one * 100} %`] },
    { key: 'two', head: 'two', cells: [`${fillLimits.two * 100} %`] },
    { key: 'overTwo', head: 'three and more', cells: [`${fillLimits.overTwo * 100} %`] },
    { key: 'nipple', head: 'nipple', cells: [`${fillLimits.nipple * 100} %`] },
  ],
});

const configurationFace = ({ tables: { configurations } }: Edition): Face => ({
  unit: 'amperes',
  corner: 'configuration',
  columns: [
    { key: 'volts', head: 'volts' },
    { key: 'amps', head: 'amps' },
  ],
  rows: configurations.rows.map((row) => ({
    key: row.config,
    head: row.config,
    cells: [row.volts, String(row.amps)],
  })),
});

const BURIED_HEAD = ['direct burial', 'RMC, IMC', 'PVC', '120 V, 20 A, GFCI', 'low voltage'] as const;

const burialFace = ({ tables: { burialCover } }: Edition): Face => ({
  unit: 'inches of cover',
  corner: 'where',
  columns: burialCover.columns.map((column, at) => ({ key: column, head: BURIED_HEAD[at] ?? column })),
  rows: burialCover.rows.map(({ place, coverIn }) => ({
    key: place,
    head: place.replaceAll('-', ' '),
    cells: coverIn.map(cell),
  })),
});

const volumeFace = ({ tables: { conductorVolume } }: Edition): Face => ({
  unit: 'cubic inches for each',
  corner: 'AWG',
  columns: [{ key: 'in3', head: 'in³' }],
  rows: Object.entries(conductorVolume.rows)
    .toReversed()
    .map(([size, in3]) => ({ key: size, head: size, cells: [cell(in3)] })),
});

function face(code: Edition, { table, column }: CellRead, metal: 'cu' | 'al'): Face | undefined {
  switch (table) {
    case 'ampacity':
      return ampacityFace(code, metal);
    case 'ambient':
      return ambientFace(code);
    case 'adjustment':
      return adjustmentFace(code);
    case 'standardOcpd':
      return ocpdFace(code);
    case 'smallConductor':
      return smallFace(code);
    case 'equipmentGround':
      return groundFace(code);
    case 'conductors':
      return conductorFace(code);
    case 'impedance':
      return impedanceFace(code, column);
    case 'insulated':
      return insulatedFace(code);
    case 'raceways':
      return racewayFace(code, column);
    case 'fillLimits':
      return fillFace(code);
    case 'configurations':
      return configurationFace(code);
    case 'motorSinglePhase':
    case 'motorThreePhase':
    case 'motorProtection':
    case 'welders':
    case 'rangeDemand':
      return applianceFace(code, table);
    case 'burialCover':
      return burialFace(code);
    case 'conductorVolume':
      return volumeFace(code);
    case 'dryerDemand':
    case 'torque':
    case 'cables':
    case 'supports':
    case 'dwellingService':
    case 'receptacleRating':
    case 'bendRadius':
      return undefined;
  }
}

/** A whole table, to be read by its heading; undefined for tables that are not shown. */
export function wholeTable(code: Edition, read: CellRead, metal: 'cu' | 'al'): TableFace | undefined {
  const whole = face(code, read, metal);
  return (
    whole && {
      title: `${cite(code, CITES[read.table]).section}, ${whole.unit}`,
      corner: whole.corner,
      columns: whole.columns,
      rows: whole.rows,
    }
  );
}

/** Rows above and below the one that was read. */
const AROUND = 2;

/** The part of a table around the cell that a step read; undefined for tables that are not shown. */
export function tableFace(code: Edition, read: CellRead, metal: 'cu' | 'al'): TableFace | undefined {
  const whole = face(code, read, metal);
  if (whole === undefined) return undefined;
  const at = Math.max(
    0,
    whole.rows.findIndex(({ key }) => key === read.row),
  );
  const first = Math.max(0, Math.min(at - AROUND, whole.rows.length - 2 * AROUND - 1));
  const rows = whole.rows.slice(first, first + 2 * AROUND + 1);
  return {
    title: `${cite(code, CITES[read.table]).section}, ${whole.unit}`,
    corner: whole.corner,
    columns: whole.columns,
    rows,
  };
}
