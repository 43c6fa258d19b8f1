import type { Finding } from '../../../findings';
import { parameterAt } from '../../../profile';
import { fig } from '../../../units';
import { lastRecord, passedBy } from '../../../visit';
import { firstLeft, stepsSaid } from '../../parts/first-steps';
import type { JobGround } from '../../family';
import { OUTPUT_WORDS } from '../wire/behaviours';
import type { SpaKind } from '../kind';
import { triedOutputs } from '../proof/outputs';
import { finding } from '../texts/texts';
import { FIRST_STEPS, SPA_RECORDS } from '../wire/records';

const WHEN = {
  'power-up': 'at power-up',
  message: 'while its start-up message stands',
  live: 'live',
} as const;

/** What a job on a pack leaves open: safety, the order of work, the change of number, outputs that were not tried. */
export function openOn(job: JobGround<SpaKind>): Finding[] {
  const { document, context, checks } = job;
  if (document.job.state === 'planned') return [];
  const found = [...safety(job), ...changed(job), ...wiped(job)];
  if (!context) return found;
  const untried = triedOutputs(context).filter((output) => !passedBy(checks, `output-${output}`));
  if (untried.length > 0)
    found.push(
      finding('SPA-05', 'job', { outputs: untried.map((output) => OUTPUT_WORDS[output]).join(', ') }),
    );
  if (context.duty.code)
    found.push(finding('SPA-08.residual', 'job', { residual: fig('dose', context.duty.code.residual_mgL) }));
  return found;
}

const SAVES: ReadonlySet<string> = new Set(['rcd', 'covers']);

/** SPA-11: seen or tried on this visit; and the rest of the order of work. */
function safety({ document, checks }: JobGround<SpaKind>): Finding[] {
  const left = firstLeft(document, 'spa-first', FIRST_STEPS, SPA_RECORDS);
  const open = (left?.steps ?? FIRST_STEPS).filter(({ key }) => key !== 'rcd' || !passedBy(checks, 'rcd'));
  const saves = open.filter(({ key }) => SAVES.has(key));
  const others = open.filter(({ key }) => !SAVES.has(key));
  return [
    ...(saves.length > 0 ? [finding('SPA-11', 'job', { what: stepsSaid(saves) })] : []),
    ...(left && others.length > 0
      ? [finding('SPA-00', 'job', { what: stepsSaid(others), why: left.why })]
      : []),
  ];
}

/** SPA-02 and SPA-03: how the number was changed. */
function changed({ document }: JobGround<SpaKind>): Finding[] {
  const change = lastRecord(document, 'number-change')?.body;
  if (!change) return [];
  const found: Finding[] = [];
  const { readAt, numberSeen } = (document.profile as SpaKind['profile']).behaviours;
  const needless = change.moved === 'live' && readAt !== 'live';
  if (change.moved === 'live' && (needless || !change.licensed))
    found.push(
      finding('SPA-03', 'job', {
        licensed: change.licensed
          ? ''
          : ', and not by a licensed electrician with covers and an insulated tool',
        when: WHEN[readAt],
      }),
    );
  const what = [
    ...(change.switchOff ? [] : ['the set-up switch was not seen off']),
    ...(change.pageGone ? [] : ['the set-up page was not seen gone']),
  ];
  if (what.length > 0) found.push(finding('SPA-02.page', 'job', { what: what.join(' and ') }));
  if (numberSeen !== 'set-up') return found;
  if (change.from === null) found.push(finding('SPA-02.before', 'job', {}));
  if (!change.readInside) found.push(finding('SPA-02.inside', 'job', {}));
  return found;
}

/** SPA-06: what the change of number put back, and the clock with it. */
function wiped({ document, rows }: JobGround<SpaKind>): Finding[] {
  const profile = document.profile as SpaKind['profile'];
  const back = rows.filter((row) => {
    const by = row.rewrittenBy === undefined ? undefined : parameterAt(profile, row.rewrittenBy);
    return by?.role === 'number';
  });
  const found: Finding[] = [];
  if (back.length > 0) {
    const settings = back.map(({ address }) => parameterAt(profile, address)?.label ?? address).join(', ');
    found.push(
      finding(
        'SPA-06',
        'job',
        { settings },
        back.map(({ address }) => address),
      ),
    );
  }
  const number = rows.find(({ address }) => parameterAt(profile, address)?.role === 'number');
  const { left, found: before } = number ?? {};
  if (!profile.behaviours.wipesClock || !left || left.value === before?.value) return found;
  const clock = lastRecord(document, 'clock');
  const change = lastRecord(document, 'number-change');
  const setSince = (clock !== null && clock.revision > left.revision) || change?.body.clockSet === true;
  if (!setSince) found.push(finding('SPA-06.clock', 'job', {}));
  return found;
}
