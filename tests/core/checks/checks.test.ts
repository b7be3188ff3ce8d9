import { describe, expect, test } from 'vitest';
import { freshCheck, type CircuitCheck } from '../../../src/core/checks/checksDocument';
import { circuitNetwork } from '../../../src/core/checks/circuitNetwork';
import { circuitReport } from '../../../src/core/checks/circuitReport';
import { diagnosed } from '../../../src/core/checks/diagnosed';
import { dangersOf } from '../../../src/core/checks/dangers';
import { groundLimit, proofSteps, skippedBefore, type Proved } from '../../../src/core/checks/proofSteps';
import { torquedTerminals } from '../../../src/core/checks/terminalKeys';
import { applyCommand, isRefusal } from '../../../src/core/job/commands';
import { demoJob } from '../../../src/core/job/demo/demoJob';
import { evaluateJob } from '../../../src/core/job/evaluateJob';
import { diagnose, type Candidate } from '../../../src/core/network/diagnose';
import { pairIn, type Fault, type Network } from '../../../src/core/network/network';
import { NetworkSolver, readVolts } from '../../../src/core/network/networkSolver';
import { faultPlaces } from '../../../src/core/network/singleFaults';
import { wiring } from '../../../src/core/wiring/terminations';
import { dangerWords, PROOF_NAME, skippedWords } from '../../../src/core/wording/checkWords';
import { after } from '../../support/jobs';
import { readingsPlan } from '../../support/randomCircuits';

const EVALUATION = evaluateJob(demoJob);

const networkIn = (id: string, part: Partial<CircuitCheck> = {}): Network => {
  const each = EVALUATION.circuit(id);
  const network =
    each &&
    circuitNetwork(each.circuit, each.solved.figures, each.context.code, { ...freshCheck(id), ...part });
  if (network === undefined || network === null) throw new Error(`No network of ${id}.`);
  return network;
};

/** What a tester shows of a circuit with a fault, its error drawn by the place of the reading. */
function readingsOf(network: Network, fault: Fault | null, error: (at: number) => number) {
  const seen = [false, true].map((on) => new NetworkSolver(network, { on, live: true }).seen(fault));
  return readingsPlan(network).map(({ at, station, pair, on }, index) => {
    const [there, ends] = [seen[on ? 1 : 0]?.[station], pairIn(network, pair)];
    const volts = there === undefined || ends === undefined ? 0 : Math.abs(readVolts(there, ends));
    return { at, pair, on, volts: Math.max(0, Math.round(10 * (volts * (1 + 0.005 * error(index)))) / 10) };
  });
}

describe('a circuit as a network', () => {
  test('has its joints where conductors are landed or spliced, its wire by the table, its load by its current', () => {
    const tub = networkIn('deck-tub');
    expect(tub.stations).toEqual(['A', 'B', 'C', 'D']);
    expect(tub.conductors).toEqual(['L1', 'L2', 'N', 'G']);
    // 34 ft of 6 AWG copper at 0.491 ohm a thousand feet.
    expect(tub.wires[0]?.[0]).toBeCloseTo((0.491 * 34) / 1000, 4);
    // 40 A in all: four fifths between the hots, one fifth to the neutral.
    expect(tub.loads.map(({ between, ohms }) => [between, Math.round(10 * ohms) / 10])).toEqual([
      ['L1L2', 7.5],
      ['L1N', 15],
    ]);
    expect(networkIn('trailer').conductors).toEqual(['L1', 'N', 'G']);
    expect(networkIn('deck-tub', { loadA: 20 }).loads[0]?.ohms).toBeCloseTo(15, 6);
  });

  test('takes the volts of its source from what was read nearest to the panel, nominal until then', () => {
    expect(networkIn('kiln').supply).toEqual([120, -120, 0]);
    const readings = [
      { at: 'B', pair: 'L1G', on: false, volts: 118 },
      { at: 'A', pair: 'L1G', on: false, volts: 122.5 },
      { at: 'A', pair: 'L2G', on: false, volts: 0 },
    ] as const;
    expect(networkIn('kiln', { readings: [...readings] }).supply).toEqual([122.5, -120, 0]);
  });

  test('every single fault of every demo circuit, read with an error of 0.5 %, leads back to it or its tie', () => {
    let [planted, found] = [0, 0];
    for (const { circuit } of EVALUATION.circuits) {
      const network = networkIn(circuit.id);
      for (const [index, place] of faultPlaces(network).entries()) {
        const fault = place.faultOf(
          place.what === 'swap' ? 0 : index % 3 === 0 && place.what === 'series' ? Infinity : 0.6,
        );
        const { sound, candidates, tied } = diagnose(
          network,
          readingsOf(network, fault, (at) => Math.sin(at * 7.3 + index)),
        );
        if (sound) continue;
        planted += 1;
        const first = candidates.slice(0, tied);
        if (first.some(({ at, conductor }) => conductor === place.conductor && place.at.includes(at)))
          found += 1;
      }
    }
    expect(planted).toBeGreaterThan(150);
    expect(found / planted).toBeGreaterThanOrEqual(0.99);
  });
});

describe('what is expected', () => {
  const report = (id: string, part: Partial<CircuitCheck>) =>
    circuitReport(networkIn(id, part), { ...freshCheck(id), ...part }, null);
  const bandOf = (id: string, at: string, pair: string, on: boolean, part: Partial<CircuitCheck> = {}) => {
    const found = report(id, part).expected.find(
      (each) => each.at === at && each.pair === pair && each.on === on,
    );
    return found && [Math.round(10 * found.low) / 10, Math.round(10 * found.high) / 10];
  };

  test('at the panel 5 % of the service; past it what the panel read, 1 V each way; N to G at most 1 V', () => {
    expect(bandOf('deck-tub', 'A', 'L1L2', false)).toEqual([228, 252]);
    expect(bandOf('deck-tub', 'A', 'L1N', false)).toEqual([114, 126]);
    const readings = [{ at: 'A', pair: 'L1N' as const, on: false, volts: 121.4 }];
    expect(bandOf('deck-tub', 'D', 'L1N', false, { readings })).toEqual([120.4, 122.4]);
    expect(bandOf('deck-tub', 'D', 'NG', false)).toEqual([0, 1]);
  });

  test('the panel alone moves the bands, within what a service may have; a station past it never does', () => {
    const reading = (at: string, volts: number, pair: 'L1N' | 'L1G' = 'L1N') => [
      { at, pair, on: false, volts },
    ];
    const nominal = bandOf('deck-tub', 'D', 'L1N', false);
    expect(nominal).toEqual([119, 121]);
    expect(bandOf('deck-tub', 'D', 'L1N', false, { readings: reading('C', 112) })).toEqual(nominal);
    expect(bandOf('deck-tub', 'D', 'L1N', false, { readings: reading('A', 109) })).toEqual(nominal);
    expect(bandOf('deck-tub', 'D', 'L1N', false, { readings: reading('A', 128) })).toEqual(nominal);
    expect(bandOf('deck-tub', 'D', 'L1N', false, { readings: reading('A', 112) })).toEqual([111, 113]);
    const both = [...reading('A', 118), ...reading('A', 112, 'L1G')];
    expect(bandOf('deck-tub', 'D', 'L1N', false, { readings: both })).toEqual([117, 119]);
  });

  test('two legs of a 208Y/120 house have 208 V between them and 120 V each', () => {
    const network = { ...networkIn('deck-tub'), lineShare: Math.sqrt(3) / 2 };
    const readings = (['L1L2', 'L1N', 'L2N'] as const).map((pair) => {
      return { at: 'D', pair, on: false, volts: pair === 'L1L2' ? 207.6 : 120 };
    });
    const { expected, out, dangers } = circuitReport(network, { ...freshCheck('deck-tub'), readings }, null);
    const atPanel = expected.find(({ at, pair, on }) => at === 'A' && pair === 'L1L2' && !on);
    expect([atPanel?.low, atPanel?.high].map((volts) => Math.round(volts ?? 0))).toEqual([197, 218]);
    expect(out).toEqual([]);
    expect(dangers).toEqual([]);
    const high = readings.map((each) => (each.pair === 'L1L2' ? { ...each, volts: 240 } : each));
    expect(circuitReport(network, { ...freshCheck('deck-tub'), readings: high }, null).out).toHaveLength(1);
  });

  test('ohms that were read dead where they were asked for leave fewer places, and are not asked for again', () => {
    const { check, report: own } = EVALUATION.check('deck-tub') ?? {};
    if (own == null || check === undefined) throw new Error('Nothing was read.');
    const before = diagnosed(own, check.readings, []);
    const next = before?.next;
    if (before === null || next == null || next.live) throw new Error('Nothing is asked dead.');
    const last = next.predicts.length - 1;
    const ohms = [{ at: next.at, of: next.pair, on: next.on, ohms: next.predicts[last] ?? null }];
    const after = diagnosed(own, check.readings, ohms);
    expect(after?.first.length).toBeLessThan(before.first.length);
    expect(after?.first).toContainEqual(before.first[last]);
    expect([after?.next?.at, after?.next?.pair]).not.toEqual([next.at, next.pair]);
    const wrong = diagnosed(own, check.readings, [{ at: next.at, of: next.pair, on: next.on, ohms: 4711 }]);
    expect(wrong?.unexplained).toBe(true);
  });

  test('under load a quarter more than the drop of the wire, and 1 V', () => {
    const found = report('deck-tub', {}).expected.find(
      ({ at, pair, on }) => at === 'D' && pair === 'L1L2' && on,
    );
    const drop = 240 - (found?.nominal ?? 0);
    expect(drop).toBeGreaterThan(1);
    expect(found?.low).toBeCloseTo(240 - 1.25 * drop - 1, 2);
    expect(found?.high).toBeCloseTo(241, 2);
  });

  test('the tub of the demo: three readings out, a neutral joint heats, and seven places explain it alike', () => {
    const { check, report: own } = EVALUATION.check('deck-tub') ?? {};
    expect(own?.out.map(({ at, pair, on }) => [at, pair, on])).toEqual([
      ['D', 'L1N', true],
      ['D', 'L2N', true],
      ['D', 'NG', true],
    ]);
    const diagnosis = own && check && diagnosed(own, check.readings, []);
    expect(
      diagnosis?.first.every(({ conductor, fault }) => conductor === 'N' && fault === 'resistance'),
    ).toBe(true);
    expect(diagnosis?.tied).toBe(7);
    expect(diagnosis?.first[0]?.ohms).toBeCloseTo(0.62, 2);
    expect(diagnosis?.dangers.map(dangerWords)).toEqual(['Switch it off now. A joint heats: 32 W at 7.2 A.']);
    expect(diagnosis?.next?.live).toBe(false);
    // At the disconnect the places before it show the neutral off, those past it do not.
    const atC = diagnosis?.predicted.find(({ at, pair, on }) => at === 'C' && pair === 'NG' && on);
    expect(atC?.volts.map((each) => Math.round(10 * each) / 10)).toEqual([4.8, 0.3]);
    expect(diagnosis?.predicted.every(({ at }) => at !== 'D')).toBe(true);
    expect(check?.readings).toHaveLength(24);
    expect(EVALUATION.readOut).toEqual(['deck-tub']);
  });

  test('two faults at once, or a wrong reading: nothing is claimed, and the reading to take again is named', () => {
    const network = networkIn('deck-tub');
    const readings = readingsOf(network, null, () => 0).map((each, at) =>
      at === 20 ? { ...each, volts: 61.7 } : each,
    );
    const diagnosis = diagnosed(
      circuitReport(network, { ...freshCheck('deck-tub'), readings }, null),
      readings,
      [],
    );
    expect(diagnosis?.unexplained).toBe(true);
    expect(diagnosis?.dangers).toEqual([]);
    expect(diagnosis?.suspect).toEqual(readings[20]);
  });
});

describe('dangers', () => {
  const network = networkIn('deck-tub');
  const fault = (inNetwork: Fault, part: Partial<Candidate>): Candidate => {
    return { fault: 'swap', conductor: 'L1G', at: 'C', ohms: null, misfit: 0, inNetwork, ...part };
  };

  test('of a live ground, of volts on what is not made for them, of a ground that is open', () => {
    const live = dangersOf(network, fault({ kind: 'swap', station: 2, from: [3, 1, 2, 0] }, {}));
    expect(live[0]).toMatchObject({ kind: 'live-ground' });
    const open = dangersOf(
      network,
      fault({ kind: 'series', conductor: 2, station: 2, ohms: Infinity }, { fault: 'open', conductor: 'N' }),
    );
    expect(open.some(({ kind }) => kind === 'overvoltage')).toBe(true);
    const ground = dangersOf(
      network,
      fault({ kind: 'series', conductor: 3, station: 2, ohms: Infinity }, { fault: 'open', conductor: 'G' }),
    );
    expect(ground).toEqual([{ kind: 'open-ground' }]);
  });

  test('no sentence says that anything is safe', () => {
    for (const danger of [
      { kind: 'heats', watts: 46, amps: 8.6 },
      { kind: 'live-ground', volts: 120 },
      { kind: 'overvoltage', volts: 180 },
      { kind: 'open-ground' },
    ] as const)
      expect(dangerWords(danger)).not.toMatch(/safe/i);
  });
});

describe('the order of proof', () => {
  const network = networkIn('deck-tub');
  const proved = (part: Partial<CircuitCheck>, more: Partial<Proved> = {}) => {
    const check = { ...freshCheck('deck-tub'), ...part };
    const steps = proofSteps({
      check,
      expected: circuitReport(network, check, null).expected,
      terminals: ['a', 'b'],
      groundLimitOhms: 0.2,
      hasGfci: true,
      ...more,
    });
    return { steps, stateOf: (step: string) => steps.find((each) => each.step === step)?.state };
  };

  const cases: readonly (readonly [Partial<CircuitCheck>, string, string])[] = [
    [{ dead: { before: 240, dead: 0.2, after: 240 } }, 'dead', 'ok'],
    [{ dead: { before: 240, dead: 118, after: 240 } }, 'dead', 'out'],
    // What was not read is not 0.
    [{ dead: { before: 240, dead: null, after: 240 } }, 'dead', 'part'],
    [{ dead: { before: null, dead: null, after: null } }, 'dead', 'open'],
    [{ dead: { before: null, dead: 118, after: null } }, 'dead', 'out'],
    [{ traced: { at: 'B', tieOff: false } }, 'tie', 'open'],
    [{ traced: { at: 'B', one: 0.1, two: null, tieOff: true } }, 'tie', 'ok'],
    [{}, 'tie', 'not-asked'],
    [{ dead: { before: 240, dead: 0, after: 0 } }, 'dead', 'out'],
    [{ insulationMohm: 25 }, 'insulation', 'ok'],
    [{ insulationMohm: 24.9 }, 'insulation', 'out'],
    [{ groundOhms: 0.2 }, 'ground', 'ok'],
    [{ groundOhms: 0.21 }, 'ground', 'out'],
    [{ tripMa: 4, button: true }, 'gfci', 'part'],
    [{ tripMa: 4, button: true, trippedV: 0, tripsOnLoad: false }, 'gfci', 'ok'],
    [{ tripMa: 5, button: true, trippedV: 3, tripsOnLoad: false }, 'gfci', 'out'],
    [{ tripMa: 5, button: true, trippedV: 0, tripsOnLoad: true }, 'gfci', 'out'],
    [{ tripMa: 6.1, button: true }, 'gfci', 'out'],
    [{ tripMa: 5, button: true, trippedV: 0, tripsOnLoad: false, tripsAlone: true }, 'gfci', 'out'],
    [{ button: true }, 'gfci', 'part'],
    [{ button: false }, 'gfci', 'out'],
    [{ riseC: 30 }, 'temperature', 'ok'],
    [{ riseC: 31 }, 'temperature', 'out'],
    [{ torque: [{ terminal: 'a', first: 35, second: null }] }, 'torque', 'part'],
  ];
  test.each(cases)('%o: %s is %s', (part, step, state) => {
    expect(proved(part).stateOf(step)).toBe(state);
  });

  test('torque is done when every terminal was set twice; without a GFCI none is asked', () => {
    const torque = ['a', 'b'].map((terminal) => ({ terminal, first: 35, second: 35 }));
    expect(proved({ torque }).stateOf('torque')).toBe('ok');
    expect(proved({}, { hasGfci: false }).stateOf('gfci')).toBe('not-asked');
    expect(groundLimit(0.1)).toBeCloseTo(0.215, 9);
  });

  test('what was skipped is named, what is not asked is not', () => {
    const { steps } = proved({ off: true, dead: { before: 240, dead: 0, after: 240 } }, { hasGfci: false });
    expect(skippedBefore(steps, 'ground')).toEqual(['insulation']);
    expect(skippedWords(skippedBefore(steps, 'torque'))).toBe(
      `Before it, not done: ${PROOF_NAME.insulation}, ${PROOF_NAME.ground}.`,
    );
    expect(skippedWords([])).toBe('');
  });

  test('every terminal has a key of its own, the panel first in the log', () => {
    const each = EVALUATION.circuit('deck-tub');
    const terminals = torquedTerminals(each ? wiring(each.circuit, each.solved, each.context) : null);
    expect(terminals.length).toBeGreaterThan(12);
    expect(new Set(terminals.map(({ key }) => key)).size).toBe(terminals.length);
    expect(terminals[0]?.at).toBe('panel');
    expect(terminals.at(-1)?.at).toBe('load');
    expect(torquedTerminals(null)).toEqual([]);
  });
});

describe('what was read is kept', () => {
  test('by one command, undone by its inverse; what does not fit is refused by its field', () => {
    const check = { ...freshCheck('kiln'), groundOhms: 0.1 };
    const { job, inverse } = after(demoJob, { kind: 'put-check', id: 'kiln', check });
    expect(job.checks.find(({ id }) => id === 'kiln')).toEqual(check);
    expect(after(job, inverse).job).toEqual(demoJob);
    const outcome = applyCommand(demoJob, {
      kind: 'put-check',
      id: 'kiln',
      check: { ...check, readings: [{ at: 'AA', pair: 'L1N', on: false, volts: 120 }] },
    });
    expect(isRefusal(outcome)).toBe(true);
  });
});
