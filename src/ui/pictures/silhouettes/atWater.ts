import { circle, levels, rect, uprights, type SilhouettesOf } from './silhouette';

/** What stands at water, and pumps. */
export const atWater: SilhouettesOf<'hot-tub' | 'pool-pump' | 'pool-heater' | 'well-pump'> = {
  'hot-tub': {
    stands: 'on-grade',
    widthFt: 8.6,
    topFt: 3.4,
    bottomFt: 0,
    parts: [
      ['line', 'M7.2 0v1.6h.7v-.8h.7v-.8'],
      ['body', rect(0, 0, 7.2, 3)],
      ['basin', 'M.5 2.9l.3-1.4h1.4l.6-.7h1.9l.6.7h1.2l.3 1.4z'],
      ['pipe', 'M1 2.4h1.3M3 2.4h1.4M5 2.4h1.1'],
      ['solid', rect(-0.2, 3, 7.6, 0.35)],
      ['line', uprights(0.3, 2.4, [0.25, 6.95])],
    ],
  },
  'pool-pump': {
    stands: 'on-grade',
    widthFt: 6,
    topFt: 4.2,
    bottomFt: 0,
    parts: [
      ['hatch', rect(-0.2, 0, 6.2, 0.35)],
      ['body', rect(0.2, 0.5, 2, 1)],
      ['line', uprights(0.7, 0.6, [0.6, 1, 1.4, 1.8])],
      ['body', rect(2.2, 0.4, 1, 1.4)],
      ['solid', rect(2.1, 1.8, 1.2, 0.25)],
      ['pipe', 'M3.2 1.1h.6'],
      ['body', 'M3.8 .35v2.7q0 .9 1 .9t1-.9v-2.7z'],
      ['bold', 'M3.8 2.2h2'],
      ['line', circle(4.8, 4.05, 0.25)],
    ],
  },
  'pool-heater': {
    stands: 'on-grade',
    widthFt: 3.6,
    topFt: 4.1,
    bottomFt: 0,
    parts: [
      ['hatch', rect(-0.1, 0, 3.4, 0.35)],
      ['body', rect(0.1, 0.35, 2.7, 3.1)],
      ['line', uprights(1.1, 2, [0.5, 0.9, 1.3, 1.7, 2.1, 2.5])],
      ['body', 'M.5 3.45q1-.8 2 0z'],
      ['pipe', 'M2.8 .7h.8M2.8 1.1h.8'],
    ],
  },
  'well-pump': {
    stands: 'on-grade',
    widthFt: 2.4,
    topFt: 1.7,
    bottomFt: -4,
    parts: [
      ['body', rect(0, -4, 0.9, 5.2)],
      ['solid', rect(-0.15, 1.2, 1.2, 0.4)],
      ['solid', rect(0.25, -3.7, 0.4, 1.3)],
      ['pipe', 'M.45-2.4v1.2h1.9'],
      ['line', levels(0, 0.9, [-2])],
    ],
  },
};
