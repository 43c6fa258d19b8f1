import { answerAt, fieldLines, fieldsAt } from '../../describe';
import { familyOf } from '../../families';
import type { HandoverSummary } from '../../visit';
import { presentReader } from '../../units';
import { answersOf } from '../answers';
import { guardedChanges } from '../guarded';
import type { JobView } from '../view';

/** What of the duty the changes of a small job were held against: whoever reads the paper sees by which limits they were judged. */
export function limitsHeld({ document, rows }: JobView): HandoverSummary['facts'] {
  const answers = answersOf(document);
  if (answers === null) return [];
  const { duty } = familyOf(document.profile.family).forms;
  return guardedChanges(document, rows, 'left').flatMap(({ parameter, asks }) => {
    const known = asks.filter((path) => answerAt(answers, path) !== undefined);
    const fields = fieldsAt(duty.parts, known);
    const lines = fieldLines(
      [{ name: 'limits', title: '', says: () => '', fields }],
      duty.write(answers as never),
      presentReader(),
    );
    const words = lines.map(([name, value]) => `${name} ${value}`).join('; ');
    return words === '' ? [] : [{ label: `${parameter.label}: checked against`, words }];
  });
}
