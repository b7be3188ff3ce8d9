/** A raceway that the conductors of an underwater light share with a circuit that has no GFCI protection in it. */
export interface LightRaceway {
  /** The light. */
  readonly thingId: string;
  readonly circuitId: string;
  /** The circuit beside it, by its name. */
  readonly other: string;
  /** Whether all of the light's conductors lie past its GFCI; where they do not, only some of the run counts. */
  readonly pastGfci: boolean;
}
