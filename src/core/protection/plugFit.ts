import type { Edition } from '../code/edition';
import type { ConfigurationTable } from '../code/tables/shapes';

/** One configuration of plug or receptacle. */
export type Configuration = ConfigurationTable['rows'][number];

/** A plug, the receptacle it is to go into, and the circuit behind. */
export interface PlugQuestion {
  readonly plug: string;
  readonly receptacle: string;
  readonly volts: number;
  readonly ocpdA: number;
  /** Receptacles on the circuit; left out: one. */
  readonly outlets?: number;
}

/** Whether a plug may go there, why not, and the largest continuous current with the link that bounds it. */
export interface PlugAnswer {
  readonly verdict: 'yes' | 'no';
  readonly why: 'fits' | 'shape' | 'volts' | 'rating' | 'ground' | 'unknown';
  readonly weakest: 'breaker' | 'receptacle' | 'plug';
  readonly weakestA: number;
  readonly continuousA: number;
  /** The most that one plug may draw where several receptacles share the circuit; null where this one is alone. */
  readonly eachA: number | null;
  /** What an adapter comes to, where the shapes differ. */
  readonly adapter: AdapterCase | null;
}

/**
 * What an adapter comes to: never, a trailer on a larger outlet (its own main protects it, nothing its cord), a smaller
 * plug behind a breaker too large for its cord, or a larger plug behind a breaker that trips.
 */
export type AdapterCase = 'never' | 'trailer' | 'smaller-plug' | 'larger-plug';

/** A configuration by its name; undefined where no such one is known. */
export const configurationOf = (code: Edition, config: string): Configuration | undefined =>
  code.tables.configurations.rows.find((row) => row.config.toLowerCase() === config.trim().toLowerCase());

/** A 15 A plug goes into the 20 A receptacle of its kind, whose neutral slot is made for both. */
const ALSO: Readonly<Record<string, string>> = { '5-15': '5-20', '6-15': '6-20', '1-15': '5-15' };

/** Whether the blades enter. */
const enters = (plug: string, receptacle: string): boolean =>
  plug === receptacle || ALSO[plug] === receptacle || (plug === '1-15' && receptacle === '5-20');

/** The volts that a configuration is made for, on this circuit. */
const carries = (row: Configuration, volts: number): boolean =>
  row.volts === '125' ? volts <= 125 : volts > 125;

/** Whether an adapter can give the plug its volts, its neutral and its ground. */
function isSupplied(plug: Configuration, receptacle: Configuration): boolean {
  if (plug.ground && !receptacle.ground) return false;
  if (plug.neutral && !receptacle.neutral) return false;
  return plug.volts === receptacle.volts || receptacle.volts === '125/250';
}

function adapterCase(plug: Configuration, receptacle: Configuration, ocpdA: number): AdapterCase {
  if (!isSupplied(plug, receptacle)) return 'never';
  if (plug.amps >= ocpdA) return 'larger-plug';
  return plug.config === 'TT-30' ? 'trailer' : 'smaller-plug';
}

/** Whether a receptacle may be on a circuit: alone no smaller than it (210.21(B)(1)), of several by the table. */
function isRatedFor(receptacleA: number, ocpdA: number, outlets: number, code: Edition): boolean {
  if (outlets === 1) return receptacleA >= ocpdA;
  return code.tables.receptacleRating.allowed[ocpdA]?.includes(receptacleA) === true;
}

const eachOf = (receptacleA: number, outlets: number, code: Edition): number | null =>
  outlets === 1 ? null : (code.tables.receptacleRating.largestCordLoad[receptacleA] ?? null);

/** Continuous current is at most this share of what every link allows. */
const CONTINUOUS_SHARE = 0.8;

/**
 * Whether a plug may go into a receptacle on a circuit: by shape, volts, ground and rating, with the weakest
 * link, whose rating bounds the current (210.21(B), 406.7). A larger breaker never repairs a weak link.
 */
export function judgePlug(
  { plug, receptacle, volts, ocpdA, outlets = 1 }: PlugQuestion,
  code: Edition,
): PlugAnswer {
  const a = configurationOf(code, plug);
  const b = configurationOf(code, receptacle);
  const links = [
    { weakest: 'plug' as const, amps: a?.amps ?? Infinity },
    { weakest: 'receptacle' as const, amps: b?.amps ?? Infinity },
    { weakest: 'breaker' as const, amps: ocpdA },
  ].toSorted((x, y) => x.amps - y.amps);
  const { weakest = 'breaker', amps = ocpdA } = links[0] ?? {};
  const answer = (why: PlugAnswer['why']): PlugAnswer => ({
    verdict: why === 'fits' ? 'yes' : 'no',
    why,
    weakest,
    weakestA: amps,
    continuousA: amps * CONTINUOUS_SHARE,
    eachA: b === undefined ? null : eachOf(b.amps, outlets, code),
    adapter: why === 'shape' && a !== undefined && b !== undefined ? adapterCase(a, b, ocpdA) : null,
  });
  if (a === undefined || b === undefined) return answer('unknown');
  if (!enters(a.config, b.config)) return answer('shape');
  if (!carries(b, volts)) return answer('volts');
  if (!b.ground) return answer('ground');
  return isRatedFor(b.amps, ocpdA, outlets, code) ? answer('fits') : answer('rating');
}
