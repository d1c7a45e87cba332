import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

const shop = `http://127.0.0.1:${process.env.CANTHOOK_PORT ?? 4177}`

export default defineConfig({
  plugins: [vue()],
  server: {
    proxy: {
      '/api': {
        target: shop,
        changeOrigin: true,
        // the shop answers only its own page; while it is worked on, this server stands for it
        configure: (proxy) => proxy.on('proxyReq', (request) => request.setHeader('origin', shop))
      }
    }
  },
  build: { target: 'es2022', chunkSizeWarningLimit: 700 }
})
