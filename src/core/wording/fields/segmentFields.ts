import { drawnBends } from '../../circuit/bends';
import type { Circuit, Segment } from '../../circuit/circuitSchema';
import { isBareCable } from '../../circuit/neighbors';
import { stationLetter } from '../../circuit/stations';
import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';
import { parseNumber, printNumber } from '../../units/number';

const of = fieldsOf<Segment>();

const CONDUCTORS = { min: 1, max: 60, units: ['conductors'], shown: 'conductors', whole: true };
const BENDS = { min: 0, max: 1440, ...UNITS.degrees, shown: 'degrees' };

/** What else bears on one segment of a run: heat, neighbors, bends and heights. */
export const segmentFields = (circuit: Circuit, index: number): readonly Field<Segment>[] => [
  of.temperature('ambientC', 'Highest ambient', { edit: 'Ambient' }),
  of.own('currentCarrying', 'Current-carrying conductors in the raceway or bundle', {
    print: (value) => (value === null ? 'only its own' : printNumber(value)),
    parse: (text) => (/^(|only.*)$/.test(text.trim()) ? null : parseNumber(text, CONDUCTORS)),
  }),
  of.yesNo('spaced', 'Spacing kept between the cables in the trench?', {
    edit: 'Spacing of cables',
    when: (segment) => segment.shares?.trench !== undefined && isBareCable(segment),
  }),
  of.own('bendsDeg', 'Bends', {
    print: (value, segment) =>
      value === null ? `${drawnBends(circuit, segment, index)}° as drawn` : `${printNumber(value)}°`,
    parse: (text) => (/^(|.*drawn)$/.test(text.trim()) ? null : parseNumber(text, BENDS)),
  }),
  of.height('heightFt', 'Runs at height', { edit: 'Height' }),
  of.height('endHeightFt', `Station ${stationLetter(index + 1)} at`, { edit: 'Height of a station' }),
];
