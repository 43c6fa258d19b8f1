import { THRESHOLDS } from '../../../findings';
import { fig } from '../../../units';
import type { MeteringContext } from '../settings/context';
import { capacity_lph, mostAsked, outsideBand } from '../effect/dose';
import type { Draft } from './draft';

/**
 * The shares of its capacity that slow suction may leave, the slowest first, in the order of trial: a liquid that gasses, or a
 * suction side that is in question, wants the slowest that still does the duty. One share alone where there is nothing to choose.
 */
export function suctionShares({ duty, profile }: MeteringContext): number[] {
  const shares = [...(profile.behaviours.slowSuction ?? [])].sort((a, b) => a - b);
  if (shares.length < 2) return [1];
  const wanted = duty.product.gassing || duty.suction;
  return wanted ? shares : [shares[shares.length - 1]];
}

/** Puts a share into the plan. The stroke is chosen with it, not after it. */
export function planSuction(draft: Draft, share: number): void {
  const shares = suctionShares(draft.context);
  if ((draft.context.profile.behaviours.slowSuction ?? []).length < 2) return;
  const value = String(Number((share * 100).toPrecision(12)));
  if (shares.length < 2) {
    draft.put('suction.share', value, { text: 'suction.fast', values: {} });
    return;
  }
  const slow = share < shares[shares.length - 1];
  draft.put('suction.share', value, {
    text: slow ? 'suction.slow' : 'suction.none',
    values: { need: fig('pumpFlow', mostAsked(draft.context).flow_lph) },
  });
}

/** True when a plan made with a slow suction still gives the greatest flow with its margin, at the stroke it chose. */
export function suctionDoes(draft: Draft): boolean {
  const { context } = draft;
  const settings = draft.settings();
  const capacity = capacity_lph(context, settings);
  const need = mostAsked(context).flow_lph;
  return (
    draft.problems.length === 0 &&
    capacity !== null &&
    capacity >= need * (1 + THRESHOLDS.capacityMargin) * (1 - 1e-9) &&
    (outsideBand(context, settings) ?? 0) === 0
  );
}
