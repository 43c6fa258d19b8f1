export { optionalFigure } from './figure';
export { type ParsedValue, parseForParameter } from './parameter-quantity';
export { ValueEntry } from './value-entry';
export { EntryText, ValueText } from './value-text';
export { entryWords, valueWords } from './value-words';
