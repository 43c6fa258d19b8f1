import { familyOf, type RecordKind } from '@barythm/core/families';
import { recordsOf } from '@barythm/core/visit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { isDrafted } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE } from '../../../ui/theme';
import { useInSight } from '../../../ui/touch/in-sight';
import { useJobScope } from '../../../kit/job';
import { timerKey } from '../../../kit/timer';
import { RecordCard, recordDraft } from './record-card';
import { ResetsCard, resetDraft, RESETS_TITLE } from './resets-card';

interface Later {
  readonly key: RecordKind;
  readonly title: string;
  readonly drafts: readonly string[];
  readonly card: () => React.JSX.Element;
}

/** Work that is not done on every visit, and resets: named in one card, each with a card of its own once it is done, begun or asked for. */
export function LaterCards() {
  const { view, jobId } = useJobScope();
  const { document } = view;
  const works = familyOf(view.family).arrival.work.filter(({ there }) => !there || there(view));
  const all: readonly Later[] = [
    ...works.map((work): Later => ({
      key: work.kind,
      title: work.title,
      drafts: [recordDraft(work.kind, jobId), timerKey(jobId, work.kind)],
      card: () => <RecordCard work={work} />,
    })),
    { key: 'reset', title: RESETS_TITLE, drafts: [resetDraft(jobId)], card: () => <ResetsCard /> },
  ];
  // what was begun before a reload stands open
  const [opened, setOpened] = useState<readonly RecordKind[]>(() =>
    all.filter(({ drafts }) => drafts.some(isDrafted)).map(({ key }) => key),
  );
  const [asked, setAsked] = useState<RecordKind | null>(null);
  const ask = (key: RecordKind) => {
    setOpened((now) => [...now, key]);
    setAsked(key);
  };
  const isOpen = ({ key }: Later) =>
    opened.includes(key) || recordsOf(document, key).length > 0 || document.handover !== null;
  const closed = all.filter((one) => !isOpen(one));
  return (
    <>
      {all.filter(isOpen).map((one) => (
        <Opened key={one.key} now={asked === one.key} card={one.card} />
      ))}
      {closed.length > 0 && (
        <Card title="Other work at the pump" testID="later">
          <ButtonRow>
            {closed.map(({ key, title }) => (
              <Button key={key} label={title} testID={`later-${key}`} onPress={() => ask(key)} />
            ))}
          </ButtonRow>
        </Card>
      )}
    </>
  );
}

/** A card that was asked for comes into sight. */
function Opened({ now, card }: { now: boolean; card: () => React.JSX.Element }) {
  const view = useInSight(now);
  return (
    <View ref={view} style={styles.opened}>
      {card()}
    </View>
  );
}

const styles = StyleSheet.create({ opened: { gap: SPACE.l } });
