import { diagnosed, type Diagnosed } from '../../core/checks/diagnosed';
import { serveAtOnce } from '../worker/serve';
import type { DiagnosisRequest } from './useDiagnosis';

serveAtOnce(({ report, readings }: DiagnosisRequest): Diagnosed | null => diagnosed(report, readings));
