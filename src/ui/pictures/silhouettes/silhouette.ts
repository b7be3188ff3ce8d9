import type { FamilyId } from '../../../core/appliances/registry';

/** How a part is drawn: body and details in ink, cut masonry hatched, copper where current goes, blue at water. */
export type PartKind = 'body' | 'bold' | 'line' | 'solid' | 'hatch' | 'copper' | 'basin' | 'pipe';

/** One part: how it is drawn, and its path in feet, y up. */
export type Part = readonly [kind: PartKind, path: string];

/** An appliance as it stands in the section, drawn in feet: x from where its wire arrives. */
export interface Silhouette {
  /** Standing: y from grade. Hung: y from the height at which its wire arrives. */
  readonly stands: 'on-grade' | 'hung';
  readonly widthFt: number;
  readonly topFt: number;
  readonly bottomFt: number;
  readonly parts: readonly Part[];
}

/** The silhouettes of some families. */
export type SilhouettesOf<F extends FamilyId> = Readonly<Record<F, Silhouette>>;

/** A rectangle from a corner, as wide and as high. */
export const rect = (x: number, y: number, width: number, height: number): string =>
  `M${x} ${y}h${width}v${height}h${-width}z`;

/** A circle around a point. */
export const circle = (x: number, y: number, radius: number): string =>
  `M${x - radius} ${y}a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0z`;

/** Level lines at some heights. */
export const levels = (x: number, width: number, ys: readonly number[]): string =>
  ys.map((y) => `M${x} ${y}h${width}`).join('');

/** Upright lines at some places. */
export const uprights = (y: number, height: number, xs: readonly number[]): string =>
  xs.map((x) => `M${x} ${y}v${height}`).join('');
