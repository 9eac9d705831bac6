import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';
import tailwindcss from '@tailwindcss/vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.css', 'resources/js/app.js'] }), tailwindcss()],
    // Fonts stay files: a data: URL would need a wider content security policy.
    build: { assetsInlineLimit: 0 },
});
