import vue from '@vitejs/plugin-vue'
import elementPlus from 'unplugin-element-plus/vite'
import { defineConfig } from 'vite'

const api = process.env.BONITAS_API

/** The parts of which every page of a job is made, and some small ones of many pages. */
const FRAME =
  /\/web\/(form\/(?!PlainField|ChoiceField|ChoiceBox|FieldFrame|FieldMessage|ListTable|FileButton|FilePick|[Cc]alendar)|job\/(afterPaint|change|edit|Findings|groups|history|job[A-Z]|keys|live|Stage|stage|tab|tape|The|useWindowed)|worker\/useTask|source\/optionText|[a-z]+\/useWallChoices)/

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
 * Element Plus and what it stands on. Its index imports every component, so who imports what is no guide here:
 * what every page has is named, and the rest follows the page that asks for it.
 */
const ELEMENT =
  /\/node_modules\/(element-plus|@element-plus|@vueuse|@floating-ui|@popperjs|@sxzz|async-validator|dayjs|lodash-es|lodash-unified|@ctrl|normalize-wheel-es|memoize-one)\//
const ON_EVERY_PAGE =
  /\/element-plus\/es\/components\/(button|input|form|checkbox|select|option|select-v2|tooltip|popper|scrollbar|icon|tag|config-provider|slot|teleport|focus-trap|collection|form-item)\/|\/element-plus\/es\/(hooks|utils|constants|directives|locale\/lang\/en\.|_virtual)|\/node_modules\/(@element-plus|@vueuse|@floating-ui|@popperjs|@sxzz|lodash-es|@ctrl)\//

/** What the frame stands on. */
function ofJob(module: string, modules: Modules): string | null {
  return !ELEMENT.test(module) &&
    !FRAME.test(module) &&
    [...above(module, modules)].some((id) => FRAME.test(id))
    ? 'job'
    : null
}

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
          // Few files, and none with what its page does not need: the browser asks for a file at a time. A group takes
          // along what its modules stand on, unless a group of higher priority has it.
          groups: [
            {
              name: 'vue',
              test: /\/node_modules\/(@vue|vue|vue-router|pinia)\/|plugin-vue.export-helper|vite\/preload-helper|rolldown\/runtime/,
              priority: 6,
            },
            // The pages before a job use these too.
            {
              name: 'shared',
              test: /\/core\/kernel\/(money|errors)\/|\/core\/kernel\/units\/days|\/web\/(api|stages|session\/sessionStore|form\/(PlainField|ChoiceField|ChoiceBox|FieldFrame|FieldMessage))/,
              priority: 4,
            },
            { name: 'element', test: ON_EVERY_PAGE, priority: 6 },
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
