/**
 * Every screen that computes with the core, in one bundle of its own: the bundler puts what two routes share into a
 * file that the first screen would have to fetch, so they must not be routes' own imports.
 */
export { BenchListScreen } from './bench/bench-list-screen';
export { BenchScreen } from './bench/bench-screen';
export { SettingsScreen } from './settings/settings-screen';
export { WeekScreen } from './week/week-screen';
export { CodeScreen } from './pump/code-screen';
export { CodesScreen } from './library/codes-screen';
export { SameAgainScreen } from './same-again/same-again-screen';
export { ProfileEditorScreen } from './profile-editor/profile-editor-screen';
export { NewPumpScreen } from './register/new-pump-screen';
export { ReplaceUnitScreen } from './register/replace-unit-screen';
export { PumpEditScreen } from './register/pump-edit-screen';
export { SiteEditScreen } from './register/site-edit-screen';
export { RegisterFileScreen } from './register/register-file-screen';
export { JobScreen } from './job/job-screen';
export { InstrumentEditScreen } from './library/instrument-edit-screen';
export { ProductEditScreen } from './library/product-edit-screen';
export { LibraryScreen } from './library/library-screen';
export { ProductScreen } from './library/product-screen';
export { ProfileScreen } from './library/profile-screen';
export { PumpScreen } from './pump/pump-screen';
export { ToolScreen } from './tools/tool-screen';
export { ToolsScreen } from './tools/tools-screen';
