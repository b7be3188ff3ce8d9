import { solveCircuit } from '../../core/circuit/solveCircuit';
import { jobContext } from '../../core/job/jobContext';
import { defaultPrices } from '../../core/price/defaultPrices';
import { searchAlternatives } from '../../core/search/searchAlternatives';
import { sensitivity } from '../../core/search/sensitivity';
import type { SearchNews, SearchOrder } from './messages';

const tell = (news: SearchNews): void => {
  postMessage(news);
};

addEventListener('message', ({ data }: MessageEvent<SearchOrder>) => {
  const { circuit, job, company } = data;
  const context = { ...jobContext(job), company };
  const solved = solveCircuit(circuit, context);
  const search = searchAlternatives(circuit, solved, context, defaultPrices);
  let step = search.next();
  while (step.done !== true) {
    tell({ kind: 'progress', progress: step.value });
    step = search.next();
  }
  tell({ kind: 'done', ways: step.value, sensitivity: sensitivity(circuit, solved, context, defaultPrices) });
});
