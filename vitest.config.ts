import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** Plain functions of the front end, without a browser; what needs one stands in tests/Browser. */
export default defineConfig({
    resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
    test: { include: ['tests/js/**/*.test.ts'] },
});
