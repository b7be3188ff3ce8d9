import type { YardThing } from '../../../core/code/waterFacts';

/** How something in the yard is drawn, in a box of 20 by 20 about its middle: what is filled, and what is only drawn. */
export interface ThingMark {
  readonly body: string;
  readonly lines?: string;
}

const BOX = 'M-8 -8H8V8H-8Z';
const ROUND = 'M-8 0a8 8 0 1 0 16 0a8 8 0 1 0 -16 0Z';

/** A mark for each thing. A thing without one does not compile. */
export const THING_MARKS: Readonly<Record<YardThing, ThingMark>> = {
  pump: { body: 'M-10 0a6 6 0 1 0 12 0a6 6 0 1 0 -12 0ZM2 -4H11V4H2Z' },
  heater: { body: 'M-9 -9H9V9H-9Z', lines: 'M-5 4c0 -3 3 -3 3 -6M-1 5c0 -4 4 -4 4 -9M4 4c0 -3 2 -3 2 -6' },
  'cover-motor': { body: 'M-11 -4H11V4H-11Z', lines: 'M-7 -4V4M7 -4V4' },
  receptacle: { body: BOX, lines: 'M-3 -4V0M3 -4V0M-1.5 5a1.5 1.5 0 1 1 3 0' },
  'pump-receptacle': { body: ROUND, lines: 'M-3 -4V0M3 -4V0M-1.5 4a1.5 1.5 0 1 1 3 0' },
  switch: { body: 'M-5 -8H5V8H-5Z', lines: 'M0 4L3 -5' },
  timer: { body: BOX, lines: 'M-5 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0M0 -3V0L2.5 1.5' },
  disconnect: { body: 'M-6 -9H6V9H-6Z', lines: 'M-2 5L3 -4M-2 5h0' },
  panel: { body: 'M-8 -10H8V10H-8Z', lines: 'M-5 -6H-1M1 -6H5M-5 -2H-1M1 -2H5M-5 2H-1M1 2H5M-5 6H-1M1 6H5' },
  outlet: { body: 'M0 -9L9 7H-9Z', lines: 'M0 -2V3' },
  equipment: { body: BOX, lines: 'M-4 -4H4V4H-4Z' },
  luminaire: { body: ROUND, lines: 'M-5.6 -5.6L5.6 5.6M-5.6 5.6L5.6 -5.6' },
  fan: { body: ROUND, lines: 'M0 0L0 -8M0 0L7 4M0 0L-7 4' },
  light: { body: 'M-7 -8H0a8 8 0 0 1 0 16H-7Z' },
  'junction-box': { body: 'M-6 -6H6V6H-6Z', lines: 'M-6 -6L6 6M-6 6L6 -6' },
  ladder: {
    body: 'M-7 -2a2 2 0 1 0 4 0a2 2 0 1 0 -4 0ZM3 -2a2 2 0 1 0 4 0a2 2 0 1 0 -4 0Z',
    lines: 'M-5 0V9M5 0V9M-5 4H5',
  },
  rail: {
    body: 'M-7 0a2 2 0 1 0 4 0a2 2 0 1 0 -4 0ZM3 0a2 2 0 1 0 4 0a2 2 0 1 0 -4 0Z',
    lines: 'M-5 -2V-9H5V-2',
  },
  board: { body: 'M-4 -11H4V11H-4Z', lines: 'M-4 6H4' },
  drain: { body: 'M-5 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0Z', lines: 'M-5 0H5M0 -5V5' },
  'water-plate': { body: 'M-4 -7H4V7H-4Z' },
  door: { body: 'M-10 -2H10V2H-10Z', lines: 'M-10 2V12A10 10 0 0 0 0 2' },
  window: { body: 'M-10 -3H10V3H-10Z', lines: 'M-10 0H10' },
  gate: { body: 'M-10 -2H10V2H-10Z', lines: 'M-6 -5V5M6 -5V5' },
  'ac-unit': { body: 'M-9 -9H9V9H-9Z', lines: 'M-6 0a6 6 0 1 0 12 0a6 6 0 1 0 -12 0M-4 -4L4 4M-4 4L4 -4' },
  pole: { body: 'M-4 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0Z' },
  raceway: { body: 'M-10 -3H10V3H-10Z' },
  furniture: { body: 'M-8 -6H8V6H-8Z', lines: 'M-8 -1H8' },
};
