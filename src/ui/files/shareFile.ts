import { downloadBytes } from './download';

/**
 * Hands a file to the share sheet of the phone; to the downloads where there is none or it does not take the
 * file. Whoever closes the share sheet keeps things as they are.
 */
export async function shareFile(content: BlobPart, name: string, type: string): Promise<void> {
  const files = [new File([content], name, { type })];
  if (typeof navigator.share !== 'function' || !navigator.canShare({ files })) {
    downloadBytes(content, name, type);
    return;
  }
  try {
    await navigator.share({ files, title: name });
  } catch (reason) {
    if (!(reason instanceof DOMException && reason.name === 'AbortError')) downloadBytes(content, name, type);
  }
}

/**
 * Hands words and pictures to the share sheet of the phone; where there is none the words are copied. Whoever closes the
 * share sheet keeps things as they are.
 *
 * @returns Whether the words were copied instead of shared.
 */
export async function shareWords(text: string, files: readonly File[]): Promise<boolean> {
  if (typeof navigator.share !== 'function') {
    await navigator.clipboard.writeText(text);
    return true;
  }
  const shared =
    navigator.canShare({ files: [...files] }) && files.length > 0 ? { text, files: [...files] } : { text };
  try {
    await navigator.share(shared);
  } catch (reason) {
    if (!(reason instanceof DOMException && reason.name === 'AbortError')) throw reason;
  }
  return false;
}
