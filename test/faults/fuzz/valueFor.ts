import type { Luck } from './luck.ts';

/** As much of JSON Schema as the routes' own schemas are written in. */
export interface JsonSchema {
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, JsonSchema>>;
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly allOf?: readonly JsonSchema[];
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly type?: string;
  readonly format?: string;
  readonly pattern?: string;
  readonly contentEncoding?: string;
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: JsonSchema | boolean;
  readonly propertyNames?: JsonSchema;
  readonly items?: JsonSchema;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
}

/** Ids that a home has, by the name of the field that speaks of them. */
export type Known = ReadonlyMap<string, readonly string[]>;

const CODES = [
  'gutter-clean',
  'smoke-alarm-test',
  'filter-change',
  'dirty',
  'run-hours',
  'guests',
  'tap',
  'mine',
];
const DATES = [
  '2026-11-24',
  '2026-11-01',
  '2025-03-08',
  '1900-01-01',
  '1972-02-29',
  '2026-11-30',
  '2999-12-31',
];
const TEXTS = ['Hall', 'Grey, a little', 'made', 'x', '100', 'h', 'years', 'constructor', 'Ölrücklauf ½'];
const BY_NAME = new Map<string, readonly unknown[]>(
  Object.entries({
    zone: ['America/Chicago', 'Europe/Dublin', 'Pacific/Apia'],
    monthDays: ['04-15', '02-29'],
    currency: ['USD', 'JPY'],
    station: ['cold-plains', 'hot-humid'],
    trait: ['people', 'smoker', 'own-trait'],
    measure: ['filter-grade', 'run-hours', 'tank-solids'],
    made: ['2015', '1900', '2999-12', '2026-11-24'],
  }),
);

/** Values that fit a schema, mostly: so that most of what is sent is read to its end, and some of it is taken. */
export class Values {
  constructor(
    private readonly luck: Luck,
    private readonly known: Known,
    private readonly root: JsonSchema,
  ) {}

  of(schema: JsonSchema, name = '', depth = 0): unknown {
    const { luck } = this;
    const named = BY_NAME.get(name);
    if (named && luck.chance(0.9)) return luck.one(named);
    if (schema.$ref !== undefined) return this.of(this.definition(schema.$ref), name, depth + 1);
    const options = schema.anyOf ?? schema.oneOf;
    if (options) return this.of(this.option(options, depth), name, depth + 1);
    if (schema.allOf) return this.of(luck.one(schema.allOf), name, depth + 1);
    if ('const' in schema) return schema.const;
    if (schema.enum) return luck.one(schema.enum);
    switch (schema.type) {
      case 'object':
        return this.object(schema, depth);
      case 'array':
        return this.array(schema, name, depth);
      case 'string':
        return this.text(schema, name);
      case 'number':
      case 'integer':
        return this.number(schema);
      case 'boolean':
        return luck.chance(0.5);
      case 'null':
        return null;
      default:
        return luck.one(['anything', 1, null, true]);
    }
  }

  private definition(ref: string): JsonSchema {
    const found = this.root.$defs?.[ref.replace('#/$defs/', '')];
    return found ?? this.root;
  }

  /** Deep down only what ends soon: rules nest in rules. */
  private option(options: readonly JsonSchema[], depth: number): JsonSchema {
    const plain = options.filter((one) => !JSON.stringify(one).includes('$ref'));
    return this.luck.one(depth > 6 && plain.length > 0 ? plain : options);
  }

  private object(schema: JsonSchema, depth: number): Record<string, unknown> {
    const { luck } = this;
    const made: Record<string, unknown> = {};
    for (const [key, part] of Object.entries(schema.properties ?? {}))
      if (schema.required?.includes(key) === true || (depth < 9 && luck.chance(0.4)))
        made[key] = this.of(part, key, depth + 1);
    const { additionalProperties } = schema;
    if (typeof additionalProperties === 'object')
      for (let left = luck.whole(0, 2); left > 0; left -= 1) {
        const key = this.of(schema.propertyNames ?? { type: 'string', maxLength: 20 }, 'key');
        made[String(key)] = this.of(additionalProperties, String(key), depth + 1);
      }
    return made;
  }

  private array(schema: JsonSchema, name: string, depth: number): unknown[] {
    const { minItems = 0, maxItems = 3, items = {} } = schema;
    const length =
      minItems === maxItems ? minItems : this.luck.whole(minItems, Math.min(maxItems, minItems + 2));
    return Array.from({ length }, () => this.of(items, name, depth + 1));
  }

  private text(schema: JsonSchema, name: string): string {
    const { luck } = this;
    const ids = this.known.get(name);
    const isId = schema.format === 'uuid' || schema.pattern?.includes('{0,63}') === true;
    if (isId) return ids && ids.length > 0 && luck.chance(0.85) ? luck.one(ids) : luck.uuid();
    if (schema.contentEncoding === 'base64')
      return luck.one(['iVBORw0KGgo=', '/9j/4AAQ', 'JVBERi0xLjQK', 'AAAA']);
    switch (schema.format) {
      case 'date':
        return luck.one(DATES);
      case 'date-time':
        return '2026-11-24T18:00:00.000Z';
      case 'email':
        return `${luck.uuid().slice(0, 8)}@example.org`;
    }
    if (schema.pattern?.includes('a-z0-9') === true) return luck.one(CODES);
    if (schema.pattern?.includes('{4}-') === true) return luck.one(['2026-11-01.7', '1999-12-31.1']);
    if (schema.pattern?.includes('\\d') === true) return luck.one(['04-15', '11-01', '02-29']);
    const { minLength = 0, maxLength = 40 } = schema;
    return luck.one(TEXTS).padEnd(minLength, 'x').slice(0, maxLength);
  }

  private number(schema: JsonSchema): number {
    const { type, exclusiveMinimum, minimum = exclusiveMinimum ?? -5, maximum = 1_000 } = schema;
    const { luck } = this;
    const least = exclusiveMinimum === undefined ? minimum : minimum + 1e-6;
    if (luck.chance(0.15)) return luck.chance(0.5) ? least : maximum;
    const whole = luck.whole(Math.ceil(least), Math.max(Math.ceil(least), Math.min(maximum, least + 300)));
    return type === 'integer' ? whole : Math.min(maximum, whole + 0.5);
  }
}
