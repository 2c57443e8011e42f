<script setup lang="ts">
import PrintedSheet from '@/stations/brief/sheet/PrintedSheet.vue'
import PaperSheet from './PaperSheet.vue'
import WorkSheets from './WorkSheets.vue'
import { usePrinting } from './paper'

/** The student sheet, with a worksheet behind it where one is wanted. */
const now = usePrinting()
</script>

<template>
  <PaperSheet title="Student sheet" plain>
    <PrintedSheet :brief="now.on.brief" :sheet="now.on.sheet" :tier="now.on.tier" on-paper />
  </PaperSheet>
  <WorkSheets v-if="now.choices.behind && now.on.papers" />
</template>

<style scoped>
:deep(.printed) {
  line-height: 1.3;
}
</style>
