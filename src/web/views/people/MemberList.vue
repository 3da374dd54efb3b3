<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { roleSchema, type Role } from '../../../contract/access.ts';
import type { Member } from '../../../contract/members.ts';
import KitMenu, { type Act } from '../../kit/KitMenu.vue';
import KitTable from '../../kit/KitTable.vue';
import PageState from '../../kit/PageState.vue';
import { ask } from '../../device/ask.ts';
import { useActs } from '../../composables/useActs.ts';
import { useConfirmed } from '../../composables/useConfirmed.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useHome } from '../../stores/home.ts';
import { useSession } from '../../stores/session.ts';
import SureDialog from './SureDialog.vue';

/** Who may see a home and what they may do. An owner changes that; anyone may leave. */
const props = defineProps<{ homeId: string; homeName: string; isOwner: boolean }>();
type Row = Member & Record<string, unknown>;

const { t } = useI18n({ useScope: 'global' });
const router = useRouter();
const home = useHome();
const session = useSession();
const say = useSaying();
const { tell } = useErrorText();
const { actNow } = useActs();
const confirmed = useConfirmed();
const members = ref<Member[]>([]);
const busy = ref(false);
/** Whom a dialog asks about: somebody to be removed, or oneself to leave. */
const asking = ref<Member | null>(null);
const isMe = ({ personId }: Member): boolean => personId === session.me?.personId;
const rows = computed(() => members.value.map((one): Row => ({ ...one })));
const nameOf = (one: Member): string => (isMe(one) ? t('people.you', { name: one.name }) : one.name);
/** Oneself; null until it is known who is signed in: nobody leaves before. */
const own = computed(() => members.value.find(isMe) ?? null);
const asksToLeave = computed(() => asking.value !== null && isMe(asking.value));

const { state, load } = useLoading(async () => {
  members.value = await ask('members', { params: { homeId: props.homeId } });
});

const MAKE = {
  owner: 'people.makeOwner',
  editor: 'people.makeEditor',
  viewer: 'people.makeViewer',
} as const satisfies Record<Role, string>;

function actsFor(one: Member): Act[] {
  if (!props.isOwner) return [];
  const roles = roleSchema.options
    .filter((role) => role !== one.role)
    .map((role) => ({ label: t(MAKE[role]), act: () => void setRole(one, role) }));
  if (isMe(one)) return roles;
  const remove = { label: t('people.remove'), grave: true, act: () => (asking.value = one) };
  return [...roles, remove];
}

/** Does one thing at a time, asking for the password where the server wants it; answers whether it was done. */
async function once(work: () => Promise<unknown>): Promise<boolean> {
  if (busy.value) return false;
  busy.value = true;
  try {
    return (await confirmed(async () => ({ done: await work() }))) !== null;
  } catch (error) {
    say({ text: tell(error).text, wrong: true });
    return false;
  } finally {
    busy.value = false;
  }
}

async function setRole(one: Member, role: Role): Promise<void> {
  const { homeId } = props;
  const { personId, name } = one;
  const done = await once(() =>
    actNow({ route: 'setMember', homeId, params: { personId }, body: { role }, label: name }),
  );
  if (!done) return;
  say({ text: t('people.changed', { name, role: t(`role.${role}`) }) });
  await load();
  if (isMe(one)) await session.loadHomes();
}

/** Removes whom the dialog asks about, or leaves. */
async function goOn(): Promise<void> {
  const { homeId, homeName } = props;
  const one = asking.value;
  if (!one) return;
  const { personId, name } = one;
  const done = await once(() =>
    isMe(one)
      ? actNow({ route: 'leaveHome', homeId, body: {}, label: homeName })
      : actNow({ route: 'removeMember', homeId, params: { personId }, body: {}, label: name }),
  );
  if (!done) return;
  asking.value = null;
  if (!isMe(one)) {
    say({ text: t('people.removed', { name }) });
    await load();
    return;
  }
  home.forget();
  await session.loadHomes();
  await router.push({ name: 'homes' });
  say({ text: t('people.left', { home: homeName }) });
}
</script>

<template>
  <section :aria-label="t('house.people', { home: homeName })">
    <h2>{{ t('house.people', { home: homeName }) }}</h2>
    <PageState
      v-if="state.kind !== 'ready'"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <KitTable
      v-else
      :rows="rows"
      :columns="[
        { field: 'name', head: t('people.name') },
        { field: 'role', head: t('people.role') },
        { field: 'acts', head: t('people.acts') },
      ]"
      row-key="personId"
      :label="t('house.people', { home: homeName })"
      empty=""
    >
      <template #cell="{ row, field }">
        <template v-if="field === 'name'">{{ nameOf(row) }}</template>
        <template v-else-if="field === 'role'">{{ t(`people.roles.${row.role}`) }}</template>
        <KitMenu
          v-else-if="actsFor(row).length > 0"
          :label="t('people.more', { name: row.name })"
          :acts="actsFor(row)"
        />
      </template>
      <template #line="{ row }">
        <div class="k-line">
          <span>
            {{ nameOf(row) }}<br />
            <span class="soft small">{{ t(`people.roles.${row.role}`) }}</span>
          </span>
          <KitMenu
            v-if="actsFor(row).length > 0"
            :label="t('people.more', { name: row.name })"
            :acts="actsFor(row)"
          />
        </div>
      </template>
    </KitTable>
    <p v-if="own" class="no-print">
      <Button text @click="asking = own">{{ t('people.leave') }}</Button>
    </p>
    <SureDialog
      v-if="asking"
      :title="
        asksToLeave
          ? t('people.leaveTitle', { home: homeName })
          : t('people.removeTitle', { name: asking.name })
      "
      :text="
        asksToLeave ? t('people.leaveSure') : t('people.removeSure', { name: asking.name, home: homeName })
      "
      :send="asksToLeave ? t('people.leaveSave') : t('people.removeSave')"
      :busy="busy"
      @close="asking = null"
      @sure="goOn"
    />
  </section>
</template>
