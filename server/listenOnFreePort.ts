import type { FastifyInstance } from 'fastify';

const USUAL_PORT = 4173;

const isTaken = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === 'EADDRINUSE';

/** This machine alone, unless another address is asked for. */
const USUAL_HOST = '127.0.0.1';

/**
 * Listens on the port that was asked for, or on the usual one, or where that is taken on any free one.
 * A port that was asked for and is taken is an error: somebody counts on it.
 */
export async function listenOnFreePort(
  app: FastifyInstance,
  port: number | undefined,
  host = USUAL_HOST,
): Promise<string> {
  if (port !== undefined) return app.listen({ host, port });
  try {
    return await app.listen({ host, port: USUAL_PORT });
  } catch (error) {
    if (!isTaken(error)) throw error;
    return app.listen({ host, port: 0 });
  }
}
