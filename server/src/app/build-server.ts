import compress from '@fastify/compress';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import swagger from '@fastify/swagger';
import swaggerUi from '@fastify/swagger-ui';
import Fastify, { type FastifyInstance, type FastifyReply, type FastifyRequest } from 'fastify';
import {
  jsonSchemaTransform,
  serializerCompiler,
  validatorCompiler,
  type ZodTypeProvider,
} from 'fastify-type-provider-zod';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { Press } from '../press';
import type { WorkOut } from '../register';
import { answerError, problems } from '../problems';
import { guardOrigin, PERMISSIONS } from './guard';
import { refuseUnwritable } from './unwritable';
import { benchRoutes } from '../routes/bench';
import { healthRoutes } from '../routes/health';
import { jobRoutes } from '../routes/jobs';
import { registerRoutes } from '../routes/register';
import { settingsRoutes } from '../routes/settings';
import { toolRoutes } from '../routes/tools';

export interface ServerOptions {
  readonly database: Database;
  readonly clock: Clock;
  /** folder of the built web app; the API alone when missing */
  readonly webRoot?: string;
  /** where the QR codes of labels lead: the address under which this server is reached */
  readonly labelBase?: string;
  /** how pumps are worked out; in place where it is left out */
  readonly workOut?: WorkOut;
  readonly logLevel?: 'error' | 'silent';
}

const BODY_LIMIT = 1024 * 1024;
const LABEL_BASE = 'http://127.0.0.1:4310';

/**
 * What is stored leaves even where it breaks a bound that was drawn later: one bad row takes no page down. What a schema adds or
 * leaves out is lost on that answer alone.
 */
const lenientSerializer: typeof serializerCompiler = (options) => {
  const strict = serializerCompiler(options);
  return (data) => {
    try {
      return strict(data);
    } catch {
      return JSON.stringify(data);
    }
  };
};

/** What no route can be found for, since its address cannot be read: a problem document with the usual headers. */
function answerBadUrl(_: Error, __: FastifyRequest, reply: FastifyReply): void {
  const { problem } = problems.badUrl();
  void reply
    .status(problem.status)
    .type('application/problem+json')
    .header('x-content-type-options', 'nosniff')
    .header('content-security-policy', "default-src 'self'")
    .header('permissions-policy', PERMISSIONS)
    .send(problem);
}

/** The server, ready but with no port opened, so that tests can inject requests. */
export async function buildServer(options: ServerOptions): Promise<FastifyInstance> {
  const { database, clock } = options;
  const app = Fastify({
    bodyLimit: BODY_LIMIT,
    // half a request ends by itself; a connection that waits for its answer is never cut
    requestTimeout: 60_000,
    keepAliveTimeout: 10_000,
    forceCloseConnections: true,
    frameworkErrors: answerBadUrl,
    logger: options.logLevel && options.logLevel !== 'silent' ? { level: options.logLevel } : false,
  }).withTypeProvider<ZodTypeProvider>();
  // nor does one that says nothing at all stay
  app.server.headersTimeout = 30_000;
  app.setValidatorCompiler(validatorCompiler);
  app.setSerializerCompiler(lenientSerializer);
  app.setErrorHandler(answerError);
  app.addHook('preValidation', refuseUnwritable);
  await app.register(helmet, {
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        // the solver of the cheapest plan is WebAssembly
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        // components set styles as attributes; scripts come from this server alone
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        workerSrc: ["'self'", 'blob:'],
        // served on loopback without TLS, where an upgrade would break every request
        upgradeInsecureRequests: null,
      },
    },
    strictTransportSecurity: false,
  });
  guardOrigin(app as unknown as FastifyInstance, options.labelBase);
  await app.register(compress, { global: true, threshold: 1024 });
  await app.register(swagger, {
    openapi: { info: { title: 'Barythm', version: '1', description: 'Everything the app does, over HTTP.' } },
    transform: jsonSchemaTransform,
  });
  await app.register(swaggerUi, { routePrefix: '/api/docs' });
  const press = new Press();
  app.addHook('onClose', () => press.close());
  await app.register(
    async (api) => {
      await api.register(healthRoutes(database, clock));
      await api.register(
        registerRoutes(database, clock, options.labelBase ?? LABEL_BASE, press, options.workOut),
      );
      await api.register(jobRoutes(database, clock, press, options.workOut));
      await api.register(settingsRoutes(database, clock));
      await api.register(toolRoutes);
      await api.register(benchRoutes);
    },
    { prefix: '/api/v1' },
  );
  if (options.webRoot) await app.register(fastifyStatic, { root: options.webRoot, wildcard: false });
  app.setNotFoundHandler((request, reply) => {
    const isPage =
      request.method === 'GET' && !request.url.startsWith('/api/') && !/\.\w+$/.test(request.url);
    if (options.webRoot && isPage) return reply.type('text/html').sendFile('index.html');
    const { problem } = problems.notFound('resource', request.url);
    return reply.status(404).type('application/problem+json').send(problem);
  });
  return app as unknown as FastifyInstance;
}
