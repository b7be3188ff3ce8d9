import { readRecord } from '../../core/demand/readRecord';
import type { DemandNews, DemandOrder } from './messages';

const tell = (news: DemandNews): void => {
  postMessage(news);
};

addEventListener('message', ({ data }: MessageEvent<DemandOrder>) => {
  const reading = readRecord(data.text, data.source);
  let step = reading.next();
  while (step.done !== true) {
    tell({ kind: 'progress', share: step.value });
    step = reading.next();
  }
  const { value } = step;
  tell('problem' in value ? { kind: 'none', problem: value } : { kind: 'done', ...value });
});
