// For tools that do not read Vue files themselves; vue-tsc knows the real types.
declare module '*.vue' {
  import type { DefineComponent } from 'vue'
  const component: DefineComponent<object, object, unknown>
  export default component
}
