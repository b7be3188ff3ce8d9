import type { Circuit } from '../../circuit/circuitSchema';
import type { Answering } from '../../job/sourcesOfEdit';
import type { Source } from '../../sources/sourceSchema';
import { saidRun } from './lineCircuit';
import type { Reading } from './readLine';

/** Places in the inputs of a circuit that a line said; all else of it stands for what nobody said. */
function placesSaid(reading: Reading, { site, run }: Circuit): readonly string[] {
  const { plate, others } = reading;
  // A bare number that may be the circuit or the nameplate is nobody's word until one of them is taken.
  const figures = others.length > 0 ? [] : Object.keys(plate.told).map((key) => `nameplate.${key}`);
  const stretches = saidRun(reading).flatMap((stretch, at) => {
    const id = run[at]?.id;
    return id === undefined
      ? []
      : (['method', 'place', 'lengthFt'] as const).flatMap((key) =>
          stretch[key] === null ? [] : [`run.${id}.${key}`],
        );
  });
  return ['family', ...figures, ...stretches, ...Object.keys(site).map((key) => `site.${key}`)];
}

/** Who answers for a circuit that a line made: what was said was told, the rest is assumed. */
export const lineAnswering = (reading: Reading, circuit: Circuit, by: Source): Answering => ({
  by,
  said: new Set(placesSaid(reading, circuit).map((at) => `circuit:${circuit.id}/${at}`)),
  rule: 'line',
});
