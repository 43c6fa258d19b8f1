import type { Finding } from '../../../findings';
import { fig } from '../../../units';
import { proposedWay, twinGain, WAY_WORDS } from '../effect/twin';
import { finding } from '../texts/texts';
import type { CheckInput } from './input';

/** CIR-09, CIR-14: who of the two commands, how they work, and the flap between them. */
export function checkTwin({ context, subject, settings, at }: CheckInput): Finding[] {
  const { duty } = context;
  if (!duty.twin) return [];
  const found: Finding[] = [];
  const { parts, partsKnown, way } = settings.twin;
  const leads = parts.filter((part) => part === 'lead').length;
  const places = [at('twin.part', 1), at('twin.part', 2)];
  if (partsKnown && leads === 0) found.push(finding('CIR-09', subject, {}, places));
  if (partsKnown && leads > 1) found.push(finding('CIR-09.two', subject, {}, places));
  if (way === 'always' && duty.choices.twin !== 'always') {
    const { gain } = twinGain(duty);
    found.push(
      finding(
        'CIR-09.always',
        subject,
        { gain: fig('percent', Math.round(gain * 100)), fits: WAY_WORDS[proposedWay(duty)] },
        [at('twin.way')],
      ),
    );
  }
  if (duty.twin.flap === 'leaks' || duty.twin.flap === 'missing')
    found.push(
      finding('CIR-14', subject, {
        flap: duty.twin.flap === 'leaks' ? 'leaks' : 'is missing',
      }),
    );
  return found;
}
