import type { Scenario } from '@barythm/core/bench';
import type { FamilyContext } from '@barythm/core/families';
import { useCallback, useEffect, useRef, useState } from 'react';
import { BenchCancelled, BenchClient } from '../../workers/bench-client';
import type { BenchSheet, ShownRun } from '../../workers/bench-messages';
import { sameUntil } from '../../kit/bench';

export interface Bench {
  readonly runs: readonly ShownRun[];
  /** share that is done while it runs, else null */
  readonly progress: number | null;
  readonly error: string | null;
  readonly cancel: () => void;
  readonly runAgain: () => void;
  readonly client: BenchClient;
}

/**
 * Runs the sheets whenever they or the scenario change. Where only an event was added or taken away the worker takes
 * the runs up at their last snapshot before it.
 */
export function useBench(context: FamilyContext, sheets: readonly BenchSheet[], scenario: Scenario): Bench {
  const [client] = useState(() => new BenchClient());
  const [runs, setRuns] = useState<readonly ShownRun[]>([]);
  const [progress, setProgress] = useState<number | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [turn, setTurn] = useState(0);
  const last = useRef<{ sheets: string; scenario: Scenario } | null>(null);
  // compared as text: what is asked is plain data, made anew at every drawing of the screen
  const asked = JSON.stringify([sheets, scenario]);
  useEffect(() => {
    let current = true;
    const ask = { context, sheets, scenario };
    const sheetsText = JSON.stringify(sheets);
    const same = last.current?.sheets === sheetsText ? sameUntil(last.current.scenario, scenario) : null;
    last.current = null;
    setProgress(0);
    setError(null);
    client
      .run(ask, (share) => current && setProgress(share), same === Infinity ? null : same)
      .then((done) => {
        if (!current) return;
        last.current = { sheets: sheetsText, scenario };
        setRuns(done);
        setProgress(null);
      })
      .catch((failure: Error) => {
        if (!current) return;
        setProgress(null);
        setError(failure instanceof BenchCancelled ? 'Cancelled.' : failure.message);
      });
    return () => {
      current = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the text stands for sheets and scenario
  }, [asked, context, client, turn]);
  useEffect(() => () => client.cancel(), [client]);
  return {
    runs,
    progress,
    error,
    client,
    cancel: useCallback(() => client.cancel(), [client]),
    runAgain: useCallback(() => setTurn((count) => count + 1), []),
  };
}
