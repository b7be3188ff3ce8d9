import { z } from 'zod';

/** A moment of the place where the work is, to the minute: "2026-03-16T07:30". */
export const momentSchema = z.iso.datetime({ local: true, offset: false, precision: -1 });
