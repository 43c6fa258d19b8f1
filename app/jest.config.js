module.exports = {
  preset: 'jest-expo/web',
  displayName: 'app',
  testMatch: ['<rootDir>/src/**/*.test.ts?(x)'],
  // these ship as ES modules only
  transformIgnorePatterns: [
    '/node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|lucide-react-native|d3-[a-z-]+|internmap|convert|uuid|cookie)/)',
  ],
};
