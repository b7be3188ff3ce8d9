import { use } from 'react';
import type { Circuit } from '../../../core/circuit/circuitSchema';
import type { FigureKey } from '../../../core/findings/subject';
import { ToVerifyContext } from '../../job/toVerifyContext';
import { VerifyOne } from '../../job/VerifyOne';

interface RestsOnProps {
  readonly circuit: Circuit;
  readonly figureKey: FigureKey;
}

/** What a figure rests on that nobody answers for: it is OK only if that is so. */
export function RestsOn({ circuit, figureKey }: RestsOnProps) {
  const own = (use(ToVerifyContext) ?? []).filter(({ outcomes }) =>
    outcomes.some(({ figures }) => figures.some(({ figure }) => figure === figureKey)),
  );
  if (own.length === 0) return null;
  return (
    <section aria-label="Rests on">
      <h3>OK, if</h3>
      <ul>
        {own.map((each) => (
          <VerifyOne key={each.assumption.input} circuit={circuit} only={figureKey} {...each} />
        ))}
      </ul>
    </section>
  );
}
