import type { FamilyId } from '../appliances/registry';

/** What was typed after the name of an appliance: numbers by their unit, and words. */
export interface TypedFigures {
  /** Numbers without a unit, in order. */
  readonly plain: readonly number[];
  readonly amps: number | undefined;
  readonly kw: number | undefined;
  readonly hp: number | undefined;
  readonly volts: number | undefined;
  readonly percent: number | undefined;
  readonly va: number | undefined;
  /** "19/30": two numbers with a stroke between. */
  readonly pair: readonly [number, number] | undefined;
  /** "6.6+4.2": numbers added together. */
  readonly sum: readonly number[] | undefined;
  readonly words: ReadonlySet<string>;
}

/** How an appliance is typed: its names, an example that is also its completion, and its plate. */
export interface FamilyWords {
  readonly names: readonly string[];
  readonly example: string;
  /** The plate, not yet checked; undefined where a figure is missing. */
  readonly plate: (typed: TypedFigures) => Record<string, unknown> | undefined;
  /** What is missing when there is no plate. */
  readonly needs: string;
}

const connection = ({ words }: TypedFigures, usual?: 'hardwired' | 'receptacle') => {
  if (words.has('plug') || words.has('receptacle') || words.has('cord')) return { connection: 'receptacle' };
  if (words.has('hardwired') || words.has('hard-wired') || words.has('wired'))
    return { connection: 'hardwired' };
  return usual === undefined ? {} : { connection: usual };
};

const volts = ({ volts: given }: TypedFigures, usual: number) => ({ volts: given ?? usual });

const first = (given: number | undefined, { plain }: TypedFigures): number | undefined => given ?? plain[0];

const kilowattPlate =
  (extra: (typed: TypedFigures) => Record<string, unknown>, usualV = 240): FamilyWords['plate'] =>
  (typed) => {
    const kw = first(typed.kw, typed);
    return kw === undefined ? undefined : { kw, ...volts(typed, usualV), ...extra(typed) };
  };

const motorPlate =
  (extra: Record<string, unknown> = {}): FamilyWords['plate'] =>
  (typed) => {
    const hp = first(typed.hp, typed);
    return hp === undefined
      ? undefined
      : {
          hp,
          ...volts(typed, 240),
          ...extra,
          ...(typed.amps === undefined ? {} : { nameplateA: typed.amps }),
        };
  };

const neutral = ({ words }: TypedFigures, usual: boolean): boolean =>
  words.has('neutral') || words.has('4-wire') ? true : words.has('3-wire') ? false : usual;

/** How each family of appliances is typed. */
export const FAMILY_WORDS: Readonly<Record<FamilyId, FamilyWords>> = {
  ev: {
    names: ['ev charger', 'ev', 'charger', 'evse', 'car charger', 'vehicle charger'],
    example: 'ev 48',
    needs: 'amperes, as in "ev 48"',
    plate: (typed) => {
      const outputAmps = first(typed.amps, typed);
      return outputAmps === undefined
        ? undefined
        : { outputAmps, ...volts(typed, 240), ...connection(typed, 'hardwired') };
    },
  },
  'hot-tub': {
    names: ['hot tub', 'tub', 'spa', 'hottub'],
    example: 'hot tub 50',
    needs: 'the breaker on its label, as in "hot tub 50"',
    // A tub is called by the breaker on its label; the current is then what that breaker carries for hours.
    plate: (typed) => {
      const breakerA = first(undefined, typed) ?? typed.amps;
      return breakerA === undefined
        ? undefined
        : { amps: breakerA * 0.8, breakerA, ...volts(typed, 240), neutral: neutral(typed, true) };
    },
  },
  'pool-pump': {
    names: ['pool pump'],
    example: 'pool pump 1.65 hp',
    needs: 'horsepower, as in "pool pump 1.65 hp"',
    plate: motorPlate(),
  },
  'pool-heater': {
    names: ['pool heater', 'pool heat pump'],
    example: 'pool heater 11 kW',
    needs: 'kilowatts, or MCA and MOCP as in "pool heater 33/50"',
    plate: (typed) => {
      if (typed.pair !== undefined)
        return { heater: 'heat-pump', mca: typed.pair[0], mocp: typed.pair[1], ...volts(typed, 240) };
      const kw = first(typed.kw, typed);
      return kw === undefined ? undefined : { heater: 'resistance', kw, ...volts(typed, 240) };
    },
  },
  range: {
    names: ['range', 'stove', 'cooker'],
    example: 'range 12 kW',
    needs: 'kilowatts, as in "range 12 kW"',
    plate: kilowattPlate((typed) => connection(typed, 'receptacle')),
  },
  'cooktop-oven': {
    names: ['cooktop and oven', 'cooktop', 'wall oven', 'oven'],
    example: 'cooktop 6.6+4.2',
    needs: 'kilowatts of each unit, as in "cooktop 6.6+4.2"',
    plate: (typed) => {
      const one = first(typed.kw, typed);
      const kw = typed.sum ?? (one === undefined ? undefined : [one]);
      return kw === undefined ? undefined : { kw, ...volts(typed, 240) };
    },
  },
  dryer: {
    names: ['clothes dryer', 'dryer'],
    example: 'dryer 5.4 kW',
    needs: 'kilowatts, as in "dryer 5.4"',
    plate: kilowattPlate((typed) => connection(typed, 'receptacle')),
  },
  'water-heater': {
    names: ['water heater', 'tankless', 'heat pump water heater'],
    example: 'water heater 4.5 kW',
    needs: 'kilowatts, as in "water heater 4.5"',
    plate: kilowattPlate(({ words, plain, kw }) => {
      const tankless = words.has('tankless');
      const feeds = kw === undefined ? plain[1] : plain[0];
      return { storage: !tankless, ...(tankless && feeds !== undefined ? { feeds } : {}) };
    }),
  },
  'mini-split': {
    names: ['mini split', 'minisplit', 'heat pump', 'air conditioner', 'ac'],
    example: 'mini split 19/30',
    needs: 'MCA and MOCP, as in "mini split 19/30"',
    plate: (typed) =>
      typed.pair === undefined
        ? undefined
        : { mca: typed.pair[0], mocp: typed.pair[1], ...volts(typed, 240) },
  },
  'room-ac': {
    names: ['room air conditioner', 'room ac', 'window unit'],
    example: 'room ac 12 A',
    needs: 'amperes, as in "room ac 12"',
    plate: (typed) => {
      const amps = first(typed.amps, typed);
      return amps === undefined ? undefined : { amps, ...volts(typed, 120) };
    },
  },
  welder: {
    names: ['welder'],
    example: 'welder 50 A 40 %',
    needs: 'amperes and duty, as in "welder 50 A 40 %"',
    plate: (typed) => {
      const inputAmps = first(typed.amps, typed);
      const dutyPct = typed.percent ?? (typed.amps === undefined ? typed.plain[1] : typed.plain[0]);
      return inputAmps === undefined
        ? undefined
        : {
            inputAmps,
            dutyPct: dutyPct ?? 100,
            ...volts(typed, 240),
            type: typed.words.has('resistance') ? 'resistance' : 'arc',
            ...connection(typed, 'receptacle'),
          };
    },
  },
  motor: {
    names: ['motor', 'compressor', 'saw', 'dust collector', 'lift'],
    example: 'motor 3 hp',
    needs: 'horsepower, as in "motor 3 hp"',
    plate: motorPlate({ phase: 1 }),
  },
  'well-pump': {
    names: ['well pump', 'pump'],
    example: 'well pump 1.5 hp',
    needs: 'horsepower, as in "well pump 1.5 hp"',
    plate: (typed) => {
      const hp = first(typed.hp, typed);
      return hp === undefined
        ? undefined
        : { hp, ...volts(typed, 240), ...(typed.amps === undefined ? {} : { maxA: typed.amps }) };
    },
  },
  rv: {
    names: ['trailer outlet', 'trailer', 'rv outlet', 'rv'],
    example: 'trailer 50',
    needs: '30 or 50, as in "trailer 50"',
    plate: (typed) => {
      const amps = first(typed.amps, typed);
      return amps === undefined ? undefined : { amps };
    },
  },
  kiln: {
    names: ['kiln', 'heater'],
    example: 'kiln 48 A',
    needs: 'kilowatts or amperes, as in "kiln 9.6 kW" or "kiln 48"',
    // A kiln is called by its amperes unless a kW stands beside the number.
    plate: (typed) => {
      const v = typed.volts ?? 240;
      const amps = typed.amps ?? (typed.kw === undefined ? typed.plain[0] : undefined);
      const kw = typed.kw ?? (amps === undefined ? undefined : (amps * v) / 1000);
      return kw === undefined ? undefined : { kw, volts: v, ...connection(typed, 'hardwired') };
    },
  },
  receptacle: {
    names: ['receptacles', 'receptacle', 'outlets', 'outlet'],
    example: 'outlet 20 outdoors',
    needs: '15 or 20 and where, as in "outlet 20 outdoors"',
    plate: (typed) => {
      const amps = first(typed.amps, typed);
      const place = [
        'outdoors',
        'outdoor',
        'garage',
        'kitchen',
        'laundry',
        'bathroom',
        'basement',
        'bedroom',
        'living',
        'shop',
        'attic',
        'crawl',
      ].find((each) => typed.words.has(each));
      return amps === undefined
        ? undefined
        : {
            amps,
            count: (typed.amps === undefined ? typed.plain[1] : typed.plain[0]) ?? 1,
            place: place ?? 'living',
          };
    },
  },
  feeder: {
    names: ['feeder', 'subpanel'],
    example: 'feeder 60 A',
    needs: 'amperes or volt-amperes of its load, as in "feeder 60"',
    plate: (typed) => {
      const amps = first(typed.amps, typed);
      const loadVA = typed.va ?? (amps === undefined ? undefined : amps * 240);
      return loadVA === undefined
        ? undefined
        : {
            loadVA,
            continuousVA: 0,
            ...volts(typed, 240),
            neutral: true,
            building: typed.words.has('detached') || typed.words.has('shop') ? 'detached' : 'same',
          };
    },
  },
  mix: {
    names: ['several loads', 'mix'],
    example: 'several loads',
    needs: '',
    plate: () => ({
      loads: [{ what: 'Load', amps: 12, leg: 'both', continuous: true }],
      volts: 240,
      neutral: true,
    }),
  },
  load: {
    names: ['load'],
    example: 'load 24 A',
    needs: 'amperes, as in "load 24"',
    plate: (typed) => {
      const amps = first(typed.amps, typed);
      return amps === undefined
        ? undefined
        : {
            amps,
            continuousAmps: typed.words.has('short') ? 0 : amps,
            ...volts(typed, 240),
            neutral: neutral(typed, false),
          };
    },
  },
};
