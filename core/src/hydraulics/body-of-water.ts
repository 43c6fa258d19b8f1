import { requirePositive } from '../input';

export const SHAPES = ['rectangle', 'oval', 'round', 'kidney'] as const;

/** One shape of a body of water; several are added up. `width_m` of a round one is not used; of a kidney it is the two widths added. */
export interface WaterShape {
  readonly shape: (typeof SHAPES)[number];
  readonly length_m: number;
  readonly width_m: number;
}

/** Share of the rectangle around it that an oval fills, π/4 as the trade rounds it. */
const OVAL = 0.785;
/** Of both widths added, times the length, of a kidney. */
const KIDNEY = 0.45;

/** Surface of a shape, m²: rectangle a·b, oval 0.785·a·b, round π·d²/4 by the same 0.785, kidney 0.45·(a+b)·length. */
export function surface_m2({ shape, length_m, width_m }: WaterShape): number {
  requirePositive('length_m', length_m, 'The length');
  if (shape !== 'round') requirePositive('width_m', width_m, 'The width');
  switch (shape) {
    case 'rectangle':
      return length_m * width_m;
    case 'oval':
      return OVAL * length_m * width_m;
    case 'round':
      return OVAL * length_m * length_m;
    case 'kidney':
      return KIDNEY * width_m * length_m;
  }
}

/** Volume of a body of water, m³: its shapes added up, times the mean depth. */
export function volume_m3(shapes: readonly WaterShape[], depth_m: number): number {
  requirePositive('depth_m', depth_m, 'The mean depth');
  return shapes.reduce((sum, shape) => sum + surface_m2(shape), 0) * depth_m;
}
