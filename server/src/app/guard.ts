import type { FastifyInstance } from 'fastify';
import { problems } from '../problems';

/** Names under which a server on this machine is asked for; any other name that leads here was made to. */
const LOOPBACK: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);
const READS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/** An address or a Host header, read; null for what is neither. */
function readAddress(text: string): URL | null {
  try {
    return new URL(text.includes('://') ? text : `http://${text}`);
  } catch {
    return null;
  }
}

/** The host without its port: the name that it is asked for by. */
const hostOf = (text: string) => readAddress(text)?.hostname.toLowerCase() ?? null;
/** The host with its port: what is another program's page and what is ours. */
const placeOf = (text: string) => readAddress(text)?.host.toLowerCase() ?? null;

/**
 * Answers only to its own names, and takes writes only from its own pages: a page of any other site that leads its name here reads
 * and writes nothing.
 *
 * @param address where else this server is reached, as labels have it
 */
export function guardOrigin(app: FastifyInstance, address: string | undefined): void {
  const own = address === undefined ? null : hostOf(address);
  const ownPlace = address === undefined ? null : placeOf(address);
  const known = (host: string | null) => host !== null && (LOOPBACK.has(host) || host === own);
  /** a page of the server that is asked; another port of this machine is another program */
  const ours = (origin: string, asked: string) => {
    const from = placeOf(origin);
    return from !== null && known(hostOf(origin)) && (from === placeOf(asked) || from === ownPlace);
  };
  app.addHook('onRequest', async (request, reply) => {
    void reply.header('permissions-policy', PERMISSIONS);
    // what is answered is of this moment and of this person
    if (request.url.startsWith('/api/')) void reply.header('cache-control', 'no-store');
    if (!known(hostOf(request.headers.host ?? ''))) throw problems.foreignHost(request.headers.host ?? '');
    const { origin } = request.headers;
    if (READS.has(request.method) || origin === undefined) return;
    if (!ours(origin, request.headers.host ?? '')) throw problems.foreignOrigin(origin);
  });
}

/** The app asks for nothing of the device but what every page may. */
export const PERMISSIONS =
  'camera=(), geolocation=(), microphone=(), payment=(), usb=(), bluetooth=(), serial=(), hid=(), midi=(), screen-wake-lock=(self)';
