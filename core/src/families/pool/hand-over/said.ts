import type { Said } from '../../family';

/** Whether the flow that the plan rests on was measured. */
export function flowSaid(measured: boolean): Said {
  return {
    words: measured ? 'Flow measured.' : 'Flow not measured: points of the plan.',
    sound: measured,
  };
}
