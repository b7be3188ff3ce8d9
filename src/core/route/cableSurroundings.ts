import { METHODS } from '../code/methods';
import { sizeRank, type WireSize } from '../units/wireSize';
import type { LaidOut } from './routeCase';
import type { RouteLog } from './routeLog';

/** Nonmetallic cable smaller than this is bored or on running boards under joists: 6/2 and 8/3 may be on their edges. */
const ON_EDGES: Readonly<Record<2 | 3, WireSize>> = { 2: '6', 3: '8' };

/** How cable runs where it may be seen and stepped on: attics (320.23) and under joists (334.15(C)). */
function findExposed({ circuit, solved }: LaidOut, findings: RouteLog): void {
  for (const [index, { method, place, exposed, sleeve }] of circuit.run.entries()) {
    if (METHODS[method].kind !== 'cable' || sleeve !== undefined) continue;
    if (place === 'attic') {
      if (exposed === undefined) findings.found('ask', 'cable.attic', 'cable.attic', index, { method });
      else if (exposed === 'edges') findings.found('stop', 'cable.attic', 'cable.attic', index, { method });
      continue;
    }
    const { wires } = solved.figures;
    const size = solved.figures.segments[index]?.size ?? null;
    const least = ON_EDGES[wires === 3 ? 3 : 2];
    if (method === 'nm-b' && exposed === 'edges' && size !== null && sizeRank(size) < sizeRank(least))
      findings.found('stop', 'cable.joist-edges', 'cable.joist-edges', index, { size, min: least });
  }
}

/** Cable in direct sun is listed for it or marked sunlight resistant (310.10(D), 340.12(9)). */
function findInSun({ circuit }: LaidOut, findings: RouteLog): void {
  for (const [index, { method, place, sunlight, sleeve }] of circuit.run.entries()) {
    if (place !== 'outdoor' || METHODS[method].kind !== 'cable' || sleeve !== undefined) continue;
    if (method === 'mc' || sunlight === true) continue;
    findings.found(sunlight === false ? 'stop' : 'ask', 'cable.sunlight', 'cable.sunlight', index, {
      method,
    });
  }
}

/** What the surroundings of a cable require of it where no raceway holds it. */
export function cableSurroundings(about: LaidOut, findings: RouteLog): void {
  findExposed(about, findings);
  findInSun(about, findings);
}
