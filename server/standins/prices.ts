import type { FastifyInstance } from 'fastify';
import { z } from 'zod';
import { writeCsv } from '../../src/core/files/csvTable';
import { SUPPLIER_MOODS, supplierRows } from '../../src/core/wording/supplierRows';
import { refuseQuery, silently, slowly } from './behave';

const querySchema = z.object({
  mood: z.enum([...SUPPLIER_MOODS, 'slow', 'silent']).default('none'),
  date: z.iso.date(),
});

/** A stand-in for a supplier: its whole price list of a day as CSV, with a switch for each way in which such a list is wanting. */
export function prices(app: FastifyInstance): void {
  app.get('/standins/prices', async (request, reply) => {
    const query = querySchema.safeParse(request.query);
    if (!query.success) return refuseQuery(reply, query.error);
    const { mood, date } = query.data;
    if (mood === 'silent') return silently(reply);
    if (mood === 'slow') await slowly();
    void reply.header('cache-control', 'no-store');
    return reply.type('text/csv').send(writeCsv(supplierRows(mood === 'slow' ? 'none' : mood, date)));
  });
}
