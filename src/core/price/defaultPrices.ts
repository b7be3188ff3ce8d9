import type { RacewayFittingKind, SmallKind } from '../code/itemKinds';
import type { MethodId } from '../code/methods';
import type { ByTrade } from '../code/tables/shapes';
import type { BySize } from '../code/tables/shapes';
import type { GroundFaultForm } from '../code/groundFaultForms';
import type { Metal } from '../units/wireSize';

/** Prices of material in cents. Lengths are by the foot. */
export interface PriceList {
  readonly name: string;
  /** True for the list that ships with Pasture: good for comparing, not for a quote. */
  readonly isDefault: boolean;
  readonly conductor: Readonly<Record<Metal, BySize<number>>>;
  /** Cable with two or three insulated conductors and a ground. */
  readonly cable: Readonly<
    Partial<Record<MethodId, { readonly two: BySize<number>; readonly three: BySize<number> }>>
  >;
  readonly raceway: Readonly<Partial<Record<MethodId, ByTrade<number>>>>;
  /** Breaker by the largest rating that the price holds to, two-pole; one-pole is half. */
  readonly breaker: readonly { readonly toA: number; readonly cents: number }[];
  /** What each form of GFCI protection adds. */
  readonly groundFault: Readonly<Record<GroundFaultForm, number>>;
  readonly box: { readonly small: number; readonly large: number };
  readonly support: number;
  readonly receptacle: number;
  /** Two fittings end every raceway and cable. */
  readonly fitting: { readonly cable: number; readonly raceway: number };
  /** Fittings of a raceway of 3/4; of other sizes in proportion to the raceway itself. */
  readonly racewayFitting: Readonly<Record<RacewayFittingKind, number>>;
  /** What is counted and has no size, by its name. */
  readonly small: Readonly<Record<SmallKind, number>>;
  readonly disconnect: readonly { readonly toA: number; readonly cents: number }[];
  readonly bondWire: number;
  readonly ribbon: number;
  readonly tape: number;
  /** Rolls, coils and sticks by feet, each with its share of the price by the foot; whatever is cut at the counter has the whole. */
  readonly packs: Readonly<
    Record<
      'wire' | 'cable' | 'bond-wire' | 'coiled',
      readonly { readonly ft: number; readonly share: number }[]
    >
  >;
  readonly panel: {
    /** A breaker for two single poles in one space. */
    readonly tandem: number;
    /** Subpanels and whole panels by the spaces that they have. */
    readonly subpanel: readonly { readonly spaces: number; readonly cents: number }[];
    readonly main: readonly { readonly spaces: number; readonly cents: number }[];
  };
  readonly service: {
    readonly management: number;
    readonly sharing: number;
    /** A whole new service by the largest rating that the price holds to, with labor of others. */
    readonly upgrade: readonly { readonly toA: number; readonly cents: number }[];
  };
}

/** Made-up prices, round and plausible, for comparing one way with another. */
export const defaultPrices: PriceList = {
  name: 'Default list, for comparing',
  isDefault: true,
  conductor: {
    cu: {
      14: 14,
      12: 20,
      10: 33,
      8: 58,
      6: 88,
      4: 135,
      3: 170,
      2: 210,
      1: 270,
      '1/0': 335,
      '2/0': 415,
      '3/0': 515,
      '4/0': 640,
      250: 770,
      300: 920,
      350: 1070,
      400: 1220,
      500: 1500,
      600: 1810,
      700: 2120,
      750: 2270,
    },
    al: {
      8: 28,
      6: 38,
      4: 52,
      3: 62,
      2: 72,
      1: 95,
      '1/0': 115,
      '2/0': 138,
      '3/0': 168,
      '4/0': 200,
      250: 245,
      300: 300,
      350: 340,
      400: 390,
      500: 470,
      600: 570,
      700: 660,
      750: 710,
    },
  },
  cable: {
    'nm-b': {
      two: { 14: 45, 12: 65, 10: 105, 8: 190, 6: 290 },
      three: { 14: 65, 12: 95, 10: 150, 8: 260, 6: 390, 4: 460 },
    },
    'uf-b': {
      two: { 14: 62, 12: 88, 10: 138, 8: 245, 6: 360 },
      three: { 14: 88, 12: 125, 10: 195, 8: 330, 6: 490, 4: 690 },
    },
    mc: {
      two: {
        14: 75,
        12: 92,
        10: 145,
        8: 250,
        6: 365,
        4: 540,
        3: 650,
        2: 780,
        1: 960,
        '1/0': 1180,
        '2/0': 1430,
        '3/0': 1750,
        '4/0': 2150,
      },
      three: {
        14: 95,
        12: 120,
        10: 190,
        8: 320,
        6: 470,
        4: 690,
        3: 830,
        2: 990,
        1: 1230,
        '1/0': 1500,
        '2/0': 1830,
        '3/0': 2240,
        '4/0': 2750,
      },
    },
    ser: {
      two: { 4: 210, 2: 270, '1/0': 390, '2/0': 470, '4/0': 640 },
      three: { 4: 210, 2: 270, '1/0': 390, '2/0': 470, '4/0': 640 },
    },
  },
  raceway: {
    emt: {
      '1/2': 75,
      '3/4': 120,
      1: 205,
      '1-1/4': 310,
      '1-1/2': 370,
      2: 460,
      '2-1/2': 820,
      3: 1010,
      '3-1/2': 1400,
      4: 1560,
    },
    pvc40: {
      '1/2': 60,
      '3/4': 80,
      1: 115,
      '1-1/4': 160,
      '1-1/2': 190,
      2: 250,
      '2-1/2': 410,
      3: 520,
      '3-1/2': 680,
      4: 740,
    },
    pvc80: {
      '1/2': 85,
      '3/4': 115,
      1: 165,
      '1-1/4': 225,
      '1-1/2': 270,
      2: 360,
      '2-1/2': 560,
      3: 730,
      '3-1/2': 930,
      4: 1050,
    },
    rmc: {
      '1/2': 260,
      '3/4': 310,
      1: 450,
      '1-1/4': 610,
      '1-1/2': 730,
      2: 950,
      '2-1/2': 1650,
      3: 2050,
      '3-1/2': 2600,
      4: 2950,
    },
    imc: {
      '1/2': 210,
      '3/4': 255,
      1: 370,
      '1-1/4': 500,
      '1-1/2': 600,
      2: 790,
      '2-1/2': 1400,
      3: 1750,
      '3-1/2': 2200,
      4: 2500,
    },
    fmc: {
      '1/2': 90,
      '3/4': 125,
      1: 230,
      '1-1/4': 300,
      '1-1/2': 420,
      2: 520,
      '2-1/2': 700,
      3: 900,
      '3-1/2': 1100,
      4: 1300,
    },
    lfmc: {
      '1/2': 160,
      '3/4': 220,
      1: 330,
      '1-1/4': 480,
      '1-1/2': 600,
      2: 750,
      '2-1/2': 1300,
      3: 1700,
      '3-1/2': 2100,
      4: 2500,
    },
    lfnc: { '1/2': 110, '3/4': 150, 1: 220, '1-1/4': 310, '1-1/2': 390, 2: 520 },
    ent: { '1/2': 55, '3/4': 80, 1: 130, '1-1/4': 190, '1-1/2': 240, 2: 320 },
  },
  breaker: [
    { toA: 30, cents: 1600 },
    { toA: 60, cents: 2100 },
    { toA: 100, cents: 5500 },
    { toA: 125, cents: 9000 },
    { toA: 200, cents: 17000 },
    { toA: 400, cents: 60000 },
    { toA: 6000, cents: 250000 },
  ],
  groundFault: {
    none: 0,
    breaker: 9500,
    receptacle: 1900,
    'dead-front': 2600,
    'spa-enclosure': 11500,
    'dual-function': 4800,
  },
  box: { small: 900, large: 3200 },
  support: 35,
  receptacle: 1800,
  fitting: { cable: 220, raceway: 380 },
  racewayFitting: {
    connector: 120,
    coupling: 70,
    elbow: 260,
    expansion: 1450,
    body: 780,
    bushing: 90,
    seal: 650,
  },
  small: {
    'box-cover': 160,
    'ground-screw': 40,
    'wire-connector': 45,
    'nail-plate': 55,
    'lock-off': 1150,
    label: 60,
    blank: 180,
    cement: 790,
    lubricant: 1120,
    'riser-guard': 2400,
    'bond-connector': 690,
    'bond-clamp': 540,
    'water-bond': 6400,
  },
  disconnect: [
    { toA: 30, cents: 3900 },
    { toA: 60, cents: 4600 },
    { toA: 100, cents: 14500 },
    { toA: 200, cents: 31000 },
    { toA: 400, cents: 90000 },
  ],
  bondWire: 52,
  ribbon: 4,
  tape: 320,
  packs: {
    wire: [
      { ft: 125, share: 0.9 },
      { ft: 250, share: 0.84 },
      { ft: 500, share: 0.78 },
    ],
    cable: [
      { ft: 25, share: 0.98 },
      { ft: 50, share: 0.94 },
      { ft: 125, share: 0.86 },
      { ft: 250, share: 0.8 },
    ],
    'bond-wire': [
      { ft: 50, share: 0.96 },
      { ft: 100, share: 0.9 },
      { ft: 200, share: 0.85 },
    ],
    coiled: [
      { ft: 25, share: 0.92 },
      { ft: 50, share: 0.88 },
      { ft: 100, share: 0.82 },
    ],
  },
  panel: {
    tandem: 2050,
    subpanel: [
      { spaces: 8, cents: 9500 },
      { spaces: 12, cents: 13500 },
      { spaces: 20, cents: 21000 },
      { spaces: 30, cents: 29000 },
    ],
    main: [
      { spaces: 20, cents: 105000 },
      { spaces: 30, cents: 150000 },
      { spaces: 42, cents: 194000 },
      { spaces: 54, cents: 245000 },
      { spaces: 84, cents: 390000 },
    ],
  },
  service: {
    management: 62000,
    sharing: 48000,
    upgrade: [
      { toA: 125, cents: 310000 },
      { toA: 200, cents: 420000 },
      { toA: 400, cents: 780000 },
    ],
  },
};
