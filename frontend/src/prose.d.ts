declare module '*.md' {
  import type { DefineComponent } from 'vue'
  const guide: DefineComponent
  export default guide
}
