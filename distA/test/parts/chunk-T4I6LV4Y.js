// src/standin/customs/wsdl.ts
var customs = "urn:larkhaven:customs:2";
var customsTypes = "urn:larkhaven:customs:types";
var customsWsdl = (origin) => `<?xml version="1.0" encoding="UTF-8"?>
<wsdl:definitions name="Customs" targetNamespace="${customs}"
    xmlns:wsdl="http://schemas.xmlsoap.org/wsdl/" xmlns:soap="http://schemas.xmlsoap.org/wsdl/soap/"
    xmlns:soap12="http://schemas.xmlsoap.org/wsdl/soap12/" xmlns:xsd="http://www.w3.org/2001/XMLSchema"
    xmlns:tns="${customs}">
  <wsdl:documentation>Customs declarations of Larkhaven Harbour</wsdl:documentation>
  <wsdl:types>
    <xsd:schema>
      <xsd:import namespace="${customs}" schemaLocation="customs/messages.xsd"/>
    </xsd:schema>
  </wsdl:types>
  <wsdl:message name="DeclareIn"><wsdl:part name="body" element="tns:Declare"/></wsdl:message>
  <wsdl:message name="DeclareOut"><wsdl:part name="body" element="tns:DeclareResponse"/></wsdl:message>
  <wsdl:message name="ReadIn"><wsdl:part name="body" element="tns:ReadDeclaration"/></wsdl:message>
  <wsdl:message name="ReadOut"><wsdl:part name="body" element="tns:ReadDeclarationResponse"/></wsdl:message>
  <wsdl:message name="Desk"><wsdl:part name="desk" element="tns:Desk"/></wsdl:message>
  <wsdl:message name="Refused"><wsdl:part name="fault" element="tns:Refusal"/></wsdl:message>
  <wsdl:portType name="CustomsOffice">
    <wsdl:operation name="Declare">
      <wsdl:documentation>Declares the goods of a vessel. The office answers with a number.</wsdl:documentation>
      <wsdl:input message="tns:DeclareIn"/>
      <wsdl:output message="tns:DeclareOut"/>
      <wsdl:fault name="Refused" message="tns:Refused"/>
    </wsdl:operation>
    <wsdl:operation name="ReadDeclaration">
      <wsdl:documentation>Reads a declaration by its number.</wsdl:documentation>
      <wsdl:input message="tns:ReadIn"/>
      <wsdl:output message="tns:ReadOut"/>
      <wsdl:fault name="Refused" message="tns:Refused"/>
    </wsdl:operation>
  </wsdl:portType>
  ${[
  ["Customs11", "soap"],
  ["Customs12", "soap12"]
].map(
  ([name, soap]) => `<wsdl:binding name="${name}" type="tns:CustomsOffice">
    <${soap}:binding style="document" transport="http://schemas.xmlsoap.org/soap/http"/>
    ${["Declare", "ReadDeclaration"].map(
    (operation) => `<wsdl:operation name="${operation}">
      <${soap}:operation soapAction="${customs}/${operation}"/>
      <wsdl:input>${operation === "Declare" ? `<${soap}:header message="tns:Desk" part="desk" use="literal"/>` : ""}<${soap}:body use="literal"/></wsdl:input>
      <wsdl:output><${soap}:body use="literal"/></wsdl:output>
      <wsdl:fault name="Refused"><${soap}:fault name="Refused" use="literal"/></wsdl:fault>
    </wsdl:operation>`
  ).join("\n    ")}
  </wsdl:binding>`
).join("\n  ")}
  <wsdl:service name="Customs">
    <wsdl:port name="Soap11" binding="tns:Customs11"><soap:address location="${origin}/customs"/></wsdl:port>
    <wsdl:port name="Soap12" binding="tns:Customs12"><soap12:address location="${origin}/customs"/></wsdl:port>
  </wsdl:service>
</wsdl:definitions>
`;
var messagesXsd = `<?xml version="1.0" encoding="UTF-8"?>
<xsd:schema targetNamespace="${customs}" elementFormDefault="qualified"
    xmlns:xsd="http://www.w3.org/2001/XMLSchema" xmlns:tns="${customs}" xmlns:t="${customsTypes}">
  <xsd:import namespace="${customsTypes}" schemaLocation="types.xsd"/>
  <xsd:element name="Desk">
    <xsd:annotation><xsd:documentation>The desk that is addressed.</xsd:documentation></xsd:annotation>
    <xsd:simpleType>
      <xsd:restriction base="xsd:string"><xsd:enumeration value="north"/><xsd:enumeration value="south"/></xsd:restriction>
    </xsd:simpleType>
  </xsd:element>
  <xsd:element name="Declare">
    <xsd:complexType>
      <xsd:sequence>
        <xsd:element name="imo" type="t:Imo"/>
        <xsd:element name="arrival" type="xsd:date"/>
        <xsd:element name="goods" type="t:Goods" maxOccurs="unbounded"/>
        <xsd:choice>
          <xsd:element name="broker" type="xsd:string"><xsd:annotation><xsd:documentation>Who declares for the owner.</xsd:documentation></xsd:annotation></xsd:element>
          <xsd:element name="owner" type="xsd:string"/>
        </xsd:choice>
        <xsd:element name="remark" type="xsd:string" minOccurs="0"/>
      </xsd:sequence>
    </xsd:complexType>
  </xsd:element>
  <xsd:element name="DeclareResponse">
    <xsd:complexType><xsd:sequence><xsd:element name="number" type="xsd:string"/><xsd:element name="state" type="t:State"/></xsd:sequence></xsd:complexType>
  </xsd:element>
  <xsd:element name="ReadDeclaration">
    <xsd:complexType><xsd:sequence><xsd:element name="number" type="xsd:string"/></xsd:sequence></xsd:complexType>
  </xsd:element>
  <xsd:element name="ReadDeclarationResponse">
    <xsd:complexType>
      <xsd:sequence>
        <xsd:element name="number" type="xsd:string"/>
        <xsd:element name="state" type="t:State"/>
        <xsd:element name="imo" type="t:Imo"/>
        <xsd:element name="goods" type="t:Goods" maxOccurs="unbounded"/>
      </xsd:sequence>
    </xsd:complexType>
  </xsd:element>
  <xsd:element name="Refusal">
    <xsd:complexType><xsd:sequence><xsd:element name="reason" type="xsd:string"/></xsd:sequence></xsd:complexType>
  </xsd:element>
</xsd:schema>
`;
var typesXsd = `<?xml version="1.0" encoding="UTF-8"?>
<xsd:schema targetNamespace="${customsTypes}" elementFormDefault="qualified"
    xmlns:xsd="http://www.w3.org/2001/XMLSchema" xmlns:t="${customsTypes}">
  <xsd:simpleType name="Imo">
    <xsd:annotation><xsd:documentation>IMO number of the vessel, seven digits.</xsd:documentation></xsd:annotation>
    <xsd:restriction base="xsd:string"><xsd:pattern value="[0-9]{7}"/></xsd:restriction>
  </xsd:simpleType>
  <xsd:simpleType name="State">
    <xsd:restriction base="xsd:string">
      <xsd:enumeration value="taken"/><xsd:enumeration value="cleared"/><xsd:enumeration value="held"/>
    </xsd:restriction>
  </xsd:simpleType>
  <xsd:simpleType name="Kind">
    <xsd:restriction base="xsd:string">
      <xsd:enumeration value="grain"/><xsd:enumeration value="timber"/><xsd:enumeration value="mixed"/>
    </xsd:restriction>
  </xsd:simpleType>
  <xsd:complexType name="Goods">
    <xsd:sequence>
      <xsd:element name="kind" type="t:Kind"/>
      <xsd:element name="tonnes"><xsd:simpleType><xsd:restriction base="xsd:decimal"><xsd:minExclusive value="0"/></xsd:restriction></xsd:simpleType></xsd:element>
      <xsd:element name="mark" type="xsd:string" minOccurs="0" maxOccurs="3"/>
    </xsd:sequence>
    <xsd:attribute name="line" type="xsd:positiveInteger" use="required"/>
  </xsd:complexType>
</xsd:schema>
`;

export {
  customs,
  customsTypes,
  customsWsdl,
  messagesXsd,
  typesXsd
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL3N0YW5kaW4vY3VzdG9tcy93c2RsLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogVGhlIGN1c3RvbXMgb2ZmaWNlIGFzIGl0IGRlc2NyaWJlcyBpdHNlbGY6IGEgV1NETCB3aXRoIHR3byBwb3J0cywgYW5kIHRoZSBzY2hlbWFzIHRoYXQgaXQgaW1wb3J0cy4gKi9cblxuZXhwb3J0IGNvbnN0IGN1c3RvbXMgPSAndXJuOmxhcmtoYXZlbjpjdXN0b21zOjInO1xuZXhwb3J0IGNvbnN0IGN1c3RvbXNUeXBlcyA9ICd1cm46bGFya2hhdmVuOmN1c3RvbXM6dHlwZXMnO1xuXG5leHBvcnQgY29uc3QgY3VzdG9tc1dzZGwgPSAob3JpZ2luOiBzdHJpbmcpOiBzdHJpbmcgPT4gYDw/eG1sIHZlcnNpb249XCIxLjBcIiBlbmNvZGluZz1cIlVURi04XCI/PlxuPHdzZGw6ZGVmaW5pdGlvbnMgbmFtZT1cIkN1c3RvbXNcIiB0YXJnZXROYW1lc3BhY2U9XCIke2N1c3RvbXN9XCJcbiAgICB4bWxuczp3c2RsPVwiaHR0cDovL3NjaGVtYXMueG1sc29hcC5vcmcvd3NkbC9cIiB4bWxuczpzb2FwPVwiaHR0cDovL3NjaGVtYXMueG1sc29hcC5vcmcvd3NkbC9zb2FwL1wiXG4gICAgeG1sbnM6c29hcDEyPVwiaHR0cDovL3NjaGVtYXMueG1sc29hcC5vcmcvd3NkbC9zb2FwMTIvXCIgeG1sbnM6eHNkPVwiaHR0cDovL3d3dy53My5vcmcvMjAwMS9YTUxTY2hlbWFcIlxuICAgIHhtbG5zOnRucz1cIiR7Y3VzdG9tc31cIj5cbiAgPHdzZGw6ZG9jdW1lbnRhdGlvbj5DdXN0b21zIGRlY2xhcmF0aW9ucyBvZiBMYXJraGF2ZW4gSGFyYm91cjwvd3NkbDpkb2N1bWVudGF0aW9uPlxuICA8d3NkbDp0eXBlcz5cbiAgICA8eHNkOnNjaGVtYT5cbiAgICAgIDx4c2Q6aW1wb3J0IG5hbWVzcGFjZT1cIiR7Y3VzdG9tc31cIiBzY2hlbWFMb2NhdGlvbj1cImN1c3RvbXMvbWVzc2FnZXMueHNkXCIvPlxuICAgIDwveHNkOnNjaGVtYT5cbiAgPC93c2RsOnR5cGVzPlxuICA8d3NkbDptZXNzYWdlIG5hbWU9XCJEZWNsYXJlSW5cIj48d3NkbDpwYXJ0IG5hbWU9XCJib2R5XCIgZWxlbWVudD1cInRuczpEZWNsYXJlXCIvPjwvd3NkbDptZXNzYWdlPlxuICA8d3NkbDptZXNzYWdlIG5hbWU9XCJEZWNsYXJlT3V0XCI+PHdzZGw6cGFydCBuYW1lPVwiYm9keVwiIGVsZW1lbnQ9XCJ0bnM6RGVjbGFyZVJlc3BvbnNlXCIvPjwvd3NkbDptZXNzYWdlPlxuICA8d3NkbDptZXNzYWdlIG5hbWU9XCJSZWFkSW5cIj48d3NkbDpwYXJ0IG5hbWU9XCJib2R5XCIgZWxlbWVudD1cInRuczpSZWFkRGVjbGFyYXRpb25cIi8+PC93c2RsOm1lc3NhZ2U+XG4gIDx3c2RsOm1lc3NhZ2UgbmFtZT1cIlJlYWRPdXRcIj48d3NkbDpwYXJ0IG5hbWU9XCJib2R5XCIgZWxlbWVudD1cInRuczpSZWFkRGVjbGFyYXRpb25SZXNwb25zZVwiLz48L3dzZGw6bWVzc2FnZT5cbiAgPHdzZGw6bWVzc2FnZSBuYW1lPVwiRGVza1wiPjx3c2RsOnBhcnQgbmFtZT1cImRlc2tcIiBlbGVtZW50PVwidG5zOkRlc2tcIi8+PC93c2RsOm1lc3NhZ2U+XG4gIDx3c2RsOm1lc3NhZ2UgbmFtZT1cIlJlZnVzZWRcIj48d3NkbDpwYXJ0IG5hbWU9XCJmYXVsdFwiIGVsZW1lbnQ9XCJ0bnM6UmVmdXNhbFwiLz48L3dzZGw6bWVzc2FnZT5cbiAgPHdzZGw6cG9ydFR5cGUgbmFtZT1cIkN1c3RvbXNPZmZpY2VcIj5cbiAgICA8d3NkbDpvcGVyYXRpb24gbmFtZT1cIkRlY2xhcmVcIj5cbiAgICAgIDx3c2RsOmRvY3VtZW50YXRpb24+RGVjbGFyZXMgdGhlIGdvb2RzIG9mIGEgdmVzc2VsLiBUaGUgb2ZmaWNlIGFuc3dlcnMgd2l0aCBhIG51bWJlci48L3dzZGw6ZG9jdW1lbnRhdGlvbj5cbiAgICAgIDx3c2RsOmlucHV0IG1lc3NhZ2U9XCJ0bnM6RGVjbGFyZUluXCIvPlxuICAgICAgPHdzZGw6b3V0cHV0IG1lc3NhZ2U9XCJ0bnM6RGVjbGFyZU91dFwiLz5cbiAgICAgIDx3c2RsOmZhdWx0IG5hbWU9XCJSZWZ1c2VkXCIgbWVzc2FnZT1cInRuczpSZWZ1c2VkXCIvPlxuICAgIDwvd3NkbDpvcGVyYXRpb24+XG4gICAgPHdzZGw6b3BlcmF0aW9uIG5hbWU9XCJSZWFkRGVjbGFyYXRpb25cIj5cbiAgICAgIDx3c2RsOmRvY3VtZW50YXRpb24+UmVhZHMgYSBkZWNsYXJhdGlvbiBieSBpdHMgbnVtYmVyLjwvd3NkbDpkb2N1bWVudGF0aW9uPlxuICAgICAgPHdzZGw6aW5wdXQgbWVzc2FnZT1cInRuczpSZWFkSW5cIi8+XG4gICAgICA8d3NkbDpvdXRwdXQgbWVzc2FnZT1cInRuczpSZWFkT3V0XCIvPlxuICAgICAgPHdzZGw6ZmF1bHQgbmFtZT1cIlJlZnVzZWRcIiBtZXNzYWdlPVwidG5zOlJlZnVzZWRcIi8+XG4gICAgPC93c2RsOm9wZXJhdGlvbj5cbiAgPC93c2RsOnBvcnRUeXBlPlxuICAke1tcbiAgICBbJ0N1c3RvbXMxMScsICdzb2FwJ10sXG4gICAgWydDdXN0b21zMTInLCAnc29hcDEyJ10sXG4gIF1cbiAgICAubWFwKFxuICAgICAgKFtuYW1lLCBzb2FwXSkgPT4gYDx3c2RsOmJpbmRpbmcgbmFtZT1cIiR7bmFtZX1cIiB0eXBlPVwidG5zOkN1c3RvbXNPZmZpY2VcIj5cbiAgICA8JHtzb2FwfTpiaW5kaW5nIHN0eWxlPVwiZG9jdW1lbnRcIiB0cmFuc3BvcnQ9XCJodHRwOi8vc2NoZW1hcy54bWxzb2FwLm9yZy9zb2FwL2h0dHBcIi8+XG4gICAgJHtbJ0RlY2xhcmUnLCAnUmVhZERlY2xhcmF0aW9uJ11cbiAgICAgIC5tYXAoXG4gICAgICAgIChvcGVyYXRpb24pID0+IGA8d3NkbDpvcGVyYXRpb24gbmFtZT1cIiR7b3BlcmF0aW9ufVwiPlxuICAgICAgPCR7c29hcH06b3BlcmF0aW9uIHNvYXBBY3Rpb249XCIke2N1c3RvbXN9LyR7b3BlcmF0aW9ufVwiLz5cbiAgICAgIDx3c2RsOmlucHV0PiR7b3BlcmF0aW9uID09PSAnRGVjbGFyZScgPyBgPCR7c29hcH06aGVhZGVyIG1lc3NhZ2U9XCJ0bnM6RGVza1wiIHBhcnQ9XCJkZXNrXCIgdXNlPVwibGl0ZXJhbFwiLz5gIDogJyd9PCR7c29hcH06Ym9keSB1c2U9XCJsaXRlcmFsXCIvPjwvd3NkbDppbnB1dD5cbiAgICAgIDx3c2RsOm91dHB1dD48JHtzb2FwfTpib2R5IHVzZT1cImxpdGVyYWxcIi8+PC93c2RsOm91dHB1dD5cbiAgICAgIDx3c2RsOmZhdWx0IG5hbWU9XCJSZWZ1c2VkXCI+PCR7c29hcH06ZmF1bHQgbmFtZT1cIlJlZnVzZWRcIiB1c2U9XCJsaXRlcmFsXCIvPjwvd3NkbDpmYXVsdD5cbiAgICA8L3dzZGw6b3BlcmF0aW9uPmAsXG4gICAgICApXG4gICAgICAuam9pbignXFxuICAgICcpfVxuICA8L3dzZGw6YmluZGluZz5gLFxuICAgIClcbiAgICAuam9pbignXFxuICAnKX1cbiAgPHdzZGw6c2VydmljZSBuYW1lPVwiQ3VzdG9tc1wiPlxuICAgIDx3c2RsOnBvcnQgbmFtZT1cIlNvYXAxMVwiIGJpbmRpbmc9XCJ0bnM6Q3VzdG9tczExXCI+PHNvYXA6YWRkcmVzcyBsb2NhdGlvbj1cIiR7b3JpZ2lufS9jdXN0b21zXCIvPjwvd3NkbDpwb3J0PlxuICAgIDx3c2RsOnBvcnQgbmFtZT1cIlNvYXAxMlwiIGJpbmRpbmc9XCJ0bnM6Q3VzdG9tczEyXCI+PHNvYXAxMjphZGRyZXNzIGxvY2F0aW9uPVwiJHtvcmlnaW59L2N1c3RvbXNcIi8+PC93c2RsOnBvcnQ+XG4gIDwvd3NkbDpzZXJ2aWNlPlxuPC93c2RsOmRlZmluaXRpb25zPlxuYDtcblxuZXhwb3J0IGNvbnN0IG1lc3NhZ2VzWHNkID0gYDw/eG1sIHZlcnNpb249XCIxLjBcIiBlbmNvZGluZz1cIlVURi04XCI/PlxuPHhzZDpzY2hlbWEgdGFyZ2V0TmFtZXNwYWNlPVwiJHtjdXN0b21zfVwiIGVsZW1lbnRGb3JtRGVmYXVsdD1cInF1YWxpZmllZFwiXG4gICAgeG1sbnM6eHNkPVwiaHR0cDovL3d3dy53My5vcmcvMjAwMS9YTUxTY2hlbWFcIiB4bWxuczp0bnM9XCIke2N1c3RvbXN9XCIgeG1sbnM6dD1cIiR7Y3VzdG9tc1R5cGVzfVwiPlxuICA8eHNkOmltcG9ydCBuYW1lc3BhY2U9XCIke2N1c3RvbXNUeXBlc31cIiBzY2hlbWFMb2NhdGlvbj1cInR5cGVzLnhzZFwiLz5cbiAgPHhzZDplbGVtZW50IG5hbWU9XCJEZXNrXCI+XG4gICAgPHhzZDphbm5vdGF0aW9uPjx4c2Q6ZG9jdW1lbnRhdGlvbj5UaGUgZGVzayB0aGF0IGlzIGFkZHJlc3NlZC48L3hzZDpkb2N1bWVudGF0aW9uPjwveHNkOmFubm90YXRpb24+XG4gICAgPHhzZDpzaW1wbGVUeXBlPlxuICAgICAgPHhzZDpyZXN0cmljdGlvbiBiYXNlPVwieHNkOnN0cmluZ1wiPjx4c2Q6ZW51bWVyYXRpb24gdmFsdWU9XCJub3J0aFwiLz48eHNkOmVudW1lcmF0aW9uIHZhbHVlPVwic291dGhcIi8+PC94c2Q6cmVzdHJpY3Rpb24+XG4gICAgPC94c2Q6c2ltcGxlVHlwZT5cbiAgPC94c2Q6ZWxlbWVudD5cbiAgPHhzZDplbGVtZW50IG5hbWU9XCJEZWNsYXJlXCI+XG4gICAgPHhzZDpjb21wbGV4VHlwZT5cbiAgICAgIDx4c2Q6c2VxdWVuY2U+XG4gICAgICAgIDx4c2Q6ZWxlbWVudCBuYW1lPVwiaW1vXCIgdHlwZT1cInQ6SW1vXCIvPlxuICAgICAgICA8eHNkOmVsZW1lbnQgbmFtZT1cImFycml2YWxcIiB0eXBlPVwieHNkOmRhdGVcIi8+XG4gICAgICAgIDx4c2Q6ZWxlbWVudCBuYW1lPVwiZ29vZHNcIiB0eXBlPVwidDpHb29kc1wiIG1heE9jY3Vycz1cInVuYm91bmRlZFwiLz5cbiAgICAgICAgPHhzZDpjaG9pY2U+XG4gICAgICAgICAgPHhzZDplbGVtZW50IG5hbWU9XCJicm9rZXJcIiB0eXBlPVwieHNkOnN0cmluZ1wiPjx4c2Q6YW5ub3RhdGlvbj48eHNkOmRvY3VtZW50YXRpb24+V2hvIGRlY2xhcmVzIGZvciB0aGUgb3duZXIuPC94c2Q6ZG9jdW1lbnRhdGlvbj48L3hzZDphbm5vdGF0aW9uPjwveHNkOmVsZW1lbnQ+XG4gICAgICAgICAgPHhzZDplbGVtZW50IG5hbWU9XCJvd25lclwiIHR5cGU9XCJ4c2Q6c3RyaW5nXCIvPlxuICAgICAgICA8L3hzZDpjaG9pY2U+XG4gICAgICAgIDx4c2Q6ZWxlbWVudCBuYW1lPVwicmVtYXJrXCIgdHlwZT1cInhzZDpzdHJpbmdcIiBtaW5PY2N1cnM9XCIwXCIvPlxuICAgICAgPC94c2Q6c2VxdWVuY2U+XG4gICAgPC94c2Q6Y29tcGxleFR5cGU+XG4gIDwveHNkOmVsZW1lbnQ+XG4gIDx4c2Q6ZWxlbWVudCBuYW1lPVwiRGVjbGFyZVJlc3BvbnNlXCI+XG4gICAgPHhzZDpjb21wbGV4VHlwZT48eHNkOnNlcXVlbmNlPjx4c2Q6ZWxlbWVudCBuYW1lPVwibnVtYmVyXCIgdHlwZT1cInhzZDpzdHJpbmdcIi8+PHhzZDplbGVtZW50IG5hbWU9XCJzdGF0ZVwiIHR5cGU9XCJ0OlN0YXRlXCIvPjwveHNkOnNlcXVlbmNlPjwveHNkOmNvbXBsZXhUeXBlPlxuICA8L3hzZDplbGVtZW50PlxuICA8eHNkOmVsZW1lbnQgbmFtZT1cIlJlYWREZWNsYXJhdGlvblwiPlxuICAgIDx4c2Q6Y29tcGxleFR5cGU+PHhzZDpzZXF1ZW5jZT48eHNkOmVsZW1lbnQgbmFtZT1cIm51bWJlclwiIHR5cGU9XCJ4c2Q6c3RyaW5nXCIvPjwveHNkOnNlcXVlbmNlPjwveHNkOmNvbXBsZXhUeXBlPlxuICA8L3hzZDplbGVtZW50PlxuICA8eHNkOmVsZW1lbnQgbmFtZT1cIlJlYWREZWNsYXJhdGlvblJlc3BvbnNlXCI+XG4gICAgPHhzZDpjb21wbGV4VHlwZT5cbiAgICAgIDx4c2Q6c2VxdWVuY2U+XG4gICAgICAgIDx4c2Q6ZWxlbWVudCBuYW1lPVwibnVtYmVyXCIgdHlwZT1cInhzZDpzdHJpbmdcIi8+XG4gICAgICAgIDx4c2Q6ZWxlbWVudCBuYW1lPVwic3RhdGVcIiB0eXBlPVwidDpTdGF0ZVwiLz5cbiAgICAgICAgPHhzZDplbGVtZW50IG5hbWU9XCJpbW9cIiB0eXBlPVwidDpJbW9cIi8+XG4gICAgICAgIDx4c2Q6ZWxlbWVudCBuYW1lPVwiZ29vZHNcIiB0eXBlPVwidDpHb29kc1wiIG1heE9jY3Vycz1cInVuYm91bmRlZFwiLz5cbiAgICAgIDwveHNkOnNlcXVlbmNlPlxuICAgIDwveHNkOmNvbXBsZXhUeXBlPlxuICA8L3hzZDplbGVtZW50PlxuICA8eHNkOmVsZW1lbnQgbmFtZT1cIlJlZnVzYWxcIj5cbiAgICA8eHNkOmNvbXBsZXhUeXBlPjx4c2Q6c2VxdWVuY2U+PHhzZDplbGVtZW50IG5hbWU9XCJyZWFzb25cIiB0eXBlPVwieHNkOnN0cmluZ1wiLz48L3hzZDpzZXF1ZW5jZT48L3hzZDpjb21wbGV4VHlwZT5cbiAgPC94c2Q6ZWxlbWVudD5cbjwveHNkOnNjaGVtYT5cbmA7XG5cbmV4cG9ydCBjb25zdCB0eXBlc1hzZCA9IGA8P3htbCB2ZXJzaW9uPVwiMS4wXCIgZW5jb2Rpbmc9XCJVVEYtOFwiPz5cbjx4c2Q6c2NoZW1hIHRhcmdldE5hbWVzcGFjZT1cIiR7Y3VzdG9tc1R5cGVzfVwiIGVsZW1lbnRGb3JtRGVmYXVsdD1cInF1YWxpZmllZFwiXG4gICAgeG1sbnM6eHNkPVwiaHR0cDovL3d3dy53My5vcmcvMjAwMS9YTUxTY2hlbWFcIiB4bWxuczp0PVwiJHtjdXN0b21zVHlwZXN9XCI+XG4gIDx4c2Q6c2ltcGxlVHlwZSBuYW1lPVwiSW1vXCI+XG4gICAgPHhzZDphbm5vdGF0aW9uPjx4c2Q6ZG9jdW1lbnRhdGlvbj5JTU8gbnVtYmVyIG9mIHRoZSB2ZXNzZWwsIHNldmVuIGRpZ2l0cy48L3hzZDpkb2N1bWVudGF0aW9uPjwveHNkOmFubm90YXRpb24+XG4gICAgPHhzZDpyZXN0cmljdGlvbiBiYXNlPVwieHNkOnN0cmluZ1wiPjx4c2Q6cGF0dGVybiB2YWx1ZT1cIlswLTldezd9XCIvPjwveHNkOnJlc3RyaWN0aW9uPlxuICA8L3hzZDpzaW1wbGVUeXBlPlxuICA8eHNkOnNpbXBsZVR5cGUgbmFtZT1cIlN0YXRlXCI+XG4gICAgPHhzZDpyZXN0cmljdGlvbiBiYXNlPVwieHNkOnN0cmluZ1wiPlxuICAgICAgPHhzZDplbnVtZXJhdGlvbiB2YWx1ZT1cInRha2VuXCIvPjx4c2Q6ZW51bWVyYXRpb24gdmFsdWU9XCJjbGVhcmVkXCIvPjx4c2Q6ZW51bWVyYXRpb24gdmFsdWU9XCJoZWxkXCIvPlxuICAgIDwveHNkOnJlc3RyaWN0aW9uPlxuICA8L3hzZDpzaW1wbGVUeXBlPlxuICA8eHNkOnNpbXBsZVR5cGUgbmFtZT1cIktpbmRcIj5cbiAgICA8eHNkOnJlc3RyaWN0aW9uIGJhc2U9XCJ4c2Q6c3RyaW5nXCI+XG4gICAgICA8eHNkOmVudW1lcmF0aW9uIHZhbHVlPVwiZ3JhaW5cIi8+PHhzZDplbnVtZXJhdGlvbiB2YWx1ZT1cInRpbWJlclwiLz48eHNkOmVudW1lcmF0aW9uIHZhbHVlPVwibWl4ZWRcIi8+XG4gICAgPC94c2Q6cmVzdHJpY3Rpb24+XG4gIDwveHNkOnNpbXBsZVR5cGU+XG4gIDx4c2Q6Y29tcGxleFR5cGUgbmFtZT1cIkdvb2RzXCI+XG4gICAgPHhzZDpzZXF1ZW5jZT5cbiAgICAgIDx4c2Q6ZWxlbWVudCBuYW1lPVwia2luZFwiIHR5cGU9XCJ0OktpbmRcIi8+XG4gICAgICA8eHNkOmVsZW1lbnQgbmFtZT1cInRvbm5lc1wiPjx4c2Q6c2ltcGxlVHlwZT48eHNkOnJlc3RyaWN0aW9uIGJhc2U9XCJ4c2Q6ZGVjaW1hbFwiPjx4c2Q6bWluRXhjbHVzaXZlIHZhbHVlPVwiMFwiLz48L3hzZDpyZXN0cmljdGlvbj48L3hzZDpzaW1wbGVUeXBlPjwveHNkOmVsZW1lbnQ+XG4gICAgICA8eHNkOmVsZW1lbnQgbmFtZT1cIm1hcmtcIiB0eXBlPVwieHNkOnN0cmluZ1wiIG1pbk9jY3Vycz1cIjBcIiBtYXhPY2N1cnM9XCIzXCIvPlxuICAgIDwveHNkOnNlcXVlbmNlPlxuICAgIDx4c2Q6YXR0cmlidXRlIG5hbWU9XCJsaW5lXCIgdHlwZT1cInhzZDpwb3NpdGl2ZUludGVnZXJcIiB1c2U9XCJyZXF1aXJlZFwiLz5cbiAgPC94c2Q6Y29tcGxleFR5cGU+XG48L3hzZDpzY2hlbWE+XG5gO1xuIl0sCiAgIm1hcHBpbmdzIjogIjtBQUVPLElBQU0sVUFBVTtBQUNoQixJQUFNLGVBQWU7QUFFckIsSUFBTSxjQUFjLENBQUMsV0FBMkI7QUFBQSxvREFDSCxPQUFPO0FBQUE7QUFBQTtBQUFBLGlCQUcxQyxPQUFPO0FBQUE7QUFBQTtBQUFBO0FBQUEsK0JBSU8sT0FBTztBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUEsSUF1QmxDO0FBQUEsRUFDQSxDQUFDLGFBQWEsTUFBTTtBQUFBLEVBQ3BCLENBQUMsYUFBYSxRQUFRO0FBQ3hCLEVBQ0c7QUFBQSxFQUNDLENBQUMsQ0FBQyxNQUFNLElBQUksTUFBTSx1QkFBdUIsSUFBSTtBQUFBLE9BQzVDLElBQUk7QUFBQSxNQUNMLENBQUMsV0FBVyxpQkFBaUIsRUFDNUI7QUFBQSxJQUNDLENBQUMsY0FBYyx5QkFBeUIsU0FBUztBQUFBLFNBQ2hELElBQUksMEJBQTBCLE9BQU8sSUFBSSxTQUFTO0FBQUEsb0JBQ3ZDLGNBQWMsWUFBWSxJQUFJLElBQUksMkRBQTJELEVBQUUsSUFBSSxJQUFJO0FBQUEsc0JBQ3JHLElBQUk7QUFBQSxvQ0FDVSxJQUFJO0FBQUE7QUFBQSxFQUVsQyxFQUNDLEtBQUssUUFBUSxDQUFDO0FBQUE7QUFFakIsRUFDQyxLQUFLLE1BQU0sQ0FBQztBQUFBO0FBQUEsK0VBRThELE1BQU07QUFBQSxpRkFDSixNQUFNO0FBQUE7QUFBQTtBQUFBO0FBS2hGLElBQU0sY0FBYztBQUFBLCtCQUNJLE9BQU87QUFBQSw4REFDd0IsT0FBTyxjQUFjLFlBQVk7QUFBQSwyQkFDcEUsWUFBWTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUEyQ2hDLElBQU0sV0FBVztBQUFBLCtCQUNPLFlBQVk7QUFBQSw0REFDaUIsWUFBWTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUE7QUFBQTsiLAogICJuYW1lcyI6IFtdCn0K
