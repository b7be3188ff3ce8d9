import { useEffect, useState } from 'react';

/** How much is kept here, and whether the browser promises not to clear it by itself; undefined where it does not say. */
export interface StorageRoom {
  readonly usedBytes: number;
  readonly roomBytes: number;
  readonly lasting: boolean;
}

/** Asks the browser to keep what is stored here, and how much room there is. */
async function askRoom(): Promise<StorageRoom | undefined> {
  // Older browsers, and pages that are not served safely, have no such manager.
  const manager = 'storage' in navigator ? navigator.storage : undefined;
  if (manager === undefined || !('estimate' in manager)) return undefined;
  try {
    const lasting = (await manager.persisted()) || (await manager.persist());
    const { usage = 0, quota = 0 } = await manager.estimate();
    return { usedBytes: usage, roomBytes: quota, lasting };
  } catch {
    return undefined;
  }
}

/** How much is kept here; asked once, and again when `after` changes. */
export function useStorageRoom(after: unknown): StorageRoom | undefined {
  const [room, setRoom] = useState<StorageRoom>();
  useEffect(() => {
    let stale = false;
    void askRoom().then((found) => {
      if (!stale) setRoom(found);
    });
    return () => {
      stale = true;
    };
  }, [after]);
  return room;
}
