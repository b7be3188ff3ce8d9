const over: string[] = [];

/** Tells a measure beside what it may be at most; one that is over it is told again at the end. */
export function judge(name: string, measured: number, max: number, unit: string, digits = 0): void {
  const line = `${name}: ${measured.toFixed(digits)} ${unit} (at most ${max})`;
  console.log(`  ${line}`);
  if (!(measured <= max)) over.push(line);
}

/** What is over its limit. */
export const overLimits = (): readonly string[] => over;
