export { UnknownScreen as default } from '../features/shell/unknown-screen';
