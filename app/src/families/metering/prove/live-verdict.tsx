import {
  judgeLive,
  type LiveRead,
  type MeteringContext,
  type MeteringSettings,
} from '@barythm/core/families/metering';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';

/** What the readings of a running chain come to against each other: display against current, current against strokes. */
export function LiveVerdictWords({
  context,
  settings,
  read,
  by,
}: {
  context: MeteringContext;
  settings: MeteringSettings;
  read: LiveRead;
  /** “the settings found” */
  by: string;
}) {
  const reader = useReader();
  const verdict = judgeLive(context, settings, read);
  if (!verdict) return null;
  const { sent_mA, sentOk, by_mA, expected_spm, allowed_spm, rateOk } = verdict;
  const current = (value: number) => figureWithUnit(fig('current', value), reader);
  return (
    <>
      {sent_mA !== null && sentOk !== null && (
        <Words bold colour={sentOk ? 'moss' : 'rust'} testID="live-sent">
          {sentOk
            ? `The current fits the display, which asks for ${current(sent_mA)}.`
            : `The display asks for ${current(sent_mA)}: span, range or wiring of the transmitter is off.`}
        </Words>
      )}
      <Words bold colour={rateOk === null ? 'quiet' : rateOk ? 'moss' : 'rust'} testID="live-rate">
        By {by}, {current(by_mA)} asks for {figureWithUnit(fig('strokeRate', expected_spm), reader)}, ±{' '}
        {figureWithUnit(fig('strokeRate', allowed_spm), reader)}
        {rateOk === null ? '.' : rateOk ? ': as expected.' : ': not as expected.'}
      </Words>
    </>
  );
}
