import type { WireSize } from '../units/wireSize';
import type { Location } from './locations';
import type { SectionKey } from './sections';

/** A figure of a rule that an edition or a place may set otherwise. */
export interface Parameter<T> {
  readonly value: T;
  readonly cite: SectionKey;
  readonly certain: boolean;
  /** Id of the amendment that set it, where one did. */
  readonly by?: string;
}

/** A figure that is taken as known. */
export const known = <T>(value: T, cite: SectionKey): Parameter<T> => ({ value, cite, certain: true });
/** A figure that is doubtful. */
export const believed = <T>(value: T, cite: SectionKey): Parameter<T> => ({ value, cite, certain: false });

/** Appliances whose outlet asks for GFCI protection whatever its place, by the name the rules give them. */
export type GroundFaultAppliances = readonly string[];

/** What a change of service asks for besides. */
export type ServiceTrigger = 'surge' | 'emergency' | 'electrode' | 'utility' | 'meter';

/** The rules' figures in the 2023 edition. */
export const parameters2023 = {
  /** Times the continuous load, for device and conductor. */
  continuousFactor: known<number>(1.25, 'breaker.continuous'),
  /** Smallest standard device, amperes. */
  smallestOcpd: known<number>(10, 'breaker.standard'),
  /** Smallest branch-circuit conductors. */
  smallestCopper: known<WireSize>('14', 'conductor.ampacity'),
  smallestAluminum: known<WireSize>('8', 'conductor.aluminum-terminals'),
  /** Whether a charger's restricted setting counts as its rating. */
  evSettingCounts: known<boolean>(true, 'load.ev-setting'),
  /** Whether receptacles for vehicles above 125 V / 50 A single phase need personnel protection as well. */
  evReceptacleGfciAll: known<boolean>(true, 'gfci.ev-receptacle'),
  /** Places in which a hardwired outlet of up to `hardwiredGfciA` needs protection. */
  hardwiredGfciPlaces: known<readonly Location[]>(
    ['outdoor', 'garage', 'accessory', 'boathouse'],
    'gfci.outdoor',
  ),
  hardwiredGfciA: known<number>(50, 'gfci.outdoor'),
  /** Up to this the outdoor rule is asked about, above `hardwiredGfciA`. */
  hardwiredGfciAskA: known<number>(50, 'gfci.outdoor'),
  /** Day until which heating and cooling equipment is exempt from the outdoor rule; `none` or `ask` without one. */
  hvacExemptUntil: known<string>('2026-09-01', 'gfci.outdoor'),
  /** Whether that exception is for variable speed only. */
  hvacExemptVariable: known<boolean>(false, 'gfci.outdoor'),
  /** Whether the rule of rooms reaches two-pole receptacles, and up to which rating. */
  roomGfciTwoPole: known<boolean>(true, 'gfci.place'),
  roomGfciMaxA: known<number>(Infinity, 'gfci.place'),
  /** Largest receptacle within 20 ft of water that is protected, and whether two-pole ones are. */
  poolZoneMaxA: known<number>(60, 'gfci.pool-zone'),
  poolZoneTwoPole: known<boolean>(true, 'gfci.pool-zone'),
  gfciFinishedBasement: known<boolean>(true, 'gfci.place'),
  gfciWholeKitchen: known<boolean>(true, 'gfci.place'),
  gfciIndoorDamp: known<boolean>(true, 'gfci.place'),
  /** Distance from a sink within which a receptacle is protected, feet. */
  gfciSinkFt: known<number>(6, 'gfci.place'),
  /** Distance from a tub or shower within which a receptacle is protected, feet. */
  gfciTubFt: known<number>(6, 'gfci.place'),
  gfciAppliances: known<GroundFaultAppliances>(
    [
      'vacuum',
      'water-cooler',
      'pressure-washer',
      'tire-inflator',
      'vending',
      'sump-pump',
      'dishwasher',
      'range',
      'dryer',
      'microwave',
    ],
    'gfci.appliance',
  ),
  /** Whether rooms ask for AFCI protection at all. */
  afciRooms: known<boolean>(true, 'afci.rooms'),
  /** Farthest that a disconnect counts as in sight, and least that one stands from pool or spa, feet. */
  inSightFt: known<number>(50, 'disconnect.motor'),
  /** Whether a pool pump whose motor is replaced has GFCI protection from then on. */
  pumpReplacedGfci: known<boolean>(true, 'gfci.pump-replaced'),
  /** Whether other equipment above the low-voltage contact limit keeps 5 ft from the water. */
  otherEquipmentFromWater: believed<boolean>(true, 'zone.equipment'),
  /** Least from the inside wall of pool, spa or tub to a receptacle, along the cord path, feet. */
  receptacleFromWaterFt: known<number>(6, 'zone.receptacle'),
  poolDisconnectFt: known<number>(5, 'disconnect.pool'),
  /** Largest charger without a disconnecting means of its own, amperes. */
  evDisconnectOverA: known<number>(60, 'disconnect.ev'),
  /** What each equipment ground in a box past four counts, as a share of one. */
  extraGroundShare: known<number>(0.25, 'table.conductor-volume'),
  /** Lighting and receptacles of a dwelling, volt-amperes a square foot. */
  dwellingVAPerFt2: known<number>(3, 'service.standard'),
  /** The least that a vehicle charger counts in the load of a service, volt-amperes. */
  evFloorVA: known<number>(7200, 'service.ev'),
  /** First block of the optional method, volt-amperes. */
  optionalFirstVA: known<number>(10000, 'service.optional'),
  /** What a new service brings with it (230.67, 230.85, 250.66, and the utility). */
  serviceTriggers: known<readonly ServiceTrigger[]>(
    ['surge', 'emergency', 'electrode', 'meter', 'utility'],
    'service.rating',
  ),
  /** Whether new service equipment of a dwelling has a surge-protective device. */
  serviceSurge: known<boolean>(true, 'service.surge'),
  /** Whether a new feeder to a dwelling or to another building of one has one at its end. */
  feederSurge: known<boolean>(true, 'feeder.surge'),
  /** Whether a single copper ring may lie under a paved surface around a pool. */
  ringUnderPavement: believed<boolean>(false, 'bond.loop'),
  /** Whether the text names a copper grid for the surface around a pool. */
  copperGridNamed: believed<boolean>(true, 'bond.loop'),
  /** Whether only surfaces from 3 ft above to 2 ft below the water are bonded around it. */
  perimeterHeightBand: believed<boolean>(true, 'bond.loop'),
  /** Whether a feeder to another building with a dwelling has an emergency disconnect outdoors. */
  buildingEmergency: known<boolean>(true, 'feeder.emergency'),
  /** Farthest that a receptacle stands from heating and cooling equipment, feet. */
  serviceOutletFt: known<number>(25, 'outlet.service'),
  /** Whether a further feeder may supply another building, its disconnects grouped (225.30(B)). */
  furtherFeeder: believed<boolean>(true, 'building.supply'),
  /** Whether a bare neutral of three wires may stay where it does not come from the service equipment. */
  bareNeutralFromSubpanel: believed<boolean>(true, 'existing.three-wire'),
  /** Bends allowed between pull points, degrees. */
  bendLimitDeg: known<number>(360, 'raceway.bends'),
};

/** Every parameter that a rule may ask for. */
export type Parameters = typeof parameters2023;
