import { describe, expect, test } from 'vitest';
import { analyseDemand } from '../../../src/core/demand/analyseDemand';
import {
  believableYear,
  METER_FAULTS,
  withFault,
  yearAsCsv,
  yearAsXml,
  type MeterFault,
} from '../../../src/core/demand/believableYear';
import { readTime } from '../../../src/core/demand/clockTime';
import type { Intervals, NoRecord, ReadIntervals, Reading } from '../../../src/core/demand/intervals';
import { readEspi } from '../../../src/core/demand/readEspi';
import { readIntervalCsv } from '../../../src/core/demand/readIntervalCsv';
import { readRecord, type ReadRecord } from '../../../src/core/demand/readRecord';
import { noRecordWords, putRightWords } from '../../../src/core/wording/serviceWords';

/** Runs a reading to its end, and checks that progress only grows. */
function done<T>(reading: Reading<T>): T {
  let share = 0;
  for (;;) {
    const step = reading.next();
    if (step.done === true) return step.value;
    expect(step.value).toBeGreaterThanOrEqual(share);
    expect(step.value).toBeLessThanOrEqual(1);
    share = step.value;
  }
}
const csv = (text: string): ReadIntervals | NoRecord => done(readIntervalCsv(text));
const read = (result: ReadIntervals | NoRecord): ReadIntervals => {
  if ('problem' in result) throw new Error(`${result.problem}: ${result.detail}`);
  return result;
};
const intervals = (text: string): Intervals => read(csv(text)).intervals;
const record = (text: string): ReadRecord => {
  const result = done(readRecord(text, 'meter.csv'));
  if ('problem' in result) throw new Error(result.problem);
  return result;
};

const FIRST = Date.UTC(2025, 0, 1);
const year = believableYear(7, FIRST);
const faulty = (fault: MeterFault) => record(yearAsCsv(withFault(year, fault)));

describe('times as files have them', () => {
  test.each([
    ['2025-01-31 00:15', '2025-01-31T00:15:00.000Z', false],
    ['2025-01-31T00:15:00-05:00', '2025-01-31T05:15:00.000Z', true],
    ['2025-01-31T00:15Z', '2025-01-31T00:15:00.000Z', true],
    ['1/31/2025 12:15 AM', '2025-01-31T00:15:00.000Z', false],
    ['1/31/2025 1:15 PM', '2025-01-31T13:15:00.000Z', false],
    ['1/31/2025, 13:15', '2025-01-31T13:15:00.000Z', false],
  ])('%s', (text, iso, absolute) => {
    const time = readTime(text);
    expect(new Date(time?.ms ?? 0).toISOString()).toBe(iso);
    expect(time?.absolute).toBe(absolute);
  });
  test.each(['yesterday', '2025-13-01 00:00', '31/31/2025 0:00', ''])('%s is none', (text) => {
    expect(readTime(text)).toBeUndefined();
  });
});

describe('interval data as CSV', () => {
  test.each([
    ['start,usage kWh', '0.5', 2],
    ['start,usage Wh', '500', 2],
    ['start,demand kW', '2', 2],
    ['start,power W', '2000', 2],
  ])('%s', (header, value, kw) => {
    const {
      value: values,
      measures,
      minutes,
    } = intervals(`${header}\n2025-01-01 00:00,${value}\n2025-01-01 00:15,${value}\n`);
    expect([...values]).toEqual([kw, kw]);
    expect([measures, minutes]).toEqual(['kw', 15]);
  });

  test('date and time in two columns, a letterhead above, semicolons and quotes', () => {
    const text =
      'Utility of the valley\nAccount;12\n\nDate;Start time;"Usage (kWh)"\n1/1/2025;12:00 AM;"1,000.5"\n1/1/2025;12:15 AM;0.25\n';
    expect([...intervals(text).value]).toEqual([4002, 1]);
  });

  test('two legs: the heavier one counts, in amperes', () => {
    const { value, measures } = intervals(
      'time,L1 amps,L2 amps\n2025-01-01 00:00,31,44\n2025-01-01 00:15,52,40\n',
    );
    expect([...value]).toEqual([44, 52]);
    expect(measures).toBe('amps');
  });

  test('a bad row is told with its line and column, the rest is read', () => {
    const {
      bad,
      badCount,
      intervals: kept,
    } = read(
      csv('start,usage kWh\n2025-01-01 00:00,0.5\nnever,0.5\n2025-01-01 00:30,much\n2025-01-01 00:45,0.5\n'),
    );
    expect(bad.map(({ line, column }) => `${line} ${column}`)).toEqual(['3 start', '4 usage kWh']);
    expect(badCount).toBe(2);
    expect(kept.value).toHaveLength(2);
  });

  test('of a thousand bad rows twenty are told and all are counted', () => {
    const rows = Array.from({ length: 1000 }, () => 'x,1').join('\n');
    const { bad, badCount } = read(csv(`start,kWh\n2025-01-01 00:00,1\n${rows}`));
    expect(bad).toHaveLength(20);
    expect(badCount).toBe(1000);
  });

  test.each([
    ['', 'no-time'],
    ['a,b\n1,2\n', 'no-time'],
    ['start,color\n2025-01-01 00:00,red\n', 'no-value'],
    ['start,kWh\n', 'no-rows'],
    ['start,kWh\nx,y\n', 'no-readings'],
  ])('%j is no record, and says why', (text, problem) => {
    const result = csv(text);
    expect(result).toMatchObject({ problem });
    expect('problem' in result && noRecordWords(result)).toMatch(/\.$|:/);
  });

  test('a huge file is refused before it is read', () => {
    expect(csv('x'.repeat(40_000_001))).toMatchObject({ problem: 'too-large' });
  });
});

describe('interval data as open XML', () => {
  const feed = (inside: string, uom = 72, power = 0, direction = 1) =>
    `<feed><entry><content><espi:ReadingType xmlns:espi="x"><espi:flowDirection>${direction}</espi:flowDirection><espi:powerOfTenMultiplier>${power}</espi:powerOfTenMultiplier><espi:uom>${uom}</espi:uom></espi:ReadingType></content></entry><entry><content><IntervalBlock>${inside}</IntervalBlock></content></entry></feed>`;
  const reading = (start: number, value: number | string) =>
    `<IntervalReading><timePeriod><duration>900</duration><start>${start}</start></timePeriod><value>${value}</value></IntervalReading>`;
  const xml = (text: string) => done(readEspi(text));

  test('watt-hours with a power of ten, whatever the prefix', () => {
    const {
      intervals: { value, minutes, absolute },
    } = read(xml(feed(reading(1735689600, 5) + reading(1735690500, 7), 72, 2)));
    expect([...value]).toEqual([2, 2.8]);
    expect([minutes, absolute]).toEqual([15, true]);
  });

  test('the same year as CSV and as XML comes to the same peak', () => {
    const a = record(yearAsCsv(year)).analysis.measured;
    const b = record(yearAsXml(year)).analysis.measured;
    expect([b.peakA, b.peakAt, b.days]).toEqual([a.peakA, a.peakAt, a.days]);
  });

  test('what flows back is counted; a value that is none is told', () => {
    expect(read(xml(feed(reading(1735689600, 500), 72, 0, 19))).intervals.exported).toBe(1);
    const {
      bad,
      intervals: { value },
    } = read(xml(feed(reading(1735689600, 500) + reading(1735690500, 'much'))));
    expect(bad).toMatchObject([{ column: 'value' }]);
    expect(value).toHaveLength(1);
  });

  test.each([
    ['<!DOCTYPE feed [<!ENTITY a "aaaa">]><feed>&a;</feed>', 'hostile'],
    ['<a>'.repeat(40), 'hostile'],
    [`<feed><x>${'y'.repeat(9000)}</x></feed>`, 'hostile'],
    ['<feed><entry>', 'not-xml'],
    [feed(reading(1735689600, 500)).slice(0, -30), 'truncated'],
    ['<feed></feed>', 'no-readings'],
    [feed(reading(1735689600, 500), 169), 'unit'],
    ['<html><p>Sign in</p></html>', 'no-readings'],
  ])('%.40s is refused', (text, problem) => {
    const result = xml(text);
    expect(result).toMatchObject({ problem });
    expect('problem' in result && noRecordWords(result).length).toBeGreaterThan(20);
  });
});

describe('a year of the demo house', () => {
  test('is the same for the same seed, and another for another', () => {
    expect(believableYear(7, FIRST, 2)).toEqual(year.slice(0, 192));
    expect(believableYear(8, FIRST, 2)).not.toEqual(year.slice(0, 192));
  });

  test('a good one: 35,040 readings, a peak on a winter evening, its week beside it', () => {
    const { analysis } = faulty('none');
    expect(analysis).toMatchObject({
      intervals: 35040,
      missing: 0,
      duplicates: 0,
      disorder: 0,
      clockHours: 0,
    });
    const { peakA, peakAt, problems, week, basis } = analysis.measured;
    expect(peakA).toBe(Math.round((Math.max(...year.map(({ kwh }) => kwh)) * 4 * 1e5) / 240) / 100);
    expect(new Date(`${peakAt.replace(' ', 'T')}Z`).getUTCHours()).toBeGreaterThan(15);
    expect([problems, basis]).toEqual([[], 'utility']);
    expect(week).toHaveLength(672);
    expect(Math.max(...week)).toBeCloseTo(peakA, 0);
  });

  test.each<[MeterFault, string]>([
    ['gaps', 'gaps'],
    ['clock', 'clock'],
    ['unit', 'unit'],
    ['hourly', 'hourly'],
    ['duplicates', 'duplicates'],
    ['disorder', 'disorder'],
    ['short', 'too-short'],
    ['export', 'export'],
  ])('with %s it says so', (fault, problem) => {
    expect(faulty(fault).analysis.measured.problems).toEqual([problem]);
  });

  test('each fault is tried', () => {
    expect(METER_FAULTS).toHaveLength(9);
  });

  test('doubled, disordered and clock-changed readings leave the peak where it was', () => {
    const { peakA } = faulty('none').analysis.measured;
    for (const fault of ['duplicates', 'disorder', 'clock'] as const) {
      const { analysis } = faulty(fault);
      expect(analysis.measured.peakA).toBe(peakA);
      expect(putRightWords(analysis).join(' ')).toMatch(/sorted|twice|Clocks/);
    }
  });

  test('an hourly record is raised by 1.3, and says that this is judgement', () => {
    const { analysis } = faulty('hourly');
    expect(analysis.raised).toBe(1.3);
    expect(analysis.measured.intervalMinutes).toBe(60);
  });
});

describe('a recording at the panel', () => {
  const recorded = (days: number, month: number, minutes = 15) => {
    const rows = Array.from({ length: (days * 1440) / minutes }, (_, at) => {
      const start = new Date(Date.UTC(2025, month, 1) + at * minutes * 60_000)
        .toISOString()
        .slice(0, 16)
        .replace('T', ' ');
      return `${start},${at % 96 === 70 ? 61 : 20},${at % 96 === 40 ? 72 : 18}`;
    });
    return record(['time,leg A amps,leg B amps', ...rows].join('\n')).analysis.measured;
  };
  test('30 days in the heating season: the heavier leg governs', () => {
    expect(recorded(30, 0)).toMatchObject({ basis: 'recording', peakA: 72, problems: [] });
  });
  test('12 days are too short; 30 days of spring show neither season', () => {
    expect(recorded(12, 0).problems).toEqual(['too-short']);
    expect(recorded(30, 3).problems).toEqual(['season']);
  });
  test('five-minute readings are averaged over fifteen', () => {
    const rows = [10, 10, 100, 10, 10, 10].map(
      (amps, at) => `2025-01-01 00:${String(at * 5).padStart(2, '0')},${amps}`,
    );
    const { value } = intervals(['time,amps', ...rows].join('\n'));
    const { measured } = done(
      analyseDemand(
        {
          startMs: Float64Array.from(rows, (_, at) => FIRST + at * 300_000),
          value,
          minutes: 5,
          measures: 'amps',
          exported: 0,
          absolute: false,
        },
        'x',
      ),
    );
    expect(measured.peakA).toBe(40);
  });
  test('the week of the peak has a value for each reading of a record by the hour', () => {
    const hours = 24 * 14;
    const { measured } = done(
      analyseDemand(
        {
          startMs: Float64Array.from({ length: hours }, (_, at) => FIRST + at * 3_600_000),
          value: Float64Array.from({ length: hours }, (_, at) => (at === 24 * 7 ? 60 : 10 + (at % 24))),
          minutes: 60,
          measures: 'amps',
          exported: 0,
          absolute: true,
        },
        'meter',
      ),
    );
    expect(measured.week).toHaveLength(7 * 24);
    expect(measured.week.every((amps) => amps >= 10)).toBe(true);
  });
  test('a window with a reading missing gives no average', () => {
    // 100 A at 10 and 20 minutes, the one between them lost: over the gap they would pass for a quarter of an hour.
    const minutes = [0, 5, 10, 20, 25, 30, 35];
    const value = Float64Array.from([10, 10, 100, 100, 10, 10, 10]);
    const { measured } = done(
      analyseDemand(
        {
          startMs: Float64Array.from(minutes, (at) => FIRST + at * 60_000),
          value,
          minutes: 5,
          measures: 'amps',
          exported: 0,
          absolute: true,
        },
        'meter',
      ),
    );
    expect(measured.peakA).toBeCloseTo(40, 5);
  });
});
