import { expect, test } from 'vitest';
import { circuitPrice } from '../../../src/core/circuit/circuitPrice';
import { defaultPrices } from '../../../src/core/price/defaultPrices';
import { circuit, load, segment, solve } from '../../support/circuits';

const { cable, conductor, raceway, support, fitting, box } = defaultPrices;
/** A run of 40 ft with 3 ft at each end. */
const CUT_FT = 46;

const priced = (about: Parameters<typeof circuit>[0]) => {
  const { figures } = solve(about);
  const supports = figures.segments.reduce((sum, each) => sum + (each.supports?.practice ?? NaN), 0);
  return { figures, supports, price: circuitPrice(circuit(about).run, figures, defaultPrices) };
};

// 4 AWG of that cable is made with three wires alone.
test('a charger on cable: feet with both ends, staples, connectors, one breaker of two poles', () => {
  const { price, supports } = priced({});
  expect(price).toBe(
    CUT_FT * (cable['nm-b']?.three[4] ?? NaN) + supports * support + 2 * fitting.cable + 2100,
  );
});

test('one pole is half the breaker', () => {
  const one = load({ amps: 12, continuousAmps: 0, volts: 120, neutral: true });
  const { price, supports, figures } = priced({ appliance: one });
  expect(figures.ocpd).toMatchObject({ ratingA: 15, poles: 1 });
  const feet = CUT_FT * (cable['nm-b']?.two[14] ?? NaN);
  expect(price).toBe(feet + supports * support + 2 * fitting.cable + 1600 / 2);
});

test('conductors in raceway, and the box where the method changes', () => {
  const run = [segment(), segment({ id: 'b', method: 'emt' })];
  const { price, supports, figures } = priced({ run });
  const [, { ground, raceway: tube }] = figures.segments as [unknown, (typeof figures.segments)[number]];
  const wires = 2 * (conductor.cu[figures.segments[1]?.size ?? '4'] ?? NaN) + (conductor.cu[ground] ?? NaN);
  const pipe = 40 * (raceway.emt?.[tube?.taken ?? '1'] ?? NaN);
  const inCable = CUT_FT * (cable['nm-b']?.three[figures.segments[0]?.size ?? '4'] ?? NaN);
  expect(price).toBe(
    inCable +
      CUT_FT * wires +
      pipe +
      supports * support +
      2 * fitting.cable +
      2 * fitting.raceway +
      box.large +
      2100,
  );
});
