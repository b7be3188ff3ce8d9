import type { LoadModel, OutletNeeds } from '../appliances/family';
import type { Site } from './siteSchema';
import type { Occupancy, Location } from '../code/locations';
import type { Environment } from '../code/methods';

/** What of the job bears on protection: the day of the permit and the kind of building. */
export interface JobSurvey {
  /** Day on which the permit was applied for, YYYY-MM-DD; null where it is not known yet. */
  readonly permitDate: string | null;
  readonly occupancy: Occupancy;
  /** Volts between the legs of the house. */
  readonly houseV: 208 | 240;
}

/** Shop practices that choose among legal forms of protection. */
export interface ProtectionPractices {
  readonly tubDevice: 'near' | 'panel';
  readonly groundFaultForm: 'device' | 'breaker';
}

/** Everything that the rules of protection, disconnects and receptacles read. */
export interface OutletFacts {
  readonly needs: OutletNeeds;
  readonly load: LoadModel;
  /** Whether its breaker stands in a spa panel near the load, which is its disconnect. */
  readonly fromSpaPanel: boolean;
  readonly ocpdA: number;
  readonly poles: 1 | 2 | 3;
  readonly location: Location;
  readonly site: Site;
  readonly survey: JobSurvey;
  readonly practices: ProtectionPractices;
  /** Length of the whole run, feet. */
  readonly runFt: number;
  /** Volts from a hot to ground. */
  readonly toGroundV: number;
}

const ROOM_OF_PLACE: Readonly<Record<Exclude<Environment, 'indoor'>, Location>> = {
  attic: 'attic',
  garage: 'garage',
  damp: 'damp',
  outdoor: 'outdoor',
  underground: 'outdoor',
  corrosive: 'damp',
};

/** The room of an outlet: as it was said, as the appliance always has it, or as the run ends. */
export const locationOf = (needs: OutletNeeds, site: Site, place: Environment): Location =>
  site.room ?? needs.fixedLocation ?? (place === 'indoor' ? needs.location : ROOM_OF_PLACE[place]);

/** Volts to ground of a dwelling's system: one leg of 120/240 V, 120/208 V or 480Y/277. */
export const voltsToGround = (volts: number): number => (volts > 250 ? 277 : Math.min(volts, 120));
