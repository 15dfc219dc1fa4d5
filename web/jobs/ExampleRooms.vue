<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onMounted, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { ExampleRoom } from '@bonitas/core/job/exampleRoom'
import { request } from '../api/http.js'
import ListTable from '../form/ListTable.vue'
import { t } from './words.js'

/** Rooms that are done: a copy of one is a job like any other, to look at and to try things on. */
const router = useRouter()
const rooms = shallowRef<readonly ExampleRoom[]>()
const taking = ref('')
const message = ref('')
const told = (error: unknown) => (message.value = error instanceof Error ? error.message : String(error))

onMounted(async () => {
  try {
    rooms.value = await request<ExampleRoom[]>('/example-rooms')
  } catch (error) {
    told(error)
  }
})

async function take(room: ExampleRoom): Promise<void> {
  message.value = ''
  taking.value = room.key
  try {
    const made = await request<{ id: string }>(`/example-rooms/${room.key}`, { method: 'POST', body: {} })
    await router.push(`/jobs/${made.id}/brief`)
  } catch (error) {
    told(error)
  } finally {
    taking.value = ''
  }
}
</script>

<template>
  <section class="example-rooms">
    <h2>{{ t('exampleRooms') }}</h2>
    <p class="second">{{ t('exampleRoomsAre') }}</p>
    <p v-if="message" class="fault" role="alert">{{ message }}</p>
    <ListTable
      v-if="rooms"
      :rows="rooms"
      :columns="[
        { id: 'room', head: t('room') },
        { id: 'kind', head: t('kind') },
        { id: 'place', head: t('place') },
        { id: 'take', head: '', figure: true },
      ]"
      :key-of="(room) => room.key"
    >
      <template #cell-room="{ row: room }"
        ><b>{{ room.name }}</b></template
      >
      <template #cell-kind="{ row: room }">{{ room.kind }}</template>
      <template #cell-place="{ row: room }">{{ room.place }}</template>
      <template #cell-take="{ row: room }"
        ><ElButton
          :loading="taking === room.key"
          :disabled="taking !== ''"
          :aria-label="t('openACopyOf', { name: room.name })"
          @click="take(room)"
          >{{ t('openACopy') }}</ElButton
        ></template
      >
    </ListTable>
    <p v-else-if="!message" class="second" role="status">{{ t('opening') }}</p>
  </section>
</template>

<style scoped>
.example-rooms {
  background: var(--panel);
  padding: 14px 18px;
}
h2 {
  font-size: 15px;
}
.second {
  max-width: 70ch;
}
</style>
