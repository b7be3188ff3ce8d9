import type { Photo } from '../../core/job/command';
import { photoPicture } from '../../store/persistence/photoStorage';

/** Photographs as files to be sent; those that are not in this browser are left out. */
export async function pictureFiles(photos: readonly Photo[]): Promise<readonly File[]> {
  const files = await Promise.all(
    photos.map(async ({ id, caption }, at): Promise<readonly File[]> => {
      const picture = await photoPicture(id);
      if (picture === undefined) return [];
      const [head = '', body = ''] = picture.split(',');
      const type = /^data:([^;]+)/.exec(head)?.[1] ?? 'image/jpeg';
      const bytes = Uint8Array.from(atob(body), (letter) => letter.charCodeAt(0));
      return [new File([bytes], `${caption === '' ? `photograph-${at + 1}` : caption}.jpg`, { type })];
    }),
  );
  return files.flat();
}
