/** Equality of JSON values: by type and value, members of an object in any order (RFC 8259). */
import { ownMember } from './own-member.js';
import { plain, SourceScalar, type Value } from './written.js';

export function equalValues(left: Value | undefined, right: Value | undefined): boolean {
  if (left === right) return true;
  if (left instanceof SourceScalar || right instanceof SourceScalar) return sameScalar(left, right);
  if (typeof left !== 'object' || typeof right !== 'object' || left === null || right === null) return false;
  if (left instanceof Uint8Array || right instanceof Uint8Array) {
    return left instanceof Uint8Array && right instanceof Uint8Array && Buffer.compare(left, right) === 0;
  }
  if (Array.isArray(left) || Array.isArray(right)) {
    if (!Array.isArray(left) || !Array.isArray(right) || left.length !== right.length) return false;
    return left.every((item, index) => equalValues(item, right[index]));
  }
  const keys = Object.keys(left);
  if (keys.length !== Object.keys(right).length) return false;
  const other = right as Record<string, Value>;
  return keys.every(
    (key) =>
      Object.hasOwn(other, key) && equalValues(ownMember(left as Record<string, Value>, key), ownMember(other, key)),
  );
}

/** Two long whole numbers that round to one double are still different. */
function sameScalar(left: Value | undefined, right: Value | undefined): boolean {
  const value = plain(left);
  if (value !== plain(right)) return false;
  if (typeof value !== 'number' || Number.isSafeInteger(value)) return true;
  const [one, other] = [textOfScalar(left), textOfScalar(right)];
  const whole = /^[-+]?\d+$/;
  if (whole.test(one) && whole.test(other)) return BigInt(one) === BigInt(other);
  // Beyond the largest double all are one.
  return Number.isFinite(value) || one.toLowerCase() === other.toLowerCase();
}

const textOfScalar = (scalar: Value | undefined): string =>
  scalar instanceof SourceScalar ? scalar.text : String(scalar);
