import { gasPicture } from '../../../dosing';
import { fig, type Figure } from '../../../units';
import { gasInHead, headAtSuction } from '../checks/head';
import type { MeteringContext } from '../settings/context';
import { capacity_lph, needed_lph } from './dose';
import type { MeteringSettings } from '../settings/understand';
import { suctionSide } from './suction-side';

/** One way out, with what it would gain in figures. */
export interface Cure {
  readonly words: string;
  /** what it would bring the figure to */
  readonly brings: Figure;
  readonly enough: boolean;
  /** what it costs, where it costs flow */
  readonly cost: string | null;
}

/** Level a flooded suction is reckoned with, m above the pump. */
const FLOODED_m = 0.5;

/** Ways to more head at the suction valve, the most useful first. Empty where the suction side is not known. */
export function suctionCures(context: MeteringContext, settings: MeteringSettings): Cure[] {
  const { suction, place } = context.duty;
  const now = headAtSuction(context, settings);
  if (!suction || !now || place.suctionHead_m === null) return [];
  const cures: Cure[] = [];
  const add = (
    words: string,
    changed: Parameters<typeof headAtSuction>[2],
    cost: string | null = null,
  ): void => {
    const head = headAtSuction(context, settings, changed);
    if (!head || head.available_m <= now.available_m + 0.01) return;
    cures.push({
      words,
      brings: fig('length', head.available_m),
      enough: head.available_m >= head.wanted_m,
      cost,
    });
  };
  for (const share of context.profile.behaviours.slowSuction ?? []) {
    if (share >= settings.suctionShare) continue;
    add(`Slow suction at ${Math.round(share * 100)} %`, { share }, capacityCost(context, settings, share));
  }
  if (place.suctionHead_m < FLOODED_m) {
    add(`Flooded suction: liquid ${FLOODED_m} m above the pump`, { level_m: FLOODED_m });
  }
  add('A suction line of twice the bore', { bore_mm: suction.bore_mm * 2 });
  add('A suction line half as long', { pipe_m: suction.pipe_m / 2 });
  const { vapour_bar } = suctionSide(context.duty);
  add('A cooler store: half the vapour pressure', { vapour_bar: vapour_bar / 2 });
  return ranked(cures);
}

function capacityCost(context: MeteringContext, settings: MeteringSettings, share: number): string | null {
  const capacity = capacity_lph(context, settings);
  if (capacity === null) return null;
  const left = (capacity * share) / settings.suctionShare;
  const needed = needed_lph(context, context.duty.water.greatest_m3h);
  return left >= needed * 1.1
    ? `leaves ${left.toFixed(2)} L/h, enough for ${needed.toFixed(2)} L/h`
    : `leaves ${left.toFixed(2)} L/h only, ${needed.toFixed(2)} L/h are needed`;
}

/** Ways to squeeze gas out of the head, the most useful first. Empty where head or pressure are not known. */
export function gasCures(context: MeteringContext, settings: MeteringSettings): Cure[] {
  const now = gasInHead(context, settings);
  const { head, strokeVolume } = context.duty;
  if (!now || !head || now.clears) return [];
  const full = gasPicture(now.suction_bar, strokeVolume.full_mL, head.dead_mL, now.discharge_bar);
  const cures: Cure[] = [];
  if (full.reach_bar > now.reach_bar + 0.01) {
    cures.push({
      words: 'The longest stroke',
      brings: fig('pressure', full.reach_bar),
      enough: full.clears,
      cost: 'a lower stroke rate for the same flow',
    });
  }
  const small = gasPicture(now.suction_bar, strokeVolume.full_mL, head.dead_mL / 2, now.discharge_bar);
  cures.push({
    words: 'A head with half the dead volume, at the longest stroke',
    brings: fig('pressure', small.reach_bar),
    enough: small.clears,
    cost: null,
  });
  cures.push({
    words: 'A bleed path or a degassing head: gas leaves without being squeezed',
    brings: fig('pressure', now.discharge_bar),
    enough: true,
    cost: 'some product goes back to the tank',
  });
  return ranked(cures);
}

function ranked(cures: Cure[]): Cure[] {
  return cures.sort((a, b) => Number(b.enough) - Number(a.enough) || b.brings.v - a.brings.v);
}
