import { flowOnPipes_m3h, type FullCurve } from './head-line';

/** The curve of alike pumps side by side: each gives its share of the flow at the head of all, H(q) = H₁(q/n). */
export function inParallel({ closed_m, rise, fall }: FullCurve, pumps: number): FullCurve {
  return { closed_m, rise: rise / pumps, fall: fall / (pumps * pumps) };
}

/** Flow of alike pumps side by side at full speed, through pipes that lose loss·q² (m³/h): where H₁(q/n) = loss·q². */
export function flowOfPumps_m3h(curve: FullCurve, loss: number, pumps: number): number {
  return flowOnPipes_m3h({ kind: 'fixed', share: 1 }, inParallel(curve, pumps), loss);
}
