const { transform } = require('jest-expo/jest-preset');

module.exports = {
  preset: 'jest-expo',
  // the preset leaves modules with this ending as they are
  transform: { ...transform, '\\.mjs$': 'babel-jest' },
  displayName: 'app',
  setupFilesAfterEnv: ['<rootDir>/src/testing/patient.ts'],
  testMatch: ['<rootDir>/src/**/*.test.ts?(x)'],
  // these ship as ES modules only; each name stands for all packages that begin with it
  transformIgnorePatterns: [
    '/node_modules/(?!(jest-)?react-native|@react-native|expo|@expo|lucide-react-native|d3-|internmap|convert|uuid|idb-keyval|standard-navigation)',
  ],
};
