import type { StationKind } from '../circuit/stations';
import type { RouteFitting, ShareKind } from '../code/routeKinds';
import type { BurialPlace } from '../code/burialPlaces';
import type { BendMark, BendTask } from '../route/bendMarks';
import { printNumber } from '../units/number';

/** What lies over a buried segment. */
export const burialName: Readonly<Record<BurialPlace, string>> = {
  yard: 'a yard',
  'under-slab': 'a 4 in slab',
  'under-concrete': 'a trench under 2 in of concrete',
  driveway: 'a driveway of the house',
  street: 'a street',
  'under-building': 'a building',
};

/** What stands at a station. */
export const stationName: Readonly<Record<StationKind, string>> = {
  panel: 'Panel',
  box: 'Box',
  'pull-box': 'Pull box',
  body: 'Conduit body',
  coupling: 'Coupling',
  disconnect: 'Disconnect',
  appliance: 'Appliance',
};

/** What circuits share. */
export const shareName: Readonly<Record<ShareKind, string>> = {
  raceway: 'one raceway',
  bundle: 'one bundle or hole',
  trench: 'one trench',
};

/** Fittings required, as it is asked for. */
export const fittingName: Readonly<Record<RouteFitting, string>> = {
  seal: 'Seal in the raceway',
  bushing: 'Bushing',
  plates: 'Steel plate',
  ribbon: 'Warning ribbon',
  expansion: 'Expansion fitting',
  riser: 'Guard on the riser',
  's-loop': 'S-loop for settling ground',
  'box-bond': 'Bonding jumper in the metal box',
};

/** What is bent. */
export const bendName: Readonly<Record<BendTask['kind'], string>> = {
  offset: 'Offset',
  kick: 'Kick',
  'saddle-3': '3-point saddle',
  'saddle-4': '4-point saddle',
  stub: 'Stub-up',
  'back-to-back': 'Back to back',
};

/** Which mark it is. */
export const markName: Readonly<Record<BendMark['what'], string>> = {
  first: 'first bend',
  second: 'second bend, back',
  third: 'third bend, down',
  fourth: 'fourth bend, level',
  center: 'center',
  outer: 'outer bend',
  stub: 'at the bender’s arrow',
  back: 'at the bender’s star',
  kick: 'kick',
};

const SIXTEENTHS = 16;

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

/** Inches to the nearest sixteenth as a tape has them: "13-5/8 in". */
export function tapeInches(inches: number): string {
  const parts = Math.round(Math.abs(inches) * SIXTEENTHS);
  const whole = Math.floor(parts / SIXTEENTHS);
  const rest = parts % SIXTEENTHS;
  const sign = inches < 0 && parts > 0 ? '-' : '';
  if (rest === 0) return `${sign}${whole} in`;
  const common = divisor(rest, SIXTEENTHS);
  const fraction = `${rest / common}/${SIXTEENTHS / common}`;
  return `${sign}${whole > 0 ? `${whole}-` : ''}${fraction} in`;
}

/** Cubic inches: "22.5 in³". */
export const inCubicInches = (in3: number): string => `${printNumber(in3)} in³`;
