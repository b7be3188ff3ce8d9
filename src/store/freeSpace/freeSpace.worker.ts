import { spaceOptions } from '../../core/panel/spaceOptions';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { SpaceMessage, SpaceRequest } from './messages';

addEventListener('message', ({ data }: MessageEvent<SpaceRequest>) => {
  postMessage(spaceOptions(data.panel, data.wanted, defaultPrices) satisfies SpaceMessage);
});
