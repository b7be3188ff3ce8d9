import type { FastifyInstance } from 'fastify';
import { z } from 'zod';
import { DESK_MOODS, deskAnswer } from '../../src/core/timing/permitDesk';
import { refuseQuery, silently, slowly } from './behave';

const querySchema = z.object({
  mood: z.enum([...DESK_MOODS, 'slow', 'silent']).default('none'),
  from: z.iso.date(),
});

/** A stand-in for a permit desk: when the inspector may come and what became of it, with a switch for each way in which such desks are wanting. */
export function permits(app: FastifyInstance): void {
  app.get('/standins/permits', async (request, reply) => {
    const query = querySchema.safeParse(request.query);
    if (!query.success) return refuseQuery(reply, query.error);
    const { mood, from } = query.data;
    if (mood === 'silent') return silently(reply);
    if (mood === 'slow') await slowly();
    void reply.header('cache-control', 'no-store');
    return reply.send(deskAnswer(mood === 'slow' ? 'none' : mood, from));
  });
}
