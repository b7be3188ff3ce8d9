import type { StepKind } from '../days/jobStep';

/** What a kind of work needs on site besides its material. */
export const SITE_TOOLS: Readonly<Record<StepKind, readonly string[]>> = {
  dig: ['trenching spade or trencher', 'cones, planks over the trench', 'tape measure'],
  conduit: ['saw, reamer', 'cement and cleaner', 'heat blanket for bends'],
  ring: ['crimper or listed connectors', 'depth gauge', 'camera'],
  cover: ['hand tamper, two rakes', 'camera'],
  rough: ['drill, auger bits', 'staples, plates', 'level'],
  pull: ['fish tape, pull line', 'wire lubricant', 'marking tape for every end'],
  backfill: ['hand tamper, two rakes', 'warning ribbon', 'sand if there is rock'],
  subpanel: ['torque driver', 'tester', 'labels'],
  trim: ['torque driver', 'tester', 'level'],
  panel: ['torque driver', 'tester, proving unit', 'lock and tag', 'own light and power'],
  'set-panel': ['torque driver', 'tester, proving unit', 'lock and tag', 'own light and power'],
  land: ['torque driver', 'tester, proving unit', 'lock and tag'],
  prove: ['tester, proving unit', 'insulation tester', 'lock and tag'],
  energize: ['tester, proving unit', 'ground-fault tester', 'rated gloves, face shield'],
  mend: ['tester', 'camera'],
  'hand-over': ['directory', 'manuals', 'sheet of readings'],
};

/** How a place is left after a kind of work. */
export const LEFT_SO: Readonly<Record<StepKind, string>> = {
  dig: 'Cones and planks over the open trench.',
  conduit: 'Ends capped, trench open for the inspector.',
  ring: 'Nothing covered; connections in sight.',
  cover: 'Filled or poured after the inspector; photographs kept.',
  rough: 'Boxes open for the inspector, ends made safe, nothing fed.',
  pull: 'Every conductor marked at both ends, nothing landed in the panel.',
  backfill: 'Ribbon in, ground tamped, path free.',
  subpanel: 'Cover on, feeder off, locked and tagged.',
  trim: 'Covers on, circuit off and tagged.',
  'set-panel': 'Cover on, main off until the utility has closed.',
  land: 'Cover on, feeder off, locked and tagged.',
  panel: 'Cover on, new breakers off and tagged.',
  prove: 'Off, locked, tagged, with its dead readings.',
  energize: 'On, with its readings; or off, locked, and why.',
  mend: 'As the inspector asked, with a photograph.',
  'hand-over': 'Directory in the door, manuals with the owner.',
};
