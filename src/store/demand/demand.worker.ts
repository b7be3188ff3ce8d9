import { readRecord } from '../../core/demand/readRecord';
import type { DemandMessage, DemandRequest } from './messages';

const tell = (news: DemandMessage): void => {
  postMessage(news);
};

addEventListener('message', ({ data }: MessageEvent<DemandRequest>) => {
  const reading = readRecord(data.text, data.source);
  let step = reading.next();
  while (step.done !== true) {
    tell({ kind: 'progress', share: step.value });
    step = reading.next();
  }
  const { value } = step;
  tell('problem' in value ? { kind: 'none', problem: value } : { kind: 'done', ...value });
});
