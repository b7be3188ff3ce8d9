import type { Edition } from '../code/edition';
import { isWet, METHODS, type MethodId, type Environment } from '../code/methods';
import type { AmbientRow, TemperatureColumn } from '../code/tables/shapes';
import type { Metal, WireSize } from '../units/wireSize';
import type { TerminalMark } from '../working/step';

/** What of a segment bears on the ampacity of its conductors. */
export interface AmpacityPlace {
  readonly method: MethodId;
  readonly place: Environment;
  readonly ambientC: number;
  readonly currentCarrying: number;
}

/** The columns and factors that hold for every size in one segment. */
export interface AmpacityTerms {
  readonly metal: Metal;
  readonly terminalC: TemperatureColumn;
  /** Column for the final ampacity: terminals and method together. */
  readonly columnC: TemperatureColumn;
  /** Column from which correction and adjustment start. */
  readonly startC: TemperatureColumn;
  readonly ambient: number;
  readonly adjustment: number;
}

/** Ampacities of one size, amperes. */
export interface SizeAmpacity {
  readonly columnA: number;
  readonly startA: number;
  readonly correctedA: number;
  /** The smaller of corrected and column ampacity. */
  readonly finalA: number;
}

/** Circuits up to this rating take the 60 °C column unless both ends are marked (110.14(C)(1)). */
const UNMARKED_60_UP_TO_A = 100;

/** The column that one termination allows, before the other end and the method have their say. */
const markColumn = (mark: TerminalMark, ocpdA: number): TemperatureColumn =>
  mark === 'unmarked' ? (ocpdA <= UNMARKED_60_UP_TO_A ? 60 : 75) : mark;

/** The column that the lower-rated of both terminations allows (110.14(C)). */
export const terminalColumn = (
  terminals: { readonly panel: TerminalMark; readonly load: TerminalMark },
  ocpdA: number,
): TemperatureColumn => {
  const panel = markColumn(terminals.panel, ocpdA);
  const load = markColumn(terminals.load, ocpdA);
  return panel < load ? panel : load;
};

/** The band of the ambient table that a temperature falls into, rounding up to the next band. */
export const ambientRow = (code: Edition, ambientC: number): AmbientRow | undefined => {
  for (const row of code.tables.ambient.rows) if (ambientC <= row.toC) return row;
  return undefined;
};

/** What is left of an ampacity where the table has no factor: none. */
const TOO_HOT = 0;

/** Correction for ambient; 0 where the insulation may not be used so hot (Table 310.15(B)(1)). */
export const ambientFactor = (code: Edition, ambientC: number, columnC: TemperatureColumn): number =>
  ambientRow(code, ambientC)?.[columnC] ?? TOO_HOT;

/** Adjustment for the number of current-carrying conductors together (Table 310.15(C)(1)). */
export const adjustmentFactor = (code: Edition, count: number): number => {
  for (const row of code.tables.adjustment.rows) if (row.to === null || count <= row.to) return row.factor;
  return 0;
};

/** The terms of one segment: columns by terminals and method, factors by place and neighbors. */
export function ampacityTerms(
  place: AmpacityPlace,
  metal: Metal,
  terminalC: TemperatureColumn,
  code: Edition,
): AmpacityTerms {
  const method = METHODS[place.method];
  const columnC = method.capC !== null && method.capC < terminalC ? method.capC : terminalC;
  const startC = isWet(place.place) ? method.startWetC : method.startDryC;
  return {
    metal,
    terminalC,
    columnC,
    startC,
    ambient: ambientFactor(code, place.ambientC, startC),
    adjustment: adjustmentFactor(code, place.currentCarrying),
  };
}

/** A size that the table does not have for a metal carries nothing. */
const NOT_IN_TABLE: SizeAmpacity = { columnA: 0, startA: 0, correctedA: 0, finalA: 0 };

/** Ampacity of one size under these terms; zero where the table has no such size. */
export function sizeAmpacity(size: WireSize, terms: AmpacityTerms, code: Edition): SizeAmpacity {
  const table = code.tables.ampacity[terms.metal];
  const columnA = table[terms.columnC][size];
  const startA = table[terms.startC][size];
  if (columnA === undefined || startA === undefined) return NOT_IN_TABLE;
  const correctedA = startA * terms.ambient * terms.adjustment;
  return { columnA, startA, correctedA, finalA: correctedA < columnA ? correctedA : columnA };
}
