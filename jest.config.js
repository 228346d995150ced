/** Three rooms, three projects: core and server in Node, components in jsdom. */
const node = (room) => ({
  displayName: room,
  rootDir: __dirname,
  testEnvironment: 'node',
  testMatch: [`<rootDir>/${room}/**/*.spec.ts`],
  transformIgnorePatterns: ['node_modules/(?!(nanoid|canonicalize|temporal-(polyfill|utils))/)'],
  transform: {
    '^.+\\.(ts|js)$': [
      'ts-jest',
      {
        diagnostics: false,
        tsconfig: {
          module: 'CommonJS',
          moduleResolution: 'node10',
          target: 'ES2022',
          esModuleInterop: true,
          isolatedModules: true,
          allowJs: true,
          ignoreDeprecations: '5.0',
          paths: {},
        },
      },
    ],
  },
  moduleNameMapper: { '^@core/(.*)$': '<rootDir>/core/$1' },
});

module.exports = {
  // nothing is timed here: on two slow cores that browsers share, what takes one second takes six
  testTimeout: 60_000,
  projects: [
    node('core'),
    node('server'),
    {
      displayName: 'web',
      rootDir: __dirname,
      preset: 'jest-preset-angular',
      testMatch: ['<rootDir>/web/src/**/*.spec.ts'],
      setupFilesAfterEnv: ['<rootDir>/web/src/testing/setup-jest.ts'],
      transform: {
        '^.+\\.(ts|mjs|js|html|svg)$': [
          'jest-preset-angular',
          {
            tsconfig: '<rootDir>/web/tsconfig.spec.json',
            stringifyContentPathRegex: '\\.(html|svg)$',
          },
        ],
      },
      transformIgnorePatterns: [
        'node_modules/(?!(.*\\.mjs$|@angular/|@mdi/|idb-keyval|nanoid|temporal-(polyfill|utils)))',
      ],
      moduleNameMapper: { '^@core/(.*)$': '<rootDir>/core/$1', '\\.scss$': '<rootDir>/web/src/testing/no-style.js' },
    },
  ],
};
