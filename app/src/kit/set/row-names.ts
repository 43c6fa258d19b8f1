import type { Parameter, Profile } from '@barythm/core/profile';

/** What a row of settings is called together, and each of them in it: “Program 5”, with “start”, “stop”, “speed”; else by their menu. */
export function rowNames(
  { groups }: Pick<Profile, 'groups'>,
  parameters: readonly Parameter[],
): { readonly title: string; readonly names: readonly string[] } {
  const [first] = parameters;
  const begin = first.label.slice(0, first.label.indexOf(': ') + 2);
  if (begin.length > 2 && parameters.every(({ label }) => label.startsWith(begin)))
    return {
      title: begin.slice(0, -2),
      names: parameters.map(({ label }) => {
        const own = label.slice(begin.length);
        return own.charAt(0).toUpperCase() + own.slice(1);
      }),
    };
  const menu = groups.find(({ key }) => key === first.group)?.label ?? first.label;
  return { title: menu, names: parameters.map(({ label }) => label) };
}
