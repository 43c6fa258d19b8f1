import { createContext, useContext } from 'react';

/** What the fields here are about, in a few words: a setting with its target, a point, a check. */
const AboutContext = createContext<string | null>(null);

/** Says over the pad what is being typed for, wherever the card itself has gone to. */
export const About = AboutContext.Provider;

export function useAbout(): string | null {
  return useContext(AboutContext);
}
