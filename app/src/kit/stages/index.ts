/** The five stages of a job, in their order. */
export const STAGES = [
  { key: 'as-found', label: 'As found' },
  { key: 'plan', label: 'Plan' },
  { key: 'set', label: 'Set' },
  { key: 'prove', label: 'Prove' },
  { key: 'hand-over', label: 'Hand over' },
] as const;
export type StageKey = (typeof STAGES)[number]['key'];

export function isStage(text: string): text is StageKey {
  return STAGES.some((stage) => stage.key === text);
}
