import type { Edition } from '../code/edition';
import type { GroundFaultForm } from '../code/groundFaultForms';
import type { SectionKey } from '../code/sections';
import { meets } from '../units/quantity';
import type { DisconnectArticle } from '../working/step';
import type { Working } from '../working/worked';
import { disconnectChoice, type DisconnectChoice } from './disconnectChoice';
import { compareDisconnect, RATING_SECTION } from './disconnectMeasured';
import type { OutletFacts } from './outletFacts';

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

/** A receptacle for servicing heating and cooling equipment (210.63). */
function serviceOutlet({ needs, site }: OutletFacts, { parameters }: Edition, work: Working): void {
  if (needs.kind !== 'hvac') return;
  const max = parameters.serviceOutletFt;
  const { serviceOutletFt: ft } = site;
  const data = { ft: ft ?? null, maxFt: max.value };
  if (ft === undefined) work.found('ask', 'outlet.service', max.cite, data);
  else if (!meets(max.value, ft)) work.found('stop', 'outlet.service', max.cite, data);
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
  const choice = disconnectChoice(plugCounts ? facts : hardwiredTwin(facts), form, code);
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
    work.step('disconnect.rating', RATING_SECTION[by] ?? cite, { minA, ocpdA: facts.ocpdA }, choice.ratingA);
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
  compareDisconnect(choice, facts, cite, code, work);
  serviceOutlet(facts, code, work);
  return choice;
}
