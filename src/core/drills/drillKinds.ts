import { edition } from '../code/edition';
import type { Edition } from '../code/edition';
import type { Drill } from './drill';
import { chargerDrill, plateDrill, smallWireDrill } from './kinds/breakerDrills';
import { columnDrill, groundDrill } from './kinds/conductorDrills';
import { deratingDrill } from './kinds/deratingDrill';
import { boxDrill, fillDrill } from './kinds/fillDrills';
import { motorDrill } from './kinds/motorDrill';
import { burialDrill, rangeDrill, receptacleDrill } from './kinds/placeDrills';
import { distanceDrill, gfciDrill } from './kinds/protectionDrills';
import { turnedMotorDrill } from './kinds/turnedMotorDrill';
import { Lots } from './lots';

/** A kind of drill: a new plate each time. */
export interface DrillKind {
  readonly id: string;
  readonly name: string;
  /** What is asked each time, by the ids of the figures. */
  readonly asks: readonly string[];
  readonly make: (lots: Lots, code: Edition) => Drill;
}

/** Every kind of drill, easy to hard. */
export const DRILL_KINDS: readonly DrillKind[] = [
  { id: 'column', name: 'Conductor by its column', asks: ['conductor'], make: columnDrill },
  { id: 'ground', name: 'Ground by the breaker', asks: ['ground'], make: groundDrill },
  { id: 'plate', name: 'Breaker for a plate', asks: ['amperes', 'breaker'], make: plateDrill },
  { id: 'charger', name: 'Charger, on and off', asks: ['setting', 'breaker'], make: chargerDrill },
  { id: 'small-wire', name: 'Small wire, 240.4(D)', asks: ['device'], make: smallWireDrill },
  { id: 'receptacle', name: 'Receptacle by its wires', asks: ['configuration'], make: receptacleDrill },
  { id: 'distance', name: 'Disconnect distances', asks: ['distance'], make: distanceDrill },
  { id: 'gfci', name: 'GFCI by place and edition', asks: ['gfci'], make: gfciDrill },
  { id: 'burial', name: 'Burial cover', asks: ['cover'], make: burialDrill },
  { id: 'fill', name: 'Raceway fill', asks: ['trade'], make: fillDrill },
  { id: 'box', name: 'Box volume', asks: ['volume'], make: boxDrill },
  { id: 'range', name: 'Range demand', asks: ['demand'], make: rangeDrill },
  { id: 'derating', name: 'Derating, both causes', asks: ['ampacity'], make: deratingDrill },
  {
    id: 'motor',
    name: 'Motor, five figures',
    asks: ['current', 'conductor', 'overload', 'breaker', 'ground'],
    make: motorDrill,
  },
  { id: 'motor-turned', name: 'Motor, turned around', asks: ['power', 'volts'], make: turnedMotorDrill },
];

/** The edition that drills ask by, where they name no other. */
export const DRILL_YEAR = 2023;

/** A drill of a kind by its seed: the same seed, the same plate. */
export const drawDrill = ({ make }: DrillKind, seed: number): Drill =>
  make(new Lots(seed), edition(DRILL_YEAR));
