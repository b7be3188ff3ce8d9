import type { BondUnknown } from '../code/bondFacts';
import type { WireSize } from '../units/wireSize';
import { about } from './catalogEntry';

/** Findings about a panel as its plan leaves it. */
export const panelCatalog = {
  'service.unbalanced': about<{ aVA: number; bVA: number }>().may('check'),
  'panel.interrupting-rating': about<{ faultA: number; ratingA: number }>().may('stop'),
  'panel.interrupting-unknown': about<{ faultA: number }>().may('ask'),
  'panel.no-space': about<{ wanted: number; free: number }>().may('stop'),
  'panel.unplaced': about<{ count: number }>().may('ask'),
  'panel.too-many-circuits': about<{ poles: number; max: number }>().may('stop'),
  'panel.tandem-not-allowed': about<{ space: string }>().may('stop'),
  'panel.tandem-unknown': about<{ spaces: number }>().may('ask'),
  'panel.clash': about<{ space: string }>().may('stop'),
  'panel.same-leg': about<{ space: string }>().may('stop'),
  'panel.breaker-not-listed': about<{ listings: string }>().may('ask'),
  'panel.neutrals-mixed': about<{
    where: 'service' | 'subpanel' | 'other-building';
    ground: boolean;
  }>().may('stop'),
  'panel.bond-ask': about<{ missing: readonly BondUnknown[] }>().surveyed('ask'),
  'panel.bond-stays': about<{ name: string }>().may('check'),
  'panel.bond-unseen': about<{ name: string }>().surveyed('ask'),
  'panel.service-where': about<{ name: string }>().surveyed('ask'),
  'panel.is-subpanel': about<{ name: string }>().may('check'),
  'panel.series-rated': about<{ faultA: number; ratingA: number }>().may('note'),
  'panel.neutral-shared-terminal': about<{ name: string }>().may('stop'),
  'panel.unlabelled': about<{ lines: readonly string[] }>().may('check'),
  'panel.known-to-fail': about<{ name: string }>().surveyed('stop', 'ask'),
  'panel.sources': about<{ name: string }>().may('ask'),
  'panel.untied': about<{ spaces: readonly string[] }>().may('stop', 'check'),
  'panel.openings': about<{ count: number }>().may('stop'),
  'panel.bus-below-main': about<{ busA: number; mainA: number }>().may('stop'),
  'panel.no-main': about<{ circuits: number }>().may('ask'),
  'panel.working-space': about<{ seen: boolean }>().surveyed('stop', 'check', 'ask'),
  'panel.height': about<{ inches: number; maxIn: number }>().may('stop', 'check'),
  'panel.hold-down': about<{ seen: boolean }>().surveyed('stop', 'ask'),
  'panel.feed-through': about<{ mainA: number }>().surveyed('stop', 'ask'),
  'panel.surge': about<{ seen: boolean }>().surveyed('stop', 'ask'),
  'panel.feeder-load': about<{ carriesVA: number; feederVA: number }>().may('check'),
  'panel.lug-range': about<{ size: WireSize; from: WireSize; to: WireSize }>().may('stop'),
};
