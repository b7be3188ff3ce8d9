import { render } from '@testing-library/react';
import { expect, test, vi } from 'vitest';
import { fullHouse } from '../support/fullHouse/job';
import { demoJob } from '../../src/core/job/demo/demoJob';
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

test('every block is named in the picture or by its letter in the list, and no figure stands on the limit', () => {
  const { report } = evaluateJob(demoJob).service;
  const { container, getByRole } = render(
    <LoadStack report={report} volts={240} chosen="standard" onMethod={vi.fn()} />,
  );
  const key = getByRole('list', { name: 'Parts by the standard method' });
  const parts = report.answers.find(({ method }) => method === 'standard')?.after.parts ?? [];
  const counted = parts.filter(({ countedVA }) => countedVA > 0);
  expect(key.children).toHaveLength(counted.length);
  expect(key.textContent).toContain(`a ${counted[0]?.what ?? ''}`);
  const limitX = Number(container.querySelector('[aria-hidden] line')?.getAttribute('x1'));
  for (const figure of container.querySelectorAll('text')) {
    if (!/^\d+ A$/.test(figure.textContent)) continue;
    const x = Number(figure.getAttribute('x'));
    expect(x >= limitX || x + 52 <= limitX).toBe(true);
  }
});
