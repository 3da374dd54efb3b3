import { v7 as uuid } from 'uuid';
import { useI18n } from 'vue-i18n';
import { useActs } from './useActs.ts';
import { ROUTES } from '../../contract/routes.ts';
import { PHOTO_TYPES, type PhotoBody } from '../../contract/photos.ts';
import { addressOf } from '../device/address.ts';
import { ask } from '../device/ask.ts';

/** The files the file field accepts. */
export const PHOTO_ACCEPT = PHOTO_TYPES.join(',');

/** Pixels of the longer side that are sent: a little more than the server keeps, and small enough for a weak signal. */
const LONGEST_SENT = 2_000;

/** Sizes a photo down before it is sent. What this browser cannot read goes as it is: the server says what is wrong with it. */
async function shrunk(file: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (!bitmap) return file;
  const scale = LONGEST_SENT / Math.max(bitmap.width, bitmap.height);
  if (scale >= 1) return file;
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((resolve) => {
    canvas.toBlob((small) => {
      resolve(small ?? file);
    }, 'image/jpeg');
  });
}

/** The id each photo is sent under: sent again after a lost answer, it is the same photo. */
const ids = new WeakMap<Blob, string>();

/** Base 64 of a file, without the words before it. */
function base64Of(file: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => {
      const text = typeof reader.result === 'string' ? reader.result : '';
      resolve(text.slice(text.indexOf(',') + 1));
    };
    reader.onerror = () => {
      reject(reader.error ?? new Error('the file cannot be read'));
    };
    reader.readAsDataURL(file);
  });
}

/** Photos of a home: sent, shown, taken away. Each act answers with what is to be said of it besides: that it waits. */
export function usePhotos(homeId: string) {
  const { act } = useActs();
  const { t } = useI18n({ useScope: 'global' });
  const list = (): Promise<PhotoBody[]> => ask('photos', { params: { homeId } });
  const address = (photoId: string): string =>
    addressOf(ROUTES.photoImage.path, { params: { homeId, photoId } });

  async function add(file: Blob, caption: string, asset?: string): Promise<{ id: string; said: string }> {
    const photoId = ids.get(file) ?? uuid();
    ids.set(file, photoId);
    const image = await base64Of(await shrunk(file));
    const body = { image, caption, ...(asset !== undefined && { asset }) };
    const label = caption === '' ? t('findings.photoShow') : caption;
    const said = await act({ route: 'addPhoto', homeId, params: { photoId }, body, label });
    return { id: photoId, said };
  }

  const place = ({ id, caption }: PhotoBody, asset: string): Promise<string> =>
    act({ route: 'placePhoto', homeId, params: { photoId: id }, body: { asset }, label: caption });
  const placeById = (photoId: string, asset: string): Promise<string> =>
    act({
      route: 'placePhoto',
      homeId,
      params: { photoId },
      body: { asset },
      label: t('findings.photoShow'),
    });
  const drop = ({ id, caption }: PhotoBody): Promise<string> =>
    act({ route: 'dropPhoto', homeId, params: { photoId: id }, body: {}, label: caption });

  return { list, address, add, place, placeById, drop };
}
