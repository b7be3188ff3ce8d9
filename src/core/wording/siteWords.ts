import type { Site } from '../protection/siteSchema';
import { formName, locationName } from './places';

/** Labels of what is measured and seen, and what each is for. */
export const siteLabel: Readonly<Record<keyof Site, { readonly label: string; readonly help?: string }>> = {
  room: { label: 'Stands in' },
  sinkFt: { label: 'Cord path to the nearest sink', help: 'Through doors, not through walls.' },
  tubFt: { label: 'To the nearest tub or shower' },
  waterFt: { label: 'To the water', help: 'Inside wall of pool or tub.' },
  disconnectFt: { label: 'Disconnect from the appliance' },
  disconnectInSight: { label: 'Seen from the appliance?' },
  disconnectA: { label: 'Rating of the disconnect' },
  disconnect: { label: 'Disconnect' },
  lockable: { label: 'Lock hardware that stays on the breaker?' },
  receptacle: { label: 'Receptacle there or planned', help: 'As 14-50 or TT-30.' },
  plug: { label: 'Plug of the appliance' },
  groundFault: { label: 'Form of ground-fault protection' },
  arcFault: { label: 'Arc-fault protection' },
  panelGfci: { label: 'Is a listed ground-fault breaker made for the panel?' },
  loadNeutral: { label: 'Neutral of the load lands on' },
  feedNeutral: { label: 'Has the feed to the enclosure a neutral?' },
  panel: { label: 'Fed from' },
  lineLoad: { label: 'Line and load of the device' },
  hotColor: { label: 'A hot is' },
  whiteMarked: { label: 'Is the white marked at every end?' },
  groundColor: { label: 'The ground is' },
  lugLeast: { label: 'Lug takes from' },
  lugMost: { label: 'Lug takes to' },
  torqueLbIn: { label: 'Torque on the label', help: 'Pound-inches.' },
};

const VALUES: Readonly<Record<string, string>> = {
  ...locationName,
  ...formName,
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
