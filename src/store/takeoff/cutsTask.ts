import type { LineCuts } from '../../core/takeoff/lineCuts';
import type { Steps } from '../worker/protocol';
import { sharedCuts } from './sharedCuts';
import type { LineAsked } from '../../core/takeoff/lineCuts';

/** What the worker is asked: how each of these lines is bought and cut. */
export type CutsRequest = readonly LineAsked[];

/** How every line is cut, by its key. */
export type Cuts = ReadonlyMap<string, LineCuts>;

/** How each line is bought and cut. */
export function* cutsTask(lines: CutsRequest): Steps<number, Cuts> {
  const cuts = new Map<string, LineCuts>();
  for (const [at, line] of lines.entries()) {
    const found = sharedCuts.of(line);
    if (found !== undefined) cuts.set(line.key, found);
    yield (at + 1) / lines.length;
  }
  return cuts;
}
