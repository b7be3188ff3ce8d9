import { priceLacks } from '../../../src/core/wording/priceLacks';
import { describe, expect, test } from 'vitest';
import {
  asPicked,
  circuitOptions,
  optionsToAdd,
  withOption,
} from '../../../src/core/estimate/circuitOptions';
import { CutDesk } from '../../../src/core/estimate/cutDesk';
import { extrasSince } from '../../../src/core/estimate/extras';
import { jobEstimate, type EstimateDesk, type JobEstimate } from '../../../src/core/estimate/jobEstimate';
import { circuitOf } from '../../../src/core/findings/subject';
import { possibleChanges } from '../../../src/core/estimate/offeredChanges';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { branchOf, freshMemo } from '../../../src/core/job/jobMemo';
import type { Job } from '../../../src/core/job/jobSchema';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { priceOf } from '../../../src/core/quote/money';
import { optionKey, type OptionChange } from '../../../src/core/quote/optionChange';
import type { Quote } from '../../../src/core/quote/quoteDocument';
import { fullAt, optionFigures, optionName, optionPoints } from '../../../src/core/wording/quoteWords';
import { charger, circuit, segment } from '../../support/circuits';
import { fullHouse } from '../../support/fullHouse/job';
import { after, jobOf, stopsIn } from '../../support/jobs';

const CARPORT = 'carport-charger';
const desk = (part: Partial<EstimateDesk> = {}): EstimateDesk => ({
  list: defaultPrices,
  cuts: new CutDesk(),
  elsewhere: [],
  ...part,
});
const withQuote = (job: Job, quote: Partial<Quote>): Job => ({ ...job, quote: { ...job.quote, ...quote } });
const estimateOf = (job: Job, part: Partial<EstimateDesk> = {}) => jobEstimate(evaluateJob(job), desk(part));
const partIn = (job: Job, key: string, part: Partial<EstimateDesk> = {}) => {
  const found = estimateOf(job, part).parts.find((each) => each.key === key);
  if (found === undefined) throw new Error(`No part ${key}.`);
  return found;
};
const optionsOf = (job: Job, id: string) => {
  const memo = freshMemo();
  return [...circuitOptions(evaluateJob(job, memo), id, desk(), memo)];
};
const keysOf = (job: Job, id: string): readonly string[] => optionsOf(job, id).map(({ key }) => key);
const optionIn = (job: Job, id: string, change: OptionChange) => {
  const own = withQuote(job, { options: [{ circuitId: id, changes: [change] }] });
  const found = optionsOf(own, id).find(({ key }) => key === optionKey(change));
  if (found === undefined) throw new Error(`No option ${optionKey(change)}.`);
  return found;
};

describe('what a job costs', () => {
  test('is the sum of its parts to the cent, and its parts are the list', () => {
    const estimate = estimateOf(demoJob);
    // What breaks a rule is priced, and in no total.
    const stopped = estimate.parts.filter(({ isStopped }) => isStopped).map(({ key }) => key);
    expect(stopped).toEqual([`circuit ${CARPORT}`]);
    const sound = estimate.parts.filter(({ isStopped }) => !isStopped);
    const sum = sound.reduce((cents, { price }) => cents + price.likely, 0);
    expect(estimate.price.likely).toBe(sum);
    expect(priceOf(estimate.money)).toBe(sum);
    // As the materials say it.
    expect(estimate.parts.reduce((cents, { money }) => cents + money.material, 0)).toBe(392002);
    expect(estimate.unpriced).toBe(0);
  });

  test('a circuit by hand: hours by the units, the pace of its family, the terms', () => {
    const { unitH, pace, hours, money } = partIn(demoJob, `circuit ${CARPORT}`);
    // 62 ft of cable, the charger, its end in the panel, proving it.
    expect(unitH).toBeCloseTo(62 * 0.022 + 1.2 + 0.6 + 0.6, 9);
    expect([pace.ratios.length, pace.known]).toEqual([11, true]);
    expect(pace.likely).toBeCloseTo(6.5 / 5.9, 9);
    expect(hours.likely).toBeCloseTo(unitH * pace.likely, 9);
    const labor = Math.round(hours.likely * 9800);
    expect(money).toEqual({
      material: 24400,
      labor,
      permit: 3500,
      margin: Math.round((24400 + labor) * 0.15),
      tax: 1586,
    });
  });

  test('hours of other jobs and of this one count in the pace of their family alone', () => {
    const slow = Array.from({ length: 5 }, (_, at) => ({
      id: `r${at}`,
      family: 'range',
      unitH: 2,
      tookH: 4,
    }));
    const range = 'circuit kitchen-range';
    expect(partIn(demoJob, range).pace.known).toBe(false);
    expect(partIn(demoJob, range, { elsewhere: slow }).pace).toMatchObject({ likely: 2, known: true });
    const taken = withQuote(demoJob, { labor: { ...demoJob.quote.labor, taken: slow } });
    expect(partIn(taken, range).pace.likely).toBe(2);
    expect(partIn(taken, 'circuit kiln').pace.known).toBe(false);
  });

  test('fees fall on the job once, on each new circuit, on a larger service', () => {
    expect(partIn(demoJob, 'job').money.permit).toBe(12000);
    expect(partIn(demoJob, 'circuit kiln').money.permit).toBe(3500);
    const larger: Job = { ...demoJob, house: { ...demoJob.house, ratingA: 400, larger: true } };
    const { money } = partIn(larger, 'service');
    // The whole of it, with the labor of others.
    expect([money.material, money.labor, money.permit]).toEqual([780000, 0, 30000]);
    const there: Job = { ...demoJob, house: { ...demoJob.house, managedA: 150, managerThere: true } };
    expect(estimateOf(there).parts.some(({ key }) => key === 'service')).toBe(false);
    const planned: Job = { ...demoJob, house: { ...demoJob.house, managedA: 150 } };
    expect(partIn(planned, 'service').money).toMatchObject({ material: 62000, labor: 1.5 * 9800 });
  });

  test('cuts of a line that is cut alike are planned once', () => {
    const cuts = new CutDesk();
    const pieces = [{ id: 'a', where: 'A to B', runFt: 10, wasteFt: 1, endsFt: [1, 1] as const, cutFt: 13 }];
    const offer = {
      each: 10,
      packs: [],
      packsOnly: false,
      basis: 'dated' as const,
      date: null,
      source: null,
      truck: [],
    };
    const first = cuts.of({ key: 'x', pieces, offer });
    expect(cuts.of({ key: 'x', pieces: [...pieces], offer: { ...offer } })).toBe(first);
    expect(cuts.of({ key: 'x', pieces, offer: { ...offer, each: 11 } })?.plan.costCents).toBe(143);
  });
});

describe('options', () => {
  test('of a charger whose plan breaks a rule: the largest legal setting, another method, a modest setting', () => {
    const options = optionsOf(demoJob, CARPORT);
    expect(options.map(({ key }) => key)).toEqual([
      'as-planned',
      'charger 44 setting',
      'method mc',
      'charger 32 setting',
    ]);
    const stops = options.map(({ stops: found }) => found.map(({ code }) => code));
    expect(stops).toEqual([['conductor.terminal-60c'], [], [], []]);
    // The ground in NM-B is that of its breaker: wired for more it is too small (250.122(B)).
    const wired = optionIn(demoJob, CARPORT, { kind: 'charger', settingA: 32, wireFor: 'full' });
    expect(wired.stops.map(({ code }) => code)).toEqual(['egc.not-upsized']);
    expect(options[1]?.facts).toMatchObject({ ocpdA: 60, size: '6', charger: { amps: 44, outputA: 48 } });
    expect(options[2]?.facts).toMatchObject({ ocpdA: 60, size: '6', method: 'MC' });
    expect(options[3]?.facts).toMatchObject({ ocpdA: 40, size: '8' });
  });

  test('wired for its full output now, the charger takes the wire of that and the breaker of the setting', () => {
    const ev = circuit({
      id: 'ev',
      name: 'EV charger',
      appliance: charger(),
      run: [segment({ method: 'emt', lengthFt: 30 })],
      site: { lockable: true },
    });
    const { facts, stops } = optionIn(jobOf([ev]), 'ev', { kind: 'charger', settingA: 32, wireFor: 'full' });
    expect(stops).toEqual([]);
    expect(facts).toMatchObject({ ocpdA: 40, size: '6' });
    const narrow = optionIn(jobOf([ev]), 'ev', { kind: 'charger', settingA: 32, wireFor: 'setting' });
    expect(narrow.facts).toMatchObject({ ocpdA: 40, size: '8' });
    expect(optionPoints({ facts }).map(({ text }) => text)).toContain('48 A later without new wire');
    expect(optionPoints(narrow).map(({ text }) => text)).toContain('48 A later: new wire');
  });

  test('a tub: GFCI near it or in the panel; a range: 40 or 50 A; a trailer of 50 A only where it has room', () => {
    expect(keysOf(demoJob, 'deck-tub')).toEqual(['as-planned', 'gfci breaker']);
    expect(keysOf(demoJob, 'kitchen-range')).toEqual(['as-planned', 'breaker 50']);
    // One space is free, and it takes two.
    expect(keysOf(demoJob, 'trailer')).toEqual(['as-planned']);
    const fifty = optionIn(demoJob, 'trailer', { kind: 'trailer', amps: 50 });
    expect(fifty.stops.map(({ code }) => code)).toEqual(['panel.no-space']);
    const poles = evaluateJob(
      withOption(evaluateJob(demoJob), 'trailer', { kind: 'trailer', amps: 50 }, freshMemo())?.job ?? demoJob,
    );
    expect(poles.circuit('trailer')?.solved.figures.ocpd.poles).toBe(2);
  });

  test('where little is left on the service, management and a larger one stand beside a charger, with their price', () => {
    const [planned, management, larger] = optionsOf(demoJob, 'garage-outlet');
    expect([management?.key, larger?.key]).toEqual(['management', 'larger-service 225']);
    expect(management?.facts).toMatchObject({ managedA: 160, darkDay: false });
    expect(larger?.facts).toMatchObject({ darkDay: true, service: { limitA: 225 } });
    // The device, 1.5 h of it, margin and tax.
    const labor = 1.5 * 9800;
    const adds = 62000 + labor + Math.round((62000 + labor) * 0.15) + Math.round(62000 * 0.065);
    expect((management?.price.likely ?? 0) - (planned?.price.likely ?? 0)).toBe(adds);
  });

  test('set by hand they are those, in that order; none for what is there already', () => {
    const changes: OptionChange[] = [
      { kind: 'method', method: 'emt' },
      { kind: 'charger', settingA: 40, wireFor: 'setting' },
    ];
    const own = withQuote(demoJob, { options: [{ circuitId: CARPORT, changes }] });
    expect(keysOf(own, CARPORT)).toEqual(['as-planned', 'method emt', 'charger 40 setting']);
    const none = withQuote(demoJob, { options: [{ circuitId: CARPORT, changes: [] }] });
    expect(keysOf(none, CARPORT)).toEqual(['as-planned']);
    const there = circuit({ id: 'a', pins: { ocpdA: 60, size: '6' }, existing: { legal: true } });
    const evaluation = evaluateJob(jobOf([there]));
    const each = evaluation.circuit('a');
    if (each === undefined) throw new Error('No circuit.');
    expect(possibleChanges(evaluation, each)).toEqual([]);
    expect(keysOf(jobOf([there]), 'a')).toEqual(['as-planned']);
  });

  test('what is suggested, or may be added, was tried: the job takes it, and with it no rule is broken', () => {
    const memo = freshMemo();
    for (const [job, least] of [
      [demoJob, 40],
      [fullHouse, 4],
    ] as const) {
      const evaluation = evaluateJob(job, memo);
      let offered = 0;
      for (const { circuit: about } of evaluation.circuits) {
        const [, ...suggested] = optionsOf(job, about.id);
        const shown = new Set(suggested.map(({ key }) => key));
        const added = [...optionsToAdd(evaluation, about.id, shown, memo)];
        expect(added.filter((change) => shown.has(optionKey(change)))).toEqual([]);
        for (const change of [...suggested.map((option) => option.change), ...added]) {
          const result = withOption(evaluation, about.id, change, branchOf(memo));
          const broken = (result?.findings ?? []).filter(
            ({ severity, subject }) =>
              severity === 'stop' && (circuitOf(subject) === about.id || subject.kind === 'service'),
          );
          const own = broken.filter(({ subject }) => subject.kind !== 'check').map(({ code }) => code);
          expect([about.id, change, result === undefined, own]).toEqual([about.id, change, false, []]);
          offered += 1;
        }
      }
      expect(offered).toBeGreaterThan(least);
    }
    const added = [...optionsToAdd(evaluateJob(demoJob), CARPORT, new Set(), memo)].map(optionKey);
    expect(added).toContain('charger 32 setting');
    expect(added).not.toContain('charger 32 full');
  });

  test('every option that may be added is an edit that the job takes, each once', () => {
    const memo = freshMemo();
    const evaluation = evaluateJob(demoJob, memo);
    for (const each of evaluation.circuits) {
      const changes = possibleChanges(evaluation, each);
      expect(new Set(changes.map(optionKey)).size).toBe(changes.length);
      for (const change of changes) {
        const tried = withOption(evaluation, each.circuit.id, change, memo);
        if (change.kind !== 'method') expect([change, tried === undefined]).toEqual([change, false]);
        expect(optionName(change)).toMatch(/^[A-Z0-9]/);
      }
    }
  });
});

describe('the quote as picked', () => {
  const picked = (change: OptionChange): Job =>
    withQuote(demoJob, { picked: [{ circuitId: CARPORT, change }] });

  test('prices the job with what was picked, and leaves the plan as it is', () => {
    const memo = freshMemo();
    const job = picked({ kind: 'charger', settingA: 44, wireFor: 'setting' });
    const { evaluation, commands } = asPicked(evaluateJob(job, memo), memo);
    // A reading of the tub is out whatever is picked for the charger.
    expect(stopsIn(evaluation)).toEqual(['check.danger', 'check.reading']);
    expect(stopsIn(evaluateJob(job))).toEqual(['conductor.terminal-60c', 'check.danger', 'check.reading']);
    const applied = after(job, { kind: 'batch', commands: [...commands] }).job;
    expect(evaluateJob(applied).circuit(CARPORT)?.circuit).toEqual(evaluation.circuit(CARPORT)?.circuit);
  });

  test('what is gone from the job is left out', () => {
    const memo = freshMemo();
    const job = withQuote(jobOf([circuit({ id: 'a' })]), {
      picked: [{ circuitId: 'gone', change: { kind: 'management' } }],
    });
    expect(asPicked(evaluateJob(job, memo), memo).commands).toEqual([]);
  });

  test('after it was accepted every change is an extra, and together they are the difference', () => {
    const then = estimateOf(demoJob);
    const accepted = {
      date: '2026-03-01',
      by: 'The owner',
      cents: then.price.likely,
      parts: then.parts.map(({ key, price }) => ({ key, name: `Part ${key}`, cents: price.likely })),
    };
    expect(extrasSince(accepted, then)).toEqual([]);
    const changed: Job = {
      ...demoJob,
      circuits: demoJob.circuits
        .filter(({ id }) => id !== 'compressor')
        .map((each) =>
          each.id === CARPORT ? { ...each, run: each.run.map((at) => ({ ...at, lengthFt: 80 })) } : each,
        ),
    };
    const now = estimateOf(changed);
    const extras = extrasSince(accepted, now);
    const whole = ({ parts }: JobEstimate): number => parts.reduce((sum, { price }) => sum + price.likely, 0);
    expect(extras.reduce((sum, { cents }) => sum + cents, 0)).toBe(whole(now) - whole(then));
    expect(extras.find(({ key }) => key === 'circuit compressor')).toMatchObject({
      name: 'Part circuit compressor',
    });
    expect(extras.find(({ key }) => key === `circuit ${CARPORT}`)?.cents).toBeGreaterThan(0);
    // What was not in the quote is an extra with all that it costs.
    const without = { ...accepted, parts: accepted.parts.filter(({ key }) => key !== `circuit ${CARPORT}`) };
    const own = then.parts.find(({ key }) => key === `circuit ${CARPORT}`)?.price.likely;
    expect(extrasSince(without, then)).toEqual([{ key: `circuit ${CARPORT}`, name: null, cents: own }]);
  });
});

describe('what is said of an option', () => {
  test('its figures, what it gives and what it leaves out', () => {
    const [planned, at44] = optionsOf(demoJob, CARPORT);
    if (planned?.facts === undefined || at44?.facts === undefined) throw new Error('Not sized.');
    expect(optionFigures(planned.facts)).toBe('60 A, 6 AWG, NM-B');
    expect(optionPoints(planned)[0]).toEqual({ gives: true, text: '11.5 kW, all that the charger gives' });
    expect(optionPoints(at44)[0]).toEqual({ gives: false, text: '10.6 kW of 11.5' });
    expect(optionPoints(planned).map(({ text }) => text)).toContain('20.8 A left on the service');
    expect(optionPoints({ facts: undefined })).toEqual([{ gives: false, text: 'no conductor fits' }]);
  });

  test('when a vehicle is full again: 60 kWh from 10 pm', () => {
    // 60 / 7.68 = 7 h 49 min; 60 / 11.52 = 5 h 12.5 min.
    expect([fullAt(60, 32, 240), fullAt(60, 48, 240), fullAt(4, 48, 240)]).toEqual([
      '5:49 am',
      '3:13 am',
      '10:21 pm',
    ]);
    expect(fullAt(23.04, 48, 240)).toBe('12:00 am');
  });
});

describe('what a price does not say by itself', () => {
  const lacks = (job: Job): string => priceLacks(job, estimateOf(job)).join(' ');

  test('what is stopped, by its name; what is assumed, by its circuits', () => {
    expect(lacks(demoJob)).toContain('Not in the total, it breaks a rule as planned: EV charger, carport.');
    expect(lacks(demoJob)).toContain('Rests on what is assumed: Mini split, north wall, Hot tub, deck');
    expect(lacks({ ...demoJob, sources: [] })).not.toContain('assumed');
  });

  test('a service that nobody looked at, a fee that nobody named', () => {
    expect(lacks(demoJob)).not.toContain('service');
    const house = { ...demoJob.house, loads: [], areaFt2: null };
    expect(lacks({ ...demoJob, house })).toContain('Nobody looked at the service');
    const terms = { ...demoJob.quote.terms, permitJobCents: 0, permitCircuitCents: 0, permitServiceCents: 0 };
    expect(lacks(demoJob)).not.toContain('fee');
    expect(lacks({ ...demoJob, quote: { ...demoJob.quote, terms } })).toContain('No permit fee');
  });
});
