/** Hands a text to the browser as a file to keep. */
export function downloadText(text: string, name: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const anchor = document.createElement('a');
  anchor.href = url;
  anchor.download = name;
  anchor.click();
  // The browser has taken the address by the next turn.
  setTimeout(() => {
    URL.revokeObjectURL(url);
  }, 1000);
}
