import type { Naming } from '../core/walkthrough/walkedHouse.ts';
import { alarmRooms, type Room } from '../core/walkthrough/rooms.ts';
import type { Given } from '../core/walkthrough/given.ts';
import type { Question } from '../core/walkthrough/question.ts';
import type { Speech } from './speech.ts';

const numbered = ({ t }: Pick<Speech, 't'>, name: string, number: number | null): string =>
  number === null ? name : t('walk.numbered', { name, n: number });

const roomName = (speech: Pick<Speech, 't'>, { called, number }: Room): string =>
  numbered(speech, speech.t(`walk.room.${called}`), number);

/** The names the walk gives to rooms and things, in the home's words. */
export const namingIn = (speech: Pick<Speech, 't'>): Naming => ({
  room: (room) => roomName(speech, room),
  thing: (kind, number) => numbered(speech, speech.t(`assetKind.${kind}`), number),
});

/** The name of an option of a question: a room by its own name, all else by its code. */
export function optionName(
  speech: Pick<Speech, 't'>,
  question: Question,
  option: string,
  given: Given,
): string {
  const room =
    question.code === 'smoke-rooms' || question.code === 'co-rooms'
      ? alarmRooms(given).find(({ code }) => code === option)
      : undefined;
  return room ? roomName(speech, room) : speech.t(`walk.o.${option}`);
}

/** When something was last done, as it is remembered. */
export function rememberedText({ t }: Pick<Speech, 't'>, answer: string): string {
  const [year = '', quarter] = answer.split('-');
  return quarter === undefined
    ? t('walk.when.year', { year })
    : t('walk.when.quarter', { quarter: t(`walk.quarter.${quarter}`), year });
}
