import type { RACEWAY_TYPES } from '../racewayTypes';
import type { TradeSize } from '../../units/tradeSize';
import type { Metal, WireSize } from '../../units/wireSize';

/** How far a table may be trusted: not yet compared with the printed code, sure in part, or sure. */
type Certainty = 'sure' | 'partly' | 'unsure';

/** What every table has. */
export interface CodeTable {
  readonly id: string;
  readonly title: string;
  readonly certainty: Certainty;
}

/** Columns of the ampacity table, °C of the insulation or terminal. */
export type TemperatureColumn = 60 | 75 | 90;

/** Something for some sizes of conductor. */
export type BySize<T> = Readonly<Partial<Record<WireSize, T>>>;
/** Something for some trade sizes. */
export type ByTrade<T> = Readonly<Partial<Record<TradeSize, T>>>;

/** Amperes by metal, column and size. */
export type AmpacityTable = CodeTable &
  Readonly<Record<Metal, Readonly<Record<TemperatureColumn, BySize<number>>>>>;

/** One band of ambient temperature; null where the insulation may not be used. */
export type AmbientRow = Readonly<Record<TemperatureColumn, number | null>> & {
  readonly fromC: number | null;
  readonly toC: number;
};
/** Correction factors by band of ambient. */
export interface AmbientTable extends CodeTable {
  readonly rows: readonly AmbientRow[];
}

/** Adjustment factors by number of current-carrying conductors. */
export interface AdjustmentTable extends CodeTable {
  readonly rows: readonly { readonly from: number; readonly to: number | null; readonly factor: number }[];
}

/** Standard ratings of overcurrent devices, amperes. */
export interface StandardOcpdTable extends CodeTable {
  readonly ratings: readonly number[];
  readonly fuseExtras: readonly number[];
}

/** Largest device for small conductors, amperes. */
export interface SmallConductorTable extends CodeTable {
  readonly cu: Readonly<Record<string, number>>;
  readonly al: Readonly<Record<string, number>>;
  readonly cca: Readonly<Record<string, number>>;
}

/** Smallest equipment ground by device. */
export interface EquipmentGroundTable extends CodeTable {
  readonly rows: readonly { readonly ocpd: number; readonly cu: WireSize; readonly al: WireSize }[];
}

interface ConductorRow {
  readonly cmil: number;
  readonly strands: number;
  readonly cuOhmPerKft: number;
  readonly alOhmPerKft: number;
  readonly diameterIn: number;
  readonly bareAreaIn2: number;
}
/** Areas and direct-current resistances by size. */
export interface ConductorTable extends CodeTable {
  readonly rows: Readonly<Record<WireSize, ConductorRow>>;
}

/** What surrounds the conductors, for their reactance and resistance. */
export type Surround = 'pvc' | 'aluminum' | 'steel';

interface ImpedanceRow {
  readonly xPvcAl: number;
  readonly xSteel: number;
  readonly cu: Readonly<Record<Surround, number | null>>;
  readonly al: Readonly<Record<Surround, number | null>>;
}
/** Alternating-current resistance and reactance by size. */
export interface ImpedanceTable extends CodeTable {
  readonly rows: BySize<ImpedanceRow>;
}

/** Insulations with dimensions of their own. */
export type Insulation = 'THWN-2' | 'XHHW-2' | 'RHW-2' | 'RHW-2 no cover';
/** Dimensions of insulated conductors. */
export interface InsulatedTable extends CodeTable {
  readonly types: Readonly<
    Record<Insulation, BySize<{ readonly diameterIn: number; readonly areaIn2: number }>>
  >;
}

/** Raceways with inside areas of their own. */
export type RacewayType = (typeof RACEWAY_TYPES)[number];
/** Inside of one trade size: inches and square inches. */
export interface RacewaySize {
  readonly insideIn: number;
  readonly area100: number;
  readonly area60: number;
  readonly area53: number;
  readonly area40: number;
  readonly area31: number;
}
/** Insides of raceways by type and trade size. */
export interface RacewayTable extends CodeTable {
  readonly types: Readonly<Record<RacewayType, ByTrade<RacewaySize>>>;
}

/** Shares of a raceway that conductors may fill. */
export interface FillLimitTable extends CodeTable {
  readonly one: number;
  readonly two: number;
  readonly overTwo: number;
  readonly nipple: number;
}

/** Receptacle and plug configurations. */
export interface ConfigurationTable extends CodeTable {
  readonly rows: readonly {
    readonly config: string;
    readonly poles: number;
    readonly wires: number;
    readonly volts: string;
    readonly amps: number;
    readonly locking: boolean;
    readonly neutral: boolean;
    readonly ground: boolean;
  }[];
}

/** Methods as the support table tells them apart. */
export type SupportKind =
  | 'NM'
  | 'UF'
  | 'MC'
  | 'SER'
  | 'EMT'
  | 'PVC'
  | 'RMC'
  | 'IMC'
  | 'FMC'
  | 'LFMC'
  | 'LFNC'
  | 'ENT';
/** Distances of supports, inches. */
export interface SupportTable extends CodeTable {
  readonly rows: Readonly<
    Record<SupportKind, { readonly withinIn: number; readonly spacingIn: number | ByTrade<number> }>
  >;
}

/** Cables with dimensions of their own. */
export type CableType = 'NM-B' | 'UF-B' | 'SER';
/** Dimensions of cables and their grounds. */
export interface CableTable extends CodeTable {
  readonly types: Readonly<
    Record<
      CableType,
      Readonly<
        Record<
          string,
          { readonly widthIn: number | null; readonly heightIn: number | null; readonly egc: WireSize }
        >
      >
    >
  >;
}

type TablePart =
  | string
  | number
  | boolean
  | null
  | readonly TablePart[]
  | { readonly [name: string]: TablePart };

/** A table that no rule reads yet: kept whole, with its figures as they stand in the code. */
export interface ReferenceTable extends CodeTable {
  readonly [part: string]: TablePart;
}

/** Conductors of a dwelling's service or main feeder by its rating in amperes (310.12). */
export interface DwellingServiceTable extends ReferenceTable {
  readonly rows: Readonly<Record<number, { readonly cu: WireSize; readonly al: WireSize }>>;
  readonly factor: number;
}

/** Which receptacles may be on a circuit of several, and the largest load of a cord on each, amperes (210.21(B)). */
export interface ReceptacleRatingTable extends ReferenceTable {
  readonly allowed: Readonly<Record<number, readonly number[]>>;
  readonly largestCordLoad: Readonly<Record<number, number>>;
}

/** Smallest radius of a field bend by trade size, inches (Chapter 9 Table 2). */
export interface BendRadiusTable extends ReferenceTable {
  readonly rows: Readonly<Record<TradeSize, { readonly oneShotIn: number; readonly otherIn: number }>>;
}
