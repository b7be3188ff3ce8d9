import { fieldsOf, type Field } from '../../fields/field';
import type { DesignTemperatures } from '../../circuit/designTemperatures';
import type { Job } from '../../job/jobSchema';
import { occupancyName } from '../places';

const of = fieldsOf<Job>();

/** What the job is called. */
export const jobNameFields: readonly Field<Job>[] = [of.text('name', 'Name of the job')];

/** The facts of a job that its rules read: authority, permit, kind of building. */
export const jobFactFields: readonly Field<Job>[] = [
  of.text('authority', 'Authority having jurisdiction'),
  of.date('permitDate', 'Permit applied for on', {
    help: 'Dated exceptions are read on this day.',
    edit: 'Permit date',
  }),
  of.choice('occupancy', 'Kind of building', occupancyName),
];

/** What comes later. */
export const jobLaterFields: readonly Field<Job>[] = [
  of.lines('later', 'Future loads', {
    help: 'A larger vehicle, visitors with a larger trailer, a heater on the pool.',
  }),
];

const ofDesign = fieldsOf<DesignTemperatures>();
const AMBIENT = { accepts: 'a temperature from -40 to 185 °F' } as const;

/** The highest ambients that are expected here; new segments start with them. */
export const designFields: readonly Field<DesignTemperatures>[] = [
  ofDesign.temperature('outdoor', 'Outdoors', { ...AMBIENT, edit: 'Ambient, Outdoors' }),
  ofDesign.temperature('attic', 'Attic', { ...AMBIENT, edit: 'Ambient, Attic' }),
  ofDesign.temperature('garage', 'Garage', { ...AMBIENT, edit: 'Ambient, Garage' }),
];
