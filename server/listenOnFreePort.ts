import type { FastifyInstance } from 'fastify';

const USUAL_PORT = 4173;
const HOST = '127.0.0.1';

const isTaken = (error: unknown): boolean =>
  error instanceof Error && 'code' in error && error.code === 'EADDRINUSE';

/**
 * Listens on the port that was asked for, or on the usual one, or where that is taken on any free one.
 * A port that was asked for and is taken is an error: somebody counts on it.
 */
export async function listenOnFreePort(app: FastifyInstance, port: number | undefined): Promise<string> {
  if (port !== undefined) return app.listen({ host: HOST, port });
  try {
    return await app.listen({ host: HOST, port: USUAL_PORT });
  } catch (error) {
    if (!isTaken(error)) throw error;
    return app.listen({ host: HOST, port: 0 });
  }
}
