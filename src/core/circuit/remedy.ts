import type { MethodId } from '../code/methods';
import type { Cents } from '../units/quantity';
import type { TradeSize } from '../units/tradeSize';
import type { Metal, WireSize } from '../units/wireSize';
import type { Circuit } from './circuitSchema';

/** What of the site is put right. */
export type SiteFix =
  'ground-fault' | 'arc-fault' | 'disconnect' | 'receptacle' | 'neutral' | 'line-load' | 'colors' | 'lug';

/** What a remedy changes, in figures; its words are in core/wording. */
export type RemedyChange =
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
  | { readonly kind: 'full-output'; readonly outputA: number }
  | { readonly kind: 'no-drop-limit'; readonly dropPct: number }
  | { readonly kind: 'hardwire'; readonly ocpdA: number }
  | { readonly kind: 'feeds'; readonly amps: number }
  | { readonly kind: 'own-circuit'; readonly ocpdA: number }
  | { readonly kind: 'one-pole' }
  | { readonly kind: 'larger-outlet'; readonly ocpdA: number }
  | { readonly kind: 'set-right' }
  | { readonly kind: 'by-rule'; readonly what: SiteFix }
  | { readonly kind: 'larger'; readonly size: WireSize }
  | { readonly kind: 'marked-75'; readonly size: WireSize }
  | { readonly kind: 'spread-out'; readonly size: WireSize }
  | { readonly kind: 'pull-point'; readonly degrees: number }
  | { readonly kind: 'copper'; readonly size: WireSize };

/** A way out of a finding that was tried: the pipeline was run on `circuit`, and the finding was gone. */
export interface Remedy {
  readonly change: RemedyChange;
  /** The whole circuit as it would be. */
  readonly circuit: Circuit;
  /** Material by the price list against the circuit as it stands. */
  readonly cost: Cents;
}
