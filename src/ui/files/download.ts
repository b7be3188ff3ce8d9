/** Hands bytes to the browser as a file to keep. */
export function downloadBytes(bytes: BlobPart, name: string, type: string): void {
  const url = URL.createObjectURL(new Blob([bytes], { type }));
  const anchor = document.createElement('a');
  anchor.href = url;
  anchor.download = name;
  anchor.click();
  // The browser has taken the address by the next turn.
  setTimeout(() => {
    URL.revokeObjectURL(url);
  }, 1000);
}

/** Hands a text to the browser as a file to keep. */
export const downloadText = (text: string, name: string, type: string): void => {
  downloadBytes(text, name, type);
};
