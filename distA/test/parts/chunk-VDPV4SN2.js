// src/core/documentation/escape-xml.ts
var escaped = (text) => text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");

export {
  escaped
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9lc2NhcGUteG1sLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogVGV4dCBhcyBpdCBzdGFuZHMgaW4gWE1MIChYTUwgMS4wLCBzZWN0aW9uIDIuNCkuICovXG5leHBvcnQgY29uc3QgZXNjYXBlZCA9ICh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgPT5cbiAgdGV4dC5yZXBsYWNlQWxsKCcmJywgJyZhbXA7JykucmVwbGFjZUFsbCgnPCcsICcmbHQ7JykucmVwbGFjZUFsbCgnPicsICcmZ3Q7JykucmVwbGFjZUFsbCgnXCInLCAnJnF1b3Q7Jyk7XG4iXSwKICAibWFwcGluZ3MiOiAiO0FBQ08sSUFBTSxVQUFVLENBQUMsU0FDdEIsS0FBSyxXQUFXLEtBQUssT0FBTyxFQUFFLFdBQVcsS0FBSyxNQUFNLEVBQUUsV0FBVyxLQUFLLE1BQU0sRUFBRSxXQUFXLEtBQUssUUFBUTsiLAogICJuYW1lcyI6IFtdCn0K
