/** The customs office as it describes itself: a WSDL with two ports, and the schemas that it imports. */

export const customs = 'urn:larkhaven:customs:2';
export const customsTypes = 'urn:larkhaven:customs:types';

export const customsWsdl = (origin: string): string => `<?xml version="1.0" encoding="UTF-8"?>
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
  <wsdl:message name="Refused"><wsdl:part name="fault" element="tns:AccessDenied"/></wsdl:message>
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
    ['Customs11', 'soap'],
    ['Customs12', 'soap12'],
  ]
    .map(
      ([name, soap]) => `<wsdl:binding name="${name}" type="tns:CustomsOffice">
    <${soap}:binding style="document" transport="http://schemas.xmlsoap.org/soap/http"/>
    ${['Declare', 'ReadDeclaration']
      .map(
        (operation) => `<wsdl:operation name="${operation}">
      <${soap}:operation soapAction="${customs}/${operation}"/>
      <wsdl:input>${operation === 'Declare' ? `<${soap}:header message="tns:Desk" part="desk" use="literal"/>` : ''}<${soap}:body use="literal"/></wsdl:input>
      <wsdl:output><${soap}:body use="literal"/></wsdl:output>
      <wsdl:fault name="Refused"><${soap}:fault name="Refused" use="literal"/></wsdl:fault>
    </wsdl:operation>`,
      )
      .join('\n    ')}
  </wsdl:binding>`,
    )
    .join('\n  ')}
  <wsdl:service name="Customs">
    <wsdl:port name="Soap11" binding="tns:Customs11"><soap:address location="${origin}/customs"/></wsdl:port>
    <wsdl:port name="Soap12" binding="tns:Customs12"><soap12:address location="${origin}/customs"/></wsdl:port>
  </wsdl:service>
</wsdl:definitions>
`;

export const messagesXsd = `<?xml version="1.0" encoding="UTF-8"?>
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
  <xsd:element name="AccessDenied">
    <xsd:complexType><xsd:sequence><xsd:element name="reason" type="xsd:string"/></xsd:sequence></xsd:complexType>
  </xsd:element>
</xsd:schema>
`;

export const typesXsd = `<?xml version="1.0" encoding="UTF-8"?>
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
