<script setup lang="ts">
import { computed } from 'vue'
import WhoLine from '@/access/WhoLine.vue'
import { useWho } from '@/access/useWho'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { shortDay } from '@/shared/days'
import BoardControl from './BoardControl.vue'
import ChooseTable from './ChooseTable.vue'
import DayList from './DayList.vue'
import DayPlan from './DayPlan.vue'
import DayRallies from './DayRallies.vue'
import DayTogether from './DayTogether.vue'
import { useDay } from './useDay'

/** A fair day: the page that helpers start from. The teacher plans it here, and finds its code, board and papers. */
const props = defineProps<{ day: string }>()
const { isTeacher } = useWho()
const day = useDay(props.day)
const left = computed(() => rallies.value.reduce((sum, r) => sum + r.left, 0))
const hint = computed(() =>
  isTeacher.value ? 'Helpers choose their table here.' : 'Choose the table that you help at.',
)
const rallies = computed(() => day.data.value?.rallies ?? [])
</script>

<template>
  <main id="main" class="desk stack">
    <LoadNote
      v-if="!day.data.value"
      :state="day.state.value"
      :refusal="day.refusal.value"
      what="the day"
      @again="day.load"
    />
    <template v-else>
      <StationHead :title="day.data.value.name" :next="`${shortDay(day.data.value.date)}. ${hint}`">
        <template v-if="isTeacher">
          <RouterLink class="small" :to="`/days/${props.day}/codes`">Helpers’ code</RouterLink>
          <RouterLink class="small" :to="`/days/${props.day}/board`">Rotating board</RouterLink>
          <RouterLink class="small" :to="`/days/${props.day}/papers`">Papers</RouterLink>
          <a class="small" :href="`/api/days/${props.day}/calendar`" download>Calendar file</a>
        </template>
      </StationHead>
      <ChooseTable v-if="!isTeacher" :day="props.day" :rallies="rallies" />
      <DayRallies v-else :rallies="rallies" />
      <DayList v-for="l in day.data.value.lists" :key="l.rallies.join(' ')" :day="props.day" :list="l" />
      <template v-if="isTeacher">
        <BoardControl v-if="rallies.length > 0" :day="day.data.value" @changed="day.load" />
        <DayTogether v-if="rallies.length > 0" :day="props.day" :left="left" @changed="day.load" />
        <DayPlan :day="props.day" @changed="day.load" />
      </template>
      <WhoLine v-else />
    </template>
  </main>
</template>
