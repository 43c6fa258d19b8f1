/** A field as the pad writes to it. */
export interface PadTarget {
  readonly label: string;
  readonly unit: string;
  /** units that it can be typed in instead; none where its unit is given */
  readonly units: readonly string[];
  readonly onUnit: (unit: string) => void;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** records what is typed; without one the pad's key goes to the next field */
  readonly onEnter?: () => void;
  /** a time of day */
  readonly time: boolean;
}
