import type { OpensBy } from '@barythm/core/profile';
import { Words } from '../../ui/words/words';

/** What has to be done before its keys lead to a setting: a link between terminals, or a word to wait for as it is switched on. */
export function Opening({ opensBy }: { opensBy: OpensBy }) {
  if (opensBy.by === 'wiring')
    return (
      <Words bold colour="ochre" testID="opens-by">
        Isolated and locked off, by someone licensed for it: {opensBy.connect.replace(/\.$/, '')}. Switch on;
        undo it afterwards in the same way.
      </Words>
    );
  const within = opensBy.within_s === undefined ? '' : ` Within ${opensBy.within_s} s of power on.`;
  return (
    <Words bold testID="opens-by">
      Switch off, wait, and on again. Press while “{opensBy.shows}” stands on the display.{within}
    </Words>
  );
}
