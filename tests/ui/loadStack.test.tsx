import { render } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { evaluateJob } from '../../src/core/job/evaluateJob';
import { LoadStack } from '../../src/ui/pictures/LoadStack';

const widths = (volts: number): readonly number[] => {
  const { report } = evaluateJob(fullHouse).service;
  const { container } = render(
    <LoadStack report={report} volts={volts} chosen="existing" onMethod={vi.fn()} />,
  );
  return [...container.querySelectorAll('[data-chosen] rect[height="8"]')].map((part) =>
    Number(part.getAttribute('width')),
  );
};

test('the same load takes more amperes, and a longer bar, in a house of 208 V', () => {
  const [at240 = 0, at208 = 0] = [widths(240)[0], widths(208)[0]];
  expect(at240).toBeGreaterThan(0);
  expect(at208 / at240).toBeCloseTo(240 / 208, 3);
});
