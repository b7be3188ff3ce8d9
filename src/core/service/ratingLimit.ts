import type { Edition } from '../code/edition';
import type { RatingElement } from '../code/serviceMethods';
import type { Panel } from '../panel/panelSchema';
import type { Metal, WireSize } from '../units/wireSize';
import type { House } from './houseSchema';

/** What each part of a service carries, and the least of them. */
export interface RatingLimit {
  readonly elements: readonly { readonly element: RatingElement; readonly amps: number }[];
  /** Null until one of them is known. */
  readonly amps: number | null;
  readonly element: RatingElement | null;
}

/** What the conductors of a dwelling service are good for: the table of 310.12, or their 75 °C column. */
export function serviceConductorA(size: WireSize, metal: Metal, code: Edition): number | null {
  const listed = Object.entries(code.tables.dwellingService.rows)
    .filter(([, row]) => row[metal] === size)
    .map(([rating]) => Number(rating));
  if (listed.length > 0) return Math.max(...listed);
  return code.tables.ampacity[metal][75][size] ?? null;
}

/** What limits a service: the least of main, bus, meter socket and conductors (230.79, 310.12, 408.36). */
export function ratingLimit(house: House, panel: Panel | undefined, code: Edition): RatingLimit {
  const { ratingA, meterA, conductor } = house;
  const known: readonly (readonly [RatingElement, number | null])[] = [
    ['main', ratingA ?? panel?.mainA ?? null],
    ['bus', panel?.role === 'service' ? panel.busA : null],
    ['meter', meterA],
    ['conductors', conductor === null ? null : serviceConductorA(conductor.size, conductor.metal, code)],
  ];
  const elements = known.flatMap(([element, amps]) => (amps === null ? [] : [{ element, amps }]));
  const min = elements.reduce<(typeof elements)[number] | undefined>(
    (acc, each) => (acc === undefined || each.amps < acc.amps ? each : acc),
    undefined,
  );
  return { elements, amps: min?.amps ?? null, element: min?.element ?? null };
}
