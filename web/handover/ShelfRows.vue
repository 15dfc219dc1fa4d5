<script setup lang="ts">
import { computed } from 'vue'
import type { JudgedFinding } from '@bonitas/core/findings/finding'
import { levelLook } from '@bonitas/core/stages/handover/levelLook'
import type { Unit } from '@bonitas/core/stages/handover/stylingFacts'
import { capital } from '@bonitas/core/kernel/capital'
import { useLocale } from '../form/useLocale.js'
import { t } from './words.js'

/** Each shelf of a unit beside its drawing: its forms, its weight of look, its materials, and what is said of it. */
const props = defineProps<{
  unit: Unit
  hexOf: (pieceId: string) => string
  findings: readonly JudgedFinding[]
}>()
const { number } = useLocale()
const HUNDRED = 100
const percent = (part: number) => Math.round(HUNDRED * part)
const rows = computed(() =>
  [...props.unit.levels]
    .filter((l) => l.number > 0 || l.things.length > 0)
    .sort((a, b) => (b.number || Infinity) - (a.number || Infinity))
    .map((level) => {
      const ids = new Set(level.things.map((s) => s.id))
      const said = props.findings.filter(
        (f) => !f.accepted && f.about.some((r) => r.kind === 'shelfPlace' && ids.has(r.id)),
      )
      return { level, look: levelLook(level), said }
    }),
)
const nameOf = (level: Unit['levels'][number]) =>
  level.number === 0
    ? capital(t('theTop'))
    : level.name || capital(t(level.closed ? 'closedShelfN' : 'shelfN', { n: level.number }))
const materials = (look: ReturnType<typeof levelLook>) =>
  look.materials
    .slice(0, 2)
    .map((m) => `${m.material} ${number(percent(m.part))} %`)
    .join(' · ')
</script>

<template>
  <div class="shelf-rows">
    <div class="row head second" aria-hidden="true">
      <span>{{ t('formsHead') }}</span>
      <span>{{ t('sidesHead') }}</span>
      <span>{{ t('materialHead') }}</span>
    </div>
    <section v-for="{ level, look, said } in rows" :key="level.number" :aria-label="nameOf(level)">
      <h2>{{ nameOf(level) }}</h2>
      <p v-if="level.things.length === 0" class="second">{{ t('emptyShelf') }}</p>
      <template v-else>
        <div class="row">
          <span class="forms">
            <span :title="t('tall')"
              ><i class="tall" aria-hidden="true"></i>{{ look.tall
              }}<span class="visually-hidden">{{ t('tall') }}</span></span
            >
            <span :title="t('wide')"
              ><i class="wide" aria-hidden="true"></i>{{ look.wide
              }}<span class="visually-hidden">{{ t('wide') }}</span></span
            >
            <span :title="t('small')"
              ><i class="small" aria-hidden="true"></i>{{ look.small
              }}<span class="visually-hidden">{{ t('small') }}</span></span
            >
          </span>
          <span v-if="look.sides" class="sides">
            <svg viewBox="0 0 100 14" aria-hidden="true">
              <path d="M0 10H100M50 2V14" />
              <rect :x="50 - 50 * look.sides.left" y="4" :width="50 * look.sides.left" height="6" />
              <rect x="50.6" y="4" :width="50 * look.sides.right" height="6" />
            </svg>
            {{ t('sidesOf', { left: percent(look.sides.left), right: 100 - percent(look.sides.left) }) }}
          </span>
          <span class="seen">
            <svg viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
              <rect
                v-for="(s, i) in look.seen"
                :key="s.thing.id"
                :x="100 * look.seen.slice(0, i).reduce((sum, o) => sum + o.part, 0)"
                y="0"
                :width="100 * s.part"
                height="12"
                :fill="hexOf(s.thing.pieceId)"
              />
            </svg>
            {{ materials(look) }}
          </span>
        </div>
        <p v-for="f in said.slice(0, 2)" :key="f.key" class="said" :class="f.severity">{{ f.title }}</p>
        <p v-if="said.length === 0 && level.things.length > 1" class="second">{{ t('holds') }}</p>
      </template>
    </section>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 92px minmax(90px, 1fr) minmax(120px, 1.4fr);
  gap: 6px 16px;
  align-items: start;
  font-stretch: 85%;
}
.head {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 3px;
}
section {
  border-bottom: 1px solid var(--rule-2);
  padding: 6px 0 7px;
}
h2 {
  font-size: inherit;
  margin-bottom: 2px;
}
.forms {
  display: flex;
  gap: 12px;
  font-weight: 600;
}
.forms > span {
  display: inline-flex;
  align-items: flex-end;
  gap: 4px;
}
i {
  background: var(--ink);
  display: inline-block;
}
i.tall {
  width: 6px;
  height: 17px;
}
i.wide {
  width: 18px;
  height: 7px;
  margin-bottom: 3px;
}
i.small {
  width: 7px;
  height: 7px;
  margin-bottom: 3px;
}
.sides svg,
.seen svg {
  display: block;
  width: 100%;
  height: 14px;
}
.sides path {
  stroke: var(--ink);
  stroke-width: 0.7;
}
.seen svg {
  outline: 1px solid var(--ink);
  margin-bottom: 2px;
}
.said {
  font-weight: 600;
}
.said.stop {
  border-left: 4px solid var(--stop);
  padding-left: 6px;
}
.said.note {
  font-weight: 400;
}
</style>
