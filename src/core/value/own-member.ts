/** Looking up by a name from outside: `constructor` and `__proto__` are names like any other, and found only where they were put. */
export const ownMember = <T>(map: Readonly<Record<string, T>>, name: string): T | undefined =>
  Object.hasOwn(map, name) ? map[name] : undefined;
