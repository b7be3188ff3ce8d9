import { dayOf, hourOf, monthOf, stamped } from './calendar';

/** Ways in which the simulated meter can be wrong, for trying what happens then. */
export const METER_FAULTS = [
  'none',
  'gaps',
  'clock',
  'unit',
  'hourly',
  'duplicates',
  'disorder',
  'short',
  'export',
] as const;
/** A way in which the simulated meter can be wrong. */
export type MeterFault = (typeof METER_FAULTS)[number];

/** One reading of the simulated meter: start, and energy of the quarter hour. */
export interface MeterReading {
  readonly startMs: number;
  readonly kwh: number;
}

const QUARTER = 15 * 60_000;
const DAY = 86_400_000;
const YEAR = 365;
/** A vehicle on an ordinary outlet through the night, kilowatts. */
const PLUG_KW = 1.4;

/** Numbers from 0 to 1 that a seed decides: the same year every time. */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A bell over the hours of a day, 0 to 1. */
const around = (hour: number, centre: number, width: number): number =>
  Math.exp(-(((hour - centre) / width) ** 2));

/** Outdoor temperature of a middling climate, °C: the year, the day, and a few days of warm or cold air. */
const outdoorC = (day: number, hour: number, spell: number): number =>
  11 -
  12 * Math.cos((2 * Math.PI * (day - 15)) / YEAR) +
  5 * Math.sin((2 * Math.PI * (hour - 9)) / 24) +
  spell;

/** A house of two who work, with heat pump, electric water heater and dryer: average kilowatts at one moment. */
function houseKW(day: number, hour: number, spell: number, random: () => number): number {
  const weekday = (day + 3) % 7;
  const home = weekday >= 5 || day > 354 || day < 2;
  const base = 0.35 + 0.15 * random();
  const lights = 0.5 * around(hour, 20, 2.5) + 0.25 * around(hour, 6.8, 1);
  const cooking =
    (home ? 2.6 : 1.9) * around(hour, 18.2, 0.7) * (0.5 + random()) +
    (home ? 1.1 * around(hour, 11.8, 0.8) : 0.3 * around(hour, 7, 0.5));
  const water = 2.2 * (around(hour, 7, 0.6) + 0.7 * around(hour, 21, 0.8)) * (0.6 + 0.6 * random());
  const outdoors = outdoorC(day, hour, spell);
  const heat = Math.max(0, 17 - outdoors) * 0.14 + (outdoors < -3 ? 2.5 * random() : 0);
  const cool = Math.max(0, outdoors - 24) * 0.28;
  const dryer = home && random() < 0.06 && hour > 9 && hour < 18 ? 4.6 : 0;
  const guests = day > 355 && day < 361 ? 1.2 * around(hour, 17, 3) : 0;
  const charging = !home && (hour >= 22 || hour < 4) ? PLUG_KW : 0;
  return charging + base + lights + cooking + water + heat + cool + dryer + guests;
}

/** A year of 15-minute readings of the demo house, decided by a seed. Times are on a clock without an offset. */
export function believableYear(seed: number, firstMs: number, days = YEAR): readonly MeterReading[] {
  const random = seeded(seed);
  const readings: MeterReading[] = [];
  let spell = 0;
  for (let day = 0; day < days; day += 1) {
    spell = 0.8 * spell + 4 * (random() - 0.5);
    for (let quarter = 0; quarter < 96; quarter += 1) {
      const kw = houseKW(day % YEAR, quarter / 4, spell, random);
      readings.push({ startMs: firstMs + day * DAY + quarter * QUARTER, kwh: Math.round(kw * 250) / 1000 });
    }
  }
  return readings;
}

const isHour = ({ startMs }: MeterReading, month: number, day: number, hour: number): boolean =>
  monthOf(startMs) === month && dayOf(startMs) === day && hourOf(startMs) === hour;

/** The hour of spring left out and the hour of autumn there twice, as a meter on local time has it. */
const clockChanged = (readings: readonly MeterReading[]): readonly MeterReading[] =>
  readings
    .filter((each) => !isHour(each, 3, 9, 2))
    .flatMap((each, at, all) =>
      isHour(each, 11, 2, 1) && !isHour(all[at + 1] ?? each, 11, 2, 1)
        ? [each, ...all.slice(at - 3, at + 1)]
        : [each],
    );

function hourly(readings: readonly MeterReading[]): readonly MeterReading[] {
  return readings.flatMap((each, at) =>
    at % 4 === 0
      ? [{ startMs: each.startMs, kwh: readings.slice(at, at + 4).reduce((sum, { kwh }) => sum + kwh, 0) }]
      : [],
  );
}

/** The readings as a meter with a fault gives them. */
export function withFault(readings: readonly MeterReading[], fault: MeterFault): readonly MeterReading[] {
  switch (fault) {
    case 'none':
      return readings;
    case 'gaps':
      return readings.filter((each, at) => !(monthOf(each.startMs) === 5 && at % 3 === 0));
    case 'clock':
      return clockChanged(readings);
    case 'unit':
      return readings.map(({ startMs, kwh }) => ({ startMs, kwh: kwh * 1000 }));
    case 'hourly':
      return hourly(readings);
    case 'duplicates':
      return readings.flatMap((each, at) => (at % 5000 === 17 ? [each, each] : [each]));
    case 'disorder':
      return [...readings.slice(20_000), ...readings.slice(0, 20_000)];
    case 'short':
      return readings.slice(0, 96 * 70);
    case 'export':
      return readings.map(({ startMs, kwh }, at) => ({
        startMs,
        kwh: at % 96 > 44 && at % 96 < 56 ? kwh - 1.5 : kwh,
      }));
  }
}

/** Readings as CSV. */
export const yearAsCsv = (readings: readonly MeterReading[]): string =>
  ['start,usage kWh', ...readings.map(({ startMs, kwh }) => `${stamped(startMs)},${kwh.toFixed(3)}`)].join(
    '\n',
  );

/** Readings as the open XML of utility usage data, in watt-hours. */
export function yearAsXml(readings: readonly MeterReading[]): string {
  const seconds =
    readings.length > 1 ? ((readings[1]?.startMs ?? 0) - (readings[0]?.startMs ?? 0)) / 1000 : 900;
  const rows = readings.map(
    ({ startMs, kwh }) =>
      `<IntervalReading><timePeriod><duration>${seconds}</duration><start>${startMs / 1000}</start></timePeriod><value>${Math.round(kwh * 1000)}</value></IntervalReading>`,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>
<feed xmlns="http://www.w3.org/2005/Atom"><title>Usage of the demo house</title>
<entry><content><ReadingType xmlns="http://naesb.org/espi"><flowDirection>1</flowDirection><intervalLength>${seconds}</intervalLength><powerOfTenMultiplier>0</powerOfTenMultiplier><uom>72</uom></ReadingType></content></entry>
<entry><content><IntervalBlock xmlns="http://naesb.org/espi">${rows.join('')}</IntervalBlock></content></entry></feed>`;
}

/** The simulated year begins on January 1, 2025, UTC. */
const FIRST_MS = 1_735_689_600_000;
/** The house that is recorded unless another is asked for. */
const USUAL_SEED = 7;

/** What the simulated recorder answers: a believable year of quarter hours, the same for the same seed. */
export function recordOf(format: 'csv' | 'xml', fault: MeterFault, seed = USUAL_SEED): string {
  const readings = withFault(believableYear(seed, FIRST_MS), fault);
  return format === 'xml' ? yearAsXml(readings) : yearAsCsv(readings);
}
