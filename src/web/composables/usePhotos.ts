import { v7 as uuid } from 'uuid';
import { ROUTES } from '../../contract/routes.ts';
import { PHOTO_TYPES, type PhotoBody } from '../../contract/schemas.ts';
import { addressOf, call } from '../api/client.ts';

/** What the file field offers. */
export const PHOTO_ACCEPT = PHOTO_TYPES.join(',');

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

/** Photos of a home: sent, shown, taken away. */
export function usePhotos(homeId: string) {
  const list = (): Promise<PhotoBody[]> => call('photos', { params: { homeId } });
  const address = (photoId: string): string =>
    addressOf(ROUTES.photoImage.path, { params: { homeId, photoId } });

  async function add(file: Blob, caption: string, asset?: string): Promise<PhotoBody> {
    const image = await base64Of(file);
    return call('addPhoto', {
      params: { homeId, photoId: uuid() },
      body: { image, caption, ...(asset !== undefined && { asset }) },
    });
  }

  const place = (photoId: string, asset: string) =>
    call('placePhoto', { params: { homeId, photoId }, body: { asset } });
  const drop = (photoId: string) => call('dropPhoto', { params: { homeId, photoId } });

  return { list, address, add, place, drop };
}
