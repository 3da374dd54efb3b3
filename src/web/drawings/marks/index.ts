export { default as Arrow } from './Arrow.vue';
export { default as Flame } from './Flame.vue';
export { default as Num } from './Num.vue';
export { default as Say } from './Say.vue';
