import { fieldModel, modelResponse } from '../../core/water/field/fieldModel';
import type { Steps } from '../worker/protocol';
import { serve } from '../worker/serve';
import { reportAsked } from './reportAsked';
import type { FieldFound, FieldRequest } from './useField';

function* work(request: FieldRequest): Steps<number, FieldFound> {
  const report = reportAsked(request);
  const model = fieldModel(report, request.yard);
  const soil = yield* modelResponse(model, report, request.soilOhmM);
  return { frame: { grid: model.grid, parts: model.parts }, soil };
}

serve(work);
