/** What is left open in a description, by the schema's code. */
export const CHOOSE_WORDS: Readonly<Record<string, string>> = {
  invalid_value: 'Choose one.',
  invalid_type: 'This is needed.',
  too_small: 'This is needed.',
};

/** What a controller's clock can show. */
export const CLOCK_SHOWS = [
  { value: 'time', label: 'Time' },
  { value: 'weekday', label: 'Weekday and time' },
  { value: 'date', label: 'Date and time' },
] as const;

/** What a controller does by itself after a cut or a fault. */
export const AFTER_WAYS = [
  { value: 'resume', label: 'Carries on' },
  { value: 'wait', label: 'Waits' },
  { value: 'set', label: 'As set' },
  { value: 'unknown', label: 'Not known' },
] as const;
