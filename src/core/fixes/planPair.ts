import type { Circuit, Segment } from '../circuit/circuitSchema';
import { newCircuit, newSegment } from '../circuit/newCircuit';
import { METHODS } from '../code/methods';
import { circuitOf } from '../findings/subject';
import { circuitChange, circuitsAdded } from '../job/changes';
import type { Job } from '../job/jobSchema';
import type { Candidates } from './candidate';

/** From the spa panel to the tub where the run does not say it: 5 ft from the water at least, and up again, feet. */
const TO_TUB_FT = 8;
const HEATER_A = 30;
const PUMPS_A = 20;

/** The run up to the spa panel, and from there to the tub: it stands where a disconnect is drawn, or at the end. */
function divided(
  { run, id }: Circuit,
  { designC }: Job,
): { readonly feed: Segment[]; readonly tub: Segment[] } {
  const at = run.findLastIndex(
    (segment, index) => segment.end?.kind === 'disconnect' && index < run.length - 1,
  );
  if (at >= 0) return { feed: run.slice(0, at + 1), tub: run.slice(at + 1) };
  return { feed: run, tub: [newSegment(`${id}-tub`, 'pvc40', TO_TUB_FT, 'outdoor', designC)] };
}

/** Both circuits are pulled through one raceway. */
const inOneRaceway = (segment: Segment, name: string): Segment =>
  METHODS[segment.method].kind === 'raceway'
    ? { ...segment, shares: { ...segment.shares, raceway: name } }
    : segment;

/** The 20 A and the 30 A circuit from the spa panel to the tub, as circuits of the job. */
export const planPair: Candidates = ({ job }, finding) => {
  const tub = job.circuits.find(({ id }) => id === circuitOf(finding.subject));
  if (tub?.appliance.family !== 'hot-tub') return [];
  const { volts, neutral } = tub.appliance.nameplate;
  const { feed, tub: rest } = divided(tub, job);
  const circuit = (part: 'heater' | 'pumps', breakerA: number): Circuit => ({
    ...newCircuit(
      `${tub.id}-${part}`,
      {
        family: 'hot-tub',
        nameplate: { volts, neutral: part === 'pumps' && neutral, breakerA, part },
      },
      rest.map((segment) => inOneRaceway(segment, `${tub.id}-pair`)),
    ),
    name: `${tub.name.slice(0, 60)}, ${part}`,
    feedId: tub.id,
    startHeightFt: feed.at(-1)?.endHeightFt ?? tub.startHeightFt,
    terminals: tub.terminals,
    site: { ...tub.site, panel: 'subpanel', groundFault: 'breaker' },
  });
  const [heater, pumps] = [circuit('heater', HEATER_A), circuit('pumps', PUMPS_A)];
  if (job.circuits.some(({ id }) => id === heater.id || id === pumps.id)) return [];
  return [
    {
      kind: 'plan-pair',
      command: {
        kind: 'batch',
        commands: [
          circuitChange(tub, { ...tub, run: feed }),
          circuitsAdded([heater, pumps], job.circuits.length),
        ],
      },
      describe: (after) => {
        const [a, b] = [heater, pumps].map(({ id }) => after.circuit(id)?.solved.figures.size ?? null);
        return a == null || b == null ? undefined : { kind: 'plan-pair', heater: a, pumps: b };
      },
    },
  ];
};
