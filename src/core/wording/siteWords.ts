import type { Site } from '../protection/siteSchema';
import { formName, locationName } from './places';

/** Labels of what is measured and seen, and what each is for. */
export const siteLabel: Readonly<Record<keyof Site, { readonly label: string; readonly help?: string }>> = {
  room: { label: 'Location' },
  building: { label: 'Building', help: 'Another building has its own disconnect and one supply.' },
  structure: { label: 'Does the authority call it a structure?' },
  supply: { label: 'The building is supplied already by' },
  secondSupply: { label: 'A further supply is allowed by' },
  buildingDisconnect: { label: 'Disconnect of the building' },
  sinkFt: {
    label: 'Cord path to the nearest sink',
    help: 'Not through walls. From 2020 on through doors too; in 2017 not (P).',
  },
  tubFt: { label: 'To the nearest tub or shower' },
  waterFt: {
    label: 'To the water',
    help: 'From the inside wall of pool or tub; around a permanent barrier, along the reach path.',
  },
  waterEdgeFt: {
    label: 'To the outer edge of the tub',
    help: 'Only where the inside wall was not measured.',
  },
  reachFt: {
    label: 'Around a permanent barrier',
    help: 'Shortest path from the water to the disconnect; blank where there is no barrier.',
  },
  disconnectFt: { label: 'Disconnect from the appliance' },
  disconnectInSight: { label: 'Disconnect in sight of the appliance?' },
  disconnectA: { label: 'Rating of the disconnect' },
  disconnectHandleFt: { label: 'Handle of the disconnect above the floor' },
  disconnectClear: {
    label: 'Is the space before the disconnect clear?',
    help: '30 in wide, 36 in deep, 6 ft 6 in high.',
  },
  serviceOutletFt: { label: 'Nearest 125 V receptacle from the equipment', help: 'On the same level.' },
  disconnect: { label: 'Disconnect' },
  lockable: { label: 'Lock hardware that stays on the breaker?' },
  emergencyShutoff: { label: 'Labeled emergency shutoff', help: 'In sight, 5 ft or more from the water.' },
  unitSwitch: {
    label: 'Unit switch with a marked off position?',
    help: 'It opens all ungrounded conductors, beside another means.',
  },
  plugHp: { label: 'Is the receptacle rated for the horsepower?' },
  receptacle: { label: 'Receptacle there or planned', help: 'As 14-50 or TT-30.' },
  plugDisconnect: {
    label: 'Is the plug its disconnect?',
    help: 'In sight of the tub, readily accessible, 5 ft or more from the water.',
  },
  plug: { label: 'Plug of the appliance' },
  groundFault: { label: 'Form of GFCI protection' },
  arcFault: { label: 'AFCI protection' },
  panelGfci: { label: 'Is a listed GFCI breaker made for the panel?' },
  loadNeutral: { label: 'Neutral of the load lands on' },
  feedNeutral: { label: 'Has the feed to the enclosure a neutral?' },
  panel: { label: 'Fed from' },
  lineLoad: { label: 'Line and load of the device' },
  hotColor: { label: 'A hot is' },
  whiteMarked: { label: 'Is the white marked at every end?' },
  groundColor: { label: 'The ground is' },
  groundLanded: { label: 'Is the ground landed at every end?' },
  sparesCapped: { label: 'Unused conductors capped at both ends?' },
  groundScrew: { label: 'Grounds and bonds are fastened by' },
  lugLeast: { label: 'Lug takes from' },
  lugMost: { label: 'Lug takes to' },
  torqueLbIn: { label: 'Torque, label of the breaker', help: 'Pound-inches.' },
  torqueBarLbIn: { label: 'Torque, label for the bars', help: 'Pound-inches.' },
  torqueDisconnectLbIn: { label: 'Torque, label of the disconnect or enclosure', help: 'Pound-inches.' },
  torqueEndLbIn: { label: 'Torque, label of the receptacle or appliance', help: 'Pound-inches.' },
};

const VALUES: Readonly<Record<string, string>> = {
  listed: 'two threads or a nut',
  short: 'fewer than two threads, no nut',
  'sheet-metal': 'a sheet-metal screw',
  ...locationName,
  ...formName,
  same: 'the same as its panel',
  'attached-garage': 'attached garage',
  'detached-garage': 'detached garage',
  accessory: 'accessory building',
  post: 'post or yard',
  branch: 'a branch circuit',
  feeder: 'a feeder with a panel',
  special: 'a special condition, 225.30(A)',
  different: 'different voltage, phase or use, 225.30(D)',
  no: 'nothing',
  planned: 'planned',
  device: 'the device',
  bar: 'the neutral bar',
  service: 'the service panel',
  subpanel: 'a subpanel',
  right: 'right',
  swapped: 'swapped',
};

/** A value of the site in words. */
export const siteValue = (value: string): string => VALUES[value] ?? value;
