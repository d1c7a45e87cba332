import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue()],
  server: { proxy: { '/api': `http://127.0.0.1:${process.env.CANTHOOK_PORT ?? 4177}` } },
  build: { target: 'es2022', chunkSizeWarningLimit: 700 }
})
