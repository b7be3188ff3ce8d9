import type { RiverLayout } from './riverLayout';
import type { RiverClosed, RiverGate, RiverStep } from './riverParts';

/** What the picture is drawn of. */
export interface RiverPictureProps {
  readonly steps: readonly RiverStep[];
  readonly gates: readonly RiverGate[];
  readonly closed: readonly RiverClosed[];
  readonly lanes: readonly { readonly id: string; readonly name: string }[];
  readonly hours: readonly [number, number];
  readonly dayName: (date: string) => string;
  readonly deadText: string;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
  /** A step laid so that it begins at a local time; null where nothing may be moved. */
  readonly onMove: ((id: string, time: string) => void) | null;
  readonly widthPx: number;
  readonly label: string;
}

/** Where the lanes begin: left of it stand days and hours. */
export const LEFT_PX = 66;
const LETTER_PX = 5.9;

/** The picture with its layout. */
export interface Drawn extends RiverPictureProps {
  readonly layout: RiverLayout;
  readonly lanePx: number;
}

/** As much of some words as a lane holds. */
export const fitted = (words: string, widthPx: number): string => {
  const most = Math.floor(widthPx / LETTER_PX);
  return words.length <= most ? words : `${words.slice(0, Math.max(1, most - 1))}…`;
};
