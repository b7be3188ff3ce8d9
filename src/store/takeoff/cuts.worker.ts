import { lineCuts, type LineCuts } from '../../core/takeoff/lineCuts';
import type { Steps } from '../worker/protocol';
import { serve } from '../worker/serve';
import type { Cuts, CutsRequest } from './useCuts';

function* work(lines: CutsRequest): Steps<number, Cuts> {
  const cuts = new Map<string, LineCuts>();
  for (const [at, line] of lines.entries()) {
    const found = lineCuts(line);
    if (found !== undefined) cuts.set(line.key, found);
    yield (at + 1) / lines.length;
  }
  return cuts;
}

serve(work);
