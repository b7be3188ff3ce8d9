import { existsSync } from 'node:fs';
import path from 'node:path';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import Fastify, { type FastifyInstance, type FastifyRequest } from 'fastify';
import { contentSecurityPolicy } from './contentSecurityPolicy';
import { intervalData } from './standins/intervalData';
import { permits } from './standins/permits';
import { prices } from './standins/prices';
import { torque } from './standins/torque';

/** How long a socket may say nothing, and how long a request may take to be asked, milliseconds. */
const IDLE_MS = 30_000;
const REQUEST_MS = 20_000;

export interface ServerOptions {
  /** Folder of the built application. */
  readonly root: string;
  /** Whether a browser without jobs starts with the demo job. */
  readonly demo: boolean;
}

/** Files with a hash in their name never change; everything else is asked for again. */
const cacheControl = (file: string): string =>
  /[\\/]assets[\\/].+-[\w-]{8}\.\w+(\.(br|gz))?$/.test(file)
    ? 'public, max-age=31536000, immutable'
    : 'no-cache';

const wantsPage = ({ method, headers }: FastifyRequest): boolean =>
  method === 'GET' && (headers.accept ?? '').includes('text/html');

/** The server of the built application: static files compressed at build time, strict headers, deep links. */
export async function buildServer({ root, demo }: ServerOptions): Promise<FastifyInstance> {
  const folder = path.resolve(root);
  if (!existsSync(path.join(folder, 'index.html'))) {
    throw new Error(`There is no built application in ${folder}: run "npm run build" first.`);
  }
  const app = Fastify({
    logger: false,
    // A socket on which nothing is asked is dropped; one that is open as the server stops does not hold it.
    keepAliveTimeout: IDLE_MS,
    connectionTimeout: IDLE_MS,
    requestTimeout: REQUEST_MS,
    forceCloseConnections: true,
  });
  await app.register(helmet, {
    contentSecurityPolicy,
    // The server speaks plain http on one machine; transport security is for whoever puts it behind TLS.
    strictTransportSecurity: false,
    crossOriginOpenerPolicy: { policy: 'same-origin' },
  });
  await app.register(fastifyStatic, {
    root: folder,
    preCompressed: true,
    cacheControl: false,
    setHeaders: (reply, file) => {
      void reply.header('cache-control', cacheControl(file));
    },
  });
  intervalData(app);
  prices(app);
  torque(app);
  permits(app);
  app.get('/health', () => ({ status: 'ok' }));
  app.get('/start.json', (_request, reply) => reply.header('cache-control', 'no-store').send({ demo }));
  app.setNotFoundHandler((request, reply) =>
    wantsPage(request)
      ? reply.header('vary', 'accept, accept-encoding').sendFile('index.html')
      : reply.code(404).headers({ 'cache-control': 'no-store', vary: 'accept' }).send({ error: 'not-found' }),
  );
  return app;
}
