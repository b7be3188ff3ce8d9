import { present } from '../units/present';
import type { ReceptacleUse } from '../appliances/family';
import type { Edition } from '../code/edition';
import { meets } from '../units/quantity';
import type { Working } from '../working/worked';
import { AT_WATER } from './loadKinds';
import type { OutletFacts } from './outletFacts';
import { configurationOf, judgePlug } from './plugFit';

/** What keeps rain out of a receptacle. */
export type Cover = 'none' | 'damp' | 'in-use' | 'weatherproof';

/** A receptacle by its configuration and rating, with what its place asks of it. */
export interface ReceptacleChoice {
  readonly config: string;
  readonly ratingA: number;
  readonly tamperResistant: boolean;
  readonly weatherResistant: boolean;
  readonly cover: Cover;
}

/** Configurations for one appliance on its own circuit, by what they carry, smallest first. */
const SINGLE: Readonly<Record<ReceptacleUse, readonly string[]>> = {
  '120': ['5-15', '5-20', 'TT-30'],
  '240': ['6-15', '6-20', '6-30', '6-50'],
  '120/240': ['14-30', '14-50', '14-60'],
  /** Vehicle cords come with 14-30 and 14-50 plugs though the charger leaves the neutral alone. */
  'vehicle-14': ['14-30', '14-50'],
  rv: ['14-50'],
  outlet: ['5-15', '5-20'],
};

function usable({ needs, load }: OutletFacts): readonly string[] {
  if (needs.use === 'rv' && load.volts <= 125) return ['TT-30'];
  // The plugs of motors at 120 V: a trailer's is none of them.
  return load.own === 'motor' && needs.use === '120' ? SINGLE.outlet : SINGLE[needs.use];
}

/** A 50 A receptacle is made for 40 A circuits too (Table 210.21(B)(3)). */
const SMALL_A = 20;

/** What the place asks of a receptacle: tamper and weather resistance, and the cover (406.9, 406.12). */
function placed(
  config: string,
  ratingA: number,
  { location, needs, survey }: OutletFacts,
  code: Edition,
): ReceptacleChoice {
  const row = configurationOf(code, config);
  const small = ratingA <= SMALL_A && row?.locking === false;
  const wet = location === 'outdoor';
  const damp = location === 'damp' || location === 'boathouse';
  const cover: Cover = wet
    ? small
      ? 'in-use'
      : needs.unattended
        ? 'weatherproof'
        : 'damp'
    : damp
      ? 'damp'
      : 'none';
  return {
    config,
    ratingA,
    tamperResistant: small && survey.occupancy !== 'other',
    weatherResistant: small && (wet || damp),
    cover,
  };
}

function comparePlanned(facts: OutletFacts, code: Edition, work: Working): void {
  const { site, ocpdA, load } = facts;
  const { receptacle, plug } = site;
  if (receptacle === undefined) return;
  const row = configurationOf(code, receptacle);
  if (row === undefined) {
    work.found('ask', 'receptacle.unknown', 'receptacle.config', { config: receptacle });
    return;
  }
  if (!meets(row.amps, ocpdA) && load.outlets === 1) {
    work.found('stop', 'receptacle.rating-mismatch', 'receptacle.rating', {
      config: receptacle,
      ratingA: row.amps,
      ocpdA,
    });
  }
  const fit = judgePlug(
    { plug: plug ?? receptacle, receptacle, volts: load.volts, ocpdA, outlets: load.outlets },
    code,
  );
  // Ratings and grounds have findings of their own.
  if ((fit.why === 'shape' && plug !== undefined) || fit.why === 'volts') {
    work.found('stop', 'receptacle.config-mismatch', 'receptacle.config', {
      config: receptacle,
      plug: plug ?? '',
      why: fit.why,
      volts: load.volts,
    });
  }
  if (!row.ground) work.found('stop', 'receptacle.no-ground', 'receptacle.ground', { config: receptacle });
  // What is not made for these volts lacks more than a neutral, and is told by its own finding.
  else if (row.neutral && row.volts !== '125' && load.volts > 125 && !load.neutral)
    work.found('stop', 'receptacle.no-neutral', 'receptacle.listing', { config: receptacle });
}

/** A receptacle is 6 ft or more from the water along the cord path, GFCI or not (680.22(A), 680.34, 680.43(A)). */
function nearWater({ site, needs, location }: OutletFacts, code: Edition, work: Working): void {
  const { waterFt } = site;
  const min = code.parameters.receptacleFromWaterFt;
  if (waterFt === undefined) {
    if (AT_WATER.has(needs.kind)) work.found('ask', 'receptacle.from-water', min.cite, { minFt: min.value });
    return;
  }
  if (waterFt >= min.value - 1e-9) return;
  const outdoors = location === 'outdoor';
  const cite = !outdoors
    ? 'zone.receptacle-indoors'
    : needs.kind === 'pool-pump'
      ? 'zone.receptacle-pump'
      : min.cite;
  work.found('stop', 'receptacle.near-water', cite, { ft: waterFt, minFt: min.value });
}

/**
 * The smallest single receptacle on an individual circuit that is rated no less than the circuit
 * (210.21(B)(1)), with cover and resistance by its place; a stop where none is made that large. A planned
 * or existing one is compared. Null for what is hardwired.
 */
export function receptacleChoice(facts: OutletFacts, code: Edition, work: Working): ReceptacleChoice | null {
  const { load, ocpdA, needs, site } = facts;
  if (load.connection !== 'receptacle') return null;
  nearWater(facts, code, work);
  comparePlanned(facts, code, work);
  const made = usable(facts).map((config) => ({
    config,
    ratingA: present(configurationOf(code, config), 'configuration', config).amps,
  }));
  const fits = made.find(({ ratingA }) => ratingA >= ocpdA);
  const planned = site.receptacle === undefined ? undefined : configurationOf(code, site.receptacle);
  if (planned !== undefined) return placed(planned.config, planned.amps, facts, code);
  if (fits === undefined) {
    const { config = '', ratingA = 0 } = made.at(-1) ?? {};
    work.found('stop', 'receptacle.rating-mismatch', 'receptacle.rating', {
      config,
      ratingA,
      ocpdA,
      motor: load.own === 'motor',
    });
    return null;
  }
  work.step('receptacle.choice', 'receptacle.rating', { ocpdA, neutral: needs.usesNeutral }, fits.config, {
    read: { table: 'configurations', row: fits.config, column: 'amps' },
  });
  const choice = placed(fits.config, fits.ratingA, facts, code);
  work.step(
    'receptacle.place',
    'receptacle.cover',
    { location: facts.location, weather: choice.weatherResistant, tamper: choice.tamperResistant },
    choice.cover,
  );
  return choice;
}
