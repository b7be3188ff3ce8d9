import { solveCircuit } from '../../core/circuit/solveCircuit';
import { jobContext } from '../../core/job/jobContext';
import { defaultPrices } from '../../core/price/defaultPrices';
import { searchAlternatives } from '../../core/search/searchAlternatives';
import { sensitivity } from '../../core/search/sensitivity';
import { serve } from '../worker/serve';
import type { SearchRequest } from './useAlternatives';

serve(function* ({ circuit, job, neighbors }: SearchRequest) {
  const context = { ...jobContext(job), neighbors };
  const solved = solveCircuit(circuit, context);
  const options = yield* searchAlternatives(circuit, solved, context, defaultPrices);
  return { options, sensitivity: sensitivity(circuit, solved, context, defaultPrices) };
});
