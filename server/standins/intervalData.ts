import type { FastifyInstance } from 'fastify';
import { z } from 'zod';
import { METER_FAULTS, recordOf } from '../../src/core/demand/believableYear';
import { refuseQuery, silently, slowly } from './behave';

const querySchema = z.object({
  format: z.enum(['csv', 'xml']).default('csv'),
  seed: z.coerce.number().int().min(0).max(1_000_000).optional(),
  fault: z.enum([...METER_FAULTS, 'slow', 'silent']).default('none'),
});

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
    void reply.header('cache-control', 'no-store');
    return reply
      .type(format === 'xml' ? 'application/xml' : 'text/csv')
      .send(recordOf(format, fault === 'slow' ? 'none' : fault, seed));
  });
}
