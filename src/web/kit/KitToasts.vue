<script setup lang="ts">
import Button from 'primevue/button';
import Toast from 'primevue/toast';

/** The act that a toast offers. */
interface Offer {
  readonly label: string;
  readonly act: () => void;
}

/** Where toasts stand: at the foot, one over the other. */
defineProps<{ closeLabel: string }>();
</script>

<template>
  <Toast position="bottom-center">
    <template #container="{ message, closeCallback }">
      <div class="k-toast-line">
        <p
          class="k-toast-text"
          :class="{ wrong: message.severity === 'error' }"
          :role="message.severity === 'error' ? 'alert' : 'status'"
        >
          {{ message.summary }}
        </p>
        <Button
          v-if="message.detail"
          text
          :label="(message.detail as Offer | undefined)?.label"
          @click="
            (message.detail as Offer | undefined)?.act();
            closeCallback();
          "
        />
        <Button text :label="closeLabel" @click="closeCallback" />
      </div>
    </template>
  </Toast>
</template>
