import { PAIR_OF, type Conductor, type Fault, type Network, type Pair } from '../../src/core/network/network';

/**
 * A circuit by plain nodal analysis, one equation for each node, the tester a resistor like any other: another way to the
 * same readings than the sweep from station to station.
 */

interface Resistor {
  readonly a: string;
  readonly b: string;
  readonly ohms: number;
}

const SOUND_OHMS = 1e-5;
const LEAK_OHMS = 1e10;

/** Resistors of a network with a fault: joints, wires, loads. */
function resistorsOf(network: Network, fault: Fault | null, on: boolean): readonly Resistor[] {
  const list: Resistor[] = [];
  const { conductors, stations, wires, loads } = network;
  for (const station of stations.keys())
    for (const [at, name] of conductors.entries()) {
      const from = fault?.kind === 'swap' && fault.station === station ? (fault.from[at] ?? at) : at;
      const incoming = conductors[from] ?? name;
      const bad =
        fault?.kind === 'series' && fault.station === station && fault.conductor === at ? fault.ohms : 0;
      if (bad !== Infinity)
        list.push({ a: `${incoming} in ${station}`, b: `${name} at ${station}`, ohms: SOUND_OHMS + bad });
      const wire = wires[station]?.[at] ?? Infinity;
      if (wire < Infinity)
        list.push({ a: `${name} at ${station}`, b: `${name} in ${station + 1}`, ohms: wire });
    }
  if (on)
    for (const { station, between, ohms } of loads) {
      const [a, b] = PAIR_OF[between];
      list.push({ a: `${a} at ${station}`, b: `${b} at ${station}`, ohms });
    }
  if (fault?.kind === 'short') {
    const [a, b] = fault.between.map((each) => conductors[each] ?? 'G');
    list.push({
      a: `${a ?? 'N'} at ${fault.station}`,
      b: `${b ?? 'G'} at ${fault.station}`,
      ohms: Math.max(SOUND_OHMS, fault.ohms),
    });
  }
  return list;
}

/** Solves for the volts of all nodes that are not fed. */
function nodeVolts(
  resistors: readonly Resistor[],
  fed: ReadonlyMap<string, number>,
  amperes: ReadonlyMap<string, number> = new Map<string, number>(),
): ReadonlyMap<string, number> {
  const nodes = [...new Set(resistors.flatMap(({ a, b }) => [a, b]))].filter((node) => !fed.has(node));
  const index = new Map(nodes.map((node, at) => [node, at]));
  const rows = nodes.map((node, at) => [
    ...nodes.map((_other, column) => (at === column ? 1 / LEAK_OHMS : 0)),
    amperes.get(node) ?? 0,
  ]);
  const put = (node: string, other: string, siemens: number): void => {
    const row = rows[index.get(node) ?? -1];
    if (row === undefined) return;
    const own = index.get(node) ?? 0;
    row[own] = (row[own] ?? 0) + siemens;
    const to = index.get(other);
    const last = nodes.length;
    if (to === undefined) row[last] = (row[last] ?? 0) + siemens * (fed.get(other) ?? 0);
    else row[to] = (row[to] ?? 0) - siemens;
  };
  for (const { a, b, ohms } of resistors) {
    put(a, b, 1 / ohms);
    put(b, a, 1 / ohms);
  }
  for (const column of nodes.keys()) {
    const rest = rows.slice(column);
    const pivot = rest.reduce((best, row) =>
      Math.abs(row[column] ?? 0) > Math.abs(best[column] ?? 0) ? row : best,
    );
    const at = rows.indexOf(pivot);
    [rows[column], rows[at]] = [pivot, rows[column] ?? pivot];
    for (const [other, row] of rows.entries()) {
      const factor = other === column ? 0 : (row[column] ?? 0) / (pivot[column] ?? 1);
      if (factor !== 0) for (const [to, each] of pivot.entries()) row[to] = (row[to] ?? 0) - factor * each;
    }
  }
  return new Map(nodes.map((node, at) => [node, (rows[at]?.[nodes.length] ?? 0) / (rows[at]?.[at] ?? 1)]));
}

/** What a tester of ten kilohms shows. */
export function nodalReading(
  network: Network,
  fault: Fault | null,
  { station, pair, on }: { readonly station: number; readonly pair: Pair; readonly on: boolean },
): number {
  const [a, b] = PAIR_OF[pair].map((each: Conductor) => `${each} at ${station}`);
  const tester = { a: a ?? '', b: b ?? '', ohms: 10_000 };
  const fed = new Map(network.conductors.map((name, at) => [`${name} in 0`, network.supply[at] ?? 0]));
  const volts = nodeVolts([...resistorsOf(network, fault, on), tester], fed);
  return Math.abs((volts.get(tester.a) ?? 0) - (volts.get(tester.b) ?? 0));
}

/** Ohms between two conductors of a station, hots lifted at the source; Infinity where there is no path. */
export function nodalOhms(
  network: Network,
  fault: Fault | null,
  { station, pair, on }: { readonly station: number; readonly pair: Pair; readonly on: boolean },
): number {
  const [a = '', b = ''] = PAIR_OF[pair].map((each: Conductor) => `${each} at ${station}`);
  const fed = new Map(
    network.conductors.flatMap((name) => (name.startsWith('L') ? [] : [[`${name} in 0`, 0] as const])),
  );
  const volts = nodeVolts(
    resistorsOf(network, fault, on),
    fed,
    new Map([
      [a, 1e-3],
      [b, -1e-3],
    ]),
  );
  const ohms = ((volts.get(a) ?? 0) - (volts.get(b) ?? 0)) / 1e-3;
  return ohms > 1e5 ? Infinity : ohms;
}
