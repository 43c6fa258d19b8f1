import { dateInWords, parseDate } from '@barythm/core/time';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { post } from '../../api/client';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { FilePick } from '../../ui/fields/file-pick';
import { Words } from '../../ui/words/words';

/** A job that left another register as a file: seen before it is taken in. */
export function JobFileCard() {
  const router = useRouter();
  const client = useQueryClient();
  const [file, setFile] = useState<object | null>(null);
  const [error, setError] = useState<string | null>(null);
  const look = (text: string) => {
    const read = readJobFile(text);
    setFile(typeof read === 'string' ? null : read);
    setError(typeof read === 'string' ? read : null);
  };
  const take = async () => {
    try {
      const { jobId } = await post<{ jobId: string }>('/jobs/import', file);
      await client.invalidateQueries();
      router.navigate(`/job/${jobId}/hand-over`);
    } catch (failure) {
      setError((failure as Error).message);
    }
  };
  return (
    <Card title="A job from a file" testID="job-file-card">
      <Words>A job with its pump, site and profile. Those that are here already stay as they are.</Words>
      <FilePick
        label="Choose a job file"
        accept=".json,application/json"
        testID="job-file"
        onText={(text) => look(text)}
      />
      {error !== null && (
        <Words bold colour="rust" role="alert" testID="job-file-wrong">
          {error}
        </Words>
      )}
      {file !== null && (
        <>
          <Words bold testID="job-file-what">
            {inWords(file)}
          </Words>
          <Button kind="main" label="Import this job" testID="job-file-take" onPress={() => void take()} />
        </>
      )}
    </Card>
  );
}

/** A job file as it stands; in words what it is instead. What it holds is read whole by the server. */
function readJobFile(text: string): object | string {
  let parsed: unknown;
  try {
    parsed = JSON.parse(text);
  } catch {
    return 'This is no JSON file, or only a part of one.';
  }
  const { format, document } = (parsed ?? {}) as { format?: unknown; document?: unknown };
  if (format === 'barythm-job' && typeof document === 'object' && document !== null) return parsed as object;
  return 'This file is no job. A profile is imported under Library: Describe a controller yourself.';
}

/** Which job it is, as far as the file says. */
function inWords(file: object): string {
  const { document } = file as { document: Readonly<Record<string, Readonly<Record<string, unknown>>>> };
  const said = (part: string, key: string) => {
    const text = document[part]?.[key];
    return typeof text === 'string' ? text : '';
  };
  const date = parseDate(said('job', 'plannedFor'));
  return [
    [said('pump', 'tag'), said('pump', 'name')].filter(Boolean).join(' '),
    said('site', 'name'),
    date ? dateInWords(date) : '',
  ]
    .filter(Boolean)
    .join(', ');
}
