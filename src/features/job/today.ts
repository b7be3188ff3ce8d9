const two = (part: number): string => `${part}`.padStart(2, '0');

/** The moment of the person who types, local, as files write it. */
export function now(): string {
  const at = new Date();
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
  return `${day}T${two(at.getHours())}:${two(at.getMinutes())}`;
}

/** The day of the person who types, as files write it. */
export const today = (): string => now().slice(0, 10);
