import { adjustment } from './tables/adjustment';
import { ambient } from './tables/ambient';
import { ampacity } from './tables/ampacity';
import { bendRadius } from './tables/bendRadius';
import { cables } from './tables/cables';
import { conductors } from './tables/conductors';
import { configurations } from './tables/configurations';
import { burialCover } from './tables/burialCover';
import { conductorVolume } from './tables/conductorVolume';
import { dryerDemand } from './tables/dryerDemand';
import { dwellingService } from './tables/dwellingService';
import { equipmentGround } from './tables/equipmentGround';
import { fillLimits } from './tables/fillLimits';
import { impedance } from './tables/impedance';
import { insulated } from './tables/insulated';
import { motorProtection } from './tables/motorProtection';
import { motorSinglePhase } from './tables/motorSinglePhase';
import { motorThreePhase } from './tables/motorThreePhase';
import { rangeDemand } from './tables/rangeDemand';
import { raceways } from './tables/raceways';
import { receptacleRating } from './tables/receptacleRating';
import { smallConductor } from './tables/smallConductor';
import { standardOcpd } from './tables/standardOcpd';
import { supports } from './tables/supports';
import { torque } from './tables/torque';
import { welders } from './tables/welders';

/** The tables that rules read. An edition may put another in the place of one of them. */
export const baseTables = {
  ampacity,
  ambient,
  adjustment,
  standardOcpd,
  smallConductor,
  equipmentGround,
  conductors,
  impedance,
  insulated,
  raceways,
  fillLimits,
  cables,
  supports,
  configurations,
  motorSinglePhase,
  motorThreePhase,
  motorProtection,
  welders,
  rangeDemand,
  dryerDemand,
  burialCover,
  conductorVolume,
  torque,
  dwellingService,
  receptacleRating,
  bendRadius,
};

/** The tables that rules read. */
export type Tables = typeof baseTables;
/** Name of a table that rules read. */
export type TableKey = keyof Tables;

/** The cell of a table that a step read. */
export interface CellRead {
  readonly table: TableKey;
  readonly row: string;
  readonly column: string;
}
