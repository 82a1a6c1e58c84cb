/** What is in the user's own Echo Trail folder, beside the key of sealed files. */
export const userSettingsName = 'settings.yaml';
