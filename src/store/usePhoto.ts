import { useLiveQuery } from 'dexie-react-hooks';
import { photoPicture } from './persistence/photoStorage';

/** A picture as a data URL; undefined until it was read, or where it is not in this browser. */
export const usePhoto = (id: string): string | undefined => useLiveQuery(() => photoPicture(id), [id]);
