import { existsSync } from 'node:fs';

/** Where Debian puts its browsers: the shell has no window to draw, which halves the time of the interface tests. */
const PLACES = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** The Chromium that is driven: the one that CHROMIUM names, or the first that is installed. */
export const browserPath: string =
  process.env['CHROMIUM'] ?? PLACES.find((each) => existsSync(each)) ?? '/usr/bin/chromium';
