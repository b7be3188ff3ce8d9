import { database } from './database';

/** A browser that lets a page write into a folder that its user chose. */
interface PicksFolders {
  readonly showDirectoryPicker: (options: {
    readonly mode: 'readwrite';
  }) => Promise<FileSystemDirectoryHandle>;
}

/** A folder that asks again before it is written to, once the page was closed. */
interface AsksAgain {
  readonly requestPermission: (options: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
}

const picks = (page: object): page is PicksFolders => 'showDirectoryPicker' in page;
const asks = (folder: object): folder is AsksAgain => 'requestPermission' in folder;

/** Under what the folder is remembered. */
const COPIES = 'copies';

/** Whether this browser can write copies into a folder. */
export const canWriteFolder = (): boolean => picks(window);

/** The name of the folder that copies go to; undefined where none was chosen. */
export const folderName = async (): Promise<string | undefined> =>
  (await database().folders.get(COPIES))?.handle.name;

/** Lets the folder be chosen that copies go to; undefined where that was broken off. */
export async function chooseFolder(): Promise<string | undefined> {
  if (!picks(window)) return undefined;
  try {
    const handle = await window.showDirectoryPicker({ mode: 'readwrite' });
    await database().folders.put({ id: COPIES, handle });
    return handle.name;
  } catch {
    return undefined;
  }
}

/** Writes a file into the folder of copies; false where that is not allowed, or the folder is gone. */
export async function writeIntoFolder(name: string, bytes: Uint8Array<ArrayBuffer>): Promise<boolean> {
  const handle = (await database().folders.get(COPIES))?.handle;
  if (handle === undefined) return false;
  try {
    if (asks(handle) && (await handle.requestPermission({ mode: 'readwrite' })) !== 'granted') return false;
    const file = await handle.getFileHandle(name, { create: true });
    const writing = await file.createWritable();
    await writing.write(bytes);
    await writing.close();
    return true;
  } catch {
    return false;
  }
}
