import type { Panel } from './panelSchema';
import { freeSlots, legOf, slotsOf, takesTandem, type Leg, type InstalledBreaker } from './spaces';

/** Side of the face on which a space lies: odd ones left, even ones right. */
export type Side = 'left' | 'right';

/** A breaker on the face, in rows from the top; a half takes half a row. */
export interface FaceBreaker {
  readonly installed: InstalledBreaker;
  readonly side: Side;
  readonly top: number;
  readonly height: number;
}

/** An empty space on the face. */
export interface FaceSpace {
  readonly slot: number;
  readonly side: Side;
  readonly row: number;
}

/** The face of a panel: what is drawn where, in rows. */
export interface PanelFace {
  readonly rows: number;
  readonly breakers: readonly FaceBreaker[];
  readonly spaces: readonly FaceSpace[];
  /** Where a breaker meets a leg. */
  readonly stabs: readonly { readonly row: number; readonly side: Side; readonly leg: Leg }[];
  /** Segments of rows on each side in which two circuits may share a space. */
  readonly tandems: readonly { readonly side: Side; readonly from: number; readonly to: number }[];
}

const sideOf = (slot: number): Side => (slot % 2 === 1 ? 'left' : 'right');
const rowOf = (slot: number): number => Math.ceil(slot / 2) - 1;

/** Segments of neighboring rows of a side whose spaces take two circuits. */
function tandemRows(panel: Panel, side: Side): PanelFace['tandems'] {
  const segments: { side: Side; from: number; to: number }[] = [];
  for (let row = 0; row < panel.spaces / 2; row += 1) {
    if (!takesTandem(panel, 2 * row + (side === 'left' ? 1 : 2))) continue;
    const last = segments.at(-1);
    if (last?.to === row - 1) last.to = row;
    else segments.push({ side, from: row, to: row });
  }
  return segments;
}

/** Lays out the face of a panel: two columns of spaces, odd on the left, numbered from the top. */
export function panelFace(panel: Panel, installed: readonly InstalledBreaker[]): PanelFace {
  const breakers = installed.map((each): FaceBreaker => {
    const { slot, half } = each.place;
    const top = rowOf(slot) + (half === 'b' ? 0.5 : 0);
    return { installed: each, side: sideOf(slot), top, height: half === null ? each.poles : 0.5 };
  });
  const taken = new Set(installed.flatMap(slotsOf));
  return {
    rows: panel.spaces / 2,
    breakers,
    spaces: freeSlots(panel, installed).map((slot) => ({ slot, side: sideOf(slot), row: rowOf(slot) })),
    stabs: [...taken]
      .filter((slot) => slot <= panel.spaces)
      .map((slot) => ({ row: rowOf(slot), side: sideOf(slot), leg: legOf(slot) })),
    tandems: [...tandemRows(panel, 'left'), ...tandemRows(panel, 'right')],
  };
}
