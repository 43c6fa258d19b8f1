import type { z } from 'zod';
import type { Figure, Quantity } from '../units';

/** What one wants to know, in the order in which it is asked at a pump. */
export const TOOL_GROUPS = {
  signals: 'Signals and control',
  dosing: 'Dose and stock',
  suction: 'Suction and gas',
  heads: 'Heat, head and speed',
  pressure: 'Pressure and vessels',
  money: 'Time and money',
  units: 'Units',
} as const;
export type ToolGroup = keyof typeof TOOL_GROUPS;

/** A field of a calculator as a person fills it in. */
export interface ToolField {
  /** where it stands in the input; a point leads into an object: `point.speed` */
  readonly name: string;
  readonly label: string;
  readonly unit: string;
  /** a figure, several figures parted by spaces, lines of several figures (or times such as 7:30), or a choice */
  readonly kind: 'figure' | 'figures' | 'rows' | 'choice';
  /** for rows: how many figures a line has */
  readonly columns?: number;
  /** what a pasted unit is understood as */
  readonly quantity: Quantity;
  readonly initial: string;
  readonly hint?: string;
  /** for a choice; may hang on what else is filled in */
  readonly options?: (
    texts: Readonly<Record<string, string>>,
  ) => readonly { readonly value: string; readonly label: string }[];
  /** the field may stay empty */
  readonly optional?: boolean;
}

/** One line of an answer. */
export interface ToolLine {
  readonly label: string;
  readonly value: string;
  readonly unit: string;
  /** the figure itself, where readers of other units see it otherwise */
  readonly figure?: Figure;
}

/** What a calculator answers in words and figures: the figure that matters first. */
export interface ToolAnswer {
  readonly main: ToolLine;
  readonly lines: readonly ToolLine[];
  /** said in one sentence, with whether it is as it should be */
  readonly verdict?: { readonly good: boolean; readonly words: string };
}

/**
 * A calculator by itself, without a pump. The same input and output fields serve the worked examples, the app and
 * the API; the id is the name of its file of worked examples.
 */
export interface Tool<In extends z.ZodType, Out> {
  readonly id: string;
  readonly group: ToolGroup;
  readonly name: string;
  readonly about: string;
  readonly input: In;
  readonly fields: readonly ToolField[];
  /** Throws an InputError that names the field when the input cannot be computed with. */
  run(input: z.output<In>): Out;
  answer(out: Out): ToolAnswer;
}

/** A tool whose input and output are known to fit each other, though not which they are. */
export type AnyTool = Tool<z.ZodType, unknown>;
