import type { FastifyReply } from 'fastify';
import type { z } from 'zod';

const SLOW_MS = 3000;

/** The answer to a query that is not valid: which field, and what is accepted. */
export function refuseQuery(reply: FastifyReply, { issues: [issue] }: z.ZodError): FastifyReply {
  return reply
    .code(400)
    .send({ error: `${issue?.path.join('.') ?? 'query'}: ${issue?.message ?? 'not valid'}` });
}

/** Takes its time before it answers. */
export const slowly = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, SLOW_MS);
  });

/** Takes the call and never answers, until the caller gives up. */
export const silently = (reply: FastifyReply): FastifyReply => reply.hijack();
