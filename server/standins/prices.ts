import type { FastifyInstance } from 'fastify';
import { z } from 'zod';
import { writeCsv } from '../../src/core/files/csvTable';
import { SUPPLIER_MOODS, supplierRows } from '../../src/core/wording/supplierRows';

const querySchema = z.object({
  mood: z.enum([...SUPPLIER_MOODS, 'slow', 'silent']).default('none'),
  date: z.iso.date(),
});

const SLOW_MS = 3000;

const later = (ms: number): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, ms);
  });

/** A stand-in for a supplier: its whole price list of a day as CSV, with a switch for each way in which such a list is wanting. */
export function prices(app: FastifyInstance): void {
  app.get('/standins/prices', async (request, reply) => {
    const query = querySchema.safeParse(request.query);
    if (!query.success) {
      const [issue] = query.error.issues;
      return reply
        .code(400)
        .send({ error: `${issue?.path.join('.') ?? 'query'}: ${issue?.message ?? 'not valid'}` });
    }
    const { mood, date } = query.data;
    if (mood === 'silent') {
      // It takes the call and never answers, until the caller gives up.
      return reply.hijack();
    }
    if (mood === 'slow') await later(SLOW_MS);
    void reply.header('cache-control', 'no-store');
    return reply.type('text/csv').send(writeCsv(supplierRows(mood === 'slow' ? 'none' : mood, date)));
  });
}
