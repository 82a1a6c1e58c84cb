/** Methods that only read (RFC 9110 section 9.2.1). */
export const safeMethods: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS', 'TRACE']);
