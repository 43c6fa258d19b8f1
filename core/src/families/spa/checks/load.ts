import { boardLimit_A } from '../plan/row';
import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { currentsOf, stateSaid, worstLoad } from '../effect/load';
import { outputNamed } from '../effect/panel';
import { finding } from '../texts/texts';
import { HEATER_RULES } from '../../../electric';
import type { CheckInput } from './input';

/** SPA-04: the worst of all states that its row allows, against the breaker, the board and each output. */
export function checkLoad({ context, subject, row, at }: CheckInput): Finding[] {
  const { duty, profile } = context;
  const found: Finding[] = [];
  for (const { output, current_A } of currentsOf(duty)) {
    const most = profile.behaviours.limits.find((limit) => limit.output === output)?.most_A;
    if (most !== undefined && current_A > most + 1e-9)
      found.push(
        finding('SPA-04.output', subject, {
          output: outputNamed(output),
          current: fig('motorCurrent', current_A),
          most: fig('motorCurrent', most),
        }),
      );
  }
  if (!row) return found;
  if (row.ruleUnsaid)
    found.push(finding('SPA-04.unsaid', subject, { number: String(row.number) }, [at('number')]));
  const load = worstLoad(duty, row);
  const board = boardLimit_A(context);
  if (load.margin < -1e-9) {
    const milder = HEATER_RULES.find((rule) => worstLoad(duty, row, rule).margin >= 0);
    found.push(
      finding(
        'SPA-04',
        subject,
        {
          state: stateSaid(duty, load.state),
          phase: String(load.phase),
          worst: fig('motorCurrent', load.worst_A),
          breaker: fig('motorCurrent', duty.supply.breaker_A),
          todo:
            milder === undefined
              ? 'Even with the heater waiting it is too much: less connected or a larger supply, by a licensed electrician.'
              : 'A row whose heater waits for the jets; else a larger supply, by a licensed electrician.',
        },
        [at('number')],
      ),
    );
  }
  if (board !== null && load.worst_A > board + 1e-9)
    found.push(
      finding(
        'SPA-04.board',
        subject,
        { worst: fig('motorCurrent', load.worst_A), most: fig('motorCurrent', board) },
        [at('number')],
      ),
    );
  return found;
}
