import { vi } from 'vitest';

/** Hears what a command prints, until it is asked. */
export function listening() {
  const [said, told]: [string[], string[]] = [[], []];
  const log = vi.spyOn(console, 'log').mockImplementation((line: string) => void said.push(line));
  const error = vi.spyOn(console, 'error').mockImplementation((line: string) => void told.push(line));
  return () => {
    log.mockRestore();
    error.mockRestore();
    return { stdout: said.join('\n'), stderr: told.join('\n') };
  };
}
