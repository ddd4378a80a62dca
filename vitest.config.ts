import { defineConfig } from 'vitest/config';

// What the page draws and writes, without a browser; what a hand does with it is tested in tests/Browser.
export default defineConfig({
    test: { include: ['tests/Front/**/*.test.{ts,tsx}'], reporters: ['dot'], css: { modules: { classNameStrategy: 'non-scoped' } } },
});
