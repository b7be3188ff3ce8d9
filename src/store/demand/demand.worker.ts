import { readRecord } from '../../core/demand/readRecord';
import { serve } from '../worker/serve';
import type { DemandRequest } from './useDemandReader';

serve(({ text, source }: DemandRequest) => readRecord(text, source));
