<script setup lang="ts">
const emit = defineEmits<{ close: [] }>();
emit('close');
</script>
<template><div /></template>
