<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import PlainField from '../form/PlainField.vue'
import { useJobStore } from './jobStore.js'
import { findingsOf } from './stageLines.js'

/** What the rule book noticed in one stage, each with its ways out. */
const props = defineProps<{
  stage: string
  quiet?: string
  /** These instead of all of the stage. */
  list?: readonly JudgedFinding[]
  /** How many at once; the rest when asked for. */
  most?: number
}>()
const emit = defineEmits<{ point: [finding: JudgedFinding | undefined] }>()
const store = useJobStore()
const findings = computed(() => {
  if (props.list) return props.list
  if (props.stage === 'plan') return store.plan?.findings ?? []
  return findingsOf(store.findings ?? [], props.stage)
})
/** A page of a hundred findings is read by nobody: the gravest come first, the rest when asked for. */
const MOST = 24
const all = ref(false)
const shown = computed(() => (all.value ? findings.value : findings.value.slice(0, props.most ?? MOST)))
const accepting = ref('')
const reason = ref('')
const fault = ref('')

const WORD = { stop: 'Stop', look: 'Look', note: 'Note' } as const

function colors(finding: JudgedFinding): string[] {
  return finding.about
    .filter((r) => r.kind === 'finish')
    .flatMap((r) => store.derived?.palette.finishes.find((f) => f.finish.id === r.id)?.lab ?? [])
    .map(labToHex)
}

/** For a clash the finish that can change: another is looked for in the library. */
function replaceable(finding: JudgedFinding): string | undefined {
  if (!CLASHES.includes(finding.rule)) return undefined
  const can = finding.about
    .filter((r) => r.kind === 'finish')
    .map((r) => store.derived?.palette.finishes.find((f) => f.finish.id === r.id))
    .filter((f) => f && f.finish.role !== 'stays')
  return can[can.length - 1]?.finish.id
}
const CLASHES: readonly string[] = [
  'palette.undertone-clash',
  'palette.large-neighbors',
  'palette.foliage-follows',
]

function accept(finding: JudgedFinding): void {
  if (reason.value.trim() === '') {
    fault.value = 'Reason is empty. Say why this is meant.'
    return
  }
  if (reason.value.length > 400) {
    fault.value = 'Reason is longer than 400 characters. Shorten it.'
    return
  }
  store.accept(finding, reason.value.trim())
  accepting.value = ''
}

function begin(finding: JudgedFinding): void {
  accepting.value = finding.key
  reason.value = ''
  fault.value = ''
}
</script>

<template>
  <section class="findings" aria-label="Findings">
    <article
      v-for="f in shown"
      :key="f.key"
      :class="[f.severity, { accepted: f.accepted }]"
      @pointerenter="emit('point', f)"
      @pointerleave="emit('point', undefined)"
      @focusin="emit('point', f)"
    >
      <h2>
        <i v-for="c in colors(f)" :key="c" class="chip" :style="{ background: c }"></i>
        <span class="visually-hidden">{{ WORD[f.severity] }}: </span>{{ f.title }}
      </h2>
      <template v-if="f.accepted">
        <p>Accepted: {{ f.accepted.reason }}</p>
        <ElButton link @click="store.remove('acceptances', f.accepted.id)">Open again</ElButton>
      </template>
      <template v-else>
        <p>
          <b>{{ f.measured }}</b>; wanted {{ f.wanted }}. {{ f.because }}
          <template v-if="f.school"> School: {{ f.school }}.</template>
        </p>
        <p class="fixes">
          <ElButton v-for="m in f.fixes" :key="m.label" link @click="store.applyFix(m)">
            {{ m.label }}
          </ElButton>
          <RouterLink
            v-if="replaceable(f)"
            class="word"
            :to="`/jobs/${store.snapshot?.brief.id}/palette/samples?instead=${replaceable(f)}`"
            >Find one in the library that agrees</RouterLink
          >
          <ElButton v-if="accepting !== f.key" link @click="begin(f)">Accept with a reason</ElButton>
        </p>
        <form
          v-if="accepting === f.key"
          novalidate
          @submit.prevent="accept(f)"
          @keydown.esc.stop="accepting = ''"
        >
          <PlainField v-model="reason" label="Reason" :fault="fault || undefined" />
          <ElButton native-type="submit">Accept</ElButton>
        </form>
      </template>
    </article>
    <ElButton v-if="findings.length > shown.length" link @click="all = true">
      Show {{ findings.length - shown.length }} more
    </ElButton>
    <p v-if="findings.length === 0 && store.findings" class="second">
      {{ quiet ?? 'Nothing to look at here.' }}
    </p>
  </section>
</template>

<style scoped>
.findings {
  display: grid;
  gap: 8px;
}
article {
  contain: layout style;
  background: var(--paper);
  border-left: 4px solid var(--rule-2);
  padding: 8px 12px 9px;
  font-size: 13px;
  display: grid;
  gap: 5px;
}
article.look {
  border-left-color: var(--ink);
}
article.stop {
  border-left-color: var(--stop);
}
article.accepted {
  border-left: 4px double var(--rule-2);
}
article.accepted h2 {
  text-decoration: line-through;
  font-weight: 400;
}
h2 {
  font-size: 14px;
  font-weight: 650;
  line-height: 1.3;
}
p {
  color: var(--ink-2);
}
p b {
  font-weight: 500;
  color: var(--ink);
}
.chip {
  display: inline-block;
  width: 22px;
  height: 14px;
  vertical-align: -1px;
}
.chip:last-of-type {
  margin-right: 6px;
}
.fixes {
  display: grid;
  justify-items: start;
}
form {
  display: grid;
  gap: 6px;
  justify-items: start;
}
form > div {
  width: 100%;
}
</style>
