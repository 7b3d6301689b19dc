const swc = [
  '@swc/jest',
  {
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', tsx: true, decorators: true },
      transform: {
        legacyDecorator: true,
        decoratorMetadata: true,
        useDefineForClassFields: false,
        react: { runtime: 'automatic' },
      },
    },
    module: { type: 'commonjs' },
    sourceMaps: 'inline',
  },
];
const node = {
  // A look-up of a global inside a sandbox is slow, and the searches ask for these in every minute.
  sandboxInjectedGlobals: ['Math', 'Infinity', 'Map', 'Set', 'Array', 'Object', 'Number'],
  testEnvironment: 'node',
  transform: { '\\.[cm]?[jt]sx?$': swc },
  testEnvironmentOptions: { customExportConditions: ['kestrel-src', 'node', 'node-addons'] },
};

export default {
  // What is so is asserted, not how soon: on a machine with other work, too.
  testTimeout: 60_000,
  projects: [
    { displayName: 'core', rootDir: 'packages/core', ...node },
    { displayName: 'server', rootDir: 'apps/server', ...node },
    {
      displayName: 'web',
      rootDir: 'apps/web',
      testEnvironment: 'jsdom',
      // Published as ES modules alone, or asked for as such.
      transformIgnorePatterns: [
        '/node_modules/(?!(d3-[a-z]+|internmap|@ant-design/(colors|fast-color)|csv-(parse|stringify)/dist/esm)/)',
      ],
      transform: { '\\.[cm]?[jt]sx?$': swc },
      testEnvironmentOptions: { customExportConditions: ['kestrel-src', 'browser'] },
      moduleNameMapper: { '\\.css$': '<rootDir>/test/emptyStyle.cjs' },
      setupFiles: ['<rootDir>/test/browserParts.cjs'],
      setupFilesAfterEnv: ['@testing-library/jest-dom'],
    },
  ].map((project) => ({ ...project, testPathIgnorePatterns: ['/node_modules/', '/dist/'] })),
};
