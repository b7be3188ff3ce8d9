import type { EquipmentGroundTable } from './shapes';

/** Smallest equipment grounding conductor by overcurrent device. */
// prettier-ignore
export const equipmentGround: EquipmentGroundTable = {
  id: 'equipment-ground',
  title: 'Smallest equipment grounding conductor by overcurrent device',
  certainty: 'sure',
  rows: [
    { ocpd: 15, cu: '14', al: '12' },
    { ocpd: 20, cu: '12', al: '10' },
    { ocpd: 60, cu: '10', al: '8' },
    { ocpd: 100, cu: '8', al: '6' },
    { ocpd: 200, cu: '6', al: '4' },
    { ocpd: 300, cu: '4', al: '2' },
    { ocpd: 400, cu: '3', al: '1' },
    { ocpd: 500, cu: '2', al: '1/0' },
    { ocpd: 600, cu: '1', al: '2/0' },
    { ocpd: 800, cu: '1/0', al: '3/0' },
    { ocpd: 1000, cu: '2/0', al: '4/0' },
    { ocpd: 1200, cu: '3/0', al: '250' },
    { ocpd: 1600, cu: '4/0', al: '350' },
    { ocpd: 2000, cu: '250', al: '400' },
    { ocpd: 2500, cu: '350', al: '600' },
    { ocpd: 3000, cu: '400', al: '600' },
    { ocpd: 4000, cu: '500', al: '750' },
  ],
};
