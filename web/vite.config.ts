import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

const shop = `http://127.0.0.1:${process.env.CANTHOOK_PORT ?? 4177}`

export default defineConfig({
  plugins: [
    vue(),
    // the pages lie by on the device; what they tell of the shop is asked of the shop
    VitePWA({
      injectRegister: false,
      manifest: {
        name: 'Cant Hook',
        short_name: 'Cant Hook',
        description: 'Finger-jointed boxes, from blank to finish',
        start_url: '/boxes',
        display: 'standalone',
        background_color: '#e6ece6',
        theme_color: '#17291f',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' }
        ]
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,png}'],
        globIgnores: ['paper-fonts/**'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/v3\//],
        cleanupOutdatedCaches: true
      }
    })
  ],
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
