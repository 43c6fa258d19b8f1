import { capital } from '@barythm/core/words';
import { clockDrift, driftInWords, readsItsDay } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { clockShows } from '@barythm/core/profile';
import {
  clockError_min,
  clockErrorInWords,
  DAY_NAMES,
  halfADayOff,
  parseDate,
  siteDate,
  siteTime,
  type ShownClock,
} from '@barythm/core/time';
import { useState } from 'react';
import { newId } from '../../../api/device';
import { useDraftOf } from '../../../draft/use-draft';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { PageKeys, useDisplay } from '../../../kit/keys';

interface Draft {
  readonly shows: string;
  /** 1 to 7; null: not read */
  readonly day: string | null;
  readonly date: string;
  readonly why: string | null;
}
const EMPTY: Draft = { shows: '', day: null, date: '', why: null };
const DAYS = DAY_NAMES.map((label, i) => ({ value: String(i + 1), label }));

/** The controller's clock against true time, with one tap on *now* (ANY-04). */
export function ClockCard() {
  const { view, jobId, write } = useJobScope();
  const { site, profile, handover } = view.document;
  const last = lastRecord(view.document, 'clock');
  const [again, setAgain] = useState(false);
  const recorded = again ? null : last;
  const [kept, setDraft] = useDraftOf<Partial<Draft>>(`clock:${jobId}`, EMPTY);
  // an older version kept fewer fields
  const draft: Draft = { ...EMPTY, ...kept };
  const [errors, setErrors] = useState<{ shows?: string; date?: string; why?: string }>({});
  const shows = clockShows(profile);
  const display = useDisplay();

  const record = (
    place: 'shows' | 'why',
    error_min: number | null,
    setRight: boolean,
    reason: string | null,
    shown?: ShownClock,
  ) => {
    const refused = write({
      kind: 'job.record',
      jobId,
      recordId: newId(),
      record: { kind: 'clock', error_min, setRight, reason, ...(shown ? { shown } : {}) },
    });
    setErrors(refused === null ? {} : { [place]: refused });
    if (refused === null) {
      if (error_min !== null) display.wasAtPage('clock');
      setDraft(null);
      setAgain(false);
    }
  };
  const now = () => {
    const instant = new Date().toISOString();
    const date = draft.date.trim() === '' ? undefined : parseDate(draft.date);
    if (date === null) return setErrors({ date: 'Write the date, e.g. 31.5.2027, or leave it empty.' });
    const shown: ShownClock = {
      time: draft.shows.trim(),
      ...(draft.day === null ? {} : { weekday: Number(draft.day) }),
      ...(date === undefined ? {} : { date }),
    };
    const off = clockError_min(shown, {
      date: siteDate(instant, site.zone),
      time: siteTime(instant, site.zone),
    });
    if (off === null) setErrors({ shows: 'Type the time as the controller shows it, e.g. 14:05.' });
    else record('shows', off, false, null, shown);
  };

  const off = recorded?.body.error_min ?? null;
  const drift = driftInWords(clockDrift(view.document));
  return (
    <Card title="Clock" testID="clock" edge={recorded ? 'moss' : undefined}>
      {!recorded && !handover && <PageKeys of="clock" />}
      {recorded && (
        <Words bold testID="clock-off">
          {off === null
            ? `Not read: ${recorded.body.reason ?? ''}`
            : `${capital(clockErrorInWords(off))}${recorded.body.setRight ? ', set right' : ''}.`}
        </Words>
      )}
      {recorded && off !== null && !recorded.body.setRight && halfADayOff(off) && (
        <Words bold colour="rust">
          Half a day off: morning and evening look swapped.
        </Words>
      )}
      {recorded && off !== null && shows !== 'time' && !readsItsDay(recorded.body) && (
        <Words colour="quiet">Which day it takes today for was not read.</Words>
      )}
      {recorded && off !== null && drift !== '' && <Words colour="quiet">{drift}</Words>}
      {recorded && off !== null && off !== 0 && !recorded.body.setRight && !handover && (
        <Button
          label={shows === 'time' ? 'I have set it right' : 'I have set it right, the day too'}
          testID="clock-set"
          onPress={() => record('shows', off, true, null, recorded.body.shown)}
        />
      )}
      {recorded && !handover && (
        <Button kind="quiet" label="Read again" testID="clock-again" onPress={() => setAgain(true)} />
      )}
      {!recorded && draft.why === null && (
        <>
          {shows !== 'time' && (
            <Choice
              label="Weekday it shows"
              testID="clock-day"
              options={DAYS}
              value={draft.day}
              onChange={(day) => setDraft({ ...draft, day: draft.day === day ? null : day })}
            />
          )}
          {shows === 'date' && (
            <Field
              words
              label="Date it shows"
              hint="e.g. 31.5.2027. Leave it empty if the display does not show it now."
              testID="clock-date"
              value={draft.date}
              error={errors.date}
              onChange={(date) => setDraft({ ...draft, date })}
            />
          )}
          <Field
            label="Time it shows"
            unit="h:min"
            time
            onEnter={now}
            testID="clock-shows"
            value={draft.shows}
            error={errors.shows}
            onChange={(time) => setDraft({ ...draft, shows: time })}
          />
          <ButtonRow>
            <Button kind="main" grow label="Now" testID="clock-now" onPress={now} />
            <Button
              label="Could not be read"
              testID="clock-unread"
              onPress={() => setDraft({ ...draft, why: '' })}
            />
          </ButtonRow>
        </>
      )}
      {!recorded && draft.why !== null && (
        <>
          <Field
            words
            label="Why it could not be read"
            testID="clock-why"
            value={draft.why}
            error={errors.why}
            onChange={(why) => setDraft({ ...draft, why })}
          />
          <ButtonRow>
            <Button
              kind="main"
              grow
              label="Record as not read"
              testID="clock-unread-save"
              onPress={() =>
                draft.why?.trim()
                  ? record('why', null, false, draft.why)
                  : setErrors({ why: 'Say why it could not be read.' })
              }
            />
            <Button label="Back" onPress={() => setDraft({ ...draft, why: null })} />
          </ButtonRow>
        </>
      )}
    </Card>
  );
}
