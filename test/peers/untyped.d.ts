/** Peers whose packages bring no types. */
declare module 'oidc-provider';
declare module 's3rver';
declare module 's3rver/lib/models/account.js';
