<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { entryWords } from '@/log/entryWords'
import RefusedLines from '@/log/RefusedLines.vue'
import WaitingPhoto from '@/log/WaitingPhoto.vue'
import type { JudgeRallyView } from '@/api/names'
import { deviceStore, keeps, type Unsent } from '@/shared/deviceStore'
import StationHead from '@/shared/StationHead.vue'
import PadButton from '@/pads/PadButton.vue'
import { discardUnread, unread, waitingHere } from './waitingHere'

/** What this device has recorded and the server does not have yet, rally by rally. */
const known = ref<readonly JudgeRallyView[]>([])
watch(
  waitingHere,
  async () => (known.value = (await (await deviceStore())?.getAll('rallies'))?.map((kept) => kept.data) ?? []),
  { immediate: true },
)
const waits = computed(() =>
  waitingHere.value.some((w) => [...w.outbox.unsent.value, ...w.photos.waiting.value].some((one) => !one.refusal)),
)
const rallyOf = (id: string) => known.value.find((r) => r.id === id)
const whose = (rally: string, { entry }: Unsent) => {
  const of = rallyOf(rally)
  const team = [...(of?.teams ?? []), ...(of?.references ?? [])].find((t) => t.id === entry.team)?.name
  return team ? `${team}: ` : entry.team ? '' : 'The class: '
}
</script>

<template>
  <main id="main" class="walk">
    <StationHead
      title="Waiting on this device"
      :next="
        waits
          ? 'It is sent automatically, in its order, when Plucky Rally can be reached.'
          : waitingHere.length > 0
            ? 'Decide what becomes of what was refused.'
            : 'Everything recorded on this device has been sent.'
      "
    />
    <p v-if="!keeps" class="heed">
      <b>This device cannot keep anything by itself.</b> Leave this window open until nothing waits.
    </p>
    <section v-for="{ rally, outbox, photos } in waitingHere" :key="rally" :aria-labelledby="rally">
      <h2 :id="rally">{{ rallyOf(rally)?.name ?? 'A rally' }}</h2>
      <p v-if="outbox.shutOut.value" class="heed">
        This device is not let in any more. <RouterLink to="/join">Join with a code</RouterLink> to send it.
      </p>
      <p v-else-if="outbox.stumbles.value" class="heed">
        {{ outbox.stumbles.value.title }} {{ outbox.stumbles.value.detail }}
      </p>
      <RefusedLines
        :refused="outbox.unsent.value.filter((u) => u.refusal)"
        :outbox="outbox"
        :whose="(u) => whose(rally, u)"
      />
      <ul>
        <li v-for="u in outbox.unsent.value.filter((w) => !w.refusal)" :key="u.entry.id">
          {{ whose(rally, u) }}{{ entryWords(u.entry) }}{{ u.entry.by ? `, by ${u.entry.by}` : '' }}
        </li>
        <WaitingPhoto v-for="p in photos.waiting.value" :key="p.id" :photo="p" @drop="photos.drop(p.id)" />
      </ul>
    </section>
    <section v-if="unread.length > 0" aria-labelledby="earlier">
      <h2 id="earlier">Typed in an earlier version</h2>
      <p>Plucky Rally was updated before this was saved, and cannot put it back into its fields. Copy what you need.</p>
      <div v-for="{ key, text } in unread" :key="key" class="text">
        <textarea :value="text" readonly rows="4" :aria-label="`What was typed: ${text.slice(0, 40)}`"></textarea>
        <PadButton label="Discard" class="touch" variant="outlined" @click="discardUnread(key)" />
      </div>
    </section>
  </main>
</template>

<style scoped>
.text {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  padding: var(--space-3) 0;
}
textarea {
  width: 100%;
}
section {
  display: grid;
  gap: var(--space-4);
  margin-top: var(--space-6);
}
li {
  padding: var(--space-2) 0;
  border-bottom: var(--rule);
  overflow-wrap: anywhere;
}
</style>
