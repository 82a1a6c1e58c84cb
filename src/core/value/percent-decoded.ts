/** Percent-encoded text in plain (RFC 3986, section 2.1); what is no such text stays as it is. */
export function percentDecoded(text: string): string {
  if (!text.includes('%')) return text;
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}
