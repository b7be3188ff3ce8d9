import type { MethodId } from '../code/methods';
import type { ServiceTrigger } from '../code/parameters';
import type { RouteFitting } from '../code/routeKinds';
import type { TradeSize } from '../units/tradeSize';
import type { Metal, WireSize } from '../units/wireSize';

/** What of the site is left to the rules again. */
export type SiteFix =
  | 'ground-fault'
  | 'arc-fault'
  | 'disconnect'
  | 'receptacle'
  | 'neutral'
  | 'feed-neutral'
  | 'line-load'
  | 'colors'
  | 'lug'
  | 'shutoff'
  | 'building-disconnect'
  | 'service-outlet'
  | 'disconnect-in-sight'
  | 'disconnect-from-water'
  | 'lock-hardware'
  | 'disconnect-mounting';

/** What of a feeder is put as it is required. */
export const FEEDER_FACTS = ['wires', 'bondingScrew', 'surge', 'emergencyDisconnect', 'electrode'] as const;
/** One of them, by its field. */
export type FeederFact = (typeof FEEDER_FACTS)[number];

/** What a fix changes in a circuit, in figures; its words are in core/wording. */
type CircuitChange =
  | { readonly kind: 'free-size'; readonly size: WireSize; readonly metal: Metal; readonly what: string }
  | { readonly kind: 'free-breaker'; readonly ocpdA: number }
  | { readonly kind: 'free-ground'; readonly size: WireSize }
  | { readonly kind: 'free-trade'; readonly trade: TradeSize }
  | {
      readonly kind: 'method';
      readonly method: MethodId;
      readonly size: WireSize;
      readonly trade: TradeSize | null;
    }
  | { readonly kind: 'setting'; readonly settingA: number }
  | { readonly kind: 'guard-setting'; readonly settingA: number }
  | { readonly kind: 'shared-limit'; readonly sharedA: number }
  | { readonly kind: 'full-output'; readonly outputA: number }
  | { readonly kind: 'no-drop-limit'; readonly dropPct: number }
  | { readonly kind: 'hardwire'; readonly ocpdA: number }
  | { readonly kind: 'feeds'; readonly amps: number }
  | { readonly kind: 'one-pole' }
  | { readonly kind: 'own-circuit' }
  | { readonly kind: 'move-receptacle'; readonly ft: number }
  | { readonly kind: 'larger-outlet'; readonly ocpdA: number }
  | { readonly kind: 'plug'; readonly config: string }
  | { readonly kind: 'plate-to-code'; readonly changes: readonly FeederFact[] }
  | { readonly kind: 'reset-to-code'; readonly what: SiteFix }
  | { readonly kind: 'larger'; readonly size: WireSize }
  | { readonly kind: 'marked-75'; readonly size: WireSize }
  | { readonly kind: 'spread-out'; readonly size: WireSize }
  | { readonly kind: 'pull-point'; readonly degrees: number }
  | { readonly kind: 'plan-new'; readonly ocpdA: number; readonly size: WireSize; readonly wires: number }
  | { readonly kind: 'plan-pair'; readonly heater: WireSize; readonly pumps: WireSize }
  | { readonly kind: 'feed-from-there' }
  | { readonly kind: 'swap-breaker'; readonly ocpdA: number }
  | { readonly kind: 'copper'; readonly size: WireSize }
  | { readonly kind: 'aluminum'; readonly size: WireSize };

/** What a fix changes on the route of a circuit. */
type RouteChange =
  | { readonly kind: 'sleeve'; readonly method: MethodId }
  | { readonly kind: 'run-cable'; readonly how: 'guarded' | 'bored' }
  | { readonly kind: 'deepen'; readonly coverIn: number }
  | { readonly kind: 'free-box'; readonly in3: number }
  | { readonly kind: 'free-pull-box'; readonly lengthIn: number }
  | { readonly kind: 'plan'; readonly fitting: RouteFitting }
  | { readonly kind: 'pull-at-couplings' }
  | { readonly kind: 'free-piece'; readonly lengthFt: number }
  | { readonly kind: 'free-hole'; readonly acrossIn: number };

/** What a fix changes in the service, and how much it leaves. */
type ServiceChange =
  | {
      readonly kind: 'charger-setting';
      readonly what: string;
      readonly settingA: number;
      readonly spareA: number;
    }
  | { readonly kind: 'management'; readonly setpointA: number; readonly spareA: number }
  | { readonly kind: 'sharing'; readonly what: string; readonly spareA: number }
  | {
      readonly kind: 'larger-service';
      readonly ratingA: number;
      readonly size: WireSize;
      readonly triggers: readonly ServiceTrigger[];
      readonly spareA: number;
    };

/** What a fix changes in the plan of the yard. */
type YardChange =
  | { readonly kind: 'move-in-yard'; readonly what: string; readonly ft: number }
  | { readonly kind: 'raise-in-yard'; readonly what: string; readonly ft: number }
  | { readonly kind: 'add-receptacle'; readonly ft: number }
  | { readonly kind: 'gfci-in-yard'; readonly what: string }
  | { readonly kind: 'raceway-in-yard'; readonly what: string; readonly method: MethodId }
  | { readonly kind: 'ahead-of-timer'; readonly what: string }
  | { readonly kind: 'own-receptacle-circuit'; readonly what: string }
  | { readonly kind: 'post-deep'; readonly what: string; readonly postIn: number }
  | { readonly kind: 'own-raceway'; readonly what: string }
  | { readonly kind: 'permanent-pool' }
  | { readonly kind: 'bond-part'; readonly what: string }
  | { readonly kind: 'pigtail'; readonly what: string }
  | { readonly kind: 'ring-off'; readonly offIn: number }
  | { readonly kind: 'ring-deep'; readonly deepIn: number }
  | { readonly kind: 'shell-ties'; readonly taps: number }
  | { readonly kind: 'water-bond'; readonly in2: number }
  | { readonly kind: 'copper-grid'; readonly wireFt: number; readonly crossings: number }
  | { readonly kind: 'ring-for-grid' }
  | { readonly kind: 'solid-copper' }
  | { readonly kind: 'listed-connectors' };

/** What a fix changes, in figures. */
export type FixChange = CircuitChange | RouteChange | ServiceChange | YardChange;
