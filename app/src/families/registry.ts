import type { AnyKind, FamilyName } from '@barythm/core/families';
import { circulatorScreens } from './circulator';
import { driveScreens } from './drive';
import type { FamilyScreens } from './family-screens';
import { meteringScreens } from './metering';
import { poolScreens } from './pool';
import { spaScreens } from './spa';
import { transferScreens } from './transfer';

/** What every family paints for itself: the one place in the app that names them. */
const SCREENS: Readonly<Record<FamilyName, FamilyScreens<AnyKind>>> = {
  metering: meteringScreens,
  pool: poolScreens,
  circulator: circulatorScreens,
  drive: driveScreens,
  spa: spaScreens,
  transfer: transferScreens,
};

export const ALL_SCREENS = Object.entries(SCREENS) as [FamilyName, FamilyScreens<AnyKind>][];

/** What a family paints for itself. */
export function screensOf(family: FamilyName): FamilyScreens<AnyKind> {
  return SCREENS[family];
}
