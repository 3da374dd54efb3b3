<script setup lang="ts">
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import DatePicker from 'primevue/datepicker';
import InputText from 'primevue/inputtext';
import RadioButton from 'primevue/radiobutton';
import Select from 'primevue/select';
import SelectButton from 'primevue/selectbutton';
import Skeleton from 'primevue/skeleton';
import Tab from 'primevue/tab';
import TabList from 'primevue/tablist';
import TabPanel from 'primevue/tabpanel';
import TabPanels from 'primevue/tabpanels';
import Tabs from 'primevue/tabs';
import Textarea from 'primevue/textarea';
import { ref } from 'vue';
import { z } from 'zod';
import KitDrawer from '../../kit/KitDrawer.vue';
import KitField from '../../kit/KitField.vue';
import KitMenu from '../../kit/KitMenu.vue';
import KitTable from '../../kit/KitTable.vue';
import KitToasts from '../../kit/KitToasts.vue';
import KitDialog from '../../kit/KitDialog.vue';
import { SYSTEM_ICONS } from '../../kit/icons.ts';
import { useSaying } from '../../composables/useSaying.ts';
import SchemaForm from '../../parts/form/SchemaForm.vue';

/** Every control of the kit in one place, for whoever builds the next screen. Served while developing only. */
const say = useSaying();
const drawer = ref(false);
const dialog = ref(false);
const choice = ref('month');
const schema = z.object({
  name: z.string().min(2),
  often: z.enum(['week', 'month', 'year']),
  note: z.string().max(60).optional(),
});
const sent = ref('');
const send = (values: z.output<typeof schema>): Promise<void> => {
  sent.value = JSON.stringify(values);
  return Promise.resolve();
};
const OFTEN = ['week', 'month', 'year'];
const tick = ref(true);
const day = ref(new Date(2026, 10, 27));
const ROWS = [
  { id: 'a', task: 'Change the air filter', times: 6, cost: 72 },
  { id: 'b', task: 'Clean the gutters', times: 2, cost: 180 },
  { id: 'c', task: 'Test the smoke alarms', times: 12, cost: 0 },
];
const COLUMNS = [
  { field: 'task', head: 'Task', sortable: true },
  { field: 'times', head: 'Times a year', number: true, sortable: true },
  { field: 'cost', head: 'Cost', number: true, sortable: true },
];
const undo = (): void => {
  sent.value = 'undone';
};
const ACTS = [
  {
    label: 'Skip this time',
    act: () => {
      say({ text: 'Skipped.', offer: { label: 'Undo', act: undo } });
    },
  },
  { label: 'Stop doing this', act: () => undefined, grave: true },
];
</script>

<template>
  <div class="sheet">
    <header><h1>Kit</h1></header>
    <div class="column kit">
      <section>
        <h2>Buttons</h2>
        <p class="row">
          <Button label="Log" /><Button outlined label="Done" /><Button text label="Cancel" /><Button
            outlined
            severity="danger"
            label="Something is wrong"
          /><Button label="Saving" loading /><Button label="Off" disabled /><KitMenu
            label="More for this task"
            :acts="ACTS"
          />
        </p>
      </section>
      <section>
        <h2>Form</h2>
        <SchemaForm :schema="schema" :initial="{ name: '', often: 'month', note: '' }" :send="send">
          <KitField v-slot="{ control }" name="name" label="Name" hint="What the thing is called at home.">
            <InputText v-bind="control" />
          </KitField>
          <KitField v-slot="{ control }" name="often" label="How often">
            <Select v-bind="control" :options="OFTEN" :label-id="control.inputId" />
          </KitField>
          <KitField v-slot="{ control }" name="note" label="Note"><Textarea v-bind="control" /></KitField>
          <template #actions="{ busy }">
            <Button type="submit" label="Save" :loading="busy" />
          </template>
        </SchemaForm>
        <p v-if="sent" data-test="sent">{{ sent }}</p>
      </section>
      <section>
        <h2>Choices</h2>
        <p class="row">
          <SelectButton v-model="choice" :options="OFTEN" :allow-empty="false" aria-label="How often" />
          <label><Checkbox v-model="tick" binary />Remember this</label>
          <label v-for="one in OFTEN" :key="one"
            ><RadioButton v-model="choice" :value="one" />{{ one }}</label
          >
        </p>
        <p class="row"><DatePicker v-model="day" show-icon date-format="D, M d" aria-label="Day" /></p>
      </section>
      <section>
        <h2>Panels</h2>
        <p class="row">
          <Button outlined label="Open the drawer" @click="drawer = true" />
          <Button outlined label="Open the dialog" @click="dialog = true" />
          <Button outlined label="Say something" @click="ACTS[0]?.act()" />
        </p>
        <Tabs value="rooms">
          <TabList><Tab value="rooms">Rooms</Tab><Tab value="systems">Systems</Tab></TabList>
          <TabPanels>
            <TabPanel value="rooms">Three rooms.</TabPanel>
            <TabPanel value="systems">
              <ul class="row">
                <li v-for="(icon, system) in SYSTEM_ICONS" :key="system" class="sign">
                  <component :is="icon" :size="24" aria-hidden="true" />{{ system }}
                </li>
              </ul>
            </TabPanel>
          </TabPanels>
        </Tabs>
      </section>
      <section>
        <h2>Table</h2>
        <KitTable :rows="ROWS" :columns="COLUMNS" row-key="id" label="Tasks of a year" empty="No tasks yet.">
          <template #cell="{ row, field }">{{ row[field as keyof typeof row] }}</template>
          <template #line="{ row }">
            <strong>{{ row.task }}</strong><br /><span class="soft">{{ row.times }} times a year</span>
          </template>
        </KitTable>
        <Skeleton />
      </section>
    </div>
    <KitDrawer v-model:open="drawer" title="Change how often" close-label="Close"
      ><p>Every three months.</p></KitDrawer
    >
    <KitDialog v-model:open="dialog" title="Postpone" close-label="Close"><p>To which day?</p></KitDialog>
    <KitToasts close-label="Close" />
  </div>
</template>

<style scoped>
.kit > section {
  margin-bottom: calc(var(--line) * 1.5);
}

.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem 1rem;
  margin-bottom: var(--line);
}

.sign {
  display: inline-flex;
  align-items: center;
  gap: 0.375rem;
}
</style>
