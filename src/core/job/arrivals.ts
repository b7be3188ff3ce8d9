import { checkOf, withTorque } from '../checks/torqueRecord';
import type { Measured } from '../service/houseSchema';
import type { DatedPrice } from '../takeoff/materialsDocument';
import { priceKey, withPrices } from '../takeoff/priceCsv';
import type { Yard } from '../water/yardSchema';
import type { Panel } from '../panel/panelSchema';
import type { Command } from './command';
import type { Job } from './jobSchema';

/**
 * What results that come late make of a job, decided by the job as it is when they come: what was typed meanwhile stays,
 * what is gone is not brought back. Undefined: there is no place for it any more.
 */
type Arrival = (job: Job) => Command | undefined;

/** A turn of the torque driver, for a terminal of a circuit that had not been turned when it was asked. */
export const torqueArrival =
  (circuitId: string, terminal: string, time: 'first' | 'second', lbIn: number): Arrival =>
  (job) => {
    if (!job.circuits.some(({ id }) => id === circuitId)) return undefined;
    const check = checkOf(job.checks, circuitId);
    const now = check.torque.find((each) => each.terminal === terminal);
    const isOpen = time === 'first' ? now === undefined : now?.second === null;
    if (!isOpen) return undefined;
    const torque =
      time === 'first' ? { first: lbIn, second: null } : { first: now?.first ?? lbIn, second: lbIn };
    return { kind: 'put-check', id: circuitId, check: withTorque(check, terminal, torque) };
  };

/** Prices of a supplier or a file; one that was typed after they were asked for stays. */
export const pricesArrival =
  (read: readonly DatedPrice[], asked: readonly DatedPrice[]): Arrival =>
  (job) => {
    const before = new Map(asked.map((price) => [priceKey(price), price]));
    const now = new Map(job.materials.prices.map((price) => [priceKey(price), price]));
    const taken = read.filter((price) => {
      const [was, is] = [before.get(priceKey(price)), now.get(priceKey(price))];
      return was === is || (was?.cents === is?.cents && was?.date === is?.date && was?.source === is?.source);
    });
    if (taken.length === 0) return undefined;
    return { kind: 'change', part: 'materials', fields: { prices: withPrices(job.materials.prices, taken) } };
  };

/** A record of demand; a newer one that came before it stays. */
export const recordArrival =
  (measured: Measured, asked: Measured | null): Arrival =>
  ({ house }) => {
    const isAsAsked = JSON.stringify(house.measured) === JSON.stringify(asked);
    return isAsAsked ? { kind: 'change', part: 'house', fields: { measured } } : undefined;
  };

/** A picture of the site; another that was laid there meanwhile stays. */
export const underlayArrival =
  (underlay: NonNullable<Yard['underlay']>, asked: Yard['underlay']): Arrival =>
  ({ yard }) =>
    (yard.underlay?.photoId ?? null) === (asked?.photoId ?? null)
      ? { kind: 'change', part: 'yard', fields: { underlay } }
      : undefined;

/** Breakers of a panel from a file; those that were typed meanwhile stay. */
export const breakersArrival =
  (panelId: string, breakers: Panel['breakers'], asked: Panel['breakers']): Arrival =>
  ({ panels }) => {
    const now = panels.find(({ id }) => id === panelId)?.breakers;
    const isAsAsked = now !== undefined && JSON.stringify(now) === JSON.stringify(asked);
    return isAsAsked ? { kind: 'change-panel', id: panelId, fields: { breakers } } : undefined;
  };
