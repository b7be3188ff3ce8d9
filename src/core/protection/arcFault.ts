import type { Edition } from '../code/edition';
import type { Location } from '../code/locations';
import type { Working } from '../working/worked';
import { localRule } from './groundFaultSources';
import type { OutletFacts } from './outletFacts';

/** Whether AFCI protection is asked for, and why. */
export interface ArcFaultChoice {
  readonly required: boolean | 'ask';
  readonly why: 'over-120v' | 'over-20a' | 'rooms' | 'room-not-listed' | 'not-a-branch' | 'unknown';
}

/** Rooms whose outlets and devices ask for it (210.12(A); 2023: (B)). */
const LISTED: ReadonlySet<Location> = new Set([
  'kitchen',
  'food',
  'living',
  'bedroom',
  'hall',
  'closet',
  'laundry',
  'finished-basement',
]);

const LARGEST_A = 20;

function evaluate({ needs, load, ocpdA, location, survey, site }: OutletFacts): ArcFaultChoice {
  if (needs.kind === 'feeder') return { required: false, why: 'not-a-branch' };
  if (load.volts > 125) return { required: false, why: 'over-120v' };
  if (ocpdA > LARGEST_A) return { required: false, why: 'over-20a' };
  if (needs.kind === 'other' && site.room === undefined && location === needs.location)
    return { required: 'ask', why: 'unknown' };
  if (survey.occupancy === 'other') return { required: 'ask', why: 'unknown' };
  return LISTED.has(location)
    ? { required: true, why: 'rooms' }
    : { required: false, why: 'room-not-listed' };
}

const WORD: Readonly<Record<string, string>> = { ask: 'ask', true: 'breaker', false: 'none' };

/** AFCI protection: 120 V circuits of up to 20 A with outlets or devices in the rooms of a dwelling (210.12). */
export function arcFault(facts: OutletFacts, code: Edition, work: Working): ArcFaultChoice {
  const choice = evaluate(facts);
  const { load, ocpdA, location, site } = facts;
  const lifted = code.local.noArcFault;
  const word = lifted !== undefined ? 'none' : (WORD[String(choice.required)] ?? 'none');
  work.step('afci.rule', 'afci.rooms', { volts: load.volts, ocpdA, location }, word, {
    by: lifted === undefined ? code.parameters.afciRooms : localRule(lifted),
  });
  if (lifted !== undefined) return { required: false, why: 'room-not-listed' };
  if (choice.required === 'ask') work.found('ask', 'afci.ask', 'afci.rooms', { ocpdA });
  if (choice.required === true) {
    work.found(site.arcFault === 'none' ? 'stop' : 'note', 'afci.required', 'afci.rooms', { location });
  }
  return choice;
}
