/** Equality of JSON values: by type and value, members of an object in any order (RFC 8259). */
import { ownMember } from './own-member.js';
import { type Value, Written } from './written.js';

export function equalValues(left: Value | undefined, right: Value | undefined): boolean {
  if (left === right) return true;
  if (left instanceof Written && right instanceof Written) return sameNumber(left, right);
  if (left instanceof Written) return left.value === right;
  if (right instanceof Written) return left === right.value;
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
function sameNumber(left: Written, right: Written): boolean {
  if (left.value !== right.value) return false;
  const whole = /^[-+]?\d+$/;
  if (whole.test(left.text) && whole.test(right.text)) return BigInt(left.text) === BigInt(right.text);
  return true;
}
