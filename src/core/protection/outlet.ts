import type { Edition } from '../code/edition';
import type { WireSize } from '../units/wireSize';
import type { Working } from '../working/worked';
import { arcFault, type ArcFaultChoice } from './arcFault';
import { building } from './building';
import { disconnectingMeans } from './disconnect';
import type { DisconnectChoice } from './disconnectChoice';
import { groundFault, type GroundFaultChoice } from './groundFault';
import { identification } from './identification';
import type { OutletFacts } from './outletFacts';
import { receptacleChoice, type ReceptacleChoice } from './receptacleChoice';

/** What stands at the outlet: receptacle, disconnect, ground-fault and AFCI protection. */
export interface OutletChoice {
  readonly receptacle: ReceptacleChoice | null;
  readonly disconnect: DisconnectChoice;
  readonly gfci: GroundFaultChoice;
  readonly afci: ArcFaultChoice;
}

/** The conductors that arrive at the outlet, for their colors. */
export interface ArrivingConductors {
  readonly size: WireSize;
  readonly ground: WireSize;
  readonly cable: boolean;
}

/** Decides what stands at the outlet, recording into the workings of disconnect and protection. */
export function outletChoice(
  facts: OutletFacts,
  arriving: ArrivingConductors | null,
  code: Edition,
  at: { readonly disconnect: Working; readonly protection: Working },
): OutletChoice {
  const receptacle = receptacleChoice(facts, code, at.protection);
  const afci = arcFault(facts, code, at.protection);
  const gfci = groundFault(facts, afci.required === true, code, at.protection);
  if (arriving !== null) identification(facts, arriving.size, arriving.ground, arriving.cable, at.protection);
  building(facts, code, at.disconnect);
  return {
    receptacle,
    disconnect: disconnectingMeans(facts, receptacle?.config, gfci.form, code, at.disconnect),
    gfci,
    afci,
  };
}
