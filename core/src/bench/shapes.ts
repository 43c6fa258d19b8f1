/** Days of water to choose from, as shares of the usual flow, hour by hour. */
export const DAY_SHAPES = {
  steady: { name: 'Steady', shares: Array.from({ length: 24 }, () => 1) },
  working: {
    name: 'Working day',
    shares: [
      0.2, 0.2, 0.2, 0.2, 0.3, 0.6, 1.2, 1.6, 1.5, 1.3, 1.2, 1.2, 1.4, 1.3, 1.2, 1.2, 1.3, 1.5, 1.4, 1, 0.7,
      0.5, 0.3, 0.2,
    ],
  },
  night: {
    name: 'Off at night',
    shares: [0, 0, 0, 0, 0, 0, 0.8, 1.2, 1.3, 1.2, 1, 1, 1.2, 1.2, 1, 1, 1.1, 1.3, 1.2, 0.8, 0.6, 0.4, 0, 0],
  },
  peaks: {
    name: 'Two short peaks',
    shares: [
      0.3, 0.3, 0.3, 0.3, 0.3, 0.5, 2, 2.4, 0.8, 0.5, 0.5, 0.5, 0.6, 0.5, 0.5, 0.5, 0.8, 2.2, 2.4, 0.9, 0.5,
      0.4, 0.3, 0.3,
    ],
  },
} as const;
export type DayShape = keyof typeof DAY_SHAPES;

/** A shape's hours in m³/h around a usual flow, none above the greatest. */
export function shapedDay(shape: DayShape, usual_m3h: number, greatest_m3h: number): number[] {
  return DAY_SHAPES[shape].shares.map((share) => Math.min(greatest_m3h, share * usual_m3h));
}
