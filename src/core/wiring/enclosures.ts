import type { Circuit } from '../circuit/circuitSchema';
import type { CircuitFigures } from '../circuit/figures';
import type { Splice } from './splices';
import type { End, Landing, Wiring } from './terminations';

/** What an enclosure of a circuit is. */
export type EnclosureKind =
  | 'panel'
  | 'spa-panel'
  | 'spa-enclosure'
  | 'dead-front'
  | 'disconnect'
  | 'box'
  | 'subpanel'
  | 'receptacle'
  | 'appliance';

/** A conductor as it enters an enclosure: at which end of which side it is landed. */
export interface Entering {
  readonly end: End['at'];
  readonly landing: Landing;
}

/** A bonding screw or strap as it is, or will be. */
export type Bond = 'in' | 'out' | 'mixed' | 'unseen';

const bondOf = ({ role, bars }: Wiring['panel']): Bond => {
  if (bars === 'unseen') return 'unseen';
  if (bars === 'apart') return 'out';
  return role === 'subpanel' ? 'mixed' : 'in';
};

/** One enclosure with what enters it from the panel, and what leaves it to the load. */
export interface Enclosure {
  readonly kind: EnclosureKind;
  /** Station of the run; null where the run does not say where it stands. */
  readonly station: number | null;
  /** What enters at the side of the panel: nothing in the panel itself. */
  readonly line: readonly Entering[];
  /** What enters at the side of the load: nothing at the load itself. */
  readonly load: readonly Entering[];
  readonly splice: Splice | null;
  /** What holds the terminals: rating and poles of the breaker, and whether it is a GFCI with a pigtail. */
  readonly device: { readonly poles: number; readonly amps: number | null; readonly gfci: boolean };
  /**
   * The bonding screw or strap: in at the service, out everywhere else; as it was looked at in the panel; `mixed` where it
   * is in past the service; null where there is none to look at.
   */
  readonly bond: Bond | null;
}

const entering = (ends: readonly End[], at: End['at']): readonly Entering[] =>
  (ends.find((end) => end.at === at)?.landings ?? []).map((landing) => ({ end: at, landing }));

const hasPigtail = (entered: readonly Entering[]): boolean =>
  entered.some(({ landing }) => landing.role === 'pigtail');

/** What a circuit ends in. */
function loadKind({ appliance }: Circuit, { outlet }: CircuitFigures, { to }: Wiring): EnclosureKind {
  if (to === 'spa-panel') return 'spa-panel';
  if (appliance.family === 'feeder') return 'subpanel';
  return outlet.receptacle === null ? 'appliance' : 'receptacle';
}

/**
 * The enclosures of a circuit from its panel to its load, each with the conductors that enter it: panel, splice
 * boxes, what stands between, and the load. A neutral and a ground are bonded in the service alone (250.24, 250.142).
 */
export function enclosuresOf(circuit: Circuit, figures: CircuitFigures, wired: Wiring): readonly Enclosure[] {
  const { ends, splices, between, betweenStation, panel: landed, from } = wired;
  const { poles, ratingA } = figures.ocpd;
  const panelLoad = entering(ends, 'panel');
  const panel: Enclosure = {
    kind: from,
    station: 0,
    line: [],
    load: panelLoad,
    splice: null,
    device: { poles, amps: ratingA, gfci: hasPigtail(panelLoad) },
    bond: bondOf(landed),
  };
  const inRun: Enclosure[] = splices.map((splice) => ({
    kind: 'box',
    station: splice.station,
    line: [],
    load: [],
    splice,
    device: { poles: 0, amps: null, gfci: false },
    bond: null,
  }));
  const kind = loadKind(circuit, figures, wired);
  const load: Enclosure = {
    kind,
    station: circuit.run.length,
    line: entering(ends, 'load'),
    load: [],
    splice: null,
    device: { poles, amps: null, gfci: false },
    bond: kind === 'subpanel' || kind === 'spa-panel' ? 'out' : null,
  };
  if (between !== null) {
    const leaving = entering(ends, 'load-side');
    inRun.push({
      kind: between,
      station: betweenStation,
      line: entering(ends, 'line-side'),
      load: leaving,
      splice: null,
      device: { poles, amps: between === 'spa-enclosure' ? ratingA : null, gfci: between !== 'disconnect' },
      bond: between === 'spa-enclosure' ? 'out' : null,
    });
  }
  // What the run does not place stands at the load.
  const places = inRun.toSorted((a, b) => (a.station ?? Infinity) - (b.station ?? Infinity));
  return [panel, ...places, load];
}
