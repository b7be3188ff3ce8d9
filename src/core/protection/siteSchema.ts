import { z } from 'zod';
import { BUILDINGS, BUILDING_SUPPLIES, LOCATIONS } from '../code/locations';
import { GROUND_FAULT_FORMS } from '../code/groundFaultForms';

const torque = z.number().min(1).max(1000).optional();
const feet = z.number().min(0).max(1000);

/** What was measured and seen where the appliance stands; what is left out was not yet looked at. */
export const siteSchema = z.strictObject({
  room: z.enum(LOCATIONS).optional().describe('Where the outlet stands; left out: as the run ends'),
  building: z.enum(BUILDINGS).optional().describe('Building or structure that it stands at'),
  structure: z.boolean().optional().describe('Whether the authority calls the post or the yard a structure'),
  supply: z.enum(BUILDING_SUPPLIES).optional().describe('What supplies the other building already'),
  secondSupply: z
    .enum(['special', 'different', 'no'])
    .optional()
    .describe(
      'What allows a further supply: a special condition (225.30(A)), or a different one (225.30(D))',
    ),
  buildingDisconnect: z
    .enum(['planned', 'none'])
    .optional()
    .describe('Disconnect of the other building, where the supply enters'),
  sinkFt: feet.optional().describe('Cord path from the outlet to the edge of a sink, feet'),
  tubFt: feet.optional().describe('From the outlet to a tub or shower, feet'),
  waterFt: feet
    .optional()
    .describe('From the disconnect or receptacle to the inside wall of pool or spa, feet'),
  waterEdgeFt: feet
    .optional()
    .describe(
      'From the disconnect to the outer edge of the tub, feet, where its inside wall was not measured',
    ),
  reachFt: feet
    .optional()
    .describe('Shortest path from the water to the disconnect around a permanent barrier, feet'),
  disconnectFt: feet.optional().describe('From the appliance to its disconnect, feet'),
  disconnectInSight: z.boolean().optional().describe('Whether the disconnect is seen from the appliance'),
  disconnectA: z
    .number()
    .min(15)
    .max(400)
    .optional()
    .describe('Rating of the disconnect that is planned, amperes'),
  disconnectHandleFt: feet.optional().describe('Handle of the disconnect above the floor or grade, feet'),
  disconnectClear: z
    .boolean()
    .optional()
    .describe('Whether the space before the disconnect is clear: 30 in wide, 36 in deep'),
  serviceOutletFt: feet
    .optional()
    .describe('From heating or cooling equipment to the nearest 125 V receptacle, feet'),
  disconnect: z.enum(['planned', 'none']).optional(),
  emergencyShutoff: z
    .enum(['planned', 'none'])
    .optional()
    .describe('Labeled emergency shutoff of a tub that is not at a one-family dwelling'),
  unitSwitch: z
    .boolean()
    .optional()
    .describe('Unit switch with a marked off position that opens all ungrounded conductors'),
  plugHp: z.boolean().optional().describe('Whether the receptacle is rated for the horsepower of the motor'),
  lockable: z.boolean().optional().describe('Whether the breaker has lock hardware that stays on it'),
  receptacle: z
    .string()
    .max(10)
    .optional()
    .describe('Configuration of the receptacle that is planned or there'),
  plugDisconnect: z
    .boolean()
    .optional()
    .describe('Whether the plug of a tub is in sight, readily accessible, 5 ft or more from the water'),
  plug: z.string().max(10).optional().describe('Configuration of the plug'),
  groundFault: z
    .enum([...GROUND_FAULT_FORMS, 'none'])
    .optional()
    .describe('Form that is planned; left out: by rule'),
  arcFault: z.enum(['breaker', 'none']).optional(),
  panelGfci: z.boolean().optional().describe('Whether a listed GFCI breaker is made for the panel'),
  loadNeutral: z.enum(['device', 'bar']).optional().describe('Where the neutral of the load is landed'),
  feedNeutral: z.boolean().optional().describe('Whether the feed to a device near the load has a neutral'),
  panel: z
    .enum(['service', 'subpanel'])
    .optional()
    .describe('Kind of panel that feeds it; left out: service'),
  lineLoad: z.enum(['right', 'swapped']).optional().describe('Line and load of the device'),
  hotColor: z.enum(['black', 'red', 'blue', 'white', 'green']).optional().describe('Color of a hot'),
  whiteMarked: z.boolean().optional().describe('Whether a white used as a hot is marked at every end'),
  groundColor: z
    .enum(['bare', 'green', 'white', 'black'])
    .optional()
    .describe('Color of the equipment ground'),
  groundLanded: z.boolean().optional().describe('Whether the equipment ground is landed at every end'),
  sparesCapped: z.boolean().optional().describe('Whether unused conductors are capped at both ends'),
  groundScrew: z
    .enum(['listed', 'short', 'sheet-metal'])
    .optional()
    .describe(
      'How grounds and bonds are fastened: two threads or a nut; fewer threads and no nut; a sheet-metal screw',
    ),
  lugLeast: z.string().max(5).optional().describe('Smallest size that the lug takes'),
  lugMost: z.string().max(5).optional().describe('Largest size that the lug takes'),
  torqueLbIn: torque.describe('Torque on the label of the breaker, pound-inches'),
  torqueBarLbIn: torque.describe('Torque on the label of the panel for its bars, pound-inches'),
  torqueDisconnectLbIn: torque.describe(
    'Torque on the label of what stands between: disconnect, GFCI enclosure, pound-inches',
  ),
  torqueEndLbIn: torque.describe('Torque on the label of the receptacle or appliance, pound-inches'),
});

/** What was measured and seen where the appliance stands. */
export type Site = z.infer<typeof siteSchema>;
