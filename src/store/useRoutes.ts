import { useEffect, useState } from 'react';
import type { routeView } from './routeView';

/** Judges the way of a circuit of a job. */
export type RouteEvaluator = typeof routeView;

/** What judges ways, once it was fetched: it comes after what is seen first. */
let evaluate: RouteEvaluator | undefined;

/** What judges the ways of circuits; undefined until it was fetched. */
export function useRoutes(): RouteEvaluator | undefined {
  const [known, setKnown] = useState<RouteEvaluator | undefined>(() => evaluate);
  useEffect(() => {
    if (known !== undefined) return;
    let wanted = true;
    void import('./routeView').then((module) => {
      evaluate = module.routeView;
      if (wanted) setKnown(() => module.routeView);
    });
    return () => {
      wanted = false;
    };
  }, [known]);
  return known;
}
