/** Whether what is typed there belongs to a field: keys of a view must leave it alone. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;
