import { DEFAULT_PRACTICES, USUAL_DESIGN } from '../../circuit/jobDefaults';
import { FRESH_HOUSE } from '../../service/freshHouse';
import type { House } from '../../service/houseSchema';
import type { Job } from '../jobSchema';
import { DEMO_CIRCUITS } from './demoCircuits';
import { DEMO_JOB_ID } from './demoJobId';
import { DEMO_CHECKS } from './demoChecks';
import { DEMO_DAYS } from './demoDays';
import { DEMO_MATERIALS } from './demoMaterials';
import { DEMO_OBSERVED } from './demoObserved';
import { DEMO_PANELS } from './demoPanels';
import { DEMO_QUOTE } from './demoQuote';
import { DEMO_YARD } from './demoYard';
import { withDemoSources } from './demoSources';

/** Its service: large enough for all of it, with little to spare. */
const HOUSE: House = {
  ...FRESH_HOUSE,
  builtYear: 1994,
  ratingA: 200,
  meterA: 200,
  conductor: { size: '4/0', metal: 'al' },
  areaFt2: 2150,
  loads: [
    { id: 'water-heater', what: 'Water heater', va: 4500, kind: 'fixed' },
    { id: 'dishwasher', what: 'Dishwasher', va: 1200, kind: 'fixed' },
    { id: 'disposal', what: 'Disposal', va: 800, kind: 'motor' },
    { id: 'old-range', what: 'Range, old', va: 11000, kind: 'range', goes: true },
    { id: 'dryer', what: 'Dryer', va: 5000, kind: 'dryer' },
    { id: 'baseboard', what: 'Baseboard heat', va: 6000, kind: 'heat', units: 5, goes: true },
    { id: 'old-well', what: 'Well pump, old', va: 2400, kind: 'motor', goes: true },
  ],
  method: 'existing',
  source: { kva: 25, impedancePct: 1.5, lengthFt: 80, size: '4/0', metal: 'al' },
};

/** A made-up house with what such a job holds at every stage, complete in itself. */
export const demoJob: Job = withDemoSources({
  id: DEMO_JOB_ID,
  name: 'Split-level, Orchard Lane',
  edition: 2023,
  authority: 'Fallow County building office (made up)',
  permitDate: '2026-03-02',
  amendments: [
    {
      id: 'fallow-12-awg',
      title: 'No branch circuit under 12 AWG',
      source: 'Fallow County ordinance 14-3 (made up)',
      date: '2024-07-01',
      changes: [{ kind: 'smallest-copper', size: '12' }],
    },
  ],
  occupancy: 'one-family',
  designC: USUAL_DESIGN,
  meter: 'low-z',
  later: 'A second charger in the carport.',
  practices: DEFAULT_PRACTICES,
  house: HOUSE,
  panels: [...DEMO_PANELS],
  answers: [],
  locate: { ticket: 'FC-0316-27', date: '2026-03-16' },
  observed: [...DEMO_OBSERVED],
  yard: DEMO_YARD,
  materials: DEMO_MATERIALS,
  quote: DEMO_QUOTE,
  days: DEMO_DAYS,
  checks: DEMO_CHECKS,
  packets: [],
  circuits: [...DEMO_CIRCUITS],
});
