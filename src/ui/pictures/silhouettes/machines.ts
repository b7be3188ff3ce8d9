import { circle, levels, rect, uprights, type SilhouettesOf } from './silhouette';

/** What compresses, turns and welds. */
export const machines: SilhouettesOf<'mini-split' | 'room-ac' | 'welder' | 'motor'> = {
  'mini-split': {
    stands: 'on-grade',
    widthFt: 3.4,
    topFt: 5.6,
    bottomFt: 0,
    parts: [
      ['bold', uprights(0, 0.4, [0.4, 2.4])],
      ['body', rect(0, 0.4, 2.9, 2.2)],
      ['body', circle(1.1, 1.5, 0.82)],
      ['line', 'M.28 1.5h1.64M1.1.68v1.64'],
      ['line', 'M2.3 .4v2.2'],
      ['bold', 'M2.9 .9h.4v4.7'],
    ],
  },
  'room-ac': {
    stands: 'hung',
    widthFt: 2.4,
    topFt: 1.4,
    bottomFt: -0.9,
    parts: [
      ['hatch', rect(1.6, -0.9, 0.3, 2.3)],
      ['body', rect(0, -0.6, 2.4, 1.3)],
      ['line', levels(0.2, 1.2, [-0.35, -0.1, 0.15, 0.4])],
      ['line', 'M1.9-.6v1.3'],
    ],
  },
  welder: {
    stands: 'on-grade',
    widthFt: 3.2,
    topFt: 2.7,
    bottomFt: 0,
    parts: [
      ['bold', 'M0 1.8v.8h.7'],
      ['body', rect(0, 0.4, 1.5, 1.5)],
      ['body', circle(0.35, 0.28, 0.28) + circle(1.15, 0.28, 0.28)],
      ['line', levels(0.3, 0.7, [1.4, 1.1])],
      ['bold', 'M1.5 1q.6 0 .7-.4t.5 .3'],
      ['copper', 'M2.7 .9l.5 1'],
    ],
  },
  motor: {
    stands: 'on-grade',
    widthFt: 4.6,
    topFt: 3,
    bottomFt: 0,
    parts: [
      ['bold', uprights(0, 0.5, [0.9, 3.6])],
      ['body', 'M.7 .5h3.2q.6 0 .6 .6t-.6 .6h-3.2q-.6 0-.6-.6t.6-.6z'],
      ['body', rect(0.5, 1.75, 1.1, 0.8)],
      ['line', uprights(1.85, 0.6, [0.8, 1.05, 1.3])],
      ['body', circle(2.9, 2.3, 0.62)],
      ['solid', circle(2.9, 2.3, 0.14)],
      ['line', 'M1.6 2.5l1.2 .42M1.6 1.9l1.2-.2'],
    ],
  },
};
