<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB">
<context>
    <name>Heat</name>
    <message numerus="yes">
        <source>from %n batch(es) of yours</source>
        <translation>
            <numerusform>from %n batch of yours</numerusform>
            <numerusform>from %n batches of yours</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n portion(s), one every %1</source>
        <translation>
            <numerusform>%n portion, one every %1</numerusform>
            <numerusform>%n portions, one every %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>MaterialPage</name>
    <message numerus="yes">
        <source>and %n earlier batch(es)</source>
        <translation>
            <numerusform>and %n earlier batch</numerusform>
            <numerusform>and %n earlier batches</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::BenchPage</name>
    <message numerus="yes">
        <source>%n line(s) added. Not understood: </source>
        <translation>
            <numerusform>%n line added. Not understood: </numerusform>
            <numerusform>%n lines added. Not understood: </numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n portion(s)…</source>
        <translation>
            <numerusform>%n portion…</numerusform>
            <numerusform>%n portions…</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::FiguresPanel</name>
    <message numerus="yes">
        <source>%n caution(s)</source>
        <translation>
            <numerusform>%n caution</numerusform>
            <numerusform>%n cautions</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::ImportPanel</name>
    <message numerus="yes">
        <source>%n row(s), all good. Nothing is kept yet.</source>
        <translation>
            <numerusform>%n row, and it is good. Nothing is kept yet.</numerusform>
            <numerusform>%n rows, all good. Nothing is kept yet.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n row(s) cannot be brought in; mend them in the file, or go on without them. Nothing is kept yet.</source>
        <translation>
            <numerusform>%n row cannot be brought in; mend it in the file, or go on without it. Nothing is kept yet.</numerusform>
            <numerusform>%n rows cannot be brought in; mend them in the file, or go on without them. Nothing is kept yet.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Keep %n material(s)</source>
        <translation>
            <numerusform>Keep %n material</numerusform>
            <numerusform>Keep %n materials</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Batch</name>
    <message numerus="yes">
        <source>The code %1 stands on %n batch(es): find them by it, and give all but one a new code.</source>
        <translation>
            <numerusform>The code %1 stands on %n batch.</numerusform>
            <numerusform>The code %1 stands on %n batches: find them by it, and give all but one a new code.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Blended in %n burst(s), %1</source>
        <translation>
            <numerusform>Blended in %n burst, %1</numerusform>
            <numerusform>Blended in %n bursts, %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n weight(s) were taken as planned, not weighed.</source>
        <translation>
            <numerusform>%n weight was taken as planned, not weighed.</numerusform>
            <numerusform>%n weights were taken as planned, not weighed.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) that happened to it cannot be read.</source>
        <translation>
            <numerusform>%n thing that happened to it cannot be read.</numerusform>
            <numerusform>%n things that happened to it cannot be read.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::MainWindow</name>
    <message numerus="yes">
        <source>The last good copy of the journal, of %1, holds %n thing(s) that the journal lacks: it may have been replaced by an older one.</source>
        <translation>
            <numerusform>The last good copy of the journal, of %1, holds %n thing that the journal lacks: it may have been replaced by an older one.</numerusform>
            <numerusform>The last good copy of the journal, of %1, holds %n things that the journal lacks: it may have been replaced by an older one.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n material(s) have new figures.</source>
        <translation>
            <numerusform>%n material has new figures.</numerusform>
            <numerusform>%n materials have new figures.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n material(s) on the bench have other figures than your newest lots.</source>
        <translation>
            <numerusform>%n material on the bench has other figures than your newest lot.</numerusform>
            <numerusform>%n materials on the bench have other figures than your newest lots.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) of your shelf cannot be read and is set aside; the rest is there. “%1”: %2</source>
        <translation>
            <numerusform>%n thing of your shelf cannot be read and is set aside; the rest is there. “%1”: %2</numerusform>
            <numerusform>%n things of your shelf cannot be read and are set aside; the rest is there. “%1”: %2</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) in it cannot be read: %1</source>
        <translation>
            <numerusform>%n thing in it cannot be read: %1</numerusform>
            <numerusform>%n things in it cannot be read: %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::ShelfList</name>
    <message numerus="yes">
        <source>%n material(s)</source>
        <translation>
            <numerusform>%n material</numerusform>
            <numerusform>%n materials</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::VesselPanel</name>
    <message numerus="yes">
        <source>%n caution(s): show</source>
        <translation>
            <numerusform>%n caution: show it</numerusform>
            <numerusform>%n cautions: show them</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::PlacePanel</name>
    <message numerus="yes">
        <source>%n thing(s) before</source>
        <translation>
            <numerusform>and %n thing before</numerusform>
            <numerusform>and %n things before</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::CopyActions</name>
    <message numerus="yes">
        <source>%n row(s) copied.</source>
        <translation>
            <numerusform>%n row copied.</numerusform>
            <numerusform>%n rows copied.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Pace</name>
    <message numerus="yes">
        <source>from %n batch(es) of yours</source>
        <translation>
            <numerusform>from %n batch of yours</numerusform>
            <numerusform>from %n batches of yours</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Compare</name>
    <message numerus="yes">
        <source>Against “%1”: %n thing(s) go in otherwise.</source>
        <translation>
            <numerusform>Against “%1”: %n thing goes in otherwise.</numerusform>
            <numerusform>Against “%1”: %n things go in otherwise.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Scent</name>
    <message numerus="yes">
        <source>%n time(s)</source>
        <translation>
            <numerusform>%n time</numerusform>
            <numerusform>%n times</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::RecipeWindow</name>
    <message numerus="yes">
        <source>and %n more line(s), read as well</source>
        <translation>
            <numerusform>and %n more line, read as well</numerusform>
            <numerusform>and %n more lines, read as well</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n material(s) read.</source>
        <translation>
            <numerusform>%n material read.</numerusform>
            <numerusform>%n materials read.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) not understood; they stay in the notes.</source>
        <translation>
            <numerusform>%n line not understood; it stays in the notes.</numerusform>
            <numerusform>%n lines not understood; they stay in the notes.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n question(s) to answer before it goes on the bench.</source>
        <translation>
            <numerusform>%n question to answer before it goes on the bench.</numerusform>
            <numerusform>%n questions to answer before it goes on the bench.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Before it is made, %n question(s) about lye or amounts must be answered.</source>
        <translation>
            <numerusform>Before it is made, %n question about lye or amounts must be answered.</numerusform>
            <numerusform>Before it is made, %n questions about lye or amounts must be answered.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::TimersBar</name>
    <message numerus="yes">
        <source>%n minute(s)</source>
        <translation>
            <numerusform>%n minute</numerusform>
            <numerusform>%n minutes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Blend (B): %n burst(s), %1</source>
        <translation>
            <numerusform>Blend (B): %n burst, %1</numerusform>
            <numerusform>Blend (B): %n bursts, %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>After</name>
    <message numerus="yes">
        <source>%n bar(s)</source>
        <translation>
            <numerusform>%n bar</numerusform>
            <numerusform>%n bars</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Cost</name>
    <message numerus="yes">
        <source>too low: without %n material(s)</source>
        <translation>
            <numerusform>too low: without %n material</numerusform>
            <numerusform>too low: without %n materials</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Cure</name>
    <message numerus="yes">
        <source>%n day(s)</source>
        <translation>
            <numerusform>%n day</numerusform>
            <numerusform>%n days</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Record</name>
    <message numerus="yes">
        <source>%n bar(s)</source>
        <translation>
            <numerusform>%n bar</numerusform>
            <numerusform>%n bars</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n bar(s) left, %1 of them ready by their day.</source>
        <translation>
            <numerusform>%n bar left, %1 of them ready by their day.</numerusform>
            <numerusform>%n bars left, %1 of them ready by their day.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to do.</source>
        <translation>
            <numerusform>%n thing to do.</numerusform>
            <numerusform>%n things to do.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In %n batch(es) of yours.</source>
        <translation>
            <numerusform>In %n batch of yours.</numerusform>
            <numerusform>In %n batches of yours.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Together</name>
    <message numerus="yes">
        <source>%n other thing(s) are the same, as far as scale and thermometer tell.</source>
        <translation>
            <numerusform>%n other thing is the same, as far as scale and thermometer tell.</numerusform>
            <numerusform>%n other things are the same, as far as scale and thermometer tell.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) differ: %1. The cause cannot be told from these.</source>
        <translation>
            <numerusform>%n thing differs: %1. The cause cannot be told from these.</numerusform>
            <numerusform>%n things differ: %1. The cause cannot be told from these.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::BarsChapter</name>
    <message numerus="yes">
        <source>%n label(s) are in %1. Print them without scaling.</source>
        <translation>
            <numerusform>%n label is in %1. Print it without scaling.</numerusform>
            <numerusform>%n labels are in %1. Print them without scaling.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::BatchView</name>
    <message numerus="yes">
        <source>%n photograph(s) taken in; choose the rest again.</source>
        <translation>
            <numerusform>%n photograph taken in; choose the rest again.</numerusform>
            <numerusform>%n photographs taken in; choose the rest again.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message numerus="yes">
        <source>%n thing(s) written here wait to be passed on.</source>
        <translation>
            <numerusform>%n thing written here waits to be passed on.</numerusform>
            <numerusform>%n things written here wait to be passed on.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more thing(s) to take care of</source>
        <translation>
            <numerusform>%n more thing to take care of</numerusform>
            <numerusform>%n more things to take care of</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n note(s)</source>
        <translation>
            <numerusform>%n note</numerusform>
            <numerusform>%n notes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n caution(s) you know</source>
        <translation>
            <numerusform>%n caution you know</numerusform>
            <numerusform>%n cautions you know</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::Windows</name>
    <message numerus="yes">
        <source>%n formula(s) were not opened, %1 windows being open already: %2. Close some and open them then.</source>
        <translation>
            <numerusform>%n formula was not opened, %1 windows being open already: %2. Close some and open it then.</numerusform>
            <numerusform>%n formulas were not opened, %1 windows being open already: %2. Close some and open them then.</numerusform>
        </translation>
    </message>
</context>
</TS>
