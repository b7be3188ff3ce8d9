import type { Edition } from '../code/edition';
import { MAX_HANDLE_IN } from '../code/mounting';
import type { SectionKey } from '../code/sections';
import { meets } from '../units/quantity';
import type { DisconnectArticle } from '../working/step';
import type { Working } from '../working/worked';
import type { GroundFaultForm } from '../code/groundFaultForms';
import type { OutletFacts } from './outletFacts';

/** Kinds of disconnecting means. */
export type DisconnectKind = 'none' | 'plug' | 'lockable-breaker' | 'switch' | 'motor-switch' | 'enclosure';

/** The disconnecting means of an appliance. */
export interface DisconnectChoice {
  readonly required: boolean | 'ask';
  readonly kind: DisconnectKind;
  readonly ratingA: number | null;
  /** Whether it must be seen from the appliance and stand within 50 ft. */
  readonly inSight: boolean;
  /** Farthest from the appliance, and least from water, feet; null where no distance is asked. */
  readonly withinFt: number | null;
  readonly fromWaterFt: number | null;
}

const NONE: DisconnectChoice = {
  required: false,
  kind: 'none',
  ratingA: null,
  inSight: false,
  withinFt: null,
  fromWaterFt: null,
};
const PLUG: DisconnectChoice = { ...NONE, kind: 'plug', inSight: true };

/** Ratings that switches and enclosures are made in, amperes. */
const SWITCHES_A = [30, 60, 100, 200, 400] as const;

const SECTION: Readonly<Record<DisconnectArticle, SectionKey>> = {
  appliance: 'disconnect.appliance',
  motor: 'disconnect.motor',
  hermetic: 'disconnect.hermetic',
  pool: 'disconnect.pool',
  ev: 'disconnect.ev',
  welder: 'disconnect.welder',
  building: 'disconnect.building',
  none: 'load.nameplate',
  'room-ac': 'disconnect.room-ac',
  ask: 'load.nameplate',
};

/** Where the rating of a disconnect is said apart from the disconnect itself. */
const RATING: Readonly<Partial<Record<DisconnectArticle, SectionKey>>> = {
  motor: 'disconnect.rating-motor',
  hermetic: 'disconnect.rating-hermetic',
};

/** Up to 300 VA or 1/8 hp the branch device itself is enough (422.31(A)). */
const SMALL_VA = 300;

/** A switch of a rating no less than the load asks, and by practice no less than the branch device. */
const switchRating = (minA: number, ocpdA: number): number =>
  SWITCHES_A.find((each) => meets(each, Math.max(minA, ocpdA))) ?? Math.max(minA, ocpdA);

function choose(
  { needs, load, ocpdA, fromSpaPanel, site }: OutletFacts,
  form: GroundFaultForm,
  { parameters }: Edition,
): DisconnectChoice {
  const { by, minA } = needs.disconnect;
  const withinFt = parameters.inSightFt.value;
  const ratingA = switchRating(minA, ocpdA);
  const plugged = load.connection === 'receptacle';
  switch (by) {
    case 'ask':
      return { ...NONE, required: 'ask' };
    case 'none':
    case 'room-ac':
      return plugged ? PLUG : NONE;
    case 'ev': {
      if (plugged) return PLUG;
      const required = load.equipmentA > parameters.evDisconnectOverA.value;
      return required ? { ...NONE, required, kind: 'lockable-breaker', ratingA: ocpdA } : NONE;
    }
    case 'appliance':
      if (plugged) return PLUG;
      return load.volts * load.equipmentA <= SMALL_VA
        ? NONE
        : { ...NONE, required: true, kind: 'lockable-breaker', ratingA: ocpdA };
    case 'welder':
      return plugged ? PLUG : { ...NONE, required: true, kind: 'switch', ratingA };
    case 'motor': {
      if (plugged) return PLUG;
      const seen = needs.disconnect.atController !== true;
      return {
        ...NONE,
        required: true,
        kind: 'motor-switch',
        ratingA,
        inSight: seen,
        withinFt: seen ? withinFt : null,
      };
    }
    case 'hermetic':
      return { ...NONE, required: true, kind: 'switch', ratingA, inSight: true, withinFt };
    case 'pool':
      if (plugged && (needs.kind !== 'spa' || site.plugDisconnect === true))
        return { ...PLUG, required: true, fromWaterFt: parameters.poolDisconnectFt.value };
      return {
        required: true,
        kind: form === 'spa-enclosure' || fromSpaPanel ? 'enclosure' : 'switch',
        ratingA,
        inSight: true,
        withinFt,
        fromWaterFt: parameters.poolDisconnectFt.value,
      };
    case 'building':
      return { ...NONE, required: true, kind: 'switch', ratingA };
  }
}

/** A breaker is the disconnect where it is in sight or lockable, or beside a unit switch (422.31(B), 422.34). */
function lockOrSight(
  { ratingA }: DisconnectChoice,
  { lockable, disconnectInSight, disconnectFt, unitSwitch }: OutletFacts['site'],
  { parameters }: Edition,
  cite: SectionKey,
  work: Working,
): void {
  // In sight is visible and within 50 ft (Article 100).
  const isTooFar = disconnectFt !== undefined && !meets(parameters.inSightFt.value, disconnectFt);
  const isInSight = isTooFar ? false : disconnectInSight;
  if (lockable === true || isInSight === true || unitSwitch === true) return;
  const about = { ratingA: ratingA ?? 0 };
  if (lockable === false && isInSight === false) work.found('stop', 'disconnect.not-lockable', cite, about);
  else work.found('ask', 'disconnect.lock-or-sight', cite, about);
}

/** Motors that a receptacle is usually rated for, horsepower. */
const PLUG_HP: Readonly<Record<string, number>> = {
  '5-15': 0.5,
  '5-20': 1,
  '6-15': 1.5,
  '6-20': 2,
  '6-30': 2,
  '6-50': 3,
};

/** Whether the plug of a motor may be its disconnect: only where it is rated for its horsepower (430.109(F)). */
function plugOfMotor(facts: OutletFacts, config: string | undefined, work: Working): boolean {
  const { hp } = facts.needs.disconnect;
  if (hp === undefined || config === undefined || facts.site.plugHp === true) return true;
  const plugHp = PLUG_HP[config] ?? 0;
  if (hp <= plugHp) return true;
  if (facts.site.plugHp === undefined)
    work.found('ask', 'disconnect.plug-hp', 'disconnect.plug-motor', { config, hp, plugHp });
  return false;
}

/** How high a switch or enclosure is mounted, and whether the space before it is clear (404.8(A), 110.26(A)). */
function mounting(
  { kind }: DisconnectChoice,
  { disconnectHandleFt, disconnectClear }: OutletFacts['site'],
  work: Working,
): void {
  if (kind !== 'switch' && kind !== 'motor-switch' && kind !== 'enclosure') return;
  const inches = (disconnectHandleFt ?? 0) * 12;
  if (!meets(MAX_HANDLE_IN, inches))
    work.found('stop', 'disconnect.height', 'panel.height', { inches, maxIn: MAX_HANDLE_IN });
  if (disconnectClear === false)
    work.found('stop', 'disconnect.working-space', 'panel.working-space', { kind });
}

/** A receptacle for servicing heating and cooling equipment (210.63). */
function serviceOutlet({ needs, site }: OutletFacts, { parameters }: Edition, work: Working): void {
  if (needs.kind !== 'hvac') return;
  const max = parameters.serviceOutletFt;
  const { serviceOutletFt: ft } = site;
  const data = { ft: ft ?? null, maxFt: max.value };
  if (ft === undefined) work.found('ask', 'outlet.service', max.cite, data);
  else if (!meets(max.value, ft)) work.found('stop', 'outlet.service', max.cite, data);
}

/** The inside wall lies at most so far behind the outer edge of a tub, feet. */
const RIM_FT = 1;

/**
 * How far a disconnect is from the water, measured to its inside wall (680.13): clear, too near, not known; or known to
 * the outer edge alone, so that the inside wall decides. A permanent barrier counts with the path around it.
 */
function fromWater(
  { waterFt, waterEdgeFt, reachFt }: OutletFacts['site'],
  minFt: number,
): 'clear' | 'unknown' | 'inside-wall' | { readonly ft: number } {
  if (reachFt !== undefined && meets(reachFt, minFt)) return 'clear';
  if (waterFt !== undefined) return meets(waterFt, minFt) ? 'clear' : { ft: waterFt };
  if (waterEdgeFt === undefined) return 'unknown';
  if (meets(waterEdgeFt, minFt)) return 'clear';
  return meets(waterEdgeFt, minFt - RIM_FT) ? 'inside-wall' : { ft: waterEdgeFt };
}

function compare(
  choice: DisconnectChoice,
  { site, needs, load }: OutletFacts,
  cite: SectionKey,
  code: Edition,
  work: Working,
): void {
  if (choice.required !== true) return;
  if (site.disconnect === 'none') {
    work.found('stop', 'disconnect.missing', cite, { kind: choice.kind });
    return;
  }
  const { disconnectFt, disconnectInSight, disconnectA } = site;
  if (choice.withinFt !== null && (disconnectInSight === false || (disconnectFt ?? 0) > choice.withinFt)) {
    work.found('stop', 'disconnect.out-of-sight', cite, {
      ft: disconnectFt ?? null,
      maxFt: choice.withinFt,
    });
  }
  const water = choice.fromWaterFt === null ? 'clear' : fromWater(site, choice.fromWaterFt);
  if (typeof water === 'object')
    work.found('stop', 'disconnect.too-near-water', cite, { ft: water.ft, minFt: choice.fromWaterFt ?? 0 });
  if (water === 'inside-wall')
    work.found('ask', 'disconnect.inside-wall', cite, {
      ft: site.waterEdgeFt ?? 0,
      minFt: choice.fromWaterFt ?? 0,
    });
  const asks = choice.withinFt !== null && disconnectFt === undefined && disconnectInSight === undefined;
  if (asks || water === 'unknown') {
    work.found('ask', 'disconnect.place', cite, {
      maxFt: choice.withinFt ?? 0,
      waterFt: choice.fromWaterFt ?? 0,
    });
  }
  if (disconnectA !== undefined && !meets(disconnectA, needs.disconnect.minA)) {
    work.found('stop', 'disconnect.rating', RATING[needs.disconnect.by] ?? cite, {
      ratingA: disconnectA,
      minA: needs.disconnect.minA,
    });
  }
  mounting(choice, site, work);
  if (choice.kind === 'lockable-breaker' && load.equipmentA > 0) lockOrSight(choice, site, code, cite, work);
}

/** The same outlet as if its plug were none: what then disconnects it. */
const hardwiredTwin = (facts: OutletFacts): OutletFacts => ({
  ...facts,
  load: { ...facts.load, connection: 'hardwired' },
});

/**
 * The disconnecting means of an appliance: whether, of which kind and rating, in sight, how far from water
 * (422.31, 430.102, 430.109, 440.14, 625.43, 630.13, 680.13, 225.31), compared with what was measured.
 */
export function disconnectingMeans(
  facts: OutletFacts,
  receptacle: string | undefined,
  form: GroundFaultForm,
  code: Edition,
  work: Working,
): DisconnectChoice {
  const { by, minA } = facts.needs.disconnect;
  const cite = by === 'appliance' && facts.load.connection === 'receptacle' ? 'disconnect.cord' : SECTION[by];
  const motorOnPlug = by === 'motor' && facts.load.connection === 'receptacle';
  const plugCounts = !motorOnPlug || plugOfMotor(facts, receptacle, work);
  const choice = choose(plugCounts ? facts : hardwiredTwin(facts), form, code);
  if (by === 'ask') {
    work.step('disconnect.ask', cite, { volts: facts.load.volts }, 'ask');
    work.found('ask', 'disconnect.ask', cite, { volts: facts.load.volts });
    return choice;
  }
  const over = code.parameters.evDisconnectOverA;
  // No section speaks of the disconnect of an outlet, or of a panel in the same building.
  if (by !== 'none')
    work.step(
      'disconnect.need',
      cite,
      { minA, by, overA: over.value },
      choice.kind,
      by === 'ev' ? { by: over } : {},
    );
  if (choice.ratingA !== null)
    work.step('disconnect.rating', RATING[by] ?? cite, { minA, ocpdA: facts.ocpdA }, choice.ratingA);
  if (facts.needs.disconnect.also !== undefined)
    work.step(
      'disconnect.need',
      SECTION[facts.needs.disconnect.also],
      { minA, by, overA: over.value },
      choice.kind,
    );
  if (
    facts.needs.kind === 'spa' &&
    facts.load.connection === 'receptacle' &&
    facts.site.plugDisconnect === undefined
  )
    work.found('ask', 'disconnect.plug-tub', cite, { minFt: code.parameters.poolDisconnectFt.value });
  if (facts.needs.kind === 'spa') work.found('note', 'spa.first-power', 'work.integrity', {});
  const needsShutoff = facts.needs.kind === 'spa' && facts.survey.occupancy !== 'one-family';
  if (needsShutoff && facts.site.emergencyShutoff !== 'planned') {
    work.found('stop', 'disconnect.spa-emergency', 'disconnect.spa-emergency', {
      occupancy: facts.survey.occupancy,
    });
  }
  compare(choice, facts, cite, code, work);
  serviceOutlet(facts, code, work);
  return choice;
}
