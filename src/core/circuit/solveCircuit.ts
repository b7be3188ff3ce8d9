import { applianceLoad, applianceOutlet } from '../appliances/registry';
import type { Edition } from '../code/edition';
import { branchOcpd } from '../rules/branchOcpd';
import { equipmentGround } from '../rules/equipmentGround';
import { LINKS, type AnyFinding, type Link } from '../working/finding';
import { Working } from '../working/worked';
import type { Circuit } from './circuitSchema';
import { chooseConductor } from './chooseConductor';
import { conductorCase } from './conductorCase';
import type { CircuitFigures, SolvedCircuit, StretchFigures } from './figures';
import { figureDrop } from './figureDrop';
import { figureGround } from './figureGround';
import { figureRaceway, governingRaceway } from './figureRaceway';
import { figureSupports } from './figureSupports';
import type { Practices } from './practices';

/** What a circuit is solved under: the code in force with its local rules, and the house practices. */
export interface SolveContext {
  readonly code: Edition;
  readonly practices: Practices;
}

type Desk = Readonly<Record<Link, Working>>;

const desk = (code: Edition): Desk => ({
  load: new Working(code, 'load'),
  breaker: new Working(code, 'breaker'),
  conductor: new Working(code, 'conductor'),
  ground: new Working(code, 'ground'),
  raceway: new Working(code, 'raceway'),
  drop: new Working(code, 'drop'),
  disconnect: new Working(code, 'disconnect'),
  protection: new Working(code, 'protection'),
});

/**
 * Sizes or checks one circuit: load, device, conductor, ground, raceway, drop, disconnect, protection,
 * each with its working. What is pinned is checked, not sized. Never refuses: whatever cannot be built
 * comes out as a figure with a stop beside it. Sections: 210.19, 210.20, 240.4, 240.6, 250.122, 310.16,
 * 334.80, 340.80, Chapter 9, and those of the appliance's article.
 */
export function solveCircuit(circuit: Circuit, { code, practices }: SolveContext): SolvedCircuit {
  const at = desk(code);
  const load = applianceLoad(circuit.appliance, code, at.load);
  const ocpd = branchOcpd(load, circuit.pins.ocpdA, code, at.breaker);
  const conductor = chooseConductor(conductorCase(circuit, load, ocpd, code, at.conductor));
  const { size, leastSize } = conductor;
  const need = equipmentGround(ocpd.ratingA, size, leastSize ?? size, circuit.material, code, at.ground);
  const groundTaken = figureGround(circuit, need, conductor, ocpd.ratingA, at.ground);
  const raceways = circuit.run.map((stretch, index) => {
    at.raceway.stretch = index;
    return figureRaceway(stretch, circuit, conductor, groundTaken, { code, practices }, at.raceway);
  });
  at.raceway.stretch = undefined;
  const drop = figureDrop(circuit, load, size, code, at.drop);
  const stretches: StretchFigures[] = circuit.run.flatMap((stretch, index) => {
    const each = conductor.stretches[index];
    return each === undefined
      ? []
      : [
          {
            ...each,
            raceway: raceways[index] ?? null,
            dropV: drop.perStretch[index] ?? 0,
            supports: figureSupports(stretch, raceways[index]?.taken ?? null, practices, code),
          },
        ];
  });
  const outlet = applianceOutlet(
    circuit.appliance,
    load,
    { place: circuit.run.at(-1)?.place ?? 'indoor', ocpdA: ocpd.ratingA },
    code,
    at,
  );
  if (!code.verified) at.load.found('ask', 'edition.unverified', 'amendment.local', { year: code.year });
  const figures: CircuitFigures = {
    load,
    ocpd,
    metal: circuit.material,
    size,
    leastSize,
    raisedForDrop: conductor.raisedForDrop,
    governing: conductor.governing,
    ampacityA: Math.min(...stretches.map(({ verdict }) => verdict.finalA)),
    wires: conductor.wires,
    ground: need,
    groundTaken,
    stretches,
    raceway: governingRaceway(raceways),
    drop: drop.figures,
    outlet,
  };
  return { figures, workings: workings(at), findings: findings(at) };
}

const workings = (at: Desk): SolvedCircuit['workings'] => ({
  load: at.load.steps,
  breaker: at.breaker.steps,
  conductor: at.conductor.steps,
  ground: at.ground.steps,
  raceway: at.raceway.steps,
  drop: at.drop.steps,
  disconnect: at.disconnect.steps,
  protection: at.protection.steps,
});

const findings = (at: Desk): readonly AnyFinding[] => {
  const all: AnyFinding[] = [];
  for (const link of LINKS) for (const finding of at[link].findings) all.push(finding);
  return all;
};
