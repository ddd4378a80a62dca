import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';

import { firstFaces } from './vite/firstFaces';

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/js/early.ts', 'resources/js/main.tsx'] }),
        react(),
        firstFaces(),
        // Fonts are compressed as they are.
        compression({ include: /\.(js|css|svg)$/, threshold: 1024, algorithms: ['brotliCompress', defineAlgorithm('gzip', { level: 9 })] }),
    ],
    build: {
        chunkSizeWarningLimit: 900,
        rolldownOptions: {
            output: {
                codeSplitting: {
                    groups: [
                        // What the first script asks with must not wait for anything larger. The components' styles and those of every page come with it, for they have to stand before all others.
                        { name: 'first', test: /resources\/js\/(api\/patient|look\/scheme|units\/storedSystem)\.ts$|look\/paper\.css$|@mantine\/\w+\/styles\//, priority: 1 },
                        // On a slow line every small file costs a turn: what many pages stand on is one.
                        { name: 'shared', minShareCount: 5 },
                    ],
                },
            },
        },
    },
});
