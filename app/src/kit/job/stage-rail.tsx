import { gateOfHandover, gateOfSet, leftAsFound, openAt, type JobView } from '@barythm/core/job';
import { stateOf } from '@barythm/core/sheet';
import { memo } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { groupKeys } from '../../ui/touch/group-keys';
import { useNarrow } from '../../ui/screen/layout';
import { usePalette } from '../../ui/theme';
import { Unseen } from '../../ui/words/unseen';
import { Words } from '../../ui/words/words';
import { STAGES, type StageKey } from '../stages';
import { standsAs } from '@barythm/core/visit';

interface StageRailProps {
  readonly view: JobView;
  readonly current: StageKey;
  readonly onGo: (stage: StageKey) => void;
}

/** The five stages, always in sight: where one is, what is done, what is still closed. */
export const StageRail = memo(function StageRail({ view, current, onGo }: StageRailProps) {
  const palette = usePalette();
  const narrow = useNarrow();
  return (
    <View style={styles.rail} role="tablist" aria-label="Stages of the job">
      {STAGES.map(({ key, label }, i) => {
        const here = key === current;
        const state = stateOfStage(view, key);
        const mark = state === 'done' ? '✓' : state === 'closed' ? '·' : String(i + 1);
        return (
          <Pressable
            key={key}
            role="tab"
            {...groupKeys(() => onGo(key))}
            aria-selected={here}
            testID={`stage-${key}`}
            onPress={() => onGo(key)}
            style={[
              styles.stage,
              here && narrow && styles.wide,
              { borderColor: here ? palette.petrol : palette.line },
            ]}
          >
            <Words size="small" bold figures colour={here ? 'petrol' : state === 'done' ? 'moss' : 'quiet'}>
              {mark}
            </Words>
            {here || !narrow ? (
              <Words
                size="small"
                bold={here}
                colour={here ? 'petrol' : 'quiet'}
                numberOfLines={2}
                style={styles.label}
              >
                {label}
              </Words>
            ) : (
              <Unseen>{label}</Unseen>
            )}
            {state !== 'open' && <Unseen>{state === 'closed' ? ', still closed' : ', done'}</Unseen>}
          </Pressable>
        );
      })}
    </View>
  );
});

function stateOfStage(view: JobView, stage: StageKey): 'done' | 'open' | 'closed' {
  const { document, rows } = view;
  switch (stage) {
    case 'as-found':
      // the same that the button below says is still to record
      return leftAsFound(view) === 0 ? 'done' : 'open';
    case 'plan':
      return document.plans.length > 0 && !openAt(view, 'plan') ? 'done' : 'open';
    case 'set': {
      if (gateOfSet(view).length > 0) return 'closed';
      return rows.every((row) => ['keep', 'done'].includes(stateOf(row))) ? 'done' : 'open';
    }
    case 'prove':
      return isProved(view) ? 'done' : 'open';
    case 'hand-over':
      if (document.handover) return 'done';
      return gateOfHandover(view).length > 0 ? 'closed' : 'open';
  }
}

/** Something stands as expected, nothing stands as failed, and it was seen back in automatic. */
function isProved({ readings, checks, findings }: JobView): boolean {
  const passed =
    readings.some((one) => standsAs(one) && one.verdict?.ok) ||
    checks.some((one) => standsAs(one) && one.verdict.ok);
  const failed =
    readings.some((one) => standsAs(one) && one.verdict?.ok === false) ||
    checks.some((one) => standsAs(one) && !one.verdict.ok);
  return passed && !failed && !findings.job.some(({ code }) => code === 'ANY-03' || code === 'ANY-20');
}

const styles = StyleSheet.create({
  rail: { flexDirection: 'row', marginTop: 2, gap: 2 },
  stage: {
    flex: 1,
    minHeight: 48,
    alignItems: 'center',
    justifyContent: 'center',
    borderBottomWidth: 3,
    minWidth: 0,
  },
  label: { textAlign: 'center' },
  wide: { flexGrow: 4 },
});
