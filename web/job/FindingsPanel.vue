<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, onBeforeUnmount, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { labToHex } from '@bonitas/core/kernel/color/lab'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import PlainField from '../form/PlainField.vue'
import { useJobStore } from './jobStore.js'
import { findingsOf } from './stageLines.js'
import { term } from '../words/term.js'
import { STAGES } from '../stages.js'
import { pageOfRule } from './pageOfRule.js'
import { useAccepting } from './useAccepting.js'
import { useFocusKept } from './useFocusKept.js'
import { waysOut } from './waysOut.js'
import { t } from './words.js'

/** What the rule book noticed in one stage, each with its ways out. */
const props = defineProps<{
  stage: string
  quiet?: string
  /** These instead of all of the stage. */
  list?: readonly JudgedFinding[]
  /** The page of the stage: what is answered on another stands there, and is only counted here. */
  page?: string
  /** The list is that of the whole stage: what else was looked for is told with it. */
  whole?: boolean
  /** How many at once; the rest when asked for. */
  most?: number
}>()
const emit = defineEmits<{ point: [finding: JudgedFinding | undefined] }>()
const store = useJobStore()
/** What was found apart from the rest: the plan of the room and that of the work are made when they are needed. */
const apart = computed(() =>
  props.stage === 'plan' ? store.plan : props.stage === 'install' ? store.install : undefined,
)
const isApart = computed(() => props.stage === 'plan' || props.stage === 'install')
const ofStage = computed(() =>
  isApart.value ? (apart.value?.findings ?? []) : findingsOf(store.findings ?? [], props.stage),
)
const findings = computed(() => {
  if (props.list) return props.list
  const { page } = props
  return page === undefined ? ofStage.value : ofStage.value.filter((f) => pageOfRule(f.rule) === page)
})
/** The other pages on which something is open. */
const elsewhere = computed(() => {
  const { page } = props
  if (page === undefined) return []
  const open = ofStage.value.filter((f) => !f.accepted && f.severity !== 'note')
  return (STAGES.find((s) => s.path === props.stage)?.pages ?? [])
    .filter((p) => p.path !== page)
    .map((p) => ({
      name: term(p.tab ?? p.title),
      to: `/jobs/${store.snapshot?.brief.id ?? ''}/${props.stage}${p.path ? `/${p.path}` : ''}`,
      n: open.filter((f) => pageOfRule(f.rule) === p.path).length,
    }))
    .filter((p) => p.n > 0)
})
/** A page of a hundred findings is read by nobody: the gravest come first, the rest when asked for. */
const MOST = 24
const all = ref(false)
const shown = computed(() => (all.value ? findings.value : findings.value.slice(0, props.most ?? MOST)))
// Only what was tried on a copy, and judged by the whole rule book, can be done with one click.
const me = Symbol(props.stage)
watch(shown, (list) => store.check(me, list), { immediate: true })
onBeforeUnmount(() => store.check(me, []))
const ways = (f: JudgedFinding) => waysOut(f, store.verdict(f), store.nameOf)
const LookedFor = defineAsyncComponent(() => import('./LookedFor.vue'))
const open = ref(false)
/** Once per stage, where all of it is shown, and only when it was judged. */
const looks = computed(
  () => (props.whole || !props.list) && !props.page && (isApart.value ? !!apart.value : !!store.findings),
)
const { list: lines, entered, left } = useFocusKept('article')
const { accepting, reason, fault, accept, begin } = useAccepting()

const WORD = { stop: t('stop'), look: t('look'), note: t('note') } as const

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
</script>

<template>
  <section
    ref="lines"
    class="findings"
    tabindex="-1"
    :aria-label="t('findings')"
    @focusin="entered"
    @focusout="left"
  >
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
        <p>{{ t('acceptedReason', { reason: f.accepted.reason }) }}</p>
        <ElButton link @click="store.remove('acceptances', f.accepted.id)">{{ t('openAgain') }}</ElButton>
      </template>
      <template v-else>
        <p>
          <b>{{ f.measured }}</b>{{ t('wantedWantedBecause', { wanted: f.wanted, because: f.because }) }}
          <template v-if="f.school"> {{ t('schoolSchool', { school: f.school }) }}</template>
        </p>
        <p class="fixes">
          <template v-for="(way, n) in ways(f).ways" :key="n">
            <ElButton
              link
              :class="{ untried: !way.safe }"
              :loading="store.isWaiting(f, way.label)"
              :title="way.safe ? undefined : t('beingTried')"
              @click="store.press(f, way.label)"
            >
              {{ way.label }}
            </ElButton>
            <span v-if="way.then" class="second">{{ way.then }}</span>
          </template>
          <span v-if="store.whyNotDone(f)" class="second" role="status">{{ store.whyNotDone(f) }}</span>
          <span v-else-if="ways(f).none" class="second">{{ ways(f).none }}</span>
          <ElButton
            v-if="replaceable(f)"
            :tag="RouterLink"
            link
            :to="`/jobs/${store.snapshot?.brief.id}/palette/samples?instead=${replaceable(f)}`"
            >{{ t('findOneInTheLibrary') }}</ElButton
          >
          <ElButton v-if="accepting !== f.key" link @click="begin(f)">{{ t('acceptWithAReason') }}</ElButton>
        </p>
        <form
          v-if="accepting === f.key"
          novalidate
          @submit.prevent="accept(f)"
          @keydown.esc.stop="accepting = ''"
        >
          <PlainField v-model="reason" :label="t('reason')" :fault="fault || undefined" />
          <ElButton native-type="submit">{{ t('accept') }}</ElButton>
        </form>
      </template>
    </article>
    <ElButton v-if="findings.length > shown.length" link @click="all = true">
      {{ t('showFindingsMore', { findings: findings.length - shown.length }) }}
    </ElButton>
    <p v-if="findings.length === 0 && store.findings" class="second">
      {{ (elsewhere.length === 0 && quiet) || t('nothingToLookAtHere') }}
    </p>
    <template v-if="looks">
      <ElButton link class="else" :aria-expanded="open ? 'true' : 'false'" @click="open = !open">{{
        t('whatElseWasLookedFor')
      }}</ElButton>
      <LookedFor v-if="open" :stage="stage" />
    </template>
    <p v-if="elsewhere.length > 0" class="second elsewhere">
      {{ t('alsoToLookAt') }}
      <RouterLink v-for="p in elsewhere" :key="p.to" :to="p.to">{{ p.name }} {{ p.n }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.elsewhere {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
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
.else {
  justify-self: start;
}
.fixes .el-button.is-link.untried {
  color: var(--ink-2);
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
