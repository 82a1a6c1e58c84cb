let lastTime = 0;
let lastIso = '';

/** RFC 3339 in UTC. Several exchanges share a millisecond, and writing it out costs as much as a small request. */
export function isoTime(at: Date): string {
  const time = at.getTime();
  if (time !== lastTime) {
    lastIso = at.toISOString();
    lastTime = time;
  }
  return lastIso;
}
