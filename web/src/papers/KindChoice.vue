<script setup lang="ts" generic="K extends { id: string; name: string }">
/** What is printed, in groups. */
defineProps<{ groups: readonly { group: string; kinds: readonly K[] }[] }>()
const kind = defineModel<string>({ required: true })
</script>

<template>
  <select v-model="kind" class="inline" aria-label="What to print">
    <optgroup v-for="g in groups" :key="g.group" :label="g.group">
      <option v-for="k in g.kinds" :key="k.id" :value="k.id">{{ k.name }}</option>
    </optgroup>
  </select>
</template>
