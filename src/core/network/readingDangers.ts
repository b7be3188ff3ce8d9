import { nth } from '../units/nth';
import { READING_DANGERS, type ReadingDangerCode } from '../code/readingDangerCodes';
import { jointHeats } from './jointHeats';
import type { Meter } from './meter';
import type { Network, Pair } from './network';
import type { Reading } from './diagnose';
import type { Outlet, OutletReadings } from './outletFault';

/** A danger with the station at which it was read; null at an outlet. None found never means safe. */
export interface ReadingDanger {
  readonly code: ReadingDangerCode;
  readonly at: string | null;
}

/** Near nothing: under so many volts. */
const NEAR_ZERO_V = 3;
/** A neutral this far from ground, volts, is taken for live. */
const FELT_V = 30;
/** Near 120 V. */
const LEG_V = { least: 100, most: 140 } as const;
/** Line-to-line volts of a house, and how far off a reading of them may be, as a share. */
const LINE_TO_LINE_V = [240, 208] as const;
const LINE_SHARE = 0.15;
/** Volts of a leg to neutral that any service may have. */
export const SERVICE_LEG_V = { least: 110, most: 127 } as const;
/** Legs further apart than this have lost their neutral, if what feeds them is not apart itself. */
const LEGS_APART_V = 9;
const SOURCE_APART_V = 6;

/** What was read at one place in one state. */
type Read = OutletReadings;

const isNearZero = (volts: number | undefined): boolean => volts !== undefined && volts < NEAR_ZERO_V;
const isNearLeg = (volts: number | undefined): boolean =>
  volts !== undefined && volts >= LEG_V.least && volts <= LEG_V.most;
const isLineToLine = (volts: number | undefined): boolean =>
  volts !== undefined && LINE_TO_LINE_V.some((line) => Math.abs(volts - line) <= LINE_SHARE * line);
const apart = (a: number | undefined, b: number | undefined): number | null =>
  a === undefined || b === undefined ? null : Math.abs(a - b);

/** Each hot with its readings to ground, to the neutral, and that of the other hot to ground. */
const legsOf = ({ L1G, L2G, L1N, L2N }: Read) =>
  [
    { toGround: L1G, toNeutral: L1N, other: L2G },
    { toGround: L2G, toNeutral: L2N, other: L1G },
  ] as const;

/**
 * One leg reads nothing to ground though it is live, and nothing tells an open ground from a frame on that leg: neither
 * the neutral nor the other leg was read against the ground.
 */
function isUndecided(read: Read): boolean {
  return legsOf(read).some(
    ({ toGround, toNeutral, other }) =>
      isNearZero(toGround) &&
      read.NG === undefined &&
      other === undefined &&
      (isNearLeg(toNeutral) || isLineToLine(read.L1L2)),
  );
}

/** Metal that is grounded here may be live: the neutral is far from the ground, or a leg has the volts of both against it. */
function isLiveMetal(read: Read): boolean {
  if (read.NG !== undefined && read.NG > FELT_V) return true;
  const hasTwoLegs = read.L2G !== undefined || read.L1L2 !== undefined;
  const isOnLeg = hasTwoLegs && [read.L1G, read.L2G].some(isLineToLine);
  return isOnLeg || isUndecided(read);
}

/** Nothing reads to ground though a hot is live; or, by a high impedance, both ends read about half of it. */
function isGroundOpen(read: Read, meter: Meter | undefined): boolean {
  const { L1G, L2G, L1N, L1L2, NG } = read;
  const toGround = [L1G, L2G].filter((volts) => volts !== undefined);
  const isLive = isLineToLine(L1L2) || isNearLeg(L1N) || isNearLeg(read.L2N);
  const isNothing = toGround.every(isNearZero) && (NG === undefined || isNearZero(NG));
  if (toGround.length > 0 && isNothing && isLive) return true;
  if (meter === 'low-z' || L1N === undefined || L1G === undefined || NG === undefined || L2G !== undefined)
    return false;
  const isShared = Math.abs(L1G + NG - L1N) <= LINE_SHARE * L1N;
  return isNearLeg(L1N) && isShared && L1G > FELT_V && NG > FELT_V;
}

/** The legs share what is between them by their loads: the neutral that held them apart is gone. */
function isNeutralLost(read: Read, sourceApart: number | null): boolean {
  const { L1N, L2N, L1L2, L1G, L2G } = read;
  if (L1N === undefined || L2N === undefined || Math.abs(L1N - L2N) <= LEGS_APART_V) return false;
  const isOutside = [L1N, L2N].some((volts) => volts < SERVICE_LEG_V.least || volts > SERVICE_LEG_V.most);
  if (!isOutside) return false;
  const isSourceWhole = sourceApart === null || sourceApart < SOURCE_APART_V;
  // A leg that is lost is apart from the other too; but then both together are not what is between them.
  const isShared = L1N + L2N >= (1 - LINE_SHARE) * (L1L2 ?? 2 * SERVICE_LEG_V.most);
  if (L1G === undefined || L2G === undefined) return isSourceWhole && isShared;
  // A hot joint that drops moves its leg to ground as much as to neutral.
  const byNeutral = Math.abs(L1N - L2N - (L1G - L2G));
  return Math.abs(L1G - L2G) < SOURCE_APART_V || (isSourceWhole && isShared && byNeutral > LEGS_APART_V);
}

/** The legs are apart where the circuit begins, and the neutral still lies on the ground there. */
function isNeutralLostAhead({ L1N, L2N, NG }: Read): boolean {
  const legs = apart(L1N, L2N);
  return legs !== null && legs > SOURCE_APART_V && (NG === undefined || isNearZero(NG));
}

/**
 * What is dangerous about the volts of an outlet, whatever explains them.
 *
 * @param meter - Left out where it is not known: what either tester would show is told.
 * @returns In the order of `READING_DANGERS`. None found never means safe.
 */
export function outletDangers(
  outlet: Outlet,
  readings: OutletReadings,
  meter: Meter | undefined,
): readonly ReadingDanger[] {
  const found: Readonly<Record<ReadingDangerCode, boolean>> = {
    'live-metal': isLiveMetal(readings),
    'neutral-lost': outlet === '120/240' && isNeutralLost(readings, null),
    // Where a circuit begins is not an outlet.
    'neutral-lost-ahead': false,
    'second-hot': outlet === '240' && isNearLeg(readings.L1L2),
    // What an outlet feeds is not known, so no current is.
    'joint-heats': false,
    'ground-open': isGroundOpen(readings, meter),
  };
  return READING_DANGERS.filter((code) => found[code]).map((code) => ({ code, at: null }));
}

/** Readings by station and state of the loads. */
function byPlace(readings: readonly Reading[]): readonly { readonly at: string; readonly read: Read }[] {
  const places = new Map<string, { at: string; read: Partial<Record<Pair, number>> }>();
  for (const { at, pair, on, volts } of readings) {
    const key = `${at} ${String(on)}`;
    const place = places.get(key) ?? { at, read: {} };
    places.set(key, place);
    place.read[pair] = volts;
  }
  return [...places.values()];
}

/** What feeds the legs: as it was read where the circuit begins, else as it is said. */
function sourceApartOf({ conductors, supply }: Network, places: ReturnType<typeof byPlace>): number | null {
  const first = places.find(({ at, read }) => at === 'A' && apart(read.L1N, read.L2N) !== null);
  if (first !== undefined) return apart(first.read.L1N, first.read.L2N);
  const [one, two] = [conductors.indexOf('L1'), conductors.indexOf('L2')];
  return two < 0 ? null : Math.abs(Math.abs(nth(supply, one)) - Math.abs(nth(supply, two)));
}

/**
 * What is dangerous about the volts of a circuit, station by station, whatever explains them.
 *
 * @param meter - A high-impedance tester shows an open ground by half of the volts.
 * @returns Each danger once a station, in the order of `READING_DANGERS`. None found never means safe.
 */
export function networkDangers(
  network: Network,
  readings: readonly Reading[],
  meter: Meter | undefined,
): readonly ReadingDanger[] {
  const places = byPlace(readings);
  const sourceApart = sourceApartOf(network, places);
  const tests: Readonly<Partial<Record<ReadingDangerCode, (read: Read, at: string) => boolean>>> = {
    'live-metal': isLiveMetal,
    'neutral-lost': (read) => isNeutralLost(read, sourceApart),
    'neutral-lost-ahead': (read, at) => at === 'A' && isNeutralLostAhead(read),
    'ground-open': (read) => isGroundOpen(read, meter),
  };
  const heats = new Set(jointHeats(network, readings));
  const stations = [...new Set(places.map(({ at }) => at))].toSorted();
  return READING_DANGERS.flatMap((code) =>
    stations
      .filter((at) =>
        code === 'joint-heats'
          ? heats.has(at)
          : places.some((place) => place.at === at && tests[code]?.(place.read, at) === true),
      )
      .map((at) => ({ code, at })),
  );
}
