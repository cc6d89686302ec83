<script setup lang="ts">
import { keysInForce } from '@/composables/useKeys'
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

const open = defineModel<boolean>({ required: true })
</script>

<template>
  <Dialog :open="open" class="relative z-40" @close="open = false">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel class="bg-sheet border-2 border-ink rounded-[10px] p-6 w-full max-w-md">
        <DialogTitle class="text-2xl">Keys</DialogTitle>
        <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          <template v-for="key in keysInForce()" :key="key.says">
            <dt class="text-right">
              <kbd v-for="k in key.shown ? [key.shown] : key.keys" :key="k" class="ml-1">{{
                k
              }}</kbd>
            </dt>
            <dd>{{ key.says }}</dd>
          </template>
        </dl>
        <button type="button" class="btn mt-5" @click="open = false">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
