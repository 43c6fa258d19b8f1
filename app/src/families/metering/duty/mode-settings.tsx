import { METERING_ROLES, ROLES_OF_MODE, type MeteringMode } from '@barythm/core/families/metering';
import { addressOf } from '@barythm/core/profile';
import { useLook } from '../../../form/scope';
import { Words } from '../../../ui/words/words';
import { useMetering } from '../use-metering';

/** The settings that the mode brings into force, and which of them nobody has read yet (ANY-05). */
export function ModeSettings() {
  const { profile, rows } = useMetering().view;
  const mode = useLook('').at('mode');
  const modes: readonly MeteringMode[] = mode === 'pulse' ? ['multiply', 'divide'] : [mode as MeteringMode];
  const roles = new Set(modes.flatMap((one) => ROLES_OF_MODE[one] ?? []));
  const own = profile.parameters.filter((parameter) =>
    METERING_ROLES.some((role) => role === parameter.role && roles.has(role)),
  );
  if (own.length === 0) {
    return (
      <Words size="small" bold colour="ochre" testID="mode-settings">
        This controller has no setting of this mode.
      </Words>
    );
  }
  const unread = (address: string) => {
    const row = rows.find((candidate) => candidate.address === address);
    return (row?.found?.value ?? null) === null;
  };
  return (
    <Words size="small" colour="quiet" testID="mode-settings">
      Belongs to this mode:{' '}
      {own.map((parameter, i) => (
        <Words key={parameter.key} size="small" bold={unread(addressOf(parameter))}>
          {i > 0 ? ', ' : ''}
          {parameter.label}
          {unread(addressOf(parameter)) ? ' (to be read)' : ''}
        </Words>
      ))}
      .
    </Words>
  );
}
