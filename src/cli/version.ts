/** The version, put in by the build. */
declare const ECHO_TRAIL_VERSION: string | undefined;

export const version: string = typeof ECHO_TRAIL_VERSION === 'string' ? ECHO_TRAIL_VERSION : '0.0.0-source';
