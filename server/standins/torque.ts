import type { FastifyInstance } from 'fastify';
import { z } from 'zod';
import { DRIVER_MOODS, driverAnswer } from '../../src/core/checks/torqueDriver';
import { refuseQuery, silently, slowly } from './behave';

const querySchema = z.object({
  mood: z.enum([...DRIVER_MOODS, 'slow', 'silent']).default('none'),
  set: z.coerce.number().min(1).max(6000),
  date: z.iso.date(),
});

/** A stand-in for a torque driver that reports each turn, with a switch for each way in which such a tool is wanting. */
export function torque(app: FastifyInstance): void {
  app.get('/standins/torque', async (request, reply) => {
    const query = querySchema.safeParse(request.query);
    if (!query.success) return refuseQuery(reply, query.error);
    const { mood, set, date } = query.data;
    if (mood === 'silent') return silently(reply);
    if (mood === 'slow') await slowly();
    void reply.header('cache-control', 'no-store');
    return reply.send(driverAnswer(mood === 'slow' ? 'none' : mood, set, date));
  });
}
