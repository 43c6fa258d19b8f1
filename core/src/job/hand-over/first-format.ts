import { familyOf, type FamilyName } from '../../families';
import { inWordsFor } from '../../units';
import type { AnyHandover, FirstSummary, Handover, HandoverSummary } from '../../visit';

/**
 * A hand-over in today's format, whichever it was frozen in: what it says stays the same, its words are made of the figures that it
 * kept, in the units that it was handed over in.
 * @param zone time zone of its site
 */
export function inTodaysFormat(handover: AnyHandover, family: FamilyName, zone: string): Handover {
  const { summary, ...signed } = handover;
  if (summary.formatVersion === 2) return { ...signed, summary };
  const { units = 'metric' } = handover;
  return { ...signed, summary: inWordsFor(units, () => fromFirst(summary, family, zone)) };
}

function fromFirst(summary: FirstSummary, family: FamilyName, zone: string): HandoverSummary {
  const part = familyOf(family).handOver.fromFirst?.(summary, zone);
  if (!part) throw new Error(`No ${family} pump was handed over in the first format.`);
  const { siteDate, lookedAtOnly, accepted, open, settings, clock } = summary;
  const { first, behind, tried, proof } = part;
  return {
    formatVersion: 2,
    siteDate,
    ...(lookedAtOnly === undefined ? {} : { lookedAtOnly }),
    blocks: { first, behind, tried },
    proof: { ...proof, automatic: summary.proof.automatic },
    accepted,
    open,
    settings,
    checks: summary.checks ?? [],
    notTried: summary.notTried ?? [],
    facts: summary.facts ?? [],
    messages: summary.messages ?? null,
    resets: summary.resets ?? [],
    clock,
  };
}
