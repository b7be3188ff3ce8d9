import { useEffect, useState } from 'react';
import type { Swept } from './sweep';

let sweeping: Promise<Swept> | undefined;

/** What was swept as this page began; undefined until that is done. It is done once, after what is seen first. */
export function useSweep(): Swept | undefined {
  const [swept, setSwept] = useState<Swept>();
  useEffect(() => {
    let stale = false;
    sweeping ??= import('./sweep').then(({ sweep }) => sweep());
    sweeping.then(
      (done) => {
        if (!stale) setSwept(done);
      },
      // Storage that cannot be swept now is swept another time.
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, []);
  return swept;
}
