import {
  applyCommand,
  refusalOf,
  viewJob,
  type JobCommandBody,
  type JobDocument,
  type JobView,
} from '@barythm/core/job';
import { contentHash, profileSchema, type Profile } from '@barythm/core/profile';
import { render } from '@testing-library/react-native';
import { useState, type ReactNode } from 'react';
import motor from '../../../profiles/motor-three-gears.json';
import numbered from '../../../profiles/numbered-timer.json';
import { JobProvider } from '../features/job/job-context';

const TODAY = '2026-11-24';
export const MOTOR = profileSchema.parse(motor);
export const NUMBERED = profileSchema.parse(numbered);

/** A job on a pump with this controller, nothing written yet. */
export function blankJob(profile: Profile): JobDocument {
  return {
    job: {
      id: 'job-1',
      state: 'planned',
      version: 0,
      startedAt: '2026-11-24T08:00:00.000Z',
      plannedFor: TODAY,
      actor: 'Technician 1',
    },
    site: { id: 'site-1', name: 'Seal Rescue Centre', place: 'North Quay', zone: 'Atlantic/Faroe' },
    pump: { id: 'pump-1', tag: 'SRC-DP-01', name: 'Hypochlorite', place: 'Pump house', signalFrom: 'flow' },
    unit: {
      id: 'unit-1',
      model: 'Metering pump',
      serial: 'MM-1',
      plate: { gear: null, greatest_spm: null, rated_bar: 10 },
    },
    profile,
    profileHash: contentHash(profile),
    dutyBefore: null,
    lastLeft: null,
    instruments: [],
    plans: [],
    entries: [],
    records: [],
    readings: [],
    decisions: [],
    handover: null,
  };
}

/** A part of a job screen on a job that takes and refuses writes by the job's own rules. */
export function standJob(profile: Profile, part: ReactNode, before: readonly JobCommandBody[] = []) {
  let view: JobView = viewJob(
    before.reduce((document, body) => take(document, body), blankJob(profile)),
    TODAY,
  );
  function Stand() {
    const [document, setDocument] = useState(view.document);
    view = viewJob(document, TODAY);
    const write = (body: JobCommandBody): string | null => {
      const refusal = refusalOf(document, body, TODAY);
      if (refusal) return refusal.words;
      setDocument(take(document, body));
      return null;
    };
    return <JobProvider value={{ view, jobId: 'job-1', write, go: () => undefined }}>{part}</JobProvider>;
  }
  render(<Stand />);
  return {
    /** the job as it stands now */
    view: () => view,
    codes: () => view.findings.job.map(({ code }) => code),
  };
}

function take(document: JobDocument, body: JobCommandBody): JobDocument {
  const command = {
    id: `c-${document.job.version}`,
    baseVersion: document.job.version,
    recordedAt: '2026-11-24T09:00:00.000Z',
    device: 'test',
    actor: 'Technician 1',
    body,
  };
  return applyCommand(document, command, TODAY);
}
