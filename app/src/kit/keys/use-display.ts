import type { JobDocument } from '@barythm/core/families';
import { keypadOf, pageKey, type Doing, type Keypad } from '@barythm/core/keypad';
import type { CommonBehaviours, PageOf, Parameter } from '@barythm/core/profile';
import { useState } from 'react';
import { useDraft } from '../../draft/use-draft';
import { useJobScope } from '../job';

export interface Display {
  /** null where the profile does not say how one gets about in its menu */
  readonly keypad: Keypad | null;
  /** where it stands in the menu; null where nobody knows */
  readonly at: string | null;
  /** the link between terminals that the menu stands open by where it is; null where none */
  readonly link: string | null;
  /** somebody says what it shows; null: something else */
  readonly say: (at: string | null) => void;
  /** a setting was read, or set and stored: it stands there now */
  readonly wasAt: (parameter: Parameter, doing: Doing) => void;
  /** a page was looked at: it stands there now, where the profile says where that is */
  readonly wasAtPage: (of: PageOf) => void;
  /** a setting was looked for and not read: nobody knows where that ended */
  readonly wasLost: (parameter: Parameter) => void;
}

/** A display that nobody touched for so long may have gone home by itself: nobody knows what it shows then. */
const LEFT_ALONE_ms = 3 * 60_000;
const MINUTE_ms = 60_000;

/** A setting with which the supply is switched: the display begins anew after it. */
const isSwitchedOff = ({ needsRestart, enterWhen }: Parameter) =>
  needsRestart || enterWhen === 'isolated' || enterWhen === 'power-up';

/** The link between terminals by which a setting opens; null where none does. */
export const linkOf = ({ opensBy }: Partial<Parameter>): string | null =>
  opensBy?.by === 'wiring' ? opensBy.connect : null;

/**
 * When something else was last done at the pump (a page was looked at, a proof tried, the supply switched): whoever did it may have left
 * the display anywhere. What is only taken back moves nothing.
 */
function workedOn({ records }: JobDocument): number {
  const moved = records.filter(({ body }) => body.kind !== 'taken-back');
  return Math.max(0, ...moved.map(({ recordedAt }) => Date.parse(recordedAt)));
}

/** What the display of the controller shows just now, as far as the last setting or somebody's word left it. */
export function useDisplay(): Display {
  const { jobId, view } = useJobScope();
  const [kept, setKept] = useDraft(`display:${jobId}`);
  const [now] = useState(() => Date.now());
  const keypad = keypadOf(view.profile);
  const [, since = '', id = null] = /^(\d+) (.*)$/.exec(kept ?? '') ?? [];
  const { access }: CommonBehaviours = view.profile.behaviours;
  const stands_ms = Math.min(LEFT_ALONE_ms, (access?.closesAfter_min ?? Infinity) * MINUTE_ms);
  const stillThere = now - Number(since) < stands_ms && workedOn(view.document) <= Number(since);
  const at = id !== null && stillThere ? id : null;
  // a link goes in and comes out with the supply off
  const opened = view.parameters.find(
    (one) =>
      at !== null &&
      linkOf(one) !== null &&
      (keypad?.after(one.key, 'read') === at || keypad?.after(one.key, 'set') === at),
  );
  const say = (next: string | null) => setKept(next === null ? null : `${Date.now()} ${next}`);
  return {
    keypad,
    at,
    link: opened ? linkOf(opened) : null,
    say,
    wasAt: (parameter, doing) => {
      const next = keypad?.after(parameter.key, doing) ?? null;
      if (doing === 'set' && isSwitchedOff(parameter)) say(null);
      // a knob moves no display
      else if (next !== null) say(next);
    },
    wasAtPage: (of) => say(keypad?.after(pageKey(of), 'read') ?? null),
    wasLost: (parameter) => {
      if (keypad?.has(parameter)) say(null);
    },
  };
}
