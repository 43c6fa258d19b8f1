import Svg, { Rect } from 'react-native-svg';
import { usePalette } from '../theme';

/** The product's mark: three beats of a pump. */
export function Mark({ size = 32 }: { size?: number }) {
  const palette = usePalette();
  return (
    <Svg width={size} height={size} viewBox="0 0 26 26" role="img" aria-label="Barythm">
      <Rect width={26} height={26} rx={6} fill={palette.petrol} />
      <Rect x={6} y={13} width={3} height={7} fill={palette.onPetrol} />
      <Rect x={11.5} y={6} width={3} height={14} fill={palette.onPetrol} />
      <Rect x={17} y={10} width={3} height={10} fill={palette.onPetrol} />
    </Svg>
  );
}
