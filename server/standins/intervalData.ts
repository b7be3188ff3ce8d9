import type { FastifyInstance } from 'fastify';
import { z } from 'zod';
import {
  believableYear,
  METER_FAULTS,
  withFault,
  yearAsCsv,
  yearAsXml,
} from '../../src/core/demand/believableYear';
import { refuseQuery, silently, slowly } from './behave';

const querySchema = z.object({
  format: z.enum(['csv', 'xml']).default('csv'),
  seed: z.coerce.number().int().min(0).max(1_000_000).default(7),
  fault: z.enum([...METER_FAULTS, 'slow', 'silent']).default('none'),
});

/** First day of the simulated year. */
const FIRST = Date.UTC(2025, 0, 1);

/**
 * A stand-in for the recorder at a house: a believable year of quarter hours, the same for the same seed, with a
 * switch for each way in which such data goes wrong.
 */
export function intervalData(app: FastifyInstance): void {
  app.get('/standins/interval-data', async (request, reply) => {
    const query = querySchema.safeParse(request.query);
    if (!query.success) return refuseQuery(reply, query.error);
    const { format, seed, fault } = query.data;
    if (fault === 'silent') return silently(reply);
    if (fault === 'slow') await slowly();
    const readings = withFault(believableYear(seed, FIRST), fault === 'slow' ? 'none' : fault);
    void reply.header('cache-control', 'no-store');
    return format === 'xml'
      ? reply.type('application/xml').send(yearAsXml(readings))
      : reply.type('text/csv').send(yearAsCsv(readings));
  });
}
