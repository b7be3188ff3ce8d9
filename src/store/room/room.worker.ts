import { roomWays } from '../../core/panel/otherWays';
import { defaultPrices } from '../../core/price/defaultPrices';
import type { RoomNews, RoomOrder } from './messages';

addEventListener('message', ({ data }: MessageEvent<RoomOrder>) => {
  postMessage(roomWays(data.panel, data.wanted, defaultPrices) satisfies RoomNews);
});
