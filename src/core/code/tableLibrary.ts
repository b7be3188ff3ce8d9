import type { SectionKey } from './sections';
import type { CodeTable } from './tables/shapes';
import { adjustment } from './tables/adjustment';
import { ambient } from './tables/ambient';
import { ampacity } from './tables/ampacity';
import { bendRadius } from './tables/bendRadius';
import { burialCover } from './tables/burialCover';
import { cables } from './tables/cables';
import { clearances } from './tables/clearances';
import { conductorVolume } from './tables/conductorVolume';
import { conductors } from './tables/conductors';
import { configurations } from './tables/configurations';
import { dryerDemand } from './tables/dryerDemand';
import { dwellingService } from './tables/dwellingService';
import { electrodeConductor } from './tables/electrodeConductor';
import { equipmentGround } from './tables/equipmentGround';
import { fillLimits } from './tables/fillLimits';
import { gfciClasses } from './tables/gfciClasses';
import { impedance } from './tables/impedance';
import { insulated } from './tables/insulated';
import { knockouts } from './tables/knockouts';
import { metalBoxes } from './tables/metalBoxes';
import { motorProtection } from './tables/motorProtection';
import { motorSinglePhase } from './tables/motorSinglePhase';
import { motorThreePhase } from './tables/motorThreePhase';
import { raceways } from './tables/raceways';
import { rangeDemand } from './tables/rangeDemand';
import { receptacleRating } from './tables/receptacleRating';
import { rooftop } from './tables/rooftop';
import { smallConductor } from './tables/smallConductor';
import { standardOcpd } from './tables/standardOcpd';
import { supports } from './tables/supports';
import { torque } from './tables/torque';
import { welders } from './tables/welders';

interface LibraryEntry {
  readonly table: CodeTable;
  readonly cite: SectionKey;
}

/** Every table of the code that Pasture holds, with the section it stands in. */
export const tableLibrary: readonly LibraryEntry[] = [
  { table: ampacity, cite: 'conductor.ampacity' },
  { table: ambient, cite: 'conductor.ambient' },
  { table: adjustment, cite: 'conductor.adjustment' },
  { table: rooftop, cite: 'table.rooftop' },
  { table: dwellingService, cite: 'table.dwelling-service' },
  { table: standardOcpd, cite: 'breaker.standard' },
  { table: smallConductor, cite: 'breaker.small-conductor' },
  { table: equipmentGround, cite: 'ground.table' },
  { table: electrodeConductor, cite: 'table.electrode' },
  { table: conductors, cite: 'drop.direct' },
  { table: impedance, cite: 'drop.impedance' },
  { table: insulated, cite: 'raceway.conductor' },
  { table: raceways, cite: 'raceway.size' },
  { table: fillLimits, cite: 'raceway.fill' },
  { table: bendRadius, cite: 'table.bend-radius' },
  { table: cables, cite: 'table.cables' },
  { table: supports, cite: 'support.spacing' },
  { table: burialCover, cite: 'table.burial' },
  { table: conductorVolume, cite: 'table.conductor-volume' },
  { table: metalBoxes, cite: 'table.boxes' },
  { table: knockouts, cite: 'table.knockouts' },
  { table: motorSinglePhase, cite: 'table.motor-1' },
  { table: motorThreePhase, cite: 'table.motor-3' },
  { table: motorProtection, cite: 'table.motor-device' },
  { table: welders, cite: 'table.welder' },
  { table: rangeDemand, cite: 'table.range' },
  { table: dryerDemand, cite: 'table.dryer' },
  { table: receptacleRating, cite: 'table.receptacles' },
  { table: configurations, cite: 'table.configurations' },
  { table: gfciClasses, cite: 'table.gfci-class' },
  { table: torque, cite: 'table.torque' },
  { table: clearances, cite: 'table.clearance' },
];
