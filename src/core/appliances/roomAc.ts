import { continuousOf, typedPlate } from './typedPlate';
import { fieldsOf } from '../fields/field';
import { UNITS } from '../fields/units';
import { z } from 'zod';
import { defineFamily } from './family';
import { dwellingVolts, plainLoad, plainOutlet, VOLTS } from './plate';

const roomAcPlateSchema = z.strictObject({
  amps: z.number().min(1).max(40).describe('Total rated-load current, amperes'),
  volts: dwellingVolts,
  shared: z.boolean().optional().describe('Whether the circuit supplies lights or other outlets too'),
});

/** The plate of a room air conditioner. */
type RoomAcPlate = z.infer<typeof roomAcPlateSchema>;

/** The largest circuit that supplies outlets of any kind beside it, amperes. */
const LARGEST_SHARED_A = 20;

const of = fieldsOf<RoomAcPlate>();

/** Room air conditioner on a cord: at most 80 % of its circuit, 50 % of one that it shares (440.62). */
export const roomAc = defineFamily<'room-ac', RoomAcPlate>({
  id: 'room-ac',
  name: 'Room air conditioner',
  schema: roomAcPlateSchema,
  fresh: { amps: 12, volts: 120 },
  questions: [
    of.number('amps', 'Rated-load current', UNITS.amperes, { mark: 'A' }),
    of.named('volts', 'Volts', VOLTS),
    of.yesNo('shared', 'Does the circuit supply lights or other outlets too?'),
  ],
  title: (plate) => `Room air conditioner, ${plate.amps} A`,
  load(plate, { work }) {
    const share = plate.shared === true ? 0.5 : 0.8;
    work.step('load.maker', 'load.nameplate', { volts: plate.volts }, plate.amps);
    const minA = work.step(
      'load.share',
      'load.room-ac',
      { amps: plate.amps, sharePct: share * 100 },
      plate.amps / share,
    );
    const shared = plate.shared === true;
    // 15 and 20 A circuits may be shared; 25 A and larger supply fixed equipment only (210.23).
    if (shared && minA > LARGEST_SHARED_A)
      work.found('stop', 'load.own-circuit', 'load.room-ac', {
        amps: plate.amps,
        maxA: LARGEST_SHARED_A / 2,
      });
    return plainLoad({
      volts: plate.volts,
      continuousA: plate.amps,
      otherA: 0,
      powerFactor: 0.9,
      connection: 'receptacle',
      device: { kind: 'usual', minA: shared ? Math.min(minA, LARGEST_SHARED_A) : minA },
    });
  },
  outlet: (plate, load) =>
    plainOutlet({
      kind: 'room-ac',
      location: 'bedroom',
      use: plate.volts === 120 ? '120' : '240',
      usesNeutral: plate.volts === 120,
      disconnect: { by: 'room-ac', minA: load.equipmentA },
    }),
  changes: (plate) =>
    plate.shared === true ? [{ kind: 'own-circuit', plate: { ...plate, shared: false } }] : [],
  typed: {
    names: [
      'room air conditioner',
      'room ac',
      'window unit',
      'window ac',
      'window air conditioner',
      'through wall ac',
      'wall ac',
      'ptac',
      'portable ac',
    ],
    example: 'room ac 12 A',
    main: 'amps',
    plate: (typed) =>
      typedPlate(
        { amps: typed.amps, volts: typed.volts },
        { amps: Math.min(12, continuousOf(typed) ?? 12), volts: 120 },
      ),
  },
});
