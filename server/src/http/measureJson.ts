/*
 * How deep and how wide a JSON text is, counted in one pass over its bytes before anything is built from it. A few megabytes
 * of nested brackets, or one object with half a million keys, would keep the thread busy for minutes once they are objects.
 */

/** Limits of one route's bodies. */
export interface JsonLimits {
  /** Arrays and objects inside each other. */
  readonly depth: number;
  /** Values, keys and brackets in all, counted by the commas, colons and opening brackets. */
  readonly tokens: number;
  /** Keys of one object. */
  readonly keys: number;
}

/** Why a body is refused before it is read. */
export type JsonTrouble = 'tooDeep' | 'tooMany' | 'tooWide' | 'badText';

const QUOTE = 0x22;
const COMMA = 0x2c;
const COLON = 0x3a;
const BACKSLASH = 0x5c;
const OPEN_ARRAY = 0x5b;
const CLOSE_ARRAY = 0x5d;
const OPEN_OBJECT = 0x7b;
const CLOSE_OBJECT = 0x7d;
const SMALL_U = 0x75;

/** Says which limit a text exceeds; null where it may be parsed. Whether it is JSON at all is left to the parser. */
export function jsonTrouble(text: Uint8Array, limits: JsonLimits): JsonTrouble | null {
  const keys = new Int32Array(limits.depth + 1);
  let depth = 0;
  let tokens = 0;
  for (let i = 0; i < text.length; i++) {
    switch (text[i]) {
      case QUOTE: {
        const end = endOfString(text, i + 1);
        if (end < 0) return 'badText';
        i = end;
        break;
      }
      case OPEN_ARRAY:
      case OPEN_OBJECT:
        if (++depth > limits.depth) return 'tooDeep';
        keys[depth] = 0;
        tokens++;
        break;
      case CLOSE_ARRAY:
      case CLOSE_OBJECT:
        if (depth > 0) depth--;
        break;
      case COLON:
        tokens++;
        keys[depth] = (keys[depth] ?? 0) + 1;
        if ((keys[depth] ?? 0) > limits.keys) return 'tooWide';
        break;
      case COMMA:
        tokens++;
        break;
      default:
    }
    if (tokens > limits.tokens) return 'tooMany';
  }
  return null;
}

/**
 * Index of the quote that ends a string; the text's length where none does (the parser will say so); -1 for a NUL or half of
 * a surrogate pair, which no database column takes.
 */
function endOfString(text: Uint8Array, from: number): number {
  let half = false;
  for (let i = from; i < text.length; i++) {
    const byte = text[i];
    const isEscapedUnit = byte === BACKSLASH && text[i + 1] === SMALL_U;
    const unit = isEscapedUnit ? hex(text, i + 2) : -1;
    const isLow = unit >= 0xdc00 && unit <= 0xdfff;
    if (isLow !== half || unit === 0) return -1;
    half = unit >= 0xd800 && unit <= 0xdbff;
    if (byte === QUOTE) return i;
    if (isEscapedUnit) i += 5;
    else if (byte === BACKSLASH) i++;
  }
  return text.length;
}

/** Value of four hexadecimal digits, or -1. */
function hex(text: Uint8Array, at: number): number {
  let value = 0;
  for (let i = at; i < at + 4; i++) {
    const digit = parseInt(String.fromCharCode(text[i] ?? 0), 16);
    if (Number.isNaN(digit)) return -1;
    value = value * 16 + digit;
  }
  return value;
}
