import type { z } from 'zod';
import type { Finding, Subject, TextBook } from '../findings';
import type { SettingValues } from '../profile';

/** What every family of pump answers, so that a new family is a new folder and one line in the index. */
export interface Family<Duty, Context, Plan> {
  readonly name: string;
  /** the closed list of meanings its parameters can have */
  readonly roles: readonly string[];
  readonly optionRoles: readonly string[];
  /** what the user must tell us */
  readonly dutySchema: z.ZodType<Duty>;
  /** duty + pump + profile → target settings, each with its reason */
  plan(context: Context): Plan;
  checkPlan(context: Context, plan: Plan): Finding[];
  checkSettings(context: Context, subject: Subject, values: SettingValues): Finding[];
  /** the signals at which it is proved */
  proofPoints(context: Context): { points_mA: number[]; ends_mA: number[] };
  readonly texts: TextBook;
  readonly reasons: Readonly<Record<string, string>>;
}
