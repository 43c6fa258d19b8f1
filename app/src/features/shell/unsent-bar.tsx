import type { JobResource } from '@barythm/contract/resources';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { keys } from '../../api/keys';
import { outbox } from '../../api/device';
import { useOutbox } from '../../api/use-outbox';
import { useDraftsUnkept } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { entryWords } from './entry-words';
import { SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** Says what is not sent yet, and asks what to do with a write the server refused. Nothing to say, nothing shown. */
export function UnsentBar() {
  const { pending, offline, refused, unkept } = useOutbox();
  const typedUnkept = useDraftsUnkept();
  if (refused) return <RefusedBar />;
  if (unkept.length > 0) return <UnkeptBar count={unkept.length} />;
  if (typedUnkept) return <TypedUnkept />;
  if (!offline || pending.length === 0) return null;
  const count = pending.length === 1 ? 'One entry is' : `${pending.length} entries are`;
  return (
    <Bar
      urgent={false}
      testID="unsent"
      words={`${count} kept on this device; the server cannot be reached.`}
      act="Try now"
    />
  );
}

/** What is typed and not recorded yet cannot be kept either. */
function TypedUnkept() {
  const palette = usePalette();
  return (
    <View
      role="alert"
      testID="typed-unkept"
      style={[styles.bar, { backgroundColor: palette.surface, borderColor: palette.rust }]}
    >
      <Words size="small" bold colour="rust" style={styles.words}>
        This device’s storage is full: what you type stays only while this page is open. Record it before you
        leave, or free some space.
      </Words>
    </View>
  );
}

/** The device could not keep an entry: it lives in this page alone, and whoever typed it must know. */
function UnkeptBar({ count }: { count: number }) {
  useEffect(() => {
    // whoever closes the page now loses it: the browser asks first
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    if (typeof window === 'undefined' || !window.addEventListener) return;
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, []);
  const what = count === 1 ? 'an entry' : `${count} entries`;
  return (
    <Bar
      urgent
      testID="unkept"
      words={`This device cannot keep ${what} (its storage is full or switched off). Leave this page open until it is sent.`}
      act="Send now"
    />
  );
}

/** What is so with the unsent entries in a line, and a try to send them. */
function Bar({
  urgent,
  testID,
  words,
  act,
}: {
  urgent: boolean;
  testID: string;
  words: string;
  act: string;
}) {
  const palette = usePalette();
  const colour = urgent ? 'rust' : 'ochre';
  return (
    <View
      role={urgent ? 'alert' : 'status'}
      testID={testID}
      style={[styles.bar, { backgroundColor: palette.surface, borderColor: palette[colour] }]}
    >
      <Words size="small" bold colour={colour} style={styles.words}>
        {words}
      </Words>
      <Button kind="quiet" label={act} testID={`send-${testID}`} onPress={() => void outbox.flush()} />
    </View>
  );
}

function RefusedBar() {
  const palette = usePalette();
  const client = useQueryClient();
  const { refused, pending } = useOutbox();
  if (!refused) return null;
  const { problem } = refused;
  const stale = problem.code === 'stale';
  const current = problem.current as { job?: { version?: number } } | undefined;
  const version = current?.job?.version ?? refused.command.baseVersion;
  const { jobId } = refused.command.body;
  const known = client.getQueryData<JobResource>(keys.job(jobId))?.document ?? null;
  const behind = pending.filter(({ body }) => body.jobId === jobId).length - 1;
  return (
    <View
      role="alert"
      testID="refused"
      style={[styles.refused, { backgroundColor: palette.surface, borderColor: palette.rust }]}
    >
      <Words bold colour="rust">
        {stale ? 'This job was changed elsewhere meanwhile' : 'The server did not take an entry'}
      </Words>
      <Words size="small">{entryWords(refused.command, known)}</Words>
      <Words size="small">
        {stale ? problem.detail : problem.errors?.map((error) => error.words).join(' ') || problem.detail}
        {behind > 0 ? ` ${behind} more of this job wait behind it; all other jobs are sent.` : ''}
      </Words>
      <ButtonRow>
        {stale && (
          <Button
            kind="main"
            label="Send mine on top"
            testID="keep-mine"
            onPress={() => void outbox.keepRefused(version)}
          />
        )}
        {!stale && (
          <Button kind="main" label="Try again" testID="try-mine" onPress={() => void outbox.tryRefused()} />
        )}
        <Button label="Drop this entry" testID="drop-mine" onPress={() => void outbox.dropRefused(version)} />
      </ButtonRow>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: {
    flexDirection: 'row',
    alignItems: 'center',
    borderTopWidth: 2,
    paddingHorizontal: SPACE.l,
    gap: SPACE.s,
  },
  words: { flex: 1 },
  refused: { borderTopWidth: 2, padding: SPACE.l, gap: SPACE.s },
});
