import { standardOcpd } from '../tables/standardOcpd';

/** Standard ratings before the 10 A breaker came. */
export const without10A = {
  ...standardOcpd,
  ratings: standardOcpd.ratings.filter((rating) => rating !== 10),
};
