/** A field as the pad writes to it. */
export interface PadTarget {
  readonly label: string;
  /** what it is typed for: a setting with its target, a point */
  readonly about: string | null;
  /** limits, or what is wrong with what is typed: said over the keys, where it cannot be covered */
  readonly hint: string | null;
  readonly error: string | null;
  /** what it may not be, where it is recorded all the same */
  readonly warning: string | null;
  readonly unit: string;
  /** units that it can be typed in instead; none where its unit is given */
  readonly units: readonly string[];
  readonly onUnit: (unit: string) => void;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** records what is typed; without one the pad's key goes to the next field */
  readonly onEnter?: () => void;
  /** records all that its card has so far, where the fields after this one may stay empty */
  readonly onRecord?: () => void;
  /** a time of day */
  readonly time: boolean;
}
