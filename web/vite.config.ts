import vue from '@vitejs/plugin-vue'
import elementPlus from 'unplugin-element-plus/vite'
import { defineConfig } from 'vite'

const api = process.env.BONITAS_API

export default defineConfig({
  root: import.meta.dirname,
  // A line break between two words of a template is a space, as everywhere in HTML.
  plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } }), elementPlus({})],
  build: {
    outDir: 'dist',
    target: 'es2022',
    // The policy of the page allows no data: fonts or scripts, so nothing is inlined.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    manifest: true,
  },
  server: api
    ? { proxy: { '/api': { target: api, changeOrigin: true, headers: { origin: new URL(api).origin } } } }
    : {},
})
