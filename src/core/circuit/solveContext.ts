import type { Edition } from '../code/edition';
import type { JobSurvey } from '../protection/outletFacts';
import type { Neighbors } from './neighbors';
import type { PanelLanding } from './panelLanding';
import type { Practices } from './practices';

/** What a circuit is solved under: the code in force with its local amendments, and the shop practices. */
export interface SolveContext {
  readonly code: Edition;
  readonly practices: Practices;
  /** What of the job bears on protection: permit date and occupancy. */
  readonly survey: JobSurvey;
  /** The panel in which its breaker has a place; left out until it has one. */
  readonly panel?: PanelLanding;
  /** What the chargers of a group take at most from this feeder, amperes (625.42). */
  readonly groupA?: number;
  /** Circuits of the job whose breakers stand at its end, in a spa panel. */
  readonly fedCircuits?: number;
  /** Voltage drop of the circuit at whose end its breaker stands, percent. */
  readonly feedDropPct?: number;
  /** What else goes the way of each segment, by the id of the segment; nothing where it is left out. */
  readonly neighbors?: Neighbors;
}
