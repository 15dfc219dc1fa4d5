import { availableParallelism } from 'node:os'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

const database = process.env.BONITAS_TEST_DATABASE_URL

export default defineConfig({
  test: {
    // One worker fewer than there are cores would be a single one on a small machine.
    maxWorkers: Math.max(2, availableParallelism() - 1),
    projects: [
      {
        test: {
          name: 'unit',
          // A machine that is shared may be slow; how long something takes is the business of the bench.
          testTimeout: 60_000,
          hookTimeout: 60_000,
          include: [
            'core/**/*.test.ts',
            'web/**/*.test.ts',
            'scripts/**/*.test.ts',
            'simulators/**/*.test.ts',
            'docs/**/*.test.ts',
          ],
          exclude: ['web/**/*.component.test.ts'],
        },
      },
      {
        plugins: [vue()],
        test: {
          name: 'components',
          environment: 'jsdom',
          testTimeout: 60_000,
          hookTimeout: 60_000,
          include: ['web/**/*.component.test.ts'],
          server: { deps: { inline: ['element-plus'] } },
        },
      },
      ...(database
        ? [
            {
              test: {
                name: 'server',
                include: ['server/**/*.test.ts'],
                testTimeout: 60_000,
                // Making and migrating a database is what most of these begin with.
                hookTimeout: 120_000,
              },
            },
          ]
        : []),
    ],
  },
})
