<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB">
<context>
    <name>rhexion::FiguresPanel</name>
    <message numerus="yes">
        <source>%n caution(s)</source>
        <translation><numerusform>%n caution</numerusform><numerusform>%n cautions</numerusform></translation>
    </message>
</context>
<context>
    <name>rhexion::VesselPanel</name>
    <message numerus="yes">
        <source>%n caution(s): show</source>
        <translation><numerusform>%n caution: show it</numerusform><numerusform>%n cautions: show them</numerusform></translation>
    </message>
</context>
</TS>
