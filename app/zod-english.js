/** The words of the schemas' own messages, in the one language that this program speaks. */
export { default as en } from 'zod/v4/locales/en.js';
