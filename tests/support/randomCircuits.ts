import fc from 'fast-check';
import { PAIRS, pairIn, runsTo, type Network, type Pair } from '../../src/core/network/network';
import { networkOf } from '../../src/core/network/singleFaults';

/** Ohms a thousand feet of common sizes. */
const PER_KFT = [1.98, 1.24, 0.778, 0.491, 0.308, 0.245, 0.154] as const;
const NAMES = ['A', 'B', 'C', 'D', 'E'];

/** Circuits of two to four stations: 120 V, 240 V, or both with a neutral, loads at the end and on the way. */
export const randomCircuits: fc.Arbitrary<Network> = fc
  .record({
    lengths: fc.array(fc.integer({ min: 6, max: 140 }), { minLength: 1, maxLength: 3 }),
    perKft: fc.constantFrom(...PER_KFT),
    hots: fc.constantFrom<1 | 2>(1, 2, 2, 2),
    neutral: fc.boolean(),
    volts: fc.tuple(fc.integer({ min: 1165, max: 1245 }), fc.integer({ min: 1165, max: 1245 })),
    amperes: fc.integer({ min: 8, max: 45 }),
    lesser: fc.double({ min: 0.2, max: 0.7, noNaN: true }),
    onTheWay: fc.boolean(),
  })
  .map(({ lengths, perKft, hots, neutral, volts, amperes, lesser, onTheWay }) => {
    const hasNeutral = hots === 1 || neutral;
    const last = NAMES[lengths.length] ?? 'B';
    const [L1, L2] = volts.map((each) => each / 10);
    const load = (at: string, between: Pair, ohms: number) => ({ at, between, ohms });
    return networkOf(
      lengths.map((ft, at) => ({
        from: NAMES[at] ?? 'A',
        to: NAMES[at + 1] ?? 'B',
        wireOhms: (perKft * ft) / 1000,
        groundOhms: (1.24 * ft) / 1000,
        neutral: hasNeutral,
      })),
      hots === 2 ? { L1: L1 ?? 120, L2 } : { L1: L1 ?? 120 },
      [
        ...(hots === 2 ? [load(last, 'L1L2', 240 / amperes)] : []),
        ...(hasNeutral ? [load(last, 'L1N', 120 / (amperes * lesser))] : []),
        ...(hasNeutral && hots === 2 && onTheWay ? [load('B', 'L2N', 120 / (amperes * 0.3))] : []),
      ],
    );
  });

/** Every place and state in which a circuit can be read. */
export const readingsPlan = (network: Network) =>
  network.stations.flatMap((at, station) =>
    PAIRS.filter((pair) => pairIn(network, pair)?.every((each) => runsTo(network, each, station))).flatMap(
      (pair) => [false, true].map((on) => ({ at, station, pair, on })),
    ),
  );
