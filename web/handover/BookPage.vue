<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, defineAsyncComponent, ref } from 'vue'
import { BOOK_SECTIONS, type BookSection } from '@bonitas/core/model/vocabulary/handover'
import { CHAPTER_TITLES } from '@bonitas/core/job/handover/book/bookWords'
import RowCheck from '../form/RowCheck.vue'
import StagePage from '../job/StagePage.vue'
import StageTabs from '../job/StageTabs.vue'
import { useInAddress } from '../job/useInAddress.js'
import BookChapterView from './BookChapterView.vue'
import { useBook } from './useBook.js'
import { t } from './words.js'

// The editor is a third of this page's code: the book stands there before it.
const WordsEditor = defineAsyncComponent(() => import('./WordsEditor.vue'))

/** The book the client keeps: every part as it will be set, and the words it begins with. */
const { store, book, words, setWords, forget, forStudio } = useBook()
const at = useInAddress('part')
const section = computed<BookSection>(() => BOOK_SECTIONS.find((s) => s === at.value) ?? 'opening')
const chapter = computed(() => book.value?.chapters.find((c) => c.section === section.value))
const its = computed(() => words(section.value))
const inBook = (s: BookSection) => book.value?.chapters.some((c) => c.section === s) === true
const address = (id: string) => `/api/jobs/${store.snapshot?.brief.id ?? ''}/pictures/${id}`
const file = (format: 'pdf' | 'zip') => `/api/jobs/${store.snapshot?.brief.id ?? ''}/book.${format}`
const from = computed(
  () =>
    ({
      job: t('wordsOfJob'),
      studio: t('wordsOfStudio'),
      beginning: t('wordsToBegin'),
      none: t('noWords'),
    })[its.value.from],
)
const said = ref('')
async function asStudio(take: boolean): Promise<void> {
  said.value = ''
  try {
    await forStudio(section.value, take ? its.value.words : null)
    said.value = take ? t('nowOfStudio') : t('noLongerOfStudio')
  } catch (error) {
    said.value = error instanceof Error ? error.message : String(error)
  }
}
const ofStudio = computed(() => store.snapshot?.bookWords?.[section.value] !== undefined)
</script>

<template>
  <StagePage v-if="store.snapshot" :title="t('handover')" :says="t('bookSays')" broad>
    <template #head><StageTabs stage="handover" /></template>
    <div class="bar">
      <RowCheck collection="brief" :row="store.snapshot.brief" field="bookPrices" />
      <span class="acts">
        <ElButton type="primary" tag="a" :href="file('pdf')" target="_blank" rel="noopener">{{
          t('openBook')
        }}</ElButton>
        <ElButton tag="a" :href="file('zip')" download>{{ t('bookFolder') }}</ElButton>
      </span>
    </div>
    <div class="parts" role="group" :aria-label="t('partsOfBook')">
      <ElButton
        v-for="s in BOOK_SECTIONS"
        :key="s"
        size="small"
        :aria-pressed="s === section ? 'true' : 'false'"
        @click="at = s"
        ><i :class="{ has: inBook(s) }" aria-hidden="true"></i>{{ CHAPTER_TITLES[s]
        }}<span v-if="!inBook(s)" class="visually-hidden">{{ t('leftOutOfBook') }}</span></ElButton
      >
    </div>
    <BookChapterView v-if="chapter" :chapter="chapter" :address="address" />
    <p v-else class="second">{{ t('partIsEmpty') }}</p>
    <template #panel>
      <section :key="section" class="panel-part words">
        <h2>{{ CHAPTER_TITLES[section] }}</h2>
        <p class="second">{{ from }}</p>
        <WordsEditor
          :of="section"
          :words="its.words"
          :label="t('wordsOf', { name: CHAPTER_TITLES[section] })"
          @keep="(body, of) => setWords(of as BookSection, body)"
        />
        <div class="acts">
          <ElButton v-if="its.from === 'job'" @click="forget(section)">{{
            ofStudio ? t('backToStudio') : t('backToBegin')
          }}</ElButton>
          <ElButton v-if="its.from === 'job'" @click="asStudio(true)">{{ t('makeStudioWords') }}</ElButton>
          <ElButton v-if="ofStudio" link @click="asStudio(false)">{{ t('dropStudioWords') }}</ElButton>
        </div>
        <p v-if="said" role="status" class="second">{{ said }}</p>
        <p class="second">{{ t('wordsTeach') }}</p>
      </section>
    </template>
  </StagePage>
</template>

<style scoped>
.bar {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  flex-wrap: wrap;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  padding: 8px 0 16px;
}
.parts i {
  display: inline-block;
  width: 9px;
  height: 12px;
  margin-right: 6px;
  border: 1px dashed currentcolor;
}
.parts i.has {
  background: currentcolor;
  border-style: solid;
}
.acts {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: center;
}
.words {
  display: grid;
  gap: 10px;
}
</style>
