import type { NewWork, ThreeWireFault } from '../code/newWork';

/** What new work requires, in the words of a list. Rules that require the same thing have the same words. */
const newWorkName: Readonly<Record<NewWork, string>> = {
  'gfci.required': 'GFCI protection',
  'gfci.contested': 'GFCI protection',
  'gfci.hvac-date': 'GFCI protection',
  'gfci.hvac-amendment': 'GFCI protection',
  'gfci.hvac-exempt': 'GFCI protection',
  'gfci.ask': 'GFCI protection',
  'afci.required': 'AFCI protection',
  'afci.ask': 'AFCI protection',
  'disconnect.missing': 'a disconnect',
  'disconnect.out-of-sight': 'a disconnect in sight',
  'disconnect.not-lockable': 'a breaker that can be locked off',
  'disconnect.lock-or-sight': 'a breaker in sight or lockable',
  'disconnect.place': 'a disconnect in sight',
  'disconnect.inside-wall': 'a disconnect away from the water',
  'disconnect.ask': 'a disconnect where its article or manufacturer requires one',
  'disconnect.spa-emergency': 'an emergency shutoff',
  'receptacle.near-water': 'a receptacle 6 ft or more from the water',
  'receptacle.from-water': 'a receptacle 6 ft or more from the water',
  'receptacle.no-neutral': 'four wires',
  'receptacle.no-ground': 'a receptacle with a ground',
  'egc.insulated': 'an insulated ground',
  'egc.not-upsized': 'a ground increased with the conductors',
  'egc.raised-by-floor': 'a ground increased with the conductors',
};

/** What a new circuit would require, each thing once, as words in a row. */
export const requiredWhenNew = (rules: readonly NewWork[]): string =>
  [...new Set(rules.map((each) => newWorkName[each]))].join(', ');

/** Why three wires may not stay. */
export const threeWireFault: Readonly<Record<ThreeWireFault, string>> = {
  appliance:
    'Only the frame of a range, oven, cooktop or dryer may be grounded by the neutral of an existing circuit.',
  extended: 'A branch circuit that is extended or moved is new work: four wires.',
  'not-legal': 'Three wires that were not legal when installed may not stay.',
  'neutral-size': 'The neutral that grounds the frame is smaller than 10 AWG copper or 8 AWG aluminum.',
  'bare-cable': 'A bare conductor is a neutral in service-entrance cable only.',
  'bare-subpanel': 'A bare neutral must come from the service equipment, not from a subpanel.',
  'box-ground':
    'A ground is in the box: the frame is grounded by it, and the neutral is not bonded to the frame.',
  'not-bonded': 'Receptacle and frame are not bonded to the neutral: nothing grounds the frame.',
};

const MISSING: Readonly<Record<string, string>> = {
  extended: 'whether this job extends it',
  legal: 'whether it was legal when installed',
  neutral: 'whether the neutral is insulated',
  serviceCable: 'whether it is SE cable',
  panel: 'whether it comes from the service equipment',
  groundInBox: 'whether a ground is in the box',
  frameBonded: 'whether receptacle and frame are bonded to the neutral',
};

/** What is still to look at, as words in a row. */
export const stillToLookAt = (missing: readonly string[]): string =>
  missing.map((each) => MISSING[each] ?? each).join(', ');

/** What of an existing circuit was not recorded. */
export const notRecorded: Readonly<Record<'breaker' | 'conductor' | 'both', string>> = {
  breaker: 'Which breaker is it on? Record its rating: an existing circuit is judged, never sized.',
  conductor: 'Which conductor is it? Record its size: an existing circuit is judged, never sized.',
  both: 'Which breaker and which conductor are there? Record both: an existing circuit is judged, never sized.',
};
