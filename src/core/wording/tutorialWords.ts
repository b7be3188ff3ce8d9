/** The steps of the tutorial on the demo job, in their order. */
export const TUTORIAL_STEPS = [
  'figure',
  'fix',
  'length',
  'undo',
  'service',
  'panel',
  'materials',
  'checks',
  'packet',
] as const;
/** A step of the tutorial. */
export type TutorialStep = (typeof TUTORIAL_STEPS)[number];

interface StepText {
  /** What is learned. */
  readonly title: string;
  /** What to do. */
  readonly act: string;
  /** What it shows, once it is done. */
  readonly seen: string;
}

/** What each step of the tutorial says. */
export const TUTORIAL: Readonly<Record<TutorialStep, StepText>> = {
  figure: {
    title: 'Every figure says why',
    act: 'Choose Breaker in the ladder under the run.',
    seen: '48 A continuous × 125 % = 60 A: the formula, its section and the next standard size stand at the right.',
  },
  fix: {
    title: 'A stop brings its fixes',
    act: 'Choose Conductor, which is stopped, and take the first fix.',
    seen: 'Each fix was tried on the whole job before it was offered, with what it costs.',
  },
  length: {
    title: 'Figures follow each key',
    act: 'Type 90 under Length, A to B.',
    seen: 'Voltage drop, wire to cut and price changed while you typed.',
  },
  undo: {
    title: 'Nothing is lost',
    act: 'Take it back: Ctrl Z, or Undo above.',
    seen: 'Undo goes back to the beginning of the job, also after the browser was closed.',
  },
  service: {
    title: 'Does the service carry it?',
    act: 'Go to Service (key 2) and ask the simulated recorder.',
    seen: 'A year of readings beside the computed methods: the highest peak counts at 125 % (220.87).',
  },
  panel: {
    title: 'Where does it go?',
    act: 'Go to Panel (key 5).',
    seen: 'New circuits in their spaces, the directory beside them, the legs weighed.',
  },
  materials: {
    title: 'What does it take?',
    act: 'Go to Materials (key 6).',
    seen: 'Every foot and piece, traced to its segment; wire cut from coils and sticks at the least cost.',
  },
  checks: {
    title: 'Is it right?',
    act: 'Go to Checks (key 8).',
    seen: 'The hot tub reads 114.6 V where 120 is expected: the diagnosis names the joint, and what to measure next.',
  },
  packet: {
    title: 'Hand it over',
    act: 'Go to Packet (key 9).',
    seen: 'Every page as it prints, for four readers. Seven things are open before it can be sealed, each with its page.',
  },
};
