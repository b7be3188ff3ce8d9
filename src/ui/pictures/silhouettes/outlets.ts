import { circle, levels, rect, uprights, type SilhouettesOf } from './silhouette';

/** Chargers, outlets, feeders and what is only known by its load. */
export const outlets: SilhouettesOf<'ev' | 'rv' | 'receptacle' | 'feeder' | 'mix' | 'load'> = {
  ev: {
    stands: 'hung',
    widthFt: 2.6,
    topFt: 1,
    bottomFt: -3.6,
    parts: [
      ['hatch', rect(-0.35, -3.6, 0.35, 4.6)],
      ['bold', 'M.5-.8v-1.9q0-.7.75-.7t.75.7v2.3'],
      ['body', rect(0, -0.8, 1, 1.5)],
      ['copper', 'M.3 .35h.4'],
      ['solid', rect(1.75, -0.5, 0.55, 0.7)],
      ['line', 'M1-.1h.75'],
    ],
  },
  rv: {
    stands: 'hung',
    widthFt: 2.6,
    topFt: 1.1,
    bottomFt: -3,
    parts: [
      ['body', rect(0.35, -3, 0.3, 2.5)],
      ['body', rect(-0.1, -0.6, 1.2, 1.2)],
      ['solid', 'M-.3 .6v.25l1.6 .25v-.5z'],
      ['solid', circle(0.5, 0.05, 0.34)],
      ['bold', 'M.8-.1q1 0 .9-1.4t.8-1.4'],
    ],
  },
  receptacle: {
    stands: 'hung',
    widthFt: 1.6,
    topFt: 0.8,
    bottomFt: -1.3,
    parts: [
      ['hatch', rect(-0.35, -1.3, 0.35, 2.1)],
      ['body', 'M0-.4v.9h.4q.5 0 .5-.5v-.4z'],
      ['bold', 'M.5-.4v-.4q0-.4.5-.4h.5'],
    ],
  },
  feeder: {
    stands: 'hung',
    widthFt: 1.5,
    topFt: 1.3,
    bottomFt: -1.3,
    parts: [
      ['body', rect(0, -1.3, 1.4, 2.6)],
      ['solid', rect(0.45, 0.75, 0.5, 0.35)],
      ['bold', levels(0.2, 0.4, [0.4, 0, -0.4, -0.8]) + levels(0.8, 0.4, [0.4, 0, -0.4, -0.8])],
    ],
  },
  mix: {
    stands: 'hung',
    widthFt: 1.6,
    topFt: 1,
    bottomFt: -1,
    parts: [
      ['body', rect(0, -1, 1.6, 2)],
      ['line', 'M.8-1v2'],
      ['copper', levels(0.2, 0.4, [0.5, 0, -0.5]) + levels(1, 0.4, [0.25, -0.25])],
    ],
  },
  load: {
    stands: 'hung',
    widthFt: 1.4,
    topFt: 0.9,
    bottomFt: -0.9,
    parts: [
      ['body', rect(0, -0.9, 1.4, 1.8)],
      ['copper', uprights(-0.5, 1, [0.4, 0.7, 1])],
    ],
  },
};
