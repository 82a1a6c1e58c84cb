/** Hiding secrets in a text that comes in pieces and is too long to be held: a secret may stand across two of them. */
import { StringDecoder } from 'node:string_decoder';

/** Characters that are looked at together. */
const window = 256 << 10;
/** Characters behind a cut: more than any secret has. */
const margin = 64 << 10;
const tries = 16;

export interface HiddenPieces {
  write(piece: Uint8Array): void;
  end(): void;
}

/** @param hide hides what is secret in a text @param take told of what may be stored */
export function hiddenPieces(hide: (text: string) => string, take: (text: string) => void): HiddenPieces {
  const decoder = new StringDecoder('utf8');
  let rest = '';
  const pass = (): void => {
    const whole = hide(rest);
    for (let turn = 0; turn < tries; turn += 1) {
      const cut = rest.length - margin - Math.floor((turn * (window - margin)) / tries);
      const first = hide(rest.slice(0, cut));
      // No secret stands across a cut whose sides come out by themselves as they do together.
      if (first + hide(rest.slice(cut)) !== whole) continue;
      take(first);
      rest = rest.slice(cut);
      return;
    }
  };
  return {
    write(piece) {
      rest += decoder.write(Buffer.from(piece.buffer, piece.byteOffset, piece.length));
      if (rest.length >= window + margin) pass();
    },
    end() {
      take(hide(rest + decoder.end()));
      rest = '';
    },
  };
}
