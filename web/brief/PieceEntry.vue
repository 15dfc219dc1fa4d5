<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { ROWS } from '@bonitas/core/model/registry'
import { kindOfName } from '@bonitas/core/stages/brief/coverage'
import { parseSize } from '@bonitas/core/stages/brief/spokenSize'
import { InputError } from '@bonitas/core/kernel/errors/InputError'
import { PIECE_KINDS, VERDICTS, type PieceKind } from '@bonitas/core/model/vocabulary/piece'
import { nextPosition } from '../job/edits.js'
import { useJobStore } from '../job/jobStore.js'
import { useWallChoices } from '../measure/useWallChoices.js'

/** One line for a piece that is there: a name, its size, Enter, and on to the next. */
const emit = defineEmits<{ kept: [pieceId: string] }>()
const store = useJobStore()
const job = computed(() => store.snapshot)
const system = computed(() => job.value?.studio.system ?? 'metric')

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
    const id = store.add('pieces', {
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
    emit('kept', id)
    draft.value = blank()
    asked.value = ''
    await nextTick()
    nameField.value?.focus()
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    faults.value = { size: error.message }
  }
}
</script>

<template>
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
}
</style>
