import { circuitLabor } from '../labor/circuitLabor';
import { laborLines, type LaborLine, type LaborNeed } from '../labor/laborLine';
import { otherLabor } from '../labor/otherLabor';
import { sourceKey, type Source } from '../takeoff/need';
import type { Takeoff } from '../takeoff/takeoff';
import { bringing } from './brings';
import type { RouteEvaluation } from './evaluation';
import type { Job } from './jobSchema';

/** The work of a part of the job, in hours by the units. */
export interface LaborPart {
  readonly key: string;
  readonly source: Source;
  readonly lines: readonly LaborLine[];
  readonly unitH: number;
}

/** What the work of a job is counted by. */
export interface Worked {
  readonly job: Job;
  readonly routes: readonly RouteEvaluation[];
  readonly takeoff: Takeoff;
}

/** The work of every part of a job: circuits by their routes, panels, water and service by what they take. */
export function evaluateLabor({ job, routes, takeoff }: Worked): readonly LaborPart[] {
  const { labor } = job.quote;
  const brought = bringing(routes);
  const partOf = (source: Source, needs: readonly LaborNeed[]): readonly LaborPart[] => {
    const lines = laborLines(needs, labor);
    if (lines.length === 0) return [];
    return [
      { key: sourceKey(source), source, lines, unitH: lines.reduce((sum, { hours }) => sum + hours, 0) },
    ];
  };
  const ofCircuits = routes.flatMap((route) => {
    const { id } = route.report.about.circuit;
    const source: Source = { kind: 'circuit', id };
    const needs = takeoff.parts.find(({ key }) => key === sourceKey(source))?.needs ?? [];
    const work = {
      route: route.report,
      brings: brought(route),
      needs,
      finished: labor.finished.includes(id),
    };
    return partOf(source, circuitLabor(work));
  });
  const others = takeoff.parts
    .filter(({ source }) => source.kind !== 'circuit')
    .flatMap(({ source, needs }) => partOf(source, otherLabor(needs)));
  return [...ofCircuits, ...others];
}
