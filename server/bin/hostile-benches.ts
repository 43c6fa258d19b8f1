import type { AddressInfo } from 'node:net';
import type { PumpResource } from '@barythm/contract/resources';
import type { FastifyInstance } from 'fastify';

const AT_ONCE = 20;
/** Nobody waits longer for what is not the bench meanwhile, ms. */
const OTHERS_ms = 1000;

/** A week on the bench of a pump, as its page would ask for it. */
async function weekOf(base: string, id: string): Promise<string> {
  const pump = (await (await fetch(`${base}/pumps/${id}`)).json()) as PumpResource;
  return JSON.stringify({
    duty: pump.duty,
    profile: pump.profile,
    plate: pump.unit.plate,
    today: pump.today,
    zone: pump.zone,
    sheets: [{ name: 'As found', values: pump.reported?.values ?? {} }],
    scenario: {
      days: 7,
      water: { every_s: 3600, flows_m3h: Array.from({ length: 168 }, (_, i) => 2 + (i % 24) / 12) },
      wobble: 0.2,
      seed: 7,
      events: [],
    },
  });
}

/**
 * Twenty weeks on the bench at once over real sockets: each is answered, or told in words that the line is full, and what everybody else
 * asks for meanwhile does not wait. Answers what went wrong, in a sentence each.
 */
export async function twentyBenches(app: FastifyInstance): Promise<string[]> {
  await app.listen({ host: '127.0.0.1', port: 0 });
  const base = `http://127.0.0.1:${(app.server.address() as AddressInfo).port}/api/v1`;
  const body = await weekOf(base, 'pump-quarantine');
  const from = performance.now();
  let done = false;
  const benches = Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      const answer = await fetch(`${base}/bench`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body,
      });
      await answer.arrayBuffer();
      return answer.status;
    }),
  ).finally(() => (done = true));
  const faults: string[] = [];
  let longest_ms = 0;
  while (!done) {
    const asked = performance.now();
    const health = await fetch(`${base}/health`);
    await health.arrayBuffer();
    longest_ms = Math.max(longest_ms, performance.now() - asked);
    if (health.status !== 200) faults.push(`/health answered ${health.status} while benches ran.`);
    await new Promise((next) => setTimeout(next, 50));
  }
  const told = await benches.catch((error: Error) => {
    faults.push(`A bench was cut off: ${error.message}.`);
    return [];
  });
  for (const status of told)
    if (status !== 200 && status !== 503 && status !== 422) faults.push(`A bench was answered ${status}.`);
  if (longest_ms > OTHERS_ms) faults.push(`Others waited ${Math.round(longest_ms)} ms while benches ran.`);
  console.log(
    `barythm: ${AT_ONCE} benches at once over sockets: ${told.filter((status) => status === 200).length} answered in ${((performance.now() - from) / 1000).toFixed(1)} s, others waited ${Math.round(longest_ms)} ms at most.`,
  );
  return faults;
}
