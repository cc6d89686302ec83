<script setup lang="ts">
/** Whose work a row or a block is. */
import tell from 'words:people'
import { api, heed } from '@/api/client'
import { useAct } from '@/composables/useAct'
import { usePeople } from '@/composables/usePeople'
import PickOne from '@/controls/PickOne.vue'
import { computed, useId } from 'vue'

const props = defineProps<{ of: 'row' | 'block'; scopeId: string }>()
const { people } = usePeople()
const { act, trouble } = useAct()
const id = useId()
const whose = computed(
  () => people.value.find((p) => p.scope_ids.includes(props.scopeId))?.id ?? null,
)
const give = (person_id: string | null) =>
  act(() =>
    heed(
      api.PUT('/api/assignments', {
        body: { scope: props.of, scope_ids: [props.scopeId], person_id },
      }),
    ),
  )
</script>

<template>
  <section :aria-label="tell('whose-work')">
    <label class="label" :for="id">{{ tell('whose-work-it-is') }}</label>
    <div class="flex flex-wrap gap-3 items-center">
      <PickOne
        v-if="people.length"
        :id="id"
        class="field !w-64"
        :model-value="whose"
        @update:model-value="give"
      >
        <option :value="null">
          {{ of === 'row' ? tell('as-its-block-says') : tell('nobody-named-2') }}
        </option>
        <option v-for="p in people" :key="p.id" :value="p.id">{{ p.name }}</option>
      </PickOne>
      <RouterLink class="link" to="/people">{{
        people.length ? tell('people') : tell('put-somebody-on-the-list')
      }}</RouterLink>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </section>
</template>
