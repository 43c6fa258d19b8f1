import type { z } from 'zod';
import type { Finding, Subject, TextBook } from '../findings';
import type { Profile, SettingValues } from '../profile';
import type { CheckBody, CheckVerdict, ProofCheck } from '../proof';
import type { FamilyKinds, FamilyName } from './kinds';

/** What every family of pump answers, so that a new family is a new folder and one line in the index. */
export interface Family<F extends FamilyName, Plan> {
  readonly name: F;
  /** the closed list of meanings its parameters can have */
  readonly roles: readonly string[];
  readonly optionRoles: readonly string[];
  /** what the user must tell us */
  readonly dutySchema: z.ZodType<FamilyKinds[F]['duty']>;
  /** settings of a column in the field's terms */
  understand(
    profile: Extract<Profile, { family: F }>,
    plate: FamilyKinds[F]['plate'],
    values: SettingValues,
  ): FamilyKinds[F]['settings'];
  /** duty + pump + profile → target settings, each with its reason */
  plan(context: FamilyKinds[F]['context']): Plan;
  checkPlan(context: FamilyKinds[F]['context'], plan: Plan): Finding[];
  checkSettings(context: FamilyKinds[F]['context'], subject: Subject, values: SettingValues): Finding[];
  /** what to try at the pump, with what it must do */
  proofChecks(context: FamilyKinds[F]['context'], settings: FamilyKinds[F]['settings']): ProofCheck[];
  /** `first` is the first of a row of readings that are judged against each other */
  judgeCheck(check: ProofCheck, body: CheckBody, first: CheckBody | null): CheckVerdict;
  /** roles that a mode drives the pump with; they are checked when the mode changes */
  rolesOfMode(option: string): readonly string[];
  readonly texts: TextBook;
  readonly reasons: Readonly<Record<string, string>>;
}
