import type { Circuit, Segment } from '../circuit/circuitSchema';
import { writeCsv } from '../files/csvTable';
import { toDotted } from './dottedFields';

const segment = ({ method, lengthFt, place, ambientC, bendsDeg, currentCarrying }: Segment) => ({
  method,
  lengthFt,
  location: place,
  ambientC,
  ...(bendsDeg === null ? {} : { bendsDeg }),
  ...(currentCarrying === null ? {} : { currentCarrying }),
});

/** A circuit as an item of a worksheet: one method with its length, or segments where the run changes. */
function circuitItemOf(circuit: Circuit): Record<string, unknown> {
  const { appliance, run, material, insulation, maxDropPct, pins, site, terminals } = circuit;
  const [first] = run;
  const bare =
    run.length === 1 && first !== undefined && first.bendsDeg === null && first.currentCarrying === null;
  const ends = [terminals.panel, terminals.load];
  return {
    id: circuit.id,
    kind: 'circuit',
    family: appliance.family,
    nameplate: appliance.nameplate,
    ...(bare
      ? { method: first.method, lengthFt: first.lengthFt, location: first.place, ambientC: first.ambientC }
      : { segments: run.map(segment) }),
    material,
    insulation,
    terminalC: ends.every((mark) => mark === 75) ? 75 : 60,
    maxDropPct,
    ...(Object.keys(pins).length > 0 ? { pinned: pins } : {}),
    ...(Object.keys(site).length > 0 ? { site } : {}),
  };
}

/** The circuits of a job as a CSV file that a schedule is read from. */
export const writeSchedule = (circuits: readonly Circuit[]): string =>
  writeCsv(circuits.map((circuit) => ({ name: circuit.name, ...toDotted(circuitItemOf(circuit)) })));

/** The circuits of a job as a worksheet of the edition it is under. */
export const writeWorksheet = (circuits: readonly Circuit[], edition: number): string =>
  `${JSON.stringify({ worksheet: 1, edition, items: circuits.map(circuitItemOf) }, null, 2)}\n`;
