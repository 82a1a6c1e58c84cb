import {
  containsMatch,
  isPattern,
  loadRegexp,
  matchesWhole
} from "./chunk-36BGEIU2.js";
export {
  containsMatch,
  isPattern,
  loadRegexp,
  matchesWhole
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
