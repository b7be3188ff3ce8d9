import type { Edition } from '../code/edition';
import type { SectionKey } from '../code/sections';
import type { WaterKind } from '../code/waterFacts';

/** What stands near the water. */
export const ZONE_OBJECTS = [
  'receptacle',
  'pump-receptacle',
  'switch',
  'luminaire',
  'fan',
  'disconnect',
  'outlet',
  'junction-box',
  'equipment',
  'cover-motor',
] as const;
/** What stands near the water. */
export type ZoneObject = (typeof ZONE_OBJECTS)[number];

/** An object near the water as it was measured. */
export interface Measured {
  readonly water: WaterKind;
  readonly object: ZoneObject;
  /** Straight, horizontal, to the nearest inside wall, feet; nothing above the water. */
  readonly distanceFt: number;
  /** Along the way that a cord or a hand takes; null where there is none. */
  readonly pathFt: number | null;
  /** Above the maximum water level; taken at the level until it was measured. */
  readonly heightFt?: number | undefined;
  /** Above the deck or ground on which it stands; undefined where that was not looked at. */
  readonly aboveSurfaceFt?: number | undefined;
  /** Whether it has GFCI protection; undefined until somebody looked. */
  readonly gfci?: boolean | undefined;
  readonly existing?: boolean | undefined;
  /** Whether it is rigidly attached to the structure. */
  readonly rigid?: boolean | undefined;
  /** Whether the water lies in a building. */
  readonly indoors?: boolean | undefined;
  /** Whether it is totally enclosed, or identified for under a ceiling structure. */
  readonly enclosed?: boolean | undefined;
  /** Listed, without a ground, at most at the low-voltage contact limit, its supply to 680.23(A)(2). */
  readonly lowVoltage?: boolean | undefined;
  /** Whether a wall, a cover or another permanent barrier keeps hands from it. */
  readonly barrier?: boolean | undefined;
}

/** How an object stands in its zone. */
export interface ZoneVerdict {
  readonly ok: boolean;
  /** Whether it stands far enough and high enough, whatever protects it. */
  readonly far: boolean;
  /** The least distance that is required; null where none is. */
  readonly leastFt: number | null;
  readonly gfciRequired: boolean | 'ask';
  readonly section: SectionKey;
  /** Which of the two distances was read. */
  readonly read: 'path' | 'straight';
}

/** What a rule says before the GFCI that was seen is compared with it. */
type Ruled = Omit<ZoneVerdict, 'ok'>;

/** A distance that is measured to 5.0 ft stands for 5 ft. */
const SLACK_FT = 1e-6;
const isFar = (ft: number | null, leastFt: number): boolean => ft === null || ft >= leastFt - SLACK_FT;
const within = (ft: number | null, maxFt: number): boolean => ft !== null && ft <= maxFt + SLACK_FT;

const RECEPTACLE_GFCI_FT = 20;
const SPA_INDOOR_GFCI_FT = 10;
const REACH_FT = 5;
const OTHER_OUTLET_FT = 10;
const BOX_FT = 4;
/** The box of an underwater light lies this far above the maximum water level: 8 in. */
const BOX_HEIGHT_FT = 8 / 12;
const BOX_OFF_DECK_FT = 4 / 12;

/** The rule of a receptacle: that of its distance, or once it is far enough that of its protection. */
function sectionOf(water: WaterKind, pump: boolean, protect: boolean): SectionKey {
  if (water === 'storable') return 'zone.storable';
  if (water === 'spa-indoor') return 'zone.receptacle-indoors';
  if (pump) return 'zone.receptacle-pump';
  return protect ? 'zone.receptacle-gfci' : 'zone.receptacle';
}

/** A receptacle, 680.22(A)(3) and (4), 680.34, 680.43(A): GFCI cures no distance. */
function receptacle({ water, pathFt, object }: Measured, code: Edition): Ruled {
  const leastFt = code.parameters.receptacleFromWaterFt.value;
  const pump = object === 'pump-receptacle';
  const protectTo = water === 'spa-indoor' ? SPA_INDOOR_GFCI_FT : RECEPTACLE_GFCI_FT;
  const far = isFar(pathFt, leastFt);
  const gfciRequired = pump || within(pathFt, protectTo);
  return {
    far,
    leastFt,
    gfciRequired,
    section: sectionOf(water, pump, far && gfciRequired),
    read: 'path',
  };
}

/** What only has to be out of reach: switches, disconnects, other outlets. */
const outOfReach =
  (leastFt: number, section: SectionKey, indoors: SectionKey) =>
  ({ water, pathFt }: Measured): Ruled => ({
    far: isFar(pathFt, leastFt),
    leastFt,
    gfciRequired: false,
    section: water === 'spa-indoor' ? indoors : section,
    read: 'path',
  });

/** The box of an underwater light: 4 ft away, 8 in above the water and 4 in above the deck (680.24(A)(2)). */
function junctionBox({ pathFt, heightFt = 0, aboveSurfaceFt = Infinity }: Measured): Ruled {
  const high = heightFt >= BOX_HEIGHT_FT - SLACK_FT && aboveSurfaceFt >= BOX_OFF_DECK_FT - SLACK_FT;
  return {
    far: isFar(pathFt, BOX_FT) && high,
    leastFt: BOX_FT,
    gfciRequired: false,
    section: 'zone.box',
    read: 'path',
  };
}

const NEAR_FT = 5;
const BAND_FT = 10;
const CLEAR_FT = 12;
const PROTECTED_CLEAR_FT = 7.5;
const LOW_FT = 5;

/** A luminaire or fan over the water or beside it (680.22(B)). */
function overWater(measured: Measured): Ruled {
  const { object, distanceFt, heightFt = 0, existing = false, rigid = false } = measured;
  const about = { section: 'zone.luminaire', read: 'straight' } as const;
  if (object === 'luminaire' && measured.lowVoltage === true)
    return { ...about, far: true, leastFt: null, gfciRequired: false };
  if (distanceFt < NEAR_FT - SLACK_FT) {
    const stays = existing && rigid && heightFt >= LOW_FT;
    // Over an indoor pool an enclosed one with GFCI may hang at 7 ft 6 in (680.22(B)(2)).
    const relieved =
      measured.indoors === true &&
      measured.enclosed === true &&
      measured.gfci === true &&
      heightFt >= PROTECTED_CLEAR_FT;
    const far = heightFt >= CLEAR_FT || stays || relieved;
    return { ...about, far, leastFt: far ? null : NEAR_FT, gfciRequired: heightFt < CLEAR_FT };
  }
  const band = distanceFt < BAND_FT - SLACK_FT && !(rigid && heightFt >= LOW_FT);
  return { ...about, far: true, leastFt: null, gfciRequired: band };
}

/** The same over an indoor spa: with GFCI it may hang at 7 ft 6 in (680.43(B)). */
function overSpa({ distanceFt, heightFt = 0 }: Measured): Ruled {
  const near = distanceFt < NEAR_FT - SLACK_FT;
  const far = !near || heightFt >= PROTECTED_CLEAR_FT;
  return {
    far,
    leastFt: far ? null : NEAR_FT,
    gfciRequired: near && heightFt < CLEAR_FT,
    section: 'zone.spa-luminaire',
    read: 'straight',
  };
}

/**
 * Whether equipment above the low-voltage contact limit is within reach of the water, no permanent barrier between. Part
 * II asks it: a storable pool has none of it (680.30).
 */
export const isWithinReach = ({
  water,
  pathFt,
  barrier = false,
  lowVoltage = false,
}: Pick<Measured, 'water' | 'pathFt' | 'barrier' | 'lowVoltage'>): boolean =>
  !lowVoltage && !barrier && water !== 'storable' && !isFar(pathFt, REACH_FT);

/** What runs above the low-voltage contact limit, out of reach or behind a permanent barrier (680.22(E), 680.27(B)). */
const behindBarrier =
  (section: SectionKey, protects: boolean, applies: (code: Edition) => boolean) =>
  (measured: Measured, code: Edition): Ruled => ({
    far: !applies(code) || !isWithinReach(measured),
    leastFt: REACH_FT,
    gfciRequired: protects && measured.lowVoltage !== true,
    section,
    read: 'path',
  });

const light = (measured: Measured): Ruled =>
  measured.water === 'spa-indoor' ? overSpa(measured) : overWater(measured);

const RULES: Readonly<Record<ZoneObject, (measured: Measured, code: Edition) => Ruled>> = {
  receptacle,
  'pump-receptacle': receptacle,
  switch: outOfReach(REACH_FT, 'zone.switch', 'zone.spa-switch'),
  disconnect: outOfReach(REACH_FT, 'zone.disconnect', 'zone.disconnect'),
  outlet: outOfReach(OTHER_OUTLET_FT, 'zone.outlet', 'zone.outlet'),
  luminaire: light,
  fan: light,
  'junction-box': junctionBox,
  equipment: behindBarrier(
    'zone.equipment',
    false,
    ({ parameters }) => parameters.otherEquipmentFromWater.value,
  ),
  'cover-motor': behindBarrier('zone.cover-motor', true, () => true),
};

/**
 * How an object stands in its zone around the water: far enough by the distance that its rule reads, and whether GFCI
 * protection is required. What lacks a required GFCI is not well placed. 680.13, 680.22, 680.24, 680.34, 680.43.
 */
export function zoneVerdict(measured: Measured, code: Edition): ZoneVerdict {
  const ruled = RULES[measured.object](measured, code);
  return { ...ruled, ok: ruled.far && !(ruled.gfciRequired === true && measured.gfci === false) };
}
