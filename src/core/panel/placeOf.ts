import { directory, type DirectoryLine } from './directory';
import type { Panel } from './panelSchema';
import { legOf, planned, slotsOf, type Leg, type Wanted } from './spaces';

/** Where the breaker of a circuit stands: its panel, its line of the directory, the legs it takes. */
export interface PlaceInPanel {
  readonly panel: Panel;
  readonly line: DirectoryLine;
  readonly legs: readonly Leg[];
}

/** The place that the plans of the panels give to a circuit; null where it has none yet. */
export function placeOf(
  panels: readonly { readonly panel: Panel; readonly wanted: readonly Wanted[] }[],
  circuitId: string,
): PlaceInPanel | null {
  for (const { panel, wanted } of panels) {
    const line = directory(planned(panel, wanted)).find(({ installed }) => installed.id === circuitId);
    if (line !== undefined) return { panel, line, legs: slotsOf(line.installed).map(legOf) };
  }
  return null;
}
