const node = (name, testMatch = ['<rootDir>/**/*.test.ts']) => ({
  displayName: name,
  rootDir: `<rootDir>/${name}`.replace('<rootDir>', import.meta.dirname),
  testEnvironment: 'node',
  testMatch,
  transform: {
    '\\.(m?[jt]s)$': [
      'babel-jest',
      {
        configFile: false,
        presets: [['@babel/preset-env', { targets: { node: 'current' } }], '@babel/preset-typescript'],
        plugins: ['babel-plugin-transform-import-meta'],
      },
    ],
  },
  // these ship as ES modules only
  transformIgnorePatterns: ['/node_modules/(?!(d3-[a-z-]+|internmap|convert|uuid|cookie)/)'],
});

const journeys = (name, match) => ({
  ...node('e2e', [match]),
  displayName: name,
  globalSetup: '<rootDir>/src/prepare.mjs',
});

export default {
  // making the demo data takes some seconds on a busy machine
  testTimeout: 60_000,
  projects: [
    { ...node('core'), setupFiles: ['<rootDir>/same-cases.ts'] },
    node('contract'),
    { ...node('server'), globalSetup: '<rootDir>/src/testing/prepare.mjs' },
    '<rootDir>/app',
    journeys('e2e', '<rootDir>/journeys/*.journey.ts'),
    // a search that ends by the clock wants the machine to itself
    journeys('e2e-alone', '<rootDir>/journeys/alone/*.journey.ts'),
  ],
};
