<script setup lang="ts">
import { drawingSvg } from '@bonitas/core/kernel/geometry/drawingSvg'
import { inProportion } from '@bonitas/core/stages/palette/board'
import type { BookBlock, BookChapter, BookTable, BookTile } from '@bonitas/core/job/handover/book/book'
import type { RichText } from '@bonitas/core/model/richText'
import ListTable from '../form/ListTable.vue'
import { useLocale } from '../form/useLocale.js'
import { inkOn } from '../plan/usePlan.js'
import { t } from './words.js'

/** A part of the book as it will be set. */
defineProps<{ chapter: BookChapter; address: (id: string) => string }>()
const { says } = useLocale()
const WIDE = 640
const HIGH = 300
const tilesOf = (tiles: readonly BookTile[]) =>
  inProportion(tiles, (x) => x.share, { x: 0, y: 0, width: WIDE, height: HIGH })
const svgOf = (block: Extract<BookBlock, { kind: 'drawing' }>) =>
  `data:image/svg+xml,${encodeURIComponent(drawingSvg(block.drawing, block.name))}`
const columnsOf = (table: BookTable) =>
  table.head.map((head, i) => ({ id: String(i), head, figure: table.figures?.includes(i) ?? false }))
/** Lists as they are read: what is of one kind in a row is one list. */
function groups(words: RichText) {
  const all: { kind: RichText[number]['kind']; blocks: RichText[number][] }[] = []
  for (const block of words) {
    const last = all.at(-1)
    const listed = block.kind === 'bullet' || block.kind === 'number'
    if (listed && last?.kind === block.kind) last.blocks.push(block)
    else all.push({ kind: block.kind, blocks: [block] })
  }
  return all
}
const tagOf = { paragraph: 'p', heading: 'h4', quote: 'blockquote', bullet: 'ul', number: 'ol' } as const
const isList = (kind: keyof typeof tagOf) => kind === 'bullet' || kind === 'number'
/** Letters are about so wide; a name that would run over its tile is left to the list below. */
const LETTER = 7
const fits = (p: { readonly width: number; readonly height: number; readonly part: BookTile }) =>
  p.height > 30 && p.part.name.length * LETTER + 16 < p.width
</script>

<template>
  <article class="chapter">
    <h3>{{ chapter.title }}</h3>
    <template v-for="(block, n) in chapter.blocks" :key="n">
      <template v-if="block.kind === 'words'">
        <component :is="tagOf[g.kind]" v-for="(g, i) in groups(block.words)" :key="i">
          <component :is="isList(g.kind) ? 'li' : 'span'" v-for="(b, j) in g.blocks" :key="j">
            <template v-for="(r, k) in b.runs" :key="k"
              ><component :is="r.bold ? 'b' : 'span'" class="run" :class="{ italic: r.italic }">{{
                r.text
              }}</component></template
            >
          </component>
        </component>
      </template>
      <p v-else-if="block.kind === 'says'">{{ block.text }}</p>
      <p v-else-if="block.kind === 'caution'" class="caution">{{ block.text }}</p>
      <dl v-else-if="block.kind === 'facts'">
        <template v-for="[name, value] in block.facts" :key="name"
          ><dt>{{ name }}</dt>
          <dd>{{ value }}</dd></template
        >
      </dl>
      <section v-else-if="block.kind === 'table'">
        <h4>{{ block.name }}</h4>
        <ListTable :rows="block.rows" :columns="columnsOf(block)" :key-of="(_row, i) => String(i)">
          <template v-for="(_h, i) in block.head" :key="i" #[`cell-${i}`]="{ row }"
            ><span class="cell">{{ row[i] }}</span></template
          >
        </ListTable>
      </section>
      <section v-else-if="block.kind === 'palette'">
        <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" class="tiles" role="img" :aria-label="t('tilesInProportion')">
          <g v-for="p in tilesOf(block.tiles)" :key="p.part.name + p.x">
            <rect :x="p.x" :y="p.y" :width="p.width" :height="p.height" :fill="p.part.hex" />
            <text v-if="fits(p)" :x="p.x + 8" :y="p.y + 18" :fill="inkOn(p.part.hex)">
              {{ p.part.name }}
            </text>
          </g>
        </svg>
        <ul class="finishes">
          <li v-for="(p, i) in block.tiles" :key="i">
            <i :style="{ background: p.hex }" aria-hidden="true"></i>
            <span
              ><b>{{ p.name }}</b> {{ says.percent(p.share) }}
              <span class="second">{{ [p.about, p.where].filter(Boolean).join(' · ') }}</span></span
            >
          </li>
        </ul>
      </section>
      <figure v-else-if="block.kind === 'drawing'">
        <figcaption>{{ block.name }}</figcaption>
        <img :src="svgOf(block)" :alt="block.says" />
      </figure>
      <figure v-else>
        <figcaption>{{ block.name }}</figcaption>
        <div class="pair">
          <img
            v-if="block.beforeId"
            :src="address(block.beforeId)"
            :alt="t('beforeOf', { name: block.name })"
          />
          <img v-if="block.afterId" :src="address(block.afterId)" :alt="t('afterOf', { name: block.name })" />
        </div>
      </figure>
    </template>
  </article>
</template>

<style scoped>
.chapter {
  background: #fff;
  border: 1px solid var(--rule-2);
  padding: 34px 40px;
  max-width: 780px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  overflow-wrap: anywhere;
}
h3 {
  font-size: 22px;
  font-weight: 600;
  border-bottom: 1px solid var(--ink);
  padding-bottom: 8px;
}
h4 {
  font-size: 14px;
  font-weight: 600;
}
.run,
.cell {
  white-space: pre-line;
}
.italic {
  font-style: oblique;
}
ul,
ol {
  padding-left: 20px;
}
blockquote {
  margin: 0;
  border-left: 1px solid var(--ink);
  padding-left: 12px;
}
.caution {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}
dl {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 3px 12px;
}
dt {
  color: var(--ink-2);
}
.tiles {
  width: 100%;
  font-size: 13px;
}
.finishes {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px 18px;
  margin-top: 10px;
}
.finishes li {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr);
  gap: 10px;
}
.finishes i {
  height: 22px;
  margin-top: 2px;
}
.finishes .second {
  display: block;
}
figure {
  margin: 0;
}
figure img {
  max-width: 100%;
  max-height: 460px;
}
figcaption {
  font-weight: 600;
  margin-bottom: 4px;
}
.pair {
  display: flex;
  gap: 10px;
}
.pair img {
  min-width: 0;
  flex: 1;
  object-fit: contain;
}
</style>
