import type { GroundFaultRuleId } from '../code/groundFaultRules';
import type { MethodId, Environment } from '../code/methods';
import type { BuildingSupply, Occupancy, Location } from '../code/locations';
import type { MinReason } from '../code/minReason';
import type { NewWork, ThreeWireFault } from '../code/newWork';
import type { OwnArticle } from '../code/ownArticles';
import type { TradeSize } from '../units/tradeSize';
import type { Metal, WireSize } from '../units/wireSize';
import { about } from './catalogEntry';

/** Findings about the figures of a circuit: what each was about, how severe it may be, and whether a survey answers it. */
export const circuitCatalog = {
  'load.nothing': about<{ volts: number }>().surveyed('check'),
  'load.house-voltage': about<{ volts: number; houseV: number }>().may('check'),
  'load.setting-open': about<{ settingA: number; plateA: number }>().surveyed('ask'),
  'load.setting-means': about<{ settingA: number }>().surveyed('ask'),
  'load.setting-plugged': about<{ settingA: number; plateA: number }>().may('check'),
  'load.plug-adapter': about<{ adapterA: number; plateA: number }>().surveyed('ask'),
  'load.setting-edition': about<{ settingA: number; plateA: number; year: number }>().may('ask'),
  'load.setting-above-plate': about<{ settingA: number; plateA: number }>().may('stop'),
  'load.individual-circuit': about<{ units: number }>().may('stop'),
  'load.shared-limit': about<{ units: number; sharedA: number }>().surveyed('ask'),
  'load.managed': about<{ managedA: number; plateA: number }>().surveyed('ask'),
  'load.plate-missing': about<{ field: string; usedA: number }>().surveyed('ask'),
  'load.by-breaker': about<{ breakerA: number; usedA: number }>().surveyed('ask'),
  'load.plate-contradiction': about<{ mca: number; mocp: number }>().may('stop'),
  'load.subdivide': about<{ amps: number; maxA: number }>().may('stop'),
  'load.own-circuit': about<{ amps: number; maxA: number }>().may('stop'),
  'load.maker-circuits': about<{ amps: number }>().surveyed('ask'),
  'load.too-many-units': about<{ units: number; max: number }>().may('ask'),
  'load.taps': about<{ units: number }>().may('note'),
  'load.fuse-only': about<{ mocp: number }>().may('check'),
  'motor.not-in-table': about<{ hp: number; volts: number }>().may('stop'),
  'motor.fla-used-for-flc': about<{ plateA: number; flcA: number }>().may('note'),
  'motor.listed-appliance': about<{ plateA: number; flcA: number }>().surveyed('ask'),
  'motor.plate-above-table': about<{ plateA: number; flcA: number }>().surveyed('check'),
  'welder.only': about<{ ratingA: number }>().may('check'),
  'ocpd.range-least': about<{ ocpdA: number; leastA: number; kw: number }>().may('stop', 'check'),
  'conductor.spacing': about<{ count: number; with: readonly string[] }>().surveyed('ask'),
  'ends.ground-not-landed': about<{ size: WireSize }>().may('stop'),
  'ends.spare-open': about<{ size: WireSize }>().may('stop'),
  'ends.ground-screw': about<{ screw: 'short' | 'sheet-metal' }>().may('stop'),
  'spa.first-power': about<object>().may('note'),
  'rv30.not-240': about<{ volts: number }>().may('stop', 'ask'),
  'feeder.four-wires': about<{ wires: number }>().may('stop'),
  'feeder.dwelling': about<{ circuits: number }>().surveyed('ask'),
  'feeder.electrode': about<{ circuits: number }>().surveyed('stop', 'ask'),
  'panel.neutral-ground-mixed': about<{ where: string }>().may('stop'),
  'ocpd.below-load': about<{ ocpdA: number; needsA: number }>().may('stop'),
  'ocpd.label-below-125': about<{ ocpdA: number; loadA: number; needsA: number }>().may('ask'),
  'ocpd.above-ampacity': about<{
    ocpdA: number;
    carriesA: number;
    size: WireSize;
    method: MethodId;
    min: WireSize | null;
  }>().may('stop'),
  'ocpd.above-mocp': about<{ ocpdA: number; maxA: number; by: 'plate' | 'article' }>().may('stop'),
  'ocpd.none': about<{ needsA: number; largestA: number }>().may('stop'),
  'ocpd.start-exception': about<{ ocpdA: number; usualA: number; maxA: number }>().may('check'),
  'ocpd.not-standard': about<{ ocpdA: number }>().may('check'),
  'ocpd.multi-outlet': about<{ ocpdA: number; carriesA: number; size: WireSize }>().may('stop'),
  'conductor.below-breaker': about<{ ocpdA: number; carriesA: number; article: OwnArticle }>().may('note'),
  'conductor.below-practice': about<{ size: WireSize; min: WireSize; why: MinReason }>().may('check'),
  'conductor.lug-range': about<{ size: WireSize; min: string; max: string }>().may('stop'),
  'conductor.terminal-60c': about<{
    size: WireSize;
    method: MethodId;
    carriesA: number;
    needsA: number;
    at75A: number;
  }>().may('stop'),
  'conductor.too-small': about<{ size: WireSize; method: MethodId; carriesA: number; needsA: number }>().may(
    'stop',
  ),
  'conductor.practice': about<{ size: WireSize; ocpdA: number; carriesA: number }>().may('check'),
  'conductor.small-rule': about<{ size: WireSize; ocpdA: number; limitA: number }>().may('stop'),
  'conductor.none': about<{ method: MethodId; metal: Metal; needsA: number; largest: WireSize }>().may(
    'stop',
  ),
  'conductor.not-in-tables': about<{ method: MethodId; metal: Metal; wires: number }>().may('stop'),
  'conductor.not-made': about<{ method: MethodId; size: WireSize }>().may('stop'),
  'conductor.cable-wires': about<{ method: MethodId; has: number; needs: number }>().may('stop'),
  'conductor.below-local': about<{ size: WireSize; min: WireSize }>().may('stop'),
  'conductor.aluminum-ends': about<{ size: WireSize }>().may('ask'),
  'conductor.short-part': about<{ lengthFt: number; allowedFt: number }>().may('note'),
  'conductor.too-hot': about<{ ambientC: number; method: MethodId }>().may('stop'),
  'terminal.unmarked': about<{ size: WireSize; at75: WireSize }>().surveyed('ask'),
  'egc.too-small': about<{ has: WireSize; needs: WireSize; ocpdA: number }>().may('stop'),
  'egc.not-upsized': about<{ has: WireSize; needs: WireSize; min: WireSize; size: WireSize }>().may('stop'),
  'egc.raised-by-floor': about<{ has: WireSize; needs: WireSize; min: WireSize; size: WireSize }>().may(
    'check',
  ),
  'egc.aluminum': about<{ method: MethodId }>().may('ask'),
  'egc.insulated': about<{ method: MethodId; place: Environment }>().may('stop'),
  'method.forbidden': about<{ method: MethodId; place: Environment }>().may('stop'),
  'method.wet-location': about<{ method: MethodId; place: Environment }>().may('stop'),
  'method.underground': about<{ method: MethodId }>().may('stop'),
  'method.corrosive': about<{ method: MethodId }>().may('stop'),
  'method.ask-listing': about<{ method: MethodId; place: Environment }>().may('ask'),
  'raceway.fill': about<{ method: MethodId; trade: TradeSize; fillPct: number; limitPct: number }>().may(
    'stop',
  ),
  'raceway.none': about<{ method: MethodId; areaIn2: number }>().may('stop'),
  'raceway.jam': about<{ trade: TradeSize; ratio: number }>().may('check'),
  'raceway.bends': about<{ degrees: number; limit: number }>().may('stop'),
  'drop.branch': about<{ dropPct: number; limitPct: number; dropV: number }>().may('check'),
  'drop.motor-start': about<{ dipPct: number; maxPct: number; startA: number }>().may('check'),
  'receptacle.rating-mismatch': about<{
    config: string;
    ratingA: number;
    ocpdA: number;
    motor?: boolean;
  }>().may('stop'),
  'receptacle.config-mismatch': about<{
    config: string;
    plug: string;
    why: 'shape' | 'volts';
    volts: number;
  }>().may('stop'),
  'receptacle.near-water': about<{ ft: number; minFt: number }>().may('stop'),
  'receptacle.from-water': about<{ minFt: number }>().surveyed('ask'),
  'receptacle.no-neutral': about<{ config: string }>().may('stop'),
  'receptacle.which-plug': about<{ volts: number }>().surveyed('ask'),
  'receptacle.no-ground': about<{ config: string }>().may('stop'),
  'receptacle.unknown': about<{ config: string }>().surveyed('ask'),
  'disconnect.ask': about<{ volts: number }>().surveyed('ask'),
  'disconnect.missing': about<{ kind: string }>().may('stop'),
  'disconnect.out-of-sight': about<{ ft: number | null; maxFt: number }>().may('stop'),
  'disconnect.not-lockable': about<{ ratingA: number }>().may('stop'),
  'disconnect.lock-or-sight': about<{ ratingA: number }>().surveyed('ask'),
  'disconnect.plug-tub': about<{ minFt: number }>().surveyed('ask'),
  'disconnect.plug-hp': about<{ config: string; hp: number; plugHp: number }>().surveyed('ask'),
  'disconnect.too-near-water': about<{ ft: number; minFt: number }>().may('stop'),
  'disconnect.inside-wall': about<{ ft: number; minFt: number }>().surveyed('ask'),
  'disconnect.place': about<{ maxFt: number; waterFt: number }>().surveyed('ask'),
  'disconnect.rating': about<{ ratingA: number; minA: number }>().may('stop'),
  'disconnect.spa-emergency': about<{ occupancy: Occupancy }>().may('stop'),
  'gfci.required': about<{ rule: GroundFaultRuleId; location: Location }>().may('stop', 'note'),
  'gfci.hvac-date': about<{ until: string; year: number }>().surveyed('ask'),
  'gfci.hvac-amendment': about<{ until: string; year: number }>().may('ask'),
  'gfci.hvac-exempt': about<{ until: string; year: number }>().may('check'),
  'gfci.contested': about<{ rule: GroundFaultRuleId; location: Location; ocpdA: number }>().may('ask'),
  'gfci.ask': about<{ volts: number }>().surveyed('ask'),
  'gfci.long-run': about<{ ft: number; maxFt: number }>().may('check'),
  'load.spa-pair': about<{ feederA: number; planned: boolean }>().may('check', 'note'),
  'load.pair-diagram': about<{ breakerA: number }>().surveyed('ask'),
  'disconnect.pair-main': about<{ feederA: number }>().may('ask'),
  'drop.total': about<{ totalPct: number; limitPct: number }>().may('check'),
  'rv.larger': about<{ amps: number }>().may('ask'),
  'gfci.neutral-missing': about<{ form: string }>().may('stop'),
  'gfci.neutral-bypassed': about<{ form: string }>().may('stop'),
  'gfci.line-load-reversed': about<{ form: string }>().may('stop'),
  'afci.required': about<{ location: Location }>().may('stop', 'note'),
  'afci.ask': about<{ ocpdA: number }>().surveyed('ask'),
  'ident.green-as-ungrounded': about<{ size: WireSize }>().may('stop'),
  'ident.white-hot-unmarked': about<{ size: WireSize; cable: boolean }>().may('stop', 'ask'),
  'ident.white-as-egc': about<{ size: WireSize }>().may('stop'),
  'ident.ground-remarked': about<{ size: WireSize }>().may('stop'),
  'feeder.surge': about<{ detached: boolean }>().surveyed('stop', 'ask'),
  'feeder.emergency': about<{ seen: boolean }>().surveyed('stop', 'ask'),
  'feeder.mobile-home': about<{ minA: number }>().may('ask'),
  'outlet.service': about<{ ft: number | null; maxFt: number }>().surveyed('stop', 'ask'),
  'disconnect.height': about<{ inches: number; maxIn: number }>().may('stop'),
  'disconnect.working-space': about<{ kind: string }>().may('stop'),
  'building.which': about<{ location: Location }>().surveyed('ask'),
  'building.structure': about<{ volts: number }>().surveyed('ask'),
  'building.supply': about<{ feeder: boolean }>().surveyed('ask'),
  'building.second-supply': about<{ supply: BuildingSupply; feeder: boolean }>().may('stop'),
  'building.second-allowed': about<{ by: 'special' | 'different' }>().may('ask'),
  'building.further-feeder': about<{ supply: BuildingSupply }>().may('check'),
  'building.disconnect': about<{ minA: number }>().may('stop', 'ask'),
  'building.only-supply': about<{ minA: number }>().may('note'),
  'existing.not-recorded': about<{ missing: 'breaker' | 'conductor' | 'both' }>().surveyed('ask'),
  'existing.frame': about<{ year: number }>().surveyed('ask'),
  'existing.three-wire': about<{ why: ThreeWireFault }>().may('stop'),
  'existing.three-wire-ask': about<{ missing: readonly string[] }>().surveyed('ask'),
  'existing.three-wire-stays': about<{ year: number }>().may('note'),
  'existing.bare-subpanel': about<{ year: number }>().may('ask'),
  'existing.feeder-stays': about<{ wires: number }>().may('check'),
  'existing.feeder-three-wires': about<{ detached: boolean }>().may('stop'),
  'existing.pump-replaced': about<{ protected: boolean }>().may('stop', 'ask'),
  'existing.new-water': about<{ minFt: number }>().surveyed('ask'),
  'existing.may-stay': about<{ rules: readonly NewWork[] }>().surveyed('ask'),
  'existing.stays': about<{ rules: readonly NewWork[] }>().may('note'),
  'local.requirement': about<{ text: string }>().may('note'),
  'edition.unverified': about<{ year: number }>().may('ask'),
};
