<script setup lang="ts">
import Button from 'primevue/button'
import { computed, watch } from 'vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import LimitFields from '@/checks/limit/LimitFields.vue'
import LeftDraft from './LeftDraft.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useRally } from '@/shared/openRally'
import StationHead from '@/shared/StationHead.vue'
import KeepChange from './KeepChange.vue'
import SheetMaterials from './sheet/SheetMaterials.vue'
import { useMargin } from './useMargin'
import { useBriefChange } from './useBriefChange'

/** What is different in a round that is planned: asked one after the other. What is left alone stays as it is. */
const { rally, round, inRound } = useRally()
const change = useBriefChange(rally.value?.id ?? '', round)
const { brief, onlyThisRound, reason, refusal, changed } = change
useMargin(change, 'method')
watch(
  round,
  async () => {
    await change.open()
    reason.value ||= `planned for round ${round.value}`
  },
  { immediate: true },
)
const limits = computed(() =>
  (brief.value?.rules ?? []).flatMap((rule) =>
    !rule.off && rule.check.kind === 'limit' ? [{ rule, check: rule.check }] : [],
  ),
)
const targets = computed(() => brief.value?.method.targets.filter((t) => !t.off) ?? [])
const back = computed(() => inRound(`/rallies/${rally.value?.id}/brief`))
</script>

<template>
  <main v-if="rally" id="main" class="desk stack">
    <StationHead
      :title="`Change the brief for round ${round}`"
      next="Change what is different. Everything else stays as it is."
    >
      <RouterLink class="small" :to="inRound(`/rallies/${rally.id}/change`)"
        >Change anything else on the sheet</RouterLink
      >
    </StationHead>
    <LoadNote
      v-if="!brief"
      :state="refusal ? 'refused' : 'loading'"
      :refusal="refusal"
      what="the brief"
      @again="change.open"
    />
    <template v-else>
      <LeftDraft :left="change.left.value" what="the brief" @restore="change.restore" @discard="change.discard" />
      <section aria-labelledby="build">
        <h2 id="build">The build</h2>
        <p class="line">
          Teams
          <InlineChoice
            v-model="brief.trials.buildsAnew"
            label="Whether teams rebuild"
            :options="[
              [false, 'go on with what they have built'],
              [true, 'rebuild, and get the whole kit again'],
            ]"
          />.
        </p>
        <p class="line">
          <InlineNumber v-model="brief.trials.attempts" label="Attempts" at="/trials/attempts" />
          {{ brief.trials.attempts === 1 ? 'attempt' : 'attempts' }}
          <template v-if="brief.trials.holdSeconds > 0">
            ; it must stand for
            <InlineNumber v-model="brief.trials.holdSeconds" label="Seconds to hold" at="/trials/holdSeconds" /> seconds
          </template>
          <InlineCheck v-model="brief.trials.freshBuildAfterFailure" label="After a failure a fresh build is made" />
        </p>
      </section>
      <section aria-labelledby="materials">
        <h2 id="materials">Materials</h2>
        <SheetMaterials :brief="brief" />
      </section>
      <section v-if="limits.length > 0" aria-labelledby="limits">
        <h2 id="limits">Limits</h2>
        <ul>
          <li v-for="{ rule, check } in limits" :key="rule.id" class="line">
            <InlineText
              v-model="rule.text"
              label="Rule"
              :at="`/rules/${rule.id}/text`"
              placeholder="as students read it"
            />
            <div class="small"><LimitFields :check="check" :at="`/rules/${rule.id}/check`" /></div>
          </li>
        </ul>
      </section>
      <section v-if="targets.length > 0" aria-labelledby="targets">
        <h2 id="targets">Targets</h2>
        <p v-for="t in targets" :key="t.id" class="line">
          {{ t.name }}: {{ t.better === 'more' ? 'at least' : 'at most' }}
          <InlineText
            v-model="t.amount"
            label="Target"
            :at="`/method/targets/${t.id}/amount`"
            placeholder="each its own"
          />
        </p>
      </section>
      <p class="line">
        This holds for
        <select v-model="onlyThisRound" class="inline" aria-label="For how long">
          <option :value="false">round {{ round }} and all rounds after it</option>
          <option :value="true">round {{ round }} alone</option></select
        >.
      </p>
      <Button label="Preview changes" :disabled="!changed" @click="change.preview" />
      <KeepChange :change="change" :back="back" />
    </template>
  </main>
</template>

<style scoped>
.desk > :deep(button) {
  justify-self: start;
}
</style>
