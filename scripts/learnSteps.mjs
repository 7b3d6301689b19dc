import { main, run, step } from './step.mjs';

/** Learns anew, from the texts of the corpus, what the second reading of a step goes by; it is written into its file. */
await main(() =>
  step('learn the sorts of steps', async () => {
    const args = ['--no-install', 'jest', '--selectProjects', 'core', '--testPathPatterns', 'secondReading'];
    await run('npx', args, { log: 'learn-steps', env: { ...process.env, LEARN: '1' } });
  }),
);
