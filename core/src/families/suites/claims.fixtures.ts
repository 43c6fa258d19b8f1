import type { SettingValue } from '../../profile';

/**
 * For tests only: what a reason claims of a target, so that it can be held against what is really set, after rounding and clamping. Every
 * reason of a family has its line: a claim, or null where it compares nothing.
 */
export interface Claimed<Context, Settings> {
  /** the target in the program’s own unit; NaN for words */
  readonly set: number;
  readonly value: SettingValue;
  readonly role: string;
  /** one step of its display in the program’s own unit; 0 where it takes any figure */
  readonly step: number;
  readonly context: Context;
  /** all settings as the plan leaves them */
  readonly settings: Settings;
  /** a figure of the reason */
  given(name: string): number;
  /** words of the reason */
  said(name: string): string;
}

export type Claim<Context, Settings> = (it: Claimed<Context, Settings>) => boolean;

/** Reasons that are the same in every family compare nothing of it. */
type Shared = 'clamped' | 'repaired' | 'hand';
export type Claims<Texts extends string, Context, Settings> = Readonly<
  Record<Exclude<Texts, Shared>, Claim<Context, Settings> | null>
>;

/** Below what any display shows. */
const HAIR = 1e-6;
const hair = (a: number, b: number) => HAIR * Math.max(1, Math.abs(a), Math.abs(b));
export const atLeast = (a: number, b: number) => a >= b - hair(a, b);
export const atMost = (a: number, b: number) => a <= b + hair(a, b);
export const within = (a: number, b: number, by: number) => Math.abs(a - b) <= by + hair(a, b);
