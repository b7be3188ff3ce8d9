import { cite, type Edition } from '../code/edition';
import { methodCitation, type MethodId, type Environment } from '../code/methods';
import type { Citation, SectionKey } from '../code/sections';
import type { BurialPlace } from '../code/burialPlaces';
import type { TradeSize } from '../units/tradeSize';
import type { WireSize } from '../units/wireSize';
import type { RouteFitting } from '../code/routeKinds';
import type { Severity } from './finding';

/** What each finding about the way of a circuit was about, by its stable code. Its sentence is in core/wording. */
export interface RouteFindingData {
  'burial.depth': { coverIn: number; needsIn: number; place: BurialPlace };
  'burial.bored': { method: MethodId };
  'work.before-locate': { lengthFt: number };
  'station.transition': { from: MethodId; to: MethodId };
  'box.fill': { hasIn3: number; needsIn3: number };
  'box.none': { needsIn3: number };
  'box.pull-length': { hasIn: number; needsIn: number };
  'box.unbonded': { station: string };
  'body.marked': { size: WireSize; trade: TradeSize; minIn: number };
  'route.bends': { degrees: number; limit: number };
  'pull.tension': { pounds: number; maxLb: number; by: 'hand' | 'conductor' };
  'pull.sidewall': { lbPerFt: number; maxLbPerFt: number };
  'raceway.tight': { trade: TradeSize; fillPct: number; cable: string };
  'raceway.sleeve-full': { trade: TradeSize; fillPct: number; limitPct: number; cable: string };
  'seal.missing': { from: Environment; to: Environment };
  'bushing.missing': { size: WireSize };
  'nailplate.needed': { edgeIn: number };
  'ribbon.missing': { coverIn: number };
  'expansion.missing': { growthIn: number; lengthFt: number };
  'riser.unguarded': { method: MethodId };
  's-loop.missing': { method: MethodId };
  'knockout.size': { trade: TradeSize; needsIn: number; hasIn: number };
  'piece.short': { hasFt: number; needsFt: number };
  'way.differs': { name: string };
}

/** Code of a finding about the way of a circuit. */
export type RouteFindingCode = keyof RouteFindingData;

/** A finding about the way of a circuit: about one segment, or about the station at its end. */
export interface RouteFinding<C extends RouteFindingCode = RouteFindingCode> {
  readonly code: C;
  readonly severity: Severity;
  readonly data: RouteFindingData[C];
  readonly cite: Citation;
  readonly segment: number;
  /** The fitting that was left out, where that is the matter. */
  readonly fitting: RouteFitting | null;
}

/** A finding of any code. */
export type AnyRouteFinding = { [C in RouteFindingCode]: RouteFinding<C> }[RouteFindingCode];

/** Gathers findings about the way of one circuit under one edition. */
export class RouteFindings {
  readonly #all: AnyRouteFinding[] = [];
  readonly #code: Edition;

  constructor(code: Edition) {
    this.#code = code;
  }

  /** Records a finding about a segment, or the station at its end. */
  found<C extends RouteFindingCode>(
    severity: Severity,
    code: C,
    section: SectionKey,
    segment: number,
    data: RouteFindingData[C],
    of: { readonly method?: MethodId; readonly fitting?: RouteFitting } = {},
  ): void {
    const plain = cite(this.#code, section);
    const where = of.method === undefined ? plain : methodCitation(plain, of.method);
    const finding: RouteFinding<C> = {
      code,
      severity,
      data,
      cite: where,
      segment,
      fitting: of.fitting ?? null,
    };
    // The compiler cannot see that a finding of one code is a member of the union.
    this.#all.push(finding as unknown as AnyRouteFinding);
  }

  /** What was found, in the order in which it was. */
  get all(): readonly AnyRouteFinding[] {
    return this.#all;
  }
}
