import { understand } from '@barythm/core/families/metering';
import { lastRecord } from '@barythm/core/visit';
import { LiveVerdictWords } from '../prove/live-verdict';
import { useMetering } from '../use-metering';

/** What the readings on arrival come to against each other, with the settings that were found. */
export function LiveNow() {
  const { view } = useMetering();
  const read = lastRecord(view.document, 'readings-now')?.body;
  if (!read || !view.context) return null;
  return (
    <LiveVerdictWords
      context={view.context}
      settings={understand(view.profile, view.plate, view.values.found)}
      read={read}
      by="the settings found"
    />
  );
}
