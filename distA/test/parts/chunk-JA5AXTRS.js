// src/cli/commands/docs/source-document.ts
function sourceDocument({
  name,
  format,
  version: edition,
  title,
  operations,
  types,
  servers,
  webhooks,
  warnings,
  file,
  source,
  fetched
}) {
  return {
    name,
    format,
    version: edition,
    title,
    operations,
    types,
    servers: servers.map(({ url, description, variables }) => ({
      url,
      description: description ?? null,
      variables: variables.map((one) => ({ ...one, allowed: [...one.allowed] }))
    })),
    webhooks: [...webhooks],
    warnings: [...warnings],
    file,
    source: source ?? null,
    fetched: fetched ?? null
  };
}

export {
  sourceDocument
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kb2NzL3NvdXJjZS1kb2N1bWVudC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEEgZG9jdW1lbnRhdGlvbiBzb3VyY2UgYXMgYC0tanNvbmAgZ2l2ZXMgaXQuICovXG5pbXBvcnQgdHlwZSB7IERvY3VtZW50YXRpb25Tb3VyY2UgfSBmcm9tICcuLi8uLi8uLi9jb3JlL2NvbGxlY3Rpb24vc291cmNlLWZhY3RzLmpzJztcbmltcG9ydCB0eXBlIHsgRG9jdW1lbnRzIH0gZnJvbSAnLi4vLi4vZG9jdW1lbnRzLmpzJztcblxuZXhwb3J0IGZ1bmN0aW9uIHNvdXJjZURvY3VtZW50KHtcbiAgbmFtZSxcbiAgZm9ybWF0LFxuICB2ZXJzaW9uOiBlZGl0aW9uLFxuICB0aXRsZSxcbiAgb3BlcmF0aW9ucyxcbiAgdHlwZXMsXG4gIHNlcnZlcnMsXG4gIHdlYmhvb2tzLFxuICB3YXJuaW5ncyxcbiAgZmlsZSxcbiAgc291cmNlLFxuICBmZXRjaGVkLFxufTogRG9jdW1lbnRhdGlvblNvdXJjZSk6IERvY3VtZW50c1snZG9jcyBhZGQnXSB7XG4gIHJldHVybiB7XG4gICAgbmFtZSxcbiAgICBmb3JtYXQsXG4gICAgdmVyc2lvbjogZWRpdGlvbixcbiAgICB0aXRsZSxcbiAgICBvcGVyYXRpb25zLFxuICAgIHR5cGVzLFxuICAgIHNlcnZlcnM6IHNlcnZlcnMubWFwKCh7IHVybCwgZGVzY3JpcHRpb24sIHZhcmlhYmxlcyB9KSA9PiAoe1xuICAgICAgdXJsLFxuICAgICAgZGVzY3JpcHRpb246IGRlc2NyaXB0aW9uID8/IG51bGwsXG4gICAgICB2YXJpYWJsZXM6IHZhcmlhYmxlcy5tYXAoKG9uZSkgPT4gKHsgLi4ub25lLCBhbGxvd2VkOiBbLi4ub25lLmFsbG93ZWRdIH0pKSxcbiAgICB9KSksXG4gICAgd2ViaG9va3M6IFsuLi53ZWJob29rc10sXG4gICAgd2FybmluZ3M6IFsuLi53YXJuaW5nc10sXG4gICAgZmlsZSxcbiAgICBzb3VyY2U6IHNvdXJjZSA/PyBudWxsLFxuICAgIGZldGNoZWQ6IGZldGNoZWQgPz8gbnVsbCxcbiAgfTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7QUFJTyxTQUFTLGVBQWU7QUFBQSxFQUM3QjtBQUFBLEVBQ0E7QUFBQSxFQUNBLFNBQVM7QUFBQSxFQUNUO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRixHQUErQztBQUM3QyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBLFNBQVM7QUFBQSxJQUNUO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLFNBQVMsUUFBUSxJQUFJLENBQUMsRUFBRSxLQUFLLGFBQWEsVUFBVSxPQUFPO0FBQUEsTUFDekQ7QUFBQSxNQUNBLGFBQWEsZUFBZTtBQUFBLE1BQzVCLFdBQVcsVUFBVSxJQUFJLENBQUMsU0FBUyxFQUFFLEdBQUcsS0FBSyxTQUFTLENBQUMsR0FBRyxJQUFJLE9BQU8sRUFBRSxFQUFFO0FBQUEsSUFDM0UsRUFBRTtBQUFBLElBQ0YsVUFBVSxDQUFDLEdBQUcsUUFBUTtBQUFBLElBQ3RCLFVBQVUsQ0FBQyxHQUFHLFFBQVE7QUFBQSxJQUN0QjtBQUFBLElBQ0EsUUFBUSxVQUFVO0FBQUEsSUFDbEIsU0FBUyxXQUFXO0FBQUEsRUFDdEI7QUFDRjsiLAogICJuYW1lcyI6IFtdCn0K
