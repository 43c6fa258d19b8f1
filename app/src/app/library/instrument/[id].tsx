import { lazyScreen } from '../../../features/lazy-screen';

export default lazyScreen('InstrumentEditScreen');
