import { useTitle as useDocumentTitle } from '@vueuse/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { thingName } from '../../locales/thingName.ts';
import { useHome } from '../stores/home.ts';
import { useSession } from '../stores/session.ts';

/** The title of the page: the thing or the page, then the home, then the product. */
export function useTitle(): void {
  const { t } = useI18n({ useScope: 'global' });
  const route = useRoute();
  const home = useHome();
  const session = useSession();
  const title = computed(() => {
    const { homeId, assetId } = route.params;
    const asset = home.house?.assets.find(({ id }) => id === assetId);
    const page = typeof route.name === 'string' ? t(`nav.page.${route.name}`) : '';
    const homeName = session.homes.find(({ id }) => id === homeId)?.name;
    const thing = asset && thingName({ t }, asset, home.house?.spaces ?? []);
    return [thing ?? page, homeName, t('product')].filter(Boolean).join(' · ');
  });
  useDocumentTitle(title);
}
