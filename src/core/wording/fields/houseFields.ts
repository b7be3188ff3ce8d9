import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';
import { serviceVolts, type ChargerGroup, type House } from '../../service/houseSchema';
import { mayHaveAluminum } from '../../service/oldHouse';
import { isRefused, refuse, type Refused } from '../../units/refused';
import { parseWireSize } from '../../units/wireSize';

const of = fieldsOf<House>();

/** "2/0 al" or "4 cu". */
function parseConductor(text: string): House['conductor'] | Refused {
  if (text.trim() === '') return null;
  const [size = '', metal = ''] = text.trim().toLowerCase().split(/\s+/);
  const parsed = parseWireSize(size);
  const isMetal = metal === 'cu' || metal === 'al';
  return isRefused(parsed) || !isMetal
    ? refuse(text, 'a size and its metal, such as 2/0 al or 4 cu')
    : { size: parsed, metal };
}

/** Main, meter socket and conductors of the service. */
export const serviceFields: readonly Field<House>[] = [
  of.number('ratingA', 'Main breaker', UNITS.amperes),
  of.number('meterA', 'Meter socket', UNITS.amperes),
  of.own('conductor', 'Service conductors', {
    print: (value) => (value === null ? '' : `${value.size} ${value.metal}`),
    parse: parseConductor,
  }),
  of.number(
    'areaFt2',
    'Living area',
    { ...UNITS.squareFeet, min: 100 },
    { help: 'Without garage and open porches.' },
  ),
];

/** Circuits that every dwelling has. */
export const dwellingFields: readonly Field<House>[] = [
  of.number('smallApplianceCircuits', 'Kitchen circuits', UNITS.none, { edit: 'Small-appliance circuits' }),
  of.number('laundryCircuits', 'Laundry circuits', UNITS.none),
];

/** How chargers are counted, and what keeps their load down. */
export const managementFields: readonly Field<House>[] = [
  of.choice(
    'volts',
    'Voltage, single phase',
    { 240: '120/240 V', 208: '120/208 V' },
    { get: serviceVolts, unknown: null, edit: 'Voltage' },
  ),
  of.choice('evAdder', 'EV chargers counted at', {
    false: 'nameplate',
    true: '125 %: the authority requires it',
  }),
  of.number('managedA', 'Load management keeps it to', UNITS.amperes, {
    edit: 'Load management',
    when: ({ managedA }) => managedA !== null,
  }),
  of.check('managerThere', 'Its device is there already', {
    edit: 'Load management, there already',
    when: ({ managedA }) => managedA !== null,
  }),
];

/** How old the house is, and what its years left in it: asked before anything is opened. */
export const houseAgeFields: readonly Field<House>[] = [
  of.number('builtYear', 'Built in', UNITS.none, { help: 'Old houses: call before you open.' }),
  of.yesNo('branchAluminum', 'Aluminum branch circuits?', {
    help: 'Look where they enter the panel, off and locked.',
    when: (house) => mayHaveAluminum(house) || house.branchAluminum != null,
  }),
];

const ofGroup = fieldsOf<ChargerGroup>();

/** What a group of chargers is called and kept under. */
export const groupFields: readonly Field<ChargerGroup>[] = [
  ofGroup.text('name', 'Name of the group'),
  ofGroup.number('limitA', 'Limit of all together', UNITS.amperes),
];

/** Whether its chargers are made for it. */
export const groupListedFields: readonly Field<ChargerGroup>[] = [
  ofGroup.yesNo('listed', 'Listed for it, limit restricted?', { edit: 'Listed for load management' }),
];
