import { expect, test } from 'vitest';
import { readTyped } from '../../../src/core/typing/readTyped';

test.each([
  ['range 99 kw', 'Power on the nameplate: at most 27 kW.'],
  ['dryer 0.1 kw', /: at least 0\.3 kW\.$/],
  ['ev 500 a', /: at most 80 A\.$/],
  ['pool pump 20 hp', 'Total horsepower: at most 10 hp.'],
  ['ev 48 277v', /^Volts: 120 V; or 208 V; or 240 V/],
])('%s says which figure, and its bound with its unit', (text, problem) => {
  const read = readTyped(text);
  expect('problem' in read ? read.problem : '').toMatch(problem);
  expect('problem' in read && read.problem).not.toMatch(/\bkw\b|outputAmps|loadVA|dutyPct/);
});

test.each([
  ['motor 10 hp 460 V', 460],
  ['motor 10 hp 208 V 3 phase', 208],
  ['compressor 5 hp three-phase 240v', 240],
])('%s has three phases, and says so', (text, volts) => {
  const read = readTyped(text);
  expect(read).toMatchObject({ appliance: { nameplate: { volts, phase: 3 } } });
  expect('understood' in read && read.understood).toContain(`${volts} V three-phase`);
});

test('a motor of 240 V has one phase unless that was said', () => {
  expect(readTyped('motor 3 hp')).toMatchObject({ appliance: { nameplate: { phase: 1 } } });
});
