import type { MethodId, Environment } from '../code/methods';
import type { BurialPlace } from '../code/burialPlaces';
import type { TradeSize } from '../units/tradeSize';
import type { WireSize } from '../units/wireSize';
import { about } from './catalogEntry';

/** Findings about the route of a circuit: its segments and stations. */
export const routeCatalog = {
  'burial.depth': about<{ coverIn: number; needsIn: number; place: BurialPlace }>().may('stop'),
  'burial.bored': about<{ method: MethodId }>().may('ask'),
  'work.before-locate': about<{ lengthFt: number }>().may('ask'),
  'station.transition': about<{ from: MethodId; to: MethodId }>().may('ask'),
  'box.fill': about<{ hasIn3: number; needsIn3: number }>().may('stop'),
  'box.none': about<{ needsIn3: number }>().may('check'),
  'box.pull-length': about<{ hasIn: number; needsIn: number }>().may('stop'),
  'box.unbonded': about<{ station: string }>().may('stop'),
  'body.marked': about<{ size: WireSize; trade: TradeSize; minIn: number }>().may('ask'),
  'route.bends': about<{ degrees: number; limit: number }>().may('stop'),
  'pull.tension': about<{ pounds: number; maxLb: number; by: 'hand' | 'conductor' }>().may('check'),
  'pull.sidewall': about<{ lbPerFt: number; maxLbPerFt: number }>().may('check'),
  'raceway.tight': about<{ trade: TradeSize; fillPct: number; cable: string }>().may('check'),
  'raceway.sleeve-full': about<{ trade: TradeSize; fillPct: number; limitPct: number; cable: string }>().may(
    'stop',
  ),
  'seal.missing': about<{ from: Environment; to: Environment }>().may('check'),
  'burial.under-building': about<{ method: MethodId }>().may('stop'),
  'bushing.missing': about<{ size: WireSize }>().may('stop'),
  'nailplate.needed': about<{ edgeIn: number }>().may('stop'),
  'cable.attic': about<{ method: MethodId }>().surveyed('stop', 'ask'),
  'cable.joist-edges': about<{ size: WireSize; min: WireSize }>().may('stop'),
  'cable.sunlight': about<{ method: MethodId }>().surveyed('stop', 'ask'),
  'ribbon.missing': about<{ coverIn: number }>().may('check'),
  'expansion.missing': about<{ growthIn: number; lengthFt: number }>().may('stop'),
  'riser.unguarded': about<{ method: MethodId }>().may('stop'),
  's-loop.missing': about<{ method: MethodId }>().may('check'),
  'knockout.size': about<{ trade: TradeSize; needsIn: number; hasIn: number }>().may('check'),
  'piece.short': about<{ hasFt: number; needsFt: number }>().may('stop'),
  'route.differs': about<{ name: string }>().may('check'),
};
