import { configure } from '@testing-library/react-native';

// what a test waits for comes at once on an idle machine; on a busy one it may take more than the second that is usual
configure({ asyncUtilTimeout: 15_000 });
