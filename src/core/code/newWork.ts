/**
 * Findings that hold for new work: an existing circuit that was legal when it was installed, and is neither extended
 * nor moved, may stay without what they require. Overcurrent protection, ampacity and grounding are not among them.
 */
export const NEW_WORK = [
  'gfci.required',
  'gfci.contested',
  'gfci.hvac-date',
  'gfci.hvac-amendment',
  'gfci.hvac-exempt',
  'gfci.ask',
  'afci.required',
  'afci.ask',
  'disconnect.missing',
  'disconnect.out-of-sight',
  'disconnect.not-lockable',
  'disconnect.lock-or-sight',
  'disconnect.place',
  'disconnect.inside-wall',
  'disconnect.ask',
  'disconnect.spa-emergency',
  'receptacle.near-water',
  'receptacle.from-water',
  'receptacle.no-neutral',
  'receptacle.no-ground',
  'egc.insulated',
  'egc.not-upsized',
  'egc.raised-by-floor',
] as const;

/** A rule for new work, by the code of its finding. */
export type NewWork = (typeof NEW_WORK)[number];

/** Why the neutral of a circuit may not ground a frame any more (250.140). */
export type ThreeWireFault =
  | 'appliance'
  | 'extended'
  | 'not-legal'
  | 'neutral-size'
  | 'bare-cable'
  | 'bare-subpanel'
  | 'box-ground'
  | 'not-bonded';

/** Questions that decide how a circuit is built: of one that is built they are not asked. */
export const PLANNING_ONLY: ReadonlySet<string> = new Set([
  'receptacle.which-plug',
  'rv.larger',
  'conductor.practice',
  'disconnect.plug-tub',
  'disconnect.plug-hp',
  'drop.branch',
  'drop.motor-start',
  'raceway.jam',
  'ocpd.start-exception',
]);
