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

const sure = <T>(value: T, cite: SectionKey): Parameter<T> => ({ value, cite, certain: true });
const unsure = <T>(value: T, cite: SectionKey): Parameter<T> => ({ value, cite, certain: false });

/** Appliances whose outlet asks for ground-fault protection whatever its place, by the name the rules give them. */
type GroundFaultAppliances = readonly string[];

/** The rules' figures in the 2023 edition. */
export const parameters2023 = {
  /** Times the continuous load, for device and conductor. */
  continuousFactor: sure<number>(1.25, 'breaker.continuous'),
  /** Smallest standard device, amperes. */
  smallestOcpd: sure<number>(10, 'breaker.standard'),
  /** Smallest branch-circuit conductors. */
  smallestCopper: sure<WireSize>('14', 'conductor.ampacity'),
  smallestAluminum: sure<WireSize>('8', 'conductor.aluminum-terminals'),
  /** Whether a charger's restricted setting counts as its rating. */
  evSettingCounts: sure<boolean>(true, 'load.ev-setting'),
  /** Whether receptacles for vehicles above 125 V / 50 A single phase need personnel protection as well. */
  evReceptacleGfciAll: sure<boolean>(true, 'gfci.ev-receptacle'),
  /** Places in which a hard-wired outlet of up to `hardwiredGfciA` needs protection. */
  hardwiredGfciPlaces: sure<readonly Location[]>(
    ['outdoor', 'garage', 'accessory', 'boathouse'],
    'gfci.outdoor',
  ),
  hardwiredGfciA: sure<number>(50, 'gfci.outdoor'),
  /** Up to this the outdoor rule is asked about, above `hardwiredGfciA`. */
  hardwiredGfciAskA: sure<number>(50, 'gfci.outdoor'),
  /** Day until which heating and cooling equipment is exempt from the outdoor rule; `none` or `ask` without one. */
  hvacExemptUntil: sure<string>('2026-09-01', 'gfci.outdoor'),
  /** Whether that exception is for variable speed only. */
  hvacExemptVariable: sure<boolean>(false, 'gfci.outdoor'),
  /** Whether the rule of rooms reaches two-pole receptacles, and up to which rating. */
  roomGfciTwoPole: sure<boolean>(true, 'gfci.place'),
  roomGfciMaxA: sure<number>(60, 'gfci.place'),
  gfciFinishedBasement: sure<boolean>(true, 'gfci.place'),
  gfciWholeKitchen: sure<boolean>(true, 'gfci.place'),
  gfciIndoorDamp: sure<boolean>(true, 'gfci.place'),
  /** Distance from a sink, tub or shower within which a receptacle is protected, feet. */
  gfciSinkFt: sure<number>(6, 'gfci.place'),
  gfciAppliances: sure<GroundFaultAppliances>(
    ['dishwasher', 'sump-pump', 'range', 'dryer'],
    'gfci.appliance',
  ),
  /** Whether rooms ask for arc-fault protection at all. */
  afciRooms: sure<boolean>(true, 'afci.rooms'),
  /** Farthest that a disconnect counts as in sight, and least that one stands from pool or spa, feet. */
  inSightFt: sure<number>(50, 'disconnect.motor'),
  poolDisconnectFt: sure<number>(5, 'disconnect.pool'),
  /** Largest charger without a disconnecting means of its own, amperes. */
  evDisconnectOverA: sure<number>(60, 'disconnect.ev'),
  /** What each equipment ground in a box past four counts, as a share of one. */
  extraGroundShare: sure<number>(0.25, 'table.conductor-volume'),
  /** Lighting and receptacles of a dwelling, volt-amperes a square foot. */
  dwellingVAPerFt2: sure<number>(3, 'service.standard'),
  /** The least that a vehicle charger counts in the load of a service, volt-amperes. */
  evFloorVA: sure<number>(7200, 'service.ev'),
  /** First block of the optional method, volt-amperes. */
  optionalFirstVA: sure<number>(10000, 'service.optional'),
  /** Bends allowed between pull points, degrees. */
  bendLimitDeg: sure<number>(360, 'raceway.bends'),
};

/** Every parameter that a rule may ask for. */
export type Parameters = typeof parameters2023;

/** What 2017 sets otherwise. */
export const parametersChanged2017: Partial<Parameters> = {
  smallestOcpd: sure<number>(15, 'breaker.standard'),
  evSettingCounts: unsure<boolean>(false, 'load.ev-setting'),
  evReceptacleGfciAll: sure<boolean>(false, 'gfci.ev-receptacle'),
  hardwiredGfciPlaces: sure<readonly Location[]>([], 'gfci.outdoor'),
  hvacExemptUntil: sure<string>('none', 'gfci.outdoor'),
  roomGfciTwoPole: sure<boolean>(false, 'gfci.place'),
  roomGfciMaxA: sure<number>(20, 'gfci.place'),
  extraGroundShare: sure<number>(0, 'table.conductor-volume'),
  evFloorVA: sure<number>(0, 'service.ev'),
  gfciFinishedBasement: sure<boolean>(false, 'gfci.place'),
  gfciWholeKitchen: sure<boolean>(false, 'gfci.place'),
  gfciIndoorDamp: sure<boolean>(false, 'gfci.place'),
  gfciAppliances: sure<GroundFaultAppliances>(['dishwasher'], 'gfci.appliance'),
};

/** What 2020 sets otherwise. */
export const parametersChanged2020: Partial<Parameters> = {
  smallestOcpd: sure<number>(15, 'breaker.standard'),
  hardwiredGfciPlaces: sure<readonly Location[]>(['outdoor'], 'gfci.outdoor'),
  evFloorVA: sure<number>(0, 'service.ev'),
  hvacExemptUntil: unsure<string>('2023-01-01', 'gfci.outdoor'),
  hvacExemptVariable: unsure<boolean>(true, 'gfci.outdoor'),
  gfciWholeKitchen: sure<boolean>(false, 'gfci.place'),
  gfciAppliances: sure<GroundFaultAppliances>(['dishwasher', 'sump-pump'], 'gfci.appliance'),
};

/** What 2026 is believed to set otherwise. */
export const parametersChanged2026: Partial<Parameters> = {
  hardwiredGfciAskA: unsure<number>(60, 'gfci.outdoor'),
  hvacExemptUntil: unsure<string>('ask', 'gfci.outdoor'),
  dwellingVAPerFt2: unsure<number>(3, 'service.standard'),
  evFloorVA: unsure<number>(7200, 'service.ev'),
  optionalFirstVA: unsure<number>(10000, 'service.optional'),
};
