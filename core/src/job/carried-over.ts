import { measuredHistory } from './calibration';
import { clockLeft } from './clock';
import type { EarlierRecord, JobDocument } from './document';

/** What a job hands on to the next one at the same unit: drawdowns and services, and how the clock was left. The oldest first. */
export function carriedOver(document: JobDocument): EarlierRecord[] {
  return [...measuredHistory(document), ...clockLeft(document)];
}
