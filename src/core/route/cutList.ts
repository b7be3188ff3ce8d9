import { bendsOf } from '../circuit/bends';
import { METHODS, type MethodId } from '../code/methods';
import type { TradeSize } from '../units/tradeSize';
import { isRaceway, type LaidOut } from './routeCase';

/** A piece to cut. */
export interface CutPiece {
  readonly segment: number;
  readonly lengthFt: number;
}

/** One stick of raceway, with what is cut from it. */
export interface Stick {
  readonly pieces: readonly CutPiece[];
  readonly leftFt: number;
}

/** Raceway of one kind and size. */
export interface RacewayCuts {
  readonly method: MethodId;
  readonly trade: TradeSize;
  readonly lengthFt: number;
  /** Ten-foot sticks with their cuts; none for what comes in coils. */
  readonly sticks: readonly Stick[];
  readonly couplings: number;
  /** Ends that take a connector or an adapter. */
  readonly connectors: number;
  readonly elbows: number;
}

/** Raceway is sold in sticks of this length, feet. */
export const STICK_FT = 10;
/** What the saw takes from each cut, feet. */
const KERF_FT = 0.1 / 12;

const COILED: readonly MethodId[] = ['fmc', 'lfmc', 'lfnc', 'ent'];

/** Whether a raceway comes in sticks rather than in coils. */
const inSticks = (method: MethodId): boolean => !COILED.includes(method);

/** A straight leg in pieces: whole sticks, and the rest. */
function legPieces(segment: number, lengthFt: number): readonly CutPiece[] {
  const whole = Math.floor(lengthFt / STICK_FT + 1e-9);
  const rest = lengthFt - whole * STICK_FT;
  return [
    ...Array.from({ length: whole }, () => ({ segment, lengthFt: STICK_FT })),
    ...(rest > 1e-6 ? [{ segment, lengthFt: rest }] : []),
  ];
}

/** Lays pieces into sticks, the longest first, each into the first stick that has room for it and its cut. */
export function layIntoSticks(pieces: readonly CutPiece[]): readonly Stick[] {
  const sticks: { pieces: CutPiece[]; leftFt: number }[] = [];
  for (const piece of [...pieces].sort((a, b) => b.lengthFt - a.lengthFt)) {
    const kerf = piece.lengthFt >= STICK_FT - 1e-9 ? 0 : KERF_FT;
    const stick = sticks.find(({ leftFt }) => leftFt >= piece.lengthFt - 1e-9);
    if (stick === undefined) {
      sticks.push({ pieces: [piece], leftFt: Math.max(0, STICK_FT - piece.lengthFt - kerf) });
    } else {
      stick.pieces.push(piece);
      stick.leftFt = Math.max(0, stick.leftFt - piece.lengthFt - kerf);
    }
  }
  return sticks;
}

/** The raceway of a route by kind and size: sticks with their cuts, couplings at every joint, connectors at the ends. */
export function racewayCuts(about: LaidOut): readonly RacewayCuts[] {
  const groups = new Map<
    string,
    { method: MethodId; trade: TradeSize; pieces: CutPiece[]; joints: number; ends: number; elbows: number }
  >();
  for (const { segment, index, figures } of about.segments) {
    if (!isRaceway(segment) || figures.raceway === null) continue;
    const { method } = segment;
    const trade = figures.raceway.taken;
    const key = `${method} ${trade}`;
    const group = groups.get(key) ?? { method, trade, pieces: [], joints: 0, ends: 0, elbows: 0 };
    const legs = about.legs[index] ?? [];
    const pieces = inSticks(method)
      ? legs.flatMap(({ lengthFt }) => legPieces(index, lengthFt))
      : [{ segment: index, lengthFt: segment.lengthFt }];
    group.pieces.push(...pieces);
    group.joints += pieces.length - 1;
    group.ends += 2;
    group.elbows +=
      inSticks(method) && METHODS[method].surround === 'pvc'
        ? Math.ceil(bendsOf(about.circuit, index) / 90)
        : 0;
    groups.set(key, group);
  }
  return [...groups.values()].map(({ method, trade, pieces, joints, ends, elbows }) => ({
    method,
    trade,
    lengthFt: pieces.reduce((ft, { lengthFt }) => ft + lengthFt, 0),
    sticks: inSticks(method) ? layIntoSticks(pieces) : [],
    couplings: inSticks(method) ? joints : 0,
    connectors: ends,
    elbows,
  }));
}
