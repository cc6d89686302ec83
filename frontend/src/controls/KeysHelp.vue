<script setup lang="ts">
import tell from 'words:app'
import KeysList from './KeysList.vue'
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

const open = defineModel<boolean>({ required: true })
</script>

<template>
  <Dialog :open="open" class="relative z-40" @close="open = false">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 grid place-items-center p-4">
      <DialogPanel class="bg-sheet border-2 border-ink rounded-[10px] p-6 w-full max-w-md">
        <DialogTitle class="text-head">{{ tell('keys') }}</DialogTitle>
        <KeysList class="mt-3" />
        <button type="button" class="btn mt-5" @click="open = false">{{ tell('close') }}</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
