import { solveCircuit } from '../../core/circuit/solveCircuit';
import { jobContext } from '../../core/job/jobContext';
import { defaultPrices } from '../../core/price/defaultPrices';
import { searchAlternatives } from '../../core/search/searchAlternatives';
import { sensitivity } from '../../core/search/sensitivity';
import type { SearchMessage, SearchRequest } from './messages';

const post = (message: SearchMessage): void => {
  postMessage(message);
};

addEventListener('message', ({ data }: MessageEvent<SearchRequest>) => {
  const { circuit, job, neighbors } = data;
  const context = { ...jobContext(job), neighbors };
  const solved = solveCircuit(circuit, context);
  const search = searchAlternatives(circuit, solved, context, defaultPrices);
  let step = search.next();
  while (step.done !== true) {
    post({ kind: 'progress', progress: step.value });
    step = search.next();
  }
  post({
    kind: 'done',
    options: step.value,
    sensitivity: sensitivity(circuit, solved, context, defaultPrices),
  });
});
