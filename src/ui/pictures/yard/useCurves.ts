import { useMemo } from 'react';
import type { Water } from '../../../core/water/yardSchema';
import { curvesAround, movedCurves, type CurvesAround } from './zoneCurves';

/** What is drawn around a water; only its shape, not its place, makes it anew. */
export function useCurves({ shape, turnDeg, kind, at }: Water): CurvesAround {
  const own = useMemo(() => curvesAround({ shape, turnDeg, kind }), [shape, turnDeg, kind]);
  return useMemo(() => movedCurves(own, at), [own, at]);
}
