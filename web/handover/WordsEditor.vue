<script setup lang="ts">
import { ElButton, ElButtonGroup } from 'element-plus'
import { Editor } from '@tiptap/core'
import StarterKit from '@tiptap/starter-kit'
import { onBeforeUnmount, onMounted, ref, shallowRef, triggerRef, watch } from 'vue'
import type { RichText } from '@bonitas/core/model/richText'
import { docOfWords, sameWords, wordsOfDoc } from './richTextDoc.js'
import { t } from './words.js'

/** Words as they are set: kept when the writer pauses or leaves. What another wrote meanwhile stands here unless somebody is writing. */
/** `of` says whose words they are: what is kept while the page turns to others goes to its own. */
const props = defineProps<{ words: RichText; label: string; of: string }>()
const emit = defineEmits<{ keep: [words: RichText, of: string] }>()
const PAUSE_MS = 900
const field = ref<HTMLElement>()
const editor = shallowRef<Editor>()
let waiting: ReturnType<typeof setTimeout> | undefined
onMounted(() => {
  if (!field.value) return
  editor.value = new Editor({
    element: field.value,
    content: docOfWords(props.words),
    // Styles come from files alone.
    injectCSS: false,
    extensions: [
      StarterKit.configure({
        heading: { levels: [3] },
        code: false,
        codeBlock: false,
        horizontalRule: false,
        link: false,
        strike: false,
        underline: false,
      }),
    ],
    editorProps: {
      attributes: {
        class: 'words-field',
        role: 'textbox',
        'aria-multiline': 'true',
        'aria-label': props.label,
      },
    },
    onUpdate: () => {
      clearTimeout(waiting)
      waiting = setTimeout(keep, PAUSE_MS)
    },
    onBlur: () => keep(),
    // What is pressed in the bar follows the place of the caret.
    onTransaction: () => triggerRef(editor),
  })
})
function keep(): void {
  clearTimeout(waiting)
  waiting = undefined
  if (!editor.value) return
  const now = wordsOfDoc(editor.value.getJSON())
  if (!sameWords(now, props.words)) emit('keep', now, props.of)
}
watch(
  () => props.words,
  (now) => {
    if (!editor.value || waiting !== undefined) return
    if (!sameWords(wordsOfDoc(editor.value.getJSON()), now))
      editor.value.commands.setContent(docOfWords(now), { emitUpdate: false })
  },
)
onBeforeUnmount(() => {
  keep()
  editor.value?.destroy()
})

const ways = [
  { name: 'bold', label: t('bold'), press: () => editor.value?.chain().focus().toggleBold().run() },
  { name: 'italic', label: t('italic'), press: () => editor.value?.chain().focus().toggleItalic().run() },
  {
    name: 'heading',
    label: t('aHeading'),
    press: () => editor.value?.chain().focus().toggleHeading({ level: 3 }).run(),
  },
  {
    name: 'bulletList',
    label: t('aList'),
    press: () => editor.value?.chain().focus().toggleBulletList().run(),
  },
  {
    name: 'orderedList',
    label: t('aNumberedList'),
    press: () => editor.value?.chain().focus().toggleOrderedList().run(),
  },
  {
    name: 'blockquote',
    label: t('aQuote'),
    press: () => editor.value?.chain().focus().toggleBlockquote().run(),
  },
]
</script>

<template>
  <div class="words">
    <ElButtonGroup role="toolbar" :aria-label="t('howItIsSet')">
      <ElButton
        v-for="w in ways"
        :key="w.name"
        size="small"
        :aria-pressed="editor?.isActive(w.name) ? 'true' : 'false'"
        @click="w.press"
        >{{ w.label }}</ElButton
      >
    </ElButtonGroup>
    <div ref="field"></div>
  </div>
</template>

<style>
.words-field {
  min-height: 180px;
  padding: 10px 12px;
  border: 1px solid var(--ink);
  background: var(--paper);
  white-space: pre-wrap;
  overflow-wrap: break-word;
}
.words-field:focus-visible {
  outline: 2px solid var(--ink);
  outline-offset: 2px;
}
.words-field p,
.words-field h3,
.words-field ul,
.words-field ol,
.words-field blockquote {
  margin: 0 0 8px;
}
.words-field ul,
.words-field ol {
  padding-left: 22px;
}
.words-field blockquote {
  border-left: 1px solid var(--ink);
  padding-left: 12px;
}
.words-field [data-placeholder]::before {
  color: var(--ink-2);
}
</style>

<style scoped>
.words {
  display: grid;
  gap: 8px;
}
</style>
