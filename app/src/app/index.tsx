export { RoundScreen as default } from '../features/round/round-screen';
