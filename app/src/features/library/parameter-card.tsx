import { familyOf, roleInWords, type AnyProfile } from '@barythm/core/families';
import {
  expectedInWords,
  SEEN_WORDS,
  type Dial,
  type Parameter,
  type ParameterOption,
} from '@barythm/core/profile';
import { fig, figureWithUnit, presentReader } from '@barythm/core/units';
import { capital } from '@barythm/core/words';
import { ENTER_WHEN, limitsInWords, Opening, RouteKeys } from '../../kit/keys';
import { valueWords } from '../../kit/value';
import { Card } from '../../ui/card';
import { Words } from '../../ui/words/words';

interface ParameterCardProps {
  readonly profile: AnyProfile;
  readonly parameter: Parameter;
}

/** All that a profile says of one setting, or of what is only looked at. */
export function ParameterCard({ profile, parameter }: ParameterCardProps) {
  const { seen, fixed, opensBy, needsRestart } = parameter;
  return (
    <Card testID={`profile-row-${parameter.key}`}>
      <Words bold>{parameter.label}</Words>
      <Words figures size="small">
        {fixed ? `Fixed at ${valueWords(parameter, parameter.default ?? '')}.` : limitsInWords(parameter)}
      </Words>
      {opensBy && <Opening opensBy={opensBy} />}
      <RouteKeys route={parameter.route} />
      {seen === undefined && !fixed && (
        <Words size="small">
          {ENTER_WHEN[parameter.enterWhen]} {parameter.storedBy}
          {needsRestart ? ' Needs a restart.' : ''}
        </Words>
      )}
      {linesOf(profile, parameter).map((line) => (
        <Words key={line} size="small">
          {line}
        </Words>
      ))}
      {parameter.caution && (
        <Words size="small" bold colour="ochre">
          {parameter.caution}
        </Words>
      )}
    </Card>
  );
}

function linesOf({ family, panels = [], parameters }: AnyProfile, parameter: Parameter): readonly string[] {
  const { seen, dial, alsoAt = [], relearns, options = [], page } = parameter;
  const panel = (key: string | undefined) => panels.find((one) => one.key === key)?.label ?? '';
  return [
    ...(seen === undefined ? [] : [`${capital(SEEN_WORDS[seen])}, looked at and never set.`]),
    ...expectedInWords(parameter, parameters),
    ...(dial === undefined ? [] : [dialWords(dial)]),
    ...(parameter.panel === undefined ? [] : [`Its keys are at this: ${panel(parameter.panel)}.`]),
    ...alsoAt.map((one) => `${panel(one.panel)}: ${one.route.join(' › ')}. ${one.storedBy}`),
    ...options.flatMap((option) => besidesWords(family, option)),
    ...(page === undefined ? [] : [`Maker’s manual, page ${page}.`]),
    ...(relearns === undefined ? [] : [`A change makes it learn anew: ${relearns.what}`]),
  ];
}

function dialWords({ by, up, down, wraps, firstOnlyShows }: Dial): string {
  const what = by === 'digits' ? 'each digit' : 'the value';
  const keys = down === undefined ? `${up} steps ${what} on` : `${up} counts ${what} up, ${down} down`;
  return [
    keys,
    ...(wraps ? ['after the last comes the first'] : []),
    ...(firstOnlyShows ? ['the first press only makes it flash'] : []),
  ]
    .join('; ')
    .concat('.');
}

/** A figure behind a choice, as whoever reads measures it. */
const figureWords = (family: AnyProfile['family'], role: string, figure: number) =>
  figureWithUnit(fig(familyOf(family).quantities[role] ?? 'plain', figure), presentReader());

/** What a choice settles besides, in words. */
function besidesWords(family: AnyProfile['family'], { label, also = {} }: ParameterOption): string[] {
  const settled = Object.entries(also).map(
    ([role, means]) =>
      `${roleInWords(family, role)}: ${typeof means === 'string' ? roleInWords(family, means) : figureWords(family, role, means)}`,
  );
  return settled.length === 0 ? [] : [`“${label}” settles besides: ${settled.join('; ')}.`];
}
