import { join } from 'node:path'
import vue from '@vitejs/plugin-vue'
import elementPlus from 'unplugin-element-plus/vite'
import { defineConfig } from 'vite'

const api = process.env.BONITAS_API

/** The parts of which every page of a job is made, and some small ones of many pages. */
const FRAME =
  /\/web\/(form\/(?!words|FaultSummary|PlainField|FormItem|ListTable|RowTable|FileButton|FilePick|[Cc]alendar)|job\/(afterPaint|change|edit|Findings|groups|history|job[A-Z]|keys|live|Stage|stage|tab|tape|The|useWindowed)|worker\/useTask|[a-z]+\/useWallChoices)/

interface Modules {
  getModuleInfo(id: string): { readonly importers: readonly string[] } | null
}

/** A module and all that import it, by themselves or through others. */
function above(module: string, modules: Modules): ReadonlySet<string> {
  const seen = new Set([module])
  for (const id of seen) modules.getModuleInfo(id)?.importers.forEach((by) => seen.add(by))
  return seen
}

/**
 * Element Plus and what it stands on. Its index imports every component, so who imports what is no guide here: what
 * every page has is named, what every page of a job has, and the rest follows the page that asks for it.
 */
const ELEMENT =
  /\/node_modules\/(element-plus|@element-plus|@vueuse|@floating-ui|@popperjs|@sxzz|async-validator|dayjs|lodash-es|lodash-unified|@ctrl|normalize-wheel-es|memoize-one)\//
const ON_EVERY_PAGE = /\/element-plus\/es\/components\/(button|input|form|config-provider)\//
const ON_JOB_PAGES =
  /\/element-plus\/es\/components\/(checkbox|select|option|tooltip|popper|scrollbar|tag|focus-trap)\//

/** The packages of D3 that only drawings need; its index imports them all, so here too importers are no guide. */
const OF_DRAWINGS = /\/node_modules\/d3-(?!array\/)/

/** What the frame stands on. */
function ofJob(module: string, modules: Modules): string | null {
  return !ELEMENT.test(module) &&
    !OF_DRAWINGS.test(module) &&
    !FRAME.test(module) &&
    [...above(module, modules)].some((id) => FRAME.test(id))
    ? 'job'
    : null
}

export default defineConfig({
  root: import.meta.dirname,
  // A line break between two words of a template is a space, as everywhere in HTML.
  plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } }), elementPlus({})],
  // Two packages that Element Plus brings for what is not used here, an eighth of the sign-in page.
  resolve: {
    alias: {
      'async-validator': join(import.meta.dirname, 'unused/asyncValidator.ts'),
      '@ctrl/tinycolor': join(import.meta.dirname, 'unused/tinycolor.ts'),
    },
  },
  // Every component is written with setup, here and in Element Plus; of the words' package no tools of the browser.
  define: {
    __VUE_OPTIONS_API__: false,
    __INTLIFY_PROD_DEVTOOLS__: false,
    __INTLIFY_DROP_MESSAGE_COMPILER__: false,
  },
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
          // Few files, and none with what its page does not need: the browser asks for a file at a time. A group takes
          // along what its modules stand on, unless a group of higher priority has it.
          groups: [
            {
              name: 'vue',
              test: /\/node_modules\/(@vue|vue|vue-router|pinia)\/|plugin-vue.export-helper|vite\/preload-helper|rolldown\/runtime/,
              priority: 9,
            },
            // The pages before a job use these too.
            {
              name: 'shared',
              test: /\/web\/(api|stages|session\/sessionStore|words\/(wordsOf|term\.|languages|LanguageChoice)|form\/(FaultSummary|PlainField|FormItem|words\.ts))/,
              priority: 4,
            },
            // How figures are told: the list of jobs needs it and nothing else of a job.
            { name: 'figures', test: /\/core\/kernel\/(units|money|errors)\//, priority: 4 },
            // What says the words: on every page.
            { name: 'speech', test: /\/node_modules\/@intlify\//, priority: 9 },
            { name: 'element', test: ON_EVERY_PAGE, priority: 8 },
            { name: 'choices', test: ON_JOB_PAGES, priority: 6 },
            // Lists are on the jobs page too, which has nothing else of a job.
            {
              name: 'list',
              test: /\/web\/form\/ListTable|\/element-plus\/es\/components\/table\//,
              priority: 5,
            },
            { name: 'frame', test: FRAME, priority: 2 },
            { name: ofJob, debugName: 'job', priority: 3 },
          ],
        },
      },
    },
  },
  server: api
    ? { proxy: { '/api': { target: api, changeOrigin: true, headers: { origin: new URL(api).origin } } } }
    : {},
})
