import { circle, levels, rect, uprights, type SilhouettesOf } from './silhouette';

/** What heats and cooks. */
export const heating: SilhouettesOf<'range' | 'cooktop-oven' | 'dryer' | 'water-heater' | 'kiln'> = {
  range: {
    stands: 'on-grade',
    widthFt: 2.5,
    topFt: 3.8,
    bottomFt: 0,
    parts: [
      ['body', rect(0, 0, 2.5, 3)],
      ['solid', rect(0, 3, 0.3, 0.8)],
      ['copper', 'M.5 3.2h.7M1.5 3.2h.7'],
      ['line', levels(0, 2.5, [2.45, 0.6])],
      ['bold', 'M.4 2.1h1.7'],
      ['line', rect(0.45, 0.95, 1.6, 0.85)],
    ],
  },
  'cooktop-oven': {
    stands: 'on-grade',
    widthFt: 5.2,
    topFt: 6.8,
    bottomFt: 0,
    parts: [
      ['body', rect(0, 0, 2.6, 2.9)],
      ['solid', rect(-0.1, 2.9, 2.8, 0.3)],
      ['copper', 'M.3 3.4h.8M1.4 3.4h.8'],
      ['body', rect(2.7, 0, 2.4, 6.8)],
      ['bold', rect(3, 2.5, 1.8, 1.9)],
      ['line', rect(3.35, 2.9, 1.1, 0.95)],
      ['bold', 'M3.2 4.75h1.4'],
      ['line', levels(2.7, 2.4, [2.1, 5.2])],
    ],
  },
  dryer: {
    stands: 'on-grade',
    widthFt: 2.8,
    topFt: 4.3,
    bottomFt: 0,
    parts: [
      ['bold', 'M2.3 .5h.45v3.8'],
      ['body', rect(0, 0, 2.3, 3)],
      ['line', levels(0, 2.3, [2.5])],
      ['bold', circle(1.15, 1.25, 0.78)],
      ['line', circle(1.15, 1.25, 0.42)],
      ['solid', circle(1.9, 2.75, 0.13)],
      ['line', 'M.25 2.75h.7'],
    ],
  },
  'water-heater': {
    stands: 'on-grade',
    widthFt: 2.3,
    topFt: 6,
    bottomFt: 0,
    parts: [
      ['body', 'M0 0v4.5q0 .5.95.5t.95-.5v-4.5z'],
      ['pipe', 'M.5 4.9v1.1'],
      ['bold', 'M1.4 4.9v1.1'],
      ['copper', rect(0.65, 1, 0.6, 0.6) + rect(0.65, 3.2, 0.6, 0.6)],
      ['line', 'M1.9 4h.35v-3.4'],
    ],
  },
  kiln: {
    stands: 'on-grade',
    widthFt: 3,
    topFt: 3.5,
    bottomFt: 0,
    parts: [
      ['bold', uprights(0, 0.6, [0.5, 2])],
      ['body', rect(0.1, 0.6, 2.3, 2.4)],
      ['solid', rect(0, 3, 2.5, 0.4)],
      ['copper', levels(0.35, 1.8, [1.1, 1.6, 2.1, 2.6])],
      ['solid', rect(2.5, 1.2, 0.45, 1.1)],
    ],
  },
};
