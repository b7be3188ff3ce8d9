import type { Circuit } from '../circuit/circuitSchema';
import type { SolvedCircuit } from '../circuit/figures';
import type { LoadKind } from '../appliances/family';
import { applianceDemandVA } from '../appliances/registry';
import type { ServiceKind, ServiceLoad } from './serviceLoad';

/** A new circuit as a load of the service. */
export interface CircuitDemand extends ServiceLoad {
  readonly circuitId: string;
}

/** What each kind of load is to a service; null for outlets that the area already counts (220.14(J)). */
const KIND: Readonly<Record<LoadKind, ServiceKind | null>> = {
  ev: 'ev',
  spa: 'fixed',
  'pool-pump': 'motor',
  'pool-heater': 'fixed',
  range: 'range',
  dryer: 'dryer',
  'water-heater': 'fixed',
  hvac: 'heat-pump',
  'room-ac': 'cool',
  welder: 'fixed',
  'well-pump': 'motor',
  motor: 'motor',
  rv: 'outlet',
  receptacle: null,
  feeder: 'fixed',
  heat: 'fixed',
  dishwasher: 'fixed',
  'sump-pump': 'motor',
  microwave: 'fixed',
  'water-cooler': 'fixed',
  'pressure-washer': 'motor',
  'tire-inflator': 'motor',
  vending: 'fixed',
  vacuum: 'motor',
  other: 'fixed',
};

/** Kilowatts of a plate that bears them, as volt-amperes. */
function plateVA(nameplate: object): number | undefined {
  if (!('kw' in nameplate)) return undefined;
  const { kw } = nameplate;
  if (typeof kw === 'number') return kw * 1000;
  return Array.isArray(kw)
    ? kw.reduce((sum: number, each: unknown) => sum + Number(each), 0) * 1000
    : undefined;
}

function demandVA({ appliance }: Circuit, { figures }: SolvedCircuit): number {
  const { load } = figures;
  return applianceDemandVA(appliance, load) ?? plateVA(appliance.nameplate) ?? load.runA * load.volts;
}

/** What a solved circuit adds to the service; null for outlets that are in the figure for the area (220.14(J)). */
export function circuitDemand(circuit: Circuit, solved: SolvedCircuit): CircuitDemand | null {
  const kind = KIND[solved.figures.facts.needs.kind];
  return kind === null
    ? null
    : { circuitId: circuit.id, what: circuit.name, va: demandVA(circuit, solved), kind };
}
