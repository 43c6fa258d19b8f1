/** Common guides for the velocity in pool pipes, m/s: faster is loud, wears and, on the suction, may cavitate. */
export const SUCTION_VELOCITY_MS = 1.8;
export const RETURN_VELOCITY_MS = 2.4;

const SECONDS_PER_HOUR = 3600;

function area_m2(bore_mm: number): number {
  return (Math.PI / 4) * (bore_mm / 1000) ** 2;
}

/** Mean velocity in a pipe, m/s. */
export function velocity_ms(flow_m3h: number, bore_mm: number): number {
  return flow_m3h / SECONDS_PER_HOUR / area_m2(bore_mm);
}

/** Flow at which a pipe reaches a velocity, m³/h. */
export function flowAtVelocity_m3h(velocity: number, bore_mm: number): number {
  return velocity * area_m2(bore_mm) * SECONDS_PER_HOUR;
}
