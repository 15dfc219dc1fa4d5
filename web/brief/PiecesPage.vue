<script setup lang="ts">
import { ROWS } from '@bonitas/core/model/registry'
import { computed, nextTick, ref } from 'vue'
import { kindOfName } from '@bonitas/core/stages/brief/coverage'
import { parseSize } from '@bonitas/core/stages/brief/spokenSize'
import { InputError } from '@bonitas/core/kernel/errors/InputError'

import { FIXINGS } from '@bonitas/core/model/vocabulary/fixing'
import { PIECE_KINDS, VERDICTS, type PieceKind } from '@bonitas/core/model/vocabulary/piece'
import RowCheck from '../form/RowCheck.vue'
import RowChoice from '../form/RowChoice.vue'
import RowField from '../form/RowField.vue'
import FindingsPanel from '../job/FindingsPanel.vue'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useInAddress } from '../job/useInAddress.js'
import { useStageKeys } from '../job/keys.js'
import SameThing from '../job/SameThing.vue'
import StagePage from '../job/StagePage.vue'
import { useWallChoices } from '../measure/useWallChoices.js'
import StageTabs from '../job/StageTabs.vue'
import SizeField from './SizeField.vue'

const store = useJobStore()
const job = computed(() => store.snapshot)
const system = computed(() => job.value?.studio.system ?? 'metric')
const pieces = computed(() => job.value?.pieces.filter((p) => p.there) ?? [])
const coming = computed(() => job.value?.pieces.filter((p) => !p.there) ?? [])
useStageKeys([
  ['Enter anywhere in the entry', 'Keep the piece, on to the next'],
  ['1980 900 840', 'Width, depth, height as they are spoken'],
])

const blank = () => ({
  name: '',
  kind: '' as PieceKind | '',
  size: '',
  material: '',
  color: '',
  place: '',
  verdict: '',
})
const draft = ref(blank())
const faults = ref<{ name?: string; size?: string }>({})
const asked = ref('')
const chosen = useInAddress('piece')
const nameField = ref<HTMLInputElement>()
const kindByName = computed(() => kindOfName(draft.value.name) ?? 'other')
const kind = computed<PieceKind>(() => draft.value.kind || kindByName.value)
const walls = useWallChoices('no wall')

/** A wall whose name the place speaks of. */
function wallOf(place: string): string | null {
  const words = place.trim().toLowerCase()
  return (
    walls.value.find(
      (w) =>
        w.value !== null &&
        words !== '' &&
        (w.text.toLowerCase() === words || words.includes(w.text.toLowerCase())),
    )?.value ?? null
  )
}

async function keep(): Promise<void> {
  faults.value = {}
  const d = draft.value
  if (d.name.trim() === '') {
    faults.value = { name: 'Name is empty. Write what it is: settee, trunk, reading lamp.' }
    nameField.value?.focus()
    return
  }
  if (d.name.length > 120) {
    faults.value = { name: 'Name is longer than 120 characters. Shorten it.' }
    return
  }
  try {
    const size = parseSize(d.size, kind.value, system.value)
    if (size.question && asked.value !== d.size) {
      // Asked once; the same size entered again is meant.
      asked.value = d.size
      faults.value = { size: `${size.question} Enter again to keep it as it is.` }
      return
    }
    chosen.value = store.add('pieces', {
      ...ROWS.pieces.blank(),
      serves: [],
      position: nextPosition(job.value?.pieces ?? []),
      name: d.name.trim(),
      kind: kind.value,
      widthMm: size.widthMm,
      depthMm: size.depthMm,
      heightMm: size.heightMm,
      material: d.material.trim().slice(0, 60),
      color: d.color.trim().slice(0, 60),
      place: d.place.trim().slice(0, 80),
      wallId: wallOf(d.place),
      verdict: (d.verdict || null) as (typeof VERDICTS)[number] | null,
      there: true,
    })
    draft.value = blank()
    asked.value = ''
    await nextTick()
    nameField.value?.focus()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = { size: error.message }
  }
}

const selected = computed(() => job.value?.pieces.find((p) => p.id === chosen.value))
/** What is here on loan, in words; the loans themselves stand under Dates, with their days. */
const lent = computed(
  () =>
    new Map(
      (job.value?.loans ?? []).flatMap((l) =>
        l.pieceId && !l.returnedOn
          ? [[l.pieceId, l.owner ? `lent from ${l.owner}` : 'borrowed'] as const]
          : [],
      ),
    ),
)
function borrow(pieceId: string): void {
  store.add('loans', {
    ...ROWS.loans.blank(),
    name: selected.value?.name ?? '',
    pieceId,
    reason: 'from another room',
    takenOn: store.day,
  })
}
const VERDICT_CHOICES = [{ value: null, text: 'not judged' }, ...VERDICTS.map((v) => ({ value: v, text: v }))]
const byVerdict = computed(() =>
  [...VERDICTS, null].map((v) => ({
    word: v ?? 'not judged',
    n: pieces.value.filter((p) => p.verdict === v).length,
  })),
)
</script>

<template>
  <StagePage v-if="job" title="Brief">
    <template #head><StageTabs stage="brief" /></template>
    <form class="entry" novalidate aria-label="A piece that is there" @submit.prevent="keep">
      <div class="f name">
        <label for="piece-name">Piece</label>
        <input
          id="piece-name"
          ref="nameField"
          v-model="draft.name"
          :data-dirty="draft.name !== ''"
          autocomplete="off"
          :aria-invalid="faults.name ? 'true' : undefined"
          aria-describedby="piece-name-says"
        />
        <p id="piece-name-says" class="fault">{{ faults.name }}</p>
      </div>
      <div class="f size">
        <label for="piece-size">Size: W, D, H</label>
        <input
          id="piece-size"
          v-model="draft.size"
          :data-dirty="draft.size !== ''"
          autocomplete="off"
          inputmode="text"
          :placeholder="system === 'metric' ? '1980 900 840' : `6'6 x 35 1/2 x 33`"
          :aria-invalid="faults.size ? 'true' : undefined"
          aria-describedby="piece-size-says"
        />
        <p id="piece-size-says" class="fault">{{ faults.size }}</p>
      </div>
      <div class="f">
        <label for="piece-material">Material</label>
        <input
          id="piece-material"
          v-model="draft.material"
          :data-dirty="draft.material !== ''"
          autocomplete="off"
        />
      </div>
      <div class="f">
        <label for="piece-color">Color</label>
        <input id="piece-color" v-model="draft.color" :data-dirty="draft.color !== ''" autocomplete="off" />
      </div>
      <div class="f">
        <label for="piece-place">Where</label>
        <input
          id="piece-place"
          v-model="draft.place"
          :data-dirty="draft.place !== ''"
          autocomplete="off"
          list="walls-of-room"
        />
        <datalist id="walls-of-room">
          <option v-for="w in walls.slice(1)" :key="w.text" :value="w.text" />
        </datalist>
      </div>
      <div class="f">
        <label for="piece-verdict">Verdict</label>
        <select id="piece-verdict" v-model="draft.verdict">
          <option value="">not judged</option>
          <option v-for="v in VERDICTS" :key="v">{{ v }}</option>
        </select>
      </div>
      <div class="f">
        <label for="piece-kind">Kind</label>
        <select id="piece-kind" v-model="draft.kind">
          <option value="">{{ draft.name ? kindByName : 'by its name' }}</option>
          <option v-for="k in PIECE_KINDS" :key="k">{{ k }}</option>
        </select>
      </div>
      <button class="button primary">Keep</button>
    </form>
    <p class="second tally" role="status">
      {{ pieces.length }} {{ pieces.length === 1 ? 'piece' : 'pieces' }} there<template
        v-if="pieces.length > 0"
        >:
        <template v-for="(v, i) in byVerdict.filter((x) => x.n > 0)" :key="v.word"
          >{{ i > 0 ? ', ' : '' }}{{ v.n }} {{ v.word }}</template
        ></template
      >
    </p>
    <p v-if="pieces.length === 0" class="second teach">
      Walk through the room once and enter what is there: a name, its size, Enter. The kind is taken from the
      name. Each piece then gets a verdict, and a purpose or a reason to stay.
    </p>
    <div v-else class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">Piece</th>
            <th scope="col">Kind</th>
            <th scope="col" class="figure">W × D × H</th>
            <th scope="col">Material</th>
            <th scope="col">Color</th>
            <th scope="col">Where</th>
            <th scope="col">Verdict</th>
            <th scope="col"><span class="visually-hidden">More</span></th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="p in pieces"
            :key="p.id"
            :class="{ chosen: p.id === chosen, gone: p.verdict === 'let go' }"
            @focusin="chosen = p.id"
          >
            <td class="n">
              <RowField collection="pieces" :row="p" field="name" kind="text" bare />
              <span v-if="p.sentimental || lent.has(p.id)" class="second flags">{{
                [p.sentimental && 'sentimental', lent.get(p.id)].filter(Boolean).join(', ')
              }}</span>
            </td>
            <td>
              <RowChoice
                collection="pieces"
                :row="p"
                field="kind"
                :choices="PIECE_KINDS"
                bare
                :label="`Kind of ${p.name}`"
              />
            </td>
            <td class="figure"><SizeField :piece="p" /></td>
            <td>
              <RowField
                collection="pieces"
                :row="p"
                field="material"
                kind="text"
                bare
                :label="`Material of ${p.name}`"
              />
            </td>
            <td>
              <RowField
                collection="pieces"
                :row="p"
                field="color"
                kind="text"
                bare
                :label="`Color of ${p.name}`"
              />
            </td>
            <td>
              <RowField
                collection="pieces"
                :row="p"
                field="place"
                kind="text"
                bare
                :label="`Where ${p.name} stands`"
              />
            </td>
            <td>
              <RowChoice
                collection="pieces"
                :row="p"
                field="verdict"
                :choices="VERDICT_CHOICES"
                bare
                :label="`Verdict on ${p.name}`"
              />
            </td>
            <td class="figure">
              <button class="word" :aria-label="`More about ${p.name}`" @click="chosen = p.id">more</button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="coming.length > 0" class="second tally">
      {{ coming.length }} more {{ coming.length === 1 ? 'piece is' : 'pieces are' }} still to come; they are
      laid out in the Palette.
    </p>
    <template v-if="selected" #strip>
      <div class="strip">
        <h2>
          {{ selected.name }}
          <button class="word" @click="store.remove('pieces', selected.id)">Remove the piece</button>
        </h2>
        <RowCheck collection="pieces" :row="selected" field="sentimental" />
        <RowCheck collection="pieces" :row="selected" field="stays" label="Not to be moved" />
        <RowField collection="pieces" :row="selected" field="reason" kind="text" label="Reason to stay" />
        <RowChoice collection="pieces" :row="selected" field="wallId" :choices="walls" label="Stands at" />
        <RowField collection="pieces" :row="selected" field="count" kind="whole" label="Number" figure />
        <RowField
          collection="pieces"
          :row="selected"
          field="openDepthMm"
          kind="length"
          label="Depth extended"
          figure
        />
        <RowField collection="pieces" :row="selected" field="weightG" kind="weight" label="Weight" figure />
        <RowChoice collection="pieces" :row="selected" field="fixing" :choices="FIXINGS" label="Held" />
        <RowField
          collection="pieces"
          :row="selected"
          field="originalAt"
          kind="text"
          label="Original kept at"
        />
        <SameThing :id="selected.id" class="all" collection="pieces" />
        <p v-if="!lent.has(selected.id)" class="all">
          <button class="word" @click="borrow(selected.id)">It is borrowed and goes back</button>
        </p>
      </div>
    </template>
    <template #panel>
      <FindingsPanel stage="brief" quiet="The brief raises no question." />
    </template>
  </StagePage>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 1.5fr 1.3fr 0.9fr 0.8fr 1fr 100px 112px auto;
  gap: 8px;
  align-items: start;
  background: var(--paper);
  border-top: 1px solid var(--ink);
  border-bottom: 1px solid var(--ink);
  padding: 8px 10px 6px;
}
.entry label {
  display: block;
  font-size: 13px;
  color: var(--ink-2);
  white-space: nowrap;
}
.entry .button {
  margin-top: 19px;
  min-height: 30px;
}
.f {
  min-width: 0;
  position: relative;
}
.f .fault:not(:empty) {
  position: absolute;
  z-index: 5;
  background: #fff;
  border: 1px solid var(--stop);
  padding: 5px 8px;
  width: max-content;
  max-width: 300px;
}
.tally {
  margin: 8px 0 4px;
}
.teach {
  max-width: 62ch;
}
.scroll {
  overflow-x: auto;
}
td {
  padding: 1px 8px 1px 0;
  vertical-align: middle;
}
.n {
  min-width: 128px;
}
td :deep(.row-choice select) {
  min-width: 86px;
}
td.figure,
th.figure {
  padding-left: 0;
}
.flags {
  display: block;
  margin-top: -4px;
}
tr.chosen {
  background: var(--paper);
}
tr.gone .n :deep(input) {
  text-decoration: line-through;
}
.strip {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 4px 14px;
  align-items: end;
}
.strip h2 {
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
}
.strip .all {
  grid-column: 1 / -1;
  margin: 0;
}
.strip .word {
  font-size: 14px;
  font-weight: 400;
}
@media (width < 760px) {
  .entry {
    grid-template-columns: 1fr 1fr;
  }
  .entry .name,
  .entry .size,
  .entry .button {
    grid-column: 1 / -1;
  }
  .entry input,
  .entry select {
    min-height: 40px;
    font-size: 16px;
  }
  .entry .button {
    margin-top: 4px;
    min-height: 44px;
  }
  .strip {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
