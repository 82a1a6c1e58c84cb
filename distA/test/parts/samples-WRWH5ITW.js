import {
  sample,
  sampleFromMessages,
  samplesFile
} from "./chunk-LUCY6D7U.js";
import "./chunk-O3NKAVGW.js";
import "./chunk-FSPVDUAZ.js";
export {
  sample,
  sampleFromMessages,
  samplesFile
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFtdLAogICJzb3VyY2VzQ29udGVudCI6IFtdLAogICJtYXBwaW5ncyI6ICIiLAogICJuYW1lcyI6IFtdCn0K
