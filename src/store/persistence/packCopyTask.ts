import { packed, type CopyFiles } from './zipped';

/** Packs a copy and reads it back. */
export const packCopyTask = (files: CopyFiles): Uint8Array<ArrayBuffer> => packed(files);
