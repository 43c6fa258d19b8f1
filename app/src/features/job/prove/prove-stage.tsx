import { leftToProve } from '@barythm/core/job';
import { screensOf } from '../../../families/registry';
import { ForwardButton } from '../stage/forward-button';
import { PowerBackCard, useJobScope, StageFrame } from '../../../kit/job';

/** Prove: known signals in, strokes or flow out, against what the settings must give. */
export function ProveStage() {
  const { view, go } = useJobScope();
  const { Proof } = screensOf(view.family);
  return (
    <StageFrame
      stage="prove"
      action={
        <ForwardButton
          to="the hand-over"
          left={view.document.handover ? 0 : leftToProve(view)}
          still="still to try"
          testID="to-hand-over"
          onPress={() => go('hand-over')}
        />
      }
    >
      <PowerBackCard />
      <Proof />
    </StageFrame>
  );
}
