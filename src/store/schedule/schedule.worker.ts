import { serve } from '../worker/serve';
import { sizeSchedule, type ScheduleRequest } from './sizeSchedule';

serve((request: ScheduleRequest) => sizeSchedule(request));
