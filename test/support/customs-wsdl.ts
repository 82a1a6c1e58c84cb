/** A customs office in WSDL 1.1, whose port is at an address. */
export const customsWsdl = (address: string): string => `<?xml version="1.0"?>
<definitions name="Customs" targetNamespace="urn:harbour:customs" xmlns="http://schemas.xmlsoap.org/wsdl/"
  xmlns:soap="http://schemas.xmlsoap.org/wsdl/soap/" xmlns:tns="urn:harbour:customs" xmlns:xsd="http://www.w3.org/2001/XMLSchema">
  <types><xsd:schema targetNamespace="urn:harbour:customs" elementFormDefault="qualified">
    <xsd:element name="Declare"><xsd:complexType><xsd:sequence>
      <xsd:element name="vessel" type="xsd:string"/><xsd:element name="tonnes" type="xsd:int"/>
    </xsd:sequence></xsd:complexType></xsd:element>
    <xsd:element name="Declared"><xsd:complexType><xsd:sequence>
      <xsd:element name="mark" type="xsd:string"/>
    </xsd:sequence></xsd:complexType></xsd:element>
  </xsd:schema></types>
  <message name="DeclareIn"><part name="body" element="tns:Declare"/></message>
  <message name="DeclareOut"><part name="body" element="tns:Declared"/></message>
  <portType name="CustomsPort"><operation name="Declare">
    <input message="tns:DeclareIn"/><output message="tns:DeclareOut"/>
  </operation></portType>
  <binding name="CustomsBinding" type="tns:CustomsPort">
    <soap:binding style="document" transport="http://schemas.xmlsoap.org/soap/http"/>
    <operation name="Declare"><soap:operation soapAction="urn:declare"/>
      <input><soap:body use="literal"/></input><output><soap:body use="literal"/></output>
    </operation>
  </binding>
  <service name="Customs"><port name="Desk" binding="tns:CustomsBinding"><soap:address location="${address}"/></port></service>
</definitions>`;
