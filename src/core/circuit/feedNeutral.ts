import type { Circuit } from './circuitSchema';
import { stationKinds } from './stations';

/**
 * How many segments from the panel on bring a neutral that the appliance itself does not use: to the GFCI enclosure near a
 * tub of three wires, whose pigtail lands on it (422.5, 680.44). As far as the disconnect, or all of the run where it
 * does not say where that stands. It is planned, or was found there.
 */
function segmentsWithFeedNeutral({ appliance, site, run }: Circuit): number {
  if (appliance.family !== 'hot-tub' || site.feedNeutral !== true) return 0;
  const { neutral, volts } = appliance.nameplate;
  const isElsewhere = site.groundFault !== undefined && site.groundFault !== 'spa-enclosure';
  if (neutral || volts === 120 || isElsewhere) return 0;
  const station = stationKinds(run).indexOf('disconnect');
  return station > 0 ? station : run.length;
}

/** Whether a segment, by its position, brings a neutral that the appliance does not use. */
export const bringsFeedNeutral = (circuit: Circuit, index: number): boolean =>
  index < segmentsWithFeedNeutral(circuit);

/** Whether any of them does: the neutral then lands in the panel too. */
export const hasFeedNeutral = (circuit: Circuit): boolean => bringsFeedNeutral(circuit, 0);
