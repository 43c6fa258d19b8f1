import type { Scenario } from '@barythm/core/bench';
import type { FamilyKind } from '@barythm/core/families';
import type { SettingValues } from '@barythm/core/profile';
import type { ComponentType, ReactNode } from 'react';
import type { SetCardProps } from '../kit/set';
import type { BenchDraft } from '../kit/bench';
import type { BenchClient } from '../workers/bench-client';
import type { Colour } from '../ui/theme';

/** What is wrong with a described controller, by place: `name`, `parameters.2.least`, `behaviours.greatestRate`. */
export type ProfileErrors = Readonly<Record<string, string>>;

/** What a family paints for itself, on pages that are every pump's. */
export interface FamilyScreens<K extends FamilyKind, Draft extends BenchDraft = BenchDraft> {
  readonly found?: {
    /** what the readings on arrival come to against each other */
    readonly Verdict?: ComponentType;
    /** what helps to take one of them: strokes counted by tapping along */
    readonly Counter?: {
      readonly field: string;
      Aid(props: { onRate(rate: number): void }): ReactNode;
    };
    /** what is read on a card of its own, before the other settings */
    readonly Before?: ComponentType;
    /** the same, where it is read with the cabinet open and the supply off */
    readonly Opened?: ComponentType;
    /** the group of settings that is read there */
    apart?(profile: K['profile']): string | undefined;
    /** what is compared once the settings are known */
    readonly After?: ComponentType;
    /** work beside setting that is more than a record of it */
    readonly Work?: ComponentType;
  };
  readonly Plan: ComponentType;
  /** the beginning of the key that a duty is kept under on the device while it is typed, before the job’s id */
  readonly dutyDraft: string;
  /** a setting that is changed by more than keys: the card that guides it, instead of the plain one */
  readonly guided?: {
    readonly role: string;
    readonly Card: ComponentType<SetCardProps>;
    /** what it left open, and can be ticked without doing it again */
    readonly After?: ComponentType;
  };
  readonly Proof: ComponentType;
  readonly pump: {
    /** its day or week, before what is wrong with it */
    Day(props: { readonly context: K['context']; readonly nowShare: number }): ReactNode;
    /** what it holds in stock, after that */
    Stock?(props: {
      readonly context: K['context'];
      readonly values: SettingValues;
      /** site date on which tank and counter were written down */
      readonly agreedOn: string;
    }): ReactNode;
  };
  readonly bench: {
    readonly start: Draft;
    scenario(draft: Draft, context: K['context']): Scenario;
    SetUp(props: {
      readonly draft: Draft;
      readonly context: K['context'];
      onChange(draft: Draft): void;
    }): ReactNode;
    /** a closer look at one moment */
    Closer?(props: {
      readonly client: BenchClient;
      readonly at_s: number;
      readonly seconds: number;
      readonly colours: readonly Colour[];
    }): ReactNode;
  };
}
