/** Bounds of what a profile may hold: many times what any controller has, and little enough to be worked with in a moment. */
export const MOST = {
  key: 40,
  label: 80,
  name: 120,
  text: 2000,
  groups: 60,
  parameters: 400,
  /** settings, with every place of every group that repeats */
  places: 800,
  options: 120,
  steps: 40,
  /** conditions within one another, and beside each other */
  conditions: 20,
} as const;
