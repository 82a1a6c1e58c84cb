/** What an environment is called where its vendor is rehearsed: its sessions, cookies and records are others than the real ones. */

const mark = ' (rehearsed)';

export const rehearsedEnvironment = {
  name: (environment: string): string => `${environment}${mark}`,
  is: (environment: string): boolean => environment.endsWith(mark),
} as const;
