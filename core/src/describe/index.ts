export {
  answerAt,
  answeredPaths,
  answersAt,
  answeredOver,
  answeredWith,
  answersIn,
  answersOver,
  asWhole,
  attempt,
  isInParts,
  notAnAnswer,
  Unanswered,
  type Answers,
} from './answered';
export { wordsAt } from './words-at';
export { described } from './described';
export type * from './field';
export * from './fields';
export { errorsIn, makeForm, type Form, type FormDescription, type Part } from './form';
export { fieldsAt } from './fields-at';
export { fieldsOf } from './fields-of';
export { formOf, recordForm } from './form-of';
export { fieldLines, linesOf, type Lines } from './lines';
export { fieldsPlace, pathsOf } from './group-place';
export { Look, told, type Told } from './look';
export { inPlainWords, type SchemaFault } from './plain-words';
export * from './places';
export { said } from './said';
export type { Saying } from './saying';
export { shownPaths, unansweredIn } from './shown';
export * from './texts';
export * from './vocabulary';
