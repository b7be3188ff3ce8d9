/** The day of the person who types, as files write it. */
export function today(): string {
  const now = new Date();
  const two = (part: number): string => `${part}`.padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}
