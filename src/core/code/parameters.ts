import type { WireSize } from '../units/wireSize';
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

/** Which outdoor-type outlets ask for ground-fault protection even when hard-wired. */
export type HardwiredGfciPlaces = readonly ('outdoor' | 'garage' | 'underground')[];

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
  hardwiredGfciPlaces: sure<HardwiredGfciPlaces>(['outdoor', 'garage'], 'gfci.outdoor'),
  hardwiredGfciA: sure<number>(50, 'gfci.outdoor'),
  /** Largest charger without a disconnecting means of its own, amperes. */
  evDisconnectOverA: sure<number>(60, 'disconnect.ev'),
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
  hardwiredGfciPlaces: sure<HardwiredGfciPlaces>([], 'gfci.outdoor'),
};

/** What 2020 sets otherwise. */
export const parametersChanged2020: Partial<Parameters> = {
  smallestOcpd: sure<number>(15, 'breaker.standard'),
  hardwiredGfciPlaces: sure<HardwiredGfciPlaces>(['outdoor'], 'gfci.outdoor'),
};

/** What 2026 is believed to set otherwise. */
export const parametersChanged2026: Partial<Parameters> = {
  hardwiredGfciA: unsure<number>(60, 'gfci.outdoor'),
};
