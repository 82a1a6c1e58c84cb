/** Limits and allowed values in words. */
import { textOf } from '../../value/text.js';
import type { Field } from './model.js';

/** `1 to 14`, `at least 1`, `matches ^B[0-9]+$`, `grain, timber or mixed`; empty by default. */
export function limitsText({ allowed, limits = {} }: Pick<Field, 'allowed' | 'limits'>): string {
  const out: string[] = [];
  if (allowed) out.push(allowed.map(textOf).join(' | '));
  const { 'at-least': least, 'at-most': most } = limits;
  out.push(...range(least, most, ''));
  if (limits.over !== undefined) out.push(`over ${limits.over}`);
  if (limits.under !== undefined) out.push(`under ${limits.under}`);
  if (limits['multiple-of'] !== undefined) out.push(`a multiple of ${limits['multiple-of']}`);
  if (limits.matches !== undefined) out.push(`matches ${limits.matches}`);
  out.push(...range(limits['least-length'], limits['most-length'], ' characters'));
  out.push(...range(limits['least-items'], limits['most-items'], ' items'));
  if (limits['no-item-twice']) out.push('no item twice');
  return out.join(', ');
}

function range(least: number | undefined, most: number | undefined, unit: string): string[] {
  if (least !== undefined && most !== undefined)
    return [least === most ? `exactly ${least}${unit}` : `${least} to ${most}${unit}`];
  if (least !== undefined) return [`at least ${least}${unit}`];
  return most === undefined ? [] : [`at most ${most}${unit}`];
}
