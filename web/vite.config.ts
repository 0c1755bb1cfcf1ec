import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  server: { proxy: { '/api': process.env.CORKSCREW_API ?? 'http://127.0.0.1:4400' } },
  build: { target: 'es2023', sourcemap: false },
});
