<script setup lang="ts">
import { computed } from 'vue'
import type { Brief } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import ItemLines from '@/fields/ItemLines.vue'
import InlineText from '@/fields/InlineText.vue'
import { useWriting } from '@/fields/writing'
import { newCondition } from '@/stations/brief/newItems'

/** The test, said before anyone builds, and what is the same for everyone. */
defineProps<{ brief: Brief }>()
const { checkup } = useWriting()
/** Sentences that do not fit what is tested are not shown. */
const fits = computed(() => checkup.value?.testFits ?? { attempts: true, lettingGo: true })
</script>

<template>
  <section>
    <h3>How it is tested</h3>
    <GrowText
      v-model="brief.trials.how"
      label="How it is tested"
      at="/trials/how"
      placeholder="What happens in the test, step by step"
    />
    <p v-if="fits.attempts">
      <InlineNumber v-model="brief.trials.attempts" label="Attempts" at="/trials/attempts" />
      {{ brief.trials.attempts === 1 ? 'attempt' : 'attempts' }} for each
      <InlineChoice
        v-model="brief.trials.attemptsFor"
        label="Whose the attempts are"
        :options="[
          ['design', 'design'],
          ['team', 'team, with all its designs'],
        ]"
      />.
      <template v-if="fits.lettingGo && brief.trials.holdSeconds > 0">
        After letting go it must stand by itself for
        <InlineNumber v-model="brief.trials.holdSeconds" label="Seconds to hold" at="/trials/holdSeconds" /> seconds.
      </template>
      <button
        v-else-if="fits.lettingGo"
        type="button"
        class="act not-on-paper"
        data-at="/trials/holdSeconds"
        @click="brief.trials.holdSeconds = 5"
      >
        It must stand by itself for some seconds
      </button>
    </p>
    <GrowText
      v-if="fits.attempts || brief.trials.overWhen"
      v-model="brief.trials.overWhen"
      label="When an attempt is over"
      at="/trials/overWhen"
      placeholder="An attempt is over when…"
    />
    <GrowText
      v-model="brief.trials.ifItFalls"
      label="What happens if it falls or breaks"
      at="/trials/ifItFalls"
      :placeholder="fits.attempts ? 'What happens if it falls or breaks?' : 'What happens if something goes wrong?'"
    />
    <p class="small muted not-on-paper teacher">
      <template v-if="fits.attempts">
        At least <InlineNumber v-model="brief.trials.minimum" label="Fewest attempts" at="/trials/minimum" /> attempts
        (empty: all).
      </template>
      With several designs,
      <InlineChoice
        v-model="brief.trials.designs"
        label="Which design counts"
        :options="[
          ['best', 'the best one'],
          ['last', 'the last one'],
          ['named', 'the one the team names'],
        ]"
      />
      counts.
      <InlineCheck v-model="brief.trials.buildsAnew" label="In a later round teams rebuild" />
      <InlineCheck
        v-if="fits.attempts"
        v-model="brief.trials.freshBuildAfterFailure"
        label="After a failure a fresh build is made"
      />
      <template v-if="brief.trials.freshBuildAfterFailure">
        , at most <InlineNumber v-model="brief.trials.freshBuilds" label="Fresh builds" at="/trials/freshBuilds" />
      </template>
    </p>
    <ul class="measured">
      <li v-for="m in brief.measures.filter((x) => x.how)" :key="m.id">
        <b>{{ m.name }}</b>: {{ m.how }}
        <span v-if="m.unit" class="muted small"> (in {{ m.unit }}, to the nearest {{ m.step }})</span>
      </li>
    </ul>
  </section>
  <section>
    <h3>The same for everyone</h3>
    <ItemLines
      v-slot="{ item }"
      :items="brief.conditions"
      one="condition"
      at="/conditions"
      :fresh="() => newCondition(brief)"
    >
      <InlineText
        v-model="item.text"
        label="What is the same"
        :at="`/conditions/${item.id}/text`"
        placeholder="such as the gap"
      />:
      <InlineText
        v-model="item.fixedAt"
        label="What it is fixed at"
        :at="`/conditions/${item.id}/fixedAt`"
        placeholder="such as 40 cm"
      />
    </ItemLines>
  </section>
</template>

<style scoped>
.teacher {
  line-height: 1.8;
}
.measured {
  margin-top: var(--space-2);
}
</style>
