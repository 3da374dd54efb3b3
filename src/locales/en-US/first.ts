import { daily } from './daily.ts';
import { dates } from './dates.ts';
import { problems } from './problems.ts';
import { lists } from '../lists.ts';

/** The sentences the first page needs. */
export const first = {
  product: 'Salt Ledger',
  role: { owner: 'owner', editor: 'editor', viewer: 'viewer' },
  doer: { self: 'yourself', helper: 'two people', trade: 'a trade' },
  hemisphere: { north: 'Northern', south: 'Southern' },
  units: { us: 'Inches, pounds, °F', metric: 'Millimetres, kilograms, °C' },
  vocabulary: { 'en-US': 'American (outlet, faucet)', 'en-GB': 'British (socket, tap)' },
  unit: {
    mm: '{n} mm',
    in: '{n} in',
    C: '{n} °C',
    F: '{n} °F',
    cm: '{n} cm',
    mph: '{n} mph',
    kmh: '{n} km/h',
    l: '{n} l',
    gal: '{n} gal',
  },
  span: {
    days: 'every day | every {n} days',
    weeks: 'every week | every {n} weeks',
    months: 'every month | every {n} months',
    years: 'every year | every {n} years',
  },
  length: {
    days: '1 day | {n} days',
    weeks: '1 week | {n} weeks',
    months: '1 month | {n} months',
    years: '1 year | {n} years',
  },
  minutes: '1 minute | {n} minutes',
  standing: {
    ahead: 'ahead',
    open: 'open',
    late: 'late',
    lapsed: 'lapsed',
    baseline: 'first time',
    none: 'nothing due',
  },
  /** A thing that is called by its room alone: “Smoke alarm, Hall”. */
  inRoom: '{kind}, {room}',
  lifeSafety: 'Safety',
  ...lists,
  ...dates,
  ...daily,
  ...problems,
};
