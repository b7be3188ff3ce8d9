import { readRecord } from '../../core/demand/readRecord';
import type { DemandMessage, DemandRequest } from './messages';

const post = (message: DemandMessage): void => {
  postMessage(message);
};

addEventListener('message', ({ data }: MessageEvent<DemandRequest>) => {
  const reading = readRecord(data.text, data.source);
  let step = reading.next();
  while (step.done !== true) {
    post({ kind: 'progress', share: step.value });
    step = reading.next();
  }
  const { value } = step;
  post('problem' in value ? { kind: 'none', problem: value } : { kind: 'done', ...value });
});
