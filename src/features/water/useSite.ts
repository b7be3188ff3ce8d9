import type { Underlay } from '../../core/water/underlay';
import { usePhoto } from '../../store/usePhoto';
import type { SiteUnderlay } from '../../ui/pictures/yard/YardPicture';

/** The picture of the site as it lies under the plan; undefined where there is none in this browser. */
export function useSite(underlay: Underlay | null): SiteUnderlay | undefined {
  const href = usePhoto(underlay?.photoId ?? '');
  if (underlay === null || href === undefined) return undefined;
  const { at, widthPx, heightPx, ftPerPx } = underlay;
  return { href, at, widthFt: widthPx * ftPerPx, heightFt: heightPx * ftPerPx };
}
