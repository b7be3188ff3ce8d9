import type { Landing, Letters, Terminal, End } from '../wiring/terminations';

/** Terminals as they are said. */
export const terminalName: Readonly<Record<Terminal, string>> = {
  'breaker-1': 'breaker, first pole', 'breaker-2': 'breaker, second pole', 'breaker-3': 'breaker, third pole',
  'device-neutral': 'load neutral of the device', 'neutral-bar': 'neutral bar', 'ground-bar': 'ground bar',
  'bonded-bar': 'bonded bar of the service', 'load-1': 'L1', 'load-2': 'L2', 'load-3': 'L3', 'load-neutral': 'N',
  'load-ground': 'G', capped: 'capped, spare',
}; // prettier-ignore

/** Letters in words. */
const colorName: Readonly<Record<Letters, string>> = {
  BK: 'black', RD: 'red', BU: 'blue', WH: 'white', GN: 'green', BARE: 'bare',
}; // prettier-ignore

/** Ends of a circuit. */
export const endName: Readonly<Record<End['at'], string>> = {
  panel: 'Panel',
  enclosure: 'Enclosure near the load',
  load: 'Load',
};

/** One landing in a sentence: order, conductor, terminal, mark, torque. */
export function landingWords({ letters, size, terminal, marked, torqueLbIn, role }: Landing): string {
  const what = role === 'pigtail' ? 'white pigtail of the device' : `${colorName[letters]} ${size} AWG`;
  const mark = marked === null ? '' : `, marked ${colorName[marked]} as a hot`;
  return terminal === 'capped'
    ? `${what}: capped at both ends`
    : `${what}${mark}: ${terminalName[terminal]}, ${torqueLbIn} lb-in`;
}
