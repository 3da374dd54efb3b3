/** Where a route's answer can be fetched as a file. */
export function addressOf(path: string, input: { params?: Record<string, string>; query?: object }): string {
  const filled = path.replace(/:(\w+)/g, (_, key: string) => encodeURIComponent(input.params?.[key] ?? ''));
  const query = new URLSearchParams(
    Object.entries(input.query ?? {}).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, String(value)]],
    ),
  ).toString();
  return query === '' ? filled : `${filled}?${query}`;
}
