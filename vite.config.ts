import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/js/early.ts', 'resources/js/main.tsx'] }),
        react(),
        // Fonts are compressed as they are.
        compression({ include: /\.(js|css|svg)$/, threshold: 1024, algorithms: ['brotliCompress', defineAlgorithm('gzip', { level: 9 })] }),
    ],
    build: { chunkSizeWarningLimit: 900 },
});
