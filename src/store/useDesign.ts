import { USUAL_DESIGN } from '../core/circuit/jobDefaults';
import type { DesignTemperatures } from '../core/circuit/designTemperatures';
import { useAppSelector } from './store';

/** The highest ambients that the open job expects. */
export const useDesign = (): DesignTemperatures =>
  useAppSelector(({ job }) => (job.status === 'ready' ? job.job.designC : USUAL_DESIGN));
