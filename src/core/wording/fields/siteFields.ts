import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';
import type { Site } from '../../protection/siteSchema';
import { formName, locationName } from '../places';

const of = fieldsOf<Site>();

const PLANNED = { planned: 'planned', none: 'none' } as const;
const SIZE = { accepts: 'a size such as 14 or 1/0' } as const;
const CONFIGURATION = { accepts: 'a configuration such as 14-50' } as const;
const LB_IN = { help: 'Pound-inches.' } as const;

/** Everything that is measured and seen where an appliance stands. */
export const siteFields: { readonly [K in keyof Required<Site>]: Field<Site> } = {
  room: of.named('room', 'Location', {
    nameOf: (room) => locationName[room],
    unknown: 'As the run ends',
  }),
  building: of.choice(
    'building',
    'Building',
    {
      same: 'the same as its panel',
      'attached-garage': 'attached garage',
      'detached-garage': 'detached garage',
      accessory: 'accessory building',
      post: 'post or yard',
    },
    { help: 'Another building has its own disconnect and one supply.' },
  ),
  structure: of.yesNo('structure', 'Does the authority call it a structure?'),
  supply: of.choice('supply', 'The building is supplied already by', {
    none: 'nothing',
    branch: 'a branch circuit',
    feeder: 'a feeder with a panel',
  }),
  secondSupply: of.choice('secondSupply', 'A further supply is allowed by', {
    special: 'a special condition, 225.30(A)',
    different: 'different voltage, phase or use, 225.30(D)',
    no: 'nothing',
  }),
  buildingDisconnect: of.choice('buildingDisconnect', 'Disconnect of the building', PLANNED),
  sinkFt: of.length('sinkFt', 'Cord path to the nearest sink', {
    help: 'Not through walls. From 2020 on through doors too; in 2017 not (P).',
  }),
  tubFt: of.length('tubFt', 'To the nearest tub or shower'),
  waterFt: of.length('waterFt', 'To the water', {
    help: 'From the inside wall of pool or tub; around a permanent barrier, along the reach path.',
  }),
  waterEdgeFt: of.length('waterEdgeFt', 'To the outer edge of the tub', {
    help: 'Only where the inside wall was not measured.',
  }),
  reachFt: of.length('reachFt', 'Around a permanent barrier', {
    help: 'Shortest path from the water to the disconnect; blank where there is no barrier.',
  }),
  disconnectFt: of.length('disconnectFt', 'Disconnect from the appliance'),
  disconnectInSight: of.yesNo('disconnectInSight', 'Disconnect in sight of the appliance?'),
  disconnectA: of.number('disconnectA', 'Rating of the disconnect', UNITS.amperes),
  disconnectHandleFt: of.length('disconnectHandleFt', 'Handle of the disconnect above the floor'),
  disconnectClear: of.yesNo('disconnectClear', 'Is the space before the disconnect clear?', {
    help: '30 in wide, 36 in deep, 6 ft 6 in high.',
  }),
  serviceOutletFt: of.length('serviceOutletFt', 'Nearest 125 V receptacle from the equipment', {
    help: 'On the same level.',
  }),
  disconnect: of.choice('disconnect', 'Disconnect', PLANNED),
  lockable: of.yesNo('lockable', 'Lock hardware that stays on the breaker?'),
  emergencyShutoff: of.choice('emergencyShutoff', 'Labeled emergency shutoff', PLANNED, {
    help: 'In sight, 5 ft or more from the water.',
  }),
  unitSwitch: of.yesNo('unitSwitch', 'Unit switch with a marked off position?', {
    help: 'It opens all ungrounded conductors, beside another means.',
  }),
  plugHp: of.yesNo('plugHp', 'Is the receptacle rated for the horsepower?'),
  receptacle: of.word('receptacle', 'Receptacle there or planned', {
    help: 'As 14-50 or TT-30.',
    ...CONFIGURATION,
  }),
  plugDisconnect: of.yesNo('plugDisconnect', 'Is the plug its disconnect?', {
    help: 'In sight of the tub, readily accessible, 5 ft or more from the water.',
  }),
  plug: of.word('plug', 'Plug of the appliance', CONFIGURATION),
  groundFault: of.named('groundFault', 'Form of GFCI protection', {
    nameOf: (form) => formName[form],
    unknown: 'By rule',
  }),
  arcFault: of.choice(
    'arcFault',
    'AFCI protection',
    { breaker: 'AFCI breaker', none: 'none' },
    { unknown: 'By rule' },
  ),
  panelGfci: of.yesNo('panelGfci', 'Is a listed GFCI breaker made for the panel?'),
  loadNeutral: of.choice('loadNeutral', 'Neutral of the load lands on', {
    device: 'the device',
    bar: 'the neutral bar',
  }),
  feedNeutral: of.yesNo('feedNeutral', 'Has the feed to the enclosure a neutral?'),
  panel: of.choice('panel', 'Fed from', { service: 'the service panel', subpanel: 'a subpanel' }),
  lineLoad: of.choice('lineLoad', 'Line and load of the device', { right: 'right', swapped: 'swapped' }),
  hotColor: of.choice('hotColor', 'A hot is', {
    black: 'black',
    red: 'red',
    blue: 'blue',
    white: 'white',
    green: 'green',
  }),
  whiteMarked: of.yesNo('whiteMarked', 'Is the white marked at every end?'),
  groundColor: of.choice('groundColor', 'The ground is', {
    bare: 'bare',
    green: 'green',
    white: 'white',
    black: 'black',
  }),
  groundLanded: of.yesNo('groundLanded', 'Is the ground landed at every end?'),
  sparesCapped: of.yesNo('sparesCapped', 'Unused conductors capped at both ends?'),
  groundScrew: of.choice('groundScrew', 'Grounds and bonds are fastened by', {
    listed: 'two threads or a nut',
    short: 'fewer than two threads, no nut',
    'sheet-metal': 'a sheet-metal screw',
  }),
  lugLeast: of.size('lugLeast', 'Lug takes from', SIZE),
  lugMost: of.size('lugMost', 'Lug takes to', SIZE),
  torqueLbIn: of.number('torqueLbIn', 'Torque, label of the breaker', UNITS.poundInches, LB_IN),
  torqueBarLbIn: of.number('torqueBarLbIn', 'Torque, label for the bars', UNITS.poundInches, LB_IN),
  torqueDisconnectLbIn: of.number(
    'torqueDisconnectLbIn',
    'Torque, label of the disconnect or enclosure',
    UNITS.poundInches,
    LB_IN,
  ),
  torqueEndLbIn: of.number(
    'torqueEndLbIn',
    'Torque, label of the receptacle or appliance',
    UNITS.poundInches,
    LB_IN,
  ),
};
