import { defineComponent, h } from 'vue'

/** A drawing made by the program itself, every text in it escaped where it was drawn, as part of the page. */
export default defineComponent({
  name: 'BoardDrawing',
  props: { svg: { type: String, required: true } },
  setup: (props) => () => h('div', { innerHTML: props.svg }),
})
