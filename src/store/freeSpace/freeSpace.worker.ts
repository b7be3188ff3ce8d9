import { spaceOptions } from '../../core/panel/spaceOptions';
import { defaultPrices } from '../../core/price/defaultPrices';
import { serveAtOnce } from '../worker/serve';
import type { SpaceRequest } from './useSpaceOptions';

serveAtOnce(({ panel, wanted }: SpaceRequest) => spaceOptions(panel, wanted, defaultPrices));
