import { cite, type Edition } from '../code/edition';
import type { Citation, SectionKey } from '../code/sections';
import type { ServiceMethod } from '../code/serviceMethods';
import type { RatingElement } from '../code/serviceMethods';
import type { WireSize } from '../units/wireSize';
import type { Severity } from './finding';

/** What each finding about service or panel was about, by its stable code. Its sentence is in core/wording. */
export interface HouseFindingData {
  'service.unknown': { what: 'rating' | 'area' };
  'service.overload': { amps: number; limitA: number; element: RatingElement; method: ServiceMethod };
  'service.tight': { spareA: number; limitA: number };
  'service.unbalanced': { aVA: number; bVA: number };
  'service.least': { ratingA: number; minA: number };
  'service.sharing': { what: string };
  'service.managed': { setpointA: number };
  'demand.too-short': { days: number; minDays: number };
  'demand.hourly': { minutes: number };
  'demand.season': { from: string; to: string };
  'demand.gaps': { missingPct: number };
  'demand.export': { rows: number };
  'demand.unit': { peakA: number };
  'panel.interrupting-rating': { faultA: number; ratingA: number };
  'panel.interrupting-unknown': { faultA: number };
  'panel.no-space': { wanted: number; free: number };
  'panel.unplaced': { count: number };
  'panel.too-many-circuits': { poles: number; max: number };
  'panel.tandem-not-allowed': { space: string };
  'panel.tandem-unknown': { spaces: number };
  'panel.clash': { space: string };
  'panel.same-leg': { space: string };
  'panel.breaker-not-listed': { listings: string };
  'panel.neutrals-mixed': { where: 'service' | 'subpanel' };
  'panel.neutral-shared-terminal': { name: string };
  'panel.unlabelled': { lines: readonly string[] };
  'panel.openings': { count: number };
  'panel.bus-below-main': { busA: number; mainA: number };
  'panel.no-main': { circuits: number };
  'panel.lug-range': { size: WireSize; from: WireSize; to: WireSize };
}

/** Code of a finding about service or panel. */
export type HouseFindingCode = keyof HouseFindingData;

/** A finding about service or panel. */
export interface HouseFinding<C extends HouseFindingCode = HouseFindingCode> {
  readonly code: C;
  readonly severity: Severity;
  readonly data: HouseFindingData[C];
  readonly cite: Citation;
}

/** A finding of any code. */
export type AnyHouseFinding = { [C in HouseFindingCode]: HouseFinding<C> }[HouseFindingCode];

/** Gathers findings about service or panel under one edition. */
export class HouseFindings {
  readonly #all: AnyHouseFinding[] = [];
  readonly #code: Edition;

  constructor(code: Edition) {
    this.#code = code;
  }

  /** Records a finding. */
  found<C extends HouseFindingCode>(
    severity: Severity,
    code: C,
    section: SectionKey,
    data: HouseFindingData[C],
  ): void {
    const finding: HouseFinding<C> = { code, severity, data, cite: cite(this.#code, section) };
    // The compiler cannot see that a finding of one code is a member of the union.
    this.#all.push(finding as unknown as AnyHouseFinding);
  }

  /** What was found, in the order in which it was. */
  get all(): readonly AnyHouseFinding[] {
    return this.#all;
  }
}
