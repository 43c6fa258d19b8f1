/** What a pump does once the power is restored, for those who live with it; nothing where that is not known. */
export function afterCutSaid(way: 'resume' | 'wait' | null): string[] {
  if (way === null) return [];
  return [
    way === 'resume'
      ? 'After a power cut the pump starts again by itself.'
      : 'After a power cut the pump stays off until somebody starts it.',
  ];
}
