import type { Finding } from '../../../findings';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** What starts by itself, and who may turn it: DRV-07, ANY-12, ANY-23. */
export function checkStarts({ context, subject, settings, at }: CheckInput): Finding[] {
  const { surprise, choices } = context.duty;
  const { behaviours } = context.profile;
  const found: Finding[] = [];
  const surprised = (way: 'resume' | 'wait' | null, chosen: 'resume' | 'wait' | undefined) =>
    surprise !== '' && way === 'resume' && chosen !== 'resume';
  if (surprised(settings.afterCut, choices.afterCut))
    found.push(finding('DRV-07', subject, { what: surprise }, [at('power.after-cut')]));
  if (surprised(settings.afterFault, choices.afterFault))
    found.push(finding('DRV-07.fault', subject, { what: surprise }, [at('fault.after')]));
  const { retries, reaction } = settings.dry;
  if (
    surprise !== '' &&
    reaction === 'stop' &&
    retries !== null &&
    retries > 0 &&
    choices.afterFault !== 'resume'
  )
    found.push(
      finding('DRV-07.retries', subject, { what: surprise, retries: `${retries}` }, [at('dry.retries')]),
    );
  if (behaviours.frontKeys && settings.lock === 'off')
    found.push(finding('DRV-07.keys', subject, {}, [at('lock')]));
  if (settings.silence === 'stop') found.push(finding('DRV-07.silent', subject, {}, [at('link.silence')]));
  if (behaviours.afterPowerCut === 'unknown' && settings.afterCut === null)
    found.push(finding('ANY-12.drive', subject, {}, [at('power.after-cut')]));
  if (behaviours.afterFault === 'unknown' && settings.afterFault === null)
    found.push(finding('ANY-23.drive', subject, {}, [at('fault.after')]));
  return found;
}
