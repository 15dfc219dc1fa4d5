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
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            {
              name: 'vue',
              test: /\/node_modules\/(@vue|vue|vue-router|pinia)\/|plugin-vue.export-helper|vite\/preload-helper/,
              priority: 2,
            },
            {
              name: 'shared',
              test: /\/core\/(money|errors)\/|\/core\/units\/days|\/web\/(api|session\/sessionStore|form\/PlainField)/,
              priority: 1,
            },
            // What every stage of a job needs comes as one file instead of a dozen small ones. The money and the plain
            // field stay apart: the pages before a job use them too.
            {
              name: 'job',
              priority: 1,
              test: (id: string) =>
                (/\/core\/(?!money|errors)/.test(id) &&
                  // What one page or a worker alone uses stays with it.
                  !/\/core\/(units\/days|color\/nearest|palette\/(library|extraction|proposals|board|schemeFacts)|job\/(lightOf|planFactsOf|derivePlan|judgeJob|ledgerFactsOf|sourceFactsOf)|[a-z]+\/rules\/|geometry\/(box|carry)|plan\/(?!schema|needs))/.test(
                    id,
                  )) ||
                /\/node_modules\/(yup|culori|d3-(?!hierarchy)|internmap|property-expr|tiny-case|toposort)/.test(
                  id,
                ),
            },
            // The frame of a job's pages: some twenty small files that each page would ask for one by one.
            {
              name: 'frame',
              test: /\/web\/(form\/(?!PlainField)|job\/(edit|Findings|job[A-Z]|keys|once|Stage|stage|tape|The|useWindowed)|[a-z]+\/[a-z]+Tabs)/,
            },
          ],
        },
      },
    },
  },
  server: api
    ? { proxy: { '/api': { target: api, changeOrigin: true, headers: { origin: new URL(api).origin } } } }
    : {},
})
