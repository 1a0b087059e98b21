const transform = {
  '^.+\\.(tsx?|mjs|js)$': [
    '@swc/jest',
    {
      module: { type: 'commonjs' },
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', decorators: true, tsx: false },
        transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
      },
    },
  ],
};
const common = {
  transform,
  testEnvironment: 'node',
  // These ship as ES modules only.
  transformIgnorePatterns: ['/node_modules/(?!(d3-[a-z-]+|internmap|rettime|until-async|@open-draft)/)'],
  moduleNameMapper: {
    '^@graft/core/testing$': '<rootDir>/../../packages/core/src/testing/arbitraryTrip.ts',
    '^@graft/core/([a-z]+)$': '<rootDir>/../../packages/core/src/$1/index.ts',
    '^(\\.{1,2}/.*)\\.js$': '$1',
  },
};

/** The components of Ark that stand behind those of theme/chakra.ts. */
const ARK_PARTS = ['checkbox', 'dialog', 'field', 'menu', 'portal', 'progress', 'tabs', 'tooltip'];

export default {
  // A guard against what hangs, not a measure of speed: a machine that is shared can be many times slower.
  testTimeout: 120_000,
  projects: [
    { ...common, displayName: 'core', rootDir: 'packages/core', testMatch: ['<rootDir>/src/**/*.test.ts'] },
    { ...common, displayName: 'server', rootDir: 'apps/server', testMatch: ['<rootDir>/src/**/*.test.ts'] },
    { ...common, displayName: 'cli', rootDir: 'apps/cli', testMatch: ['<rootDir>/src/**/*.test.ts'] },
    {
      ...common,
      displayName: 'web',
      rootDir: 'apps/web',
      moduleNameMapper: {
        ...common.moduleNameMapper,
        '^.*/workers/bound$': '<rootDir>/src/testing/boundHere.ts',
        [`^@ark-ui/react(/(?!(anatomy|factory|${ARK_PARTS.join('|')})$)[a-z-]+)?$`]:
          '<rootDir>/src/testing/ark.mjs',
      },
      testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
      setupFiles: ['<rootDir>/src/testing/setup.mjs'],
      // Tests with a document still take the packages' builds for Node: those for browsers are ES modules.
      testEnvironmentOptions: { customExportConditions: ['node', 'require'] },
    },
  ],
};
