import { fieldModel, modelResponse } from '../../core/water/field/fieldModel';
import type { Steps } from '../worker/protocol';
import { reportAsked } from './reportAsked';
import type { FieldFrame } from '../../core/water/field/fieldModel';
import type { SoilResponse } from '../../core/water/field/solveField';
import type { WaterAsked } from './reportAsked';

/** What the worker is asked: how the soil around a water answers. */
export interface FieldRequest extends WaterAsked {
  readonly soilOhmM: number;
}

/** What the worker found; bonds are thrown on it without asking again. */
export interface FieldFound {
  readonly frame: FieldFrame;
  readonly soil: SoilResponse;
}

/** How the soil around a water answers. */
export function* fieldTask(request: FieldRequest): Steps<number, FieldFound> {
  const report = reportAsked(request);
  const model = fieldModel(report, request.yard);
  const soil = yield* modelResponse(model, report, request.soilOhmM);
  return { frame: { grid: model.grid, parts: model.parts }, soil };
}
