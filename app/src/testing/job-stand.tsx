import { applyCommand, refusalOf, viewJob, type JobView } from '@barythm/core/job';
import { contentHash } from '@barythm/core/profile';
import {
  type AnyProfile,
  profileSchema,
  type JobCommandBody,
  type JobDocument,
} from '@barythm/core/families';
import { render } from '@testing-library/react-native';
import { useRef, useState, type ReactNode } from 'react';
import motor from '../../../profiles/motor-three-gears.json';
import numbered from '../../../profiles/numbered-timer.json';
import { BLANK } from '@barythm/core/job/testing/fixtures';
import { TODAY } from '@barythm/core/families/metering/fixtures';
import type { WriteToJob } from '../api/use-job';
import { JobProvider } from '../kit/job';

export const MOTOR = profileSchema.parse(motor);
export const NUMBERED = profileSchema.parse(numbered);

/** A job on a pump with this controller, nothing written yet. */
export function blankJob(profile: AnyProfile): JobDocument {
  const plate: JobDocument['unit']['plate'] =
    profile.family === 'pool'
      ? { family: 'pool', greatest_rpm: 3260, rated_W: 1500, kind: null }
      : { gear: null, greatest_spm: null, rated_bar: 10 };
  return {
    ...BLANK,
    unit: { ...BLANK.unit, plate },
    profile,
    profileHash: contentHash(profile),
    dutyBefore: null,
    instruments: [],
  };
}

/** A part of a job screen on a job that takes and refuses writes by the job's own rules. */
export function standJob(
  profile: AnyProfile,
  part: ReactNode,
  before: readonly JobCommandBody[] = [],
  change: Partial<JobDocument> = {},
) {
  const start = { ...blankJob(profile), ...change };
  let view: JobView = viewJob(
    before.reduce((document, body) => take(document, body), start),
    TODAY,
  );
  function Stand() {
    const [document, setDocument] = useState(view.document);
    const held = useRef(document);
    view = viewJob(document, TODAY);
    const write: WriteToJob = (wanted) => {
      // worked out anew, so that two writes in one moment follow each other
      const body = typeof wanted === 'function' ? wanted(held.current) : wanted;
      const refusal = refusalOf(held.current, body, TODAY);
      if (refusal) return refusal.words;
      held.current = take(held.current, body);
      setDocument(held.current);
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
