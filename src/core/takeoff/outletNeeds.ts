import type { SizedFigures } from '../circuit/figures';
import type { Item } from './item';

/** Puts so many of an item on a list, and where they go. */
export type Put = (item: Item, count: number, where: string) => void;

/** The breaker of a circuit as it is bought. */
function breakerOf({ ocpd, outlet }: SizedFigures): Item {
  const { form } = outlet.gfci;
  const kind =
    form === 'dual-function'
      ? 'dual'
      : form === 'breaker'
        ? 'gfci'
        : outlet.afci.required === true
          ? 'afci'
          : 'plain';
  return { kind: 'breaker', amps: ocpd.ratingA, poles: ocpd.poles, form: kind };
}

/** What stands at the two ends of a circuit: breaker and label, receptacle, disconnect, GFCI in its form. */
export function outletNeeds(figures: SizedFigures, onTandem: boolean, load: string, put: Put): void {
  const { outlet, ocpd } = figures;
  if (!onTandem) put(breakerOf(figures), 1, 'A');
  put({ kind: 'label' }, 1, 'A');
  const { receptacle, disconnect, gfci } = outlet;
  if (receptacle !== null) {
    const { config, cover } = receptacle;
    put({ kind: 'receptacle', config, gfci: gfci.form === 'receptacle', cover }, 1, load);
  }
  if (gfci.form === 'dead-front') put({ kind: 'dead-front', amps: ocpd.ratingA }, 1, load);
  if (gfci.form === 'spa-enclosure') put({ kind: 'spa-panel', amps: ocpd.ratingA }, 1, load);
  else if (disconnect.required === true && isSwitch(disconnect.kind))
    put({ kind: 'disconnect', amps: disconnect.ratingA ?? ocpd.ratingA }, 1, load);
  if (disconnect.required === true && disconnect.kind === 'lockable-breaker')
    put({ kind: 'lock-off' }, 1, 'A');
}

const isSwitch = (kind: SizedFigures['outlet']['disconnect']['kind']): boolean =>
  kind === 'switch' || kind === 'motor-switch' || kind === 'enclosure';
