import type { OwnArticle } from '../code/ownArticles';
import type { SectionKey } from '../code/sections';

/** What says which article a load belongs to. */
interface OfArticle {
  readonly own: OwnArticle | null;
  readonly feeder: boolean;
}

const CONDUCTOR: Readonly<Record<OwnArticle, SectionKey>> = {
  motor: 'motor.conductor',
  hermetic: 'load.hermetic',
  welder: 'load.welder',
};

/** The section that says what a conductor carries: its own article's for motors, AC units and welders. */
export const conductorSection = ({ own, feeder }: OfArticle): SectionKey => {
  if (own !== null) return CONDUCTOR[own];
  return feeder ? 'feeder.conductor' : 'conductor.continuous';
};

/** The section that says what a device carries at least. */
export const requiredSection = ({ own, feeder }: OfArticle): SectionKey => {
  if (own !== null) return CONDUCTOR[own];
  return feeder ? 'feeder.breaker' : 'breaker.continuous';
};
