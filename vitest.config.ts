import { defineConfig } from 'vitest/config';

// What the page draws and writes, without a browser; what a hand does with it is tested in tests/Browser.
export default defineConfig({
    // A slow clock fails nothing: a minute, that nobody waits where all is well.
    test: { testTimeout: 60_000, hookTimeout: 60_000, setupFiles: ['tests/Front/patience.ts'], include: ['tests/Front/**/*.test.{ts,tsx}'], reporters: ['dot'], css: { modules: { classNameStrategy: 'non-scoped' } } },
});
