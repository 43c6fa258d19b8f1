import { Button } from '../../../ui/button';

/** The way on to the next stage: the main thing to do only when nothing is left in this one; before, it says how much is. */
export function ForwardButton({
  to,
  left,
  still,
  testID,
  onPress,
}: {
  /** “the proof” */
  to: string;
  /** how many are still open here */
  left: number;
  /** “still to enter” */
  still: string;
  testID: string;
  onPress: () => void;
}) {
  return (
    <Button
      grow
      kind={left === 0 ? 'main' : 'plain'}
      testID={testID}
      label={left === 0 ? `On to ${to}` : `On to ${to}: ${left} ${still}`}
      onPress={onPress}
    />
  );
}
