import { DEFAULT_PRACTICES, USUAL_DESIGN } from '../circuit/jobDefaults';
import { NEWEST_KNOWN } from '../code/edition';
import { STAGE_DOCUMENTS, type Job } from './jobSchema';

/** A new job without circuits, under the newest edition whose figures are known. */
export const freshJob = (id: string, name: string): Job => ({
  id,
  name,
  edition: NEWEST_KNOWN,
  authority: '',
  permitDate: null,
  amendments: [],
  occupancy: 'one-family',
  designC: USUAL_DESIGN,
  later: '',
  meter: null,
  practices: DEFAULT_PRACTICES,
  house: STAGE_DOCUMENTS.house.fresh,
  panels: STAGE_DOCUMENTS.panels.fresh,
  answers: STAGE_DOCUMENTS.answers.fresh,
  locate: STAGE_DOCUMENTS.locate.fresh,
  observed: STAGE_DOCUMENTS.observed.fresh,
  yard: STAGE_DOCUMENTS.yard.fresh,
  materials: STAGE_DOCUMENTS.materials.fresh,
  quote: STAGE_DOCUMENTS.quote.fresh,
  days: STAGE_DOCUMENTS.days.fresh,
  checks: STAGE_DOCUMENTS.checks.fresh,
  packets: STAGE_DOCUMENTS.packets.fresh,
  sources: STAGE_DOCUMENTS.sources.fresh,
  circuits: STAGE_DOCUMENTS.circuits.fresh,
});
