import type { PageOf } from '@barythm/core/profile';
import { aboutCheck, offeredChecks } from '@barythm/core/job';
import { standsAs, type JudgedCheck } from '@barythm/core/visit';
import {
  askedFigures,
  type AskedFigure,
  type CheckWait,
  type Pattern,
  type ProofCheck,
} from '@barythm/core/proof';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { newId } from '../../api/device';
import { useDraftOf } from '../../draft/use-draft';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { About } from '../../ui/pad/about';
import { ENTRY_MARK } from '../../ui/pad/next-field';
import { useInSight } from '../../ui/touch/in-sight';
import { RADIUS, SPACE, TOUCH, textSize, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { optionalFigure } from '../value';
import { Notes, TakeBack, useJobScope } from '../job';
import { PageKeys } from '../keys';
import { minutesOf, OF_CHECK, timerKey, WaitTimer } from '../timer';
import { StrokeTimer } from './stroke-timer';

interface ChecksProps {
  readonly title?: string;
  readonly testID?: string;
  /** only the checks that look at this; all of them where left out */
  readonly only?: string;
}

/** What this pump needs tried apart from signals: each with method, expected, tolerance, verdict. */
export function ChecksCard({ title = 'Tried at the pump', testID = 'checks', only }: ChecksProps) {
  const { view } = useJobScope();
  // what a person opened; *later* leaves one shut, and what failed stays in sight until it was looked at
  const [chosen, setOpen] = useState<string | null>(null);
  const [later, setLater] = useState<readonly string[]>([]);
  const [tried, setTried] = useState<string | null>(null);
  const { checks, document } = view;
  const belongs = ({ about }: ProofCheck) => only === undefined || about?.kind === only;
  const offered = offeredChecks(view).filter(belongs);
  const unasked = checks.filter(
    ({ check, superseded }) => !superseded && belongs(check) && !offered.some(({ key }) => key === check.key),
  );
  if (offered.length === 0 && unasked.length === 0) return null;
  const lastOf = (key: string) => checks.filter((judged) => judged.check.key === key).at(-1);
  const next = offered.find(({ key }) => !later.includes(key) && (lastOf(key)?.voided ?? true));
  const failed = tried !== null && lastOf(tried)?.verdict.ok === false && standsAs(lastOf(tried)!);
  const open = chosen ?? (failed ? null : (next?.key ?? null));
  const shut = () => setOpen(null);
  return (
    <Card title={title} testID={testID}>
      {offered.map((check) => {
        return open === check.key && !document.handover ? (
          <CheckEntry
            key={check.key}
            check={check}
            last={lastOf(check.key)}
            onDone={() => {
              shut();
              setTried(check.key);
            }}
            onLater={() => {
              shut();
              setLater([...later, check.key]);
            }}
          />
        ) : (
          <CheckRow
            key={check.key}
            check={check}
            last={lastOf(check.key)}
            onOpen={() => setOpen(check.key)}
            onNext={failed && tried === check.key && next ? () => setTried(null) : null}
          />
        );
      })}
      {unasked.map((judged) => (
        <View key={judged.record.id} style={styles.entryRow} testID={`unasked-${judged.check.key}`}>
          <Words bold>{judged.check.title}</Words>
          <Words size="small" colour="quiet">
            Seen: {judged.verdict.seen}. Kept, and void: {judged.voidedWhy}.
          </Words>
        </View>
      ))}
    </Card>
  );
}

function CheckRow({
  check,
  last,
  onOpen,
  onNext,
}: {
  check: ProofCheck;
  last: JudgedCheck | undefined;
  onOpen: () => void;
  /** on to the next one, from one that failed just now */
  onNext: (() => void) | null;
}) {
  const palette = usePalette();
  // what failed just now comes into sight
  const view = useInSight(onNext !== null);
  const state = !last ? 'open' : last.voided ? 'void' : last.verdict.ok ? 'ok' : 'bad';
  const words = {
    open: 'not tried yet',
    void: `void: ${last?.voidedWhy ?? ''}`,
    ok: 'as expected',
    bad: 'not as expected',
  }[state];
  const colour = ({ open: 'quiet', void: 'ochre', ok: 'moss', bad: 'rust' } as const)[state];
  return (
    <View ref={view} style={{ borderTopWidth: 1, borderColor: palette.line }}>
      <Pressable role="button" testID={`check-${check.key}`} onPress={onOpen} style={styles.row}>
        <View style={styles.grow}>
          <Words bold>{check.title}</Words>
          <Words size="small" colour="quiet">
            Expected: {check.expected}
            {last ? `. Seen: ${last.verdict.seen}` : ''}
          </Words>
        </View>
        <Words size="small" bold colour={colour} style={styles.state}>
          {words}
        </Words>
      </Pressable>
      {last?.verdict.pattern && standsAs(last) && <Slip pattern={last.verdict.pattern} />}
      {last && (
        <ButtonRow>
          <TakeBack id={last.record.id} of={check.title} testID={`take-back-${check.key}`} />
          {onNext && <Button label="Next check" testID="next-check" onPress={onNext} />}
        </ButtonRow>
      )}
    </View>
  );
}

/** What a check that failed points to, where it failed. */
function Slip({ pattern }: { pattern: Pattern }) {
  return (
    <View style={styles.slip} testID={`pattern-${pattern.kind}`} role="alert">
      <Words bold colour="rust">
        {pattern.title}
      </Words>
      <Words>{pattern.words}</Words>
    </View>
  );
}

type Texts = Readonly<Record<string, string>>;
const EMPTY: Texts = {};

/** Checks that are done by keys that a profile may say. */
const PAGE_OF: Readonly<Record<string, PageOf | undefined>> = { prime: 'prime', direction: 'direction' };

function CheckEntry({
  check,
  last,
  onDone,
  onLater,
}: {
  check: ProofCheck;
  last: JudgedCheck | undefined;
  onDone: () => void;
  onLater: () => void;
}) {
  const { jobId, write } = useJobScope();
  const palette = usePalette();
  const [texts, setTexts] = useDraftOf<Texts>(`check:${jobId}:${check.key}`, EMPTY);
  const [error, setError] = useState<string | null>(null);
  const save = (seen: string | null, figures: Record<string, number>) => {
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'check', check: check.key, seen, figures, note: '' },
    });
    setError(refused);
    if (refused === null) {
      setTexts(null);
      onDone();
    }
  };
  const { ask } = check;
  const page = PAGE_OF[check.key];
  return (
    <About value={`${check.title}: expected ${check.expected}`}>
      <View
        {...ENTRY_MARK}
        style={[styles.entry, { borderColor: palette.petrol, backgroundColor: palette.paper }]}
        testID={`trying-${check.key}`}
      >
        <View testID={`check-${check.key}`}>
          <Words bold size="large">
            {check.title}
          </Words>
          {last && (
            <Words size="small" bold colour="ochre">
              Tried before: {last.verdict.seen}.{last.voidedWhy ? ` It is void: ${last.voidedWhy}.` : ''}
            </Words>
          )}
        </View>
        <Words>{check.method}</Words>
        {check.caution && (
          <Words bold colour="ochre">
            {check.caution}
          </Words>
        )}
        {page && <PageKeys of={page} />}
        {check.wait && (
          <CheckTimer
            check={check}
            wait={check.wait}
            onTake={(taken) => setTexts((now) => ({ ...now, ...taken }))}
          />
        )}
        <Words>
          Expected: <Words bold>{check.expected}</Words>. Tolerance: {check.tolerance}.
        </Words>
        {ask.kind === 'state' ? (
          <Choice
            label="What it does"
            testID={`seen-${check.key}`}
            options={ask.states}
            value={null}
            onChange={(value) => save(value, {})}
          />
        ) : (
          <Figures
            fields={askedFigures(ask)}
            timed={ask.kind === 'figures' && ask.timed === true}
            texts={texts}
            onChange={(next) => {
              setTexts(next);
              setError(null);
            }}
            onSave={(figures) => save(null, figures)}
            onFail={setError}
          />
        )}
        {error && (
          <Words bold colour="rust" role="alert">
            {error}
          </Words>
        )}
        <Button kind="quiet" label="Later" testID="check-later" onPress={onLater} />
        <Notes about={aboutCheck(check.key)} of={check.title} />
      </View>
    </About>
  );
}

/** What is timed while a check is tried: it goes on whatever is looked at meanwhile. */
function CheckTimer({
  check,
  wait,
  onTake,
}: {
  check: ProofCheck;
  wait: CheckWait;
  onTake: (texts: Texts) => void;
}) {
  const { jobId } = useJobScope();
  const { takes } = wait;
  return (
    <WaitTimer
      wait={wait}
      keptAt={timerKey(jobId, `${OF_CHECK}${check.key}`)}
      testID={`wait-${check.key}`}
      onTake={
        takes &&
        ((seconds) =>
          onTake({
            [takes.figure]: takes.in === 'minutes' ? String(minutesOf(seconds)) : seconds.toFixed(1),
          }))
      }
    />
  );
}

function Figures({
  fields,
  timed,
  texts,
  onChange,
  onSave,
  onFail,
}: {
  fields: readonly AskedFigure[];
  timed: boolean;
  texts: Texts;
  onChange: (texts: Texts) => void;
  onSave: (figures: Record<string, number>) => void;
  onFail: (words: string) => void;
}) {
  const read = fields.map((field) => optionalFigure(texts[field.key] ?? '', field.quantity));
  const save = () => {
    if (read.some((figure) => figure.error)) return;
    const missing = fields.find((field, i) => read[i].value === null && !field.optional);
    if (missing) {
      onFail(`Enter “${missing.label}”.`);
      return;
    }
    onSave(
      Object.fromEntries(
        fields.flatMap(({ key }, i) => (read[i].value === null ? [] : [[key, read[i].value]])),
      ),
    );
  };
  return (
    <>
      <View style={styles.fields}>
        {fields.map((field, i) => (
          <View key={field.key} style={styles.cell}>
            <Field
              label={field.label}
              quantity={field.quantity}
              onEnter={i === fields.length - 1 ? save : undefined}
              testID={`figure-${field.key}`}
              value={texts[field.key] ?? ''}
              error={read[i].error}
              onChange={(text) => onChange({ ...texts, [field.key]: text })}
            />
          </View>
        ))}
      </View>
      {timed && (
        <StrokeTimer
          onTake={(counted, time) =>
            onChange({ ...texts, strokes: String(counted), seconds: time.toFixed(1) })
          }
        />
      )}
      <Button kind="main" label="Record" testID="check-save" onPress={save} />
    </>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    minHeight: TOUCH,
    paddingVertical: SPACE.s,
  },
  entryRow: { paddingVertical: SPACE.s },
  slip: { paddingBottom: SPACE.m, gap: SPACE.xs },
  grow: { flex: 1 },
  state: { maxWidth: 110, textAlign: 'right' },
  entry: { borderWidth: 2, borderRadius: RADIUS.card, padding: SPACE.m, gap: SPACE.m },
  fields: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  cell: { flexBasis: '28%', flexGrow: 1, minWidth: textSize(96) },
});
