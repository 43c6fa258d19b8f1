import { powerBack } from '@barythm/core/job';
import { keypadOf, type Doing, type Keypad } from '@barythm/core/keypad';
import type { Parameter } from '@barythm/core/profile';
import { useState } from 'react';
import { useDraft } from '../../draft/use-draft';
import { useJobScope } from '../job';

export interface Display {
  /** null where the profile does not say how one gets about in its menu */
  readonly keypad: Keypad | null;
  /** where it stands in the menu; null where nobody knows */
  readonly at: string | null;
  /** somebody says what it shows; null: something else */
  readonly say: (at: string | null) => void;
  /** a setting was read, or set and stored: it stands there now */
  readonly wasAt: (parameter: Parameter, doing: Doing) => void;
  /** a setting was looked for and not read: nobody knows where that ended */
  readonly wasLost: (parameter: Parameter) => void;
}

/** A display that nobody touched for so long may have gone home by itself: nobody knows what it shows then. */
const LEFT_ALONE_ms = 3 * 60_000;

/** A setting with which the supply is switched: the display begins anew after it. */
const isSwitchedOff = ({ needsRestart, enterWhen }: Parameter) =>
  needsRestart || enterWhen === 'isolated' || enterWhen === 'power-up';

/** What the display of the controller shows just now, as far as the last setting or somebody's word left it. */
export function useDisplay(): Display {
  const { jobId, view } = useJobScope();
  const [kept, setKept] = useDraft(`display:${jobId}`);
  const [now] = useState(() => Date.now());
  const keypad = keypadOf(view.profile);
  const [, since = '', id = null] = /^(\d+) (.*)$/.exec(kept ?? '') ?? [];
  const begun = powerBack(view.document)?.recordedAt;
  // what was switched on again since begins where it begins
  const sinceOn = begun === undefined || Date.parse(begun) <= Number(since);
  const at = id !== null && sinceOn && now - Number(since) < LEFT_ALONE_ms ? id : null;
  const say = (next: string | null) => setKept(next === null ? null : `${Date.now()} ${next}`);
  return {
    keypad,
    at,
    say,
    wasAt: (parameter, doing) => {
      const next = keypad?.after(parameter.key, doing) ?? null;
      if (doing === 'set' && isSwitchedOff(parameter)) say(null);
      // a knob moves no display
      else if (next !== null) say(next);
    },
    wasLost: (parameter) => {
      if (keypad?.has(parameter)) say(null);
    },
  };
}
