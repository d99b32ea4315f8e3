<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Accounts</name>
    <message>
        <source>Lye</source>
        <translation>Alkali</translation>
    </message>
    <message>
        <source>kept back</source>
        <translation>zurückgehalten</translation>
    </message>
    <message>
        <source>called for</source>
        <translation>gebraucht</translation>
    </message>
    <message>
        <source>%1 of lye</source>
        <translation>%1 Alkali</translation>
    </message>
    <message>
        <source>hidden fat of %1</source>
        <translation>verborgenes Fett von %1</translation>
    </message>
    <message>
        <source>acid of %1</source>
        <translation>Säure von %1</translation>
    </message>
    <message>
        <source>supplied</source>
        <translation>vorhanden</translation>
    </message>
    <message>
        <source>%1 of lye, so that fat stays free</source>
        <translation>%1 Alkali, damit Fett frei bleibt</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>brought by</source>
        <translation>kommt aus</translation>
    </message>
    <message>
        <source>jug water</source>
        <translation>Wasser für den Krug</translation>
    </message>
    <message>
        <source>moisture of the lye</source>
        <translation>Feuchte des Hydroxids</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>fehlt</translation>
    </message>
</context>
<context>
    <name>After</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%n bar(s)</source>
        <translation>
            <numerusform>%n Stück</numerusform>
            <numerusform>%n Stück</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, bars of %2 by %3 by %4</source>
        <translation>%1, Stücke von %2 mal %3 mal %4</translation>
    </message>
    <message>
        <source>%1: %2 of 5</source>
        <translation>%1: %2 von 5</translation>
    </message>
    <message>
        <source>paper strip: pH %1. Lye is suspected: titrate before use</source>
        <translation>Teststreifen: pH %1. Verdacht auf Lauge: vor Gebrauch titrieren</translation>
    </message>
    <message>
        <source>paper strip: pH %1. That says nothing about lye either way</source>
        <translation>Teststreifen: pH %1. Das sagt nichts über Lauge, weder so noch so</translation>
    </message>
    <message>
        <source>%1 on the scale: %2</source>
        <translation>%1 auf der Waage: %2</translation>
    </message>
    <message>
        <source>drop of phenolphthalein: pink at once, free alkali there</source>
        <translation>Tropfen Phenolphthalein: sofort rosa, freies Alkali ist da</translation>
    </message>
    <message>
        <source>drop of phenolphthalein: no pink at that spot</source>
        <translation>Tropfen Phenolphthalein: an dieser Stelle kein Rosa</translation>
    </message>
    <message>
        <source>titration without a result</source>
        <translation>Titration ohne Ergebnis</translation>
    </message>
    <message>
        <source>titrated: free caustic %1</source>
        <translation>titriert: freies Ätzalkali %1</translation>
    </message>
    <message>
        <source>titrated: total free alkali %1</source>
        <translation>titriert: gesamtes freies Alkali %1</translation>
    </message>
    <message>
        <source>photograph, %1</source>
        <translation>Foto, %1</translation>
    </message>
    <message>
        <source>lesson</source>
        <translation>Lehre</translation>
    </message>
    <message>
        <source>a lesson was put away</source>
        <translation>eine Lehre wurde weggelegt</translation>
    </message>
    <message>
        <source>next time</source>
        <translation>nächstes Mal</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>batch code %1</source>
        <translation>Chargennummer %1</translation>
    </message>
    <message>
        <source>traced quickly</source>
        <translation>zeichnete schnell</translation>
    </message>
    <message>
        <source>traced slowly</source>
        <translation>zeichnete langsam</translation>
    </message>
    <message>
        <source>false trace</source>
        <translation>falsches Zeichnen</translation>
    </message>
    <message>
        <source>riced</source>
        <translation>wurde grießig</translation>
    </message>
    <message>
        <source>seized</source>
        <translation>zog schlagartig an</translation>
    </message>
    <message>
        <source>separated</source>
        <translation>trennte sich</translation>
    </message>
    <message>
        <source>gelled through</source>
        <translation>durchgegelt</translation>
    </message>
    <message>
        <source>gelled in part</source>
        <translation>teilweise gegelt</translation>
    </message>
    <message>
        <source>did not gel</source>
        <translation>nicht gegelt</translation>
    </message>
    <message>
        <source>cracked</source>
        <translation>gerissen</translation>
    </message>
    <message>
        <source>rose like a volcano</source>
        <translation>stieg wie ein Vulkan</translation>
    </message>
    <message>
        <source>ash</source>
        <translation>Sodaasche</translation>
    </message>
    <message>
        <source>sweat</source>
        <translation>schwitzte</translation>
    </message>
    <message>
        <source>crumbled</source>
        <translation>bröselte</translation>
    </message>
    <message>
        <source>drag marks</source>
        <translation>Schleifspuren</translation>
    </message>
    <message>
        <source>white or hard spots</source>
        <translation>weiße oder harte Stellen</translation>
    </message>
    <message>
        <source>a pocket of lye</source>
        <translation>eine Laugentasche</translation>
    </message>
    <message>
        <source>tunnels</source>
        <translation>Tunnel</translation>
    </message>
    <message>
        <source>stayed soft</source>
        <translation>blieb weich</translation>
    </message>
    <message>
        <source>stuck in the mould</source>
        <translation>klebte in der Form</translation>
    </message>
    <message>
        <source>taken out of the mould</source>
        <translation>ausgeformt</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>geschnitten</translation>
    </message>
    <message>
        <source>stamped</source>
        <translation>gestempelt</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gewendet</translation>
    </message>
    <message>
        <source>looked at</source>
        <translation>angesehen</translation>
    </message>
    <message>
        <source>wrapped</source>
        <translation>verpackt</translation>
    </message>
    <message>
        <source>lather</source>
        <translation>Schaum</translation>
    </message>
    <message>
        <source>feel on the skin</source>
        <translation>Gefühl auf der Haut</translation>
    </message>
    <message>
        <source>scent that stayed</source>
        <translation>Duft, der blieb</translation>
    </message>
    <message>
        <source>hardness</source>
        <translation>Härte</translation>
    </message>
    <message>
        <source>as poured</source>
        <translation>wie gegossen</translation>
    </message>
    <message>
        <source>the next day</source>
        <translation>am nächsten Tag</translation>
    </message>
    <message>
        <source>cured</source>
        <translation>gereift</translation>
    </message>
    <message>
        <source>at another time</source>
        <translation>zu einer anderen Zeit</translation>
    </message>
    <message>
        <source>make it again as it is</source>
        <translation>genauso noch einmal</translation>
    </message>
    <message>
        <source>make it again with a change</source>
        <translation>noch einmal, mit einer Änderung</translation>
    </message>
    <message>
        <source>not again</source>
        <translation>nicht noch einmal</translation>
    </message>
    <message>
        <source>sold</source>
        <translation>verkauft</translation>
    </message>
    <message>
        <source>given away</source>
        <translation>verschenkt</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>used for tests</source>
        <translation>für Tests gebraucht</translation>
    </message>
    <message>
        <source>spoiled</source>
        <translation>verdorben</translation>
    </message>
    <message>
        <source>the weights leave lye over</source>
        <translation>nach den Gewichten bleibt Lauge übrig</translation>
    </message>
    <message>
        <source>the superfat came out well below the plan</source>
        <translation>die Überfettung lag weit unter dem Plan</translation>
    </message>
    <message>
        <source>the batter riced</source>
        <translation>der Seifenleim wurde grießig</translation>
    </message>
    <message>
        <source>the batter separated</source>
        <translation>der Seifenleim trennte sich</translation>
    </message>
    <message>
        <source>it has white or hard spots</source>
        <translation>sie hat weiße oder harte Stellen</translation>
    </message>
    <message>
        <source>it has a pocket of lye</source>
        <translation>sie hat eine Laugentasche</translation>
    </message>
    <message>
        <source>it is cleaning soap without superfat</source>
        <translation>es ist Putzseife ohne Überfettung</translation>
    </message>
    <message>
        <source>every soap: water leaves, and crystals of soap form so that the bar wears slower</source>
        <translation>jede Seife: Wasser geht, und Seifenkristalle bilden sich, so dass das Stück langsamer verbraucht</translation>
    </message>
    <message>
        <source>your school for egg and milk: eight weeks</source>
        <translation>deine Schule für Ei und Milch: acht Wochen</translation>
    </message>
    <message>
        <source>nearly all olive: slow to harden, less slime with age</source>
        <translation>fast nur Olive: härtet langsam, schleimt mit dem Alter weniger</translation>
    </message>
    <message>
        <source>a salt bar: custom; its weight may not fall</source>
        <translation>eine Salzseife: Brauch; ihr Gewicht fällt vielleicht gar nicht</translation>
    </message>
    <message>
        <source>a lye below 28 %: more water to lose</source>
        <translation>eine Lauge unter 28 %: mehr Wasser zu verlieren</translation>
    </message>
    <message>
        <source>cooked until tested: the lye is mostly used up, the water is not</source>
        <translation>gekocht bis zum Test: die Lauge ist großenteils verbraucht, das Wasser nicht</translation>
    </message>
    <message>
        <source>cleaning soap of both lyes: only after a test for free alkali says fine</source>
        <translation>Putzseife mit beiden Laugen: erst, wenn ein Test auf freies Alkali es gutheißt</translation>
    </message>
    <message>
        <source>Look in</source>
        <translation>Nachsehen</translation>
    </message>
    <message>
        <source>Take out of the mould</source>
        <translation>Ausformen</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Stamp</source>
        <translation>Stempeln</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Wenden</translation>
    </message>
    <message>
        <source>Test for lye</source>
        <translation>Auf Lauge testen</translation>
    </message>
    <message>
        <source>Ready</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>within the usual limit</source>
        <translation>innerhalb der üblichen Grenze</translation>
    </message>
    <message>
        <source>wait and test again</source>
        <translation>warten und noch einmal testen</translation>
    </message>
    <message>
        <source>do not use; test again</source>
        <translation>nicht benutzen; noch einmal testen</translation>
    </message>
    <message>
        <source>do not use</source>
        <translation>nicht benutzen</translation>
    </message>
    <message>
        <source>%1 (%2 to %3) as NaOH</source>
        <translation>%1 (%2 bis %3) als NaOH</translation>
    </message>
    <message>
        <source>Within the usual limit of %1. It speaks for this batch and this sample only.</source>
        <translation>Innerhalb der üblichen Grenze von %1. Es gilt für diese Charge und nur für diese Probe.</translation>
    </message>
    <message>
        <source>Between %1 and %2, as before: time no longer helps. Mend it or discard it.</source>
        <translation>Zwischen %1 und %2, wie zuvor: Zeit hilft nicht mehr. Retten oder wegwerfen.</translation>
    </message>
    <message>
        <source>Between %1 and %2: test again in a week.</source>
        <translation>Zwischen %1 und %2: in einer Woche noch einmal testen.</translation>
    </message>
    <message>
        <source>Above %1, though the test leaves room for doubt: do not use it, and test again.</source>
        <translation>Über %1, auch wenn der Test Raum für Zweifel lässt: nicht benutzen und noch einmal testen.</translation>
    </message>
    <message>
        <source>Above %1, whatever the doubt: do not use it. Mend it or discard it.</source>
        <translation>Über %1, trotz aller Unsicherheit: nicht benutzen. Retten oder wegwerfen.</translation>
    </message>
    <message>
        <source>Lye does not evaporate. Cure takes water out and lets the soap harden; it changes neither superfat nor citrate, and pH hardly. A bar with lye left over stays so: only a test for free alkali tells.</source>
        <translation>Lauge verdunstet nicht. Reifen holt Wasser heraus und lässt die Seife hart werden; es ändert weder Überfettung noch Citrat, und den pH-Wert kaum. Ein Stück, in dem Lauge übrig ist, bleibt so: nur ein Test auf freies Alkali sagt es.</translation>
    </message>
    <message>
        <source>Whether soap may be sold, and what must stand on it, is for the cosmetic law of the place and a qualified assessor to say; soap for children and soap with human milk most of all. Ingredients, weight and batch code are not a whole label: who answers for it, dates, warnings and the place of making may be wanted too. What is said of law here is the European Union&apos;s, from memory.</source>
        <translation>Ob Seife verkauft werden darf und was darauf stehen muss, sagen das Kosmetikrecht des Ortes und eine sachkundige Sicherheitsbewertung; bei Seife für Kinder und Seife mit Muttermilch erst recht. Bestandteile, Gewicht und Chargennummer sind noch kein ganzes Etikett: wer dafür einsteht, Daten, Warnungen und Herstellungsort können auch verlangt sein. Was hier vom Recht gesagt wird, ist das der Europäischen Union, aus dem Gedächtnis.</translation>
    </message>
</context>
<context>
    <name>Batch</name>
    <message>
        <source>without a name</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>Begun %1, ended %2</source>
        <translation>Begonnen %1, beendet %2</translation>
    </message>
    <message>
        <source>Begun %1</source>
        <translation>Begonnen %1</translation>
    </message>
    <message>
        <source>%1. Stopped before its end.</source>
        <translation>%1. Vor dem Ende abgebrochen.</translation>
    </message>
    <message>
        <source>What came of it</source>
        <translation>Was daraus wurde</translation>
    </message>
    <message>
        <source>planned</source>
        <translation>geplant</translation>
    </message>
    <message>
        <source>as made</source>
        <translation>wie gesiedet</translation>
    </message>
    <message>
        <source>True superfat</source>
        <translation>Wahre Überfettung</translation>
    </message>
    <message>
        <source>Batch strength</source>
        <translation>Konzentration der Charge</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Seifenleim</translation>
    </message>
    <message>
        <source>Weighed</source>
        <translation>Gewogen</translation>
    </message>
    <message>
        <source>weighed</source>
        <translation>gewogen</translation>
    </message>
    <message>
        <source>taken as planned</source>
        <translation>wie geplant genommen</translation>
    </message>
    <message>
        <source>before: %1</source>
        <translation>vorher: %1</translation>
    </message>
    <message>
        <source>beside the plan, %1</source>
        <translation>neben dem Plan, %1</translation>
    </message>
    <message>
        <source>Nothing was weighed.</source>
        <translation>Es wurde nichts gewogen.</translation>
    </message>
    <message>
        <source>Weights: %1.</source>
        <translation>Gewichte: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n weight(s) were taken as planned, not weighed.</source>
        <translation>
            <numerusform>%n Gewicht wurde wie geplant genommen, nicht gewogen.</numerusform>
            <numerusform>%n Gewichte wurden wie geplant genommen, nicht gewogen.</numerusform>
        </translation>
    </message>
    <message>
        <source>What went otherwise</source>
        <translation>Was anders lief</translation>
    </message>
    <message>
        <source>Lost: %1 of what was there, %2</source>
        <translation>Verloren: %1 von dem, was da war, %2</translation>
    </message>
    <message>
        <source>%1 in place of %2</source>
        <translation>%1 statt %2</translation>
    </message>
    <message>
        <source>Left out: %1</source>
        <translation>Weggelassen: %1</translation>
    </message>
    <message>
        <source>Near miss: %1</source>
        <translation>Beinahe passiert: %1</translation>
    </message>
    <message numerus="yes">
        <source>Blended in %n burst(s), %1</source>
        <translation>
            <numerusform>Püriert mit %n Stoß, %1</numerusform>
            <numerusform>Püriert mit %n Stößen, %1</numerusform>
        </translation>
    </message>
    <message>
        <source>The day</source>
        <translation>Der Tag</translation>
    </message>
    <message>
        <source>Looked in</source>
        <translation>Nachgesehen</translation>
    </message>
    <message>
        <source>The weeks after</source>
        <translation>Die Wochen danach</translation>
    </message>
    <message>
        <source>on</source>
        <translation>am</translation>
    </message>
    <message>
        <source>Take back</source>
        <translation>Zurücknehmen</translation>
    </message>
    <message>
        <source>Nothing written down yet: how it came out of the mould, how it cures, how it lathers.</source>
        <translation>Noch nichts aufgeschrieben: wie sie aus der Form kam, wie sie reift, wie sie schäumt.</translation>
    </message>
    <message>
        <source>What it taught</source>
        <translation>Was sie lehrte</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>None yet.</source>
        <translation>Noch keine.</translation>
    </message>
    <message>
        <source>Materials and lots</source>
        <translation>Rohstoffe und Lose</translation>
    </message>
    <message>
        <source>SV %1 (%2 to %3)</source>
        <translation>VZ %1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>purity %1</source>
        <translation>Reinheit %1</translation>
    </message>
    <message>
        <source>no lot written down</source>
        <translation>kein Los aufgeschrieben</translation>
    </message>
    <message>
        <source>Not read</source>
        <translation>Nicht gelesen</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) that happened to it cannot be read.</source>
        <translation>
            <numerusform>%n Sache, die ihr geschah, ist nicht lesbar.</numerusform>
            <numerusform>%n Sachen, die ihr geschahen, sind nicht lesbar.</numerusform>
        </translation>
    </message>
    <message>
        <source>Batch record: %1</source>
        <translation>Chargenprotokoll: %1</translation>
    </message>
    <message>
        <source>For the assessor</source>
        <translation>Für die Sicherheitsbewertung</translation>
    </message>
    <message>
        <source>Written by the maker&apos;s own journal from what was entered at the bench. Planned figures come of the formula below; figures as made come of the weights above. %1</source>
        <translation>Vom Tagebuch der Siederin oder des Sieders selbst geschrieben, aus dem, was an der Werkbank eingegeben wurde. Geplante Werte kommen aus der Formel unten; Werte wie gesiedet aus den Gewichten oben. %1</translation>
    </message>
    <message>
        <source>Danger: %1, %2</source>
        <translation>Gefahr: %1, %2</translation>
    </message>
    <message>
        <source>%1: “%2”</source>
        <translation>%1: „%2“</translation>
    </message>
    <message>
        <source>just now</source>
        <translation>gerade eben</translation>
    </message>
    <message>
        <source>%1 ago</source>
        <translation>vor %1</translation>
    </message>
    <message>
        <source>Something went in after it was finished at another bench: what is here as made was reckoned from all of it.</source>
        <translation>Es kam noch etwas hinein, nachdem sie an einer anderen Werkbank beendet war: was hier als gesiedet steht, ist aus allem zusammen gerechnet.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 at %2, %3</source>
        <translation>%1 an %2, %3</translation>
    </message>
    <message>
        <source>%1 was weighed at two benches</source>
        <translation>%1 wurde an zwei Werkbänken gewogen</translation>
    </message>
    <message>
        <source>First %1; then %2. Look, and ask the other: if both went in, there are %3 of it, and nothing here may go on before that is known.</source>
        <translation>Erst %1; dann %2. Sieh nach und frag an der anderen: Kam beides hinein, sind es %3, und hier darf nichts weitergehen, bevor das feststeht.</translation>
    </message>
    <message>
        <source>Only the first: %1</source>
        <translation>Nur das Erste: %1</translation>
    </message>
    <message>
        <source>Only the second: %1</source>
        <translation>Nur das Zweite: %1</translation>
    </message>
    <message>
        <source>Both are in: %1</source>
        <translation>Beides ist drin: %1</translation>
    </message>
    <message>
        <source>what of it is in was not said</source>
        <translation>was davon drin ist, wurde nicht gesagt</translation>
    </message>
    <message>
        <source>only the first is in</source>
        <translation>nur das Erste ist drin</translation>
    </message>
    <message>
        <source>only the second is in</source>
        <translation>nur das Zweite ist drin</translation>
    </message>
    <message>
        <source>both are in</source>
        <translation>beides ist drin</translation>
    </message>
    <message>
        <source>another bench</source>
        <translation>einer anderen Werkbank</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message numerus="yes">
        <source>The code %1 stands on %n batch(es): find them by it, and give all but one a new code.</source>
        <translation>
            <numerusform>Die Nummer %1 steht auf %n Charge.</numerusform>
            <numerusform>Die Nummer %1 steht auf %n Chargen: Such sie damit, und gib allen bis auf eine eine neue.</numerusform>
        </translation>
    </message>
    <message>
        <source>Its code stands on another batch, too</source>
        <translation>Ihre Nummer steht auch auf einer anderen Charge</translation>
    </message>
    <message>
        <source>Two benches gave the code %1 once. A label that shows it does not say which batch it is of: give one of them a new code.</source>
        <translation>Zwei Werkbänke haben einmal die Nummer %1 vergeben. Ein Etikett mit ihr sagt nicht, zu welcher Charge es gehört: Gib einer von ihnen eine neue.</translation>
    </message>
    <message>
        <source>Show it</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>It is being made at %4: step %1 of %2, %3.</source>
        <translation>Sie wird an %4 gesiedet: Schritt %1 von %2, %3.</translation>
    </message>
    <message>
        <source>this bench</source>
        <translation>dieser Werkbank</translation>
    </message>
</context>
<context>
    <name>Bench</name>
    <message>
        <source>Dissolve it first in</source>
        <translation>Zuerst auflösen in</translation>
    </message>
    <message>
        <source>Set liquid aside</source>
        <translation>Flüssigkeit dafür abnehmen</translation>
    </message>
    <message>
        <source>nothing of its own</source>
        <translation>nichts eigenes</translation>
    </message>
    <message>
        <source>its own weight of the liquid</source>
        <translation>ihr eigenes Gewicht an Flüssigkeit</translation>
    </message>
    <message>
        <source>twice its weight</source>
        <translation>das Doppelte ihres Gewichts</translation>
    </message>
    <message>
        <source>as little as dissolves it, %1 g for each gram</source>
        <translation>so wenig, wie sie löst: %1 g je Gramm</translation>
    </message>
    <message>
        <source>Lock its amount (Ctrl+J)</source>
        <translation>Ihre Menge festhalten (Strg+J)</translation>
    </message>
    <message>
        <source>Lock an amount</source>
        <translation>Menge festhalten</translation>
    </message>
    <message>
        <source>Frozen</source>
        <translation>Gefroren</translation>
    </message>
    <message>
        <source>Change frozen</source>
        <translation>Gefroren ändern</translation>
    </message>
    <message>
        <source>Count all its weight as water</source>
        <translation>Das ganze Gewicht als Wasser zählen</translation>
    </message>
    <message>
        <source>Change what counts as water</source>
        <translation>Ändern, was als Wasser zählt</translation>
    </message>
    <message>
        <source>Goes into</source>
        <translation>Kommt in</translation>
    </message>
    <message>
        <source>Split the batter…</source>
        <translation>Den Seifenleim teilen …</translation>
    </message>
    <message>
        <source>Choose its portion</source>
        <translation>Ihre Portion wählen</translation>
    </message>
</context>
<context>
    <name>Blend</name>
    <message>
        <source>from %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>Caprylic and capric (C4 to C10)</source>
        <translation>Capryl- und Caprinsäure (C4 bis C10)</translation>
    </message>
    <message>
        <source>Lauric and myristic</source>
        <translation>Laurin- und Myristinsäure</translation>
    </message>
    <message>
        <source>Palmitic and stearic</source>
        <translation>Palmitin- und Stearinsäure</translation>
    </message>
    <message>
        <source>Longer, saturated (C20 to C24)</source>
        <translation>Längere, gesättigt (C20 bis C24)</translation>
    </message>
    <message>
        <source>Oleic and its like</source>
        <translation>Ölsäure und ihresgleichen</translation>
    </message>
    <message>
        <source>Ricinoleic</source>
        <translation>Ricinolsäure</translation>
    </message>
    <message>
        <source>Linoleic and linolenic</source>
        <translation>Linol- und Linolensäure</translation>
    </message>
    <message>
        <source>All saturated together</source>
        <translation>Alle gesättigten zusammen</translation>
    </message>
    <message>
        <source>thin lather at once</source>
        <translation>sofort dünner Schaum</translation>
    </message>
    <message>
        <source>quick lather, takes skin fat along</source>
        <translation>schneller Schaum, nimmt Hautfett mit</translation>
    </message>
    <message>
        <source>hard bar, creamy lather that lasts</source>
        <translation>hartes Stück, cremiger Schaum, der hält</translation>
    </message>
    <message>
        <source>hard bar, slower still</source>
        <translation>hartes Stück, noch langsamer</translation>
    </message>
    <message>
        <source>mild, hardens slowly</source>
        <translation>mild, härtet langsam</translation>
    </message>
    <message>
        <source>bubbles that last</source>
        <translation>Blasen, die halten</translation>
    </message>
    <message>
        <source>soft, keeps less long</source>
        <translation>weich, hält sich weniger lang</translation>
    </message>
    <message>
        <source>Too little of these to be noticed.</source>
        <translation>Zu wenig davon, um es zu merken.</translation>
    </message>
    <message>
        <source>Enough of these to be noticed: lather at once, thin and gone quickly.</source>
        <translation>Genug davon, um es zu merken: Schaum sofort, dünn und schnell vorbei.</translation>
    </message>
    <message>
        <source>So much of these can feel harsh, and may smell.</source>
        <translation>So viel davon kann sich rau anfühlen und riechen.</translation>
    </message>
    <message>
        <source>Little quick lather: the bar wants warm water and patience.</source>
        <translation>Wenig schneller Schaum: das Stück will warmes Wasser und Geduld.</translation>
    </message>
    <message>
        <source>Some quick lather, gentle on skin fat.</source>
        <translation>Etwas schneller Schaum, sanft zum Hautfett.</translation>
    </message>
    <message>
        <source>Plenty of quick lather, in cool water too.</source>
        <translation>Viel schneller Schaum, auch in kühlem Wasser.</translation>
    </message>
    <message>
        <source>Much quick lather; it takes a good deal of skin fat along.</source>
        <translation>Sehr viel schneller Schaum; er nimmt einiges an Hautfett mit.</translation>
    </message>
    <message>
        <source>Dries skin, unless superfat is high or salt is in it.</source>
        <translation>Trocknet die Haut aus, wenn nicht die Überfettung hoch oder Salz darin ist.</translation>
    </message>
    <message>
        <source>A soft bar that wears away fast.</source>
        <translation>Ein weiches Stück, das schnell verbraucht ist.</translation>
    </message>
    <message>
        <source>A firm bar that wears slowly, with creamy lather.</source>
        <translation>Ein festes Stück, das langsam verbraucht, mit cremigem Schaum.</translation>
    </message>
    <message>
        <source>Very hard: slow to lather, and it may crack when cut.</source>
        <translation>Sehr hart: schäumt langsam und reißt vielleicht beim Schneiden.</translation>
    </message>
    <message>
        <source>Makes the bar harder and slower still.</source>
        <translation>Macht das Stück härter und noch langsamer.</translation>
    </message>
    <message>
        <source>Mild. Its soap takes weeks to become firm.</source>
        <translation>Mild. Ihre Seife braucht Wochen, um fest zu werden.</translation>
    </message>
    <message>
        <source>Mild, slow to harden, and slimy in a wet dish.</source>
        <translation>Mild, härtet langsam, schleimig in nasser Schale.</translation>
    </message>
    <message>
        <source>Too little to hold the bubbles of the others.</source>
        <translation>Zu wenig, um die Blasen der anderen zu halten.</translation>
    </message>
    <message>
        <source>Holds the bubbles of the others: as much as is usual.</source>
        <translation>Hält die Blasen der anderen: so viel wie üblich.</translation>
    </message>
    <message>
        <source>More than is usual; lather stays long.</source>
        <translation>Mehr als üblich; der Schaum bleibt lange.</translation>
    </message>
    <message>
        <source>So much of it makes a sticky bar.</source>
        <translation>So viel davon gibt ein klebriges Stück.</translation>
    </message>
    <message>
        <source>Keeps well.</source>
        <translation>Hält sich gut.</translation>
    </message>
    <message>
        <source>May turn rancid sooner; keep it cool, dark and dry.</source>
        <translation>Kann eher ranzig werden; kühl, dunkel und trocken lagern.</translation>
    </message>
    <message>
        <source>Will turn rancid sooner, orange spots first.</source>
        <translation>Wird eher ranzig, zuerst orange Flecken.</translation>
    </message>
    <message>
        <source>Shares of the groups above, added up.</source>
        <translation>Anteile der Gruppen oben, zusammengezählt.</translation>
    </message>
    <message>
        <source>firm early</source>
        <translation>früh fest</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>softer</source>
        <translation>weicher</translation>
    </message>
    <message>
        <source>soft, and keeps less long</source>
        <translation>weich und hält sich weniger lang</translation>
    </message>
    <message>
        <source>no salt in it</source>
        <translation>kein Salz darin</translation>
    </message>
    <message>
        <source>firms the bar; it leaves the mould sooner</source>
        <translation>macht das Stück fester; es kommt eher aus der Form</translation>
    </message>
    <message>
        <source>brittle, and soap may part from the lye</source>
        <translation>spröde, und die Seife kann sich von der Lauge trennen</translation>
    </message>
    <message>
        <source>a salt bar: it wants about 80 % of oils like coconut, cut it within hours; each step of salt takes lather away</source>
        <translation>eine Salzseife: sie will etwa 80 % Öle wie Kokos, schneide sie binnen Stunden; jede Stufe Salz nimmt Schaum weg</translation>
    </message>
    <message>
        <source>no sugar in it</source>
        <translation>kein Zucker darin</translation>
    </message>
    <message>
        <source>hardly to be seen</source>
        <translation>kaum zu sehen</translation>
    </message>
    <message>
        <source>more bubbles</source>
        <translation>mehr Blasen</translation>
    </message>
    <message>
        <source>heats up and browns: keep it cool</source>
        <translation>wird heiß und braun: kühl halten</translation>
    </message>
    <message>
        <source>a soft bar that sweats, and a hot mould</source>
        <translation>ein weiches Stück, das schwitzt, und eine heiße Form</translation>
    </message>
    <message>
        <source>Blend</source>
        <translation>Mischung</translation>
    </message>
    <message>
        <source>Fatty acids, of all of them</source>
        <translation>Fettsäuren, von allen</translation>
    </message>
    <message>
        <source>%1 to %2; </source>
        <translation>%1 bis %2; </translation>
    </message>
    <message>
        <source> From %1.</source>
        <translation> Von %1.</translation>
    </message>
    <message>
        <source>Besides</source>
        <translation>Außerdem</translation>
    </message>
    <message>
        <source>Saturated to unsaturated</source>
        <translation>Gesättigt zu ungesättigt</translation>
    </message>
    <message>
        <source>%1 to 1</source>
        <translation>%1 zu 1</translation>
    </message>
    <message>
        <source>Iodine value</source>
        <translation>Iodzahl</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>%1; it counts bonds, and cannot tell oleic from linoleic</source>
        <translation>%1; sie zählt Bindungen und kann Ölsäure nicht von Linolsäure unterscheiden</translation>
    </message>
    <message>
        <source>SV of the blend</source>
        <translation>VZ der Mischung</translation>
    </message>
    <message>
        <source>%1 mg KOH per g (%2 to %3)</source>
        <translation>%1 mg KOH je g (%2 bis %3)</translation>
    </message>
    <message>
        <source>Salt, of the oils</source>
        <translation>Salz, von den Ölen</translation>
    </message>
    <message>
        <source>Sugar, of the oils</source>
        <translation>Zucker, von den Ölen</translation>
    </message>
    <message>
        <source>Left out of the shares</source>
        <translation>Bei den Anteilen ausgelassen</translation>
    </message>
    <message>
        <source>nobody wrote down the fatty acids of %1</source>
        <translation>von %1 hat niemand die Fettsäuren aufgeschrieben</translation>
    </message>
    <message>
        <source>Bands show how far oils of one name differ. What they say is common practice; water, cure and superfat matter as much.</source>
        <translation>Die Bänder zeigen, wie sehr Öle gleichen Namens sich unterscheiden. Was sie sagen, ist Erfahrung; Wasser, Reifung und Überfettung zählen ebenso.</translation>
    </message>
</context>
<context>
    <name>Cannot</name>
    <message>
        <source>the length</source>
        <translation>die Länge</translation>
    </message>
    <message>
        <source>the width</source>
        <translation>die Breite</translation>
    </message>
    <message>
        <source>the height</source>
        <translation>die Höhe</translation>
    </message>
    <message>
        <source>the length at the rim</source>
        <translation>die Länge am Rand</translation>
    </message>
    <message>
        <source>the width at the rim</source>
        <translation>die Breite am Rand</translation>
    </message>
    <message>
        <source>the diameter</source>
        <translation>der Durchmesser</translation>
    </message>
    <message>
        <source>the depth</source>
        <translation>die Tiefe</translation>
    </message>
    <message>
        <source>the radius</source>
        <translation>der Radius</translation>
    </message>
    <message>
        <source>the water it holds</source>
        <translation>das Wasser, das sie fasst</translation>
    </message>
    <message>
        <source>how many there are</source>
        <translation>wie viele es sind</translation>
    </message>
    <message>
        <source>the thickness of a bar</source>
        <translation>die Dicke eines Stücks</translation>
    </message>
    <message>
        <source>corner and liner</source>
        <translation>Ecke und Auskleidung</translation>
    </message>
    <message>
        <source>trim and cut</source>
        <translation>Abschnitt und Schnitt</translation>
    </message>
    <message>
        <source>the hardness</source>
        <translation>die Härte</translation>
    </message>
    <message>
        <source>how much soap goes into a litre</source>
        <translation>wie viel Seife in einen Liter geht</translation>
    </message>
    <message>
        <source>the limit</source>
        <translation>die Grenze</translation>
    </message>
    <message>
        <source>the share of scent</source>
        <translation>der Anteil Duft</translation>
    </message>
    <message>
        <source>the temperature</source>
        <translation>die Temperatur</translation>
    </message>
    <message>
        <source>the temperature of the water</source>
        <translation>die Temperatur des Wassers</translation>
    </message>
    <message>
        <source>the amount wanted</source>
        <translation>die gewünschte Menge</translation>
    </message>
    <message>
        <source>how many bars</source>
        <translation>wie viele Stücke</translation>
    </message>
    <message>
        <source>the weight of a bar</source>
        <translation>das Gewicht eines Stücks</translation>
    </message>
    <message>
        <source>what is left on the shelf</source>
        <translation>was im Regal übrig ist</translation>
    </message>
    <message>
        <source>what is in it</source>
        <translation>was darin ist</translation>
    </message>
    <message>
        <source>the batter</source>
        <translation>der Seifenleim</translation>
    </message>
    <message>
        <source>the oils</source>
        <translation>die Öle</translation>
    </message>
    <message>
        <source>a liquid in the jug</source>
        <translation>eine Flüssigkeit im Krug</translation>
    </message>
    <message>
        <source>the lye</source>
        <translation>das Hydroxid</translation>
    </message>
    <message>
        <source>an oil</source>
        <translation>ein Öl</translation>
    </message>
    <message>
        <source>the readings</source>
        <translation>die Messwerte</translation>
    </message>
    <message>
        <source>a share of a liquid</source>
        <translation>ein Anteil einer Flüssigkeit</translation>
    </message>
    <message>
        <source>the purity of the lye</source>
        <translation>die Reinheit des Hydroxids</translation>
    </message>
    <message>
        <source>the weight of the vessel</source>
        <translation>das Gewicht des Gefäßes</translation>
    </message>
    <message>
        <source>how many portions of lye</source>
        <translation>wie viele Portionen Hydroxid</translation>
    </message>
    <message>
        <source>the pause, in minutes,</source>
        <translation>die Pause, in Minuten,</translation>
    </message>
    <message>
        <source>the batter, in grams,</source>
        <translation>der Seifenleim, in Gramm,</translation>
    </message>
    <message>
        <source>the height of the batter, in millimetres,</source>
        <translation>die Höhe des Seifenleims, in Millimetern,</translation>
    </message>
    <message>
        <source>the hour of a cover</source>
        <translation>die Stunde einer Abdeckung</translation>
    </message>
    <message>
        <source>how fast it loses heat</source>
        <translation>wie schnell sie Wärme verliert</translation>
    </message>
    <message>
        <source>what is joined</source>
        <translation>was zusammenkommt</translation>
    </message>
    <message>
        <source>how fast it cools</source>
        <translation>wie schnell es abkühlt</translation>
    </message>
    <message>
        <source>the power of the cooker</source>
        <translation>die Leistung des Kochers</translation>
    </message>
    <message>
        <source>the temperature of the cooker</source>
        <translation>die Temperatur des Kochers</translation>
    </message>
    <message>
        <source>the width of the cooker</source>
        <translation>die Weite des Kochers</translation>
    </message>
    <message>
        <source>how long the lid is off</source>
        <translation>wie lange der Deckel ab ist</translation>
    </message>
    <message>
        <source>the temperature of the room</source>
        <translation>die Raumtemperatur</translation>
    </message>
    <message>
        <source>how warm the liquid is</source>
        <translation>wie warm die Flüssigkeit ist</translation>
    </message>
    <message>
        <source>how warm milk from the fridge is</source>
        <translation>wie warm Milch aus dem Kühlschrank ist</translation>
    </message>
    <message>
        <source>how cold the frozen liquid is</source>
        <translation>wie kalt die gefrorene Flüssigkeit ist</translation>
    </message>
    <message>
        <source>how warm the hard fats are melted</source>
        <translation>wie warm die harten Fette geschmolzen werden</translation>
    </message>
    <message>
        <source>the minutes until the pot is mixed</source>
        <translation>die Minuten, bis der Topf vermischt ist</translation>
    </message>
    <message>
        <source>the seconds of blending</source>
        <translation>die Sekunden des Pürierens</translation>
    </message>
    <message>
        <source>the hour the oven goes off</source>
        <translation>die Stunde, in der der Ofen ausgeht</translation>
    </message>
    <message>
        <source>the minutes of the cook</source>
        <translation>die Minuten des Kochens</translation>
    </message>
    <message>
        <source>the jug</source>
        <translation>der Krug</translation>
    </message>
    <message>
        <source>the pot</source>
        <translation>der Topf</translation>
    </message>
    <message>
        <source>the covers</source>
        <translation>die Abdeckungen</translation>
    </message>
    <message>
        <source>the sample of soap</source>
        <translation>die Seifenprobe</translation>
    </message>
    <message>
        <source>the strength of acid or base</source>
        <translation>die Stärke von Säure oder Lauge</translation>
    </message>
    <message>
        <source>the volume</source>
        <translation>das Volumen</translation>
    </message>
    <message>
        <source>the weight of the batch</source>
        <translation>das Gewicht der Charge</translation>
    </message>
    <message>
        <source>the free caustic</source>
        <translation>das freie Ätzalkali</translation>
    </message>
    <message>
        <source>the superfat</source>
        <translation>die Überfettung</translation>
    </message>
    <message>
        <source>the saponification value</source>
        <translation>die Verseifungszahl</translation>
    </message>
    <message>
        <source>how much was bought</source>
        <translation>wie viel gekauft wurde</translation>
    </message>
    <message>
        <source>a price, a loss or a tax</source>
        <translation>ein Preis, ein Verlust oder eine Steuer</translation>
    </message>
    <message>
        <source>a weight</source>
        <translation>ein Gewicht</translation>
    </message>
    <message>
        <source>the weight on the label</source>
        <translation>das Gewicht auf dem Etikett</translation>
    </message>
    <message>
        <source>the batch code</source>
        <translation>die Chargennummer</translation>
    </message>
    <message>
        <source>This cannot be nothing: %1.</source>
        <translation>Das darf nicht nichts sein: %1.</translation>
    </message>
    <message>
        <source>This cannot be below 0: %1.</source>
        <translation>Das darf nicht unter 0 liegen: %1.</translation>
    </message>
    <message>
        <source>Out of range: %1. It lies between %2 and %3.</source>
        <translation>Außerhalb: %1. Möglich ist %2 bis %3.</translation>
    </message>
    <message>
        <source>Out of range: %1.</source>
        <translation>Außerhalb: %1.</translation>
    </message>
    <message>
        <source>This is no mass: %1.</source>
        <translation>Das ist keine Masse: %1.</translation>
    </message>
    <message>
        <source>There is nothing in it yet.</source>
        <translation>Es ist noch nichts darin.</translation>
    </message>
    <message>
        <source>There are no oils yet.</source>
        <translation>Es sind noch keine Öle da.</translation>
    </message>
    <message>
        <source>It does not all go in: %1 over.</source>
        <translation>Es geht nicht alles hinein: %1 zu viel.</translation>
    </message>
    <message>
        <source>That is above the rim.</source>
        <translation>Das liegt über dem Rand.</translation>
    </message>
    <message>
        <source>The corner is rounder than half the mould is wide.</source>
        <translation>Die Ecke ist runder als die halbe Breite der Form.</translation>
    </message>
    <message>
        <source>Dividers cannot stand higher than the mould, nor be fewer than none.</source>
        <translation>Trennwände können nicht höher als die Form sein und nicht weniger als keine.</translation>
    </message>
    <message>
        <source>The dividers leave no room for soap.</source>
        <translation>Die Trennwände lassen keinen Platz für Seife.</translation>
    </message>
    <message>
        <source>Full of water it must weigh more than empty. Weigh both once more.</source>
        <translation>Voll Wasser muss sie mehr wiegen als leer. Wiege beides noch einmal.</translation>
    </message>
    <message>
        <source>Not one bar of that thickness comes out of it.</source>
        <translation>Nicht ein Stück dieser Dicke kommt heraus.</translation>
    </message>
    <message>
        <source>A mould known by its water alone has no height to read.</source>
        <translation>Eine Form, von der nur das Wasser bekannt ist, hat keine Höhe zum Ablesen.</translation>
    </message>
    <message>
        <source>The scents together come to half of the batter or more.</source>
        <translation>Die Düfte machen zusammen die Hälfte des Seifenleims oder mehr aus.</translation>
    </message>
    <message>
        <source>No water is that hard. Which unit is it in?</source>
        <translation>So hart ist kein Wasser. In welcher Einheit steht das?</translation>
    </message>
    <message>
        <source>Nothing says yet how much is to be made.</source>
        <translation>Noch sagt nichts, wie viel es werden soll.</translation>
    </message>
    <message>
        <source>Up to %1 oils can be looked through.</source>
        <translation>Bis zu %1 Öle lassen sich durchsehen.</translation>
    </message>
    <message>
        <source>Up to %1 wishes can be looked through.</source>
        <translation>Bis zu %1 Wünsche lassen sich durchsehen.</translation>
    </message>
    <message>
        <source>A wish asks for at least %1 and at most %2.</source>
        <translation>Ein Wunsch verlangt mindestens %1 und höchstens %2.</translation>
    </message>
    <message>
        <source>What is locked is more than that already: unlock it, or ask for more.</source>
        <translation>Festgehalten ist schon mehr als das: gib etwas frei oder verlange mehr.</translation>
    </message>
    <message>
        <source>The formula cannot be reckoned yet.</source>
        <translation>Die Formel lässt sich noch nicht rechnen.</translation>
    </message>
    <message>
        <source>Reckoned afresh, the answer misses a wish by %1 points, so it is not shown. Water and liquid of this formula hang together in a way that is not looked through: wish for less, or state the liquid as a lye strength.</source>
        <translation>Neu gerechnet verfehlt die Antwort einen Wunsch um %1 Punkte, darum wird sie nicht gezeigt. Wasser und Flüssigkeit dieser Formel hängen auf eine Art zusammen, die nicht durchsucht wird: wünsche dir weniger oder gib die Flüssigkeit als Laugenkonzentration an.</translation>
    </message>
    <message>
        <source>No answer in the time allowed. Fewer wishes or oils are quicker.</source>
        <translation>Keine Antwort in der erlaubten Zeit. Weniger Wünsche oder Öle gehen schneller.</translation>
    </message>
    <message>
        <source>There is no water in it to dissolve lye: give the jug a liquid.</source>
        <translation>Es ist kein Wasser darin, um Hydroxid zu lösen: gib dem Krug eine Flüssigkeit.</translation>
    </message>
    <message>
        <source>There is no lye in it that would give heat.</source>
        <translation>Es ist kein Hydroxid darin, das Wärme gäbe.</translation>
    </message>
    <message>
        <source>A line that holds lye is to be frozen: lye is not frozen, thaw that line.</source>
        <translation>Eine Zeile mit Lauge soll gefroren werden: Lauge wird nicht gefroren, taue diese Zeile auf.</translation>
    </message>
    <message>
        <source>The first cover must begin at hour 0, when it is poured.</source>
        <translation>Die erste Abdeckung muss in Stunde 0 beginnen, beim Gießen.</translation>
    </message>
    <message>
        <source>One reading at least is needed.</source>
        <translation>Mindestens ein Messwert ist nötig.</translation>
    </message>
    <message>
        <source>Each reading must be later than the one before it.</source>
        <translation>Jeder Messwert muss später sein als der davor.</translation>
    </message>
    <message>
        <source>Three weighings are needed for a curve; until then the rule speaks.</source>
        <translation>Für eine Kurve braucht es drei Wägungen; bis dahin gilt die Regel.</translation>
    </message>
    <message>
        <source>The weighings lie less than five days apart: weigh again later.</source>
        <translation>Die Wägungen liegen weniger als fünf Tage auseinander: wiege später noch einmal.</translation>
    </message>
    <message>
        <source>A bar cannot weigh less than what is dry in it. How many bars were on the scale?</source>
        <translation>Ein Stück kann nicht weniger wiegen als das Trockene darin. Wie viele Stücke lagen auf der Waage?</translation>
    </message>
    <message>
        <source>More base went in than there was acid: the acid was short, or the blank is wrong. Do it again with more acid.</source>
        <translation>Es ging mehr Lauge hinein, als Säure da war: die Säure war zu knapp, oder der Blindwert stimmt nicht. Noch einmal mit mehr Säure.</translation>
    </message>
    <message>
        <source>There is no bar to divide by: say how many there are.</source>
        <translation>Es gibt kein Stück, durch das geteilt werden könnte: sag, wie viele es sind.</translation>
    </message>
    <message>
        <source>No bar was weighed yet.</source>
        <translation>Noch wurde kein Stück gewogen.</translation>
    </message>
    <message>
        <source>That is lighter than the rule begins.</source>
        <translation>Das ist leichter als der Anfang der Regel.</translation>
    </message>
    <message>
        <source>That is heavier than the rule ends.</source>
        <translation>Das ist schwerer als das Ende der Regel.</translation>
    </message>
    <message>
        <source>Nothing of it was used yet.</source>
        <translation>Davon wurde noch nichts gebraucht.</translation>
    </message>
</context>
<context>
    <name>Cli</name>
    <message>
        <source>rhexion-cli: %1
Try: rhexion-cli --help
</source>
        <translation>rhexion-cli: %1
Versuche: rhexion-cli --help
</translation>
    </message>
    <message>
        <source>  rhexion-cli --help | --version

Exit codes: 0 good, 1 bad input (the reason is on stderr), 2 wrong usage.
</source>
        <translation>  rhexion-cli --help | --version

Rückgabewerte: 0 gut, 1 schlechte Eingabe (Grund auf stderr), 2 falsch aufgerufen.
</translation>
    </message>
    <message>
        <source>the sheet writer, rhexion-sheet, is not beside this program.</source>
        <translation>das Programm für Blätter, rhexion-sheet, liegt nicht neben diesem.</translation>
    </message>
    <message>
        <source>no material of the catalogue or the foods table matches.</source>
        <translation>kein Rohstoff des Katalogs oder der Lebensmitteltabelle passt.</translation>
    </message>
    <message>
        <source>--unit takes g, oz or lb.</source>
        <translation>--unit nimmt g, oz oder lb.</translation>
    </message>
    <message>
        <source>--%1 takes a number above 0.</source>
        <translation>--%1 nimmt eine Zahl über 0.</translation>
    </message>
    <message>
        <source>--at-most takes a whole number.</source>
        <translation>--at-most nimmt eine ganze Zahl.</translation>
    </message>
    <message>
        <source>“%1” is not a command.</source>
        <translation>„%1“ ist kein Befehl.</translation>
    </message>
    <message>
        <source>sheet needs --pdf OUT.</source>
        <translation>sheet braucht --pdf OUT.</translation>
    </message>
    <message>
        <source>--pour-at takes a time such as 15:00.</source>
        <translation>--pour-at nimmt eine Uhrzeit wie 15:00.</translation>
    </message>
    <message>
        <source>Rhexion reckons lye and liquid for soap formulas.

  rhexion-cli reckon FILE [--fittings F] [--all-cautions] [--json] [--unit g|oz|lb]
      what to weigh, the alkali and water accounts, superfats, strengths,
      how sure they are, cautions and the whole working; FILE - reads stdin
      wherever a command takes FILE, a recipe’s text will do: what is not
      certain in it is asked, and answered with --answer LINE=ANSWER
  rhexion-cli sheet FILE --pdf OUT [--unit g|oz|lb] [--working]
      the batch sheet as a one-page PDF, the working on pages after it
  rhexion-cli sheet FILE --pdf OUT --day [--large] [--pour-at TIME]
      the day sheet: times, boxes to tick, blanks; large to be read at arm’s length
  rhexion-cli materials [WORD...] [--json]
      materials of the catalogue; with a word, those of it and of the foods table
      that match
  rhexion-cli identify NAME [--json]
      which material a name means, or what is asked about it; - reads names from
      stdin, one a line
</source>
        <translation>Rhexion rechnet Lauge und Flüssigkeit für Seifenformeln.

  rhexion-cli reckon FILE [--fittings F] [--all-cautions] [--json] [--unit g|oz|lb]
      was abzuwiegen ist, die Rechnung von Alkali und Wasser, Überfettungen,
      Konzentrationen, wie sicher sie sind, Warnungen und der ganze Rechenweg;
      FILE - liest die Standardeingabe
      wo ein Befehl FILE nimmt, geht auch ein Rezept als Text: was darin nicht sicher
      ist, wird gefragt und mit --answer ZEILE=ANTWORT beantwortet
  rhexion-cli sheet FILE --pdf OUT [--unit g|oz|lb] [--working]
      das Chargenblatt als PDF von einer Seite, dahinter der Rechenweg
  rhexion-cli sheet FILE --pdf OUT --day [--large] [--pour-at TIME]
      das Tagesblatt: Zeiten, Kästchen, Lücken; groß für Armlänge
  rhexion-cli materials [WORT...] [--json]
      Rohstoffe des Katalogs; mit einem Wort die, die dazu passen, auch aus der
      Lebensmitteltabelle
  rhexion-cli identify NAME [--json]
      welcher Rohstoff mit einem Namen gemeint ist, oder was dazu gefragt wird; - liest
      Namen von stdin, je Zeile einen
</translation>
    </message>
    <message>
        <source>say what to do: reckon, sheet, materials, mould, scent, blend, water, working, heat, day, journal, solve, parse, formula or text.</source>
        <translation>sag, was zu tun ist: reckon, sheet, materials, mould, scent, blend, water, working, heat, day, journal, solve, parse, formula oder text.</translation>
    </message>
    <message>
        <source>identify takes a name, or - for names a line.</source>
        <translation>identify nimmt einen Namen, oder - für je einen Namen in einer Zeile.</translation>
    </message>
    <message>
        <source>%1 takes one formula file or recipe.</source>
        <translation>%1 nimmt eine Formeldatei oder ein Rezept.</translation>
    </message>
    <message>
        <source>this is there already; --force writes over it.</source>
        <translation>gibt es schon; --force überschreibt es.</translation>
    </message>
</context>
<context>
    <name>Compare</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>was %1</source>
        <translation>war %1</translation>
    </message>
    <message>
        <source>Change and compare</source>
        <translation>Ändern und vergleichen</translation>
    </message>
    <message>
        <source>What goes in</source>
        <translation>Was hineinkommt</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>%1: frozen</source>
        <translation>%1: gefroren</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>Joined at</source>
        <translation>Zusammengebracht bei</translation>
    </message>
    <message>
        <source>Superfat set</source>
        <translation>Eingestellte Überfettung</translation>
    </message>
    <message>
        <source>What comes of it</source>
        <translation>Was herauskommt</translation>
    </message>
    <message>
        <source>Iodine value</source>
        <translation>Iodzahl</translation>
    </message>
    <message>
        <source>Salt, of the oils</source>
        <translation>Salz, von den Ölen</translation>
    </message>
    <message>
        <source>Sugar, of the oils</source>
        <translation>Zucker, von den Ölen</translation>
    </message>
    <message>
        <source>Working time</source>
        <translation>Verarbeitungszeit</translation>
    </message>
    <message>
        <source>Out of the mould</source>
        <translation>Aus der Form</translation>
    </message>
    <message>
        <source>Nothing differs from “%1”.</source>
        <translation>Nichts unterscheidet sich von „%1“.</translation>
    </message>
    <message numerus="yes">
        <source>Against “%1”: %n thing(s) go in otherwise.</source>
        <translation>
            <numerusform>Gegenüber „%1“: %n Sache kommt anders hinein.</numerusform>
            <numerusform>Gegenüber „%1“: %n Sachen kommen anders hinein.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Cost</name>
    <message>
        <source>What it cost</source>
        <translation>Was es kostete</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>entnommen</translation>
    </message>
    <message>
        <source>costs</source>
        <translation>kostet</translation>
    </message>
    <message>
        <source>no price</source>
        <translation>kein Preis</translation>
    </message>
    <message>
        <source>Packaging</source>
        <translation>Verpackung</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>%1 h</source>
        <translation>%1 h</translation>
    </message>
    <message>
        <source>Energy</source>
        <translation>Energie</translation>
    </message>
    <message numerus="yes">
        <source>too low: without %n material(s)</source>
        <translation>
            <numerusform>zu niedrig: ohne %n Rohstoff</numerusform>
            <numerusform>zu niedrig: ohne %n Rohstoffe</numerusform>
        </translation>
    </message>
    <message>
        <source>The batch</source>
        <translation>Die Charge</translation>
    </message>
    <message>
        <source>A bar</source>
        <translation>Ein Stück</translation>
    </message>
    <message>
        <source>%1 of %2 bars can be sold</source>
        <translation>%1 von %2 Stücken sind verkäuflich</translation>
    </message>
    <message>
        <source>Its price</source>
        <translation>Sein Preis</translation>
    </message>
    <message>
        <source>%1 times its cost, with %2 tax, rounded up</source>
        <translation>%1-mal die Kosten, mit %2 Steuer, aufgerundet</translation>
    </message>
    <message>
        <source>write down how many bars were cut</source>
        <translation>schreib auf, wie viele Stücke geschnitten wurden</translation>
    </message>
    <message>
        <source>100 g of cured soap</source>
        <translation>100 g gereifte Seife</translation>
    </message>
</context>
<context>
    <name>Cure</name>
    <message numerus="yes">
        <source>%n day(s)</source>
        <translation>
            <numerusform>%n Tag</numerusform>
            <numerusform>%n Tage</numerusform>
        </translation>
    </message>
    <message>
        <source>By rule</source>
        <translation>Nach der Regel</translation>
    </message>
    <message>
        <source>%1 to %2 days</source>
        <translation>%1 bis %2 Tage</translation>
    </message>
    <message>
        <source>By weight</source>
        <translation>Nach Gewicht</translation>
    </message>
    <message>
        <source>A bar should settle at</source>
        <translation>Ein Stück dürfte bleiben bei</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>a salt bar may gain weight in damp air</source>
        <translation>eine Salzseife kann in feuchter Luft schwerer werden</translation>
    </message>
    <message>
        <source>6 to 14 % of water stay in a lived-in room; common practice, no source</source>
        <translation>6 bis 14 % Wasser bleiben in einem bewohnten Raum; Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>write down how many bars were cut</source>
        <translation>schreib auf, wie viele Stücke geschnitten wurden</translation>
    </message>
    <message>
        <source>A bar of this size dries in</source>
        <translation>Ein Stück dieser Größe trocknet in</translation>
    </message>
    <message>
        <source>by its three sides, until a third of the loss is left; common practice, no source</source>
        <translation>nach seinen drei Seiten, bis ein Drittel des Verlusts übrig ist; Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>no size is written down, so a usual bar&apos;s</source>
        <translation>keine Größe aufgeschrieben, darum die eines üblichen Stücks</translation>
    </message>
    <message>
        <source>No bar was weighed yet. Three weights over a week or more draw the curve.</source>
        <translation>Noch wurde kein Stück gewogen. Drei Gewichte über eine Woche oder länger ergeben die Kurve.</translation>
    </message>
    <message>
        <source>Settles at, by its weights</source>
        <translation>Bleibt bei, nach seinen Gewichten</translation>
    </message>
    <message>
        <source>Settled after</source>
        <translation>Beständig nach</translation>
    </message>
    <message>
        <source>from then on two weeks take less than half a per cent of the weight</source>
        <translation>von da an nehmen zwei Wochen weniger als ein halbes Prozent des Gewichts</translation>
    </message>
    <message>
        <source>damp air, or another bar?</source>
        <translation>feuchte Luft oder ein anderes Stück?</translation>
    </message>
    <message>
        <source>rule %1</source>
        <translation>Regel %1</translation>
    </message>
    <message>
        <source>Ready about %1 by the %2; no weights say otherwise.</source>
        <translation>Fertig etwa %1 nach: %2; keine Gewichte sagen etwas anderes.</translation>
    </message>
    <message>
        <source>weights say %1 (%2 to %3)</source>
        <translation>Gewichte sagen %1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>Ready about %1: %2, %3; the weights decide.</source>
        <translation>Fertig etwa %1: %2, %3; die Gewichte entscheiden.</translation>
    </message>
    <message>
        <source>Ready about %1: %2, %3; the rule decides.</source>
        <translation>Fertig etwa %1: %2, %3; die Regel entscheidet.</translation>
    </message>
    <message>
        <source>Cure of %1</source>
        <translation>Reifung von %1</translation>
    </message>
    <message>
        <source>A test comes first</source>
        <translation>Zuerst kommt ein Test</translation>
    </message>
    <message>
        <source>No date stands in its place: do not use a bar before a test for free alkali says that it is within the limit.</source>
        <translation>Statt eines Datums: kein Stück benutzen, bevor ein Test auf freies Alkali sagt, dass es innerhalb der Grenze liegt.</translation>
    </message>
    <message>
        <source>Test for lye first. For water and feel: %1</source>
        <translation>Erst auf Lauge testen. Für Wasser und Gefühl: %1</translation>
    </message>
    <message>
        <source>Ready</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Counted from</source>
        <translation>Gezählt ab</translation>
    </message>
    <message>
        <source>Ready about</source>
        <translation>Fertig etwa</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>for water and feel; it never says that a bar may go on skin</source>
        <translation>für Wasser und Gefühl; es sagt nie, dass ein Stück an die Haut darf</translation>
    </message>
    <message>
        <source>By the patient school</source>
        <translation>Nach der geduldigen Schule</translation>
    </message>
    <message>
        <source>What cure does not do</source>
        <translation>Was Reifen nicht tut</translation>
    </message>
    <message>
        <source>Mend by rebatching, or discard</source>
        <translation>Durch Einschmelzen retten oder wegwerfen</translation>
    </message>
    <message>
        <source>For 5 % superfat after it: %1</source>
        <translation>Für 5 % Überfettung danach: %1</translation>
    </message>
    <message>
        <source>For no lye, and nothing to spare: %1</source>
        <translation>Für keine Lauge und nichts darüber: %1</translation>
    </message>
    <message>
        <source>recommended; for about %1 of soap</source>
        <translation>empfohlen; für etwa %1 Seife</translation>
    </message>
    <message>
        <source>Free alkali of %1</source>
        <translation>Freies Alkali von %1</translation>
    </message>
    <message>
        <source>Not tested. Nothing in its weights or its looks asks for it.</source>
        <translation>Nicht getestet. Nichts an ihren Gewichten oder ihrem Aussehen verlangt es.</translation>
    </message>
    <message>
        <source>Not tested yet, and it should be: %1.</source>
        <translation>Noch nicht getestet, und das sollte sein: %1.</translation>
    </message>
    <message>
        <source>Tests so far</source>
        <translation>Bisherige Tests</translation>
    </message>
    <message>
        <source>None yet.</source>
        <translation>Noch keine.</translation>
    </message>
    <message>
        <source>What the last titration says</source>
        <translation>Was die letzte Titration sagt</translation>
    </message>
    <message>
        <source>Free caustic</source>
        <translation>Freies Ätzalkali</translation>
    </message>
    <message>
        <source>as KOH %1</source>
        <translation>als KOH %1</translation>
    </message>
    <message>
        <source>Total free alkali</source>
        <translation>Gesamtes freies Alkali</translation>
    </message>
    <message>
        <source>Of it carbonate</source>
        <translation>Davon Carbonat</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>keines gefunden</translation>
    </message>
    <message>
        <source>as sodium carbonate</source>
        <translation>als Natriumcarbonat</translation>
    </message>
    <message>
        <source>There is potassium hydroxide in it</source>
        <translation>Es ist Kaliumhydroxid darin</translation>
    </message>
    <message>
        <source>the standard precipitates potassium soap before it titrates, so the figure is a guide only</source>
        <translation>die Norm fällt vor der Titration Kaliseife aus, darum ist der Wert nur ein Anhalt</translation>
    </message>
    <message>
        <source>How, and what each way can say</source>
        <translation>Wie, und was jeder Weg sagen kann</translation>
    </message>
    <message>
        <source>Sampling</source>
        <translation>Probe nehmen</translation>
    </message>
    <message>
        <source>shave edge, middle and core of two bars, mix, weigh 5 to 20 g to 0.05 g: a mean, so a spot that looks different is tested by itself</source>
        <translation>Rand, Mitte und Kern von zwei Stücken abschaben, mischen, 5 bis 20 g auf 0,05 g wiegen: ein Mittelwert, darum wird eine Stelle, die anders aussieht, für sich getestet</translation>
    </message>
    <message>
        <source>Titration in alcohol</source>
        <translation>Titration in Alkohol</translation>
    </message>
    <message>
        <source>dissolve in alcohol of 95 % or stronger that is neutral to phenolphthalein, titrate to colourless at once (ISO 456 in principle). Gloves; alcohol burns: no flame, warm it in a water bath and only until dissolved, for superfat goes on taking lye and the figure comes out low, the unsafe way</source>
        <translation>in Alkohol von 95 % oder mehr lösen, der gegen Phenolphthalein neutral ist, sofort bis farblos titrieren (im Grundsatz ISO 456). Handschuhe; Alkohol brennt: keine Flamme, im Wasserbad erwärmen und nur bis gelöst, denn Überfettung nimmt weiter Lauge auf und der Wert wird zu niedrig, zur unsicheren Seite</translation>
    </message>
    <message>
        <source>Total by titrating back</source>
        <translation>Gesamtes durch Rücktitrieren</translation>
    </message>
    <message>
        <source>acid in excess, boil, titrate back (ISO 684 in principle)</source>
        <translation>Säure im Überschuss, kochen, zurücktitrieren (im Grundsatz ISO 684)</translation>
    </message>
    <message>
        <source>A drop of phenolphthalein</source>
        <translation>Ein Tropfen Phenolphthalein</translation>
    </message>
    <message>
        <source>1 % in alcohol on a freshly cut, dry face: pink at once is free alkali. No water on it: wet soap is pink by itself. Yes or no, never a figure, and of that spot alone</source>
        <translation>1 % in Alkohol auf eine frisch geschnittene, trockene Fläche: sofort rosa ist freies Alkali. Kein Wasser darauf: nasse Seife ist von selbst rosa. Ja oder nein, nie eine Zahl, und nur für diese Stelle</translation>
    </message>
    <message>
        <source>Paper strips</source>
        <translation>Teststreifen</translation>
    </message>
    <message>
        <source>a 1 % solution of soap without free lye has pH 10.1, with 0.05 % 10.3, with 0.1 % 10.5, with 0.5 % 11.1, and strips read to 0.5: above 11 suspect lye, below it says nothing. Nothing is safe by its pH</source>
        <translation>eine 1-%-Lösung von Seife ohne freie Lauge hat pH 10,1, mit 0,05 % 10,3, mit 0,1 % 10,5, mit 0,5 % 11,1, und Streifen zeigen auf 0,5 genau: über 11 auf Lauge tippen, darunter sagt es nichts. Nichts ist durch seinen pH-Wert sicher</translation>
    </message>
    <message>
        <source>Grate it, melt it slowly with a little water and the oil, stir until even, and test it again. Goggles and gloves, as with lye. Never mend a finished bar with acid: that splits soap. To discard it: in a box marked “lye, not soap” to your local collection for household chemicals, not down the drain; no children, no pets near it.</source>
        <translation>Reibe es, schmilz es langsam mit etwas Wasser und dem Öl, rühre, bis es gleichmäßig ist, und teste es wieder. Schutzbrille und Handschuhe wie bei Lauge. Bessere ein fertiges Stück nie mit Säure nach: Das spaltet Seife. Entsorgen: in einem Karton mit der Aufschrift „Lauge, keine Seife“ zur örtlichen Schadstoffsammlung, nicht in den Ausguss; keine Kinder, keine Tiere in der Nähe.</translation>
    </message>
</context>
<context>
    <name>Day</name>
    <message>
        <source>%1: take %2 out again, if it still can be.</source>
        <translation>%1: nimm %2 wieder heraus, wenn das noch geht.</translation>
    </message>
    <message>
        <source>%1: add %2 more.</source>
        <translation>%1: gib noch %2 dazu.</translation>
    </message>
    <message>
        <source>%1: add %2, to take up the lye.</source>
        <translation>%1: gib %2 dazu, um die Lauge zu binden.</translation>
    </message>
    <message>
        <source>%1: or add %2, to take up the lye.</source>
        <translation>%1: oder gib %2 dazu, um die Lauge zu binden.</translation>
    </message>
    <message>
        <source>%1: add %2, dissolved first in %3 of water.</source>
        <translation>%1: gib %2 dazu, zuvor in %3 Wasser gelöst.</translation>
    </message>
    <message>
        <source>%1: or add %2, dissolved first in %3 of water.</source>
        <translation>%1: oder gib %2 dazu, zuvor in %3 Wasser gelöst.</translation>
    </message>
    <message>
        <source>%1: weigh %2 less when its turn comes.</source>
        <translation>%1: wiege %2 weniger, wenn es an der Reihe ist.</translation>
    </message>
    <message>
        <source>Water: with that, %1 brings the strength back.</source>
        <translation>Wasser: damit bringt %1 die Konzentration zurück.</translation>
    </message>
    <message>
        <source>The batter</source>
        <translation>Der Seifenleim</translation>
    </message>
    <message>
        <source>Bowl of %1</source>
        <translation>Schüssel mit %1</translation>
    </message>
    <message>
        <source>The mould</source>
        <translation>Die Form</translation>
    </message>
    <message>
        <source>As weighed so far: true superfat %1 (planned %2), batch strength %3 (planned %4)</source>
        <translation>Nach bisher Gewogenem: wahre Überfettung %1 (geplant %2), Konzentration der Charge %3 (geplant %4)</translation>
    </message>
    <message>
        <source>There is more lye than fat can take. Mend this before you go on, or stop.</source>
        <translation>Es ist mehr Lauge da, als Fett aufnehmen kann. Bring das in Ordnung, bevor du weitermachst, oder hör auf.</translation>
    </message>
    <message>
        <source>There is more lye than fat can take: not for skin, and not to be used until a test finds no free lye.</source>
        <translation>Es ist mehr Lauge da, als Fett aufnehmen kann: nicht für die Haut und nicht zu benutzen, bis ein Test keine freie Lauge findet.</translation>
    </message>
    <message>
        <source>There is more lye than fat takes, and it cannot be mended any more. Keep it off skin, label it, and test it after two days.</source>
        <translation>Es ist mehr Lauge da, als das Fett aufnimmt, und das lässt sich nicht mehr ändern. Nicht auf die Haut, beschriften und nach zwei Tagen testen.</translation>
    </message>
    <message>
        <source>Hardly any superfat is left (%1): test a bar before anyone uses it.</source>
        <translation>Es bleibt kaum Überfettung (%1): Teste ein Stück, bevor es jemand benutzt.</translation>
    </message>
    <message>
        <source>Superfat %1 in place of %2: a little less mild, nothing to mend.</source>
        <translation>Überfettung %1 statt %2: etwas weniger mild, nichts zu ändern.</translation>
    </message>
    <message>
        <source>Superfat %1 in place of %2: a mild, somewhat softer bar, nothing to mend.</source>
        <translation>Überfettung %1 statt %2: ein mildes, etwas weicheres Stück, nichts zu ändern.</translation>
    </message>
    <message>
        <source>Superfat %1 in place of %2: a soft, greasy bar that turns rancid sooner. Watch for spots; it can be rebatched with lye later.</source>
        <translation>Überfettung %1 statt %2: ein weiches, fettiges Stück, das eher ranzig wird. Achte auf Flecken; es lässt sich später mit Lauge neu einkochen.</translation>
    </message>
    <message>
        <source>Wetter than planned: unmould it later and let it cure longer.</source>
        <translation>Feuchter als geplant: später ausformen und länger reifen lassen.</translation>
    </message>
    <message>
        <source>Drier than planned: it sets sooner, so look in early for cutting.</source>
        <translation>Trockener als geplant: Es wird früher fest, sieh eher nach dem Schneiden.</translation>
    </message>
    <message>
        <source>to be mended</source>
        <translation>wird behoben</translation>
    </message>
    <message>
        <source>gone on with</source>
        <translation>weitergemacht</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>abgebrochen</translation>
    </message>
</context>
<context>
    <name>DayPlan</name>
    <message>
        <source>Days before</source>
        <translation>Tage davor</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>%1 of hands, then %2</source>
        <translation>%1 Handarbeit, dann %2</translation>
    </message>
    <message>
        <source>To have on the shelf</source>
        <translation>Im Regal bereit</translation>
    </message>
    <message>
        <source>from lot %1</source>
        <translation>aus Los %1</translation>
    </message>
    <message>
        <source>Where no lot stands below a thing, look whether there is enough.</source>
        <translation>Wo unter einer Sache kein Los steht, sieh nach, ob genug da ist.</translation>
    </message>
    <message>
        <source>meanwhile: %1</source>
        <translation>derweil: %1</translation>
    </message>
    <message>
        <source>meanwhile: %1 to %2</source>
        <translation>derweil: %1 bis %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Look in</source>
        <translation>Nachsehen</translation>
    </message>
    <message>
        <source>Unmould</source>
        <translation>Ausformen</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Stamp</source>
        <translation>Stempeln</translation>
    </message>
    <message>
        <source>Onto the rack, with air between</source>
        <translation>Aufs Gitter, mit Luft dazwischen</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Wenden</translation>
    </message>
    <message>
        <source>Ready</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>%1 in all (%2 to %3): %4 of your hands, %5 of waiting.</source>
        <translation>%1 im Ganzen (%2 bis %3): %4 deiner Hände, %5 Warten.</translation>
    </message>
    <message>
        <source>It should have begun %1 ago. Begun now, it can be poured at %2.</source>
        <translation>Vor %1 hätte es beginnen sollen. Jetzt begonnen, kann um %2 gegossen werden.</translation>
    </message>
    <message>
        <source>That is %1 too short. Weigh and lay out the evening before, or make the lye ahead, and it fits.</source>
        <translation>Das ist %1 zu knapp. Wiege und richte am Abend zuvor her oder setze die Lauge vorher an, dann passt es.</translation>
    </message>
    <message>
        <source>The day</source>
        <translation>Der Tag</translation>
    </message>
    <message>
        <source>On the day</source>
        <translation>Am Tag</translation>
    </message>
    <message>
        <source>%1, then wait %2</source>
        <translation>%1, dann %2 warten</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>After pouring</source>
        <translation>Nach dem Gießen</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>most likely %1</source>
        <translation>am ehesten %1</translation>
    </message>
</context>
<context>
    <name>DaySheet</name>
    <message>
        <source>weighed ______</source>
        <translation>gewogen ______</translation>
    </message>
    <message>
        <source>Days before</source>
        <translation>Tage davor</translation>
    </message>
    <message>
        <source>On the day</source>
        <translation>Am Tag</translation>
    </message>
    <message>
        <source>until %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>done ______</source>
        <translation>fertig ______</translation>
    </message>
    <message>
        <source>After pouring</source>
        <translation>Nach dem Gießen</translation>
    </message>
</context>
<context>
    <name>DaySlip</name>
    <message>
        <source>a splash of lye</source>
        <translation>ein Spritzer Lauge</translation>
    </message>
    <message>
        <source>fumes</source>
        <translation>Dämpfe</translation>
    </message>
    <message>
        <source>a spill</source>
        <translation>etwas verschüttet</translation>
    </message>
    <message>
        <source>batter rising over the rim</source>
        <translation>Seifenleim stieg über den Rand</translation>
    </message>
    <message>
        <source>into the wrong vessel, nearly</source>
        <translation>ins falsche Gefäß, beinahe</translation>
    </message>
    <message>
        <source>called away with lye open</source>
        <translation>weggerufen, während Lauge offen stand</translation>
    </message>
    <message>
        <source>typed</source>
        <translation>getippt</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>from the scale</source>
        <translation>von der Waage</translation>
    </message>
    <message>
        <source>superfat %1</source>
        <translation>Überfettung %1</translation>
    </message>
    <message>
        <source>strength %1</source>
        <translation>Konzentration %1</translation>
    </message>
    <message>
        <source>fluid for about %1</source>
        <translation>flüssig für etwa %1</translation>
    </message>
    <message>
        <source>peak about %1</source>
        <translation>Spitze etwa %1</translation>
    </message>
    <message>
        <source>Stop. Nothing more goes in, nobody touches it.</source>
        <translation>Halt. Nichts mehr hinein, niemand fasst es an.</translation>
    </message>
    <message>
        <source>Goggles and gloves stay on. Open a window; children and pets out.</source>
        <translation>Schutzbrille und Handschuhe bleiben an. Fenster auf; Kinder und Tiere hinaus.</translation>
    </message>
    <message>
        <source>If it cannot be mended: let it set in a lined box, mark it “lye, not soap”, and take it to your local collection for hazardous waste. Not down the drain, and no acid into it: the two heat violently.</source>
        <translation>Wenn es nicht zu retten ist: in einem ausgekleideten Kasten fest werden lassen, mit „Lauge, keine Seife“ beschriften und zur örtlichen Schadstoffsammlung bringen. Nicht in den Ausguss und keine Säure hinein: beide erhitzen sich heftig.</translation>
    </message>
    <message>
        <source>%1 is still on the counter: it can go in now, wetted with %2 of the batter.</source>
        <translation>%1 steht noch auf dem Tisch: es kann jetzt hinein, mit %2 vom Seifenleim angefeuchtet.</translation>
    </message>
    <message>
        <source>%1 is still on the counter: it can go in now.</source>
        <translation>%1 steht noch auf dem Tisch: es kann jetzt hinein.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>Device</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Within it true superfat moves by less than 0.2 points.</source>
        <translation>Darin bewegt sich die wahre Überfettung um weniger als 0,2 Punkte.</translation>
    </message>
    <message>
        <source>Within it batch strength moves by less than half a point.</source>
        <translation>Darin bewegt sich die Konzentration der Charge um weniger als einen halben Punkt.</translation>
    </message>
    <message>
        <source>Within it no figure of the soap moves; a twentieth of its weight is close enough.</source>
        <translation>Darin bewegt sich kein Wert der Seife; ein Zwanzigstel des Gewichts ist genau genug.</translation>
    </message>
    <message>
        <source>Good enough: %1. %2</source>
        <translation>Gut genug: %1. %2</translation>
    </message>
    <message>
        <source>%1 to go</source>
        <translation>noch %1</translation>
    </message>
    <message>
        <source>%1 too much</source>
        <translation>%1 zu viel</translation>
    </message>
    <message>
        <source>In the band</source>
        <translation>Im Band</translation>
    </message>
    <message>
        <source>no reading</source>
        <translation>kein Wert</translation>
    </message>
    <message>
        <source>a unit that is not known</source>
        <translation>eine unbekannte Einheit</translation>
    </message>
    <message>
        <source>over or under its range</source>
        <translation>über oder unter ihrem Bereich</translation>
    </message>
    <message>
        <source>moving</source>
        <translation>bewegt sich</translation>
    </message>
    <message>
        <source>still</source>
        <translation>ruhig</translation>
    </message>
    <message>
        <source>The scale says nothing just now: type the weight, or look at its cable.</source>
        <translation>Die Waage sagt gerade nichts: tippe das Gewicht oder sieh nach ihrem Kabel.</translation>
    </message>
    <message>
        <source>The scale shows a unit that is not known here: set it to grams, or type the weight.</source>
        <translation>Die Waage zeigt eine Einheit, die hier nicht bekannt ist: stell sie auf Gramm oder tippe das Gewicht.</translation>
    </message>
    <message>
        <source>The scale is over or under its range: take something off, or set it to zero.</source>
        <translation>Die Waage ist über oder unter ihrem Bereich: nimm etwas herunter oder stell sie auf null.</translation>
    </message>
    <message>
        <source>Wait until the scale is still.</source>
        <translation>Warte, bis die Waage ruhig steht.</translation>
    </message>
    <message>
        <source>Show at least two lines, with different weights.</source>
        <translation>Zeig mindestens zwei Zeilen mit verschiedenen Gewichten.</translation>
    </message>
    <message>
        <source>Mark the number alone, with all its digits.</source>
        <translation>Markiere nur die Zahl, mit all ihren Ziffern.</translation>
    </message>
    <message>
        <source>Mark the unit, or say which it always is: g, kg, mg, oz or lb.</source>
        <translation>Markiere die Einheit oder sag, welche es immer ist: g, kg, mg, oz oder lb.</translation>
    </message>
    <message>
        <source>The lines do not have the same parts: show lines of one kind.</source>
        <translation>Die Zeilen haben nicht dieselben Teile: zeig Zeilen einer Art.</translation>
    </message>
    <message>
        <source>A mark begins or ends inside a word or number.</source>
        <translation>Eine Markierung beginnt oder endet mitten in einem Wort oder einer Zahl.</translation>
    </message>
</context>
<context>
    <name>Difference</name>
    <message>
        <source>Water for the jug</source>
        <translation>Wasser für den Krug</translation>
    </message>
    <message>
        <source>True superfat</source>
        <translation>Wahre Überfettung</translation>
    </message>
    <message>
        <source>Superfat on oils alone</source>
        <translation>Überfettung nur auf die Öle</translation>
    </message>
    <message>
        <source>Batch strength</source>
        <translation>Konzentration der Charge</translation>
    </message>
    <message>
        <source>Jug strength</source>
        <translation>Konzentration im Krug</translation>
    </message>
    <message>
        <source>All oils</source>
        <translation>Alle Öle</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Seifenleim</translation>
    </message>
    <message>
        <source>No figure moves by as much as is shown.</source>
        <translation>Kein Wert ändert sich um so viel, wie gezeigt wird.</translation>
    </message>
    <message>
        <source>%1 %2 becomes %3</source>
        <translation>%1: aus %2 wird %3</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
</context>
<context>
    <name>Find</name>
    <message>
        <source>milk, milks</source>
        <translation>milch</translation>
    </message>
    <message>
        <source>acid, acids</source>
        <translation>säure, säuren</translation>
    </message>
    <message>
        <source>fruit, vegetables, puree, juice</source>
        <translation>obst, gemüse, püree, saft, frucht</translation>
    </message>
    <message>
        <source>sugar, sugars</source>
        <translation>zucker</translation>
    </message>
    <message>
        <source>salt</source>
        <translation>salz</translation>
    </message>
    <message>
        <source>clay, grains</source>
        <translation>ton, tonerde, körner</translation>
    </message>
    <message>
        <source>wax</source>
        <translation>wachs</translation>
    </message>
    <message>
        <source>egg, eggs</source>
        <translation>ei, eier</translation>
    </message>
    <message>
        <source>colour, colours</source>
        <translation>farbe, farben</translation>
    </message>
    <message>
        <source>scent, scented</source>
        <translation>duft, beduftet</translation>
    </message>
    <message>
        <source>potash, koh, two lyes</source>
        <translation>kali, koh, zwei laugen</translation>
    </message>
    <message>
        <source>frozen</source>
        <translation>gefroren</translation>
    </message>
    <message>
        <source>hot, hot process, cooked</source>
        <translation>heiß, heißverfahren, gekocht</translation>
    </message>
    <message>
        <source>cold, cold process</source>
        <translation>kalt, kaltverfahren</translation>
    </message>
    <message>
        <source>split, portions</source>
        <translation>geteilt, portionen</translation>
    </message>
    <message>
        <source>near miss</source>
        <translation>beinahe</translation>
    </message>
    <message>
        <source>lesson, lessons</source>
        <translation>lehre, lehren</translation>
    </message>
    <message>
        <source>photo, photos, photograph</source>
        <translation>foto, fotos, bild, bilder</translation>
    </message>
    <message>
        <source>tested, titrated</source>
        <translation>getestet, titriert</translation>
    </message>
    <message>
        <source>quick, quick trace, traced quickly</source>
        <translation>schnell, zeichnete schnell, schnelles zeichnen</translation>
    </message>
    <message>
        <source>slow, slow trace, traced slowly</source>
        <translation>langsam, zeichnete langsam, langsames zeichnen</translation>
    </message>
    <message>
        <source>false trace</source>
        <translation>falsches Zeichnen</translation>
    </message>
    <message>
        <source>riced, ricing</source>
        <translation>grießig, grieß</translation>
    </message>
    <message>
        <source>seized</source>
        <translation>zog schlagartig an</translation>
    </message>
    <message>
        <source>separated</source>
        <translation>trennte sich</translation>
    </message>
    <message>
        <source>gelled, full gel, gelled through</source>
        <translation>gegelt, durchgegelt, gelphase</translation>
    </message>
    <message>
        <source>partial gel</source>
        <translation>teilweise gegelt</translation>
    </message>
    <message>
        <source>no gel</source>
        <translation>nicht gegelt, kein gel</translation>
    </message>
    <message>
        <source>crack, cracked, cracks</source>
        <translation>riss, risse, gerissen</translation>
    </message>
    <message>
        <source>volcano</source>
        <translation>vulkan</translation>
    </message>
    <message>
        <source>ash</source>
        <translation>Sodaasche</translation>
    </message>
    <message>
        <source>sweat, sweating</source>
        <translation>schwitzt, schwitzte, schwitzen</translation>
    </message>
    <message>
        <source>crumble, crumbled</source>
        <translation>bröselt, bröselte</translation>
    </message>
    <message>
        <source>drag marks</source>
        <translation>Schleifspuren</translation>
    </message>
    <message>
        <source>spots</source>
        <translation>flecken, stellen</translation>
    </message>
    <message>
        <source>lye pocket</source>
        <translation>laugentasche</translation>
    </message>
    <message>
        <source>tunnels</source>
        <translation>Tunnel</translation>
    </message>
    <message>
        <source>soft, soft bars</source>
        <translation>weich, weiche stücke</translation>
    </message>
    <message>
        <source>stuck</source>
        <translation>klebte, klebt</translation>
    </message>
    <message>
        <source>again, good</source>
        <translation>wieder, noch einmal, gut</translation>
    </message>
    <message>
        <source>with a change</source>
        <translation>mit änderung, mit einer änderung</translation>
    </message>
    <message>
        <source>not again</source>
        <translation>nicht noch einmal</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>frühling, frühjahr</translation>
    </message>
    <message>
        <source>summer</source>
        <translation>sommer</translation>
    </message>
    <message>
        <source>autumn</source>
        <translation>herbst</translation>
    </message>
    <message>
        <source>winter</source>
        <translation>winter</translation>
    </message>
    <message>
        <source>last %1</source>
        <translation>letzter %1, letzten %1, letztes %1</translation>
    </message>
    <message>
        <source>this %1</source>
        <translation>dieser %1, diesen %1, dieses %1</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>this week</source>
        <translation>diese woche</translation>
    </message>
    <message>
        <source>this month</source>
        <translation>diesen monat, dieser monat</translation>
    </message>
    <message>
        <source>last month</source>
        <translation>letzten monat, letzter monat</translation>
    </message>
    <message>
        <source>this year</source>
        <translation>dieses jahr</translation>
    </message>
    <message>
        <source>last year</source>
        <translation>letztes jahr</translation>
    </message>
    <message>
        <source>over, above, more than, from</source>
        <translation>über, mehr als, ab</translation>
    </message>
    <message>
        <source>under, below, less than, up to</source>
        <translation>unter, weniger als, bis</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>%1 of %2 to %3 %</source>
        <translation>%1 von %2 bis %3 %</translation>
    </message>
    <message>
        <source>%1 of %2 % or more</source>
        <translation>%1 von %2 % oder mehr</translation>
    </message>
    <message>
        <source>%1 of %2 % or less</source>
        <translation>%1 von %2 % oder weniger</translation>
    </message>
    <message>
        <source>in the making, unfinished</source>
        <translation>in arbeit, unfertig</translation>
    </message>
    <message>
        <source>made, finished</source>
        <translation>gesiedet, fertig</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>abgebrochen</translation>
    </message>
    <message>
        <source>begun %1 to %2</source>
        <translation>begonnen %1 bis %2</translation>
    </message>
    <message>
        <source>superfat</source>
        <translation>überfettung</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>konzentration</translation>
    </message>
    <message>
        <source>milk, cracked, last winter</source>
        <translation>milch, gerissen, letzten winter</translation>
    </message>
    <message>
        <source>superfat over 6</source>
        <translation>überfettung über 6</translation>
    </message>
    <message>
        <source>hot process, not again</source>
        <translation>heißverfahren, nicht noch einmal</translation>
    </message>
    <message>
        <source>seized, scent, this year</source>
        <translation>schlagartig, duft, dieses jahr</translation>
    </message>
</context>
<context>
    <name>FormulaInput</name>
    <message>
        <source>%1, line %2, “%3”: %4</source>
        <translation>%1, Zeile %2, „%3“: %4</translation>
    </message>
    <message>
        <source>this is neither a formula file nor a recipe: no line names a material and an amount.</source>
        <translation>das ist weder eine Formeldatei noch ein Rezept: Keine Zeile nennt einen Rohstoff und eine Menge.</translation>
    </message>
    <message>
        <source>“--answer %1” answers no open question of this recipe.</source>
        <translation>„--answer %1“ beantwortet keine offene Frage dieses Rezepts.</translation>
    </message>
    <message>
        <source>nothing is reckoned until these questions are answered.</source>
        <translation>es wird nichts gerechnet, bis diese Fragen beantwortet sind.</translation>
    </message>
    <message>
        <source>%1: all of it is in per cent, so 1000 g of oils are taken; --answer oils=900 says otherwise.
</source>
        <translation>%1: Alles steht in Prozent, darum werden 1000 g Öle genommen; --answer oils=900 sagt es anders.
</translation>
    </message>
    <message>
        <source>%1, line %2 was not understood and stays in the notes: %3</source>
        <translation>%1, Zeile %2 wurde nicht verstanden und bleibt in den Notizen: %3</translation>
    </message>
    <message>
        <source>--answer is for the text of a recipe; this is a formula.</source>
        <translation>--answer ist für den Text eines Rezepts; das ist eine Formel.</translation>
    </message>
    <message>
        <source>a hydroxide that the recipe names is not on the shelf.</source>
        <translation>ein Hydroxid, das das Rezept nennt, ist nicht im Regal.</translation>
    </message>
</context>
<context>
    <name>Heat</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>All of this is an estimate. Your thermometer knows better: a reading corrects it.</source>
        <translation>All das ist eine Schätzung. Dein Thermometer weiß es besser: ein Messwert berichtigt sie.</translation>
    </message>
    <message>
        <source>The whole jug</source>
        <translation>Der ganze Krug</translation>
    </message>
    <message>
        <source>Before the lye</source>
        <translation>Vor dem Hydroxid</translation>
    </message>
    <message>
        <source>ice and lye together run below freezing; a stirred slush usually shows up to 5 degrees more</source>
        <translation>Eis und Hydroxid zusammen gehen unter null; ein gerührter Brei zeigt meist bis zu 5 Grad mehr</translation>
    </message>
    <message>
        <source>At its hottest</source>
        <translation>Am heißesten</translation>
    </message>
    <message>
        <source>about %1 after the first lye</source>
        <translation>etwa %1 nach dem ersten Hydroxid</translation>
    </message>
    <message>
        <source>Without the ice bath</source>
        <translation>Ohne das Eisbad</translation>
    </message>
    <message>
        <source>have the bath ready before the lye goes in</source>
        <translation>richte das Bad her, bevor Hydroxid hineingeht</translation>
    </message>
    <message>
        <source>Would boil at</source>
        <translation>Würde kochen bei</translation>
    </message>
    <message>
        <source>lye of %1</source>
        <translation>Lauge von %1</translation>
    </message>
    <message>
        <source>Leaves as steam</source>
        <translation>Geht als Dampf</translation>
    </message>
    <message>
        <source>Where the flakes land</source>
        <translation>Wo die Perlen hinfallen</translation>
    </message>
    <message>
        <source>For a moment</source>
        <translation>Für einen Augenblick</translation>
    </message>
    <message>
        <source>it boils and spits there: a little at a time, stir, goggles on</source>
        <translation>dort kocht und spritzt es: nach und nach, rühren, Schutzbrille auf</translation>
    </message>
    <message>
        <source>between portions the jug evens out</source>
        <translation>zwischen den Portionen gleicht sich der Krug aus</translation>
    </message>
    <message>
        <source>Lye goes in</source>
        <translation>Hydroxid kommt hinein</translation>
    </message>
    <message>
        <source>all at once</source>
        <translation>auf einmal</translation>
    </message>
    <message numerus="yes">
        <source>%n portion(s), one every %1</source>
        <translation>
            <numerusform>%n Portion, alle %1 eine</numerusform>
            <numerusform>%n Portionen, alle %1 eine</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>What is left in it</source>
        <translation>Was davon übrig bleibt</translation>
    </message>
    <message>
        <source>The last ice is gone after</source>
        <translation>Das letzte Eis ist weg nach</translation>
    </message>
    <message>
        <source>lye can hide in ice: stir till it is clear</source>
        <translation>Lauge kann sich im Eis verstecken: rühren, bis es klar ist</translation>
    </message>
    <message>
        <source>Ice that stays</source>
        <translation>Eis, das bleibt</translation>
    </message>
    <message>
        <source>undissolved lye may hide in it: let it stand and stir</source>
        <translation>ungelöstes Hydroxid kann darin stecken: stehen lassen und rühren</translation>
    </message>
    <message>
        <source>On the way</source>
        <translation>Unterwegs</translation>
    </message>
    <message>
        <source>more lye than it can dissolve</source>
        <translation>mehr Hydroxid, als es lösen kann</translation>
    </message>
    <message>
        <source>wait longer between portions</source>
        <translation>zwischen den Portionen länger warten</translation>
    </message>
    <message>
        <source>Lye crystals fall out below</source>
        <translation>Hydroxidkristalle fallen aus unter</translation>
    </message>
    <message>
        <source>keep it warmer, or plan more water from the start</source>
        <translation>wärmer halten oder von Anfang an mehr Wasser planen</translation>
    </message>
    <message>
        <source>%1 kJ</source>
        <translation>%1 kJ</translation>
    </message>
    <message>
        <source>%1 kJ for each degree</source>
        <translation>%1 kJ je Grad</translation>
    </message>
    <message>
        <source>How the jug’s heat comes about</source>
        <translation>Wie die Wärme des Krugs zustande kommt</translation>
    </message>
    <message>
        <source>All at once, nothing lost to the room:</source>
        <translation>Alles auf einmal, nichts an den Raum verloren:</translation>
    </message>
    <message>
        <source>Dissolving the lye gives</source>
        <translation>Das Lösen des Hydroxids gibt</translation>
    </message>
    <message>
        <source>Its acid gives</source>
        <translation>Seine Säure gibt</translation>
    </message>
    <message>
        <source>Melting ice takes</source>
        <translation>Das Schmelzen des Eises nimmt</translation>
    </message>
    <message>
        <source>%1 at 334 J for each gram</source>
        <translation>%1 zu 334 J je Gramm</translation>
    </message>
    <message>
        <source>What is in it, and the jug, take up</source>
        <translation>Was darin ist, und der Krug, nehmen auf</translation>
    </message>
    <message>
        <source>So it goes from</source>
        <translation>So geht es von</translation>
    </message>
    <message>
        <source>warming what was ice, and the flakes, is in it</source>
        <translation>das Erwärmen des geschmolzenen Eises und der Perlen ist darin</translation>
    </message>
    <message>
        <source>How the joining comes about</source>
        <translation>Wie das Zusammenbringen zustande kommt</translation>
    </message>
    <message>
        <source>The jug holds</source>
        <translation>Der Krug hält</translation>
    </message>
    <message>
        <source>The pot holds</source>
        <translation>Der Topf hält</translation>
    </message>
    <message>
        <source>Thinning strong lye gives</source>
        <translation>Das Verdünnen starker Lauge gibt</translation>
    </message>
    <message>
        <source>The blender gives</source>
        <translation>Der Stabmixer gibt</translation>
    </message>
    <message>
        <source>The first soap gives</source>
        <translation>Die erste Seife gibt</translation>
    </message>
    <message>
        <source>Fatty acid gives, at once</source>
        <translation>Freie Fettsäure gibt, sofort</translation>
    </message>
    <message>
        <source>jug %1, pot %2 to %3</source>
        <translation>Krug %1, Topf %2 bis %3</translation>
    </message>
    <message>
        <source>%1, within %2 of each other</source>
        <translation>%1, höchstens %2 auseinander</translation>
    </message>
    <message>
        <source>Both are too cold already: warm the pot, and stand the jug in hot tap water. Never warm lye on a flame or in a microwave.</source>
        <translation>Beide sind schon zu kalt: wärme den Topf und stell den Krug in heißes Leitungswasser. Lauge nie auf der Flamme oder in der Mikrowelle wärmen.</translation>
    </message>
    <message>
        <source>Cooling the hotter one would not bring them into it: warm the colder one, the jug only in hot tap water, or join them cooler.</source>
        <translation>Den heißeren zu kühlen brächte sie nicht hinein: wärme den kälteren, den Krug nur in heißem Leitungswasser, oder bring sie kühler zusammen.</translation>
    </message>
    <message>
        <source>the jug</source>
        <translation>der Krug</translation>
    </message>
    <message>
        <source>the pot</source>
        <translation>der Topf</translation>
    </message>
    <message>
        <source>Let %1 cool: hot glass or ceramic cracks in ice.</source>
        <translation>Lass %1 abkühlen: heißes Glas oder heiße Keramik springt im Eis.</translation>
    </message>
    <message>
        <source>Set %1 in ice water for about %2 (about %3 of ice melts).</source>
        <translation>Stell %1 für etwa %2 in Eiswasser (etwa %3 Eis schmelzen).</translation>
    </message>
    <message>
        <source>Or warm the pot again when the jug is there.</source>
        <translation>Oder wärme den Topf wieder, wenn der Krug so weit ist.</translation>
    </message>
    <message>
        <source>Or stand the jug in hot tap water when the pot is there, never on a flame or in a microwave.</source>
        <translation>Oder stell den Krug in heißes Leitungswasser, wenn der Topf so weit ist, nie auf die Flamme oder in die Mikrowelle.</translation>
    </message>
    <message>
        <source>%1 in one piece</source>
        <translation>%1 in einem Stück</translation>
    </message>
    <message>
        <source>Poured at</source>
        <translation>Gegossen bei</translation>
    </message>
    <message>
        <source>Hottest in the middle</source>
        <translation>In der Mitte am heißesten</translation>
    </message>
    <message>
        <source>about %1 after pouring</source>
        <translation>etwa %1 nach dem Gießen</translation>
    </message>
    <message>
        <source>Turns to gel at</source>
        <translation>Wird zu Gel bei</translation>
    </message>
    <message>
        <source>give or take %1</source>
        <translation>auf %1 genau</translation>
    </message>
    <message>
        <source>Gel begins</source>
        <translation>Das Gel beginnt</translation>
    </message>
    <message>
        <source>%1 of it gels</source>
        <translation>%1 davon gelt</translation>
    </message>
    <message>
        <source>If it runs hot it may</source>
        <translation>Wenn es heiß läuft, kann es</translation>
    </message>
    <message>
        <source>rise out of the mould</source>
        <translation>aus der Form steigen</translation>
    </message>
    <message>
        <source>crack</source>
        <translation>reißen</translation>
    </message>
    <message>
        <source>stand it on a tray; gloves on when you look</source>
        <translation>stell sie auf ein Blech; Handschuhe an beim Nachsehen</translation>
    </message>
    <message>
        <source>Look in first</source>
        <translation>Zuerst nachsehen in</translation>
    </message>
    <message>
        <source>then every half hour until an hour past the hottest</source>
        <translation>dann jede halbe Stunde bis eine Stunde nach dem Heißesten</translation>
    </message>
    <message>
        <source>Nine tenths are soap</source>
        <translation>Neun Zehntel sind Seife</translation>
    </message>
    <message>
        <source>later than reckoned here</source>
        <translation>später, als hier gerechnet wird</translation>
    </message>
    <message>
        <source>Do not unmould before</source>
        <translation>Nicht ausformen vor</translation>
    </message>
    <message>
        <source>firmness is another matter: press it first</source>
        <translation>Festigkeit ist etwas anderes: drück sie zuerst</translation>
    </message>
    <message>
        <source>Middle warmer than skin by</source>
        <translation>Mitte wärmer als Haut um</translation>
    </message>
    <message>
        <source>Fatty acids</source>
        <translation>Fettsäuren</translation>
    </message>
    <message>
        <source>not known of every fat</source>
        <translation>nicht von jedem Fett bekannt</translation>
    </message>
    <message>
        <source>the speed is a guess for those</source>
        <translation>die Geschwindigkeit ist für diese geraten</translation>
    </message>
    <message>
        <source>It comes down to %1 %2 after its first reading.</source>
        <translation>Es kommt %2 nach seinem ersten Messwert auf %1.</translation>
    </message>
    <message>
        <source>It is no warmer than %1.</source>
        <translation>Es ist nicht wärmer als %1.</translation>
    </message>
    <message>
        <source>Read the pot too.</source>
        <translation>Miss auch den Topf.</translation>
    </message>
    <message>
        <source>Read the jug too.</source>
        <translation>Miss auch den Krug.</translation>
    </message>
    <message>
        <source>Both are in the window now, for %1 more.</source>
        <translation>Beide sind jetzt im Fenster, noch für %1.</translation>
    </message>
    <message>
        <source>Both are in the window now, and stay there.</source>
        <translation>Beide sind jetzt im Fenster und bleiben dort.</translation>
    </message>
    <message>
        <source>Join them now: the window is closing.</source>
        <translation>Bring sie jetzt zusammen: das Fenster schließt sich.</translation>
    </message>
    <message>
        <source>Both are in the window in %1.</source>
        <translation>Beide sind im Fenster in %1.</translation>
    </message>
    <message>
        <source>That is not sure yet: read both again in ten minutes.</source>
        <translation>Das ist noch nicht sicher: miss beide in zehn Minuten noch einmal.</translation>
    </message>
    <message>
        <source>They were in the window and are not any more.</source>
        <translation>Sie waren im Fenster und sind es nicht mehr.</translation>
    </message>
    <message>
        <source>Left alone they do not meet in the window.</source>
        <translation>Sich selbst überlassen treffen sie sich nicht im Fenster.</translation>
    </message>
    <message>
        <source>By your readings of the middle:</source>
        <translation>Nach deinen Messwerten in der Mitte:</translation>
    </message>
    <message>
        <source>Hottest %1 in %2.</source>
        <translation>Am heißesten %1 in %2.</translation>
    </message>
    <message>
        <source>The hottest, %1, is over.</source>
        <translation>Das Heißeste, %1, ist vorbei.</translation>
    </message>
    <message>
        <source>Look in now, gloves on.</source>
        <translation>Sieh jetzt nach, Handschuhe an.</translation>
    </message>
    <message>
        <source>Look in again in %1.</source>
        <translation>Sieh in %1 wieder nach.</translation>
    </message>
    <message>
        <source>about %1 (%2)</source>
        <translation>etwa %1 (%2)</translation>
    </message>
    <message>
        <source>%1 h</source>
        <translation>%1 h</translation>
    </message>
    <message>
        <source>%1 h %2 min</source>
        <translation>%1 h %2 min</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>It is likely to gel right through.</source>
        <translation>Sie gelt wahrscheinlich ganz durch.</translation>
    </message>
    <message>
        <source>It is unlikely to gel.</source>
        <translation>Sie gelt wahrscheinlich nicht.</translation>
    </message>
    <message>
        <source>It may gel in the middle and show a darker ring.</source>
        <translation>Sie kann in der Mitte gelen und einen dunkleren Ring zeigen.</translation>
    </message>
    <message>
        <source>It may gel, wholly or in part.</source>
        <translation>Sie kann gelen, ganz oder zum Teil.</translation>
    </message>
    <message>
        <source>after %1: %2</source>
        <translation>nach %1: %2</translation>
    </message>
    <message>
        <source>Heat: the jug</source>
        <translation>Wärme: der Krug</translation>
    </message>
    <message>
        <source>The jug comes to %1, for a moment %2 where the lye lands.</source>
        <translation>Der Krug kommt auf %1, wo das Hydroxid hinfällt für einen Augenblick auf %2.</translation>
    </message>
    <message>
        <source>The second jug</source>
        <translation>Der zweite Krug</translation>
    </message>
    <message>
        <source>Heat: jug meets pot</source>
        <translation>Wärme: Krug trifft Topf</translation>
    </message>
    <message>
        <source>Both are in the window from %1 to %2 after the jug is hottest.</source>
        <translation>Beide sind im Fenster von %1 bis %2, nachdem der Krug am heißesten ist.</translation>
    </message>
    <message>
        <source>Both are in the window from %1 on, and stay there.</source>
        <translation>Beide sind im Fenster ab %1 und bleiben dort.</translation>
    </message>
    <message>
        <source>That may be %1 off: read both again on the way.</source>
        <translation>Das kann um %1 danebenliegen: miss beide unterwegs noch einmal.</translation>
    </message>
    <message>
        <source>Left alone they never meet in the window.</source>
        <translation>Sich selbst überlassen treffen sie sich nie im Fenster.</translation>
    </message>
    <message>
        <source>They come within %1 of each other after %2, near %3.</source>
        <translation>Nach %2 sind sie höchstens %1 auseinander, nahe %3.</translation>
    </message>
    <message>
        <source>The window</source>
        <translation>Das Fenster</translation>
    </message>
    <message>
        <source>Times are counted from when the jug is hottest.</source>
        <translation>Gezählt wird ab da, wo der Krug am heißesten ist.</translation>
    </message>
    <message>
        <source>never: it is colder</source>
        <translation>nie: er ist kälter</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>sofort</translation>
    </message>
    <message>
        <source>%1, out again after %2</source>
        <translation>%1, wieder hinaus nach %2</translation>
    </message>
    <message>
        <source>Jug in the window</source>
        <translation>Krug im Fenster</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>Melt and mix the oils</source>
        <translation>Öle schmelzen und mischen</translation>
    </message>
    <message>
        <source>as you planned it</source>
        <translation>wie du es geplant hast</translation>
    </message>
    <message>
        <source>so that both come into the window together</source>
        <translation>damit beide zusammen ins Fenster kommen</translation>
    </message>
    <message>
        <source>Pot in the window</source>
        <translation>Topf im Fenster</translation>
    </message>
    <message>
        <source>mixed it is %1</source>
        <translation>vermischt hat er %1</translation>
    </message>
    <message>
        <source>Joined</source>
        <translation>Zusammengebracht</translation>
    </message>
    <message>
        <source>%1 sets out below</source>
        <translation>%1 wird unten fest</translation>
    </message>
    <message>
        <source>give or take %1; it looks like trace then</source>
        <translation>auf %1 genau; es sieht dann wie Zeichnen aus</translation>
    </message>
    <message>
        <source>Jug and pot together</source>
        <translation>Krug und Topf zusammen</translation>
    </message>
    <message>
        <source>At %1</source>
        <translation>Bei %1</translation>
    </message>
    <message>
        <source>blending and the first soap warm it; what goes in cold cools it</source>
        <translation>Pürieren und die erste Seife wärmen ihn; was kalt hineinkommt, kühlt ihn</translation>
    </message>
    <message>
        <source>Heat: the mould</source>
        <translation>Wärme: die Form</translation>
    </message>
    <message>
        <source>Cooked soap is done when it is spooned in: it only cools there.</source>
        <translation>Gekochte Seife ist fertig, wenn sie eingefüllt wird: dort kühlt sie nur ab.</translation>
    </message>
    <message>
        <source>%1 The middle comes to %2; look in after %3.</source>
        <translation>%1 Die Mitte kommt auf %2; sieh nach %3 nach.</translation>
    </message>
    <message>
        <source>Heat: the cook</source>
        <translation>Wärme: das Kochen</translation>
    </message>
    <message>
        <source>Nothing goes in after a cook, so none is reckoned.</source>
        <translation>Nach einem Kochen kommt nichts hinein, darum wird keines gerechnet.</translation>
    </message>
    <message>
        <source>Done after about %1 (%2 to %3).</source>
        <translation>Fertig nach etwa %1 (%2 bis %3).</translation>
    </message>
    <message>
        <source>After %1 it is not done yet: %2 is soap.</source>
        <translation>Nach %1 ist sie noch nicht fertig: %2 sind Seife.</translation>
    </message>
    <message>
        <source>Stages</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Thick</source>
        <translation>Dick</translation>
    </message>
    <message>
        <source>Like mash</source>
        <translation>Wie Brei</translation>
    </message>
    <message>
        <source>Drying</source>
        <translation>Trocknend</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>not in the time given</source>
        <translation>nicht in der gegebenen Zeit</translation>
    </message>
    <message>
        <source>Cool enough for scent (%1)</source>
        <translation>Kühl genug für Duft (%1)</translation>
    </message>
    <message>
        <source>about %1 after the heat is off</source>
        <translation>etwa %1, nachdem die Hitze aus ist</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>Boils and dries away</source>
        <translation>Kocht und verdunstet</translation>
    </message>
    <message>
        <source>about %1 (%2 to %3)</source>
        <translation>etwa %1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>weigh the pot: the scale knows better</source>
        <translation>wiege den Topf: die Waage weiß es besser</translation>
    </message>
    <message>
        <source>Batter left</source>
        <translation>Seifenleim übrig</translation>
    </message>
    <message>
        <source>lye strength then %1</source>
        <translation>Laugenkonzentration dann %1</translation>
    </message>
    <message>
        <source>Forecast of heat</source>
        <translation>Wärmevorhersage</translation>
    </message>
    <message>
        <source>gel likely</source>
        <translation>Gel wahrscheinlich</translation>
    </message>
    <message>
        <source>gel unlikely</source>
        <translation>Gel unwahrscheinlich</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>ein Ring</translation>
    </message>
    <message>
        <source>may gel</source>
        <translation>kann gelen</translation>
    </message>
    <message>
        <source>%1, middle %2</source>
        <translation>%1, Mitte %2</translation>
    </message>
    <message>
        <source>Learnt from your batches</source>
        <translation>Aus deinen Chargen gelernt</translation>
    </message>
    <message>
        <source>as assumed</source>
        <translation>wie angenommen</translation>
    </message>
    <message numerus="yes">
        <source>from %n batch(es) of yours</source>
        <translation>
            <numerusform>aus %n Charge von dir</numerusform>
            <numerusform>aus %n Chargen von dir</numerusform>
        </translation>
    </message>
    <message>
        <source>This formula turns to soap</source>
        <translation>Diese Formel wird zu Seife</translation>
    </message>
    <message>
        <source>%1 faster than assumed</source>
        <translation>%1 schneller als angenommen</translation>
    </message>
    <message>
        <source>%1 slower than assumed</source>
        <translation>%1 langsamer als angenommen</translation>
    </message>
    <message>
        <source>This mould and cover lose heat</source>
        <translation>Diese Form und Abdeckung verlieren Wärme</translation>
    </message>
    <message>
        <source>Your jugs warm by</source>
        <translation>Deine Krüge erwärmen sich um</translation>
    </message>
    <message>
        <source>%1 more than assumed</source>
        <translation>%1 mehr als angenommen</translation>
    </message>
    <message>
        <source>%1 less than assumed</source>
        <translation>%1 weniger als angenommen</translation>
    </message>
    <message>
        <source>Your jug cools</source>
        <translation>Dein Krug kühlt ab</translation>
    </message>
    <message>
        <source>Your pot cools</source>
        <translation>Dein Topf kühlt ab</translation>
    </message>
    <message>
        <source>Forget what was learnt</source>
        <translation>Gelerntes vergessen</translation>
    </message>
    <message>
        <source>jug about %1</source>
        <translation>Krug etwa %1</translation>
    </message>
    <message>
        <source>they meet after %1</source>
        <translation>sie treffen sich nach %1</translation>
    </message>
    <message>
        <source>jug and pot do not meet</source>
        <translation>Krug und Topf treffen sich nicht</translation>
    </message>
    <message>
        <source>cooked in %1</source>
        <translation>gekocht in %1</translation>
    </message>
    <message>
        <source>not done in %1</source>
        <translation>nicht fertig in %1</translation>
    </message>
    <message>
        <source>look in after %1</source>
        <translation>nachsehen nach %1</translation>
    </message>
    <message>
        <source>No forecast of heat yet.</source>
        <translation>Noch keine Wärmevorhersage.</translation>
    </message>
    <message>
        <source>If all the lye went in at once</source>
        <translation>Wenn die ganze Lauge auf einmal hineinkäme</translation>
    </message>
    <message>
        <source>the portions keep it cooler</source>
        <translation>die Portionen halten es kühler</translation>
    </message>
    <message>
        <source>Does not fit in</source>
        <translation>Passt nicht hinein</translation>
    </message>
    <message>
        <source>%1 ml</source>
        <translation>%1 ml</translation>
    </message>
    <message>
        <source>it runs over the rim: take a second mould</source>
        <translation>es läuft über den Rand: nimm eine zweite Form</translation>
    </message>
</context>
<context>
    <name>HeatCaution</name>
    <message>
        <source>Where the flakes fall it boils and spits</source>
        <translation>Wo die Perlen hinfallen, kocht und spritzt es</translation>
    </message>
    <message>
        <source>This jug may boil over: up to %1</source>
        <translation>Dieser Krug kann überkochen: bis zu %1</translation>
    </message>
    <message>
        <source>%1 is likely to brown and smell: up to %2</source>
        <translation>%1 wird wahrscheinlich braun und riecht: bis zu %2</translation>
    </message>
    <message>
        <source>Even wholly frozen it passes %1</source>
        <translation>Auch ganz gefroren geht es über %1</translation>
    </message>
    <message>
        <source>%1 of ice will not melt by itself</source>
        <translation>%1 Eis schmelzen nicht von selbst</translation>
    </message>
    <message>
        <source>Lye crystals fall out below about %1</source>
        <translation>Hydroxidkristalle fallen unter etwa %1 aus</translation>
    </message>
    <message>
        <source>A glass jug may crack</source>
        <translation>Ein Glaskrug kann springen</translation>
    </message>
    <message>
        <source>This jug is not made for lye as hot as %1</source>
        <translation>Dieser Krug ist nicht für %1 heiße Lauge gemacht</translation>
    </message>
    <message>
        <source>Aluminium and lye: never</source>
        <translation>Aluminium und Lauge: nie</translation>
    </message>
    <message>
        <source>%1 may set out below about %2</source>
        <translation>%1 kann unter etwa %2 fest werden</translation>
    </message>
    <message>
        <source>The hard fats would be heated to %1</source>
        <translation>Die harten Fette würden auf %1 erhitzt</translation>
    </message>
    <message>
        <source>Left alone, jug and pot never meet</source>
        <translation>Sich selbst überlassen treffen sich Krug und Topf nie</translation>
    </message>
    <message>
        <source>May show a darker ring</source>
        <translation>Kann einen dunkleren Ring zeigen</translation>
    </message>
    <message>
        <source>May rise out of the mould</source>
        <translation>Kann aus der Form steigen</translation>
    </message>
    <message>
        <source>May crack as it heats</source>
        <translation>Kann beim Erwärmen reißen</translation>
    </message>
    <message>
        <source>The middle runs %1 ahead of the skin</source>
        <translation>Die Mitte eilt der Haut um %1 voraus</translation>
    </message>
    <message>
        <source>It warms up again when it comes out</source>
        <translation>Sie erwärmt sich wieder, wenn sie herauskommt</translation>
    </message>
    <message>
        <source>Slow to turn to soap</source>
        <translation>Wird langsam zu Seife</translation>
    </message>
    <message>
        <source>About %1 of water boils off in the cook</source>
        <translation>Etwa %1 Wasser kochen beim Kochen weg</translation>
    </message>
    <message>
        <source>The cook may climb out of the pot</source>
        <translation>Der Leim kann beim Kochen aus dem Topf steigen</translation>
    </message>
    <message>
        <source>For a moment it reaches about %1 there. Put in a little at a time, stir, goggles on; lye into the liquid, never the other way round.</source>
        <translation>Für einen Augenblick erreicht es dort etwa %1. Nach und nach hinein, rühren, Schutzbrille auf; Lauge in die Flüssigkeit, nie umgekehrt.</translation>
    </message>
    <message>
        <source>At %1 its alcohol foams up. Beer and wine: flat and boiled first. Start with colder liquid or ice, a little lye at a time.</source>
        <translation>Bei %1 schäumt ihr Alkohol auf. Bier und Wein: schal und vorher gekocht. Beginne mit kälterer Flüssigkeit oder Eis, immer nur wenig Hydroxid auf einmal.</translation>
    </message>
    <message>
        <source>It would boil at %1. Start with colder water or ice, or plan more water before you begin. Never pour water into lye.</source>
        <translation>Es würde bei %1 kochen. Beginne mit kälterem Wasser oder Eis oder plane vorher mehr Wasser. Nie Wasser in Lauge gießen.</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Put the lye in by %1 portions, %2 apart.</source>
        <translation>Gib das Hydroxid in %1 Portionen dazu, %2 auseinander.</translation>
    </message>
    <message>
        <source>Milk, puree and sugar brown in hot lye.</source>
        <translation>Milch, Püree und Zucker werden in heißer Lauge braun.</translation>
    </message>
    <message>
        <source>Put part of %1 in the oils or at trace instead.</source>
        <translation>Gib einen Teil von %1 lieber in die Öle oder beim Zeichnen dazu.</translation>
    </message>
    <message>
        <source>Undissolved lye may hide in it. Let it stand and stir till it is clear.</source>
        <translation>Ungelöstes Hydroxid kann darin stecken. Stehen lassen und rühren, bis es klar ist.</translation>
    </message>
    <message>
        <source>Keep it warmer than that, or plan more water from the start. Pour no water on crystals.</source>
        <translation>Halte es wärmer oder plane von Anfang an mehr Wasser. Kein Wasser auf Kristalle gießen.</translation>
    </message>
    <message>
        <source>Hot glass or ceramic in ice may crack. Take steel or polypropylene.</source>
        <translation>Heißes Glas oder heiße Keramik kann im Eis springen. Nimm Stahl oder Polypropylen.</translation>
    </message>
    <message>
        <source>Glass cracks, at once or after years of lye; most plastics soften. Take polypropylene or steel.</source>
        <translation>Glas springt, sofort oder nach Jahren mit Lauge; die meisten Kunststoffe werden weich. Nimm Polypropylen oder Stahl.</translation>
    </message>
    <message>
        <source>Lye eats aluminium and gives off a gas that burns. Take steel or polypropylene.</source>
        <translation>Lauge frisst Aluminium und gibt ein Gas ab, das brennt. Nimm Stahl oder Polypropylen.</translation>
    </message>
    <message>
        <source>Jug and pot are together at about %1. What sets out looks like trace and is none: join them warmer, or use less of it.</source>
        <translation>Krug und Topf haben zusammen etwa %1. Was fest wird, sieht wie Zeichnen aus und ist keins: bring sie wärmer zusammen oder nimm weniger davon.</translation>
    </message>
    <message>
        <source>Rather warm the liquid oils too.</source>
        <translation>Wärme lieber auch die flüssigen Öle.</translation>
    </message>
    <message>
        <source>Set %1 in ice water for about %2.</source>
        <translation>Stell %1 für etwa %2 in Eiswasser.</translation>
    </message>
    <message>
        <source>the jug</source>
        <translation>der Krug</translation>
    </message>
    <message>
        <source>the pot</source>
        <translation>der Topf</translation>
    </message>
    <message>
        <source>Stand a jug that is too cold in hot tap water, never on a flame or in a microwave; warm the pot.</source>
        <translation>Stell einen zu kalten Krug in heißes Leitungswasser, nie auf die Flamme oder in die Mikrowelle; wärme den Topf.</translation>
    </message>
    <message>
        <source>Left alone they come near each other at about %1.</source>
        <translation>Sich selbst überlassen kommen sie sich nahe bei etwa %1.</translation>
    </message>
    <message>
        <source>Part of it may gel. Keep it warmer to gel it all, or cool to keep it from gelling.</source>
        <translation>Ein Teil kann gelen. Halte sie wärmer, damit alles gelt, oder kühl, damit nichts gelt.</translation>
    </message>
    <message>
        <source>In the middle about %1, %2 if it runs hot. Stand it on a tray, take covers off, look in from %3 on, gloves on.</source>
        <translation>In der Mitte etwa %1, %2, wenn es heiß läuft. Stell sie auf ein Blech, nimm Abdeckungen weg, sieh ab %3 nach, Handschuhe an.</translation>
    </message>
    <message>
        <source>Cracks and a ring are likelier then.</source>
        <translation>Risse und ein Ring sind dann wahrscheinlicher.</translation>
    </message>
    <message>
        <source>It comes to as much as about %1 after it is taken out. Leave it uncovered.</source>
        <translation>Sie kommt auf bis zu etwa %1, nachdem sie herausgenommen ist. Lass sie unbedeckt.</translation>
    </message>
    <message>
        <source>Nine tenths are soap only after about %1. Be patient with it.</source>
        <translation>Neun Zehntel sind erst nach etwa %1 Seife. Hab Geduld mit ihr.</translation>
    </message>
    <message>
        <source>That is %1 of its water. Keep the lid on, or weigh the pot and put it back, warm, a little at a time.</source>
        <translation>Das sind %1 ihres Wassers. Lass den Deckel darauf, oder wiege den Topf und ersetze es, warm, nach und nach.</translation>
    </message>
    <message>
        <source>Fill the pot no more than half, stay with it, stir it down, heat off when it climbs.</source>
        <translation>Fülle den Topf höchstens halb, bleib dabei, rühre ihn herunter, Hitze aus, wenn er steigt.</translation>
    </message>
    <message>
        <source>Freeze %1, lye in %2 portions</source>
        <translation>%1 einfrieren, Hydroxid in %2 Portionen</translation>
    </message>
    <message>
        <source>Plan %1 portions, %2 apart</source>
        <translation>%1 Portionen planen, %2 auseinander</translation>
    </message>
    <message>
        <source>Plan an ice bath and portions</source>
        <translation>Ein Eisbad und Portionen planen</translation>
    </message>
    <message>
        <source>Keep it warmer</source>
        <translation>Wärmer halten</translation>
    </message>
    <message>
        <source>Leave it uncovered</source>
        <translation>Unbedeckt lassen</translation>
    </message>
    <message>
        <source>Change the plan of heat</source>
        <translation>Den Wärmeplan ändern</translation>
    </message>
    <message>
        <source>Could rise out of the mould if it runs hot</source>
        <translation>Könnte aus der Form steigen, wenn es heiß läuft</translation>
    </message>
    <message>
        <source>Freeze about %1 of the %2 of %6, and put the lye in by %3 portions, %4 apart: then it stays under about %5, where the flakes land too.</source>
        <translation>Friere etwa %1 der %2 %6 ein und gib die Lauge in %3 Portionen zu, jeweils nach %4: dann bleibt es unter etwa %5, auch wo die Plättchen landen.</translation>
    </message>
</context>
<context>
    <name>HeatName</name>
    <message>
        <source>stainless steel</source>
        <translation>Edelstahl</translation>
    </message>
    <message>
        <source>polypropylene or HDPE</source>
        <translation>Polypropylen oder HDPE</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>ceramic or enamel</source>
        <translation>Keramik oder Email</translation>
    </message>
    <message>
        <source>aluminium</source>
        <translation>Aluminium</translation>
    </message>
    <message>
        <source>another plastic</source>
        <translation>ein anderer Kunststoff</translation>
    </message>
    <message>
        <source>wood, paper-lined</source>
        <translation>Holz, mit Papier ausgekleidet</translation>
    </message>
    <message>
        <source>silicone</source>
        <translation>Silikon</translation>
    </message>
    <message>
        <source>plastic</source>
        <translation>Kunststoff</translation>
    </message>
    <message>
        <source>acrylic</source>
        <translation>Acryl</translation>
    </message>
    <message>
        <source>card</source>
        <translation>Karton</translation>
    </message>
    <message>
        <source>ceramic</source>
        <translation>Keramik</translation>
    </message>
    <message>
        <source>plastic pipe</source>
        <translation>Kunststoffrohr</translation>
    </message>
    <message>
        <source>wood with a silicone liner</source>
        <translation>Holz mit Silikoneinlage</translation>
    </message>
    <message>
        <source>open, in the room</source>
        <translation>offen, im Raum</translation>
    </message>
    <message>
        <source>lid only</source>
        <translation>nur Deckel</translation>
    </message>
    <message>
        <source>lid and towel</source>
        <translation>Deckel und Tuch</translation>
    </message>
    <message>
        <source>insulated box</source>
        <translation>gedämmte Kiste</translation>
    </message>
    <message>
        <source>fridge</source>
        <translation>Kühlschrank</translation>
    </message>
    <message>
        <source>freezer</source>
        <translation>Gefrierschrank</translation>
    </message>
    <message>
        <source>warm oven</source>
        <translation>warmer Ofen</translation>
    </message>
    <message>
        <source>emulsion</source>
        <translation>Emulsion</translation>
    </message>
    <message>
        <source>light trace</source>
        <translation>leichtes Zeichnen</translation>
    </message>
    <message>
        <source>medium trace</source>
        <translation>mittleres Zeichnen</translation>
    </message>
    <message>
        <source>thick trace</source>
        <translation>starkes Zeichnen</translation>
    </message>
    <message>
        <source>as this formula says</source>
        <translation>wie diese Formel sagt</translation>
    </message>
    <message>
        <source>both at room temperature</source>
        <translation>beide bei Raumtemperatur</translation>
    </message>
    <message>
        <source>both near body warmth</source>
        <translation>beide etwa handwarm</translation>
    </message>
    <message>
        <source>both warm</source>
        <translation>beide warm</translation>
    </message>
    <message>
        <source>anywhere clear, close together</source>
        <translation>irgendwo klar, nah beieinander</translation>
    </message>
    <message>
        <source>hot, for a cook</source>
        <translation>heiß, zum Kochen</translation>
    </message>
    <message>
        <source>Jug</source>
        <translation>Krug</translation>
    </message>
    <message>
        <source>Pot</source>
        <translation>Topf</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Seifenleim</translation>
    </message>
    <message>
        <source>Middle of the mould</source>
        <translation>Mitte der Form</translation>
    </message>
    <message>
        <source>Top of the mould</source>
        <translation>Oberseite der Form</translation>
    </message>
    <message>
        <source>warm, no gel to be seen</source>
        <translation>warm, kein Gel zu sehen</translation>
    </message>
    <message>
        <source>gel in the middle</source>
        <translation>Gel in der Mitte</translation>
    </message>
    <message>
        <source>gelled right through</source>
        <translation>ganz durchgegelt</translation>
    </message>
    <message>
        <source>cracked</source>
        <translation>gerissen</translation>
    </message>
    <message>
        <source>rising</source>
        <translation>steigt</translation>
    </message>
    <message>
        <source>took the covers off</source>
        <translation>Abdeckungen weggenommen</translation>
    </message>
    <message>
        <source>set a fan on it</source>
        <translation>einen Ventilator darauf gerichtet</translation>
    </message>
    <message>
        <source>put it in the fridge</source>
        <translation>in den Kühlschrank gestellt</translation>
    </message>
    <message>
        <source>has cooled</source>
        <translation>ist abgekühlt</translation>
    </message>
</context>
<context>
    <name>Help</name>
    <message>
        <source>F1 opens the page of the manual that is about this.</source>
        <translation>F1 öffnet die Seite des Handbuchs, die davon handelt.</translation>
    </message>
</context>
<context>
    <name>JournalCommands</name>
    <message>
        <source>there is no such file.</source>
        <translation>es gibt keine solche Datei.</translation>
    </message>
    <message>
        <source>more than one batch begins so: write more of it.</source>
        <translation>mehr als eine Charge beginnt so: schreib mehr davon.</translation>
    </message>
    <message>
        <source>there is no such batch.</source>
        <translation>es gibt keine solche Charge.</translation>
    </message>
    <message>
        <source>journal show takes a journal and a batch.</source>
        <translation>journal show nimmt ein Tagebuch und eine Charge.</translation>
    </message>
    <message>
        <source>--format takes csv, events or ics.</source>
        <translation>--format nimmt csv, events oder ics.</translation>
    </message>
    <message>
        <source>journal compare takes a journal and two to six batches.</source>
        <translation>journal compare nimmt ein Tagebuch und zwei bis sechs Chargen.</translation>
    </message>
    <message>
        <source>journal backup --check takes a backup.</source>
        <translation>journal backup --check nimmt eine Sicherung.</translation>
    </message>
    <message>
        <source>journal backup takes the folder of the data and a file to write.</source>
        <translation>journal backup nimmt den Ordner der Daten und eine Datei zum Schreiben.</translation>
    </message>
    <message>
        <source>there is no such folder.</source>
        <translation>es gibt keinen solchen Ordner.</translation>
    </message>
    <message>
        <source>journal unpack takes a backup and a folder that is not there yet.</source>
        <translation>journal unpack nimmt eine Sicherung und einen Ordner, den es noch nicht gibt.</translation>
    </message>
    <message>
        <source>%1: batches %2, events %3, photographs %4
</source>
        <translation>%1: Chargen %2, Ereignisse %3, Fotos %4
</translation>
    </message>
    <message>
        <source>journal takes list, show, export, compare, due, backup, unpack, server or exchange.</source>
        <translation>journal nimmt list, show, export, compare, due, backup, unpack, server oder exchange.</translation>
    </message>
    <message>
        <source>“%1” is nothing the journal does.</source>
        <translation>„%1“ kann das Tagebuch nicht.</translation>
    </message>
    <message>
        <source>journal %1 takes a journal file, or the address of a server.</source>
        <translation>journal %1 nimmt eine Tagebuchdatei oder die Adresse eines Servers.</translation>
    </message>
    <message>
        <source>  journal list JOURNAL [--find &quot;milk, cracked, last winter&quot;] [--json]
  journal show JOURNAL BATCH [--fittings FILE] [--json]   a batch by its id or its code
  journal export JOURNAL [--format csv|events|ics]        to the standard output
  journal compare JOURNAL BATCH BATCH ... [--json]        two to six side by side
  journal due JOURNAL [--fittings FILE]                   the next two months
  journal backup FOLDER FILE [--force] | --check FILE     all data in one file, tried
  journal unpack FILE FOLDER                              into a folder of its own
  journal server init|check ADDRESS                       one journal for several benches
  journal exchange JOURNAL ADDRESS                        with a server, once
  (list, show, export, compare and due take an ADDRESS in the place of a JOURNAL, too)
</source>
        <translation>  journal list JOURNAL [--find &quot;milch, gerissen, letzten winter&quot;] [--json]
  journal show JOURNAL CHARGE [--fittings FILE] [--json]  eine Charge nach Id oder Nummer
  journal export JOURNAL [--format csv|events|ics]        auf die Standardausgabe
  journal compare JOURNAL CHARGE CHARGE ... [--json]      zwei bis sechs nebeneinander
  journal due JOURNAL [--fittings FILE]                   die nächsten zwei Monate
  journal backup ORDNER FILE [--force] | --check FILE     alle Daten in einer Datei, geprüft
  journal unpack FILE ORDNER                              in einen eigenen Ordner
  journal server init|check ADRESSE                       ein Tagebuch für mehrere Werkbänke
  journal exchange JOURNAL ADRESSE                        mit einem Server, einmal
  (list, show, export, compare und due nehmen auch eine ADRESSE statt eines JOURNAL)
</translation>
    </message>
    <message>
        <source>it is the code of more than one batch; say which: %1</source>
        <translation>das ist die Nummer mehrerer Chargen; sag, welche: %1</translation>
    </message>
</context>
<context>
    <name>Label</name>
    <message>
        <source>no INCI name is known</source>
        <translation>kein INCI-Name bekannt</translation>
    </message>
    <message>
        <source>Give it one</source>
        <translation>Gib ihm einen</translation>
    </message>
    <message>
        <source>Net weight</source>
        <translation>Nettogewicht</translation>
    </message>
    <message>
        <source>Not known: write down how many bars were cut, or weigh them.</source>
        <translation>Nicht bekannt: schreib auf, wie viele Stücke geschnitten wurden, oder wiege sie.</translation>
    </message>
    <message>
        <source>On the label</source>
        <translation>Auf dem Etikett</translation>
    </message>
    <message>
        <source>proposed: the low bound of what a bar settles at, rounded down to 5 g</source>
        <translation>vorgeschlagen: das Untere dessen, wobei ein Stück bleibt, auf 5 g abgerundet</translation>
    </message>
    <message>
        <source>Weighed bars</source>
        <translation>Gewogene Stücke</translation>
    </message>
    <message>
        <source>By the average system</source>
        <translation>Nach dem Mittelwertprinzip</translation>
    </message>
    <message>
        <source>By the minimum system</source>
        <translation>Nach dem Mindestmengenprinzip</translation>
    </message>
    <message>
        <source>met</source>
        <translation>erfüllt</translation>
    </message>
    <message>
        <source>not met</source>
        <translation>nicht erfüllt</translation>
    </message>
    <message>
        <source>of %1 weighed: mean %2, lightest %3, %4 lighter by more than %5</source>
        <translation>von %1 gewogenen: Mittel %2, leichtestes %3, %4 um mehr als %5 leichter</translation>
    </message>
    <message>
        <source>Soap goes on losing water in its paper: weigh on the day of packing.</source>
        <translation>Seife verliert auch im Papier noch Wasser: wiege am Tag des Verpackens.</translation>
    </message>
    <message>
        <source>%1 g</source>
        <translation>%1 g</translation>
    </message>
    <message>
        <source>Label of %1</source>
        <translation>Etikett von %1</translation>
    </message>
    <message>
        <source>Batch code</source>
        <translation>Chargennummer</translation>
    </message>
    <message>
        <source>give it one</source>
        <translation>gib ihr eine</translation>
    </message>
    <message>
        <source>Who answers for it</source>
        <translation>Wer dafür einsteht</translation>
    </message>
    <message>
        <source>name and place, as local law wants it</source>
        <translation>Name und Ort, wie es das Recht vor Ort will</translation>
    </message>
    <message>
        <source>Ingredients as added</source>
        <translation>Bestandteile wie zugegeben</translation>
    </message>
    <message>
        <source>By weight at the time of adding; Regulation (EC) 1223/2009, article 19, from memory. Below 1 % any order is allowed.</source>
        <translation>Nach Gewicht zum Zeitpunkt der Zugabe; Verordnung (EG) Nr. 1223/2009, Artikel 19, aus dem Gedächtnis. Unter 1 % ist jede Reihenfolge erlaubt.</translation>
    </message>
    <message>
        <source>Ingredients as in the finished soap</source>
        <translation>Bestandteile wie in der fertigen Seife</translation>
    </message>
    <message>
        <source>By mass balance: what reacted is named as soap, what did not under its own name.</source>
        <translation>Nach Massenbilanz: was reagiert hat, steht als Seife da, was nicht, unter eigenem Namen.</translation>
    </message>
    <message>
        <source>Law and assessor</source>
        <translation>Recht und Sicherheitsbewertung</translation>
    </message>
    <message>
        <source>Ingredients: %1.</source>
        <translation>Bestandteile: %1.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; speaks of healing: that can make it another kind of product in law.</source>
        <translation>„%1“ spricht von Heilen: das kann sie rechtlich zu einem anderen Produkt machen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not follow from any sum here.</source>
        <translation>„%1“ folgt aus keiner Rechnung hier.</translation>
    </message>
    <message>
        <source>its herb belongs on the label too: give the oil its own name, with the herb&apos;s extract</source>
        <translation>sein Kraut gehört auch aufs Etikett: gib dem Öl einen eigenen Namen, mit dem Auszug des Krauts</translation>
    </message>
    <message>
        <source>Made by hand and rested for weeks, so that it is hard and lasts. Keep it dry between uses, on a dish that drains. In hard water soap leaves a little scum: rinse well, a splash of vinegar in the last rinse water helps a basin. It may change colour and lose a little weight with time. Keep it out of the eyes.</source>
        <translation>Von Hand gemacht und wochenlang gereift, damit sie hart ist und lange hält. Lass sie zwischendurch trocknen, auf einer Schale mit Abfluss. In hartem Wasser lässt Seife etwas Kalkseife zurück: gut nachspülen, im Becken hilft ein Schuss Essig im letzten Wasser. Mit der Zeit kann sich die Farbe ändern und etwas Gewicht verloren gehen. Nicht in die Augen bringen.</translation>
    </message>
</context>
<context>
    <name>LabelSheet</name>
    <message>
        <source>Net weight %1 when packed</source>
        <translation>Nettogewicht %1 beim Verpacken</translation>
    </message>
    <message>
        <source>Batch %1</source>
        <translation>Charge %1</translation>
    </message>
</context>
<context>
    <name>Lexicon</name>
    <message>
        <source>g|gram|grams|gm|gms|gr|grs</source>
        <translation>g|gramm|gr</translation>
    </message>
    <message>
        <source>kg|kilogram|kilograms|kilo|kilos</source>
        <translation>kg|kilogramm|kilo</translation>
    </message>
    <message>
        <source>oz|ounce|ounces</source>
        <translation>oz|unze|unzen</translation>
    </message>
    <message>
        <source>lb|lbs|pound|pounds|#</source>
        <translation>lb|lbs|pound|pounds|#</translation>
    </message>
    <message>
        <source>% of batter</source>
        <translation>% vom seifenleim|% des seifenleims|% vom leim</translation>
    </message>
    <message>
        <source>% of liquid|% of the liquid</source>
        <translation>% der flüssigkeit|% flüssigkeit</translation>
    </message>
    <message>
        <source>%|% of oils</source>
        <translation>%|% der öle|% der fette|% von den ölen|% gfm</translation>
    </message>
    <message>
        <source>heaped tbsp|heaped tablespoon|heaped tablespoons|tbsp heaped|heaping tbsp|heaping tablespoon|heaping tablespoons|rounded tbsp|rounded tablespoon|rounded tablespoons</source>
        <translation>gehäufter el|gehäufte el|gehäufter esslöffel|gehäufte esslöffel|geh. el|el gehäuft|esslöffel gehäuft</translation>
    </message>
    <message>
        <source>tbsp|tablespoon|tablespoons|tbs|tbsps</source>
        <translation>el|esslöffel|gestrichener el|gestrichene el|gestrichener esslöffel|gestrichene esslöffel|tbsp</translation>
    </message>
    <message>
        <source>heaped tsp|heaped teaspoon|heaped teaspoons|tsp heaped|heaping tsp|heaping teaspoon|heaping teaspoons|rounded tsp|rounded teaspoon|rounded teaspoons</source>
        <translation>gehäufter tl|gehäufte tl|gehäufter teelöffel|gehäufte teelöffel|geh. tl|tl gehäuft|teelöffel gehäuft</translation>
    </message>
    <message>
        <source>tsp|teaspoon|teaspoons|tsps</source>
        <translation>tl|teelöffel|gestrichener tl|gestrichene tl|gestrichener teelöffel|gestrichene teelöffel|tsp</translation>
    </message>
    <message>
        <source>cup|cups</source>
        <translation>tasse|tassen|cup|cups</translation>
    </message>
    <message>
        <source>drop|drops</source>
        <translation>tropfen|tr.</translation>
    </message>
    <message>
        <source>ml|millilitres|millilitre|milliliters|cc</source>
        <translation>ml|milliliter|cc</translation>
    </message>
    <message>
        <source>dl|decilitres|decilitre</source>
        <translation>dl|deziliter</translation>
    </message>
    <message>
        <source>l|litre|litres|liter|liters</source>
        <translation>l|liter</translation>
    </message>
    <message>
        <source>fl oz|fl. oz|fluid ounce|fluid ounces</source>
        <translation>fl oz|fl. oz|flüssigunze|flüssigunzen</translation>
    </message>
    <message>
        <source>piece|pieces</source>
        <translation>stück|stk|stk.</translation>
    </message>
    <message>
        <source>pinch|pinches</source>
        <translation>prise|prisen</translation>
    </message>
    <message>
        <source>dash|dashes</source>
        <translation>messerspitze|messerspitzen|msp|msp.</translation>
    </message>
    <message>
        <source>handful|handfuls</source>
        <translation>handvoll|hand voll</translation>
    </message>
    <message>
        <source>in the lye jug|in the jug</source>
        <translation>in den laugenkrug|in den krug|im krug|im laugenkrug|in die lauge</translation>
    </message>
    <message>
        <source>in the second jug</source>
        <translation>in den zweiten krug|im zweiten krug</translation>
    </message>
    <message>
        <source>in the oil pot|in the pot|in the oils</source>
        <translation>in den fetttopf|in den topf|in die öle|in die fette|im topf</translation>
    </message>
    <message>
        <source>at emulsion</source>
        <translation>zur emulsion|bei emulsion|in die emulsion</translation>
    </message>
    <message>
        <source>at trace</source>
        <translation>beim zeichnen|beim andicken|in die puddingphase|zum zeichnen</translation>
    </message>
    <message>
        <source>after the cook|after cook</source>
        <translation>nach dem kochen|nach dem sieden</translation>
    </message>
    <message>
        <source>on top</source>
        <translation>obenauf|oben auf|obendrauf</translation>
    </message>
    <message>
        <source>half a|half an|a half|half|one half</source>
        <translation>ein halber|eine halbe|ein halbes|einen halben|halbe|halber|halbes|ein halb</translation>
    </message>
    <message>
        <source>a quarter|quarter|quarter of a|a quarter of a</source>
        <translation>ein viertel|viertel|einen viertel</translation>
    </message>
    <message>
        <source>a|an|one</source>
        <translation>ein|eine|einen|einer|eins</translation>
    </message>
    <message>
        <source>two</source>
        <translation>zwei</translation>
    </message>
    <message>
        <source>three</source>
        <translation>drei</translation>
    </message>
    <message>
        <source>four</source>
        <translation>vier</translation>
    </message>
    <message>
        <source>five</source>
        <translation>fünf</translation>
    </message>
    <message>
        <source>six</source>
        <translation>sechs</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>rest|der rest</translation>
    </message>
    <message>
        <source>frozen</source>
        <translation>gefroren</translation>
    </message>
    <message>
        <source>dissolved</source>
        <translation>gelöst|aufgelöst</translation>
    </message>
    <message>
        <source>level</source>
        <translation>gestrichen|gestrichener|gestrichene</translation>
    </message>
    <message>
        <source>of</source>
        <translation>von|vom|der|des</translation>
    </message>
    <message>
        <source>per</source>
        <translation>pro|je|auf</translation>
    </message>
    <message>
        <source>oils|oil</source>
        <translation>öle|öl|fett|fette|ölen|fetten</translation>
    </message>
    <message>
        <source>fragrance|fragrance oil|essential oil|eo|fo|perfume|scent|absolute</source>
        <translation>duft|duftöl|parfümöl|parfum|parfüm|ätherisches öl|äö|pö|absolue|fragrance|eo|fo</translation>
    </message>
    <message>
        <source>mica|oxide|pigment|colour|color|colorant|dye|lake|ultramarine</source>
        <translation>mica|oxid|pigment|farbe|farbstoff|lack|ultramarin</translation>
    </message>
    <message>
        <source>juice|puree|milk|tea|water|infusion|yogurt|gel|beer|wine|hydrosol</source>
        <translation>saft|püree|milch|tee|wasser|aufguss|joghurt|gel|bier|wein|hydrolat</translation>
    </message>
    <message>
        <source>powder|flour|clay|seeds|seed|petals|leaf|leaves|root|flakes|bran|meal</source>
        <translation>pulver|mehl|tonerde|ton|samen|saat|blüten|blätter|blatt|wurzel|flocken|kleie|schrot</translation>
    </message>
    <message>
        <source>oil|butter|tallow|lard|fat</source>
        <translation>öl|butter|talg|schmalz|fett</translation>
    </message>
    <message>
        <source>salt</source>
        <translation>salz</translation>
    </message>
    <message>
        <source>sugar|syrup|honey|nectar</source>
        <translation>zucker|sirup|honig|nektar</translation>
    </message>
    <message>
        <source>acid</source>
        <translation>säure</translation>
    </message>
    <message>
        <source>ppo</source>
        <translation>ppo</translation>
    </message>
    <message>
        <source>about|approx.|approx|ca.|ca|around</source>
        <translation>etwa|ca.|ca|circa|ungefähr|rund</translation>
    </message>
    <message>
        <source>baby*|babies|child*</source>
        <translation>baby*|kind|kinder*|säugling*</translation>
    </message>
    <message>
        <source>ph</source>
        <translation>ph</translation>
    </message>
    <message>
        <source>discount|reduction|reduced</source>
        <translation>reduzierung|reduktion|reduziert|discount</translation>
    </message>
    <message>
        <source>lye discount|water reduction|water discount|lye reduction</source>
        <translation>laugenreduzierung|wasserreduzierung|laugenunterschuss|wasserreduktion|laugenreduktion</translation>
    </message>
    <message>
        <source>metric pound|metric pounds</source>
        <translation>pfund|pfd|pfd.</translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>Start with the demo workshop, apart from your own data.</source>
        <translation>Mit der Schauwerkstatt beginnen, getrennt von den eigenen Daten.</translation>
    </message>
    <message>
        <source>Write a picture of every main view to a folder and end.</source>
        <translation>Ein Bild jeder Hauptansicht in einen Ordner schreiben und enden.</translation>
    </message>
    <message>
        <source>Use dark colours.</source>
        <translation>Dunkle Farben nehmen.</translation>
    </message>
    <message>
        <source>A soapmaker’s bench: formulas, lye and liquid, making, journal.</source>
        <translation>Die Werkbank zum Seifesieden: Formeln, Lauge und Flüssigkeit, Sieden, Tagebuch.</translation>
    </message>
    <message>
        <source>Formulas to open, each in a window of its own.</source>
        <translation>Formeln zum Öffnen, jede in einem eigenen Fenster.</translation>
    </message>
    <message>
        <source>The backup is in place. What was here before is kept in %1.</source>
        <translation>Die Sicherung ist an ihrem Platz. Was vorher hier war, liegt in %1.</translation>
    </message>
    <message>
        <source>Speak this language this time, such as de.</source>
        <translation>Diesmal diese Sprache sprechen, etwa de.</translation>
    </message>
</context>
<context>
    <name>Making</name>
    <message>
        <source>there is no such file.</source>
        <translation>es gibt keine solche Datei.</translation>
    </message>
    <message>
        <source>--mould takes a shape like loaf:240x80x70, in mm.</source>
        <translation>--mould nimmt eine Form wie loaf:240x80x70, in mm.</translation>
    </message>
    <message>
        <source>--left takes a material of the formula and its grams, like olive-oil=300: “%1”.</source>
        <translation>--left nimmt einen Rohstoff der Formel und seine Gramm, wie olive-oil=300: „%1“.</translation>
    </message>
    <message>
        <source>Scaled to %1 of it; %2 runs out first.</source>
        <translation>Auf %1 davon skaliert; %2 geht zuerst aus.</translation>
    </message>
    <message>
        <source>Scaled to %1 of it for those bars.
</source>
        <translation>Auf %1 davon skaliert, für diese Stücke.
</translation>
    </message>
    <message>
        <source>--hardness takes soft, middling, hard, or a figure with its unit: 250, “14 german”, “2.5 mmol/l”.</source>
        <translation>--hardness nimmt soft, middling, hard oder eine Zahl mit Einheit: 250, „14 german“, „2.5 mmol/l“.</translation>
    </message>
    <message>
        <source>--offer takes the id of an oil: see rhexion-cli materials --json.</source>
        <translation>--offer nimmt die Id eines Öls: siehe rhexion-cli materials --json.</translation>
    </message>
    <message>
        <source>“%1” is no wish. One is “lauric-myristic 22..24”, “iodine ..62”, “superfat 5”, “oil:coconut-oil ..35”.</source>
        <translation>„%1“ ist kein Wunsch. Einer ist „lauric-myristic 22..24“, „iodine ..62“, „superfat 5“, „oil:coconut-oil ..35“.</translation>
    </message>
    <message>
        <source>with the others: %1</source>
        <translation>mit den anderen: %1</translation>
    </message>
    <message>
        <source>All of it is in per cent: say how much oil, or which mould.
</source>
        <translation>Alles steht in Prozent: sag, wie viel Öl, oder welche Form.
</translation>
    </message>
    <message>
        <source>“%1” is not on the shelf.</source>
        <translation>„%1“ steht nicht im Regal.</translation>
    </message>
    <message>
        <source>heat takes jug, meet, mould or cook, and one file.</source>
        <translation>heat nimmt jug, meet, mould oder cook und eine Datei.</translation>
    </message>
    <message>
        <source>day takes one formula, or two that share a bench.</source>
        <translation>day nimmt eine Formel oder zwei, die sich eine Werkbank teilen.</translation>
    </message>
    <message>
        <source>--pour-at takes a time such as 15:00.</source>
        <translation>--pour-at nimmt eine Uhrzeit wie 15:00.</translation>
    </message>
    <message>
        <source>%1 takes one file.</source>
        <translation>%1 nimmt eine Datei.</translation>
    </message>
    <message>
        <source>  rhexion-cli mould FILE [--mould SHAPE] [--bars N [--cured G]] [--left M=G...]
      [--fittings F] [--json]
      whether it fits, how high it stands, bars; SHAPE like loaf:240x80x70 in mm,
      slab, column, tube, dome, free:ML, six of one as 6*dome:70x35
  rhexion-cli scent FILE [--fittings F] [--journal J] [--json]
      each scent on every basis, limits, allergens, flash point, how often tried
  rhexion-cli blend FILE [--json]
      fatty acids with their bands and what they do; salt and sugar
  rhexion-cli water FILE [--hardness H] [--dose G] [--json]
      what hard water does; H soft, middling, hard, 250, “14 german”
  rhexion-cli working FILE [--journal J] [--json]
      how long it stays fluid; when to unmould, cut and stamp; J, a journal,
      corrects it by batches made
  rhexion-cli heat jug|meet|mould|cook FILE [--fittings F] [--journal J] [--json]
      an estimate of how warm it gets, with its band; F has your usual room, jug
      and covers, for a formula without a plan of its own
  rhexion-cli day FILE [FILE] [--pour-at TIME | --within HOURS] [--fittings F] [--json]
      what to do when, from the days before to when it is ready; two formulas share
      one bench; TIME like 15:00 or 2026-11-28T15:00
  rhexion-cli solve FILE --wish W... [--offer OIL...] [--at-most N] [--no-guards] [--json]
      the least change that meets every wish, or which cannot stand together;
      W like “lauric-myristic 22..24”, “iodine ..62”, “oil:coconut-oil ..35”
  rhexion-cli parse TEXT [--json]
      a recipe as people write it, line by line; TEXT - reads stdin
  rhexion-cli formula TEXT [--answer LINE=ANSWER...] [-o FILE.rhexion [--force]]
      a recipe as people write it, as a formula; what is not certain is asked first
  rhexion-cli text FILE [--markdown]
      a formula as plain text, or as a Markdown table
</source>
        <translation>  rhexion-cli mould FILE [--mould FORM] [--bars N [--cured G]] [--left M=G...]
      [--fittings F] [--json]
      ob sie passt, wie hoch sie steht, Stücke; FORM wie loaf:240x80x70 in mm,
      slab, column, tube, dome, free:ML, sechs gleiche als 6*dome:70x35
  rhexion-cli scent FILE [--fittings F] [--journal J] [--json]
      jeder Duft in jeder Bezugsgröße, Grenzen, Allergene, Flammpunkt, Versuche
  rhexion-cli blend FILE [--json]
      Fettsäuren mit ihren Bändern und was sie tun; Salz und Zucker
  rhexion-cli water FILE [--hardness H] [--dose G] [--json]
      was hartes Wasser tut; H soft, middling, hard, 250, “14 german”
  rhexion-cli working FILE [--journal J] [--json]
      wie lange sie flüssig bleibt; wann ausformen, schneiden, stempeln; J, ein
      Tagebuch, berichtigt es nach gesiedeten Chargen
  rhexion-cli heat jug|meet|mould|cook FILE [--fittings F] [--journal J] [--json]
      eine Schätzung, wie warm es wird, mit ihrem Band; F hat den üblichen Raum,
      Krug und Abdeckungen für eine Formel ohne eigenen Plan
  rhexion-cli day FILE [FILE] [--pour-at TIME | --within STUNDEN] [--fittings F] [--json]
      was wann zu tun ist, von den Tagen davor bis fertig; zwei Formeln teilen
      sich eine Werkbank; TIME wie 15:00 oder 2026-11-28T15:00
  rhexion-cli solve FILE --wish W... [--offer ÖL...] [--at-most N] [--no-guards] [--json]
      die kleinste Änderung, die jeden Wunsch erfüllt, oder welche nicht zusammengehen;
      W wie “lauric-myristic 22..24”, “iodine ..62”, “oil:coconut-oil ..35”
  rhexion-cli parse TEXT [--json]
      ein Rezept, wie Leute es schreiben, Zeile für Zeile; TEXT - liest stdin
  rhexion-cli formula TEXT [--answer ZEILE=ANTWORT...] [-o FILE.rhexion [--force]]
      ein Rezept, wie Leute es schreiben, als Formel; was nicht sicher ist, wird
      vorher gefragt
  rhexion-cli text FILE [--markdown]
      eine Formel als reiner Text oder als Markdown-Tabelle
</translation>
    </message>
</context>
<context>
    <name>MaterialPage</name>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>What %1 of it does</source>
        <translation>Was %1 davon tun</translation>
    </message>
    <message>
        <source>Lye: brings %1 of pure hydroxide.</source>
        <translation>Alkali: bringt %1 reines Hydroxid.</translation>
    </message>
    <message>
        <source>Lye: takes %1 of sodium hydroxide, or %2 of potassium hydroxide, before any superfat.</source>
        <translation>Alkali: nimmt %1 Natriumhydroxid oder %2 Kaliumhydroxid auf, vor jeder Überfettung.</translation>
    </message>
    <message>
        <source>Lye: its hidden fat can take %1 of sodium hydroxide, or %2 of potassium hydroxide.</source>
        <translation>Alkali: ihr verborgenes Fett kann %1 Natriumhydroxid oder %2 Kaliumhydroxid aufnehmen.</translation>
    </message>
    <message>
        <source>Lye: what its acids take is not known. Titrate it, or treat it as 0 to %1 of sodium hydroxide.</source>
        <translation>Alkali: was ihre Säuren aufnehmen, ist nicht bekannt. Titriere sie oder rechne mit 0 bis %1 Natriumhydroxid.</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>Lye: its acids take %1 of sodium hydroxide, or %2 of potassium hydroxide.</source>
        <translation>Alkali: ihre Säuren nehmen %1 Natriumhydroxid oder %2 Kaliumhydroxid auf.</translation>
    </message>
    <message>
        <source>Lye: takes none.</source>
        <translation>Alkali: nimmt keines auf.</translation>
    </message>
    <message>
        <source>Water: brings %1.</source>
        <translation>Wasser: bringt %1.</translation>
    </message>
    <message>
        <source>Water: brings none.</source>
        <translation>Wasser: bringt keines.</translation>
    </message>
    <message>
        <source>In the pot</source>
        <translation>Im Topf</translation>
    </message>
    <message>
        <source>the shelf says %1 less than you used: count it</source>
        <translation>das Regal sagt %1 weniger, als du gebraucht hast: zähle nach</translation>
    </message>
    <message>
        <source>%1 left, %2 weighed out of it</source>
        <translation>%1 übrig, %2 daraus abgewogen</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>%1 übrig</translation>
    </message>
    <message>
        <source>Lots</source>
        <translation>Lose</translation>
    </message>
    <message>
        <source>made %1</source>
        <translation>gemacht %1</translation>
    </message>
    <message>
        <source>came %1</source>
        <translation>gekommen %1</translation>
    </message>
    <message>
        <source>price %1</source>
        <translation>Preis %1</translation>
    </message>
    <message>
        <source>best before %1</source>
        <translation>mindestens haltbar bis %1</translation>
    </message>
    <message>
        <source> (in use)</source>
        <translation> (in Gebrauch)</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>Bearbeiten</translation>
    </message>
    <message>
        <source>Open again</source>
        <translation>Wieder öffnen</translation>
    </message>
    <message>
        <source>It is used up</source>
        <translation>Es ist aufgebraucht</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>your lot: %1</source>
        <translation>dein Los: %1</translation>
    </message>
    <message>
        <source>not counted: the titratable acidity stands for it</source>
        <translation>nicht gezählt: die titrierbare Säure steht dafür</translation>
    </message>
    <message>
        <source>None: nothing in it that lye or water takes notice of.</source>
        <translation>Keine: nichts darin, was Lauge oder Wasser etwas angeht.</translation>
    </message>
    <message>
        <source>By the spoon</source>
        <translation>Mit dem Löffel</translation>
    </message>
    <message>
        <source>1 %1 = %2</source>
        <translation>1 %1 = %2</translation>
    </message>
    <message>
        <source>Where it was used</source>
        <translation>Wo es gebraucht wurde</translation>
    </message>
    <message>
        <source>On the bench now.</source>
        <translation>Gerade auf der Werkbank.</translation>
    </message>
    <message>
        <source>Nowhere yet.</source>
        <translation>Noch nirgends.</translation>
    </message>
    <message>
        <source>A batch without a name</source>
        <translation>Eine Charge ohne Namen</translation>
    </message>
    <message numerus="yes">
        <source>and %n earlier batch(es)</source>
        <translation>
            <numerusform>und %n frühere Charge</numerusform>
            <numerusform>und %n frühere Chargen</numerusform>
        </translation>
    </message>
    <message>
        <source>Your word for it: “%1”</source>
        <translation>Dein Wort dafür: „%1“</translation>
    </message>
    <message>
        <source>Forget it</source>
        <translation>Vergessen</translation>
    </message>
</context>
<context>
    <name>Meaning</name>
    <message>
        <source>“%1” is the name of several. Which one?</source>
        <translation>„%1“ heißen mehrere. Welcher ist es?</translation>
    </message>
    <message>
        <source>Which one do you mean by “%1”?</source>
        <translation>Was meinst du mit „%1“?</translation>
    </message>
    <message>
        <source>“%1” is not on the shelf</source>
        <translation>„%1“ ist nicht im Regal</translation>
    </message>
</context>
<context>
    <name>Measuring</name>
    <message>
        <source>Your scale shows steps of</source>
        <translation>Deine Waage zeigt Schritte von</translation>
    </message>
    <message>
        <source>Dry it down: how much is water</source>
        <translation>Eintrocknen: wie viel ist Wasser</translation>
    </message>
    <message>
        <source>Weigh an empty dish, then the dish with about 20 g of it. Dry it in the oven at 105 °C, or on a low heat, until two weighings are alike; let it cool covered, and weigh it again. Not for vinegar, beer or wine: more than water leaves them.</source>
        <translation>Wiege eine leere Schale, dann die Schale mit etwa 20 g davon. Trockne sie im Ofen bei 105 °C oder bei kleiner Hitze, bis zwei Wägungen gleich sind; lass sie zugedeckt abkühlen und wiege sie noch einmal. Nicht für Essig, Bier oder Wein: aus ihnen geht mehr als Wasser.</translation>
    </message>
    <message>
        <source>Dish, empty</source>
        <translation>Schale, leer</translation>
    </message>
    <message>
        <source>Dish with it, wet</source>
        <translation>Schale damit, nass</translation>
    </message>
    <message>
        <source>Dish with it, dry</source>
        <translation>Schale damit, trocken</translation>
    </message>
    <message>
        <source>Dried down in the kitchen</source>
        <translation>In der Küche eingetrocknet</translation>
    </message>
    <message>
        <source>Refractometer: how much is water</source>
        <translation>Refraktometer: wie viel ist Wasser</translation>
    </message>
    <message>
        <source>Strain a little and put a drop on the glass. What is dissolved counts as sugar; what you strained off is the insoluble part (a juice has none, a fine puree about 2 %).</source>
        <translation>Seihe etwas ab und gib einen Tropfen auf das Glas. Gelöstes zählt als Zucker; was du abgeseiht hast, ist das Unlösliche (ein Saft hat keines, ein feines Püree etwa 2 %).</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>°Bx</source>
        <translation>°Bx</translation>
    </message>
    <message>
        <source>Its temperature</source>
        <translation>Seine Temperatur</translation>
    </message>
    <message>
        <source>It corrects for temperature itself</source>
        <translation>Es gleicht die Temperatur selbst aus</translation>
    </message>
    <message>
        <source>Insoluble part</source>
        <translation>Unlöslicher Teil</translation>
    </message>
    <message>
        <source>By refractometer</source>
        <translation>Mit dem Refraktometer</translation>
    </message>
    <message>
        <source>Weigh about 10 g of it into 50 ml of water with three drops of phenolphthalein. Add the lye solution from a syringe, drop by drop, until a faint pink stays for half a minute. Do it three times. Goggles and gloves, as with any lye.</source>
        <translation>Wiege etwa 10 g davon in 50 ml Wasser mit drei Tropfen Phenolphthalein. Gib die Laugenlösung aus einer Spritze Tropfen um Tropfen dazu, bis ein schwaches Rosa eine halbe Minute bleibt. Dreimal. Schutzbrille und Handschuhe, wie bei jeder Lauge.</translation>
    </message>
    <message>
        <source>Sample</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>Solution</source>
        <translation>Lösung</translation>
    </message>
    <message>
        <source>ml</source>
        <translation>ml</translation>
    </message>
    <message>
        <source>Titrate its acids, with a bought solution</source>
        <translation>Ihre Säuren titrieren, mit gekaufter Lösung</translation>
    </message>
    <message>
        <source>Strength of the solution</source>
        <translation>Stärke der Lösung</translation>
    </message>
    <message>
        <source>mol/l</source>
        <translation>mol/l</translation>
    </message>
    <message>
        <source>Titrated with a bought solution</source>
        <translation>Mit einer gekauften Lösung titriert</translation>
    </message>
    <message>
        <source>Titrate its acids, with a solution made at home</source>
        <translation>Ihre Säuren titrieren, mit selbst gemachter Lösung</translation>
    </message>
    <message>
        <source>Dissolve about 4 g of sodium hydroxide in water and fill up to 1 litre: a tenth of a mole. Lye into water, never the reverse. </source>
        <translation>Löse etwa 4 g Natriumhydroxid in Wasser und fülle auf 1 Liter auf: ein Zehntel Mol. Hydroxid ins Wasser, nie umgekehrt. </translation>
    </message>
    <message>
        <source>Sodium hydroxide weighed</source>
        <translation>Natriumhydroxid gewogen</translation>
    </message>
    <message>
        <source>Its purity</source>
        <translation>Seine Reinheit</translation>
    </message>
    <message>
        <source>Filled up to</source>
        <translation>Aufgefüllt auf</translation>
    </message>
    <message>
        <source>Titrated with a solution made at home</source>
        <translation>Mit einer selbst gemachten Lösung titriert</translation>
    </message>
    <message>
        <source>Density, by a cup</source>
        <translation>Dichte, mit einem Becher</translation>
    </message>
    <message>
        <source>Weigh the same small cup three times: empty, filled to the brim with water at room temperature, and filled to the brim with it.</source>
        <translation>Wiege denselben kleinen Becher dreimal: leer, randvoll mit Wasser von Raumtemperatur und randvoll damit.</translation>
    </message>
    <message>
        <source>Cup, empty</source>
        <translation>Becher, leer</translation>
    </message>
    <message>
        <source>Cup with water</source>
        <translation>Becher mit Wasser</translation>
    </message>
    <message>
        <source>Cup with it</source>
        <translation>Becher damit</translation>
    </message>
    <message>
        <source>By the cup, in the kitchen</source>
        <translation>Mit dem Becher, in der Küche</translation>
    </message>
    <message>
        <source>What a spoon, cup or drop weighs</source>
        <translation>Was ein Löffel, eine Tasse oder ein Tropfen wiegt</translation>
    </message>
    <message>
        <source>Put several into one dish and weigh them together: ten spoons level with a knife, or fifty drops from the dropper you will use.</source>
        <translation>Gib mehrere in eine Schale und wiege sie zusammen: zehn mit dem Messer gestrichene Löffel oder fünfzig Tropfen aus dem Tropfer, den du nehmen wirst.</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Maß</translation>
    </message>
    <message>
        <source>teaspoon, level</source>
        <translation>Teelöffel, gestrichen</translation>
    </message>
    <message>
        <source>teaspoon, heaped</source>
        <translation>Teelöffel, gehäuft</translation>
    </message>
    <message>
        <source>tablespoon, level</source>
        <translation>Esslöffel, gestrichen</translation>
    </message>
    <message>
        <source>tablespoon, heaped</source>
        <translation>Esslöffel, gehäuft</translation>
    </message>
    <message>
        <source>cup</source>
        <translation>Tasse</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Tropfen</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>Dish with them</source>
        <translation>Schale mit ihnen</translation>
    </message>
    <message>
        <source>Weighed</source>
        <translation>Gewogen</translation>
    </message>
    <message>
        <source>Purity, by citric acid</source>
        <translation>Reinheit, mit Zitronensäure</translation>
    </message>
    <message>
        <source>Dissolve about 10 g of the hydroxide in water, lye into water, and weigh the whole solution (about 200 g). Weigh about 2 g of citric acid into 50 ml of water with three drops of phenolphthalein. Weigh the lye solution before and after you have dripped in enough for a faint pink that stays. Three times. Goggles, gloves, long sleeves, air.</source>
        <translation>Löse etwa 10 g des Hydroxids in Wasser, Hydroxid ins Wasser, und wiege die ganze Lösung (etwa 200 g). Wiege etwa 2 g Zitronensäure in 50 ml Wasser mit drei Tropfen Phenolphthalein. Wiege die Lauge vor und nach dem Zutropfen, bis ein schwaches Rosa bleibt. Dreimal. Schutzbrille, Handschuhe, lange Ärmel, Luft.</translation>
    </message>
    <message>
        <source>Hydroxide weighed</source>
        <translation>Hydroxid gewogen</translation>
    </message>
    <message>
        <source>Whole solution</source>
        <translation>Ganze Lösung</translation>
    </message>
    <message>
        <source>Citric acid is</source>
        <translation>Zitronensäure ist</translation>
    </message>
    <message>
        <source>monohydrate</source>
        <translation>Monohydrat</translation>
    </message>
    <message>
        <source>anhydrous</source>
        <translation>wasserfrei</translation>
    </message>
    <message>
        <source>Citric acid</source>
        <translation>Zitronensäure</translation>
    </message>
    <message>
        <source>Lye solution</source>
        <translation>Laugenlösung</translation>
    </message>
    <message>
        <source>Titrated against citric acid</source>
        <translation>Gegen Zitronensäure titriert</translation>
    </message>
</context>
<context>
    <name>Mishap</name>
    <message>
        <source>Left so, the bar has a superfat of %1: below 0 it burns skin.</source>
        <translation>So belassen, hat das Stück eine Überfettung von %1: unter 0 verätzt es die Haut.</translation>
    </message>
    <message>
        <source>Left out of the account, strength is %1 and nobody knows why it stays soft.</source>
        <translation>Nicht mitgerechnet liegt die Konzentration bei %1, und niemand weiß, warum sie weich bleibt.</translation>
    </message>
    <message>
        <source>Taken as planned without a scale, the weight is a guess the journal calls a weight.</source>
        <translation>Ohne Waage wie geplant genommen, ist das Gewicht geraten, und das Tagebuch nennt es ein Gewicht.</translation>
    </message>
    <message>
        <source>After %1 the batter stands in the pot, or the lye has cooled past its window.</source>
        <translation>Nach %1 steht der Seifenleim im Topf, oder die Lauge ist an ihrem Fenster vorbei abgekühlt.</translation>
    </message>
    <message>
        <source>At %1 milk sugar browns: an orange jug and a smell of ammonia.</source>
        <translation>Bei %1 wird Milchzucker braun: ein oranger Krug und Geruch nach Ammoniak.</translation>
    </message>
    <message>
        <source>Not poured within %1, it stands in the pot.</source>
        <translation>Nicht binnen %1 gegossen, steht es im Topf.</translation>
    </message>
    <message>
        <source>A bar without it: no colour, no scent, and a cup left on the counter.</source>
        <translation>Ein Stück ohne das: keine Farbe, kein Duft, und ein Becher, der auf dem Tisch steht.</translation>
    </message>
    <message>
        <source>The lye overshoots</source>
        <translation>Zu viel Hydroxid auf der Waage</translation>
    </message>
    <message>
        <source>The scale dies</source>
        <translation>Die Waage stirbt</translation>
    </message>
    <message>
        <source>The phone rings</source>
        <translation>Das Telefon klingelt</translation>
    </message>
    <message>
        <source>The milk scorches</source>
        <translation>Die Milch brennt an</translation>
    </message>
    <message>
        <source>The scent seizes</source>
        <translation>Der Duft zieht schlagartig an</translation>
    </message>
    <message>
        <source>Something is forgotten</source>
        <translation>Etwas wird vergessen</translation>
    </message>
    <message>
        <source>A splash of water</source>
        <translation>Ein Spritzer Wasser</translation>
    </message>
    <message>
        <source>The phone rings. You are back after %1.</source>
        <translation>Das Telefon klingelt. Nach %1 bist du zurück.</translation>
    </message>
    <message>
        <source>The jug turns orange and smells.</source>
        <translation>Der Krug wird orange und riecht.</translation>
    </message>
    <message>
        <source>The batter stiffens under the spoon.</source>
        <translation>Der Seifenleim wird unter dem Löffel steif.</translation>
    </message>
    <message>
        <source>%1 stands on the counter behind the kettle.</source>
        <translation>%1 steht hinter dem Wasserkocher auf dem Tisch.</translation>
    </message>
    <message>
        <source>A splash of rinsing water, about %1, slips into the pot.</source>
        <translation>Ein Spritzer Spülwasser, etwa %1, rutscht in den Topf.</translation>
    </message>
    <message>
        <source>The rehearsal</source>
        <translation>Die Probe</translation>
    </message>
    <message>
        <source>Nothing befell you.</source>
        <translation>Dir ist nichts zugestoßen.</translation>
    </message>
    <message>
        <source>%1 of %2 met.</source>
        <translation>%1 von %2 gemeistert.</translation>
    </message>
    <message>
        <source>What befell you</source>
        <translation>Was dir zustieß</translation>
    </message>
    <message>
        <source>did not come up</source>
        <translation>kam nicht vor</translation>
    </message>
    <message>
        <source>noticed</source>
        <translation>bemerkt</translation>
    </message>
    <message>
        <source>missed</source>
        <translation>übersehen</translation>
    </message>
</context>
<context>
    <name>Mould</name>
    <message>
        <source>Loaf</source>
        <translation>Blockform</translation>
    </message>
    <message>
        <source>Slab</source>
        <translation>Plattenform</translation>
    </message>
    <message>
        <source>Upright tube</source>
        <translation>Stehendes Rohr</translation>
    </message>
    <message>
        <source>Tube on its side</source>
        <translation>Liegendes Rohr</translation>
    </message>
    <message>
        <source>Dome</source>
        <translation>Kuppel</translation>
    </message>
    <message>
        <source>Any shape, by its water</source>
        <translation>Beliebige Form, nach ihrem Wasser</translation>
    </message>
    <message>
        <source>%1 by %2 by %3</source>
        <translation>%1 mal %2 mal %3</translation>
    </message>
    <message>
        <source>%1 by %2</source>
        <translation>%1 mal %2</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>Room to the rim</source>
        <translation>Platz bis zum Rand</translation>
    </message>
    <message>
        <source>Batter in it</source>
        <translation>Seifenleim darin</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>Stands</source>
        <translation>Steht</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>Too much for it</source>
        <translation>Zu viel dafür</translation>
    </message>
    <message>
        <source>Could be too much for it</source>
        <translation>Könnte zu viel dafür sein</translation>
    </message>
    <message>
        <source>have a spare mould ready, or make less</source>
        <translation>halte eine zweite Form bereit oder mach weniger</translation>
    </message>
    <message>
        <source>Cavities that come full</source>
        <translation>Mulden, die voll werden</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Bars</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>or %1 each if the same number is cut evenly</source>
        <translation>oder je %1, wenn dieselbe Zahl gleich geschnitten wird</translation>
    </message>
    <message>
        <source>A bar weighs, wet</source>
        <translation>Ein Stück wiegt nass</translation>
    </message>
    <message>
        <source>Trims and what is over</source>
        <translation>Abschnitte und was übrig ist</translation>
    </message>
    <message>
        <source>End bars</source>
        <translation>Endstücke</translation>
    </message>
    <message>
        <source>come out larger</source>
        <translation>kommen größer heraus</translation>
    </message>
    <message>
        <source>the mould widens to its rim</source>
        <translation>die Form wird zum Rand hin weiter</translation>
    </message>
    <message>
        <source>no cutting</source>
        <translation>kein Schneiden</translation>
    </message>
    <message>
        <source>A bar weighs, cured</source>
        <translation>Ein Stück wiegt gereift</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>6 to 14 % water stays in it: common practice, no source</source>
        <translation>6 bis 14 % Wasser bleiben darin: Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>Room to foam</source>
        <translation>Platz zum Schäumen</translation>
    </message>
    <message>
        <source>%1 or more</source>
        <translation>%1 oder mehr</translation>
    </message>
    <message>
        <source>%1 in it; %2</source>
        <translation>%1 darin; %2</translation>
    </message>
    <message>
        <source>; of yours: %1</source>
        <translation>; von deinen: %1</translation>
    </message>
    <message>
        <source>; none of yours is so large: a larger one, or two portions</source>
        <translation>; keiner von deinen ist so groß: ein größerer oder zwei Portionen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Lye jug</source>
        <translation>Laugenkrug</translation>
    </message>
    <message>
        <source>Pot</source>
        <translation>Topf</translation>
    </message>
    <message>
        <source>Tall jug for the stick</source>
        <translation>Hoher Becher für den Stab</translation>
    </message>
    <message>
        <source>Bowl</source>
        <translation>Schüssel</translation>
    </message>
    <message>
        <source>lye spits while it dissolves</source>
        <translation>Lauge spritzt, während sie sich löst</translation>
    </message>
    <message>
        <source>lye foams up with milk or sugar</source>
        <translation>Lauge schäumt mit Milch oder Zucker auf</translation>
    </message>
    <message>
        <source>lye boils up with acid</source>
        <translation>Lauge kocht mit Säure auf</translation>
    </message>
    <message>
        <source>lye foams over with beer or wine</source>
        <translation>Lauge schäumt mit Bier oder Wein über</translation>
    </message>
    <message>
        <source>acid and bicarbonate foam at once</source>
        <translation>Säure und Natron schäumen sofort</translation>
    </message>
    <message>
        <source>room to stir and to blend</source>
        <translation>Platz zum Rühren und Pürieren</translation>
    </message>
    <message>
        <source>the batter rises in the cook</source>
        <translation>der Leim steigt beim Kochen</translation>
    </message>
    <message>
        <source>with milk or sugar the batter climbs in the cook</source>
        <translation>mit Milch oder Zucker klettert der Leim beim Kochen</translation>
    </message>
    <message>
        <source>the stick splashes</source>
        <translation>der Stab spritzt</translation>
    </message>
    <message>
        <source>the blades throw it up</source>
        <translation>die Messer werfen ihn hoch</translation>
    </message>
    <message>
        <source>Mould</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>About %1 of batter. Choose a mould to see whether it fits.</source>
        <translation>Etwa %1 Seifenleim. Wähle eine Form, um zu sehen, ob er passt.</translation>
    </message>
    <message>
        <source>It does not all go in.</source>
        <translation>Er passt nicht ganz hinein.</translation>
    </message>
    <message>
        <source>It goes in, if the batter is not beaten up light.</source>
        <translation>Er passt hinein, wenn er nicht schaumig geschlagen wird.</translation>
    </message>
    <message>
        <source>The moulds come full, and %1 is over.</source>
        <translation>Die Formen werden voll, und %1 bleiben übrig.</translation>
    </message>
    <message>
        <source>It all goes in.</source>
        <translation>Er passt ganz hinein.</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Seifenleim</translation>
    </message>
    <message>
        <source>To pour</source>
        <translation>Zu gießen</translation>
    </message>
    <message>
        <source>1 % stays in the pot: common practice, no source</source>
        <translation>1 % bleibt im Topf: Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>Its volume</source>
        <translation>Sein Volumen</translation>
    </message>
    <message>
        <source>%1 to %2 g per ml</source>
        <translation>%1 bis %2 g je ml</translation>
    </message>
</context>
<context>
    <name>Pace</name>
    <message>
        <source>Warmth when jug and pot are joined</source>
        <translation>Wärme, wenn Krug und Topf zusammenkommen</translation>
    </message>
    <message>
        <source>ten degrees about double the pace</source>
        <translation>zehn Grad verdoppeln etwa das Tempo</translation>
    </message>
    <message>
        <source>Lye strength</source>
        <translation>Laugenkonzentration</translation>
    </message>
    <message>
        <source>less water sets faster; more water also thins</source>
        <translation>weniger Wasser zieht schneller an; mehr Wasser verdünnt auch</translation>
    </message>
    <message>
        <source>Palmitic and stearic</source>
        <translation>Palmitin- und Stearinsäure</translation>
    </message>
    <message>
        <source>their soaps thicken, and hard fats set when cool</source>
        <translation>ihre Seifen dicken, und harte Fette werden beim Abkühlen fest</translation>
    </message>
    <message>
        <source>Stearic acid as such</source>
        <translation>Stearinsäure als solche</translation>
    </message>
    <message>
        <source>turns to soap at once, and looks like trace</source>
        <translation>wird sofort zu Seife und sieht wie Zeichnen aus</translation>
    </message>
    <message>
        <source>Sugar of every source</source>
        <translation>Zucker aus jeder Quelle</translation>
    </message>
    <message>
        <source>heats the batter</source>
        <translation>heizt den Seifenleim</translation>
    </message>
    <message>
        <source>Milk in the liquid</source>
        <translation>Milch in der Flüssigkeit</translation>
    </message>
    <message>
        <source>sugar, protein and fat hurry it; but it is poured cooler</source>
        <translation>Zucker, Eiweiß und Fett treiben sie an; aber sie wird kühler gegossen</translation>
    </message>
    <message>
        <source>Salt</source>
        <translation>Salz</translation>
    </message>
    <message>
        <source>thickens, and parts soap from lye</source>
        <translation>dickt und trennt Seife von Lauge</translation>
    </message>
    <message>
        <source>Acid with its lye made up for</source>
        <translation>Säure, deren Alkali ausgeglichen ist</translation>
    </message>
    <message>
        <source>makers differ</source>
        <translation>da sind sich Siedende uneins</translation>
    </message>
    <message>
        <source>Beer or wine in the liquid</source>
        <translation>Bier oder Wein in der Flüssigkeit</translation>
    </message>
    <message>
        <source>alcohol and sugar hurry it</source>
        <translation>Alkohol und Zucker treiben sie an</translation>
    </message>
    <message>
        <source>Clay</source>
        <translation>Tonerde</translation>
    </message>
    <message>
        <source>takes up water</source>
        <translation>nimmt Wasser auf</translation>
    </message>
    <message>
        <source>Ricinoleic</source>
        <translation>Ricinolsäure</translation>
    </message>
    <message>
        <source>helps oil and lye to mix</source>
        <translation>hilft Öl und Lauge beim Mischen</translation>
    </message>
    <message>
        <source>Oils known to hurry</source>
        <translation>Öle, die bekanntlich antreiben</translation>
    </message>
    <message>
        <source>free acids and what does not turn to soap</source>
        <translation>freie Säuren und was nicht zu Seife wird</translation>
    </message>
    <message>
        <source>How it is blended</source>
        <translation>Wie püriert wird</translation>
    </message>
    <message>
        <source>a whisk leaves time, long blending takes it</source>
        <translation>ein Schneebesen lässt Zeit, langes Pürieren nimmt sie</translation>
    </message>
    <message>
        <source>Gel or not</source>
        <translation>Gel oder nicht</translation>
    </message>
    <message>
        <source>a bar that got hot in its mould is firm sooner</source>
        <translation>ein Stück, das in der Form heiß wurde, ist eher fest</translation>
    </message>
    <message>
        <source>Small cavities</source>
        <translation>Kleine Mulden</translation>
    </message>
    <message>
        <source>they stay cool, and walls hold on all round</source>
        <translation>sie bleiben kühl, und Wände halten ringsum</translation>
    </message>
    <message>
        <source>Lauric and myristic</source>
        <translation>Laurin- und Myristinsäure</translation>
    </message>
    <message>
        <source>their soaps are firm at once</source>
        <translation>ihre Seifen sind sofort fest</translation>
    </message>
    <message>
        <source>Oleic above 55 %</source>
        <translation>Ölsäure über 55 %</translation>
    </message>
    <message>
        <source>its soap is a gel for days</source>
        <translation>ihre Seife ist tagelang ein Gel</translation>
    </message>
    <message>
        <source>Linoleic and linolenic above 15 %</source>
        <translation>Linol- und Linolensäure über 15 %</translation>
    </message>
    <message>
        <source>soft soaps</source>
        <translation>weiche Seifen</translation>
    </message>
    <message>
        <source>Potassium hydroxide</source>
        <translation>Kaliumhydroxid</translation>
    </message>
    <message>
        <source>its soaps are soft</source>
        <translation>seine Seifen sind weich</translation>
    </message>
    <message>
        <source>Superfat above 5 %</source>
        <translation>Überfettung über 5 %</translation>
    </message>
    <message>
        <source>free oil softens</source>
        <translation>freies Öl macht weich</translation>
    </message>
    <message>
        <source>Sodium lactate</source>
        <translation>Natriumlactat</translation>
    </message>
    <message>
        <source>firms the bar early</source>
        <translation>macht das Stück früh fest</translation>
    </message>
    <message>
        <source>%1 times</source>
        <translation>%1-mal</translation>
    </message>
    <message>
        <source>switched off</source>
        <translation>ausgeschaltet</translation>
    </message>
    <message>
        <source> (%1 to %2)</source>
        <translation> (%1 bis %2)</translation>
    </message>
    <message>
        <source>Nothing in it moves this time.</source>
        <translation>Nichts darin verschiebt diese Zeit.</translation>
    </message>
    <message>
        <source>look from %1, likely by %2, if not by %3 wait</source>
        <translation>sieh ab %1 nach, wahrscheinlich nach %2, sonst warte bis %3</translation>
    </message>
    <message>
        <source>very short</source>
        <translation>sehr kurz</translation>
    </message>
    <message>
        <source>short</source>
        <translation>kurz</translation>
    </message>
    <message>
        <source>fair</source>
        <translation>ordentlich</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>Scent</source>
        <translation>Duft</translation>
    </message>
    <message>
        <source>less water is firm sooner</source>
        <translation>weniger Wasser ist eher fest</translation>
    </message>
    <message>
        <source>firms the bar</source>
        <translation>macht das Stück fest</translation>
    </message>
    <message>
        <source>as a scent of its kind does</source>
        <translation>wie es ein Duft seiner Art tut</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>A scent that seizes, and %1 that heats: add the scent last, cool, by hand, with the moulds beside you.</source>
        <translation>Ein Duft, der schlagartig anzieht, und %1, das heizt: Duft zuletzt, kühl, von Hand, die Formen daneben.</translation>
    </message>
    <message>
        <source>%1 colours with a fast batter: two colours at most, or work cooler.</source>
        <translation>%1 Farben bei schnellem Leim: höchstens zwei, oder kühler arbeiten.</translation>
    </message>
    <message>
        <source>Nobody here has tried %1 yet: have a plain mould ready.</source>
        <translation>%1 hat hier noch niemand probiert: halte eine einfache Form bereit.</translation>
    </message>
    <message>
        <source>Only some %1 to pour: everything set out first, nobody else&apos;s job.</source>
        <translation>Nur etwa %1 zum Gießen: vorher alles hinstellen, nichts anderes nebenbei.</translation>
    </message>
    <message>
        <source>Working time</source>
        <translation>Verarbeitungszeit</translation>
    </message>
    <message>
        <source>Working time: %1.</source>
        <translation>Verarbeitungszeit: %1.</translation>
    </message>
    <message>
        <source>Working time: %1, perhaps %2.</source>
        <translation>Verarbeitungszeit: %1, vielleicht %2.</translation>
    </message>
    <message>
        <source>Times</source>
        <translation>Zeiten</translation>
    </message>
    <message>
        <source>From emulsion until it no longer pours</source>
        <translation>Von der Emulsion, bis sie nicht mehr fließt</translation>
    </message>
    <message numerus="yes">
        <source>from %n batch(es) of yours</source>
        <translation>
            <numerusform>aus %n Charge von dir</numerusform>
            <numerusform>aus %n Chargen von dir</numerusform>
        </translation>
    </message>
    <message>
        <source>common practice, no source; your own batches will correct it</source>
        <translation>Erfahrung, keine Quelle; deine eigenen Chargen berichtigen es</translation>
    </message>
    <message>
        <source>Out of the mould</source>
        <translation>Aus der Form</translation>
    </message>
    <message>
        <source>Cut before</source>
        <translation>Schneiden vor</translation>
    </message>
    <message>
        <source>a salt bar crumbles when it is cut late</source>
        <translation>eine Salzseife bröselt, wenn sie spät geschnitten wird</translation>
    </message>
    <message>
        <source>later it turns brittle</source>
        <translation>später wird sie spröde</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>gar nicht</translation>
    </message>
    <message>
        <source>the mould makes the bars</source>
        <translation>die Form macht die Stücke</translation>
    </message>
    <message>
        <source>Stamp from</source>
        <translation>Stempeln ab</translation>
    </message>
    <message>
        <source>until about %1</source>
        <translation>bis etwa %1</translation>
    </message>
    <message>
        <source>Before the day</source>
        <translation>Vor dem Tag</translation>
    </message>
    <message>
        <source>What moves the working time</source>
        <translation>Was die Verarbeitungszeit verschiebt</translation>
    </message>
    <message>
        <source>What moves the unmoulding</source>
        <translation>Was das Ausformen verschiebt</translation>
    </message>
</context>
<context>
    <name>Place</name>
    <message>
        <source>melted with the oils</source>
        <translation>mit den Ölen geschmolzen</translation>
    </message>
    <message>
        <source>hot lye would cook it: beaten with a little oil and warm batter</source>
        <translation>heiße Lauge würde es garen: mit etwas Öl und warmem Leim verschlagen</translation>
    </message>
    <message>
        <source>sugar heats the lye: thinned with a little of the water</source>
        <translation>Zucker heizt die Lauge: mit etwas vom Wasser verdünnt</translation>
    </message>
    <message>
        <source>so much salt no longer dissolves: stirred in, fine grained</source>
        <translation>so viel Salz löst sich nicht mehr: feinkörnig eingerührt</translation>
    </message>
    <message>
        <source>dissolved in the liquid before the lye</source>
        <translation>vor dem Hydroxid in der Flüssigkeit gelöst</translation>
    </message>
    <message>
        <source>stirred into the lye once it has cooled</source>
        <translation>in die abgekühlte Lauge gerührt</translation>
    </message>
    <message>
        <source>wetted with a spoon of the oil, so that it leaves no specks</source>
        <translation>mit einem Löffel vom Öl angefeuchtet, damit es keine Punkte lässt</translation>
    </message>
    <message>
        <source>stirred in last, by hand</source>
        <translation>zuletzt von Hand eingerührt</translation>
    </message>
    <message>
        <source>below its flash point, so after the cook</source>
        <translation>unter seinem Flammpunkt, also nach dem Kochen</translation>
    </message>
    <message>
        <source>in place of water, cold, under the lye</source>
        <translation>anstelle von Wasser, kalt, unter das Hydroxid</translation>
    </message>
    <message>
        <source>late, to keep what it can of its colour</source>
        <translation>spät, um von seiner Farbe zu behalten, was geht</translation>
    </message>
    <message>
        <source>frozen, the lye added slowly</source>
        <translation>gefroren, das Hydroxid langsam dazu</translation>
    </message>
    <message>
        <source>Into the lye jug instead</source>
        <translation>Lieber in den Laugenkrug</translation>
    </message>
    <message>
        <source>Into the second jug instead</source>
        <translation>Lieber in den zweiten Krug</translation>
    </message>
    <message>
        <source>Into the oil pot instead</source>
        <translation>Lieber in den Fetttopf</translation>
    </message>
    <message>
        <source>At emulsion instead</source>
        <translation>Lieber bei Emulsion</translation>
    </message>
    <message>
        <source>At trace instead</source>
        <translation>Lieber beim Zeichnen</translation>
    </message>
    <message>
        <source>After the cook instead</source>
        <translation>Lieber nach dem Kochen</translation>
    </message>
    <message>
        <source>On top instead</source>
        <translation>Lieber obenauf</translation>
    </message>
</context>
<context>
    <name>RecipeText</name>
    <message>
        <source>the rest</source>
        <translation>der Rest</translation>
    </message>
    <message>
        <source>no amount</source>
        <translation>keine Menge</translation>
    </message>
    <message>
        <source> per %1 %2 of oils</source>
        <translation> je %1 %2 Öl</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>heading</source>
        <translation>Überschrift</translation>
    </message>
    <message>
        <source>setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Rohstoff</translation>
    </message>
    <message>
        <source>total</source>
        <translation>Summe</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>not understood</source>
        <translation>nicht verstanden</translation>
    </message>
    <message>
        <source>About: weigh it exactly?</source>
        <translation>Ungefähr: genau wiegen?</translation>
    </message>
    <message>
        <source>Anhydrous or monohydrate?</source>
        <translation>Wasserfrei oder Monohydrat?</translation>
    </message>
    <message>
        <source>A decimal, or thousands?</source>
        <translation>Komma oder Tausender?</translation>
    </message>
    <message>
        <source>A second material in the note?</source>
        <translation>Ein zweiter Rohstoff in der Notiz?</translation>
    </message>
    <message>
        <source>How pure is the potash?</source>
        <translation>Wie rein ist das Kaliumhydroxid?</translation>
    </message>
    <message>
        <source>Keep this lye, or reckon it?</source>
        <translation>Dieses Hydroxid behalten oder rechnen?</translation>
    </message>
    <message>
        <source>How strong is this lye?</source>
        <translation>Wie stark ist diese Lauge?</translation>
    </message>
    <message>
        <source>How much of it?</source>
        <translation>Wie viel davon?</translation>
    </message>
    <message>
        <source>How much is that in grams?</source>
        <translation>Wie viel ist das in Gramm?</translation>
    </message>
    <message>
        <source>Ounces by weight, or fluid?</source>
        <translation>Unzen nach Gewicht oder Volumen?</translation>
    </message>
    <message>
        <source>Per cent of what?</source>
        <translation>Prozent wovon?</translation>
    </message>
    <message>
        <source>Which end of the range?</source>
        <translation>Welches Ende der Spanne?</translation>
    </message>
    <message>
        <source>Teaspoon or tablespoon?</source>
        <translation>Tee- oder Esslöffel?</translation>
    </message>
    <message>
        <source>Which unit?</source>
        <translation>Welche Einheit?</translation>
    </message>
    <message>
        <source>Whose measure?</source>
        <translation>Wessen Maß?</translation>
    </message>
    <message>
        <source>Which one is it?</source>
        <translation>Welches ist es?</translation>
    </message>
    <message>
        <source>taken as it stands: %1</source>
        <translation>genommen, wie es dasteht: %1</translation>
    </message>
    <message>
        <source>nothing is weighed until you say</source>
        <translation>nichts wird gewogen, bis du es sagst</translation>
    </message>
    <message>
        <source>taken as %1</source>
        <translation>genommen als %1</translation>
    </message>
    <message>
        <source>left in the note: %1</source>
        <translation>in der Notiz gelassen: %1</translation>
    </message>
    <message>
        <source>compared with the reckoning, not weighed</source>
        <translation>mit der Rechnung verglichen, nicht gewogen</translation>
    </message>
    <message>
        <source>left at nothing</source>
        <translation>bei nichts gelassen</translation>
    </message>
    <message>
        <source>taken by weight</source>
        <translation>nach Gewicht genommen</translation>
    </message>
    <message>
        <source>taken of the oils</source>
        <translation>von den Ölen genommen</translation>
    </message>
    <message>
        <source>the low end is taken</source>
        <translation>das untere Ende wird genommen</translation>
    </message>
    <message>
        <source>taken as the United States measure it</source>
        <translation>genommen, wie in den USA gemessen wird</translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie es dasteht</translation>
    </message>
    <message>
        <source>anhydrous</source>
        <translation>wasserfrei</translation>
    </message>
    <message>
        <source>monohydrate</source>
        <translation>Monohydrat</translation>
    </message>
    <message>
        <source>a thousand times as much</source>
        <translation>tausendmal so viel</translation>
    </message>
    <message>
        <source>a thousandth of it</source>
        <translation>ein Tausendstel davon</translation>
    </message>
    <message>
        <source>leave it in the note</source>
        <translation>in der Notiz lassen</translation>
    </message>
    <message>
        <source>%1 pure</source>
        <translation>%1 rein</translation>
    </message>
    <message>
        <source>reckon the lye, compare theirs</source>
        <translation>Hydroxid rechnen, ihres vergleichen</translation>
    </message>
    <message>
        <source>weigh it as they say</source>
        <translation>wiegen, wie sie sagen</translation>
    </message>
    <message>
        <source>a solution of %1</source>
        <translation>eine Lösung von %1</translation>
    </message>
    <message>
        <source>dry lye</source>
        <translation>trockenes Hydroxid</translation>
    </message>
    <message>
        <source>by weight</source>
        <translation>nach Gewicht</translation>
    </message>
    <message>
        <source>fluid ounces</source>
        <translation>Flüssigunzen</translation>
    </message>
    <message>
        <source>of the oils</source>
        <translation>der Öle</translation>
    </message>
    <message>
        <source>of the batter</source>
        <translation>des Seifenleims</translation>
    </message>
    <message>
        <source>of the liquid</source>
        <translation>der Flüssigkeit</translation>
    </message>
    <message>
        <source>the low end, %1</source>
        <translation>das untere Ende, %1</translation>
    </message>
    <message>
        <source>the middle</source>
        <translation>die Mitte</translation>
    </message>
    <message>
        <source>the high end, %1</source>
        <translation>das obere Ende, %1</translation>
    </message>
    <message>
        <source>teaspoons</source>
        <translation>Teelöffel</translation>
    </message>
    <message>
        <source>tablespoons</source>
        <translation>Esslöffel</translation>
    </message>
    <message>
        <source>grams</source>
        <translation>Gramm</translation>
    </message>
    <message>
        <source>ounces</source>
        <translation>Unzen</translation>
    </message>
    <message>
        <source>millilitres</source>
        <translation>Milliliter</translation>
    </message>
    <message>
        <source>per cent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>%1 each</source>
        <translation>je %1</translation>
    </message>
    <message>
        <source>The text is longer than 1 MB: that is no recipe. Copy only its part.</source>
        <translation>Der Text ist länger als 1 MB: das ist kein Rezept. Kopiere nur dessen Teil.</translation>
    </message>
    <message>
        <source>The text has more than 5000 lines. Copy only the recipe.</source>
        <translation>Der Text hat mehr als 5000 Zeilen. Kopiere nur das Rezept.</translation>
    </message>
    <message>
        <source>That is no text. Save the recipe as plain text, or copy and paste it.</source>
        <translation>Das ist kein Text. Speichere das Rezept als reinen Text oder kopiere es und füge es ein.</translation>
    </message>
    <message>
        <source>Their lye gives superfat %1 by these figures.</source>
        <translation>Ihr Hydroxid gibt nach diesen Werten eine Überfettung von %1.</translation>
    </message>
    <message>
        <source>That is more lye than these fats take up: not for skin.</source>
        <translation>Das ist mehr Lauge, als diese Fette aufnehmen: nicht für die Haut.</translation>
    </message>
    <message>
        <source>, frozen</source>
        <translation>, gefroren</translation>
    </message>
    <message>
        <source> (also %1)</source>
        <translation> (auch %1)</translation>
    </message>
    <message>
        <source>lye excess %1 %</source>
        <translation>Laugenüberschuss %1 %</translation>
    </message>
    <message>
        <source>superfat %1 %</source>
        <translation>Überfettung %1 %</translation>
    </message>
    <message>
        <source>lye strength %1 %</source>
        <translation>Laugenkonzentration %1 %</translation>
    </message>
    <message>
        <source>%1 parts of water to one of lye</source>
        <translation>%1 Teile Wasser auf einen Teil Hydroxid</translation>
    </message>
    <message>
        <source>water %1 % of the oils</source>
        <translation>Wasser %1 % der Öle</translation>
    </message>
    <message>
        <source>%1 % less water than usual</source>
        <translation>%1 % weniger Wasser als üblich</translation>
    </message>
    <message>
        <source>potassium hydroxide %1 % pure</source>
        <translation>Kaliumhydroxid %1 % rein</translation>
    </message>
    <message>
        <source>sodium hydroxide %1 % pure</source>
        <translation>Natriumhydroxid %1 % rein</translation>
    </message>
    <message>
        <source>two lyes, %1 % potassium hydroxide</source>
        <translation>zwei Hydroxide, %1 % Kaliumhydroxid</translation>
    </message>
    <message>
        <source>joined at %1</source>
        <translation>zusammengebracht bei %1</translation>
    </message>
    <message>
        <source>total %1: it cannot be compared with the lines</source>
        <translation>Summe %1: mit den Zeilen nicht vergleichbar</translation>
    </message>
    <message>
        <source>total %1: the lines agree</source>
        <translation>Summe %1: die Zeilen stimmen</translation>
    </message>
    <message>
        <source>total %1: the lines come to something else</source>
        <translation>Summe %1: die Zeilen ergeben etwas anderes</translation>
    </message>
    <message>
        <source>of everything</source>
        <translation>von allem</translation>
    </message>
    <message>
        <source>leave it out; it stays in the notes</source>
        <translation>weglassen; es bleibt in den Notizen</translation>
    </message>
    <message>
        <source>By weight, as weighed or by mole?</source>
        <translation>Nach Gewicht, wie abgewogen oder nach Stoffmenge?</translation>
    </message>
    <message>
        <source>Which share is the KOH?</source>
        <translation>Welcher Anteil ist das KOH?</translation>
    </message>
    <message>
        <source>shares by mole</source>
        <translation>Anteile nach Stoffmenge</translation>
    </message>
    <message>
        <source>shares by weight of pure lye</source>
        <translation>Anteile nach Gewicht reiner Hydroxide</translation>
    </message>
    <message>
        <source>shares of the lye as weighed</source>
        <translation>Anteile wie abgewogen</translation>
    </message>
    <message>
        <source>the first number is the NaOH</source>
        <translation>die erste Zahl ist das NaOH</translation>
    </message>
    <message>
        <source>the first number is the KOH</source>
        <translation>die erste Zahl ist das KOH</translation>
    </message>
</context>
<context>
    <name>Record</name>
    <message>
        <source>The photograph is not in its folder.</source>
        <translation>Das Foto ist nicht in seinem Ordner.</translation>
    </message>
    <message>
        <source>The working of what was weighed</source>
        <translation>Der Rechenweg zum Gewogenen</translation>
    </message>
    <message>
        <source>without a name</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>What is due</source>
        <translation>Was ansteht</translation>
    </message>
    <message>
        <source>Nothing is due in this time.</source>
        <translation>In dieser Zeit steht nichts an.</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to do.</source>
        <translation>
            <numerusform>%n Sache zu tun.</numerusform>
            <numerusform>%n Sachen zu tun.</numerusform>
        </translation>
    </message>
    <message>
        <source>its time is past</source>
        <translation>seine Zeit ist vorbei</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Offen</translation>
    </message>
    <message>
        <source>What these dates are not</source>
        <translation>Was diese Tage nicht sind</translation>
    </message>
    <message>
        <source>Ready for water and feel. It never says that a bar may go on skin.</source>
        <translation>Fertig für Wasser und Gefühl. Es sagt nie, dass ein Stück an die Haut darf.</translation>
    </message>
    <message>
        <source>Bars on the rack</source>
        <translation>Stücke auf dem Gitter</translation>
    </message>
    <message>
        <source>By the day they are ready</source>
        <translation>Nach dem Tag, an dem sie fertig sind</translation>
    </message>
    <message numerus="yes">
        <source>%n bar(s)</source>
        <translation>
            <numerusform>%n Stück</numerusform>
            <numerusform>%n Stück</numerusform>
        </translation>
    </message>
    <message>
        <source>ready since %1</source>
        <translation>fertig seit %1</translation>
    </message>
    <message>
        <source>ready %1</source>
        <translation>fertig %1</translation>
    </message>
    <message>
        <source>No bars are counted.</source>
        <translation>Keine Stücke gezählt.</translation>
    </message>
    <message numerus="yes">
        <source>%n bar(s) left, %1 of them ready by their day.</source>
        <translation>
            <numerusform>%n Stück übrig, davon ihrem Tag nach fertig: %1.</numerusform>
            <numerusform>%n Stücke übrig, davon ihrem Tag nach fertig: %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>The shelf as it is now</source>
        <translation>Das Regal, wie es jetzt ist</translation>
    </message>
    <message>
        <source>Nothing is low and nothing is near its date.</source>
        <translation>Nichts ist knapp und nichts nahe seinem Datum.</translation>
    </message>
    <message>
        <source>Notes for the next order.</source>
        <translation>Notizen für die nächste Bestellung.</translation>
    </message>
    <message>
        <source>Low</source>
        <translation>Knapp</translation>
    </message>
    <message>
        <source>By eight weeks of use and the time an order takes; by two makings of what is made again where little was used.</source>
        <translation>Nach dem Verbrauch von acht Wochen und der Dauer einer Bestellung; nach zwei Siedetagen dessen, was wieder gemacht wird, wo wenig gebraucht wurde.</translation>
    </message>
    <message>
        <source>wanted: %1</source>
        <translation>gewünscht: %1</translation>
    </message>
    <message>
        <source>Near its date</source>
        <translation>Nahe am Datum</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>past it</source>
        <translation>darüber hinaus</translation>
    </message>
    <message>
        <source>Count these</source>
        <translation>Diese zählen</translation>
    </message>
    <message>
        <source>the shelf says %1 less than you used: count it</source>
        <translation>das Regal sagt %1 weniger, als du gebraucht hast: zähle nach</translation>
    </message>
    <message>
        <source>Make again</source>
        <translation>Wieder machen</translation>
    </message>
    <message>
        <source>Open jars</source>
        <translation>Offene Gläser</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>fasst</translation>
    </message>
    <message>
        <source>best before</source>
        <translation>mindestens haltbar bis</translation>
    </message>
    <message numerus="yes">
        <source>In %n batch(es) of yours.</source>
        <translation>
            <numerusform>In %n Charge von dir.</numerusform>
            <numerusform>In %n Chargen von dir.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 in %2 of %3.</source>
        <translation>%1: %2 von %3.</translation>
    </message>
    <message>
        <source>A lesson of %1: %2</source>
        <translation>Eine Lehre von %1: %2</translation>
    </message>
    <message>
        <source>%1 in %2 of the last %3 batches %4 you wrote of.</source>
        <translation>%1: %2 von den letzten %3 Chargen %4, über die du geschrieben hast.</translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>Weigh out</source>
        <translation>Abwiegen</translation>
    </message>
    <message>
        <source>, frozen</source>
        <translation>, gefroren</translation>
    </message>
    <message>
        <source>of the liquid, kept back to dissolve it</source>
        <translation>der Flüssigkeit, zum Lösen zurückbehalten</translation>
    </message>
    <message>
        <source>%1; pure %2</source>
        <translation>%1; rein %2</translation>
    </message>
    <message>
        <source>batter in all</source>
        <translation>Seifenleim im Ganzen</translation>
    </message>
    <message>
        <source>of the batter divided</source>
        <translation>vom geteilten Seifenleim</translation>
    </message>
    <message>
        <source>in all</source>
        <translation>im Ganzen</translation>
    </message>
    <message>
        <source>superfat %1</source>
        <translation>Überfettung %1</translation>
    </message>
    <message>
        <source>Liquid</source>
        <translation>Flüssigkeit</translation>
    </message>
    <message>
        <source>water wanted</source>
        <translation>Wasser gewünscht</translation>
    </message>
    <message>
        <source>water there is, from every source</source>
        <translation>Wasser vorhanden, aus jeder Quelle</translation>
    </message>
    <message>
        <source>of it from the lye’s own moisture</source>
        <translation>davon aus der Feuchte des Hydroxids</translation>
    </message>
    <message>
        <source>make-up liquid</source>
        <translation>Zusatzflüssigkeit</translation>
    </message>
    <message>
        <source>batch strength</source>
        <translation>Konzentration der Charge</translation>
    </message>
    <message>
        <source>batch strength, the other way</source>
        <translation>Konzentration der Charge, anders gerechnet</translation>
    </message>
    <message>
        <source>water to lye</source>
        <translation>Wasser zu Hydroxid</translation>
    </message>
    <message>
        <source>water as a share of oils</source>
        <translation>Wasser als Anteil der Öle</translation>
    </message>
    <message>
        <source>less water than usual</source>
        <translation>weniger Wasser als üblich</translation>
    </message>
    <message>
        <source>jug strength</source>
        <translation>Konzentration im Krug</translation>
    </message>
    <message>
        <source>second jug</source>
        <translation>zweiter Krug</translation>
    </message>
    <message>
        <source>water formed by neutralising (outside)</source>
        <translation>durch Neutralisieren entstandenes Wasser (außerhalb)</translation>
    </message>
    <message>
        <source>How sure</source>
        <translation>Wie sicher</translation>
    </message>
    <message>
        <source>true superfat, 9 batches in 10</source>
        <translation>wahre Überfettung, 9 von 10 Chargen</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>batch strength, 9 batches in 10</source>
        <translation>Konzentration der Charge, 9 von 10 Chargen</translation>
    </message>
    <message>
        <source>lye left over, of 100 batches</source>
        <translation>Lauge übrig, von 100 Chargen</translation>
    </message>
    <message>
        <source>of the spread, %1: %2</source>
        <translation>von der Streuung, %1: %2</translation>
    </message>
    <message>
        <source>NOT FOR SKIN: superfat is set below 0.</source>
        <translation>NICHT FÜR DIE HAUT: die Überfettung ist unter 0 eingestellt.</translation>
    </message>
    <message>
        <source>Alkali called for</source>
        <translation>Gebrauchtes Alkali</translation>
    </message>
    <message>
        <source>fat</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>hidden fat</source>
        <translation>verborgenes Fett</translation>
    </message>
    <message>
        <source>acid, in full</source>
        <translation>Säure, ganz</translation>
    </message>
    <message>
        <source>hydroxide it holds itself</source>
        <translation>Hydroxid, das es selbst enthält</translation>
    </message>
    <message>
        <source>lye supplied</source>
        <translation>Hydroxid vorhanden</translation>
    </message>
    <message>
        <source>Superfat</source>
        <translation>Überfettung</translation>
    </message>
    <message>
        <source>on the oils alone</source>
        <translation>nur auf die Öle</translation>
    </message>
    <message>
        <source>true, on all fat</source>
        <translation>wahr, auf alles Fett</translation>
    </message>
    <message>
        <source>%1 to %2 at the edge of every figure</source>
        <translation>%1 bis %2 am Rand jedes Wertes</translation>
    </message>
    <message>
        <source>oil left free</source>
        <translation>frei gebliebenes Öl</translation>
    </message>
    <message>
        <source>Heat, an estimate</source>
        <translation>Wärme, eine Schätzung</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Warnungen</translation>
    </message>
    <message>
        <source>  none</source>
        <translation>  keine</translation>
    </message>
    <message>
        <source>Working</source>
        <translation>Rechenweg</translation>
    </message>
    <message>
        <source>water %1</source>
        <translation>Wasser %1</translation>
    </message>
    <message>
        <source>fat %1</source>
        <translation>Fett %1</translation>
    </message>
    <message>
        <source>  And %1: %2 (--all-cautions says more).</source>
        <translation>  Und %1: %2 (--all-cautions sagt mehr).</translation>
    </message>
</context>
<context>
    <name>Scent</name>
    <message>
        <source>supplier’s limit</source>
        <translation>Grenze des Lieferanten</translation>
    </message>
    <message>
        <source>local limit</source>
        <translation>örtliche Grenze</translation>
    </message>
    <message>
        <source>your own limit</source>
        <translation>deine eigene Grenze</translation>
    </message>
    <message>
        <source>The limit that binds</source>
        <translation>Die Grenze, die bindet</translation>
    </message>
    <message>
        <source>Another limit</source>
        <translation>Eine andere Grenze</translation>
    </message>
    <message>
        <source>%1 at most</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>%1 in it; %2</source>
        <translation>%1 darin; %2</translation>
    </message>
    <message>
        <source>; this is more</source>
        <translation>; das ist mehr</translation>
    </message>
    <message>
        <source>Set out, before lye meets oil</source>
        <translation>Bereitstellen, bevor Lauge auf Öl trifft</translation>
    </message>
    <message>
        <source>about %1 drops (%2 to %3); better weighed</source>
        <translation>etwa %1 Tropfen (%2 bis %3); besser gewogen</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>That is</source>
        <translation>Das sind</translation>
    </message>
    <message>
        <source>Blended from</source>
        <translation>Gemischt aus</translation>
    </message>
    <message>
        <source>Supplier’s limit</source>
        <translation>Grenze des Lieferanten</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>ask for the certificate and write its figure down here</source>
        <translation>lass dir das Zertifikat geben und schreib seinen Wert hier auf</translation>
    </message>
    <message>
        <source>Tried</source>
        <translation>Probiert</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message numerus="yes">
        <source>%n time(s)</source>
        <translation>
            <numerusform>%n-mal</numerusform>
            <numerusform>%n-mal</numerusform>
        </translation>
    </message>
    <message>
        <source>it may race or seize: try a small batch first</source>
        <translation>kann rasen oder schlagartig anziehen: erst eine kleine Charge versuchen</translation>
    </message>
    <message>
        <source>in batches of your journal</source>
        <translation>in Chargen deines Tagebuchs</translation>
    </message>
    <message>
        <source>Flash point</source>
        <translation>Flammpunkt</translation>
    </message>
    <message>
        <source>tells of fire near a flame, not of how much scent stays</source>
        <translation>sagt etwas über Brand nahe einer Flamme, nicht, wie viel Duft bleibt</translation>
    </message>
    <message>
        <source>ask the supplier</source>
        <translation>frag den Lieferanten</translation>
    </message>
    <message>
        <source>of the oils</source>
        <translation>der Öle</translation>
    </message>
    <message>
        <source>of the batter before scent</source>
        <translation>des Seifenleims vor dem Duft</translation>
    </message>
    <message>
        <source>of the whole batter</source>
        <translation>des ganzen Seifenleims</translation>
    </message>
    <message>
        <source>of the batter without what joins late</source>
        <translation>des Seifenleims ohne das, was spät dazukommt</translation>
    </message>
    <message>
        <source>of the cured bar</source>
        <translation>des gereiften Stücks</translation>
    </message>
    <message>
        <source>Rinsed off: hands and body</source>
        <translation>Abgespült: Hände und Körper</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Gesicht</translation>
    </message>
    <message>
        <source>Babies and small children</source>
        <translation>Babys und kleine Kinder</translation>
    </message>
    <message>
        <source>Cleaning, not for skin</source>
        <translation>Putzen, nicht für die Haut</translation>
    </message>
    <message>
        <source>Left on the skin</source>
        <translation>Bleibt auf der Haut</translation>
    </message>
    <message>
        <source>%1: %2 %3</source>
        <translation>%1: %2 %3</translation>
    </message>
    <message>
        <source>No scent comes near its flash point.</source>
        <translation>Kein Duft kommt nahe an seinen Flammpunkt.</translation>
    </message>
    <message>
        <source>A flash point is not known: keep flames away while you add it.</source>
        <translation>Ein Flammpunkt ist nicht bekannt: halte Flammen fern, während du ihn zugibst.</translation>
    </message>
    <message>
        <source>The batter may get as warm as a flash point (%1): no flame and no oven near it.</source>
        <translation>Der Seifenleim kann so warm werden wie ein Flammpunkt (%1): keine Flamme und kein Ofen in der Nähe.</translation>
    </message>
    <message>
        <source>At %1 the batter is about as warm as a flash point: let it cool before the scent goes in, with no flame near.</source>
        <translation>Bei %1 ist der Seifenleim etwa so warm wie ein Flammpunkt: lass ihn abkühlen, bevor der Duft hineinkommt, ohne Flamme in der Nähe.</translation>
    </message>
    <message>
        <source>Scent</source>
        <translation>Duft</translation>
    </message>
    <message>
        <source>No scent in it. Add one to a vessel to see it here.</source>
        <translation>Kein Duft darin. Gib einen in ein Gefäß, um ihn hier zu sehen.</translation>
    </message>
    <message>
        <source>More scent than a limit allows.</source>
        <translation>Mehr Duft, als eine Grenze erlaubt.</translation>
    </message>
    <message>
        <source>Within the limits that are written down.</source>
        <translation>Innerhalb der Grenzen, die aufgeschrieben sind.</translation>
    </message>
    <message>
        <source>No limit is written down for it, so none was looked at.</source>
        <translation>Keine Grenze ist dafür aufgeschrieben, darum wurde keine angesehen.</translation>
    </message>
    <message>
        <source>All scents together</source>
        <translation>Alle Düfte zusammen</translation>
    </message>
    <message>
        <source>In all</source>
        <translation>Im Ganzen</translation>
    </message>
    <message>
        <source>%1 of the oils</source>
        <translation>%1 der Öle</translation>
    </message>
    <message>
        <source>Shared substances</source>
        <translation>Gemeinsame Stoffe</translation>
    </message>
    <message>
        <source>ask</source>
        <translation>nachfragen</translation>
    </message>
    <message>
        <source>each is within its own limit, but two may hold the same limited substance: compare the certificates</source>
        <translation>jeder liegt innerhalb seiner eigenen Grenze, aber zwei können denselben begrenzten Stoff enthalten: vergleiche die Zertifikate</translation>
    </message>
    <message>
        <source>Fire</source>
        <translation>Brand</translation>
    </message>
    <message>
        <source>To name on the label</source>
        <translation>Auf dem Etikett zu nennen</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>name it</source>
        <translation>nennen</translation>
    </message>
    <message>
        <source>name it to be safe</source>
        <translation>sicherheitshalber nennen</translation>
    </message>
    <message>
        <source>below the threshold</source>
        <translation>unter der Schwelle</translation>
    </message>
    <message>
        <source>no certificate is written down: ask for it</source>
        <translation>kein Zertifikat aufgeschrieben: frag danach</translation>
    </message>
    <message>
        <source>Thresholds are those of the European regulation as remembered: %1 rinsed off, %2 left on. Other countries differ, and local law decides; a qualified assessor signs.</source>
        <translation>Die Schwellen sind die der europäischen Verordnung, wie erinnert: %1 abgespült, %2 verbleibend. Andere Länder weichen ab, und das örtliche Recht entscheidet; eine sachkundige Person unterschreibt.</translation>
    </message>
    <message>
        <source>up to</source>
        <translation>bis zu</translation>
    </message>
</context>
<context>
    <name>Schools</name>
    <message>
        <source>Does the fat in milk, egg or avocado count?</source>
        <translation>Zählt das Fett in Milch, Ei oder Avocado?</translation>
    </message>
    <message>
        <source>What is the potassium share a share of?</source>
        <translation>Wovon ist der Kaliumanteil ein Anteil?</translation>
    </message>
    <message>
        <source>What does lye strength count?</source>
        <translation>Was zählt die Laugenkonzentration?</translation>
    </message>
    <message>
        <source>Is oil added after the cook part of the superfat?</source>
        <translation>Gehört Öl nach dem Kochen zur Überfettung?</translation>
    </message>
    <message>
        <source>Is a puree or milk all water?</source>
        <translation>Ist ein Püree oder eine Milch ganz Wasser?</translation>
    </message>
    <message>
        <source>Which citric acid is in the jar?</source>
        <translation>Welche Zitronensäure ist im Glas?</translation>
    </message>
    <message>
        <source>What is the rest of the hydroxide?</source>
        <translation>Was ist der Rest des Hydroxids?</translation>
    </message>
    <message>
        <source>on all fat</source>
        <translation>auf alles Fett</translation>
    </message>
    <message>
        <source>on the cook only</source>
        <translation>nur auf das Gekochte</translation>
    </message>
    <message>
        <source>only the water that is in it</source>
        <translation>nur das Wasser, das darin ist</translation>
    </message>
    <message>
        <source>all its weight is water</source>
        <translation>ihr ganzes Gewicht ist Wasser</translation>
    </message>
    <message>
        <source>the form you stated</source>
        <translation>die Form, die du angegeben hast</translation>
    </message>
    <message>
        <source>the other form</source>
        <translation>die andere Form</translation>
    </message>
    <message>
        <source>as its figures say</source>
        <translation>wie ihre Werte sagen</translation>
    </message>
    <message>
        <source>carbonate, no water</source>
        <translation>Carbonat, kein Wasser</translation>
    </message>
    <message>
        <source>Moles say how much of the soap is of each kind, whatever the drum’s purity; a share of weight shifts with it.</source>
        <translation>Mol sagen, wie viel der Seife von jeder Art ist, wie rein das Gebinde auch sei; ein Gewichtsanteil verschiebt sich damit.</translation>
    </message>
    <message>
        <source>Pure lye and all water is what is truly in the pot; the other way is how many older recipes count.</source>
        <translation>Reines Hydroxid und alles Wasser ist, was wirklich im Topf ist; anders herum zählen viele ältere Rezepte.</translation>
    </message>
    <message>
        <source>On all fat says what the bar holds in the end; on the cook says what the lye met.</source>
        <translation>Auf alles Fett sagt, was das Stück am Ende enthält; auf das Gekochte sagt, was die Lauge antraf.</translation>
    </message>
    <message>
        <source>Its solids stay in the bar and dissolve no lye, so only its water counts.</source>
        <translation>Ihre Feststoffe bleiben im Stück und lösen kein Hydroxid, darum zählt nur ihr Wasser.</translation>
    </message>
    <message>
        <source>The monohydrate is part water: 10 g take less lye than 10 g of the anhydrous.</source>
        <translation>Das Monohydrat ist zum Teil Wasser: 10 g nehmen weniger Alkali auf als 10 g wasserfreie.</translation>
    </message>
    <message>
        <source>A dry tub is mostly short of strength by moisture; a badly closed one by carbonate, which makes no soap and brings no water.</source>
        <translation>Einer trockenen Dose fehlt Stärke meist durch Feuchte; einer schlecht verschlossenen durch Carbonat, das keine Seife macht und kein Wasser bringt.</translation>
    </message>
    <message>
        <source>%1 sodium hydroxide</source>
        <translation>%1 Natriumhydroxid</translation>
    </message>
    <message>
        <source>%1 potassium hydroxide</source>
        <translation>%1 Kaliumhydroxid</translation>
    </message>
    <message>
        <source>%1 liquid</source>
        <translation>%1 Flüssigkeit</translation>
    </message>
    <message>
        <source>true superfat %1</source>
        <translation>wahre Überfettung %1</translation>
    </message>
    <message>
        <source>strength %1</source>
        <translation>Konzentration %1</translation>
    </message>
    <message>
        <source>What is surely there is right for most jars; one that holds less than the least of its range can still leave lye.</source>
        <translation>Was sicher da ist, stimmt für die meisten Gläser; eines, das weniger enthält als das Wenigste seiner Spanne, kann trotzdem Lauge übrig lassen.</translation>
    </message>
</context>
<context>
    <name>Search</name>
    <message>
        <source>ss&gt;ss|us&gt;us|is&gt;is|ies&gt;y|oes&gt;o|ches&gt;ch|s&gt;</source>
        <translation>ss&gt;ss|us&gt;us|is&gt;is|ches&gt;ch|ies&gt;y|oes&gt;o|en&gt;|n&gt;|es&gt;|e&gt;|s&gt;</translation>
    </message>
    <message>
        <source>yoghurt&gt;yogurt|colour&gt;color|glycerine&gt;glycerin|glycerol&gt;glycerin|powdered&gt;powder|soya&gt;soy|leaves&gt;leaf|beet&gt;beetroot|flavour&gt;flavor|odour&gt;odor|fibre&gt;fiber|mould&gt;mold|aluminum&gt;aluminium|sulphate&gt;sulfate|sulphur&gt;sulfur|oatmeal&gt;oat|corn&gt;maize|canola&gt;rapeseed|colza&gt;rapeseed|flax&gt;linseed|flaxseed&gt;linseed|hempseed&gt;hemp|cacao&gt;cocoa|peanut&gt;groundnut|garbanzo&gt;chickpea|cilantro&gt;coriander|eo&gt;essential oil|fo&gt;fragrance oil|bicarb&gt;bicarbonate|puréed&gt;puree|pureed&gt;puree|juiced&gt;juice|tinned&gt;tin|canned&gt;tin</source>
        <translation>jogurt&gt;joghurt|yoghurt&gt;joghurt|yogurt&gt;joghurt|parfum&gt;parfüm|glyzerin&gt;glycerin|glycerol&gt;glycerin|heilerde&gt;tonerde|ton&gt;tonerde|möhren&gt;karotte|möhre&gt;karotte|mohrrübe&gt;karotte|mus&gt;püree|pulverisiert&gt;pulver|kokosfett&gt;kokosöl|canola&gt;raps|schweinefett&gt;schmalz|schweineschmalz&gt;schmalz|koh&gt;kaliumhydroxid|naoh&gt;natriumhydroxid|ätznatron&gt;natriumhydroxid|ätzkali&gt;kaliumhydroxid|äö&gt;ätherisches öl|pö&gt;parfümöl|haferflocken&gt;hafer|sauermilch&gt;buttermilch|karbonat&gt;carbonat|karottenmus&gt;karottenpüree|kürbismus&gt;kürbispüree|yogurt&gt;joghurt|colour&gt;color|corn&gt;maize</translation>
    </message>
    <message>
        <source>evoo&gt;olive oil|extra virgin olive oil&gt;olive oil|virgin olive oil&gt;olive oil|coconut 76&gt;coconut oil|coconut oil 76&gt;coconut oil|virgin coconut oil&gt;coconut oil|rbo&gt;rice bran oil|pko&gt;palm kernel oil|ho sunflower&gt;sunflower oil, high oleic|ho safflower&gt;safflower oil, high oleic|acv&gt;apple cider vinegar|td&gt;titanium dioxide|sl&gt;sodium lactate|roe&gt;rosemary oleoresin|bicarbonate of soda&gt;sodium bicarbonate|baking soda&gt;sodium bicarbonate</source>
        <translation>evoo&gt;olivenöl|natives olivenöl extra&gt;olivenöl|natives olivenöl&gt;olivenöl|natives kokosöl&gt;kokosöl|ho sonnenblumenöl&gt;sonnenblumenöl, ölsäurereich|ho sonnenblume&gt;sonnenblumenöl, ölsäurereich|ho distelöl&gt;distelöl, ölsäurereich|natron&gt;natriumhydrogencarbonat|backsoda&gt;natriumhydrogencarbonat|speisenatron&gt;natriumhydrogencarbonat|haushaltszucker&gt;zucker|speisesalz&gt;kochsalz|soda&gt;natriumcarbonat|td&gt;titandioxid|tio2&gt;titandioxid|rosmarinextrakt&gt;rosmarin-oleoresin</translation>
    </message>
</context>
<context>
    <name>ServerCommands</name>
    <message>
        <source>this is no address of a server; it is written like postgresql://ann@workshop/rhexion, without a password. That comes from PGPASSWORD or ~/.pgpass.</source>
        <translation>das ist keine Adresse eines Servers; geschrieben wird sie wie postgresql://ann@werkstatt/rhexion, ohne Passwort. Das kommt aus PGPASSWORD oder ~/.pgpass.</translation>
    </message>
    <message>
        <source>journal server init ADDRESS, journal server check ADDRESS, or journal exchange JOURNAL ADDRESS.</source>
        <translation>journal server init ADRESSE, journal server check ADRESSE oder journal exchange JOURNAL ADRESSE.</translation>
    </message>
    <message>
        <source>The journal is there. Give its makers the role rhexion_maker, and those who only look rhexion_reader.
</source>
        <translation>Das Tagebuch ist da. Gib denen, die sieden, die Rolle rhexion_maker und denen, die nur lesen, rhexion_reader.
</translation>
    </message>
    <message>
        <source>The journal is there, and empty.
</source>
        <translation>Das Tagebuch ist da und leer.
</translation>
    </message>
    <message>
        <source>The journal is there, and can be read.
</source>
        <translation>Das Tagebuch ist da und lesbar.
</translation>
    </message>
    <message>
        <source>Passed on: %1. From other benches: %2.
</source>
        <translation>Weitergegeben: %1. Von anderen Werkbänken: %2.
</translation>
    </message>
</context>
<context>
    <name>SettingTerms</name>
    <message>
        <source>true %1, on all the fat there is</source>
        <translation>wahr %1, auf alles Fett, das da ist</translation>
    </message>
    <message>
        <source>%1 on oils alone</source>
        <translation>%1 nur auf die Öle</translation>
    </message>
    <message>
        <source>%1 in the cook, before the late oil</source>
        <translation>%1 beim Kochen, vor dem späten Öl</translation>
    </message>
    <message>
        <source>the result of the lye you weighed</source>
        <translation>was das gewogene Hydroxid ergibt</translation>
    </message>
    <message>
        <source>nothing in this formula hides fat</source>
        <translation>nichts in dieser Formel verbirgt Fett</translation>
    </message>
    <message>
        <source>typically it takes %1 of the lye for fat; %2 of that is counted</source>
        <translation>typisch nimmt es %1 Hydroxid für Fett; %2 davon zählen</translation>
    </message>
    <message>
        <source>%1 of the saponifying</source>
        <translation>%1 der Verseifung</translation>
    </message>
    <message>
        <source>%1 of pure weight</source>
        <translation>%1 des reinen Gewichts</translation>
    </message>
    <message>
        <source>%1 of weight as weighed</source>
        <translation>%1 des Gewichts wie gewogen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>none chosen</source>
        <translation>keine gewählt</translation>
    </message>
    <message>
        <source>between %1 and %2</source>
        <translation>zwischen %1 und %2</translation>
    </message>
    <message>
        <source>%1 water</source>
        <translation>%1 Wasser</translation>
    </message>
    <message>
        <source>%1 carbonate and other</source>
        <translation>%1 Carbonat und anderes</translation>
    </message>
    <message>
        <source>lot %1</source>
        <translation>Los %1</translation>
    </message>
    <message>
        <source>lye strength %1</source>
        <translation>Laugenkonzentration %1</translation>
    </message>
    <message>
        <source>water to lye %1</source>
        <translation>Wasser zu Hydroxid %1</translation>
    </message>
    <message>
        <source>%1 of oils</source>
        <translation>%1 der Öle</translation>
    </message>
    <message>
        <source>%1 less than usual</source>
        <translation>%1 weniger als üblich</translation>
    </message>
    <message>
        <source>%1; counted as weighed it is %2</source>
        <translation>%1; wie gewogen gezählt sind es %2</translation>
    </message>
    <message>
        <source>%1; counted pure, with all water, it is %2</source>
        <translation>%1; rein gezählt, mit allem Wasser, sind es %2</translation>
    </message>
    <message>
        <source>the jug stands at %1</source>
        <translation>der Krug steht bei %1</translation>
    </message>
    <message>
        <source>the second jug at %1</source>
        <translation>der zweite Krug bei %1</translation>
    </message>
    <message>
        <source>%1 of water poured into it</source>
        <translation>%1 Wasser hineingegossen</translation>
    </message>
    <message>
        <source>superfat %1</source>
        <translation>Überfettung %1</translation>
    </message>
    <message>
        <source>%1 potassium lye</source>
        <translation>%1 Kalilauge</translation>
    </message>
    <message>
        <source>hidden fat: %1</source>
        <translation>verborgenes Fett: %1</translation>
    </message>
    <message>
        <source>joined at %1</source>
        <translation>zusammengebracht bei %1</translation>
    </message>
</context>
<context>
    <name>Sheet</name>
    <message>
        <source>frozen</source>
        <translation>gefroren</translation>
    </message>
    <message>
        <source>the rest</source>
        <translation>der Rest</translation>
    </message>
    <message>
        <source>the rest, frozen</source>
        <translation>der Rest, gefroren</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>lot %1</source>
        <translation>Los %1</translation>
    </message>
    <message>
        <source>for %1</source>
        <translation>für %1</translation>
    </message>
    <message>
        <source>to dissolve it in, out of the liquid</source>
        <translation>zum Lösen, aus der Flüssigkeit</translation>
    </message>
    <message>
        <source>out of the melted oils</source>
        <translation>aus den geschmolzenen Ölen</translation>
    </message>
    <message>
        <source>Water for the jug</source>
        <translation>Wasser für den Krug</translation>
    </message>
    <message>
        <source>purity %1</source>
        <translation>Reinheit %1</translation>
    </message>
    <message>
        <source>superfat %1</source>
        <translation>Überfettung %1</translation>
    </message>
    <message>
        <source>salt %1 of its oils</source>
        <translation>Salz %1 ihrer Öle</translation>
    </message>
    <message>
        <source>scent %1 of its oils</source>
        <translation>Duft %1 ihrer Öle</translation>
    </message>
    <message>
        <source>with %1 of oil back, %2 in all</source>
        <translation>mit %1 Öl zurück, %2 im Ganzen</translation>
    </message>
    <message>
        <source>%1 in all</source>
        <translation>%1 im Ganzen</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Date and maker</source>
        <translation>Datum und Name</translation>
    </message>
    <message>
        <source>Jug, hottest</source>
        <translation>Krug, am heißesten</translation>
    </message>
    <message>
        <source>Jug at joining</source>
        <translation>Krug beim Zusammenbringen</translation>
    </message>
    <message>
        <source>Pot at joining</source>
        <translation>Topf beim Zusammenbringen</translation>
    </message>
    <message>
        <source>Trace after</source>
        <translation>Zeichnen nach</translation>
    </message>
    <message>
        <source>At trace</source>
        <translation>Beim Zeichnen</translation>
    </message>
    <message>
        <source>Core, hottest</source>
        <translation>Kern, am heißesten</translation>
    </message>
    <message>
        <source>Looked in</source>
        <translation>Nachgesehen</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>Unmoulded</source>
        <translation>Ausgeformt</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Was geschah</translation>
    </message>
    <message>
        <source>True superfat %1 (%2 to %3) · batch strength %4 (water to lye %5) · jug strength %6 · stated as %7</source>
        <translation>Wahre Überfettung %1 (%2 bis %3) · Konzentration der Charge %4 (Wasser zu Hydroxid %5) · im Krug %6 · angegeben als %7</translation>
    </message>
    <message>
        <source>Batch sheet · %1 of batter</source>
        <translation>Chargenblatt · %1 Seifenleim</translation>
    </message>
    <message>
        <source>NOT FOR SKIN: superfat is set below 0.</source>
        <translation>NICHT FÜR DIE HAUT: die Überfettung ist unter 0 eingestellt.</translation>
    </message>
    <message>
        <source>Weigh</source>
        <translation>Wiegen</translation>
    </message>
    <message>
        <source>Divide the batter</source>
        <translation>Den Seifenleim teilen</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Warnungen</translation>
    </message>
    <message>
        <source>Order of work</source>
        <translation>Reihenfolge der Arbeit</translation>
    </message>
    <message>
        <source>Readings</source>
        <translation>Messwerte</translation>
    </message>
    <message>
        <source>Forecast, an estimate: %1.</source>
        <translation>Vorhersage, eine Schätzung: %1.</translation>
    </message>
    <message>
        <source>The working of %1</source>
        <translation>Der Rechenweg von %1</translation>
    </message>
</context>
<context>
    <name>Shelf</name>
    <message>
        <source>Water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>Fat</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>Reducing sugars</source>
        <translation>Reduzierende Zucker</translation>
    </message>
    <message>
        <source>Other sugars</source>
        <translation>Andere Zucker</translation>
    </message>
    <message>
        <source>Salt (sodium chloride)</source>
        <translation>Salz (Natriumchlorid)</translation>
    </message>
    <message>
        <source>Other salts</source>
        <translation>Andere Salze</translation>
    </message>
    <message>
        <source>Protein</source>
        <translation>Eiweiß</translation>
    </message>
    <message>
        <source>Alcohol</source>
        <translation>Alkohol</translation>
    </message>
    <message>
        <source>Glycerol</source>
        <translation>Glycerin</translation>
    </message>
    <message>
        <source>Sodium hydroxide</source>
        <translation>Natriumhydroxid</translation>
    </message>
    <message>
        <source>Potassium hydroxide</source>
        <translation>Kaliumhydroxid</translation>
    </message>
    <message>
        <source>Inert solids</source>
        <translation>Träge Feststoffe</translation>
    </message>
    <message>
        <source>Carbonate</source>
        <translation>Carbonat</translation>
    </message>
    <message>
        <source>Butyric</source>
        <translation>Buttersäure</translation>
    </message>
    <message>
        <source>Caproic</source>
        <translation>Capronsäure</translation>
    </message>
    <message>
        <source>Caprylic</source>
        <translation>Caprylsäure</translation>
    </message>
    <message>
        <source>Capric</source>
        <translation>Caprinsäure</translation>
    </message>
    <message>
        <source>Lauric</source>
        <translation>Laurinsäure</translation>
    </message>
    <message>
        <source>Myristic</source>
        <translation>Myristinsäure</translation>
    </message>
    <message>
        <source>Palmitic</source>
        <translation>Palmitinsäure</translation>
    </message>
    <message>
        <source>Palmitoleic</source>
        <translation>Palmitoleinsäure</translation>
    </message>
    <message>
        <source>Stearic</source>
        <translation>Stearinsäure</translation>
    </message>
    <message>
        <source>Oleic</source>
        <translation>Ölsäure</translation>
    </message>
    <message>
        <source>Ricinoleic</source>
        <translation>Ricinolsäure</translation>
    </message>
    <message>
        <source>Linoleic</source>
        <translation>Linolsäure</translation>
    </message>
    <message>
        <source>Linolenic</source>
        <translation>Linolensäure</translation>
    </message>
    <message>
        <source>Arachidic</source>
        <translation>Arachinsäure</translation>
    </message>
    <message>
        <source>Gondoic</source>
        <translation>Gondosäure</translation>
    </message>
    <message>
        <source>Behenic</source>
        <translation>Behensäure</translation>
    </message>
    <message>
        <source>Erucic</source>
        <translation>Erucasäure</translation>
    </message>
    <message>
        <source>Lignoceric</source>
        <translation>Lignocerinsäure</translation>
    </message>
    <message>
        <source>Saponification value</source>
        <translation>Verseifungszahl</translation>
    </message>
    <message>
        <source>Acid value</source>
        <translation>Säurezahl</translation>
    </message>
    <message>
        <source>Iodine value</source>
        <translation>Iodzahl</translation>
    </message>
    <message>
        <source>Titratable acidity</source>
        <translation>Titrierbare Säure</translation>
    </message>
    <message>
        <source>pH</source>
        <translation>pH-Wert</translation>
    </message>
    <message>
        <source>Density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>Melting point</source>
        <translation>Schmelzpunkt</translation>
    </message>
    <message>
        <source>Flash point</source>
        <translation>Flammpunkt</translation>
    </message>
    <message>
        <source>Unsaponifiables</source>
        <translation>Unverseifbares</translation>
    </message>
    <message>
        <source>Usual use, of the oils</source>
        <translation>Übliche Menge, von den Ölen</translation>
    </message>
    <message>
        <source>mg KOH/g</source>
        <translation>mg KOH/g</translation>
    </message>
    <message>
        <source>g I₂/100 g</source>
        <translation>g I₂/100 g</translation>
    </message>
    <message>
        <source>mmol/100 g</source>
        <translation>mmol/100 g</translation>
    </message>
    <message>
        <source>g/ml</source>
        <translation>g/ml</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>Speeds trace: have everything ready before it goes in.</source>
        <translation>Beschleunigt das Zeichnen: halte alles bereit, bevor es hineinkommt.</translation>
    </message>
    <message>
        <source>Slows trace: leaves time for a pattern.</source>
        <translation>Verlangsamt das Zeichnen: lässt Zeit für ein Muster.</translation>
    </message>
    <message>
        <source>Heats the batter: keep the mould cooler than usual.</source>
        <translation>Heizt den Seifenleim: halte die Form kühler als sonst.</translation>
    </message>
    <message>
        <source>Browns in lye and goes on browning in the cure.</source>
        <translation>Wird in Lauge braun und beim Reifen noch brauner.</translation>
    </message>
    <message>
        <source>Can seize the batter solid: stir it in last, by hand.</source>
        <translation>Kann den Seifenleim schlagartig fest machen: zuletzt von Hand einrühren.</translation>
    </message>
    <message>
        <source>Can rice the batter into grains: stir or blend it smooth.</source>
        <translation>Kann den Seifenleim grießig machen: glatt rühren oder pürieren.</translation>
    </message>
    <message>
        <source>Its colour or scent fades in lye and in light.</source>
        <translation>Farbe oder Duft verblassen in Lauge und Licht.</translation>
    </message>
    <message>
        <source>Scratchy above %1 of the oils, and sooner when coarse.</source>
        <translation>Kratzig über %1 der Öle, und eher, wenn es grob ist.</translation>
    </message>
    <message>
        <source>Scratchy: not for faces.</source>
        <translation>Kratzig: nicht fürs Gesicht.</translation>
    </message>
    <message>
        <source>Dissolve it first, in water taken from the recipe’s own.</source>
        <translation>Zuerst lösen, in Wasser aus dem Rezept selbst.</translation>
    </message>
    <message>
        <source>Clumps: rub it into a spoon of oil first.</source>
        <translation>Klumpt: zuerst mit einem Löffel Öl verreiben.</translation>
    </message>
    <message>
        <source>Clumps: rub it into a little glycerin first.</source>
        <translation>Klumpt: zuerst mit etwas Glycerin verreiben.</translation>
    </message>
    <message>
        <source>Clumps: stir it into a little water first.</source>
        <translation>Klumpt: zuerst in etwas Wasser rühren.</translation>
    </message>
    <message>
        <source>Settles: wait for a medium trace before it goes in.</source>
        <translation>Setzt sich ab: warte auf mittleres Zeichnen, bevor es hineinkommt.</translation>
    </message>
    <message>
        <source>Never in aluminium: it eats the metal.</source>
        <translation>Nie in Aluminium: es frisst das Metall.</translation>
    </message>
    <message>
        <source>Stains cloth, wood and moulds, and may colour the lather.</source>
        <translation>Färbt Stoff, Holz und Formen, vielleicht auch den Schaum.</translation>
    </message>
    <message>
        <source>An allergen: name it on the label.</source>
        <translation>Ein Allergen: nenne es auf dem Etikett.</translation>
    </message>
    <message>
        <source>Can mark skin in the sun: keep to the supplier’s cap.</source>
        <translation>Kann in der Sonne die Haut zeichnen: bleib unter der Grenze des Lieferanten.</translation>
    </message>
    <message>
        <source>Leave it out of children’s soap.</source>
        <translation>Lass es aus Seife für Kinder weg.</translation>
    </message>
    <message>
        <source>Gives off fumes where it meets lye: add slowly, good air.</source>
        <translation>Gibt Dämpfe ab, wo es auf Lauge trifft: langsam zugeben, gute Luft.</translation>
    </message>
    <message>
        <source>Foams up in lye: use a jug twice the size.</source>
        <translation>Schäumt in Lauge auf: nimm einen doppelt so großen Krug.</translation>
    </message>
    <message>
        <source>Softens the bar above %1 of the oils.</source>
        <translation>Macht das Stück über %1 der Öle weich.</translation>
    </message>
    <message>
        <source>Softens the bar.</source>
        <translation>Macht das Stück weich.</translation>
    </message>
    <message>
        <source>Hardens the bar.</source>
        <translation>Macht das Stück hart.</translation>
    </message>
    <message>
        <source>Sets again in a cool batter: keep the pot above its melting point.</source>
        <translation>Wird in kühlem Leim wieder fest: halte den Topf über seinem Schmelzpunkt.</translation>
    </message>
    <message>
        <source>Above %1 of the oils a bar can spot and go rancid.</source>
        <translation>Über %1 der Öle kann ein Stück Flecken bekommen und ranzig werden.</translation>
    </message>
    <message>
        <source>Goes rancid early: buy little and keep it cool.</source>
        <translation>Wird früh ranzig: wenig kaufen und kühl lagern.</translation>
    </message>
    <message>
        <source>Cuts the lather above %1 of the oils.</source>
        <translation>Mindert den Schaum über %1 der Öle.</translation>
    </message>
    <message>
        <source>Cuts the lather.</source>
        <translation>Mindert den Schaum.</translation>
    </message>
    <message>
        <source>Can throw soap out of the batter: keep to little, well dissolved.</source>
        <translation>Kann Seife aus dem Leim werfen: wenig nehmen, gut gelöst.</translation>
    </message>
    <message>
        <source>Above %1 of the oils the bar crumbles.</source>
        <translation>Über %1 der Öle bröselt das Stück.</translation>
    </message>
    <message>
        <source>Much of it makes the bar crumble.</source>
        <translation>Viel davon lässt das Stück bröseln.</translation>
    </message>
    <message>
        <source>Sugar was added to it: it heats and browns.</source>
        <translation>Ihr wurde Zucker zugesetzt: sie wird heiß und braun.</translation>
    </message>
    <message>
        <source>For one’s own household: selling soap of it is a matter of local law.</source>
        <translation>Für den eigenen Haushalt: ob Seife daraus verkauft werden darf, ist Sache des örtlichen Rechts.</translation>
    </message>
    <message>
        <source>Weigh it after straining: herbs hold oil back.</source>
        <translation>Nach dem Abseihen wiegen: Kräuter halten Öl zurück.</translation>
    </message>
    <message>
        <source>Sold in several purities: read the drum and set yours.</source>
        <translation>In mehreren Reinheiten im Handel: lies das Gebinde und stell deine ein.</translation>
    </message>
    <message>
        <source>Whether it holds crystal water is known.</source>
        <translation>Ob es Kristallwasser enthält, ist bekannt.</translation>
    </message>
    <message>
        <source>Ask for the certificate with its saponification value.</source>
        <translation>Frag nach dem Zertifikat mit der Verseifungszahl.</translation>
    </message>
    <message>
        <source>Read its purity off the drum, or titrate it on the shelf.</source>
        <translation>Lies die Reinheit vom Gebinde ab oder titriere es am Regal.</translation>
    </message>
    <message>
        <source>Read its fat off the label.</source>
        <translation>Lies den Fettgehalt vom Etikett ab.</translation>
    </message>
    <message>
        <source>Dry a little down, on the shelf.</source>
        <translation>Trockne etwas davon ein, am Regal.</translation>
    </message>
    <message>
        <source>Titrate its acids, on the shelf.</source>
        <translation>Titriere seine Säuren, am Regal.</translation>
    </message>
    <message>
        <source>A reading is missing or is not above 0.</source>
        <translation>Ein Messwert fehlt oder liegt nicht über 0.</translation>
    </message>
    <message>
        <source>The empty weight leaves nothing: weigh it again, with and without.</source>
        <translation>Das Leergewicht lässt nichts übrig: wiege noch einmal, mit und ohne.</translation>
    </message>
    <message>
        <source>It grew heavier while drying. Change the two weights over, or weigh again.</source>
        <translation>Es wurde beim Trocknen schwerer. Tausche die beiden Gewichte oder wiege noch einmal.</translation>
    </message>
    <message>
        <source>The correction holds from 10 to 30 °C. Let it come to the room’s temperature and read again.</source>
        <translation>Die Berichtigung gilt von 10 bis 30 °C. Lass es auf Raumtemperatur kommen und lies noch einmal ab.</translation>
    </message>
    <message>
        <source>A reading lies between 0 and 85 °Bx.</source>
        <translation>Eine Ablesung liegt zwischen 0 und 85 °Bx.</translation>
    </message>
    <message>
        <source>The solids leave no water: check both figures.</source>
        <translation>Die Feststoffe lassen kein Wasser übrig: prüfe beide Werte.</translation>
    </message>
    <message>
        <source>Fill in at least one run.</source>
        <translation>Fülle mindestens einen Durchgang aus.</translation>
    </message>
    <message>
        <source>One run is more than a quarter off the mean: something was misread. Do it once more, and leave that one out.</source>
        <translation>Ein Durchgang liegt mehr als ein Viertel neben dem Mittel: da wurde etwas falsch abgelesen. Mach noch einen und lass diesen weg.</translation>
    </message>
    <message>
        <source>That is more than 100&#xa0;% pure, so a weight is wrong, or the citric acid is the other form than stated.</source>
        <translation>Das sind mehr als 100 % rein, also stimmt ein Gewicht nicht, oder die Zitronensäure ist die andere Form als angegeben.</translation>
    </message>
    <message>
        <source>It ends heavier than it began, or lost more than its water. Weigh it again without the pan.</source>
        <translation>Es endet schwerer, als es begann, oder verlor mehr als sein Wasser. Wiege es noch einmal ohne den Topf.</translation>
    </message>
    <message>
        <source>It needs a name.</source>
        <translation>Es braucht einen Namen.</translation>
    </message>
    <message>
        <source>%1 is above 100&#xa0;%.</source>
        <translation>%1 liegt über 100 %.</translation>
    </message>
    <message>
        <source>The shares add up to more than 100&#xa0;%: lower one of them.</source>
        <translation>Die Anteile ergeben mehr als 100 %: senke einen davon.</translation>
    </message>
    <message>
        <source>It holds fat, so it needs a saponification value (for a fatty acid, an acid value).</source>
        <translation>Es enthält Fett, also braucht es eine Verseifungszahl (eine Fettsäure eine Säurezahl).</translation>
    </message>
    <message>
        <source>A hydroxide needs its purity.</source>
        <translation>Ein Hydroxid braucht seine Reinheit.</translation>
    </message>
    <message>
        <source>%1 has no source: say where the figure is from.</source>
        <translation>%1 hat keine Quelle: sag, woher der Wert ist.</translation>
    </message>
    <message>
        <source>%1 must lie above 0 and up to 700 mg KOH/g.</source>
        <translation>%1 muss über 0 liegen, bis 700 mg KOH/g.</translation>
    </message>
    <message>
        <source>The fatty acids should add up to about 100&#xa0;% (90 to 102).</source>
        <translation>Die Fettsäuren sollten etwa 100 % ergeben (90 bis 102).</translation>
    </message>
    <message>
        <source>A household measure needs a name and a weight above 0 g.</source>
        <translation>Ein Küchenmaß braucht einen Namen und ein Gewicht über 0 g.</translation>
    </message>
    <message>
        <source>A text of it is too long: 200 letters for a name, 2000 for a note, 50 other names.</source>
        <translation>Ein Text davon ist zu lang: 200 Zeichen für einen Namen, 2000 für eine Notiz, 50 andere Namen.</translation>
    </message>
    <message>
        <source>Fats and oils</source>
        <translation>Fette und Öle</translation>
    </message>
    <message>
        <source>Fatty acids</source>
        <translation>Fettsäuren</translation>
    </message>
    <message>
        <source>Hydroxides</source>
        <translation>Hydroxide</translation>
    </message>
    <message>
        <source>Acids and their salts</source>
        <translation>Säuren und ihre Salze</translation>
    </message>
    <message>
        <source>Milks</source>
        <translation>Milch</translation>
    </message>
    <message>
        <source>Purees and juices</source>
        <translation>Pürees und Säfte</translation>
    </message>
    <message>
        <source>Sugars</source>
        <translation>Zucker</translation>
    </message>
    <message>
        <source>Salts</source>
        <translation>Salze</translation>
    </message>
    <message>
        <source>Liquids</source>
        <translation>Flüssigkeiten</translation>
    </message>
    <message>
        <source>Clays, grains, scrubs</source>
        <translation>Tonerden, Körner, Peelings</translation>
    </message>
    <message>
        <source>Waxes and resins</source>
        <translation>Wachse und Harze</translation>
    </message>
    <message>
        <source>Eggs</source>
        <translation>Eier</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Scents</source>
        <translation>Düfte</translation>
    </message>
    <message>
        <source>tsp</source>
        <translation>TL</translation>
    </message>
    <message>
        <source>tsp, heaped</source>
        <translation>TL, gehäuft</translation>
    </message>
    <message>
        <source>tbsp</source>
        <translation>EL</translation>
    </message>
    <message>
        <source>tbsp, heaped</source>
        <translation>EL, gehäuft</translation>
    </message>
    <message>
        <source>cup</source>
        <translation>Tasse</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Tropfen</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>egg</source>
        <translation>Ei</translation>
    </message>
    <message>
        <source>yolk</source>
        <translation>Dotter</translation>
    </message>
    <message>
        <source>white</source>
        <translation>Eiweiß</translation>
    </message>
</context>
<context>
    <name>Sources</name>
    <message>
        <source>By definition</source>
        <translation>Aus der Definition</translation>
    </message>
    <message>
        <source>What it is in its maker’s own word, the figures wide: common practice, no source</source>
        <translation>Was es nach dem Wort der Siederin oder des Sieders ist, die Werte weit: Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>Purity as you set it, within a hundredth: common practice, no source</source>
        <translation>Reinheit, wie du sie eingestellt hast, auf ein Hundertstel: Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>SV of the usual fat of this kind of food</source>
        <translation>VZ des üblichen Fetts dieser Art Lebensmittel</translation>
    </message>
    <message>
        <source>Usual pH of the food</source>
        <translation>Üblicher pH-Wert des Lebensmittels</translation>
    </message>
    <message>
        <source>Not known: titrate it, or treat it as 0 to the most such a food has</source>
        <translation>Nicht bekannt: titriere es oder rechne mit 0 bis zum Höchsten, was ein solches Lebensmittel hat</translation>
    </message>
    <message>
        <source>%1 (from memory)</source>
        <translation>%1 (aus dem Gedächtnis)</translation>
    </message>
</context>
<context>
    <name>Speech</name>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>ml</source>
        <translation>ml</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>%1 times</source>
        <translation>%1-mal</translation>
    </message>
    <message>
        <source>oz</source>
        <translation>oz</translation>
    </message>
    <message>
        <source>lb</source>
        <translation>lb</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>%1 to 1</source>
        <translation>%1 zu 1</translation>
    </message>
    <message>
        <source>mol</source>
        <translation>mol</translation>
    </message>
    <message>
        <source>kg</source>
        <translation>kg</translation>
    </message>
    <message>
        <source>% of oils</source>
        <translation>% der Öle</translation>
    </message>
    <message>
        <source>% of batter</source>
        <translation>% des Seifenleims</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>Rest</translation>
    </message>
    <message>
        <source>fl oz</source>
        <translation>fl oz</translation>
    </message>
    <message>
        <source>tsp</source>
        <translation>TL</translation>
    </message>
    <message>
        <source>tsp heaped</source>
        <translation>TL gehäuft</translation>
    </message>
    <message>
        <source>tbsp</source>
        <translation>EL</translation>
    </message>
    <message>
        <source>tbsp heaped</source>
        <translation>EL gehäuft</translation>
    </message>
    <message>
        <source>cup</source>
        <translation>Tasse</translation>
    </message>
    <message>
        <source>cups</source>
        <translation>Tassen</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Tropfen</translation>
    </message>
    <message>
        <source>drops</source>
        <translation>Tropfen</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>% of liquid</source>
        <translation>% der Flüssigkeit</translation>
    </message>
    <message>
        <source>the rest</source>
        <translation>der Rest</translation>
    </message>
    <message>
        <source>g/mol</source>
        <translation>g/mol</translation>
    </message>
    <message>
        <source>mg/g</source>
        <translation>mg/g</translation>
    </message>
    <message>
        <source>mmol/100 g</source>
        <translation>mmol/100 g</translation>
    </message>
    <message>
        <source>g/g</source>
        <translation>g/g</translation>
    </message>
    <message>
        <source>mmol/g</source>
        <translation>mmol/g</translation>
    </message>
    <message>
        <source>°Bx</source>
        <translation>°Bx</translation>
    </message>
    <message>
        <source>mol/l</source>
        <translation>mol/l</translation>
    </message>
    <message>
        <source>g/ml</source>
        <translation>g/ml</translation>
    </message>
</context>
<context>
    <name>Start</name>
    <message>
        <source>Gate-latch buttermilk bar</source>
        <translation>Gartentor-Buttermilchseife</translation>
    </message>
    <message>
        <source>Espalier pear bar</source>
        <translation>Spalierbirnenseife</translation>
    </message>
    <message>
        <source>Hive-corner yogurt bar</source>
        <translation>Bienenwinkel-Joghurtseife</translation>
    </message>
    <message>
        <source>Washstand two-lye block</source>
        <translation>Waschtischblock mit zwei Laugen</translation>
    </message>
    <message>
        <source>Slipway brine bar</source>
        <translation>Bootsrampen-Soleseife</translation>
    </message>
    <message>
        <source>Shingle salt rounds</source>
        <translation>Kieselsalz-Rundlinge</translation>
    </message>
    <message>
        <source>Terrace olive loaf</source>
        <translation>Terrassen-Olivenblock</translation>
    </message>
    <message>
        <source>Stove-side cooked loaf</source>
        <translation>Herdplatten-Kochseife</translation>
    </message>
    <message>
        <source>Half-and-half madder loaf</source>
        <translation>Halb-und-halb-Krappblock</translation>
    </message>
    <message>
        <source>Chalk-well bar</source>
        <translation>Kalkbrunnenseife</translation>
    </message>
    <message>
        <source>Coop-yard yolk bar</source>
        <translation>Hühnerhof-Dotterseife</translation>
    </message>
    <message>
        <source>Four trial pucks</source>
        <translation>Vier Probetaler</translation>
    </message>
    <message>
        <source>milk in the oils, not in the lye</source>
        <translation>Milch in die Öle, nicht in die Lauge</translation>
    </message>
    <message>
        <source>a puree as all the liquid</source>
        <translation>ein Püree als ganze Flüssigkeit</translation>
    </message>
    <message>
        <source>yogurt and honey, taken off the water</source>
        <translation>Joghurt und Honig, vom Wasser abgezogen</translation>
    </message>
    <message>
        <source>two hydroxides, and citric acid made up for</source>
        <translation>zwei Hydroxide und ausgeglichene Zitronensäure</translation>
    </message>
    <message>
        <source>salt dissolved before the lye</source>
        <translation>Salz vor dem Hydroxid gelöst</translation>
    </message>
    <message>
        <source>a salt bar, and why it wants coconut</source>
        <translation>eine Salzseife, und warum sie Kokos will</translation>
    </message>
    <message>
        <source>one oil alone, with little water</source>
        <translation>ein Öl allein, mit wenig Wasser</translation>
    </message>
    <message>
        <source>hot process, with oil after the cook</source>
        <translation>Heißverfahren, mit Öl nach dem Kochen</translation>
    </message>
    <message>
        <source>one batter, two portions</source>
        <translation>ein Seifenleim, zwei Portionen</translation>
    </message>
    <message>
        <source>a bar for hard water</source>
        <translation>eine Seife für hartes Wasser</translation>
    </message>
    <message>
        <source>egg yolk, and its fat counted</source>
        <translation>Eigelb, und sein Fett gezählt</translation>
    </message>
    <message>
        <source>small trials from one lye made ahead</source>
        <translation>kleine Proben aus einer vorab angesetzten Lauge</translation>
    </message>
    <message>
        <source>Milk that never meets strong lye alone stays pale: it is blended into the oils, and the lye is dissolved in water by itself. The jug therefore stands stronger than the batch, which the bench shows beside it. The buttermilk’s own fat and acid are counted.</source>
        <translation>Milch, die nie allein auf starke Lauge trifft, bleibt hell: sie wird in die Öle püriert, und das Hydroxid löst sich für sich in Wasser. Der Krug steht darum stärker als die Charge, was die Werkbank daneben zeigt. Fett und Säure der Buttermilch werden mitgerechnet.</translation>
    </message>
    <message>
        <source>Pear puree is the rest of the liquid: the bench works out how much of it brings the water that is wanted. It goes into the jug frozen, because its sugar heats and browns. Its acid takes a little lye, and that lye is added.</source>
        <translation>Birnenpüree ist der Rest der Flüssigkeit: die Werkbank rechnet aus, wie viel davon das gewünschte Wasser bringt. Es kommt gefroren in den Krug, weil sein Zucker heizt und bräunt. Seine Säure nimmt etwas Alkali auf, und das kommt dazu.</translation>
    </message>
    <message>
        <source>The water of yogurt and honey is taken off the water in the jug, so the batter is no wetter for them. Yogurt goes in at emulsion and honey thinned at trace, away from fresh lye. Both heat the batter, so it is joined cooler and left uncovered.</source>
        <translation>Das Wasser von Joghurt und Honig wird vom Wasser im Krug abgezogen, so wird der Leim ihretwegen nicht nasser. Joghurt kommt bei Emulsion hinein und Honig verdünnt beim Zeichnen, fern von frischer Lauge. Beide heizen den Leim, darum wird er kühler zusammengebracht und unbedeckt gelassen.</translation>
    </message>
    <message>
        <source>Sodium and potassium hydroxide share the work by moles, six to four, for soap that is soft and quick to lather. Citric acid takes lye before any fat does, so its lye is weighed besides. The potash is taken as 90 % pure: read your drum, and set it.</source>
        <translation>Natrium- und Kaliumhydroxid teilen sich die Arbeit nach Mol, sechs zu vier, für eine Seife, die weich ist und schnell schäumt. Zitronensäure nimmt Alkali vor jedem Fett auf, darum wird ihr Hydroxid zusätzlich gewogen. Das Kaliumhydroxid gilt als 90 % rein: lies dein Gebinde und stell es ein.</translation>
    </message>
    <message>
        <source>Salt is dissolved in the water before any lye goes in; afterwards it hardly would. It firms a soft bar of olive oil and lets it leave the mould sooner. Much more than this parts the soap from the lye.</source>
        <translation>Salz wird im Wasser gelöst, bevor Hydroxid hineinkommt; danach ginge es kaum noch. Es macht ein weiches Stück aus Olivenöl fester und lässt es eher aus der Form. Viel mehr davon trennt die Seife von der Lauge.</translation>
    </message>
    <message>
        <source>Coconut soap bears salt, others are driven out of the water, so four fifths are coconut. Superfat is high, because so much coconut takes skin fat along. Cavities save the cutting, which must come within hours.</source>
        <translation>Kokosseife verträgt Salz, andere werden aus dem Wasser getrieben, darum sind vier Fünftel Kokos. Die Überfettung ist hoch, weil so viel Kokos Hautfett mitnimmt. Mulden ersparen das Schneiden, das binnen Stunden kommen müsste.</translation>
    </message>
    <message>
        <source>Little water lets a bar of olive oil alone leave its mould within days instead of weeks. Superfat is low: the bar is mild without it, and would stay soft with more. A long cure makes it less slimy in the dish.</source>
        <translation>Wenig Wasser lässt ein Stück aus Olivenöl allein nach Tagen statt Wochen aus der Form. Die Überfettung ist niedrig: das Stück ist ohne sie mild und bliebe mit mehr weich. Langes Reifen macht es in der Schale weniger schleimig.</translation>
    </message>
    <message>
        <source>What goes in after the cook meets no free lye: oil, yogurt and scent stay what they are. Superfat is set on what is cooked and the oil afterwards comes on top; the bench shows both. More water keeps it fluid in the pot.</source>
        <translation>Was nach dem Kochen hineinkommt, trifft keine freie Lauge: Öl, Joghurt und Duft bleiben, was sie sind. Die Überfettung ist auf das Gekochte eingestellt, und das Öl danach kommt obendrauf; die Werkbank zeigt beides. Mehr Wasser hält sie im Topf fließend.</translation>
    </message>
    <message>
        <source>One batter is divided once it is emulsified, and each portion keeps its own account. The madder is wetted for one portion only, and its share is that of the portion. A fair pair to compare: only one thing differs.</source>
        <translation>Ein Seifenleim wird geteilt, wenn er emulgiert ist, und jede Portion behält ihre eigene Rechnung. Der Krapp wird nur für eine Portion angefeuchtet, und sein Anteil ist der an der Portion. Ein schönes Paar zum Vergleichen: nur eines ist anders.</translation>
    </message>
    <message>
        <source>Citrate makes the scum of hard water looser and easier to rinse; it does not stop it. Gluconate ties iron and copper that turn oils rancid. Open the panel on hard water and type your own to see how far it reaches.</source>
        <translation>Citrat macht die Kalkseife von hartem Wasser lockerer und leichter zu spülen; es verhindert sie nicht. Gluconat bindet Eisen und Kupfer, die Öle ranzig werden lassen. Öffne das Blatt über hartes Wasser und tippe deines ein, um zu sehen, wie weit es reicht.</translation>
    </message>
    <message>
        <source>A third of a yolk is fat, and by the careful school that fat counts only as far as it is surely there. The yolk is tempered with a little batter at trace, because hot lye would cook it. Joined cool, and used fresh.</source>
        <translation>Ein Drittel eines Dotters ist Fett, und nach der vorsichtigen Schule zählt dieses Fett nur so weit, wie es sicher da ist. Der Dotter wird beim Zeichnen mit etwas Leim angewärmt, weil heiße Lauge ihn garen würde. Kühl zusammengebracht und frisch verbraucht.</translation>
    </message>
    <message>
        <source>Three hundred grams of oils make four pucks: enough to try one change at a time. A lye of equal weights keeps for weeks, closed and marked, and serves several trials; the rest of the water goes in apart. Make it under “Lye made ahead”.</source>
        <translation>Dreihundert Gramm Öle geben vier Taler: genug, um eine Änderung nach der anderen zu versuchen. Eine Lauge aus gleichen Gewichten hält, verschlossen und beschriftet, wochenlang und dient mehreren Proben; das übrige Wasser kommt für sich hinein. Setze sie unter „Lauge auf Vorrat“ an.</translation>
    </message>
</context>
<context>
    <name>Step</name>
    <message>
        <source>Stir in %1.</source>
        <translation>Rühre %1 ein.</translation>
    </message>
    <message>
        <source>In this order: %1.</source>
        <translation>In dieser Reihenfolge: %1.</translation>
    </message>
    <message>
        <source>With a spoonful of the oil set aside for %1, until no dry bit is left.</source>
        <translation>Mit einem Löffel des Öls, das für %1 beiseitesteht, bis nichts Trockenes übrig ist.</translation>
    </message>
    <message>
        <source>With a spoonful of oil out of the pot’s, so that no figure moves; until no dry bit is left.</source>
        <translation>Mit einem Löffel vom Öl aus dem Topf, damit sich kein Wert ändert; bis nichts Trockenes übrig ist.</translation>
    </message>
    <message>
        <source>With a few drops of glycerin, until no dry bit is left.</source>
        <translation>Mit ein paar Tropfen Glycerin, bis nichts Trockenes übrig ist.</translation>
    </message>
    <message>
        <source>With a little of the measured liquid, until no dry bit is left.</source>
        <translation>Mit etwas von der abgemessenen Flüssigkeit, bis nichts Trockenes übrig ist.</translation>
    </message>
    <message>
        <source>Make ready</source>
        <translation>Vorbereiten</translation>
    </message>
    <message>
        <source>%1, frozen</source>
        <translation>%1, gefroren</translation>
    </message>
    <message>
        <source>Dissolve %1</source>
        <translation>%1 auflösen</translation>
    </message>
    <message>
        <source>Dissolve acid, sugar and salt in the jug’s liquid</source>
        <translation>Säure, Zucker und Salz in der Flüssigkeit des Krugs auflösen</translation>
    </message>
    <message>
        <source>Lye into the second jug’s liquid</source>
        <translation>Hydroxid in die Flüssigkeit des zweiten Krugs</translation>
    </message>
    <message>
        <source>Lye into the liquid</source>
        <translation>Hydroxid in die Flüssigkeit</translation>
    </message>
    <message>
        <source>Melt and mix the oils</source>
        <translation>Öle schmelzen und mischen</translation>
    </message>
    <message>
        <source>Lye into the oils, blend to emulsion</source>
        <translation>Lauge in die Öle, zur Emulsion pürieren</translation>
    </message>
    <message>
        <source>Stir in what comes at emulsion</source>
        <translation>Einrühren, was bei Emulsion hineinkommt</translation>
    </message>
    <message>
        <source>Blend to trace, stir in what comes at trace</source>
        <translation>Bis zum Zeichnen pürieren, einrühren, was dann hineinkommt</translation>
    </message>
    <message>
        <source>Divide the batter</source>
        <translation>Den Seifenleim teilen</translation>
    </message>
    <message>
        <source>Finish %1</source>
        <translation>%1 fertig machen</translation>
    </message>
    <message>
        <source>Cook until it is soap</source>
        <translation>Kochen, bis es Seife ist</translation>
    </message>
    <message>
        <source>Stir in what comes after the cook</source>
        <translation>Einrühren, was nach dem Kochen hineinkommt</translation>
    </message>
    <message>
        <source>Pour into the mould</source>
        <translation>In die Form gießen</translation>
    </message>
    <message>
        <source>Decorate the top</source>
        <translation>Die Oberseite schmücken</translation>
    </message>
    <message>
        <source>Infuse %1</source>
        <translation>%1 ausziehen</translation>
    </message>
    <message>
        <source>Puree or press %1</source>
        <translation>%1 pürieren oder pressen</translation>
    </message>
    <message>
        <source>Let %1 go flat</source>
        <translation>%1 schal werden lassen</translation>
    </message>
    <message>
        <source>Freeze %1</source>
        <translation>%1 einfrieren</translation>
    </message>
    <message>
        <source>Stock lye made and cold</source>
        <translation>Stammlauge angesetzt und kalt</translation>
    </message>
    <message>
        <source>Line the mould, lay everything out</source>
        <translation>Form auskleiden, alles bereitlegen</translation>
    </message>
    <message>
        <source>Wet %1</source>
        <translation>%1 anfeuchten</translation>
    </message>
    <message>
        <source>Stand the jug in an ice bath</source>
        <translation>Den Krug in ein Eisbad stellen</translation>
    </message>
    <message>
        <source>Potassium hydroxide into the liquid, first</source>
        <translation>Kaliumhydroxid zuerst in die Flüssigkeit</translation>
    </message>
    <message>
        <source>Look through the lye</source>
        <translation>Die Lauge durchsehen</translation>
    </message>
    <message>
        <source>Into the lye, now that it has cooled</source>
        <translation>In die Lauge, jetzt, wo sie abgekühlt ist</translation>
    </message>
    <message>
        <source>Milk, puree and the like into the oils</source>
        <translation>Milch, Püree und dergleichen in die Öle</translation>
    </message>
    <message>
        <source>Wait until jug and pot may meet</source>
        <translation>Warten, bis Krug und Topf sich treffen dürfen</translation>
    </message>
    <message>
        <source>Cook until it separates</source>
        <translation>Kochen, bis sie sich trennt</translation>
    </message>
    <message>
        <source>Cook on to applesauce</source>
        <translation>Weiterkochen bis Apfelmus</translation>
    </message>
    <message>
        <source>Cook on to mashed potato</source>
        <translation>Weiterkochen bis Kartoffelbrei</translation>
    </message>
    <message>
        <source>Test for lye before anything goes in</source>
        <translation>Auf Lauge testen, bevor etwas hineinkommt</translation>
    </message>
    <message>
        <source>Let it cool for the scent</source>
        <translation>Für den Duft abkühlen lassen</translation>
    </message>
    <message>
        <source>%1, by hand, last</source>
        <translation>%1, von Hand, zuletzt</translation>
    </message>
    <message>
        <source>Pour %1</source>
        <translation>%1 gießen</translation>
    </message>
    <message>
        <source>Wait until the layer carries %1</source>
        <translation>Warten, bis die Schicht %1 trägt</translation>
    </message>
    <message>
        <source>Cover it, or chill it</source>
        <translation>Zudecken oder kühlen</translation>
    </message>
    <message>
        <source>A step of your own</source>
        <translation>Ein eigener Schritt</translation>
    </message>
    <message>
        <source>Out of the liquid you have measured, not beside it.</source>
        <translation>Aus der Flüssigkeit, die du abgemessen hast, nicht daneben.</translation>
    </message>
    <message>
        <source>Stir until nothing is left to see.</source>
        <translation>Rühre, bis nichts mehr zu sehen ist.</translation>
    </message>
    <message>
        <source>%1, into a cup of its own; it comes back at trace.</source>
        <translation>%1 in einen eigenen Becher; es kommt beim Zeichnen zurück.</translation>
    </message>
    <message>
        <source>Of the melted oils, into a cup of its own; it comes back at trace.</source>
        <translation>Von den geschmolzenen Ölen in einen eigenen Becher; es kommt beim Zeichnen zurück.</translation>
    </message>
    <message>
        <source>Until then the pot holds %1 more lye than its oils take.</source>
        <translation>Bis dahin enthält der Topf %1 mehr Hydroxid, als seine Öle aufnehmen.</translation>
    </message>
    <message>
        <source>Into the cup for %1.</source>
        <translation>In den Becher für %1.</translation>
    </message>
    <message>
        <source>Tare the scale with the vessel on it; this goes %1.</source>
        <translation>Tariere die Waage mit dem Gefäß darauf; dies kommt %1 hinein.</translation>
    </message>
    <message>
        <source>Into its own bowl, ready %1.</source>
        <translation>In eine eigene Schüssel, bereit %1.</translation>
    </message>
    <message>
        <source>Cold water, into the jug.</source>
        <translation>Kaltes Wasser, in den Krug.</translation>
    </message>
    <message>
        <source>Into a dry cup of its own, not yet into the jug. Close the tub: it draws water from the air.</source>
        <translation>In einen eigenen trockenen Becher, noch nicht in den Krug. Verschließe die Dose: es zieht Wasser aus der Luft.</translation>
    </message>
    <message>
        <source>Stir until nothing is left to see, before any lye.</source>
        <translation>Rühre, bis nichts mehr zu sehen ist, vor jedem Hydroxid.</translation>
    </message>
    <message>
        <source>Lye to the liquid, never the reverse. Stir each portion clear.</source>
        <translation>Hydroxid in die Flüssigkeit, nie umgekehrt. Rühre jede Portion klar.</translation>
    </message>
    <message>
        <source>The liquid is frozen: a spoonful at a time, over ice.</source>
        <translation>Die Flüssigkeit ist gefroren: einen Löffel nach dem anderen, über Eis.</translation>
    </message>
    <message>
        <source>Jug strength %1.</source>
        <translation>Konzentration im Krug %1.</translation>
    </message>
    <message>
        <source>Warm until clear, then let it cool towards the jug.</source>
        <translation>Wärmen, bis alles klar ist, dann auf den Krug zu abkühlen lassen.</translation>
    </message>
    <message>
        <source>Pour the lye over a spatula or down the blender’s shaft. Blend in bursts: half a minute on, half a minute by hand.</source>
        <translation>Gieß die Lauge über einen Spatel oder am Schaft des Mixers entlang. Püriere in Stößen: eine halbe Minute an, eine halbe Minute von Hand.</translation>
    </message>
    <message>
        <source>Bring jug and pot to about %1, within %2 of each other.</source>
        <translation>Bring Krug und Topf auf etwa %1, höchstens %2 auseinander.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source> (%1)</source>
        <translation> (%1)</translation>
    </message>
    <message>
        <source>Weigh the batter out. %1.</source>
        <translation>Wiege den Seifenleim ab. %1.</translation>
    </message>
    <message>
        <source>Wet colour, clay or yolk with its %1 of oil, then stir all of it in: %2.</source>
        <translation>Feuchte Farbe, Tonerde oder Dotter mit den zugehörigen %1 Öl an, dann rühre alles ein: %2.</translation>
    </message>
    <message>
        <source>Stir its own things in: %1.</source>
        <translation>Rühre ihr Eigenes ein: %1.</translation>
    </message>
    <message>
        <source>When no oil shows on top any more.</source>
        <translation>Wenn oben kein Öl mehr zu sehen ist.</translation>
    </message>
    <message>
        <source>When a drizzle stays to see for a moment.</source>
        <translation>Wenn ein Faden einen Augenblick lang sichtbar bleibt.</translation>
    </message>
    <message>
        <source>Glossy and half clear, as thick as set honey. Stir now and then; add back water that steams off.</source>
        <translation>Glänzend und halb klar, dick wie fester Honig. Ab und zu umrühren; Wasser, das verdampft, wieder zugeben.</translation>
    </message>
    <message>
        <source>Only when the cook is done.</source>
        <translation>Erst, wenn fertig gekocht ist.</translation>
    </message>
    <message>
        <source>Over a spatula, close to the surface; then tap out the air.</source>
        <translation>Über einen Spatel, nah an der Oberfläche; dann die Luft herausklopfen.</translation>
    </message>
    <message>
        <source>Press it in lightly.</source>
        <translation>Leicht andrücken.</translation>
    </message>
    <message>
        <source>Dry herbs under oil for weeks, in the dark; or warm for hours. Strain it, and weigh it strained.</source>
        <translation>Getrocknete Kräuter wochenlang im Dunkeln unter Öl; oder stundenlang warm. Abseihen und abgeseiht wiegen.</translation>
    </message>
    <message>
        <source>Wash, cook soft and puree, or press the juice; strain it and let it cool. Weigh it as it is then.</source>
        <translation>Waschen, weich kochen und pürieren oder den Saft pressen; abseihen und abkühlen lassen. Wiege es so, wie es dann ist.</translation>
    </message>
    <message>
        <source>Simmer and stir until it no longer foams, let it cool: bubbles and alcohol boil over with lye.</source>
        <translation>Köcheln und rühren, bis es nicht mehr schäumt, abkühlen lassen: Kohlensäure und Alkohol kochen mit Lauge über.</translation>
    </message>
    <message>
        <source>Weigh %1 into a flat bag or small cubes, with room at the top.</source>
        <translation>Wiege %1 in einen flachen Beutel oder kleine Würfel, oben mit Platz.</translation>
    </message>
    <message>
        <source>Clear, labelled, and as cold as the room. Look for crystals at the bottom: warm and swirl until they are gone.</source>
        <translation>Klar, beschriftet und so kalt wie der Raum. Sieh nach Kristallen am Boden: wärmen und schwenken, bis sie weg sind.</translation>
    </message>
    <message>
        <source>Line the mould and weigh it empty. Spoons, spatula, blender, spray and cover in reach: nothing is looked for once lye meets oil.</source>
        <translation>Kleide die Form aus und wiege sie leer. Löffel, Spatel, Mixer, Sprühflasche und Abdeckung in Reichweite: sobald Lauge auf Öl trifft, wird nichts mehr gesucht.</translation>
    </message>
    <message>
        <source>Ice and water as high as the liquid in the jug; the jug must not float.</source>
        <translation>Eis und Wasser so hoch wie die Flüssigkeit im Krug; der Krug darf nicht schwimmen.</translation>
    </message>
    <message>
        <source>It hisses and spits more than the other: a spoonful at a time, stirred clear, before any sodium hydroxide.</source>
        <translation>Es zischt und spritzt mehr als das andere: einen Löffel nach dem anderen, klar gerührt, vor jedem Natriumhydroxid.</translation>
    </message>
    <message>
        <source>No flake at the bottom, no ice left. Specks of soap from milk fat smear between gloved fingers; a flake of lye is hard. Pour it through a steel sieve.</source>
        <translation>Keine Perle am Boden, kein Eis mehr. Seifenflocken aus Milchfett verschmieren zwischen behandschuhten Fingern; eine Hydroxidperle ist hart. Gieß sie durch ein Stahlsieb.</translation>
    </message>
    <message>
        <source>Clear to the bottom, no flake left. Stir again if in doubt.</source>
        <translation>Klar bis zum Boden, keine Perle mehr. Im Zweifel noch einmal rühren.</translation>
    </message>
    <message>
        <source>Stir in: %1.</source>
        <translation>Rühre ein: %1.</translation>
    </message>
    <message>
        <source>Blend in before any lye: %1.</source>
        <translation>Vor jeder Lauge einpürieren: %1.</translation>
    </message>
    <message>
        <source>Lid on, low heat. It thickens, then oil and curds part at the rim.</source>
        <translation>Deckel auf, kleine Hitze. Es dickt, dann trennen sich Öl und Flocken am Rand.</translation>
    </message>
    <message>
        <source>Stir down what rises and scrape the wall; grainy and wet all through.</source>
        <translation>Rühre herunter, was steigt, und streife die Wand ab; durch und durch körnig und nass.</translation>
    </message>
    <message>
        <source>Drier, in stiff folds. A splash of hot water keeps it moving.</source>
        <translation>Trockener, in steifen Falten. Ein Schuss heißes Wasser hält es in Bewegung.</translation>
    </message>
    <message>
        <source>A drop of phenolphthalein on a little of it, cooled: no pink. Pink: cook on. No test on the tongue.</source>
        <translation>Ein Tropfen Phenolphthalein auf etwas davon, abgekühlt: kein Rosa. Rosa: weiterkochen. Kein Test auf der Zunge.</translation>
    </message>
    <message>
        <source>Under %1, five degrees below the lowest flash point.</source>
        <translation>Unter %1, fünf Grad unter dem niedrigsten Flammpunkt.</translation>
    </message>
    <message>
        <source>Under %1 where no flash point is known.</source>
        <translation>Unter %1, wo kein Flammpunkt bekannt ist.</translation>
    </message>
    <message>
        <source>A scent like this can thicken the batter in seconds: mould open, spatula in hand, stir it in by hand and pour at once.</source>
        <translation>Ein solcher Duft kann den Leim in Sekunden dicken: Form offen, Spatel in der Hand, von Hand einrühren und sofort gießen.</translation>
    </message>
    <message>
        <source>Level it and tap out the air.</source>
        <translation>Glatt streichen und die Luft herausklopfen.</translation>
    </message>
    <message>
        <source>When a drop of it stays on top, pour over a spatula.</source>
        <translation>Wenn ein Tropfen davon obenauf bleibt, über einen Spatel gießen.</translation>
    </message>
    <message>
        <source>As you planned: %1. Out of reach of children and pets.</source>
        <translation>Wie du es geplant hast: %1. Außer Reichweite von Kindern und Tieren.</translation>
    </message>
    <message>
        <source>a cover, or the fridge</source>
        <translation>eine Abdeckung oder der Kühlschrank</translation>
    </message>
</context>
<context>
    <name>StepHelp</name>
    <message>
        <source>Lye on skin or in an eye</source>
        <translation>Lauge auf der Haut oder im Auge</translation>
    </message>
    <message>
        <source>It clouds, warms and clears again with each portion.</source>
        <translation>Sie trübt sich, erwärmt sich und wird mit jeder Portion wieder klar.</translation>
    </message>
    <message>
        <source>Soft specks that smear</source>
        <translation>Weiche Flocken, die verschmieren</translation>
    </message>
    <message>
        <source>Soap of the milk’s fat, harmless: pour it through a sieve.</source>
        <translation>Seife aus dem Fett der Milch, harmlos: gieß sie durch ein Sieb.</translation>
    </message>
    <message>
        <source>Orange or brown, a smell of ammonia</source>
        <translation>Orange oder braun, Geruch nach Ammoniak</translation>
    </message>
    <message>
        <source>The milk is scorching. Stop adding, stand the jug in ice, go on with smaller portions once it is cold; the colour stays.</source>
        <translation>Die Milch brennt an. Nichts mehr zugeben, den Krug in Eis stellen, kalt mit kleineren Portionen weitermachen; die Farbe bleibt.</translation>
    </message>
    <message>
        <source>Ice left in the jug when all lye is in</source>
        <translation>Eis im Krug, wenn alles Hydroxid drin ist</translation>
    </message>
    <message>
        <source>Stir until it is gone: ice holds back water, and the lye beside it is stronger than it looks.</source>
        <translation>Rühre, bis es weg ist: Eis hält Wasser zurück, und die Lauge daneben ist stärker, als sie aussieht.</translation>
    </message>
    <message>
        <source>Hard grains at the bottom</source>
        <translation>Harte Körner am Boden</translation>
    </message>
    <message>
        <source>Lye that is not dissolved. Stir; if it stays, let the jug warm up or wait. None of it may reach the oils.</source>
        <translation>Hydroxid, das nicht gelöst ist. Rühre; bleibt es, lass den Krug warm werden oder warte. Nichts davon darf in die Öle.</translation>
    </message>
    <message>
        <source>It hisses, spits or climbs</source>
        <translation>Es zischt, spritzt oder steigt</translation>
    </message>
    <message>
        <source>Even colour, no oil on top; later a drizzle stays for a moment.</source>
        <translation>Gleichmäßige Farbe, kein Öl obenauf; später bleibt ein Faden einen Augenblick lang.</translation>
    </message>
    <message>
        <source>Thick at once and cool, grainy</source>
        <translation>Sofort dick und kühl, körnig</translation>
    </message>
    <message>
        <source>False trace: hard fats set out. Warm it a little and blend on; true trace stays thick when warm.</source>
        <translation>Falsches Zeichnen: harte Fette werden fest. Wärme etwas und püriere weiter; echtes Zeichnen bleibt auch warm dick.</translation>
    </message>
    <message>
        <source>Small grains like rice, oil between them</source>
        <translation>Kleine Körner wie Reis, Öl dazwischen</translation>
    </message>
    <message>
        <source>Ricing. Blend on; if it will not come together, cook it.</source>
        <translation>Grießig. Püriere weiter; wenn es nicht zusammenkommt, koche es.</translation>
    </message>
    <message>
        <source>It stiffens in seconds</source>
        <translation>Es wird in Sekunden steif</translation>
    </message>
    <message>
        <source>It seizes. No blender: press it into the mould in layers and tap; or put it in the pot and cook it.</source>
        <translation>Er zieht schlagartig an. Kein Mixer: drücke ihn in Schichten in die Form und klopfe; oder gib ihn in den Topf und koche ihn.</translation>
    </message>
    <message>
        <source>Oil on top, watery below</source>
        <translation>Öl obenauf, wässrig darunter</translation>
    </message>
    <message>
        <source>It separates: cold, weak lye or too little stirring. Check what was weighed, warm to 40 °C, blend again. Do not pour it so.</source>
        <translation>Er trennt sich: kalt, schwache Lauge oder zu wenig gerührt. Prüfe, was gewogen wurde, wärme auf 40 °C, püriere noch einmal. So nicht gießen.</translation>
    </message>
    <message>
        <source>Separates, then applesauce, then mashed potato, then glossy.</source>
        <translation>Trennt sich, dann Apfelmus, dann Kartoffelbrei, dann glänzend.</translation>
    </message>
    <message>
        <source>It climbs up the pot</source>
        <translation>Es klettert im Topf hoch</translation>
    </message>
    <message>
        <source>Heat off, lid off, stir it down; a larger pot stands ready. Never lean over it.</source>
        <translation>Hitze aus, Deckel ab, herunterrühren; ein größerer Topf steht bereit. Nie darüberbeugen.</translation>
    </message>
    <message>
        <source>Dry crumbs at the rim</source>
        <translation>Trockene Krümel am Rand</translation>
    </message>
    <message>
        <source>Water is lost. Add hot water by the spoon, lid on, stir.</source>
        <translation>Wasser ist verloren. Gib löffelweise heißes Wasser zu, Deckel auf, rühren.</translation>
    </message>
    <message>
        <source>It levels by itself, or with a tap.</source>
        <translation>Er ebnet sich von selbst oder mit einem Klopfen.</translation>
    </message>
    <message>
        <source>A crack along the top</source>
        <translation>Ein Riss entlang der Oberseite</translation>
    </message>
    <message>
        <source>It runs hot. Cover off, a fan on it or into the fridge.</source>
        <translation>Sie läuft heiß. Abdeckung weg, Ventilator darauf oder in den Kühlschrank.</translation>
    </message>
    <message>
        <source>It rises out of the mould</source>
        <translation>Sie steigt aus der Form</translation>
    </message>
    <message>
        <source>Gloves on. Stir it down in the mould, uncover, stand it on something that catches it; then cool it.</source>
        <translation>Handschuhe an. Rühre sie in der Form herunter, decke auf, stell sie auf etwas, das auffängt; dann kühlen.</translation>
    </message>
    <message>
        <source>Dry, loose flakes or beads in a dry cup.</source>
        <translation>Trockene, lose Flocken oder Perlen in einem trockenen Becher.</translation>
    </message>
    <message>
        <source>A wet lump, a crust</source>
        <translation>Ein nasser Klumpen, eine Kruste</translation>
    </message>
    <message>
        <source>It has drawn water and lost strength. Weigh from a fresh tub, or give it a purity of its own on the shelf.</source>
        <translation>Es hat Wasser gezogen und Stärke verloren. Wiege aus einer frischen Dose oder gib ihm am Regal eine eigene Reinheit.</translation>
    </message>
    <message>
        <source>Clear, nothing at the bottom.</source>
        <translation>Klar, nichts am Boden.</translation>
    </message>
    <message>
        <source>Grains that stay</source>
        <translation>Körner, die bleiben</translation>
    </message>
    <message>
        <source>Warm the liquid a little and stir on; salt needs about three times its weight of water.</source>
        <translation>Wärme die Flüssigkeit etwas und rühre weiter; Salz braucht etwa das Dreifache seines Gewichts an Wasser.</translation>
    </message>
    <message>
        <source>Clear, one liquid; nothing at the bottom.</source>
        <translation>Klar, eine Flüssigkeit; nichts am Boden.</translation>
    </message>
    <message>
        <source>Cloudy when it cools</source>
        <translation>Trüb beim Abkühlen</translation>
    </message>
    <message>
        <source>Hard fats are setting out: warm it again before the lye goes in.</source>
        <translation>Harte Fette werden fest: wärme sie wieder, bevor die Lauge hineinkommt.</translation>
    </message>
    <message>
        <source>Oil smokes</source>
        <translation>Öl raucht</translation>
    </message>
    <message>
        <source>Heat off, lid on. Never water.</source>
        <translation>Hitze aus, Deckel drauf. Nie Wasser.</translation>
    </message>
    <message>
        <source>Both warm to the hand outside the vessel, both in their window.</source>
        <translation>Beide von außen handwarm, beide in ihrem Fenster.</translation>
    </message>
    <message>
        <source>The jug is much colder</source>
        <translation>Der Krug ist viel kälter</translation>
    </message>
    <message>
        <source>Stand it in warm water; a strong lye that sets crystals must be clear again first.</source>
        <translation>Stell ihn in warmes Wasser; eine starke Lauge, die Kristalle bildet, muss erst wieder klar sein.</translation>
    </message>
    <message>
        <source>The pot turns cloudy</source>
        <translation>Der Topf wird trüb</translation>
    </message>
    <message>
        <source>Warm it again, gently.</source>
        <translation>Wärme ihn wieder, sanft.</translation>
    </message>
    <message>
        <source>Smooth, like cream.</source>
        <translation>Glatt wie Sahne.</translation>
    </message>
    <message>
        <source>Dry lumps</source>
        <translation>Trockene Klümpchen</translation>
    </message>
    <message>
        <source>Press them out against the cup before it goes in; they stay spots in the bar.</source>
        <translation>Zerdrücke sie am Becher, bevor es hineinkommt; sonst bleiben sie Flecken im Stück.</translation>
    </message>
    <message>
        <source>Step back, no more lye, and leave the jug alone; move it only when it is quiet. Fumes: out into the air until they are gone.</source>
        <translation>Tritt zurück, kein weiteres Hydroxid, lass den Krug stehen; bewege ihn erst, wenn er ruhig ist. Dämpfe: an die Luft, bis sie weg sind.</translation>
    </message>
</context>
<context>
    <name>Tables</name>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>Weigh</source>
        <translation>Wiegen</translation>
    </message>
    <message>
        <source>Stated as</source>
        <translation>Angegeben als</translation>
    </message>
    <message>
        <source>Water for the jug</source>
        <translation>Wasser für den Krug</translation>
    </message>
    <message>
        <source>True superfat</source>
        <translation>Wahre Überfettung</translation>
    </message>
    <message>
        <source>Superfat on oils alone</source>
        <translation>Überfettung nur auf die Öle</translation>
    </message>
    <message>
        <source>Batch strength</source>
        <translation>Konzentration der Charge</translation>
    </message>
    <message>
        <source>All oils</source>
        <translation>Alle Öle</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Seifenleim</translation>
    </message>
</context>
<context>
    <name>Together</name>
    <message>
        <source>%1, of the oils</source>
        <translation>%1, von den Ölen</translation>
    </message>
    <message>
        <source>Lot of %1</source>
        <translation>Los von %1</translation>
    </message>
    <message>
        <source>True superfat</source>
        <translation>Wahre Überfettung</translation>
    </message>
    <message>
        <source>Lye strength</source>
        <translation>Laugenkonzentration</translation>
    </message>
    <message>
        <source>Potassium hydroxide, of the lye</source>
        <translation>Kaliumhydroxid, vom Hydroxid</translation>
    </message>
    <message>
        <source>Process</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>Jug when joined</source>
        <translation>Krug beim Zusammenbringen</translation>
    </message>
    <message>
        <source>Pot when joined</source>
        <translation>Topf beim Zusammenbringen</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>Blended for</source>
        <translation>Püriert für</translation>
    </message>
    <message>
        <source>Gel meant</source>
        <translation>Gel gewollt</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Abdeckung</translation>
    </message>
    <message>
        <source>Mould</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Maker</source>
        <translation>Wer gesiedet hat</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>The liquid</source>
        <translation>Die Flüssigkeit</translation>
    </message>
    <message>
        <source>From joined to poured</source>
        <translation>Vom Zusammenbringen bis zum Gießen</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Free caustic, as NaOH</source>
        <translation>Freies Ätzalkali, als NaOH</translation>
    </message>
    <message>
        <source>Hottest core</source>
        <translation>Heißester Kern</translation>
    </message>
    <message>
        <source>Weight lost in cure</source>
        <translation>Gewichtsverlust beim Reifen</translation>
    </message>
    <message>
        <source>not seen</source>
        <translation>nicht gesehen</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>%1 of 5</source>
        <translation>%1 von 5</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Nothing that is written down differs. What came out otherwise came of something nobody noted, or of chance.</source>
        <translation>Nichts, was aufgeschrieben ist, unterscheidet sich. Was anders herauskam, kam von etwas, das niemand notiert hat, oder vom Zufall.</translation>
    </message>
    <message>
        <source>One thing differs: %1. It may be the cause of what came out otherwise; one pair proves nothing, a second one says more.</source>
        <translation>Eines ist anders: %1. Es kann die Ursache dessen sein, was anders herauskam; ein Paar beweist nichts, ein zweites sagt mehr.</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) differ: %1. The cause cannot be told from these.</source>
        <translation>
            <numerusform>%n Sache ist anders: %1. Die Ursache lässt sich daraus nicht sagen.</numerusform>
            <numerusform>%n Sachen sind anders: %1. Die Ursache lässt sich daraus nicht sagen.</numerusform>
        </translation>
    </message>
    <message>
        <source>the oils</source>
        <translation>die Öle</translation>
    </message>
    <message>
        <source>what goes in beside the oils</source>
        <translation>was neben den Ölen hineinkommt</translation>
    </message>
    <message>
        <source>the lots</source>
        <translation>die Lose</translation>
    </message>
    <message>
        <source>lye and superfat</source>
        <translation>Hydroxid und Überfettung</translation>
    </message>
    <message>
        <source>the liquid</source>
        <translation>die Flüssigkeit</translation>
    </message>
    <message>
        <source>cold or hot</source>
        <translation>kalt oder heiß</translation>
    </message>
    <message>
        <source>how warm it was</source>
        <translation>wie warm es war</translation>
    </message>
    <message>
        <source>how long it was blended</source>
        <translation>wie lange püriert wurde</translation>
    </message>
    <message>
        <source>mould, cover and gel</source>
        <translation>Form, Abdeckung und Gel</translation>
    </message>
    <message>
        <source>who made it</source>
        <translation>wer gesiedet hat</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>hot</source>
        <translation>heiß</translation>
    </message>
    <message>
        <source>cold</source>
        <translation>kalt</translation>
    </message>
    <message>
        <source>left to itself</source>
        <translation>sich selbst überlassen</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>Portions of one batter</source>
        <translation>Portionen eines Seifenleims</translation>
    </message>
    <message>
        <source>Batches side by side</source>
        <translation>Chargen nebeneinander</translation>
    </message>
    <message>
        <source>A fair pair: the same batter until it was divided. %1</source>
        <translation>Ein schönes Paar: derselbe Leim, bis er geteilt wurde. %1</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Welche</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was anders ist</translation>
    </message>
    <message numerus="yes">
        <source>%n other thing(s) are the same, as far as scale and thermometer tell.</source>
        <translation>
            <numerusform>%n andere Sache ist gleich, soweit Waage und Thermometer es sagen.</numerusform>
            <numerusform>%n andere Sachen sind gleich, soweit Waage und Thermometer es sagen.</numerusform>
        </translation>
    </message>
    <message>
        <source>What came of it</source>
        <translation>Was daraus wurde</translation>
    </message>
    <message>
        <source>Nothing is written down yet of how they came out.</source>
        <translation>Noch ist nichts davon aufgeschrieben, wie sie herauskamen.</translation>
    </message>
    <message>
        <source>The batch that would tell</source>
        <translation>Die Charge, die es sagen würde</translation>
    </message>
    <message>
        <source>%1 and %2 differ in one thing only: compare those two.</source>
        <translation>%1 und %2 unterscheiden sich nur in einem: vergleiche diese beiden.</translation>
    </message>
    <message>
        <source>Like %1, with %2 as in %3</source>
        <translation>Wie %1, mit %2 wie in %3</translation>
    </message>
    <message>
        <source>no formula can say it: do it by hand</source>
        <translation>keine Formel kann es sagen: mach es von Hand</translation>
    </message>
    <message>
        <source>Put it on the bench</source>
        <translation>Auf die Werkbank legen</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>in the mould %1</source>
        <translation>in der Form %1</translation>
    </message>
    <message>
        <source>with %1 of the lot %2</source>
        <translation>mit %1 aus dem Los %2</translation>
    </message>
    <message>
        <source>with an acid</source>
        <translation>mit einer Säure</translation>
    </message>
    <message>
        <source>with milk</source>
        <translation>mit Milch</translation>
    </message>
    <message>
        <source>with fruit or vegetables</source>
        <translation>mit Obst oder Gemüse</translation>
    </message>
    <message>
        <source>with sugar or honey</source>
        <translation>mit Zucker oder Honig</translation>
    </message>
    <message>
        <source>with salt</source>
        <translation>mit Salz</translation>
    </message>
    <message>
        <source>with clay, grains or the like</source>
        <translation>mit Tonerde, Körnern oder dergleichen</translation>
    </message>
    <message>
        <source>with a wax</source>
        <translation>mit einem Wachs</translation>
    </message>
    <message>
        <source>with egg</source>
        <translation>mit Ei</translation>
    </message>
    <message>
        <source>with a colour</source>
        <translation>mit einer Farbe</translation>
    </message>
    <message>
        <source>with a scent</source>
        <translation>mit einem Duft</translation>
    </message>
    <message>
        <source>with a free fatty acid</source>
        <translation>mit einer freien Fettsäure</translation>
    </message>
    <message>
        <source>with potassium hydroxide</source>
        <translation>mit Kaliumhydroxid</translation>
    </message>
    <message>
        <source>with something frozen</source>
        <translation>mit etwas Gefrorenem</translation>
    </message>
    <message>
        <source>hot process</source>
        <translation>Heißverfahren</translation>
    </message>
    <message>
        <source>cold process</source>
        <translation>Kaltverfahren</translation>
    </message>
    <message>
        <source>split in portions</source>
        <translation>in Portionen geteilt</translation>
    </message>
    <message>
        <source>superfat under 3 %</source>
        <translation>Überfettung unter 3 %</translation>
    </message>
    <message>
        <source>superfat of 3 to 8 %</source>
        <translation>Überfettung von 3 bis 8 %</translation>
    </message>
    <message>
        <source>superfat over 8 %</source>
        <translation>Überfettung über 8 %</translation>
    </message>
    <message>
        <source>lye strength under 28 %</source>
        <translation>Laugenkonzentration unter 28 %</translation>
    </message>
    <message>
        <source>lye strength of 28 to 36 %</source>
        <translation>Laugenkonzentration von 28 bis 36 %</translation>
    </message>
    <message>
        <source>lye strength over 36 %</source>
        <translation>Laugenkonzentration über 36 %</translation>
    </message>
    <message>
        <source>joined under 30 °C</source>
        <translation>zusammengebracht unter 30 °C</translation>
    </message>
    <message>
        <source>joined at 30 to 42 °C</source>
        <translation>zusammengebracht bei 30 bis 42 °C</translation>
    </message>
    <message>
        <source>joined over 42 °C</source>
        <translation>zusammengebracht über 42 °C</translation>
    </message>
    <message>
        <source>gel meant</source>
        <translation>Gel gewollt</translation>
    </message>
    <message>
        <source>kept cool</source>
        <translation>kühl gehalten</translation>
    </message>
    <message>
        <source>with a near miss</source>
        <translation>mit einem Beinahe-Unfall</translation>
    </message>
    <message>
        <source>with a lesson</source>
        <translation>mit einer Lehre</translation>
    </message>
    <message>
        <source>with a photograph</source>
        <translation>mit einem Foto</translation>
    </message>
    <message>
        <source>tested for free alkali</source>
        <translation>auf freies Alkali getestet</translation>
    </message>
    <message>
        <source>What goes with: %1</source>
        <translation>Was womit geht: %1</translation>
    </message>
    <message>
        <source>Counts of your own batches that have something written of them. What goes together is never said to be the cause.</source>
        <translation>Gezählt aus deinen eigenen Chargen, über die etwas geschrieben steht. Was zusammen vorkommt, heißt hier nie Ursache.</translation>
    </message>
    <message>
        <source>Apart beyond chance</source>
        <translation>Mehr als zufällig verschieden</translation>
    </message>
    <message>
        <source>Not told apart from chance</source>
        <translation>Vom Zufall nicht zu unterscheiden</translation>
    </message>
    <message>
        <source>with it</source>
        <translation>damit</translation>
    </message>
    <message>
        <source>without it</source>
        <translation>ohne es</translation>
    </message>
    <message>
        <source>(%1 to %2)</source>
        <translation>(%1 to %2)</translation>
    </message>
    <message>
        <source>%1 of %2 %3</source>
        <translation>%1 von %2 %3</translation>
    </message>
    <message>
        <source>few batches</source>
        <translation>wenige Chargen</translation>
    </message>
    <message>
        <source>Nothing yet.</source>
        <translation>Noch nichts.</translation>
    </message>
    <message>
        <source>The range is where nine of ten such shares lie. Of many things looked at, some stand apart by chance alone.</source>
        <translation>In der Spanne liegen neun von zehn solchen Anteilen. Unter vielem, was man ansieht, fällt manches nur durch Zufall auf.</translation>
    </message>
</context>
<context>
    <name>TopicPrint</name>
    <message>
        <source>As it will be printed</source>
        <translation>Wie es gedruckt wird</translation>
    </message>
    <message>
        <source>Keep as PDF</source>
        <translation>Als PDF behalten</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
</context>
<context>
    <name>Water</name>
    <message>
        <source>%1, %2 of the bar</source>
        <translation>%1, %2 vom Stück</translation>
    </message>
    <message>
        <source>A bar of %1 could hold the hardness of</source>
        <translation>Ein Stück von %1 könnte die Härte binden von</translation>
    </message>
    <message>
        <source>%1 litres at most</source>
        <translation>höchstens %1 Litern</translation>
    </message>
    <message>
        <source>of the %1 litres it meets</source>
        <translation>von den %1 Litern, auf die es trifft</translation>
    </message>
    <message>
        <source>It really holds, in the wash water</source>
        <translation>Es bindet wirklich, im Waschwasser</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>most where lather is thick and little water is used</source>
        <translation>am meisten, wo der Schaum dicht ist und wenig Wasser gebraucht wird</translation>
    </message>
    <message>
        <source>To equal the hardness, the bar would be</source>
        <translation>Um der Härte gleichzukommen, wäre das Stück</translation>
    </message>
    <message>
        <source>citrate</source>
        <translation>Citrat</translation>
    </message>
    <message>
        <source>mmol/l</source>
        <translation>mmol/l</translation>
    </message>
    <message>
        <source>mg/l as CaCO3 (ppm)</source>
        <translation>mg/l als CaCO3 (ppm)</translation>
    </message>
    <message>
        <source>German degrees</source>
        <translation>Grad deutscher Härte</translation>
    </message>
    <message>
        <source>French degrees</source>
        <translation>französische Grad</translation>
    </message>
    <message>
        <source>English degrees</source>
        <translation>englische Grad</translation>
    </message>
    <message>
        <source>grains per US gallon</source>
        <translation>Grain je US-Gallone</translation>
    </message>
    <message>
        <source>mval/l</source>
        <translation>mval/l</translation>
    </message>
    <message>
        <source>mg/l calcium</source>
        <translation>mg/l Calcium</translation>
    </message>
    <message>
        <source>mg/l magnesium</source>
        <translation>mg/l Magnesium</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>middling</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Citrate</source>
        <translation>Citrat</translation>
    </message>
    <message>
        <source>EDTA</source>
        <translation>EDTA</translation>
    </message>
    <message>
        <source>Gluconate</source>
        <translation>Gluconat</translation>
    </message>
    <message>
        <source>In hard water every true soap leaves some lime soap. Rinse well, and with a spoon of vinegar in the last rinse if hair feels dull. No bar can soften a whole bath.</source>
        <translation>In hartem Wasser lässt jede echte Seife etwas Kalkseife zurück. Gut spülen, und mit einem Löffel Essig im letzten Spülwasser, wenn Haar sich stumpf anfühlt. Kein Stück kann eine ganze Wanne enthärten.</translation>
    </message>
    <message>
        <source>In hard water every true soap leaves some lime soap. The citrate in this bar makes it looser; rinse well, and with a spoon of vinegar in the last rinse if hair feels dull. No bar can soften a whole bath.</source>
        <translation>In hartem Wasser lässt jede echte Seife etwas Kalkseife zurück. Das Citrat in diesem Stück macht sie lockerer; gut spülen, und mit einem Löffel Essig im letzten Spülwasser, wenn Haar sich stumpf anfühlt. Kein Stück kann eine ganze Wanne enthärten.</translation>
    </message>
    <message>
        <source>Hard water</source>
        <translation>Hartes Wasser</translation>
    </message>
    <message>
        <source>Your water</source>
        <translation>Dein Wasser</translation>
    </message>
    <message>
        <source>Hardness</source>
        <translation>Härte</translation>
    </message>
    <message>
        <source>%1; %2 mmol/l</source>
        <translation>%1; %2 mmol/l</translation>
    </message>
    <message>
        <source>Soap lost to it, whatever is in the bar</source>
        <translation>Seife, die verloren geht, was auch im Stück ist</translation>
    </message>
    <message>
        <source>%1 a litre</source>
        <translation>%1 je Liter</translation>
    </message>
    <message>
        <source>more than the %1 dissolved in that litre: no lather until more soap is used</source>
        <translation>mehr als die %1, die in dem Liter gelöst sind: kein Schaum, bis mehr Seife gebraucht wird</translation>
    </message>
    <message>
        <source>of the %1 dissolved in that litre</source>
        <translation>von den %1, die in dem Liter gelöst sind</translation>
    </message>
    <message>
        <source>Scum, dry</source>
        <translation>Kalkseife, trocken</translation>
    </message>
    <message>
        <source>lime soap: calcium and magnesium with fatty acid</source>
        <translation>Kalkseife: Calcium und Magnesium mit Fettsäure</translation>
    </message>
    <message>
        <source>Soft water: little scum from any soap.</source>
        <translation>Weiches Wasser: wenig Kalkseife von jeder Seife.</translation>
    </message>
    <message>
        <source>Citrate makes the scum looser and easier to rinse; it does not stop it.</source>
        <translation>Citrat macht die Kalkseife lockerer und leichter zu spülen; es verhindert sie nicht.</translation>
    </message>
    <message>
        <source>This bar has nothing in it that loosens scum.</source>
        <translation>Dieses Stück hat nichts darin, was Kalkseife lockert.</translation>
    </message>
    <message>
        <source>What would help</source>
        <translation>Was helfen würde</translation>
    </message>
    <message>
        <source>Citric acid</source>
        <translation>Zitronensäure</translation>
    </message>
    <message>
        <source>1 to 3 % of the oils</source>
        <translation>1 bis 3 % der Öle</translation>
    </message>
    <message>
        <source>with its lye made up for; up to 5 % for hair: common practice, no source</source>
        <translation>mit ausgeglichenem Alkali; bis zu 5 % für Haar: Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>EDTA or gluconate</source>
        <translation>EDTA oder Gluconat</translation>
    </message>
    <message>
        <source>0.1 to 0.5 %</source>
        <translation>0,1 bis 0,5 %</translation>
    </message>
    <message>
        <source>against rancid spots: they tie iron and copper. They do not soften water</source>
        <translation>gegen ranzige Flecken: sie binden Eisen und Kupfer. Wasser enthärten sie nicht</translation>
    </message>
    <message>
        <source>At the basin</source>
        <translation>Am Becken</translation>
    </message>
    <message>
        <source>less water, more lather</source>
        <translation>weniger Wasser, mehr Schaum</translation>
    </message>
    <message>
        <source>and an acid last rinse for hair</source>
        <translation>und saures letztes Spülwasser für Haar</translation>
    </message>
    <message>
        <source>For a customer</source>
        <translation>Für die Kundschaft</translation>
    </message>
</context>
<context>
    <name>WhatIs</name>
    <message>
        <source>Sodium hydroxide to weigh out, as it is in its drum: what fat and acids take, less the superfat, divided by its purity.</source>
        <translation>Abzuwiegendes Natriumhydroxid, wie es im Gebinde ist: was Fett und Säuren aufnehmen, weniger die Überfettung, geteilt durch seine Reinheit.</translation>
    </message>
    <message>
        <source>Potassium hydroxide to weigh out, as it is in its drum. About a tenth of it is mostly water, which counts as water.</source>
        <translation>Abzuwiegendes Kaliumhydroxid, wie es im Gebinde ist. Etwa ein Zehntel davon ist meist Wasser, und das zählt als Wasser.</translation>
    </message>
    <message>
        <source>Plain water poured into the jug first, so that the lye dissolves; the rest of the liquid goes elsewhere.</source>
        <translation>Reines Wasser, das zuerst in den Krug kommt, damit sich das Hydroxid löst; die übrige Flüssigkeit kommt anderswohin.</translation>
    </message>
    <message>
        <source>The make-up liquid, “the rest”: as much of it as brings the water that the other things do not.</source>
        <translation>Die Zusatzflüssigkeit, „der Rest“: so viel davon, wie das Wasser bringt, das die anderen Sachen nicht bringen.</translation>
    </message>
    <message>
        <source>The share of all fat that stays free, the fat of milk, egg and the like included. It is the margin for what nobody knows exactly.</source>
        <translation>Der Anteil alles Fetts, der frei bleibt, das Fett von Milch, Ei und dergleichen eingeschlossen. Es ist der Spielraum für das, was niemand genau weiß.</translation>
    </message>
    <message>
        <source>The share of the oils alone that stays free, as superfat is mostly stated.</source>
        <translation>Der Anteil nur der Öle, der frei bleibt, wie Überfettung meist angegeben wird.</translation>
    </message>
    <message>
        <source>Pure hydroxide as a share of it and all water in the batch, from wherever it comes.</source>
        <translation>Reines Hydroxid als Anteil an ihm und allem Wasser der Charge, woher es auch kommt.</translation>
    </message>
    <message>
        <source>The same as many tables count it: hydroxide as weighed, and without the water it brings itself.</source>
        <translation>Dasselbe, wie viele Tabellen es zählen: Hydroxid wie gewogen und ohne das Wasser, das es selbst bringt.</translation>
    </message>
    <message>
        <source>Pure hydroxide as a share of it and the water in this jug. Above about a half it does not dissolve in the cold.</source>
        <translation>Reines Hydroxid als Anteil an ihm und dem Wasser in diesem Krug. Über etwa der Hälfte löst es sich kalt nicht.</translation>
    </message>
    <message>
        <source>What of the hydroxide goes into this jug, as weighed.</source>
        <translation>Was vom Hydroxid in diesen Krug kommt, wie gewogen.</translation>
    </message>
    <message>
        <source>The superfat of what is in the pot while oil is set aside. Below nothing, there is more lye than the pot can take until it joins.</source>
        <translation>Die Überfettung dessen, was im Topf ist, solange Öl beiseitesteht. Unter null ist mehr Lauge da, als der Topf aufnehmen kann, bis es dazukommt.</translation>
    </message>
    <message>
        <source>What this portion weighs: its share of the batter and what is its own.</source>
        <translation>Was diese Portion wiegt: ihr Anteil am Seifenleim und was ihr eigen ist.</translation>
    </message>
    <message>
        <source>The share of this portion’s fat that stays free, with its own oils and acids counted.</source>
        <translation>Der Anteil des Fetts dieser Portion, der frei bleibt, mit ihren eigenen Ölen und Säuren.</translation>
    </message>
    <message>
        <source>Salt in this portion as a share of its oils.</source>
        <translation>Salz in dieser Portion als Anteil ihrer Öle.</translation>
    </message>
    <message>
        <source>Scent in this portion as a share of its oils.</source>
        <translation>Duft in dieser Portion als Anteil ihrer Öle.</translation>
    </message>
    <message>
        <source>Everything that goes in, added up: what has to fit into the mould.</source>
        <translation>Alles, was hineinkommt, zusammengezählt: was in die Form passen muss.</translation>
    </message>
    <message>
        <source>Above, who calls for lye and how much; below, what is supplied. What is kept back is the superfat. Press a part for its sum.</source>
        <translation>Oben, wer Alkali braucht und wie viel; unten, was vorhanden ist. Was zurückgehalten wird, ist die Überfettung. Drücke auf einen Teil, um seine Rechnung zu sehen.</translation>
    </message>
    <message>
        <source>Above, the water that is wanted; below, every source that brings some. Press a part for its sum.</source>
        <translation>Oben das gewünschte Wasser; unten jede Quelle, die welches bringt. Drücke auf einen Teil, um seine Rechnung zu sehen.</translation>
    </message>
    <message>
        <source>What is weighed stays, and everything behind it varies within its range, 20,000 times: where true superfat came to lie, in how many batches lye was left over, and which figure to firm up first.</source>
        <translation>Was gewogen ist, bleibt, und alles dahinter schwankt in seiner Spanne, 20.000-mal: wo die wahre Überfettung zu liegen kam, in wie vielen Chargen Lauge übrig blieb und welcher Wert zuerst gesichert werden sollte.</translation>
    </message>
    <message>
        <source>An estimate of how warm it gets: the jug, the meeting of jug and pot, gel, and when to look in. Heat (Ctrl+2) has it in full.</source>
        <translation>Eine Schätzung, wie warm es wird: der Krug, das Treffen von Krug und Topf, Gel und wann nachzusehen ist. Wärme (Strg+2) zeigt alles.</translation>
    </message>
</context>
<context>
    <name>Wish</name>
    <message>
        <source>All oils</source>
        <translation>Alle Öle</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Seifenleim</translation>
    </message>
    <message>
        <source>Hydroxide, as weighed</source>
        <translation>Hydroxid, wie gewogen</translation>
    </message>
    <message>
        <source>Superfat</source>
        <translation>Überfettung</translation>
    </message>
    <message>
        <source>Lye strength</source>
        <translation>Laugenkonzentration</translation>
    </message>
    <message>
        <source>Fatty acids</source>
        <translation>Fettsäuren</translation>
    </message>
    <message>
        <source>Iodine value</source>
        <translation>Iodzahl</translation>
    </message>
    <message>
        <source>SV of the blend</source>
        <translation>VZ der Mischung</translation>
    </message>
    <message>
        <source>Share of an oil</source>
        <translation>Anteil eines Öls</translation>
    </message>
    <message>
        <source>Cost of the oils</source>
        <translation>Kosten der Öle</translation>
    </message>
    <message>
        <source>Acid, of the oils</source>
        <translation>Säure, von den Ölen</translation>
    </message>
    <message>
        <source>Water, of the oils</source>
        <translation>Wasser, von den Ölen</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 %2 to %3</source>
        <translation>%1 %2 bis %3</translation>
    </message>
    <message>
        <source>%1 at least %2</source>
        <translation>%1 mindestens %2</translation>
    </message>
    <message>
        <source>%1 at most %2, its usual use</source>
        <translation>%1 höchstens %2, seine übliche Menge</translation>
    </message>
    <message>
        <source>%1 at most %2</source>
        <translation>%1 höchstens %2</translation>
    </message>
    <message>
        <source>It cannot be: what is locked and how much is to be made do not meet.</source>
        <translation>Es geht nicht: was festgehalten ist und wie viel es werden soll, kommen nicht zusammen.</translation>
    </message>
    <message>
        <source>Solve for</source>
        <translation>Lösen nach</translation>
    </message>
    <message>
        <source>The least change that meets every wish: %1 points moved.</source>
        <translation>Die kleinste Änderung, die jeden Wunsch erfüllt: %1 Punkte verschoben.</translation>
    </message>
    <message>
        <source>The most that every wish allows.</source>
        <translation>Das Meiste, was jeder Wunsch erlaubt.</translation>
    </message>
    <message>
        <source>Oils</source>
        <translation>Öle</translation>
    </message>
    <message>
        <source>as it was</source>
        <translation>wie bisher</translation>
    </message>
    <message>
        <source>goes out; it was %1</source>
        <translation>geht hinaus; es waren %1</translation>
    </message>
    <message>
        <source>comes in</source>
        <translation>kommt hinein</translation>
    </message>
    <message>
        <source>was %1</source>
        <translation>war %1</translation>
    </message>
    <message>
        <source>Wishes</source>
        <translation>Wünsche</translation>
    </message>
    <message>
        <source>a guard; it can be taken off</source>
        <translation>eine Absicherung; sie lässt sich wegnehmen</translation>
    </message>
    <message>
        <source>This cannot be: %1.</source>
        <translation>Das kann nicht sein: %1.</translation>
    </message>
    <message>
        <source>These cannot stand together: %1.</source>
        <translation>Diese können nicht zusammen bestehen: %1.</translation>
    </message>
    <message>
        <source>With any one of them less, the rest can.</source>
        <translation>Mit einem davon weniger geht der Rest.</translation>
    </message>
    <message>
        <source>Without %1 the rest can.</source>
        <translation>Ohne %1 geht der Rest.</translation>
    </message>
    <message>
        <source>one of “%1”</source>
        <translation>eines von „%1“</translation>
    </message>
    <message>
        <source>In each of these something has to give.</source>
        <translation>In jedem davon muss etwas nachgeben.</translation>
    </message>
</context>
<context>
    <name>Words</name>
    <message>
        <source>The lye cannot all dissolve in the jug</source>
        <translation>Das Hydroxid kann sich im Krug nicht ganz lösen</translation>
    </message>
    <message>
        <source>Ice-cold, only part of the lye dissolves</source>
        <translation>Eiskalt löst sich nur ein Teil des Hydroxids</translation>
    </message>
    <message>
        <source>%1 wetter than wanted</source>
        <translation>%1 nasser als gewünscht</translation>
    </message>
    <message>
        <source>%1 drier than wanted</source>
        <translation>%1 trockener als gewünscht</translation>
    </message>
    <message>
        <source>Lye heavy: there is no fat to take the lye</source>
        <translation>Laugenüberschuss: es ist kein Fett da, das Lauge aufnimmt</translation>
    </message>
    <message>
        <source>Lye heavy: superfat %1</source>
        <translation>Laugenüberschuss: Überfettung %1</translation>
    </message>
    <message>
        <source>Could be lye heavy at the edge of its figures</source>
        <translation>Könnte am Rand seiner Werte Laugenüberschuss haben</translation>
    </message>
    <message>
        <source>%1 meets the lye unfrozen</source>
        <translation>%1 trifft ungefroren auf die Lauge</translation>
    </message>
    <message>
        <source>Acid and lye: heat and fumes</source>
        <translation>Säure und Lauge: Hitze und Dämpfe</translation>
    </message>
    <message>
        <source>Lye is left over in %1 of 100 batches</source>
        <translation>In %1 von 100 Chargen bleibt Lauge übrig</translation>
    </message>
    <message>
        <source>Nobody knows how sour %1 is</source>
        <translation>Niemand weiß, wie sauer %1 ist</translation>
    </message>
    <message>
        <source>The jug cannot hold this much salt</source>
        <translation>Der Krug kann so viel Salz nicht lösen</translation>
    </message>
    <message>
        <source>%1 is sweetened</source>
        <translation>%1 ist gesüßt</translation>
    </message>
    <message>
        <source>%1 sugar on the oils</source>
        <translation>%1 Zucker auf die Öle</translation>
    </message>
    <message>
        <source>%1 beside honey</source>
        <translation>%1 neben Honig</translation>
    </message>
    <message>
        <source>%1 goes through the cook</source>
        <translation>%1 wird mitgekocht</translation>
    </message>
    <message>
        <source>Much coconut, little superfat</source>
        <translation>Viel Kokos, wenig Überfettung</translation>
    </message>
    <message>
        <source>A salt bar with little coconut</source>
        <translation>Eine Salzseife mit wenig Kokos</translation>
    </message>
    <message>
        <source>Nearly all one mild oil: a long cure</source>
        <translation>Fast nur ein mildes Öl: lange reifen</translation>
    </message>
    <message>
        <source>%1 of the oils is linoleic and linolenic</source>
        <translation>%1 der Öle sind Linol- und Linolensäure</translation>
    </message>
    <message>
        <source>Superfat %1 is high</source>
        <translation>Überfettung %1 ist hoch</translation>
    </message>
    <message>
        <source>A lye strength of %1 is fast</source>
        <translation>Eine Laugenkonzentration von %1 ist schnell</translation>
    </message>
    <message>
        <source>A lye strength of %1 is slow</source>
        <translation>Eine Laugenkonzentration von %1 ist langsam</translation>
    </message>
    <message>
        <source>%1 colours with a scent</source>
        <translation>%1 Farben mit einem Duft</translation>
    </message>
    <message>
        <source>%1 in it to name on the label</source>
        <translation>%1 darin, auf dem Etikett zu nennen</translation>
    </message>
    <message>
        <source>The acid takes %1 of the weighed lye</source>
        <translation>Die Säure nimmt %1 des gewogenen Hydroxids</translation>
    </message>
    <message>
        <source>Potassium hydroxide taken as %1 pure</source>
        <translation>Kaliumhydroxid als %1 rein angenommen</translation>
    </message>
    <message>
        <source>%1: anhydrous or monohydrate?</source>
        <translation>%1: wasserfrei oder Monohydrat?</translation>
    </message>
    <message>
        <source>%1: local law</source>
        <translation>%1: örtliches Recht</translation>
    </message>
    <message>
        <source>%1: weigh it strained</source>
        <translation>%1: abgeseiht wiegen</translation>
    </message>
    <message>
        <source>%1 sets again below %2</source>
        <translation>%1 wird unter %2 wieder fest</translation>
    </message>
    <message>
        <source>%1 at %2 of the oils thickens at once</source>
        <translation>%1 mit %2 der Öle dickt sofort an</translation>
    </message>
    <message>
        <source>%1: not in an aluminium pan</source>
        <translation>%1: nicht in einen Aluminiumtopf</translation>
    </message>
    <message>
        <source>%1 and sunlight</source>
        <translation>%1 und Sonnenlicht</translation>
    </message>
    <message>
        <source>%1 turns soap to scum</source>
        <translation>%1 macht Seife zu Kalkseife</translation>
    </message>
    <message>
        <source>%1 fades</source>
        <translation>%1 verblasst</translation>
    </message>
    <message>
        <source>%1 at %2 of the oils is scratchy</source>
        <translation>%1 mit %2 der Öle ist kratzig</translation>
    </message>
    <message>
        <source>%1 at %2 softens the bar</source>
        <translation>%1 mit %2 macht das Stück weich</translation>
    </message>
    <message>
        <source>%1 at %2 of the oils makes the bar crumble</source>
        <translation>%1 mit %2 der Öle lässt das Stück bröseln</translation>
    </message>
    <message>
        <source>%1 does not belong in strong lye</source>
        <translation>%1 gehört nicht in starke Lauge</translation>
    </message>
    <message>
        <source>%1 scrambles in lye</source>
        <translation>%1 gerinnt in Lauge</translation>
    </message>
    <message>
        <source>%1 is lost in the lye</source>
        <translation>%1 geht in der Lauge verloren</translation>
    </message>
    <message>
        <source>%1 holds alcohol: it can boil over in lye</source>
        <translation>%1 enthält Alkohol: es kann in Lauge überkochen</translation>
    </message>
    <message>
        <source>%1 does not dissolve in oil</source>
        <translation>%1 löst sich nicht in Öl</translation>
    </message>
    <message>
        <source>%1 counted in drops</source>
        <translation>%1 in Tropfen gezählt</translation>
    </message>
    <message>
        <source>%1 browns the batter</source>
        <translation>%1 bräunt den Seifenleim</translation>
    </message>
    <message>
        <source>%1 at %2 of the oils</source>
        <translation>%1 mit %2 der Öle</translation>
    </message>
    <message>
        <source>%1 in soap for children</source>
        <translation>%1 in Seife für Kinder</translation>
    </message>
    <message>
        <source>%1: ounces, or grams?</source>
        <translation>%1: Unzen oder Gramm?</translation>
    </message>
    <message>
        <source>%1: grams, or ounces?</source>
        <translation>%1: Gramm oder Unzen?</translation>
    </message>
    <message>
        <source>%1: tablespoons, or teaspoons?</source>
        <translation>%1: Ess- oder Teelöffel?</translation>
    </message>
    <message>
        <source>%1 in fluid ounces</source>
        <translation>%1 in Flüssigunzen</translation>
    </message>
    <message>
        <source>The stated total of oils is not their sum</source>
        <translation>Die angegebene Summe der Öle ist nicht ihre Summe</translation>
    </message>
    <message>
        <source>A jug at %1: Fahrenheit?</source>
        <translation>Ein Krug mit %1: Fahrenheit?</translation>
    </message>
    <message>
        <source>%1 less water is hardly less</source>
        <translation>%1 weniger Wasser ist kaum weniger</translation>
    </message>
    <message>
        <source>A purity of %1?</source>
        <translation>Eine Reinheit von %1?</translation>
    </message>
    <message>
        <source>Sodium and potassium hydroxide mixed up?</source>
        <translation>Natrium- und Kaliumhydroxid verwechselt?</translation>
    </message>
    <message>
        <source>Sugar, salt and acid take water the lye needs</source>
        <translation>Zucker, Salz und Säure binden Wasser, das das Hydroxid braucht</translation>
    </message>
    <message>
        <source>Not enough liquid to set aside</source>
        <translation>Nicht genug Flüssigkeit zum Abnehmen</translation>
    </message>
    <message>
        <source>More lye than oil while some oil is set aside</source>
        <translation>Mehr Lauge als Öl, solange Öl beiseitesteht</translation>
    </message>
    <message>
        <source>%1: superfat %2</source>
        <translation>%1: Überfettung %2</translation>
    </message>
    <message>
        <source>Sugar, milk and a warm start together</source>
        <translation>Zucker, Milch und warmer Beginn zusammen</translation>
    </message>
    <message>
        <source>Not enough oil in the pot to set aside</source>
        <translation>Nicht genug Öl im Topf zum Abnehmen</translation>
    </message>
    <message>
        <source>The cook is left with %1 of lye</source>
        <translation>Dem Kochen bleiben %1 Lauge</translation>
    </message>
    <message>
        <source>%1 comes after its lye</source>
        <translation>%1 kommt nach seinem Alkali</translation>
    </message>
    <message>
        <source>More acid than lye: no soap comes of this</source>
        <translation>Mehr Säure als Alkali: daraus wird keine Seife</translation>
    </message>
    <message>
        <source>%1: a saponification value of %2?</source>
        <translation>%1: eine Verseifungszahl von %2?</translation>
    </message>
    <message>
        <source>%1 may take lye that is not counted</source>
        <translation>%1 kann Alkali nehmen, das nicht gezählt ist</translation>
    </message>
    <message>
        <source>A long cure does not take lye away</source>
        <translation>Langes Reifen nimmt keine Lauge weg</translation>
    </message>
    <message>
        <source>%1 hardly changes the pH</source>
        <translation>%1 ändert den pH-Wert kaum</translation>
    </message>
    <message>
        <source>A discount of what?</source>
        <translation>Eine Reduzierung wovon?</translation>
    </message>
    <message>
        <source>The jug holds %1 of water; at %2 this much lye needs %3. What stays solid makes hot spots in the batter.</source>
        <translation>Der Krug fasst %1 Wasser; bei %2 braucht so viel Hydroxid %3. Was fest bleibt, macht heiße Stellen im Seifenleim.</translation>
    </message>
    <message>
        <source>While the jug is at 0 °C it takes about %1 of its %2. Add the lye in small portions and stir each one clear.</source>
        <translation>Solange der Krug 0 °C hat, löst er etwa %1 von seinen %2. Gib das Hydroxid in kleinen Portionen dazu und rühre jede klar.</translation>
    </message>
    <message>
        <source>The extras bring more water than was asked for. Batter strength becomes %1, not %2; %3 brings most.</source>
        <translation>Die Zusätze bringen mehr Wasser als verlangt. Die Konzentration wird %1, nicht %2; das meiste bringt %3.</translation>
    </message>
    <message>
        <source>No liquid is stated as the rest, so strength is %1.</source>
        <translation>Keine Flüssigkeit ist als Rest angegeben, darum ist die Konzentration %1.</translation>
    </message>
    <message>
        <source>More lye than the fats and acids can take: not for skin.</source>
        <translation>Mehr Lauge, als Fette und Säuren aufnehmen können: nicht für die Haut.</translation>
    </message>
    <message>
        <source>With the purest lye and the lowest oil values, superfat could fall to %1. Figures from your own drum and oil would narrow this.</source>
        <translation>Mit dem reinsten Hydroxid und den niedrigsten Ölwerten könnte die Überfettung auf %1 fallen. Werte von deinem eigenen Gebinde und Öl würden das eingrenzen.</translation>
    </message>
    <message>
        <source>Lye scorches warm milk: it browns, smells and clots.</source>
        <translation>Lauge verbrüht warme Milch: sie wird braun, riecht und flockt.</translation>
    </message>
    <message>
        <source>Dissolve the acid in the liquid first, then add lye in small portions with plenty of air. The lye it takes is counted.</source>
        <translation>Löse zuerst die Säure in der Flüssigkeit, dann gib das Hydroxid in kleinen Portionen dazu, bei viel Luft. Das Alkali, das sie nimmt, ist gezählt.</translation>
    </message>
    <message>
        <source>The figures of oils and lye are not sure enough for so little superfat: 5 in 100 lie below %1. Firmer figures help as much as more superfat.</source>
        <translation>Die Werte von Ölen und Hydroxid sind für so wenig Überfettung nicht sicher genug: 5 von 100 liegen unter %1. Sicherere Werte helfen so viel wie mehr Überfettung.</translation>
    </message>
    <message>
        <source>Its acids could take up to %1 of sodium hydroxide; none is counted, so superfat may be higher than said. Titrate it on the shelf to know.</source>
        <translation>Ihre Säuren könnten bis zu %1 Natriumhydroxid nehmen; gezählt ist keines, darum kann die Überfettung höher sein als gesagt. Titriere am Regal, um es zu wissen.</translation>
    </message>
    <message>
        <source>A lye this strong holds %1 of salt at most; there is %2. The rest falls out as grains. Put salt in more water, or in at trace.</source>
        <translation>So starke Lauge fasst höchstens %1 Salz; es sind %2. Der Rest fällt als Körner aus. Gib Salz in mehr Wasser oder beim Zeichnen dazu.</translation>
    </message>
    <message>
        <source>Nearly half of it is sugar: it heats and browns. If your tin is the unsweetened (evaporated) kind, choose that instead.</source>
        <translation>Fast die Hälfte davon ist Zucker: es wird heiß und braun. Wenn deine Dose die ungesüßte (Kondensmilch ohne Zucker) ist, wähle stattdessen diese.</translation>
    </message>
    <message>
        <source>All sugars together, the milk’s own included, are %1. In an insulated mould that can overheat, crack or volcano: leave it uncovered and cool.</source>
        <translation>Alle Zucker zusammen, auch der eigene der Milch, sind %1. In einer gedämmten Form kann das überhitzen, reißen oder steigen: lass sie unbedeckt und kühl.</translation>
    </message>
    <message>
        <source>Both hurry the batter and heat it: together it can seize in the pot. Leave one out, or stir the scent in last by hand.</source>
        <translation>Beide treiben den Leim an und heizen ihn: zusammen können sie ihn im Topf fest machen. Lass eines weg oder rühre den Duft zuletzt von Hand ein.</translation>
    </message>
    <message>
        <source>Sugar and milk scorch in hot process. Put them in after the cook.</source>
        <translation>Zucker und Milch brennen im Heißverfahren an. Gib sie nach dem Kochen dazu.</translation>
    </message>
    <message>
        <source>Soap with so much short-chain fat cleans skin dry. Most makers give it 15 to 20 % superfat (common practice).</source>
        <translation>Seife mit so viel kurzkettigem Fett wäscht die Haut trocken. Die meisten geben ihr 15 bis 20 % Überfettung (Erfahrung).</translation>
    </message>
    <message>
        <source>Salt at %1 of the oils quiets lather; only coconut, babassu or palm kernel soap lathers through it.</source>
        <translation>Salz mit %1 der Öle dämpft den Schaum; nur Seife aus Kokos, Babassu oder Palmkern schäumt trotzdem.</translation>
    </message>
    <message>
        <source>Oils like olive make a bar that is slimy when young. Six months to a year is common practice.</source>
        <translation>Öle wie Olive geben ein Stück, das jung schleimig ist. Ein halbes bis ein ganzes Jahr ist üblich.</translation>
    </message>
    <message>
        <source>Above a fifth, bars can spot orange and smell old within months.</source>
        <translation>Über einem Fünftel können Stücke binnen Monaten orange Flecken bekommen und alt riechen.</translation>
    </message>
    <message>
        <source>More than a fifth of the fat stays free: a soft bar that goes rancid sooner.</source>
        <translation>Mehr als ein Fünftel des Fetts bleibt frei: ein weiches Stück, das eher ranzig wird.</translation>
    </message>
    <message>
        <source>So little water traces at once and cracks on the way out of the mould.</source>
        <translation>So wenig Wasser zeichnet sofort und reißt auf dem Weg aus der Form.</translation>
    </message>
    <message>
        <source>So much water traces slowly, gels easily, warps as it dries and gathers ash.</source>
        <translation>So viel Wasser zeichnet langsam, gelt leicht, verzieht sich beim Trocknen und bekommt Sodaasche.</translation>
    </message>
    <message>
        <source>If you never tried this scent, try it in one colour first: a scent that hurries leaves no time for a pattern.</source>
        <translation>Wenn du diesen Duft nie probiert hast, versuche ihn erst mit einer Farbe: ein Duft, der antreibt, lässt keine Zeit für ein Muster.</translation>
    </message>
    <message>
        <source>%1 and its like can matter to people with allergies: name them, and ask your assessor.</source>
        <translation>%1 und dergleichen kann für Menschen mit Allergien wichtig sein: nenne es und frage deine Sicherheitsbewertung.</translation>
    </message>
    <message>
        <source>The lye is weighed already and was not raised for the acid; superfat becomes %1.</source>
        <translation>Das Hydroxid ist schon gewogen und wurde für die Säure nicht erhöht; die Überfettung wird %1.</translation>
    </message>
    <message>
        <source>It is sold at 85, 90 and 95 %. Read the drum and set it under More, or keep it as a lot.</source>
        <translation>Es wird mit 85, 90 und 95 % verkauft. Lies das Gebinde und stell es unter Mehr ein oder halte es als Los fest.</translation>
    </message>
    <message>
        <source>The powder without crystal water takes a tenth more lye. Choose the one on the jar from the shelf.</source>
        <translation>Das Pulver ohne Kristallwasser nimmt ein Zehntel mehr Alkali. Wähle das auf dem Glas aus dem Regal.</translation>
    </message>
    <message>
        <source>Soap of human milk is for one’s own household only; selling it is forbidden in many places.</source>
        <translation>Seife aus Muttermilch ist nur für den eigenen Haushalt; ihr Verkauf ist vielerorts verboten.</translation>
    </message>
    <message>
        <source>Herbs hold oil back. Weigh what you pour into the pot, not what you began with.</source>
        <translation>Kräuter halten Öl zurück. Wiege, was du in den Topf gießt, nicht, womit du begonnen hast.</translation>
    </message>
    <message>
        <source>Keep pot and lye above that, or it makes grains and a false trace.</source>
        <translation>Halte Topf und Lauge darüber, sonst gibt es Körner und falsches Zeichnen.</translation>
    </message>
    <message>
        <source>Free fatty acids meet lye in an instant. Have the mould ready, or use hot process.</source>
        <translation>Freie Fettsäuren reagieren im Nu mit Lauge. Halte die Form bereit oder nimm das Heißverfahren.</translation>
    </message>
    <message>
        <source>Its acid eats the metal while it cooks. Steel, glass or enamel.</source>
        <translation>Seine Säure frisst beim Kochen das Metall. Stahl, Glas oder Email.</translation>
    </message>
    <message>
        <source>Expressed citrus can mark skin in the sun: keep to the supplier’s cap, or choose a distilled oil.</source>
        <translation>Gepresstes Zitrusöl kann in der Sonne die Haut zeichnen: bleib unter der Grenze des Lieferanten oder wähle ein destilliertes Öl.</translation>
    </message>
    <message>
        <source>Magnesium and calcium salts throw soap out and weep in the bar.</source>
        <translation>Magnesium- und Calciumsalze werfen Seife aus und nässen im Stück.</translation>
    </message>
    <message>
        <source>Its colour or scent weakens in lye and in light. Make one bar and put it on the window sill.</source>
        <translation>Farbe oder Duft werden in Lauge und Licht schwächer. Mach ein Stück und leg es aufs Fensterbrett.</translation>
    </message>
    <message>
        <source>Above %1 a bar scours. Less, or finer.</source>
        <translation>Über %1 scheuert ein Stück. Weniger oder feiner.</translation>
    </message>
    <message>
        <source>Above %1 of the oils bars stay soft or sticky.</source>
        <translation>Über %1 der Öle bleiben Stücke weich oder klebrig.</translation>
    </message>
    <message>
        <source>Above %1 bars turn brittle and crumble at the cut.</source>
        <translation>Über %1 werden Stücke spröde und bröseln beim Schneiden.</translation>
    </message>
    <message>
        <source>It clumps there and hides undissolved lye. Wet it in a little oil or water and stir it in at trace.</source>
        <translation>Es klumpt dort und verbirgt ungelöstes Hydroxid. Feuchte es mit etwas Öl oder Wasser an und rühre es beim Zeichnen ein.</translation>
    </message>
    <message>
        <source>Beat it into cool oils, or into a little batter at trace.</source>
        <translation>Verschlage es in kühlen Ölen oder beim Zeichnen in etwas Leim.</translation>
    </message>
    <message>
        <source>Scent goes in at trace.</source>
        <translation>Duft kommt beim Zeichnen hinein.</translation>
    </message>
    <message>
        <source>Boil it flat until the alcohol is gone, cool it, and weigh what is left.</source>
        <translation>Koche es schal, bis der Alkohol weg ist, lass es abkühlen und wiege, was übrig ist.</translation>
    </message>
    <message>
        <source>It needs water: in the jug, or in a spoon of liquid at trace.</source>
        <translation>Es braucht Wasser: in den Krug, oder in einem Löffel Flüssigkeit beim Zeichnen.</translation>
    </message>
    <message>
        <source>Drops differ by half from bottle to bottle. Weigh what a cap is set for.</source>
        <translation>Tropfen unterscheiden sich von Flasche zu Flasche um die Hälfte. Wiege, wofür eine Grenze gilt.</translation>
    </message>
    <message>
        <source>Vanillin and its like go tan to brown within weeks. Keep some batter without it for a pale part.</source>
        <translation>Vanillin und dergleichen werden binnen Wochen hellbraun bis braun. Behalte etwas Leim ohne es für einen hellen Teil.</translation>
    </message>
    <message>
        <source>Usual is up to %1. The supplier’s cap and local law decide.</source>
        <translation>Üblich ist bis zu %1. Die Grenze des Lieferanten und das örtliche Recht entscheiden.</translation>
    </message>
    <message>
        <source>Leave it out of soap for babies and children.</source>
        <translation>Lass es aus Seife für Babys und Kinder weg.</translation>
    </message>
    <message>
        <source>%1 of the oils is far above its usual %2; the same number in grams would fit.</source>
        <translation>%1 der Öle ist weit über den üblichen %2; dieselbe Zahl in Gramm würde passen.</translation>
    </message>
    <message>
        <source>%1 of the oils is far below its usual %2; the same number in ounces would fit.</source>
        <translation>%1 der Öle ist weit unter den üblichen %2; dieselbe Zahl in Unzen würde passen.</translation>
    </message>
    <message>
        <source>%1 of the oils is above its usual %2; a teaspoon is a third of a tablespoon.</source>
        <translation>%1 der Öle ist über den üblichen %2; ein Teelöffel ist ein Drittel eines Esslöffels.</translation>
    </message>
    <message>
        <source>A fluid ounce is a volume: here it weighs %1, not 28.3 g. Weigh it if the recipe meant ounces by weight.</source>
        <translation>Eine Flüssigunze ist ein Volumen: hier wiegt sie %1, nicht 28,3 g. Wiege sie, wenn das Rezept Unzen nach Gewicht meinte.</translation>
    </message>
    <message>
        <source>Stated are %1, the oils add up to %2. An oil may be missing, or a figure mistyped.</source>
        <translation>Angegeben sind %1, die Öle ergeben %2. Vielleicht fehlt ein Öl, oder ein Wert ist vertippt.</translation>
    </message>
    <message>
        <source>Nobody’s jug stays that hot; read as Fahrenheit it is %1.</source>
        <translation>So heiß bleibt kein Krug; als Fahrenheit gelesen sind es %1.</translation>
    </message>
    <message>
        <source>It moves lye strength from %1 to %2. If you meant strength points, state the strength itself.</source>
        <translation>Das verschiebt die Laugenkonzentration von %1 auf %2. Wenn du Punkte der Konzentration meintest, gib sie selbst an.</translation>
    </message>
    <message>
        <source>If the drum says 90 %, type 90 and not 0.9. As it stands far too much lye would be weighed.</source>
        <translation>Wenn auf dem Gebinde 90 % steht, tippe 90 und nicht 0,9. So, wie es dasteht, würde viel zu viel Hydroxid gewogen.</translation>
    </message>
    <message>
        <source>Superfat would be %1; with the other hydroxide’s figure it would be %2. One weighs 1.40 times the other.</source>
        <translation>Die Überfettung wäre %1; mit dem Wert des anderen Hydroxids wäre sie %2. Eines wiegt das 1,40-fache des anderen.</translation>
    </message>
    <message>
        <source>%1 of water is in this jug; what is dissolved in it first ties up %2, and the lye needs %3. Move some of it elsewhere, or give the jug more of the water.</source>
        <translation>In diesem Krug sind %1 Wasser; was zuvor darin gelöst ist, bindet %2, und das Hydroxid braucht %3. Gib etwas davon anderswohin oder dem Krug mehr vom Wasser.</translation>
    </message>
    <message>
        <source>%1 is asked for to dissolve things in, and there is %2 of the liquid in all. Each gets its part of it.</source>
        <translation>Zum Lösen werden %1 verlangt, und es sind insgesamt %2 der Flüssigkeit da. Jedes bekommt seinen Teil davon.</translation>
    </message>
    <message>
        <source>Until the %1 set aside is back in, the pot holds %2 more lye than its oils can take (superfat %3). The finished soap is right; the batter bites: keep gloves on, and do not stop half way.</source>
        <translation>Bis die beiseitegestellten %1 wieder drin sind, enthält der Topf %2 mehr Hydroxid, als seine Öle aufnehmen können (Überfettung %3). Die fertige Seife stimmt; der Leim beißt: Handschuhe anlassen und nicht auf halbem Weg aufhören.</translation>
    </message>
    <message>
        <source>The whole has %1. Lye is divided with the batter, so a part whose oil was set aside for another, or that gets milk or acid of its own, ends otherwise.</source>
        <translation>Das Ganze hat %1. Lauge wird mit dem Leim geteilt, darum endet ein Teil, dessen Öl für einen anderen beiseitestand oder der eigene Milch oder Säure bekommt, anders.</translation>
    </message>
    <message>
        <source>The lye was reckoned for all of the batter; this part ends with more than its own fat can take. Not for skin. Move its acid, oil or milk to all of the batter, or give it more oil.</source>
        <translation>Das Hydroxid wurde für den ganzen Leim gerechnet; dieser Teil endet mit mehr, als sein eigenes Fett aufnehmen kann. Nicht für die Haut. Gib seine Säure, sein Öl oder seine Milch dem ganzen Leim oder ihm mehr Öl.</translation>
    </message>
    <message>
        <source>%1 of sugar, milk’s own included, joined at %2: each of them heats, and together they scorch or crack. Start cooler, and leave the mould uncovered.</source>
        <translation>%1 Zucker, auch der eigene der Milch, zusammengebracht bei %2: jedes davon heizt, und zusammen verbrühen oder reißen sie. Beginne kühler und lass die Form unbedeckt.</translation>
    </message>
    <message>
        <source>%1 more is set aside than is there; %2 counts.</source>
        <translation>%1 mehr steht beiseite, als da ist; %2 zählen.</translation>
    </message>
    <message>
        <source>The oil that could take it comes only afterwards. It is %1 of hydroxide as weighed: weigh that much less, or put %2 more oil into the cook.</source>
        <translation>Das Öl, das sie aufnehmen könnte, kommt erst danach. Es sind %1 Hydroxid wie gewogen: wiege so viel weniger oder gib %2 mehr Öl ins Kochen.</translation>
    </message>
    <message>
        <source>%1 of lye was weighed for this acid and is free in the whole pot until the acid goes in; the superfat meanwhile is %2. Put the acid in the jug, before the lye.</source>
        <translation>%1 Hydroxid wurde für diese Säure gewogen und ist im ganzen Topf frei, bis die Säure hineinkommt; die Überfettung ist bis dahin %2. Gib die Säure in den Krug, vor dem Hydroxid.</translation>
    </message>
    <message>
        <source>The acids take %1 and there is %2 of lye: nothing is left for the fats. Look at the acid’s amount and at the hydroxide’s.</source>
        <translation>Die Säuren nehmen %1, und es sind %2 Hydroxid da: für die Fette bleibt nichts. Prüfe die Menge der Säure und die des Hydroxids.</translation>
    </message>
    <message>
        <source>Fats lie between 100 and 300 mg of potassium hydroxide per gram. Grams of hydroxide per gram? That would be %1.</source>
        <translation>Fette liegen zwischen 100 und 300 mg Kaliumhydroxid je Gramm. Gramm Hydroxid je Gramm? Das wären %1.</translation>
    </message>
    <message>
        <source>Fats lie between 100 and 300 mg of potassium hydroxide per gram. Read the drum’s label again.</source>
        <translation>Fette liegen zwischen 100 und 300 mg Kaliumhydroxid je Gramm. Lies das Etikett des Gebindes noch einmal.</translation>
    </message>
    <message>
        <source>Browning sugar, magnesium and calcium can use up to %1 of lye. None of it is counted, since it may be nothing; the superfat could then be up to %2.</source>
        <translation>Bräunender Zucker, Magnesium und Calcium können bis zu %1 Hydroxid verbrauchen. Nichts davon ist gezählt, weil es auch nichts sein kann; die Überfettung könnte dann bis zu %2 sein.</translation>
    </message>
    <message>
        <source>Water leaves a bar as it cures. Lye does not: it is used up by fat or it stays. Give it fat now.</source>
        <translation>Wasser verlässt ein Stück beim Reifen. Lauge nicht: sie wird von Fett verbraucht oder sie bleibt. Gib ihr jetzt Fett.</translation>
    </message>
    <message>
        <source>The lye turns it into citrate, which has nothing left to give at soap’s pH: 2 % of it moves the pH by less than 0.003. It makes scum looser in hard water and helps against rancid spots. Its lye is counted here. Forgotten, that lye is missing on the fat: more superfat, and hardly another pH. Acid stirred into finished soap is another thing: it splits soap into fatty acid, softens the bar and cuts lather.</source>
        <translation>Die Lauge macht Citrat daraus, das beim pH-Wert von Seife nichts mehr abzugeben hat: 2 % davon verschieben den pH-Wert um weniger als 0,003. Es macht Kalkseife in hartem Wasser lockerer und hilft gegen ranzige Flecken. Sein Alkali ist hier gezählt. Vergessen fehlt dieses Alkali dem Fett: mehr Überfettung und kaum ein anderer pH-Wert. In fertige Seife gerührte Säure ist etwas anderes: sie spaltet Seife in Fettsäure, macht das Stück weich und mindert den Schaum.</translation>
    </message>
    <message>
        <source>The notes speak of a discount or reduction. It means something once it says of what: here lye is held back for a superfat of %1, and there is %2 less water than your usual.</source>
        <translation>Die Notizen sprechen von einer Reduzierung. Das bedeutet erst etwas, wenn dabeisteht, wovon: hier wird Hydroxid für eine Überfettung von %1 zurückgehalten, und es ist %2 weniger Wasser als dein übliches.</translation>
    </message>
    <message>
        <source>Make it %1</source>
        <translation>Auf %1 stellen</translation>
    </message>
    <message>
        <source>Put %1 g water per g of lye in the jug</source>
        <translation>%1 g Wasser je g Hydroxid in den Krug geben</translation>
    </message>
    <message>
        <source>Accept a lye strength of %1</source>
        <translation>Eine Laugenkonzentration von %1 annehmen</translation>
    </message>
    <message>
        <source>Put %1 in the jug</source>
        <translation>%1 in den Krug geben</translation>
    </message>
    <message>
        <source>Put %1 in %2</source>
        <translation>%1 in %2 geben</translation>
    </message>
    <message>
        <source>Leave %1 out</source>
        <translation>%1 weglassen</translation>
    </message>
    <message>
        <source>Take the sum</source>
        <translation>Die Summe nehmen</translation>
    </message>
    <message>
        <source>Freeze %1 first</source>
        <translation>%1 zuerst einfrieren</translation>
    </message>
    <message>
        <source>Set the same share aside for every portion</source>
        <translation>Für jede Portion denselben Anteil beiseitestellen</translation>
    </message>
    <message>
        <source>Join them at %1</source>
        <translation>Bei %1 zusammenbringen</translation>
    </message>
    <message>
        <source>Set nothing aside for %1</source>
        <translation>Für %1 nichts beiseitestellen</translation>
    </message>
    <message>
        <source>All the lye in one jug</source>
        <translation>Alles Hydroxid in einen Krug</translation>
    </message>
    <message>
        <source>Set superfat to %1</source>
        <translation>Überfettung auf %1 stellen</translation>
    </message>
    <message>
        <source>Fill up with water</source>
        <translation>Mit Wasser auffüllen</translation>
    </message>
    <message>
        <source>Take it as %1</source>
        <translation>Als %1 nehmen</translation>
    </message>
    <message>
        <source>Mend</source>
        <translation>Beheben</translation>
    </message>
    <message>
        <source>Type an amount and a material, such as “120 g buttermilk”.</source>
        <translation>Tippe eine Menge und einen Rohstoff, etwa „120 g Buttermilch“.</translation>
    </message>
    <message>
        <source>An amount is missing: type a number, such as 120 g, or “rest”.</source>
        <translation>Es fehlt eine Menge: tippe eine Zahl, etwa 120 g, oder „Rest“.</translation>
    </message>
    <message>
        <source>“%1” is not a finished sum.</source>
        <translation>„%1“ ist keine fertige Rechnung.</translation>
    </message>
    <message>
        <source>A sum divides by zero.</source>
        <translation>Eine Rechnung teilt durch null.</translation>
    </message>
    <message>
        <source>“%1” could be read two ways. Write it without a thousands mark.</source>
        <translation>„%1“ lässt sich auf zwei Arten lesen. Schreib es ohne Tausenderzeichen.</translation>
    </message>
    <message>
        <source>An amount cannot be below 0.</source>
        <translation>Eine Menge kann nicht unter 0 liegen.</translation>
    </message>
    <message>
        <source>“%1” is more than a batch can hold.</source>
        <translation>„%1“ ist mehr, als eine Charge fassen kann.</translation>
    </message>
    <message>
        <source>“%1” is not understood here.</source>
        <translation>„%1“ wird hier nicht verstanden.</translation>
    </message>
    <message>
        <source>a group of fields in braces</source>
        <translation>eine Gruppe von Feldern in geschweiften Klammern</translation>
    </message>
    <message>
        <source>a list in brackets</source>
        <translation>eine Liste in eckigen Klammern</translation>
    </message>
    <message>
        <source>text in quotation marks</source>
        <translation>Text in Anführungszeichen</translation>
    </message>
    <message>
        <source>a list of texts</source>
        <translation>eine Liste von Texten</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>eine ganze Zahl</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>left out, since the rest of the liquid has no amount of its own</source>
        <translation>weggelassen, da der Rest der Flüssigkeit keine eigene Menge hat</translation>
    </message>
    <message>
        <source>The file</source>
        <translation>Die Datei</translation>
    </message>
    <message>
        <source>it has no id.</source>
        <translation>es hat keine Id.</translation>
    </message>
    <message>
        <source>it has no name.</source>
        <translation>es hat keinen Namen.</translation>
    </message>
    <message>
        <source>a part is more than the whole.</source>
        <translation>ein Teil ist mehr als das Ganze.</translation>
    </message>
    <message>
        <source>its parts add up to more than the whole.</source>
        <translation>seine Teile ergeben mehr als das Ganze.</translation>
    </message>
    <message>
        <source>it holds fat and no saponification value.</source>
        <translation>es enthält Fett und hat keine Verseifungszahl.</translation>
    </message>
    <message>
        <source>it is a hydroxide without a purity.</source>
        <translation>es ist ein Hydroxid ohne Reinheit.</translation>
    </message>
    <message>
        <source>a figure names a source that is not there.</source>
        <translation>ein Wert nennt eine Quelle, die es nicht gibt.</translation>
    </message>
    <message>
        <source>its saponification value cannot be.</source>
        <translation>seine Verseifungszahl kann nicht sein.</translation>
    </message>
    <message>
        <source>its fatty acids do not add up to the whole.</source>
        <translation>seine Fettsäuren ergeben nicht das Ganze.</translation>
    </message>
    <message>
        <source>a spoon or cup of it has no name or no weight.</source>
        <translation>ein Löffel oder eine Tasse davon hat keinen Namen oder kein Gewicht.</translation>
    </message>
    <message>
        <source>a text of it is longer than it may be.</source>
        <translation>ein Text davon ist länger, als er sein darf.</translation>
    </message>
    <message>
        <source>It is larger than %1 MB, so it was not read.</source>
        <translation>Sie ist größer als %1 MB, darum wurde sie nicht gelesen.</translation>
    </message>
    <message>
        <source>It is damaged or cut short at line %1 (%2). Nothing was changed.</source>
        <translation>Sie ist bei Zeile %1 beschädigt oder abgeschnitten (%2). Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>It is not a Rhexion file of this kind. Nothing was changed.</source>
        <translation>Es ist keine Rhexion-Datei dieser Art. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>It was written by a newer Rhexion (version %1 of the format). Open it there; here it is left as it is.</source>
        <translation>Sie wurde von einem neueren Rhexion geschrieben (Version %1 des Formats). Öffne sie dort; hier bleibt sie, wie sie ist.</translation>
    </message>
    <message>
        <source>“%1” is missing.</source>
        <translation>„%1“ fehlt.</translation>
    </message>
    <message>
        <source>“%1” should be: %2.</source>
        <translation>„%1“ sollte sein: %2.</translation>
    </message>
    <message>
        <source>“%1” must lie in the range %2.</source>
        <translation>„%1“ muss in der Spanne %2 liegen.</translation>
    </message>
    <message>
        <source>“%1” holds “%2”, which is not known.</source>
        <translation>„%1“ enthält „%2“, das nicht bekannt ist.</translation>
    </message>
    <message>
        <source>“%1” is not a known field.</source>
        <translation>„%1“ ist kein bekanntes Feld.</translation>
    </message>
    <message>
        <source>“%1” stands twice in the same place (line %2). Take one out.</source>
        <translation>„%1“ steht zweimal am selben Ort (Zeile %2). Nimm eines heraus.</translation>
    </message>
    <message>
        <source>“%1”: “%2” stands there twice.</source>
        <translation>„%1“: „%2“ steht dort zweimal.</translation>
    </message>
    <message>
        <source>“%1” names the material “%2”, which is not in the file.</source>
        <translation>„%1“ nennt den Rohstoff „%2“, der nicht in der Datei ist.</translation>
    </message>
    <message>
        <source>%1 (“%2”) goes into a portion that is not in the file.</source>
        <translation>%1 („%2“) kommt in eine Portion, die nicht in der Datei ist.</translation>
    </message>
    <message>
        <source>The figures of %1 do not hold together: %2</source>
        <translation>Die Werte von %1 passen nicht zusammen: %2</translation>
    </message>
    <message>
        <source>Another program is writing %1 now. Try again in a moment.</source>
        <translation>Ein anderes Programm schreibt gerade %1. Versuch es gleich noch einmal.</translation>
    </message>
    <message>
        <source>%1 can only be read here: another Rhexion has it, or its folder is not yours to write. Close the other one, or mend the folder’s rights.</source>
        <translation>%1 lässt sich hier nur lesen: ein anderes Rhexion hat es, oder du darfst in seinem Ordner nicht schreiben. Schließe das andere oder richte die Rechte des Ordners.</translation>
    </message>
    <message>
        <source>%1 is damaged or cut short. It is left as it is.</source>
        <translation>%1 ist beschädigt oder abgeschnitten. Es bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>%1 is damaged (%2). It is left as it is.</source>
        <translation>%1 ist beschädigt (%2). Es bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>It was changed elsewhere since you opened it (%1). Look at it again, then change it.</source>
        <translation>Es wurde anderswo geändert, seit du es geöffnet hast (%1). Sieh es noch einmal an, dann ändere es.</translation>
    </message>
    <message>
        <source>It is empty: there is not a single letter in it.</source>
        <translation>Sie ist leer: kein einziger Buchstabe steht darin.</translation>
    </message>
    <message>
        <source>%1 is a pipe, device or folder and no ordinary file.</source>
        <translation>%1 ist eine Pipe, ein Gerät oder ein Ordner und keine gewöhnliche Datei.</translation>
    </message>
    <message>
        <source>“%1” holds a zero byte, which no text can. Take it out.</source>
        <translation>„%1“ enthält ein Nullbyte, was kein Text kann. Nimm es heraus.</translation>
    </message>
    <message>
        <source>Line %1 is not UTF-8 text. Save it as “CSV UTF-8” and try again. Nothing was changed.</source>
        <translation>Zeile %1 ist kein UTF-8-Text. Speichere sie als „CSV UTF-8“ und versuch es noch einmal. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Line %1 has a quotation mark in the wrong place: a cell that holds one must begin and end with one. Nothing was changed.</source>
        <translation>Zeile %1 hat ein Anführungszeichen an der falschen Stelle: eine Zelle, die eines enthält, muss mit einem beginnen und enden. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>The quotation mark opened at line %1 never closes. Nothing was changed.</source>
        <translation>Das Anführungszeichen aus Zeile %1 wird nie geschlossen. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>There are more rows or cells than can be read (%1 rows), from line %2. Split the file. Nothing was changed.</source>
        <translation>Es sind ab Zeile %2 mehr Zeilen oder Zellen, als gelesen werden können (%1 Zeilen). Teile die Datei. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>The column “%1” is not known. Take it out or correct its name; the first row must hold the names. Nothing was changed.</source>
        <translation>Die Spalte „%1“ ist nicht bekannt. Nimm sie heraus oder berichtige ihren Namen; die erste Zeile muss die Namen enthalten. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>The row has %1 cells where the first row has %2.</source>
        <translation>Die Zeile hat %1 Zellen, die erste Zeile hat %2.</translation>
    </message>
    <message>
        <source>%1 is no photograph that can be read: JPEG, PNG and WebP can.</source>
        <translation>%1 ist kein lesbares Foto: JPEG, PNG und WebP gehen.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 megapixels. Make it smaller and take it in then.</source>
        <translation>%1 hat mehr als %2 Megapixel. Mach es kleiner und nimm es dann auf.</translation>
    </message>
    <message>
        <source>Lye jug</source>
        <translation>Laugenkrug</translation>
    </message>
    <message>
        <source>Second jug</source>
        <translation>Zweiter Krug</translation>
    </message>
    <message>
        <source>Oil pot</source>
        <translation>Fetttopf</translation>
    </message>
    <message>
        <source>At emulsion</source>
        <translation>Bei Emulsion</translation>
    </message>
    <message>
        <source>At trace</source>
        <translation>Beim Zeichnen</translation>
    </message>
    <message>
        <source>After the cook</source>
        <translation>Nach dem Kochen</translation>
    </message>
    <message>
        <source>On top</source>
        <translation>Obenauf</translation>
    </message>
    <message>
        <source>in the lye jug</source>
        <translation>in den Laugenkrug</translation>
    </message>
    <message>
        <source>in the second jug</source>
        <translation>in den zweiten Krug</translation>
    </message>
    <message>
        <source>in the oil pot</source>
        <translation>in den Fetttopf</translation>
    </message>
    <message>
        <source>at emulsion</source>
        <translation>bei Emulsion</translation>
    </message>
    <message>
        <source>at trace</source>
        <translation>beim Zeichnen</translation>
    </message>
    <message>
        <source>after the cook</source>
        <translation>nach dem Kochen</translation>
    </message>
    <message>
        <source>on top</source>
        <translation>obenauf</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Take care</source>
        <translation>Gib acht</translation>
    </message>
    <message>
        <source>Good to know</source>
        <translation>Gut zu wissen</translation>
    </message>
    <message>
        <source>fat</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>fatty acid</source>
        <translation>Fettsäure</translation>
    </message>
    <message>
        <source>hydroxide</source>
        <translation>Hydroxid</translation>
    </message>
    <message>
        <source>acid</source>
        <translation>Säure</translation>
    </message>
    <message>
        <source>milk</source>
        <translation>Milch</translation>
    </message>
    <message>
        <source>puree or juice</source>
        <translation>Püree oder Saft</translation>
    </message>
    <message>
        <source>sugar</source>
        <translation>Zucker</translation>
    </message>
    <message>
        <source>salt</source>
        <translation>Salz</translation>
    </message>
    <message>
        <source>liquid</source>
        <translation>Flüssigkeit</translation>
    </message>
    <message>
        <source>solid</source>
        <translation>Feststoff</translation>
    </message>
    <message>
        <source>wax or resin</source>
        <translation>Wachs oder Harz</translation>
    </message>
    <message>
        <source>egg</source>
        <translation>Ei</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>scent</source>
        <translation>Duft</translation>
    </message>
    <message>
        <source>citric acid</source>
        <translation>Zitronensäure</translation>
    </message>
    <message>
        <source>lactic acid</source>
        <translation>Milchsäure</translation>
    </message>
    <message>
        <source>acetic acid</source>
        <translation>Essigsäure</translation>
    </message>
    <message>
        <source>malic acid</source>
        <translation>Äpfelsäure</translation>
    </message>
    <message>
        <source>tartaric acid</source>
        <translation>Weinsäure</translation>
    </message>
    <message>
        <source>oxalic acid</source>
        <translation>Oxalsäure</translation>
    </message>
    <message>
        <source>ascorbic acid</source>
        <translation>Ascorbinsäure</translation>
    </message>
    <message>
        <source>succinic acid</source>
        <translation>Bernsteinsäure</translation>
    </message>
    <message>
        <source>fumaric acid</source>
        <translation>Fumarsäure</translation>
    </message>
    <message>
        <source>quinic acid</source>
        <translation>Chinasäure</translation>
    </message>
    <message>
        <source>glycolic acid</source>
        <translation>Glycolsäure</translation>
    </message>
    <message>
        <source>gluconic acid</source>
        <translation>Gluconsäure</translation>
    </message>
    <message>
        <source>gluconolactone</source>
        <translation>Gluconolacton</translation>
    </message>
    <message>
        <source>salicylic acid</source>
        <translation>Salicylsäure</translation>
    </message>
    <message>
        <source>benzoic acid</source>
        <translation>Benzoesäure</translation>
    </message>
    <message>
        <source>sorbic acid</source>
        <translation>Sorbinsäure</translation>
    </message>
    <message>
        <source>phosphoric acid</source>
        <translation>Phosphorsäure</translation>
    </message>
    <message>
        <source>boric acid</source>
        <translation>Borsäure</translation>
    </message>
    <message>
        <source>cream of tartar</source>
        <translation>Weinstein</translation>
    </message>
    <message>
        <source>bicarbonate</source>
        <translation>Hydrogencarbonat</translation>
    </message>
    <message>
        <source>disodium EDTA</source>
        <translation>Dinatrium-EDTA</translation>
    </message>
    <message>
        <source>a scent</source>
        <translation>ein Duft</translation>
    </message>
    <message>
        <source>a colour</source>
        <translation>eine Farbe</translation>
    </message>
    <message>
        <source>a dry solid</source>
        <translation>ein trockener Feststoff</translation>
    </message>
    <message>
        <source>a salt</source>
        <translation>ein Salz</translation>
    </message>
    <message>
        <source>a sugar</source>
        <translation>ein Zucker</translation>
    </message>
    <message>
        <source>something watery</source>
        <translation>etwas Wässriges</translation>
    </message>
    <message>
        <source>an oil</source>
        <translation>ein Öl</translation>
    </message>
    <message>
        <source>an acid</source>
        <translation>eine Säure</translation>
    </message>
    <message>
        <source>How many per cent of it is water?</source>
        <translation>Wie viel Prozent davon sind Wasser?</translation>
    </message>
    <message>
        <source>Its saponification value, mg KOH per g, from the drum?</source>
        <translation>Die Verseifungszahl, mg KOH je g, vom Gebinde?</translation>
    </message>
    <message>
        <source>How many per cent of it is acid?</source>
        <translation>Wie viel Prozent davon sind Säure?</translation>
    </message>
    <message>
        <source>Sodium hydroxide</source>
        <translation>Natriumhydroxid</translation>
    </message>
    <message>
        <source>Potassium hydroxide</source>
        <translation>Kaliumhydroxid</translation>
    </message>
    <message>
        <source>%1, lot %2</source>
        <translation>%1, Los %2</translation>
    </message>
    <message>
        <source>all of the batter</source>
        <translation>der ganze Seifenleim</translation>
    </message>
    <message>
        <source>portion %1</source>
        <translation>Portion %1</translation>
    </message>
    <message>
        <source>Water for the jug</source>
        <translation>Wasser für den Krug</translation>
    </message>
    <message>
        <source>%1, second jug</source>
        <translation>%1, zweiter Krug</translation>
    </message>
    <message>
        <source>Oil set aside for %1</source>
        <translation>Öl beiseite für %1</translation>
    </message>
    <message>
        <source>%1 for %2</source>
        <translation>%1 für %2</translation>
    </message>
    <message>
        <source>Liquid</source>
        <translation>Flüssigkeit</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>There is no oil yet. Add one, such as “500 g olive oil”, and the lye can be reckoned.</source>
        <translation>Es ist noch kein Öl da. Gib eines dazu, etwa „500 g Olivenöl“, dann lässt sich das Hydroxid rechnen.</translation>
    </message>
    <message>
        <source>No hydroxide is chosen for this lye. Choose the one that is on your shelf.</source>
        <translation>Für diese Lauge ist kein Hydroxid gewählt. Wähle das aus deinem Regal.</translation>
    </message>
    <message>
        <source>A line has no material. Remove it or choose one.</source>
        <translation>Eine Zeile hat keinen Rohstoff. Entferne sie oder wähle einen.</translation>
    </message>
    <message>
        <source>Nobody knows which oil %1 is, so its lye cannot be reckoned. Choose the oil it is from the shelf, or type its saponification value from the drum.</source>
        <translation>Niemand weiß, welches Öl %1 ist, darum lässt sich sein Hydroxid nicht rechnen. Wähle im Regal das Öl, das es ist, oder tippe die Verseifungszahl vom Gebinde.</translation>
    </message>
    <message>
        <source>The amount of %1 cannot be used. State a mass between 0 and 100 tonnes, or a per cent.</source>
        <translation>Die Menge von %1 ist nicht brauchbar. Gib eine Masse zwischen 0 und 100 Tonnen oder Prozent an.</translation>
    </message>
    <message>
        <source>A superfat of %1 cannot be. State one from %2 to below 100 %.</source>
        <translation>Eine Überfettung von %1 kann nicht sein. Gib eine von %2 bis unter 100 % an.</translation>
    </message>
    <message>
        <source>The potassium hydroxide share must lie between 0 and 100 %.</source>
        <translation>Der Anteil Kaliumhydroxid muss zwischen 0 und 100 % liegen.</translation>
    </message>
    <message>
        <source>A lye strength of %1 cannot be. State one between 0 and 100 %, such as 33 %.</source>
        <translation>Eine Laugenkonzentration von %1 kann nicht sein. Gib eine zwischen 0 und 100 % an, etwa 33 %.</translation>
    </message>
    <message>
        <source>A water to lye ratio of %1 cannot be. State one above 0 and up to 20, such as 2.</source>
        <translation>Ein Verhältnis Wasser zu Hydroxid von %1 kann nicht sein. Gib eines über 0 und bis 20 an, etwa 2.</translation>
    </message>
    <message>
        <source>Water as a per cent of the oils must be above 0 and up to 1000 %.</source>
        <translation>Wasser in Prozent der Öle muss über 0 und bis 1000 % liegen.</translation>
    </message>
    <message>
        <source>“Less water than usual” must lie between 0 and below 100 %.</source>
        <translation>„Weniger Wasser als üblich“ muss zwischen 0 und unter 100 % liegen.</translation>
    </message>
    <message>
        <source>The jug’s water must be above 0 and up to 20 g for each gram of lye.</source>
        <translation>Das Wasser im Krug muss über 0 und bis 20 g je Gramm Hydroxid liegen.</translation>
    </message>
    <message>
        <source>The jug’s temperature must lie between %1 and %2.</source>
        <translation>Die Temperatur des Krugs muss zwischen %1 und %2 liegen.</translation>
    </message>
    <message>
        <source>The purity of %1 must be above 0 and at most 100 %.</source>
        <translation>Die Reinheit von %1 muss über 0 und höchstens bei 100 % liegen.</translation>
    </message>
    <message>
        <source>%1 belongs to the lye settings, not to a vessel. Remove this line and set it there.</source>
        <translation>%1 gehört in die Einstellungen der Lauge, nicht in ein Gefäß. Entferne diese Zeile und stell es dort ein.</translation>
    </message>
    <message>
        <source>Two liquids are stated as the rest. Give %1 an amount, or take it out.</source>
        <translation>Zwei Flüssigkeiten sind als Rest angegeben. Gib %1 eine Menge oder nimm es heraus.</translation>
    </message>
    <message>
        <source>%1 is an oil and brings no water, so it cannot be the rest of the liquid. Give it an amount.</source>
        <translation>%1 ist ein Öl und bringt kein Wasser, also kann es nicht der Rest der Flüssigkeit sein. Gib ihm eine Menge.</translation>
    </message>
    <message>
        <source>State %1 as a mass or as a per cent of the oils, not of the batter.</source>
        <translation>Gib %1 als Masse oder in Prozent der Öle an, nicht des Seifenleims.</translation>
    </message>
    <message>
        <source>The oils in per cent reach %1, which leaves no room for the oils in grams. Lower a per cent, or state all oils the same way.</source>
        <translation>Die Öle in Prozent erreichen %1, das lässt keinen Platz für die Öle in Gramm. Senke einen Prozentwert oder gib alle Öle gleich an.</translation>
    </message>
    <message>
        <source>The oils add up to %1. Bring them to 100 %.</source>
        <translation>Die Öle ergeben %1. Bring sie auf 100 %.</translation>
    </message>
    <message>
        <source>Every oil is a per cent, so the mass of all the oils is needed. State it, or give one oil in grams.</source>
        <translation>Jedes Öl steht in Prozent, also braucht es die Masse aller Öle. Gib sie an oder ein Öl in Gramm.</translation>
    </message>
    <message>
        <source>The amounts in per cent of the batter leave no room for the rest. Lower them.</source>
        <translation>Die Mengen in Prozent des Seifenleims lassen keinen Platz für das Übrige. Senke sie.</translation>
    </message>
    <message>
        <source>%1 cannot be the rest of the liquid: each gram calls for more water, through the lye it takes, than it brings (%2 g short). Choose a more watery liquid or a stronger lye.</source>
        <translation>%1 kann nicht der Rest der Flüssigkeit sein: jedes Gramm verlangt durch das Hydroxid, das es nimmt, mehr Wasser, als es bringt (%2 g zu wenig). Wähle eine wässrigere Flüssigkeit oder eine stärkere Lauge.</translation>
    </message>
    <message>
        <source>The cook would be left with %1 of lye, because the oil that could take it comes only afterwards. Set the superfat to %2 or more, or cook more of the oil.</source>
        <translation>Dem Kochen blieben %1 Hydroxid, weil das Öl, das es aufnehmen könnte, erst danach kommt. Stell die Überfettung auf %2 oder mehr oder koche mehr vom Öl mit.</translation>
    </message>
    <message>
        <source>No hydroxide is weighed. State how much, or let the superfat decide.</source>
        <translation>Kein Hydroxid ist gewogen. Gib an, wie viel, oder lass die Überfettung entscheiden.</translation>
    </message>
    <message>
        <source>Nobody knows yet what a spoon, cup or drop of %1 weighs. Weigh one on the shelf, or state grams.</source>
        <translation>Noch weiß niemand, was ein Löffel, eine Tasse oder ein Tropfen %1 wiegt. Wiege am Regal einen oder gib Gramm an.</translation>
    </message>
    <message>
        <source>%1 is a per cent of the liquid, but no liquid is stated as the rest.</source>
        <translation>%1 steht in Prozent der Flüssigkeit, aber keine Flüssigkeit ist als Rest angegeben.</translation>
    </message>
    <message>
        <source>The portion %1 needs parts above 0 and up to 1000, such as 1.</source>
        <translation>Die Portion %1 braucht Teile über 0 und bis 1000, etwa 1.</translation>
    </message>
    <message>
        <source>A batter can be split into 24 portions at most.</source>
        <translation>Ein Seifenleim lässt sich in höchstens 24 Portionen teilen.</translation>
    </message>
    <message>
        <source>%1 sets aside an oil that is not in the pot any more. Choose another, or the mixed oils.</source>
        <translation>%1 stellt ein Öl beiseite, das nicht mehr im Topf ist. Wähle ein anderes oder die gemischten Öle.</translation>
    </message>
    <message>
        <source>A portion</source>
        <translation>Eine Portion</translation>
    </message>
    <message>
        <source>%1 of oil is set aside in all, and there is only %2 of it in the pot. Set less aside.</source>
        <translation>%1 Öl stehen insgesamt beiseite, und im Topf sind nur %2 davon. Stell weniger beiseite.</translation>
    </message>
    <message>
        <source>%1 goes into one portion: state it in grams or spoons, not as a per cent of the oils.</source>
        <translation>%1 kommt in eine Portion: gib es in Gramm oder Löffeln an, nicht in Prozent der Öle.</translation>
    </message>
    <message>
        <source>%1 takes the rest of the liquid, so it goes into all of the batter. Give it an amount, or take it out of its portion.</source>
        <translation>%1 nimmt den Rest der Flüssigkeit, also kommt es in den ganzen Leim. Gib ihm eine Menge oder nimm es aus seiner Portion.</translation>
    </message>
    <message>
        <source>The liquid set aside for %1 must be between 0 and 20 g for each gram.</source>
        <translation>Die für %1 abgenommene Flüssigkeit muss zwischen 0 und 20 g je Gramm liegen.</translation>
    </message>
    <message>
        <source>The second jug’s share of the lye must lie between 0 and 100 %.</source>
        <translation>Der Anteil des zweiten Krugs am Hydroxid muss zwischen 0 und 100 % liegen.</translation>
    </message>
    <message>
        <source>Jug and pot can be joined between %1 and %2, within %3.</source>
        <translation>Krug und Topf lassen sich zwischen %1 und %2 zusammenbringen, höchstens %3 auseinander.</translation>
    </message>
    <message>
        <source>A mould of these sizes cannot be: %1. Measure it once more.</source>
        <translation>Eine Form mit diesen Maßen kann nicht sein: %1. Miss sie noch einmal.</translation>
    </message>
    <message>
        <source>the mould</source>
        <translation>die Form</translation>
    </message>
    <message>
        <source>One batch goes into 40 moulds at most. Count like ones together.</source>
        <translation>Eine Charge kommt in höchstens 40 Formen. Zähle gleiche zusammen.</translation>
    </message>
    <message>
        <source>A bar must be thicker than nothing.</source>
        <translation>Ein Stück muss dicker als nichts sein.</translation>
    </message>
    <message>
        <source>%1 goes into a portion that is not there any more. Choose one, or all of the batter.</source>
        <translation>%1 kommt in eine Portion, die es nicht mehr gibt. Wähle eine oder den ganzen Seifenleim.</translation>
    </message>
    <message>
        <source>That text is too long: up to %1 letters are kept.</source>
        <translation>Dieser Text ist zu lang: bis zu %1 Zeichen werden behalten.</translation>
    </message>
    <message>
        <source>There are more than 1000 lines. Split the formula.</source>
        <translation>Es sind mehr als 1000 Zeilen. Teile die Formel.</translation>
    </message>
    <message>
        <source>Goggles, gloves and long sleeves on; good air; no aluminium; children and pets out. Always add lye to the liquid, never liquid to the lye.</source>
        <translation>Schutzbrille, Handschuhe und lange Ärmel an; gute Luft; kein Aluminium; Kinder und Tiere hinaus. Immer das Hydroxid in die Flüssigkeit geben, nie die Flüssigkeit in das Hydroxid.</translation>
    </message>
    <message>
        <source>Soap for others falls under local cosmetic law: ask a qualified assessor.</source>
        <translation>Seife für andere fällt unter das örtliche Kosmetikrecht: frag eine sachkundige Sicherheitsbewertung.</translation>
    </message>
    <message>
        <source>lye strength %1</source>
        <translation>Laugenkonzentration %1</translation>
    </message>
    <message>
        <source>water to lye %1</source>
        <translation>Wasser zu Hydroxid %1</translation>
    </message>
    <message>
        <source>water %1 of oils</source>
        <translation>Wasser %1 der Öle</translation>
    </message>
    <message>
        <source>%1 less water than the usual %2</source>
        <translation>%1 weniger Wasser als die üblichen %2</translation>
    </message>
    <message>
        <source>not counted, left as extra superfat</source>
        <translation>nicht gezählt, bleibt als zusätzliche Überfettung</translation>
    </message>
    <message>
        <source>what is surely there</source>
        <translation>was sicher da ist</translation>
    </message>
    <message>
        <source>its typical figure</source>
        <translation>sein typischer Wert</translation>
    </message>
    <message>
        <source>share of the saponifying (moles)</source>
        <translation>Anteil an der Verseifung (Mol)</translation>
    </message>
    <message>
        <source>share of pure weight</source>
        <translation>Anteil am reinen Gewicht</translation>
    </message>
    <message>
        <source>share of weight as weighed</source>
        <translation>Anteil am Gewicht wie gewogen</translation>
    </message>
    <message>
        <source>pure lye, all water counted</source>
        <translation>reines Hydroxid, alles Wasser gezählt</translation>
    </message>
    <message>
        <source>lye as weighed, its own moisture left out</source>
        <translation>Hydroxid wie gewogen, seine eigene Feuchte ausgelassen</translation>
    </message>
    <message>
        <source>There is no journal yet. “rhexion-cli journal server init” makes one.</source>
        <translation>Dort ist noch kein Tagebuch. „rhexion-cli journal server init“ legt eines an.</translation>
    </message>
    <message>
        <source>The journal there is of a newer Rhexion; this one reads nothing of it.</source>
        <translation>Das Tagebuch dort ist von einem neueren Rhexion; dieses liest nichts davon.</translation>
    </message>
    <message>
        <source>This name may not write there: %1</source>
        <translation>Dieser Name darf dort nicht schreiben: %1</translation>
    </message>
    <message>
        <source>The server does not answer: %1</source>
        <translation>Der Server antwortet nicht: %1</translation>
    </message>
    <message>
        <source>In step with the other benches.</source>
        <translation>Im Gleichschritt mit den anderen Werkbänken.</translation>
    </message>
    <message>
        <source>Looking for the other benches…</source>
        <translation>Sucht die anderen Werkbänke …</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) written here wait to be passed on.</source>
        <translation>
            <numerusform>%n hier Geschriebenes wartet darauf, weitergegeben zu werden.</numerusform>
            <numerusform>%n hier geschriebene Sachen warten darauf, weitergegeben zu werden.</numerusform>
        </translation>
    </message>
    <message>
        <source>The journal there is of an older Rhexion. “rhexion-cli journal server init” brings it up to date; nothing written here is lost meanwhile.</source>
        <translation>Das Tagebuch dort ist von einem älteren Rhexion. „rhexion-cli journal server init“ bringt es auf den Stand; nichts, was hier geschrieben wird, geht derweil verloren.</translation>
    </message>
    <message>
        <source>Say it again</source>
        <translation>Wieder sagen</translation>
    </message>
    <message>
        <source>I know, do not say it for this formula</source>
        <translation>Ich weiß, bei dieser Formel nicht mehr sagen</translation>
    </message>
    <message numerus="yes">
        <source>%n more thing(s) to take care of</source>
        <translation>
            <numerusform>%n weitere zu beachten</numerusform>
            <numerusform>%n weitere zu beachten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n note(s)</source>
        <translation>
            <numerusform>%n Hinweis</numerusform>
            <numerusform>%n Hinweise</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of it as ice</source>
        <translation>%1 davon als Eis</translation>
    </message>
    <message>
        <source>Call the emergency number or your poison centre.</source>
        <translation>Ruf den Notruf oder das Giftinformationszentrum an.</translation>
    </message>
    <message>
        <source>Call: %1.</source>
        <translation>Ruf an: %1.</translation>
    </message>
    <message>
        <source>Lye on skin or in eyes: rinse at once with much running water, and take off wet clothes. Eyes: hold the lids open, lenses out, 20 to 30 minutes or until help takes over. Swallowed: rinse the mouth, do not vomit. %1</source>
        <translation>Lauge auf der Haut oder in den Augen: sofort mit viel fließendem Wasser spülen und nasse Kleidung ausziehen. Augen: Lider offen halten, Kontaktlinsen heraus, 20 bis 30 Minuten oder bis Hilfe übernimmt. Verschluckt: Mund ausspülen, nicht erbrechen. %1</translation>
    </message>
    <message>
        <source>%1 The same holds for: %2.</source>
        <translation>%1 Dasselbe gilt für: %2.</translation>
    </message>
    <message numerus="yes">
        <source>%n caution(s) you know</source>
        <translation>
            <numerusform>%n Warnung, die du kennst</numerusform>
            <numerusform>%n Warnungen, die du kennst</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was moved, removed or replaced while Rhexion had it open, so nothing is written to it. Put it back in its place, or close Rhexion and start it again.</source>
        <translation>%1 wurde verschoben, entfernt oder ersetzt, während Rhexion es offen hatte; darum wird nichts hineingeschrieben. Lege es an seinen Platz zurück, oder schließe Rhexion und starte es neu.</translation>
    </message>
    <message>
        <source>%1 is not there, but copies or photographs of it are. None is begun in its place unasked.</source>
        <translation>%1 ist nicht da, wohl aber Kopien oder Fotos davon. Ungefragt wird an seiner Stelle nichts begonnen.</translation>
    </message>
    <message>
        <source>%1 holds %2 things that the file beside it lacks. It is left as it is.</source>
        <translation>In %1 stehen %2 Einträge, die der Datei daneben fehlen. Sie bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>%1 lies among the data themselves. Choose another folder, best on another disk.</source>
        <translation>%1 liegt mitten in den Daten selbst. Wähle einen anderen Ordner, am besten auf einer anderen Platte.</translation>
    </message>
    <message>
        <source>%1 cannot be opened.</source>
        <translation>%1 lässt sich nicht öffnen.</translation>
    </message>
    <message>
        <source>%1 cannot be opened: %2.</source>
        <translation>%1 lässt sich nicht öffnen: %2.</translation>
    </message>
    <message>
        <source>%1 cannot be written.</source>
        <translation>%1 lässt sich nicht schreiben.</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2.</source>
        <translation>%1 lässt sich nicht schreiben: %2.</translation>
    </message>
</context>
<context>
    <name>Working</name>
    <message>
        <source>here, %1</source>
        <translation>hier, %1</translation>
    </message>
    <message>
        <source>Where makers differ, and what each would weigh</source>
        <translation>Wo Siedende uneins sind, und was jede Schule wiegen würde</translation>
    </message>
    <message>
        <source>%1: what its spoons, cups, drops or pieces weigh</source>
        <translation>%1: was Löffel, Tassen, Tropfen oder Stücke davon wiegen</translation>
    </message>
    <message>
        <source>%1: its share of the liquid</source>
        <translation>%1: sein Anteil an der Flüssigkeit</translation>
    </message>
    <message>
        <source>All the oils: those in grams are what the per cents leave</source>
        <translation>Alle Öle: die in Gramm sind, was die Prozente übrig lassen</translation>
    </message>
    <message>
        <source>%1: its share of the oils</source>
        <translation>%1: sein Anteil an den Ölen</translation>
    </message>
    <message>
        <source>%1: lye its fat can take</source>
        <translation>%1: Hydroxid, das sein Fett aufnehmen kann</translation>
    </message>
    <message>
        <source>%1: lye its hidden fat can take</source>
        <translation>%1: Hydroxid, das sein verborgenes Fett aufnehmen kann</translation>
    </message>
    <message>
        <source>%1: lye its %2 takes</source>
        <translation>%1: Hydroxid für: %2</translation>
    </message>
    <message>
        <source>%1: lye it holds itself</source>
        <translation>%1: Hydroxid, das es selbst enthält</translation>
    </message>
    <message>
        <source>%1: lye its acids take, by titration</source>
        <translation>%1: Hydroxid, das seine Säuren nehmen, nach Titration</translation>
    </message>
    <message>
        <source>Lye called for before the rest of the liquid: fats less the superfat, and acids in full</source>
        <translation>Hydroxid, das vor dem Rest der Flüssigkeit gebraucht wird: Fette weniger die Überfettung, und Säuren ganz</translation>
    </message>
    <message>
        <source>Potassium hydroxide’s share of the moles</source>
        <translation>Anteil des Kaliumhydroxids an den Mol</translation>
    </message>
    <message>
        <source>One mole of this lye, pure</source>
        <translation>Ein Mol dieses Hydroxids, rein</translation>
    </message>
    <message>
        <source>One mole of this lye, as weighed</source>
        <translation>Ein Mol dieses Hydroxids, wie gewogen</translation>
    </message>
    <message>
        <source>Water that one mole of this lye brings along</source>
        <translation>Wasser, das ein Mol dieses Hydroxids mitbringt</translation>
    </message>
    <message>
        <source>Water wanted per gram of lye</source>
        <translation>Gewünschtes Wasser je Gramm Hydroxid</translation>
    </message>
    <message>
        <source>Water wanted, as a share of the oils</source>
        <translation>Gewünschtes Wasser, als Anteil der Öle</translation>
    </message>
    <message>
        <source>%1: water in it</source>
        <translation>%1: Wasser darin</translation>
    </message>
    <message>
        <source>Water already brought by lines with a stated amount</source>
        <translation>Wasser, das Zeilen mit angegebener Menge schon bringen</translation>
    </message>
    <message>
        <source>%1: lye each gram of it calls for</source>
        <translation>%1: Hydroxid, das jedes Gramm davon verlangt</translation>
    </message>
    <message>
        <source>%1: the rest of the liquid, with the lye it calls for itself</source>
        <translation>%1: der Rest der Flüssigkeit, mit dem Hydroxid, das er selbst verlangt</translation>
    </message>
    <message>
        <source>%1: the rest of the liquid, solved together with the shares of the batter</source>
        <translation>%1: der Rest der Flüssigkeit, zusammen mit den Anteilen am Seifenleim gelöst</translation>
    </message>
    <message>
        <source>%1: its share of the batter</source>
        <translation>%1: sein Anteil am Seifenleim</translation>
    </message>
    <message>
        <source>Lye in all</source>
        <translation>Hydroxid im Ganzen</translation>
    </message>
    <message>
        <source>Lye in all, from what is weighed</source>
        <translation>Hydroxid im Ganzen, aus dem Gewogenen</translation>
    </message>
    <message>
        <source>Sodium hydroxide, pure</source>
        <translation>Natriumhydroxid, rein</translation>
    </message>
    <message>
        <source>Sodium hydroxide to weigh, at its purity</source>
        <translation>Abzuwiegendes Natriumhydroxid, bei seiner Reinheit</translation>
    </message>
    <message>
        <source>Potassium hydroxide, pure</source>
        <translation>Kaliumhydroxid, rein</translation>
    </message>
    <message>
        <source>Potassium hydroxide to weigh, at its purity</source>
        <translation>Abzuwiegendes Kaliumhydroxid, bei seiner Reinheit</translation>
    </message>
    <message>
        <source>Water to pour into the jug</source>
        <translation>Wasser, das in den Krug kommt</translation>
    </message>
    <message>
        <source>Water wanted</source>
        <translation>Gewünschtes Wasser</translation>
    </message>
    <message>
        <source>Water there is: lines, jug water, moisture of the lye</source>
        <translation>Vorhandenes Wasser: Zeilen, Wasser im Krug, Feuchte des Hydroxids</translation>
    </message>
    <message>
        <source>Batter: every mass added up</source>
        <translation>Seifenleim: alle Massen zusammengezählt</translation>
    </message>
    <message>
        <source>Batch strength: pure lye, all water</source>
        <translation>Konzentration der Charge: reines Hydroxid, alles Wasser</translation>
    </message>
    <message>
        <source>Batch strength the other way: lye as weighed, its moisture left out</source>
        <translation>Konzentration der Charge anders gerechnet: Hydroxid wie gewogen, seine Feuchte ausgelassen</translation>
    </message>
    <message>
        <source>Jug strength</source>
        <translation>Konzentration im Krug</translation>
    </message>
    <message>
        <source>Second jug’s strength</source>
        <translation>Konzentration im zweiten Krug</translation>
    </message>
    <message>
        <source>Sodium hydroxide for the second jug</source>
        <translation>Natriumhydroxid für den zweiten Krug</translation>
    </message>
    <message>
        <source>Potassium hydroxide for the second jug</source>
        <translation>Kaliumhydroxid für den zweiten Krug</translation>
    </message>
    <message>
        <source>%1: liquid set aside to dissolve it</source>
        <translation>%1: zum Lösen abgenommene Flüssigkeit</translation>
    </message>
    <message>
        <source>%1: oil set aside</source>
        <translation>%1: beiseitegestelltes Öl</translation>
    </message>
    <message>
        <source>%1: its share of the batter, its oil back, its own things</source>
        <translation>%1: ihr Anteil am Seifenleim, ihr Öl zurück, ihr Eigenes</translation>
    </message>
    <message>
        <source>%1: its own superfat, on all its fat</source>
        <translation>%1: ihre eigene Überfettung, auf all ihr Fett</translation>
    </message>
    <message>
        <source>%1: salt on its oils</source>
        <translation>%1: Salz auf ihre Öle</translation>
    </message>
    <message>
        <source>%1: scent on its oils</source>
        <translation>%1: Duft auf ihre Öle</translation>
    </message>
    <message>
        <source>Superfat in the pot while oil is set aside</source>
        <translation>Überfettung im Topf, solange Öl beiseitesteht</translation>
    </message>
    <message>
        <source>Superfat on the oils alone</source>
        <translation>Überfettung nur auf die Öle</translation>
    </message>
    <message>
        <source>True superfat, on all fat</source>
        <translation>Wahre Überfettung, auf alles Fett</translation>
    </message>
    <message>
        <source>Water formed as acids are neutralised, outside the account</source>
        <translation>Wasser, das beim Neutralisieren der Säuren entsteht, außerhalb der Rechnung</translation>
    </message>
    <message>
        <source>Water: what left, of what there was without the dish</source>
        <translation>Wasser: was ging, von dem, was ohne die Schale da war</translation>
    </message>
    <message>
        <source>Reading brought to 20 °C</source>
        <translation>Ablesung auf 20 °C gebracht</translation>
    </message>
    <message>
        <source>Water: all less what is dissolved and what is not</source>
        <translation>Wasser: alles weniger das Gelöste und das Ungelöste</translation>
    </message>
    <message>
        <source>What a millilitre of a sugar solution that strong weighs</source>
        <translation>Was ein Milliliter einer so starken Zuckerlösung wiegt</translation>
    </message>
    <message>
        <source>Strength of the solution</source>
        <translation>Stärke der Lösung</translation>
    </message>
    <message>
        <source>One run: lye taken by 100 g of it</source>
        <translation>Ein Durchgang: Hydroxid, das 100 g davon nehmen</translation>
    </message>
    <message>
        <source>Mean of the runs</source>
        <translation>Mittel der Durchgänge</translation>
    </message>
    <message>
        <source>Spread of the runs (standard deviation)</source>
        <translation>Streuung der Durchgänge (Standardabweichung)</translation>
    </message>
    <message>
        <source>What the cup holds, by water</source>
        <translation>Was der Becher fasst, nach Wasser</translation>
    </message>
    <message>
        <source>Density: its weight in the same cup</source>
        <translation>Dichte: sein Gewicht im selben Becher</translation>
    </message>
    <message>
        <source>Weight of each</source>
        <translation>Gewicht je eines</translation>
    </message>
    <message>
        <source>One run: pure hydroxide the citric acid took, of what was weighed</source>
        <translation>Ein Durchgang: reines Hydroxid, das die Zitronensäure nahm, vom Gewogenen</translation>
    </message>
    <message>
        <source>Water left after what boiled off</source>
        <translation>Wasser, das nach dem Verkochten übrig ist</translation>
    </message>
    <message>
        <source>SV: %1. 56.1056: definition of the saponification value (ISO 3657)</source>
        <translation>VZ: %1. 56,1056: Definition der Verseifungszahl (ISO 3657)</translation>
    </message>
    <message>
        <source>fat: %1. SV: %2</source>
        <translation>Fett: %1. VZ: %2</translation>
    </message>
    <message>
        <source>share: %1. Protons from the pKa (CRC Handbook, from memory) at pH 10; molar mass from Blue Obelisk atomic weights</source>
        <translation>Anteil: %1. Protonen aus dem pKs (CRC Handbook, aus dem Gedächtnis) bei pH 10; Molmasse aus den Atommassen von Blue Obelisk</translation>
    </message>
    <message>
        <source>all its weight counted as water, as you chose</source>
        <translation>ihr ganzes Gewicht als Wasser gezählt, wie du gewählt hast</translation>
    </message>
    <message>
        <source>molar masses from Blue Obelisk atomic weights</source>
        <translation>Molmassen aus den Atommassen von Blue Obelisk</translation>
    </message>
    <message>
        <source>purity: %1</source>
        <translation>Reinheit: %1</translation>
    </message>
    <message>
        <source>by volume and density, or as its table says: common practice, no source</source>
        <translation>nach Volumen und Dichte oder nach ihrer Tabelle: Erfahrung, keine Quelle</translation>
    </message>
    <message>
        <source>as weighed, or as its table says</source>
        <translation>wie gewogen oder nach ihrer Tabelle</translation>
    </message>
    <message>
        <source>as you state liquid</source>
        <translation>wie du Flüssigkeit angibst</translation>
    </message>
    <message>
        <source>as you set it; out of the wanted water, not beside it</source>
        <translation>wie du es eingestellt hast; aus dem gewünschten Wasser, nicht daneben</translation>
    </message>
    <message>
        <source>the other way of counting; a ready lye counts by what it contains</source>
        <translation>die andere Art zu zählen; eine fertige Lauge zählt nach dem, was sie enthält</translation>
    </message>
    <message>
        <source>international temperature correction table, AOAC 932.14 (from memory)</source>
        <translation>internationale Tabelle zur Temperaturberichtigung, AOAC 932.14 (aus dem Gedächtnis)</translation>
    </message>
    <message>
        <source>ICUMSA SPS-4, density of sucrose solutions (from memory)</source>
        <translation>ICUMSA SPS-4, Dichte von Zuckerlösungen (aus dem Gedächtnis)</translation>
    </message>
    <message>
        <source>ISO 750 and AOAC 942.15 in principle</source>
        <translation>im Grundsatz ISO 750 und AOAC 942.15</translation>
    </message>
    <message>
        <source>water at 20 °C: CRC Handbook</source>
        <translation>Wasser bei 20 °C: CRC Handbook</translation>
    </message>
    <message>
        <source>hidden fat at its typical figure</source>
        <translation>verborgenes Fett mit seinem typischen Wert</translation>
    </message>
    <message>
        <source>hidden fat: %1</source>
        <translation>verborgenes Fett: %1</translation>
    </message>
</context>
<context>
    <name>rhexion::AccountsView</name>
    <message>
        <source>Alkali and water accounts</source>
        <translation>Rechnung von Alkali und Wasser</translation>
    </message>
    <message>
        <source>Here the alkali your recipe calls for and the water it holds are set against each other, as soon as there is an oil.</source>
        <translation>Hier stehen das Alkali, das dein Rezept verlangt, und das Wasser, das es enthält, einander gegenüber, sobald ein Öl da ist.</translation>
    </message>
    <message>
        <source>%1: %2 (%3 %4 in all)</source>
        <translation>%1: %2 (%3 %4 im Ganzen)</translation>
    </message>
</context>
<context>
    <name>rhexion::AfterForm</name>
    <message>
        <source>On which day</source>
        <translation>An welchem Tag</translation>
    </message>
    <message>
        <source>What to write down</source>
        <translation>Was aufzuschreiben ist</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>It came out</source>
        <translation>Sie kam heraus</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Weighed</source>
        <translation>Gewogen</translation>
    </message>
    <message>
        <source>In use</source>
        <translation>In Gebrauch</translation>
    </message>
    <message>
        <source>Paper strip</source>
        <translation>Teststreifen</translation>
    </message>
    <message>
        <source>Photographs</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Lesson</source>
        <translation>Lehre</translation>
    </message>
    <message>
        <source>Next time</source>
        <translation>Nächstes Mal</translation>
    </message>
    <message>
        <source>Bars went</source>
        <translation>Stücke gingen</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Welche</translation>
    </message>
    <message>
        <source>Of which portion</source>
        <translation>Von welcher Portion</translation>
    </message>
    <message>
        <source>Together with</source>
        <translation>Zusammen mit</translation>
    </message>
    <message>
        <source>Step of the scale, g</source>
        <translation>Schritt der Waage, g</translation>
    </message>
    <message>
        <source>scale&apos;s step</source>
        <translation>Schritt der Waage</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>A bar is so %1</source>
        <translation>Ein Stück ist so %1</translation>
    </message>
    <message>
        <source>In words</source>
        <translation>In Worten</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>1 to 5</source>
        <translation>1 bis 5</translation>
    </message>
    <message>
        <source>pH</source>
        <translation>pH-Wert</translation>
    </message>
    <message>
        <source>brought</source>
        <translation>brachte</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>which bars, such as: tray 1</source>
        <translation>welche Stücke, etwa: Tablett 1</translation>
    </message>
    <message>
        <source>what to keep in mind</source>
        <translation>was zu merken ist</translation>
    </message>
    <message>
        <source>what to change</source>
        <translation>was zu ändern ist</translation>
    </message>
    <message>
        <source>in words</source>
        <translation>in Worten</translation>
    </message>
    <message>
        <source>what happened, what to change</source>
        <translation>was geschah, was zu ändern ist</translation>
    </message>
    <message>
        <source>Choose photographs…</source>
        <translation>Fotos wählen …</translation>
    </message>
    <message>
        <source>Missing: %1.</source>
        <translation>Es fehlt: %1.</translation>
    </message>
    <message>
        <source>what the scale says</source>
        <translation>was die Waage sagt</translation>
    </message>
    <message>
        <source>a number from 1 to 5</source>
        <translation>eine Zahl von 1 bis 5</translation>
    </message>
    <message>
        <source>a pH from 0 to 14</source>
        <translation>ein pH-Wert von 0 bis 14</translation>
    </message>
    <message>
        <source>how many bars</source>
        <translation>wie viele Stücke</translation>
    </message>
    <message>
        <source>the note</source>
        <translation>die Notiz</translation>
    </message>
</context>
<context>
    <name>rhexion::BackupActions</name>
    <message>
        <source>Backups (*.rhexion-backup)</source>
        <translation>Sicherungen (*.rhexion-backup)</translation>
    </message>
    <message>
        <source>Keep a &amp;backup…</source>
        <translation>Eine Sicherung &amp;behalten …</translation>
    </message>
    <message>
        <source>Keep a backup</source>
        <translation>Eine Sicherung behalten</translation>
    </message>
    <message>
        <source>&amp;Look at a backup…</source>
        <translation>Eine Sicherung anse&amp;hen …</translation>
    </message>
    <message>
        <source>Look at a backup</source>
        <translation>Eine Sicherung ansehen</translation>
    </message>
    <message>
        <source>Settings (*.json)</source>
        <translation>Einstellungen (*.json)</translation>
    </message>
    <message>
        <source>Settings &amp;to a file…</source>
        <translation>Einstellungen &amp;in eine Datei …</translation>
    </message>
    <message>
        <source>Settings to a file</source>
        <translation>Einstellungen in eine Datei</translation>
    </message>
    <message>
        <source>Settings &amp;from a file…</source>
        <translation>Einstellungen a&amp;us einer Datei …</translation>
    </message>
    <message>
        <source>Settings from a file</source>
        <translation>Einstellungen aus einer Datei</translation>
    </message>
    <message>
        <source>Your settings, moulds, limits and prices are in %1.</source>
        <translation>Deine Einstellungen, Formen, Grenzen und Preise sind in %1.</translation>
    </message>
    <message>
        <source>The backup is in %1; it was read back and is whole.</source>
        <translation>Die Sicherung ist in %1; sie wurde zurückgelesen und ist ganz.</translation>
    </message>
    <message>
        <source>The backup takes the place of what is here when Rhexion is started next.</source>
        <translation>Die Sicherung tritt beim nächsten Start von Rhexion an die Stelle dessen, was hier ist.</translation>
    </message>
    <message>
        <source>The weekly copy could not be made. %1</source>
        <translation>Die wöchentliche Kopie konnte nicht gemacht werden. %1</translation>
    </message>
    <message>
        <source>Look, units, places, moulds, limits and prices of %1 hold from now on. Server and devices stay as they are here.</source>
        <translation>Aussehen, Einheiten, Plätze, Formen, Grenzen und Preise aus %1 gelten ab jetzt. Server und Geräte bleiben, wie sie hier sind.</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>Weggelassen: %1.</translation>
    </message>
</context>
<context>
    <name>rhexion::BackupWindow</name>
    <message>
        <source>A backup, and what is here now</source>
        <translation>Eine Sicherung, und was jetzt hier ist</translation>
    </message>
    <message>
        <source>The backup was made %1. Nothing here changes until it is taken, and then what is here now is kept in a folder beside.</source>
        <translation>Die Sicherung ist von %1. Nichts ändert sich hier, bis sie übernommen wird, und dann bleibt, was jetzt hier ist, in einem Ordner daneben.</translation>
    </message>
    <message>
        <source>What each holds</source>
        <translation>Was beide enthalten</translation>
    </message>
    <message>
        <source>the backup</source>
        <translation>die Sicherung</translation>
    </message>
    <message>
        <source>here now</source>
        <translation>jetzt hier</translation>
    </message>
    <message>
        <source>Batches</source>
        <translation>Chargen</translation>
    </message>
    <message>
        <source>Things written down</source>
        <translation>Aufgeschriebenes</translation>
    </message>
    <message>
        <source>Photographs</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>Last written</source>
        <translation>Zuletzt geschrieben</translation>
    </message>
    <message>
        <source>It holds less</source>
        <translation>Sie enthält weniger</translation>
    </message>
    <message>
        <source>What was written since then is not in it</source>
        <translation>Was seither geschrieben wurde, ist nicht darin</translation>
    </message>
    <message>
        <source>it stays in the folder that is kept</source>
        <translation>es bleibt in dem Ordner, der behalten wird</translation>
    </message>
    <message>
        <source>Take it at the next start</source>
        <translation>Beim nächsten Start übernehmen</translation>
    </message>
    <message>
        <source>Leave everything as it is</source>
        <translation>Alles lassen, wie es ist</translation>
    </message>
</context>
<context>
    <name>rhexion::Banner</name>
    <message>
        <source>Close this note</source>
        <translation>Diese Notiz schließen</translation>
    </message>
</context>
<context>
    <name>rhexion::BarsChapter</name>
    <message>
        <source>Bars</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>Nobody counted them yet: write down that it was cut, and into how many bars.</source>
        <translation>Noch hat sie niemand gezählt: schreib auf, dass geschnitten wurde, und in wie viele Stücke.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>brought %1</source>
        <translation>brachte %1</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Übrig</translation>
    </message>
    <message>
        <source>more went than were cut: count them</source>
        <translation>es gingen mehr, als geschnitten wurden: zähle sie</translation>
    </message>
    <message>
        <source>g on the label</source>
        <translation>g auf dem Etikett</translation>
    </message>
    <message>
        <source>Net weight on the label</source>
        <translation>Nettogewicht auf dem Etikett</translation>
    </message>
    <message>
        <source>weight on the label</source>
        <translation>Gewicht auf dem Etikett</translation>
    </message>
    <message>
        <source>Give it a code</source>
        <translation>Ihr eine Nummer geben</translation>
    </message>
    <message>
        <source>Labels as PDF…</source>
        <translation>Etiketten als PDF …</translation>
    </message>
    <message>
        <source>Print labels…</source>
        <translation>Etiketten drucken …</translation>
    </message>
    <message>
        <source>places gone</source>
        <translation>Plätze weg</translation>
    </message>
    <message>
        <source>Places of the first sheet that are gone</source>
        <translation>Plätze des ersten Bogens, die weg sind</translation>
    </message>
    <message>
        <source>Card…</source>
        <translation>Karte …</translation>
    </message>
    <message>
        <source>Money, label and card…</source>
        <translation>Geld, Etikett und Karte …</translation>
    </message>
    <message>
        <source>Bars and label</source>
        <translation>Stücke und Etikett</translation>
    </message>
    <message>
        <source>Bars and label of %1</source>
        <translation>Stücke und Etikett von %1</translation>
    </message>
    <message>
        <source>The labels, as they will be printed</source>
        <translation>Die Etiketten, wie sie gedruckt werden</translation>
    </message>
    <message>
        <source>Labels as PDF</source>
        <translation>Etiketten als PDF</translation>
    </message>
    <message>
        <source>labels.pdf</source>
        <translation>etiketten.pdf</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message numerus="yes">
        <source>%n label(s) are in %1. Print them without scaling.</source>
        <translation>
            <numerusform>%n Etikett ist in %1. Druck ohne Skalierung.</numerusform>
            <numerusform>%n Etiketten sind in %1. Druck ohne Skalierung.</numerusform>
        </translation>
    </message>
    <message>
        <source>What is in it</source>
        <translation>Was darin ist</translation>
    </message>
    <message>
        <source>Batch</source>
        <translation>Charge</translation>
    </message>
    <message>
        <source>Rested until</source>
        <translation>Gereift bis</translation>
    </message>
    <message>
        <source>The card, as it will be printed</source>
        <translation>Die Karte, wie sie gedruckt wird</translation>
    </message>
</context>
<context>
    <name>rhexion::BatchView</name>
    <message>
        <source>Record</source>
        <translation>Protokoll</translation>
    </message>
    <message>
        <source>The day</source>
        <translation>Der Tag</translation>
    </message>
    <message>
        <source>Cure</source>
        <translation>Reifung</translation>
    </message>
    <message>
        <source>Tests</source>
        <translation>Tests</translation>
    </message>
    <message>
        <source>Bars and label</source>
        <translation>Stücke und Etikett</translation>
    </message>
    <message>
        <source>The batch</source>
        <translation>Die Charge</translation>
    </message>
    <message>
        <source>Open its formula on the bench</source>
        <translation>Ihre Formel auf der Werkbank öffnen</translation>
    </message>
    <message>
        <source>Go on making it</source>
        <translation>Weitersieden</translation>
    </message>
    <message>
        <source>Compare its portions</source>
        <translation>Ihre Portionen vergleichen</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken …</translation>
    </message>
    <message>
        <source>Record for an assessor…</source>
        <translation>Protokoll für die Sicherheitsbewertung …</translation>
    </message>
    <message>
        <source>Photographs of this batch</source>
        <translation>Fotos dieser Charge</translation>
    </message>
    <message>
        <source>Photographs (*.jpg *.jpeg *.png *.webp)</source>
        <translation>Fotos (*.jpg *.jpeg *.png *.webp)</translation>
    </message>
    <message>
        <source>A name for the label</source>
        <translation>Ein Name fürs Etikett</translation>
    </message>
    <message>
        <source>INCI name of %1</source>
        <translation>INCI-Name von %1</translation>
    </message>
    <message>
        <source>Its pair</source>
        <translation>Ihr Paar</translation>
    </message>
    <message>
        <source>Like another batch, but for %1</source>
        <translation>Wie eine andere Charge, bis auf %1</translation>
    </message>
    <message>
        <source>Compare the two</source>
        <translation>Die beiden vergleichen</translation>
    </message>
    <message>
        <source>A batch was made like this one, but for one change: %1</source>
        <translation>Eine Charge wurde wie diese gesiedet, bis auf eine Änderung: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n photograph(s) taken in; choose the rest again.</source>
        <translation>
            <numerusform>%n Foto aufgenommen; wähle die übrigen noch einmal.</numerusform>
            <numerusform>%n Fotos aufgenommen; wähle die übrigen noch einmal.</numerusform>
        </translation>
    </message>
    <message>
        <source>There are 99 codes of that day already.</source>
        <translation>Von diesem Tag gibt es schon 99 Nummern.</translation>
    </message>
    <message>
        <source>Record for an assessor</source>
        <translation>Protokoll für die Sicherheitsbewertung</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>The record is in %1.</source>
        <translation>Das Protokoll ist in %1.</translation>
    </message>
    <message>
        <source>Take it over from the other bench</source>
        <translation>Von der anderen Werkbank übernehmen</translation>
    </message>
</context>
<context>
    <name>rhexion::BatchesModel</name>
    <message>
        <source>without a name</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>in the making</source>
        <translation>in Arbeit</translation>
    </message>
    <message>
        <source>made</source>
        <translation>gesiedet</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>Abbruch</translation>
    </message>
    <message>
        <source>Begun</source>
        <translation>Begonnen</translation>
    </message>
    <message>
        <source>Formula</source>
        <translation>Formel</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>Superfat</source>
        <translation>Überfettung</translation>
    </message>
</context>
<context>
    <name>rhexion::BenchPage</name>
    <message>
        <source>Add %1</source>
        <translation>%1 zugeben</translation>
    </message>
    <message>
        <source>Paste lines</source>
        <translation>Zeilen einfügen</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) added. Not understood: </source>
        <translation>
            <numerusform>%n Zeile zugegeben. Nicht verstanden: </numerusform>
            <numerusform>%n Zeilen zugegeben. Nicht verstanden: </numerusform>
        </translation>
    </message>
    <message>
        <source>Weigh %1</source>
        <translation>%1 wiegen</translation>
    </message>
    <message>
        <source>Use %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>Name this formula</source>
        <translation>Diese Formel benennen</translation>
    </message>
    <message>
        <source>Name of the formula</source>
        <translation>Name der Formel</translation>
    </message>
    <message>
        <source>Name the formula</source>
        <translation>Die Formel benennen</translation>
    </message>
    <message>
        <source>Make this batch</source>
        <translation>Diese Charge sieden</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Move to: %1</source>
        <translation>Verschieben nach: %1</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>An estimate; opens the place of heat</source>
        <translation>Eine Schätzung; öffnet den Ort der Wärme</translation>
    </message>
    <message>
        <source>No forecast of heat yet.</source>
        <translation>Noch keine Wärmevorhersage.</translation>
    </message>
    <message>
        <source>Heat: %1</source>
        <translation>Wärme: %1</translation>
    </message>
    <message>
        <source>Jug strength</source>
        <translation>Konzentration im Krug</translation>
    </message>
    <message>
        <source>Water for the jug</source>
        <translation>Wasser für den Krug</translation>
    </message>
    <message>
        <source>Split the batter…</source>
        <translation>Den Seifenleim teilen …</translation>
    </message>
    <message numerus="yes">
        <source>%n portion(s)…</source>
        <translation>
            <numerusform>%n Portion …</numerusform>
            <numerusform>%n Portionen …</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of oils
superfat on them %2</source>
        <translation>%1 Öle
Überfettung darauf %2</translation>
    </message>
    <message>
        <source>Start here: the oils.</source>
        <translation>Beginne hier: die Öle.</translation>
    </message>
</context>
<context>
    <name>rhexion::BenchesWindow</name>
    <message>
        <source>Several benches, one journal</source>
        <translation>Mehrere Werkbänke, ein Tagebuch</translation>
    </message>
    <message>
        <source>name or address, such as workshop.local</source>
        <translation>Name oder Adresse, etwa werkstatt.local</translation>
    </message>
    <message>
        <source>Keep the password in the desktop’s keyring</source>
        <translation>Das Passwort im Schlüsselbund des Schreibtischs behalten</translation>
    </message>
    <message>
        <source>Server</source>
        <translation>Server</translation>
    </message>
    <message>
        <source>Port</source>
        <translation>Port</translation>
    </message>
    <message>
        <source>Database</source>
        <translation>Datenbank</translation>
    </message>
    <message>
        <source>Your name there</source>
        <translation>Dein Name dort</translation>
    </message>
    <message>
        <source>Password</source>
        <translation>Passwort</translation>
    </message>
    <message>
        <source>Try it</source>
        <translation>Versuchen</translation>
    </message>
    <message>
        <source>Asking the server…</source>
        <translation>Fragt den Server …</translation>
    </message>
    <message>
        <source>It answers, and this name may write there.</source>
        <translation>Er antwortet, und dieser Name darf dort schreiben.</translation>
    </message>
    <message>
        <source>Leave the others</source>
        <translation>Die anderen verlassen</translation>
    </message>
    <message>
        <source>Join the others</source>
        <translation>Den anderen beitreten</translation>
    </message>
    <message>
        <source>This bench keeps its journal to itself.</source>
        <translation>Diese Werkbank behält ihr Tagebuch für sich.</translation>
    </message>
    <message>
        <source>The keyring did not keep the password (%1): it is asked again at the next start.</source>
        <translation>Der Schlüsselbund hat das Passwort nicht behalten (%1): beim nächsten Start wird es wieder gefragt.</translation>
    </message>
    <message>
        <source>Benches that share a server see each other’s batches and jars. Each goes on writing to its own file first, so that nothing waits for the server, and catches up when it is there.</source>
        <translation>Werkbänke, die sich einen Server teilen, sehen die Chargen und Gläser der anderen. Jede schreibt weiter zuerst in ihre eigene Datei, damit nichts auf den Server wartet, und holt auf, wenn er da ist.</translation>
    </message>
    <message>
        <source>as the others know it, such as Kitchen table</source>
        <translation>wie die anderen sie kennen, etwa Küchentisch</translation>
    </message>
    <message>
        <source>Name of this bench</source>
        <translation>Name dieser Werkbank</translation>
    </message>
    <message>
        <source>Its letter in batch codes</source>
        <translation>Ihr Buchstabe in Chargennummern</translation>
    </message>
    <message>
        <source>%1, chosen by the program</source>
        <translation>%1, vom Programm gewählt</translation>
    </message>
    <message>
        <source>chosen by the program</source>
        <translation>vom Programm gewählt</translation>
    </message>
</context>
<context>
    <name>rhexion::BlendPanel</name>
    <message>
        <source>The blend</source>
        <translation>Die Mischung</translation>
    </message>
</context>
<context>
    <name>rhexion::BlendPicture</name>
    <message>
        <source>Fatty acids of the blend</source>
        <translation>Fettsäuren der Mischung</translation>
    </message>
    <message>
        <source>%1, from %2 to %3</source>
        <translation>%1, von %2 bis %3</translation>
    </message>
</context>
<context>
    <name>rhexion::CalendarView</name>
    <message>
        <source>Month before</source>
        <translation>Monat davor</translation>
    </message>
    <message>
        <source>This month</source>
        <translation>Dieser Monat</translation>
    </message>
    <message>
        <source>Next month</source>
        <translation>Nächster Monat</translation>
    </message>
    <message>
        <source>Take it to another calendar…</source>
        <translation>In einen anderen Kalender übernehmen …</translation>
    </message>
    <message>
        <source>Remind me on the desktop</source>
        <translation>Mich auf dem Schreibtisch erinnern</translation>
    </message>
    <message>
        <source>What is due</source>
        <translation>Was ansteht</translation>
    </message>
    <message>
        <source>Take it to another calendar</source>
        <translation>In einen anderen Kalender übernehmen</translation>
    </message>
    <message>
        <source>soap.ics</source>
        <translation>seife.ics</translation>
    </message>
    <message>
        <source>iCalendar (*.ics)</source>
        <translation>iCalendar (*.ics)</translation>
    </message>
    <message>
        <source>What is due is in %1.</source>
        <translation>Was ansteht, ist in %1.</translation>
    </message>
    <message>
        <source>What is due in %1</source>
        <translation>Was ansteht in %1</translation>
    </message>
    <message>
        <source>Bars on the rack</source>
        <translation>Stücke auf dem Gitter</translation>
    </message>
</context>
<context>
    <name>rhexion::ComparePanel</name>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Pin it</source>
        <translation>Anheften</translation>
    </message>
    <message>
        <source>Another formula…</source>
        <translation>Eine andere Formel …</translation>
    </message>
    <message>
        <source>Every later edit shows as a difference from what it is now</source>
        <translation>Jede spätere Änderung zeigt sich als Unterschied zum Jetzt</translation>
    </message>
    <message>
        <source>Superfat</source>
        <translation>Überfettung</translation>
    </message>
    <message>
        <source>Lye strength</source>
        <translation>Laugenkonzentration</translation>
    </message>
    <message>
        <source>Acid, of the oils</source>
        <translation>Säure, von den Ölen</translation>
    </message>
    <message>
        <source>Less of</source>
        <translation>Weniger von</translation>
    </message>
    <message>
        <source>More of</source>
        <translation>Mehr von</translation>
    </message>
    <message>
        <source>more of</source>
        <translation>mehr von</translation>
    </message>
    <message>
        <source>One oil for another</source>
        <translation>Ein Öl gegen ein anderes</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Drop it</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>as it was pinned</source>
        <translation>wie angeheftet</translation>
    </message>
    <message>
        <source>Move a slider</source>
        <translation>Einen Schieber bewegen</translation>
    </message>
    <message>
        <source>Compare with a formula</source>
        <translation>Mit einer Formel vergleichen</translation>
    </message>
    <message>
        <source>Formulas (*.rhexion)</source>
        <translation>Formeln (*.rhexion)</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie es dasteht</translation>
    </message>
</context>
<context>
    <name>rhexion::CompositionBar</name>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>fat</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>lye</source>
        <translation>Hydroxid</translation>
    </message>
    <message>
        <source>acid</source>
        <translation>Säure</translation>
    </message>
    <message>
        <source>sugar</source>
        <translation>Zucker</translation>
    </message>
    <message>
        <source>salts</source>
        <translation>Salze</translation>
    </message>
    <message>
        <source>other solids</source>
        <translation>andere Feststoffe</translation>
    </message>
    <message>
        <source>Composition</source>
        <translation>Zusammensetzung</translation>
    </message>
</context>
<context>
    <name>rhexion::CopyActions</name>
    <message>
        <source>Lye and water accounts</source>
        <translation>Rechnungen von Alkali und Wasser</translation>
    </message>
    <message>
        <source>Cop&amp;y</source>
        <translation>&amp;Kopieren</translation>
    </message>
    <message>
        <source>The &amp;table here</source>
        <translation>Die &amp;Tabelle hier</translation>
    </message>
    <message>
        <source>The &amp;page here, as text</source>
        <translation>Die &amp;Seite hier, als Text</translation>
    </message>
    <message>
        <source>The &amp;accounts, as a picture</source>
        <translation>Die &amp;Rechnungen, als Bild</translation>
    </message>
    <message>
        <source>Accounts into a &amp;file (SVG, PNG)…</source>
        <translation>Rechnungen in eine &amp;Datei (SVG, PNG) …</translation>
    </message>
    <message>
        <source>There is no table to copy here.</source>
        <translation>Hier ist keine Tabelle zum Kopieren.</translation>
    </message>
    <message numerus="yes">
        <source>%n row(s) copied.</source>
        <translation>
            <numerusform>%n Zeile kopiert.</numerusform>
            <numerusform>%n Zeilen kopiert.</numerusform>
        </translation>
    </message>
    <message>
        <source>There is no page to copy here.</source>
        <translation>Hier ist keine Seite zum Kopieren.</translation>
    </message>
    <message>
        <source>The page is copied.</source>
        <translation>Die Seite ist kopiert.</translation>
    </message>
    <message>
        <source>There are no accounts to copy yet: they begin with an oil.</source>
        <translation>Es gibt noch keine Rechnungen zum Kopieren: sie beginnen mit einem Öl.</translation>
    </message>
    <message>
        <source>The accounts are copied as a picture.</source>
        <translation>Die Rechnungen sind als Bild kopiert.</translation>
    </message>
    <message>
        <source>Accounts as a picture</source>
        <translation>Rechnungen als Bild</translation>
    </message>
    <message>
        <source>Drawing that scales (*.svg);;Picture in dots (*.png)</source>
        <translation>Zeichnung, die sich skaliert (*.svg);;Bild in Punkten (*.png)</translation>
    </message>
    <message>
        <source>The picture is written.</source>
        <translation>Das Bild ist geschrieben.</translation>
    </message>
</context>
<context>
    <name>rhexion::CoversEditor</name>
    <message>
        <source>Cover</source>
        <translation>Abdeckung</translation>
    </message>
    <message>
        <source>from the start</source>
        <translation>von Anfang an</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>From hour</source>
        <translation>Ab Stunde</translation>
    </message>
    <message>
        <source>Leave this cover out</source>
        <translation>Diese Abdeckung weglassen</translation>
    </message>
    <message>
        <source>And then…</source>
        <translation>Und danach …</translation>
    </message>
    <message>
        <source>Another cover later on</source>
        <translation>Später eine andere Abdeckung</translation>
    </message>
</context>
<context>
    <name>rhexion::CureChapter</name>
    <message>
        <source>Cure</source>
        <translation>Reifung</translation>
    </message>
    <message>
        <source>weighed</source>
        <translation>gewogen</translation>
    </message>
    <message>
        <source>settling, with its band</source>
        <translation>pendelt sich ein, mit Band</translation>
    </message>
    <message>
        <source>settled</source>
        <translation>beständig</translation>
    </message>
    <message>
        <source>days since the first weighing</source>
        <translation>Tage seit der ersten Wägung</translation>
    </message>
    <message>
        <source>a bar, %1</source>
        <translation>ein Stück, %1</translation>
    </message>
</context>
<context>
    <name>rhexion::DangerPanel</name>
    <message>
        <source>Stop here first</source>
        <translation>Hier erst anhalten</translation>
    </message>
    <message>
        <source>Mend it</source>
        <translation>Beheben</translation>
    </message>
    <message>
        <source>I know, and go on because…</source>
        <translation>Ich weiß es und mache weiter, weil …</translation>
    </message>
    <message>
        <source>Why you go on all the same</source>
        <translation>Warum du trotzdem weitermachst</translation>
    </message>
    <message>
        <source>Go on all the same</source>
        <translation>Trotzdem weitermachen</translation>
    </message>
    <message>
        <source>Stop this batch</source>
        <translation>Diese Charge abbrechen</translation>
    </message>
    <message>
        <source>Stop here first: %1</source>
        <translation>Hier erst anhalten: %1</translation>
    </message>
    <message>
        <source>Write a few words on why it is right to go on: they are kept with the batch.</source>
        <translation>Schreib ein paar Worte, warum es richtig ist weiterzumachen: Sie werden mit der Charge behalten.</translation>
    </message>
    <message>
        <source>Typed wrongly? Mend it, and type the weight again. Your answer is kept with the batch. Space answers nothing here: press a button, or Return on it.</source>
        <translation>Vertippt? Beheben, und das Gewicht neu tippen. Deine Antwort wird mit der Charge behalten. Die Leertaste beantwortet hier nichts: drücke einen Knopf, oder Eingabe darauf.</translation>
    </message>
    <message>
        <source>The same is asked at the other bench: one answer is enough. It is kept with the batch. Space answers nothing here: press a button, or Return on it.</source>
        <translation>Dasselbe wird an der anderen Werkbank gefragt: Eine Antwort genügt. Sie bleibt bei der Charge. Die Leertaste antwortet hier nicht: Drück einen Knopf, oder Return darauf.</translation>
    </message>
</context>
<context>
    <name>rhexion::DayChapter</name>
    <message>
        <source>The day</source>
        <translation>Der Tag</translation>
    </message>
    <message>
        <source>lye in</source>
        <translation>Hydroxid drin</translation>
    </message>
    <message>
        <source>joined</source>
        <translation>zusammengebracht</translation>
    </message>
    <message>
        <source>poured</source>
        <translation>gegossen</translation>
    </message>
    <message>
        <source>hours since it was begun</source>
        <translation>Stunden seit dem Beginn</translation>
    </message>
</context>
<context>
    <name>rhexion::DayPlanPage</name>
    <message>
        <source>Start now</source>
        <translation>Jetzt beginnen</translation>
    </message>
    <message>
        <source>Pour at</source>
        <translation>Gießen um</translation>
    </message>
    <message>
        <source>I have so long</source>
        <translation>Ich habe so lange</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>Hours there are</source>
        <translation>Stunden, die da sind</translation>
    </message>
    <message>
        <source>Make this batch</source>
        <translation>Diese Charge sieden</translation>
    </message>
    <message>
        <source>Print the day…</source>
        <translation>Den Tag drucken …</translation>
    </message>
    <message>
        <source>Rehearse it…</source>
        <translation>Ihn proben …</translation>
    </message>
    <message>
        <source>A second batch beside it…</source>
        <translation>Eine zweite Charge daneben …</translation>
    </message>
    <message>
        <source>Step by step</source>
        <translation>Schritt für Schritt</translation>
    </message>
    <message>
        <source>My way</source>
        <translation>Mein Weg</translation>
    </message>
    <message>
        <source>The day sheet</source>
        <translation>Das Tagesblatt</translation>
    </message>
    <message>
        <source>In large type</source>
        <translation>In großer Schrift</translation>
    </message>
    <message>
        <source>Steps in their order</source>
        <translation>Schritte in ihrer Reihenfolge</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>As it comes</source>
        <translation>Wie es kommt</translation>
    </message>
    <message>
        <source>Takes back every change of the order</source>
        <translation>Nimmt jede Änderung der Reihenfolge zurück</translation>
    </message>
    <message>
        <source>A step of your own, before the one that is chosen</source>
        <translation>Ein eigener Schritt, vor dem gewählten</translation>
    </message>
    <message>
        <source>A step of your own</source>
        <translation>Ein eigener Schritt</translation>
    </message>
    <message>
        <source>Put it in</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Pour portions one on another, in layers</source>
        <translation>Portionen übereinander gießen, in Schichten</translation>
    </message>
    <message>
        <source>The day as it comes</source>
        <translation>Der Tag, wie er kommt</translation>
    </message>
    <message>
        <source>Pour in layers</source>
        <translation>In Schichten gießen</translation>
    </message>
    <message>
        <source>Pour as one</source>
        <translation>Als eines gießen</translation>
    </message>
    <message>
        <source>The second formula cannot be reckoned: open it on the bench first.</source>
        <translation>Die zweite Formel lässt sich nicht rechnen: öffne sie zuerst auf der Werkbank.</translation>
    </message>
    <message>
        <source>Without the second batch</source>
        <translation>Ohne die zweite Charge</translation>
    </message>
    <message>
        <source>Nothing to make yet: the formula on the bench cannot be reckoned.</source>
        <translation>Noch nichts zu sieden: die Formel auf der Werkbank lässt sich nicht rechnen.</translation>
    </message>
    <message>
        <source>%1 Poured at %2.</source>
        <translation>%1 Gegossen um %2.</translation>
    </message>
    <message>
        <source>“%1” has to come after “%2”.</source>
        <translation>„%1“ muss nach „%2“ kommen.</translation>
    </message>
    <message>
        <source>“%1” has to come before “%2”.</source>
        <translation>„%1“ muss vor „%2“ kommen.</translation>
    </message>
    <message>
        <source>Another order of the day</source>
        <translation>Eine andere Reihenfolge des Tages</translation>
    </message>
    <message>
        <source>Take out a step of your own</source>
        <translation>Einen eigenen Schritt herausnehmen</translation>
    </message>
    <message>
        <source>“%1” stays: it weighs something, or it keeps you from harm. It can be left out on the day itself.</source>
        <translation>„%1“ bleibt: es wiegt etwas, oder es bewahrt dich vor Schaden. Am Tag selbst lässt es sich weglassen.</translation>
    </message>
    <message>
        <source>Leave a step out</source>
        <translation>Einen Schritt weglassen</translation>
    </message>
    <message>
        <source>How the day is shown</source>
        <translation>Wie der Tag gezeigt wird</translation>
    </message>
</context>
<context>
    <name>rhexion::DayTimeline</name>
    <message>
        <source>The day along the clock</source>
        <translation>Der Tag entlang der Uhr</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>waits until %1</source>
        <translation>wartet bis %1</translation>
    </message>
</context>
<context>
    <name>rhexion::DevicesWindow</name>
    <message>
        <source>Scales and thermometers</source>
        <translation>Waagen und Thermometer</translation>
    </message>
    <message>
        <source>What is plugged in</source>
        <translation>Was eingesteckt ist</translation>
    </message>
    <message>
        <source>Path of the port</source>
        <translation>Pfad des Anschlusses</translation>
    </message>
    <message>
        <source>or its path, such as /dev/ttyUSB0</source>
        <translation>oder sein Pfad, etwa /dev/ttyUSB0</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Look again</source>
        <translation>Noch einmal suchen</translation>
    </message>
    <message>
        <source>Try it with the stand-in scale</source>
        <translation>Mit der Ersatzwaage versuchen</translation>
    </message>
    <message>
        <source>Devices of this bench</source>
        <translation>Geräte dieser Werkbank</translation>
    </message>
    <message>
        <source>Forget it</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Zero</source>
        <translation>Null</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nirgends</translation>
    </message>
    <message>
        <source>Thermometer %1 is held to</source>
        <translation>Thermometer %1 misst</translation>
    </message>
    <message>
        <source>Lines the scale sends</source>
        <translation>Zeilen, die die Waage sendet</translation>
    </message>
    <message>
        <source>Three lines it sends, with different weights, one below the other</source>
        <translation>Drei Zeilen, die sie sendet, mit verschiedenen Gewichten, untereinander</translation>
    </message>
    <message>
        <source>Learn these lines</source>
        <translation>Diese Zeilen lernen</translation>
    </message>
    <message>
        <source>The number in the first line</source>
        <translation>Die Zahl in der ersten Zeile</translation>
    </message>
    <message>
        <source>The unit in it, or the unit it always is</source>
        <translation>Die Einheit darin oder die Einheit, die es immer ist</translation>
    </message>
    <message>
        <source>The word that says it is still, if there is one</source>
        <translation>Das Wort, das sagt, dass sie ruhig ist, wenn es eines gibt</translation>
    </message>
    <message>
        <source>What it shows now</source>
        <translation>Was sie jetzt zeigt</translation>
    </message>
    <message>
        <source>A scale that speaks its own way</source>
        <translation>Eine Waage, die auf eigene Art spricht</translation>
    </message>
    <message>
        <source>Plugged in</source>
        <translation>Eingesteckt</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>nothing found</source>
        <translation>nichts gefunden</translation>
    </message>
    <message>
        <source>The stand-in scale could not be begun: %1</source>
        <translation>Die Ersatzwaage ließ sich nicht starten: %1</translation>
    </message>
    <message>
        <source>%1: not there (%2)</source>
        <translation>%1: nicht da (%2)</translation>
    </message>
    <message>
        <source>None. Weights are typed; that always works.</source>
        <translation>Keine. Gewichte werden getippt; das geht immer.</translation>
    </message>
    <message>
        <source>Choose a device.</source>
        <translation>Wähle ein Gerät.</translation>
    </message>
    <message>
        <source>Not there. It is tried again every second.</source>
        <translation>Nicht da. Es wird jede Sekunde wieder versucht.</translation>
    </message>
    <message>
        <source>Scale: %1</source>
        <translation>Waage: %1</translation>
    </message>
    <message>
        <source>Scale: %1, %2</source>
        <translation>Waage: %1, %2</translation>
    </message>
    <message>
        <source>Thermometer %1: %2</source>
        <translation>Thermometer %1: %2</translation>
    </message>
    <message>
        <source>%1 lines understood, %2 not</source>
        <translation>%1 Zeilen verstanden, %2 nicht</translation>
    </message>
    <message>
        <source>Last: %1</source>
        <translation>Zuletzt: %1</translation>
    </message>
    <message>
        <source>Learnt: the first line is read as %1.</source>
        <translation>Gelernt: die erste Zeile wird als %1 gelesen.</translation>
    </message>
    <message>
        <source>The first line cannot be read back: mark it anew.</source>
        <translation>Die erste Zeile lässt sich nicht zurücklesen: markiere sie neu.</translation>
    </message>
</context>
<context>
    <name>rhexion::DoubtView</name>
    <message>
        <source>How sure true superfat is</source>
        <translation>Wie sicher die wahre Überfettung ist</translation>
    </message>
    <message>
        <source>lye left over: not in any of them</source>
        <translation>Lauge übrig: in keiner davon</translation>
    </message>
    <message>
        <source>lye left over: in fewer than 1 of 100</source>
        <translation>Lauge übrig: in weniger als 1 von 100</translation>
    </message>
    <message>
        <source>lye left over: in %1 of 100</source>
        <translation>Lauge übrig: in %1 von 100</translation>
    </message>
    <message>
        <source>9 batches in 10 lie between %1 and %2, strength %3 to %4; %5.</source>
        <translation>9 von 10 Chargen liegen zwischen %1 und %2, die Konzentration %3 bis %4; %5.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Most of the doubt: %1. %2</source>
        <translation>Das meiste der Unsicherheit: %1. %2</translation>
    </message>
</context>
<context>
    <name>rhexion::FigureRow</name>
    <message>
        <source>Show the working</source>
        <translation>Den Rechenweg zeigen</translation>
    </message>
</context>
<context>
    <name>rhexion::FiguresEditor</name>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>Figure to add</source>
        <translation>Wert zum Zugeben</translation>
    </message>
    <message>
        <source>Add this figure</source>
        <translation>Diesen Wert zugeben</translation>
    </message>
    <message>
        <source>Take the row out</source>
        <translation>Die Zeile herausnehmen</translation>
    </message>
</context>
<context>
    <name>rhexion::FiguresModel</name>
    <message>
        <source>%1 has no figure yet: fill it in, or take the row out.</source>
        <translation>%1 hat noch keinen Wert: fülle ihn aus oder nimm die Zeile heraus.</translation>
    </message>
    <message>
        <source>%1 g of hydroxide per gram? That is a saponification value of %2: type that.</source>
        <translation>%1 g Hydroxid je Gramm? Das ist eine Verseifungszahl von %2: tippe diese.</translation>
    </message>
    <message>
        <source>%1: low, typical and high must rise in that order, from %2 to %3 %4.</source>
        <translation>%1: niedrig, typisch und hoch müssen in dieser Reihenfolge steigen, von %2 bis %3 %4.</translation>
    </message>
    <message>
        <source>%1: say where the figure is from, such as the certificate or your own measurement.</source>
        <translation>%1: sag, woher der Wert ist, etwa vom Zertifikat oder eigene Messung.</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Typical</source>
        <translation>Typisch</translation>
    </message>
    <message>
        <source>Low</source>
        <translation>Knapp</translation>
    </message>
    <message>
        <source>High</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Where it is from</source>
        <translation>Woher er ist</translation>
    </message>
</context>
<context>
    <name>rhexion::FiguresPanel</name>
    <message>
        <source>Weigh out</source>
        <translation>Abwiegen</translation>
    </message>
    <message>
        <source>What comes of it</source>
        <translation>Was herauskommt</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Warnungen</translation>
    </message>
    <message>
        <source>Show the working</source>
        <translation>Den Rechenweg zeigen</translation>
    </message>
    <message>
        <source>pure %1</source>
        <translation>rein %1</translation>
    </message>
    <message>
        <source>as you weighed it; %1</source>
        <translation>wie du es gewogen hast; %1</translation>
    </message>
    <message>
        <source>Water for the jug</source>
        <translation>Wasser für den Krug</translation>
    </message>
    <message>
        <source>the rest of the liquid, frozen</source>
        <translation>der Rest der Flüssigkeit, gefroren</translation>
    </message>
    <message>
        <source>the rest of the liquid</source>
        <translation>der Rest der Flüssigkeit</translation>
    </message>
    <message>
        <source>True superfat</source>
        <translation>Wahre Überfettung</translation>
    </message>
    <message>
        <source>edges %1 to %2; on oils alone %3</source>
        <translation>%1 bis %2; nur auf die Öle %3</translation>
    </message>
    <message>
        <source>Batch strength</source>
        <translation>Konzentration der Charge</translation>
    </message>
    <message>
        <source>%1, %2 of oils, %3 below usual</source>
        <translation>%1, %2 der Öle, %3 weniger</translation>
    </message>
    <message>
        <source>counted as weighed</source>
        <translation>wie gewogen gezählt</translation>
    </message>
    <message>
        <source>counted pure, all water</source>
        <translation>rein gezählt, alles Wasser</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Seifenleim</translation>
    </message>
    <message>
        <source>No cautions</source>
        <translation>Keine Warnungen</translation>
    </message>
    <message numerus="yes">
        <source>%n caution(s)</source>
        <translation>
            <numerusform>%n Warnung</numerusform>
            <numerusform>%n Warnungen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::FiguresWindow</name>
    <message>
        <source>Figures of %1</source>
        <translation>Werte von %1</translation>
    </message>
    <message>
        <source>a new formula</source>
        <translation>eine neue Formel</translation>
    </message>
</context>
<context>
    <name>rhexion::FileActions</name>
    <message>
        <source>&amp;New formula</source>
        <translation>&amp;Neue Formel</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>&amp;Öffnen …</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Speichern &amp;als …</translation>
    </message>
    <message>
        <source>Nothing yet</source>
        <translation>Noch nichts</translation>
    </message>
    <message>
        <source>Open a formula</source>
        <translation>Eine Formel öffnen</translation>
    </message>
    <message>
        <source>Rhexion formulas (*.rhexion *.json)</source>
        <translation>Rhexion-Formeln (*.rhexion *.json)</translation>
    </message>
    <message>
        <source>formula</source>
        <translation>formel</translation>
    </message>
    <message>
        <source>Save the formula</source>
        <translation>Die Formel speichern</translation>
    </message>
    <message>
        <source>Rhexion formulas (*.rhexion)</source>
        <translation>Rhexion-Formeln (*.rhexion)</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>Nicht gespeichert. %1</translation>
    </message>
    <message>
        <source>The changes to this formula are not saved.</source>
        <translation>Die Änderungen an dieser Formel sind nicht gespeichert.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Do not save</source>
        <translation>Nicht speichern</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Hierbleiben</translation>
    </message>
    <message>
        <source>New w&amp;indow</source>
        <translation>Neues &amp;Fenster</translation>
    </message>
</context>
<context>
    <name>rhexion::FormulaDocument</name>
    <message>
        <source>Move a slider</source>
        <translation>Einen Schieber bewegen</translation>
    </message>
</context>
<context>
    <name>rhexion::GelBar</name>
    <message>
        <source>How much of it gels</source>
        <translation>Wie viel davon gelt</translation>
    </message>
    <message>
        <source>no gel</source>
        <translation>kein Gel</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>ein Ring</translation>
    </message>
    <message>
        <source>all gels</source>
        <translation>alles gelt</translation>
    </message>
    <message>
        <source>large: as expected; small: if it runs cool, or hot</source>
        <translation>groß: wie erwartet; klein: wenn es kühl oder heiß läuft</translation>
    </message>
</context>
<context>
    <name>rhexion::HabitsMenu</name>
    <message>
        <source>Grams</source>
        <translation>Gramm</translation>
    </message>
    <message>
        <source>Ounces</source>
        <translation>Unzen (oz)</translation>
    </message>
    <message>
        <source>Pounds</source>
        <translation>Pounds (lb)</translation>
    </message>
    <message>
        <source>Temperatures in °C</source>
        <translation>Temperaturen in °C</translation>
    </message>
    <message>
        <source>Temperatures in °F</source>
        <translation>Temperaturen in °F</translation>
    </message>
    <message>
        <source>Decimal mark</source>
        <translation>Dezimalzeichen</translation>
    </message>
    <message>
        <source>As this computer has it</source>
        <translation>Wie dieser Rechner</translation>
    </message>
    <message>
        <source>A point: 0.5</source>
        <translation>Ein Punkt: 0.5</translation>
    </message>
    <message>
        <source>A comma: 0,5</source>
        <translation>Ein Komma: 0,5</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Whom to call in an emergency</source>
        <translation>Wen du im Notfall anrufst</translation>
    </message>
    <message>
        <source>The emergency number where you are, and the poison centre. It stands with first aid on every step with lye and on every sheet.</source>
        <translation>Der Notruf bei dir und das Giftinformationszentrum. Es steht bei der Ersten Hilfe an jedem Schritt mit Lauge und auf jedem Blatt.</translation>
    </message>
    <message>
        <source>Whom to call in an emergency…</source>
        <translation>Wen du im Notfall anrufst …</translation>
    </message>
</context>
<context>
    <name>rhexion::HeatCard</name>
    <message>
        <source>%1 reads</source>
        <translation>%1 zeigt</translation>
    </message>
    <message>
        <source>reads</source>
        <translation>zeigt</translation>
    </message>
    <message>
        <source>A reading lies between %1 and %2.</source>
        <translation>Ein Messwert liegt zwischen %1 und %2.</translation>
    </message>
    <message>
        <source>I looked in and…</source>
        <translation>Ich habe nachgesehen und …</translation>
    </message>
    <message>
        <source>What you saw when you looked in</source>
        <translation>Was du beim Nachsehen gesehen hast</translation>
    </message>
    <message>
        <source>was %1</source>
        <translation>war %1</translation>
    </message>
    <message>
        <source>%1 now</source>
        <translation>%1 jetzt</translation>
    </message>
    <message>
        <source>Join jug and pot now: the window is closing.</source>
        <translation>Bring Krug und Topf jetzt zusammen: das Fenster schließt sich.</translation>
    </message>
    <message>
        <source>Look into the mould now, gloves on.</source>
        <translation>Sieh jetzt in die Form, Handschuhe an.</translation>
    </message>
</context>
<context>
    <name>rhexion::HeatPage</name>
    <message>
        <source>What the forecast says</source>
        <translation>Was die Vorhersage sagt</translation>
    </message>
    <message>
        <source>Heat</source>
        <translation>Wärme</translation>
    </message>
    <message>
        <source>The jug</source>
        <translation>Der Krug</translation>
    </message>
    <message>
        <source>Jug meets pot</source>
        <translation>Krug trifft Topf</translation>
    </message>
    <message>
        <source>The mould</source>
        <translation>Die Form</translation>
    </message>
    <message>
        <source>Keep as my usual</source>
        <translation>Als meine übliche behalten</translation>
    </message>
    <message>
        <source>Room, jug, pot, covers and cooker as they stand here, for every formula that has no plan of its own</source>
        <translation>Raum, Krug, Topf, Abdeckungen und Kocher, wie sie hier stehen, für jede Formel ohne eigenen Plan</translation>
    </message>
    <message>
        <source>Print or copy what is said here</source>
        <translation>Drucken oder kopieren, was hier steht</translation>
    </message>
    <message>
        <source>Print or copy</source>
        <translation>Drucken oder kopieren</translation>
    </message>
    <message>
        <source>Look at it and print…</source>
        <translation>Ansehen und drucken …</translation>
    </message>
    <message>
        <source>Keep as PDF…</source>
        <translation>Als PDF behalten …</translation>
    </message>
    <message>
        <source>Copy as text</source>
        <translation>Als Text kopieren</translation>
    </message>
    <message>
        <source>The curves cannot be drawn here; the figures are beside.</source>
        <translation>Die Kurven lassen sich hier nicht zeichnen; die Werte stehen daneben.</translation>
    </message>
    <message>
        <source>Curves of temperature; the figures are beside them</source>
        <translation>Temperaturkurven; die Werte stehen daneben</translation>
    </message>
    <message>
        <source>Plan the heat: %1</source>
        <translation>Die Wärme planen: %1</translation>
    </message>
    <message>
        <source>Kept. Formulas without a plan of their own take it from now on.</source>
        <translation>Behalten. Formeln ohne eigenen Plan nehmen es ab jetzt.</translation>
    </message>
    <message>
        <source>What covers it</source>
        <translation>Was sie zudeckt</translation>
    </message>
    <message>
        <source>The cook</source>
        <translation>Das Kochen</translation>
    </message>
    <message>
        <source>Working out how warm it gets…</source>
        <translation>Rechnet aus, wie warm es wird …</translation>
    </message>
    <message>
        <source>To watch</source>
        <translation>Zu beachten</translation>
    </message>
    <message>
        <source>Covered otherwise</source>
        <translation>Anders zugedeckt</translation>
    </message>
    <message>
        <source>Do that</source>
        <translation>Tu das</translation>
    </message>
    <message>
        <source>How the lye goes in</source>
        <translation>Wie das Hydroxid hineinkommt</translation>
    </message>
    <message>
        <source>Portions of lye</source>
        <translation>Portionen Hydroxid</translation>
    </message>
    <message>
        <source>all at once</source>
        <translation>auf einmal</translation>
    </message>
    <message>
        <source>One every</source>
        <translation>Alle</translation>
    </message>
    <message>
        <source>min</source>
        <translation>min</translation>
    </message>
    <message>
        <source>Jug stands in</source>
        <translation>Krug steht in</translation>
    </message>
    <message>
        <source>the room</source>
        <translation>der Raum</translation>
    </message>
    <message>
        <source>an ice bath</source>
        <translation>ein Eisbad</translation>
    </message>
    <message>
        <source>The liquid</source>
        <translation>Die Flüssigkeit</translation>
    </message>
    <message>
        <source>How much of it is frozen</source>
        <translation>Wie viel davon gefroren ist</translation>
    </message>
    <message>
        <source>Freeze %1</source>
        <translation>%1 einfrieren</translation>
    </message>
    <message>
        <source>Frozen things are</source>
        <translation>Gefrorenes hat</translation>
    </message>
    <message>
        <source>Milk from the fridge</source>
        <translation>Milch aus dem Kühlschrank</translation>
    </message>
    <message>
        <source>Other liquids</source>
        <translation>Andere Flüssigkeiten</translation>
    </message>
    <message>
        <source>Jug and room</source>
        <translation>Krug und Raum</translation>
    </message>
    <message>
        <source>Jug of</source>
        <translation>Krug aus</translation>
    </message>
    <message>
        <source>Jug weighs, empty</source>
        <translation>Krug wiegt leer</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>Room</source>
        <translation>Raum</translation>
    </message>
    <message>
        <source>One of my jugs</source>
        <translation>Einer meiner Krüge</translation>
    </message>
    <message>
        <source>One of my pots</source>
        <translation>Einer meiner Töpfe</translation>
    </message>
    <message>
        <source>a jug as stated here</source>
        <translation>ein Krug wie hier angegeben</translation>
    </message>
    <message>
        <source>a pot as stated here</source>
        <translation>ein Topf wie hier angegeben</translation>
    </message>
    <message>
        <source>keep these figures for…</source>
        <translation>diese Werte behalten für …</translation>
    </message>
    <message>
        <source>When they are joined</source>
        <translation>Wann sie zusammenkommen</translation>
    </message>
    <message>
        <source>The window</source>
        <translation>Das Fenster</translation>
    </message>
    <message>
        <source>Blended to</source>
        <translation>Püriert bis</translation>
    </message>
    <message>
        <source>Blender runs for</source>
        <translation>Mixer läuft für</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>The pot</source>
        <translation>Der Topf</translation>
    </message>
    <message>
        <source>Hard fats melted at</source>
        <translation>Harte Fette geschmolzen bei</translation>
    </message>
    <message>
        <source>Pot of</source>
        <translation>Topf aus</translation>
    </message>
    <message>
        <source>Pot weighs, empty</source>
        <translation>Topf wiegt leer</translation>
    </message>
    <message>
        <source>Pot mixed after</source>
        <translation>Topf vermischt nach</translation>
    </message>
    <message>
        <source>when it suits</source>
        <translation>wann es passt</translation>
    </message>
    <message>
        <source>Room and liquid oils</source>
        <translation>Raum und flüssige Öle</translation>
    </message>
    <message>
        <source>Made of</source>
        <translation>Gemacht aus</translation>
    </message>
    <message>
        <source>Oven goes off after</source>
        <translation>Ofen geht aus nach</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>stays on</source>
        <translation>bleibt an</translation>
    </message>
    <message>
        <source>Look at it beside</source>
        <translation>Sieh daneben</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>The cooker</source>
        <translation>Der Kocher</translation>
    </message>
    <message>
        <source>Power at this setting</source>
        <translation>Leistung auf dieser Stufe</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>Heat goes off at</source>
        <translation>Hitze geht aus bei</translation>
    </message>
    <message>
        <source>Open pot is wide</source>
        <translation>Offener Topf ist weit</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>Lid is off, of the time</source>
        <translation>Deckel ist ab, von der Zeit</translation>
    </message>
    <message>
        <source>Cooked for</source>
        <translation>Gekocht für</translation>
    </message>
    <message>
        <source>No liquid in the jug yet</source>
        <translation>Noch keine Flüssigkeit im Krug</translation>
    </message>
    <message>
        <source>%1 of %2 %3 frozen</source>
        <translation>%1 von %2 %3 gefroren</translation>
    </message>
    <message>
        <source>Time since it was poured</source>
        <translation>Zeit seit dem Gießen</translation>
    </message>
    <message>
        <source>When it is poured: %1</source>
        <translation>Beim Gießen: %1</translation>
    </message>
    <message>
        <source>After %1: middle %2, skin %3, gelled %4</source>
        <translation>Nach %1: Mitte %2, Haut %3, gegelt %4</translation>
    </message>
    <message>
        <source>minutes after the first lye</source>
        <translation>Minuten nach dem ersten Hydroxid</translation>
    </message>
    <message>
        <source>the jug</source>
        <translation>der Krug</translation>
    </message>
    <message>
        <source>boils</source>
        <translation>kocht</translation>
    </message>
    <message>
        <source>hottest where the lye lands</source>
        <translation>am heißesten, wo das Hydroxid hinfällt</translation>
    </message>
    <message>
        <source>crystals below</source>
        <translation>Kristalle darunter</translation>
    </message>
    <message>
        <source>lye, portion by portion</source>
        <translation>Hydroxid, Portion um Portion</translation>
    </message>
    <message>
        <source>the pot</source>
        <translation>der Topf</translation>
    </message>
    <message>
        <source>minutes after the jug is hottest</source>
        <translation>Minuten, nachdem der Krug am heißesten ist</translation>
    </message>
    <message>
        <source>sets out below</source>
        <translation>wird darunter fest</translation>
    </message>
    <message>
        <source>they meet</source>
        <translation>sie treffen sich</translation>
    </message>
    <message>
        <source>too late</source>
        <translation>zu spät</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>skin</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>middle, %1</source>
        <translation>Mitte, %1</translation>
    </message>
    <message>
        <source>turns to gel</source>
        <translation>wird zu Gel</translation>
    </message>
    <message>
        <source>look in</source>
        <translation>nachsehen</translation>
    </message>
    <message>
        <source>hours after pouring</source>
        <translation>Stunden nach dem Gießen</translation>
    </message>
    <message>
        <source>soap, of 100</source>
        <translation>Seife, von 100</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>like mash</source>
        <translation>wie Brei</translation>
    </message>
    <message>
        <source>drying</source>
        <translation>trocknend</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>minutes of cooking</source>
        <translation>Minuten des Kochens</translation>
    </message>
    <message>
        <source>Several cups</source>
        <translation>Mehrere Förmchen</translation>
    </message>
    <message>
        <source>together</source>
        <translation>beisammen</translation>
    </message>
    <message>
        <source>apart</source>
        <translation>einzeln</translation>
    </message>
</context>
<context>
    <name>rhexion::HelpWindow</name>
    <message>
        <source>Manual</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Find in the manual</source>
        <translation>Im Handbuch finden</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>The page</source>
        <translation>Die Seite</translation>
    </message>
    <message>
        <source>The manual, %1, is not beside this program. Installing it again brings it back.</source>
        <translation>Das Handbuch, %1, liegt nicht neben diesem Programm. Eine neue Installation bringt es zurück.</translation>
    </message>
    <message>
        <source>No page holds that.</source>
        <translation>Keine Seite enthält das.</translation>
    </message>
</context>
<context>
    <name>rhexion::HistoryPanel</name>
    <message>
        <source>What was done</source>
        <translation>Was getan wurde</translation>
    </message>
    <message>
        <source>Press a step to go back to how things were after it, or forward again. A new change begins from there.</source>
        <translation>Drücke auf einen Schritt, um dorthin zurückzugehen, wie es danach war, oder wieder vor. Eine neue Änderung beginnt von dort.</translation>
    </message>
    <message>
        <source>As it was opened</source>
        <translation>Wie geöffnet</translation>
    </message>
</context>
<context>
    <name>rhexion::ImportPanel</name>
    <message>
        <source>Rows of the file</source>
        <translation>Zeilen der Datei</translation>
    </message>
    <message>
        <source>Row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Rohstoff</translation>
    </message>
    <message>
        <source>What happens</source>
        <translation>Was geschieht</translation>
    </message>
    <message>
        <source>Change nothing</source>
        <translation>Nichts ändern</translation>
    </message>
    <message>
        <source>Bring in %1</source>
        <translation>%1 hereinholen</translation>
    </message>
    <message numerus="yes">
        <source>%n row(s), all good. Nothing is kept yet.</source>
        <translation>
            <numerusform>%n Zeile, gut. Noch ist nichts behalten.</numerusform>
            <numerusform>%n Zeilen, alle gut. Noch ist nichts behalten.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n row(s) cannot be brought in; mend them in the file, or go on without them. Nothing is kept yet.</source>
        <translation>
            <numerusform>%n Zeile lässt sich nicht hereinholen; richte sie in der Datei oder mach ohne sie weiter. Noch ist nichts behalten.</numerusform>
            <numerusform>%n Zeilen lassen sich nicht hereinholen; richte sie in der Datei oder mach ohne sie weiter. Noch ist nichts behalten.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Keep %n material(s)</source>
        <translation>
            <numerusform>%n Rohstoff behalten</numerusform>
            <numerusform>%n Rohstoffe behalten</numerusform>
        </translation>
    </message>
    <message>
        <source>takes the place of the one on the shelf</source>
        <translation>tritt an die Stelle dessen im Regal</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
</context>
<context>
    <name>rhexion::JournalPage</name>
    <message>
        <source>Batches</source>
        <translation>Chargen</translation>
    </message>
    <message>
        <source>Find: %1</source>
        <translation>Finden: %1</translation>
    </message>
    <message>
        <source>Find a batch</source>
        <translation>Eine Charge finden</translation>
    </message>
    <message>
        <source>Words and filters with commas between, such as: %1</source>
        <translation>Wörter und Filter mit Kommas dazwischen, etwa: %1</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Two to six batches, chosen with Ctrl or Shift</source>
        <translation>Zwei bis sechs Chargen, mit Strg oder Umschalt gewählt</translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>What goes with what</source>
        <translation>Was womit geht</translation>
    </message>
    <message>
        <source>Only: %1</source>
        <translation>Nur: %1</translation>
    </message>
    <message>
        <source>No batch yet. When you make one, it is written here by itself.</source>
        <translation>Noch keine Charge. Wenn du eine siedest, wird sie von selbst hier aufgeschrieben.</translation>
    </message>
    <message>
        <source>Nothing with these words. Try fewer letters.</source>
        <translation>Nichts mit diesen Wörtern. Versuch es mit weniger Buchstaben.</translation>
    </message>
</context>
<context>
    <name>rhexion::KeysWindow</name>
    <message>
        <source>All keys</source>
        <translation>Alle Tasten</translation>
    </message>
    <message>
        <source>From everywhere</source>
        <translation>Von überall</translation>
    </message>
    <message>
        <source>While typing a line</source>
        <translation>Beim Tippen einer Zeile</translation>
    </message>
    <message>
        <source>take it as it is understood</source>
        <translation>so nehmen, wie sie verstanden ist</translation>
    </message>
    <message>
        <source>another match, or none of them</source>
        <translation>ein anderer Treffer oder keiner davon</translation>
    </message>
    <message>
        <source>look for a command by its words</source>
        <translation>einen Befehl nach seinen Worten suchen</translation>
    </message>
    <message>
        <source>several lines are taken one by one</source>
        <translation>mehrere Zeilen werden einzeln genommen</translation>
    </message>
    <message>
        <source>empty it, then go to the vessels</source>
        <translation>leeren, dann zu den Gefäßen</translation>
    </message>
    <message>
        <source>In a vessel</source>
        <translation>In einem Gefäß</translation>
    </message>
    <message>
        <source>change the amount in place</source>
        <translation>die Menge an Ort und Stelle ändern</translation>
    </message>
    <message>
        <source>move the line to another vessel</source>
        <translation>die Zeile in ein anderes Gefäß verschieben</translation>
    </message>
    <message>
        <source>lock its amount</source>
        <translation>ihre Menge festhalten</translation>
    </message>
    <message>
        <source>remove it</source>
        <translation>sie entfernen</translation>
    </message>
    <message>
        <source>a letter or figure</source>
        <translation>ein Buchstabe oder eine Ziffer</translation>
    </message>
    <message>
        <source>type a line that goes in here</source>
        <translation>eine Zeile tippen, die hier hineinkommt</translation>
    </message>
    <message>
        <source>In the accounts</source>
        <translation>In den Rechnungen</translation>
    </message>
    <message>
        <source>the next part of a bar</source>
        <translation>der nächste Teil eines Balkens</translation>
    </message>
    <message>
        <source>its working</source>
        <translation>sein Rechenweg</translation>
    </message>
    <message>
        <source>While making</source>
        <translation>Beim Sieden</translation>
    </message>
    <message>
        <source>go on; nothing typed means as planned</source>
        <translation>weiter; nichts getippt heißt wie geplant</translation>
    </message>
    <message>
        <source>keep what was typed, then go on</source>
        <translation>behalten, was getippt ist, dann weiter</translation>
    </message>
    <message>
        <source>the menus</source>
        <translation>die Menüs</translation>
    </message>
</context>
<context>
    <name>rhexion::LookMenu</name>
    <message>
        <source>&amp;Colours</source>
        <translation>&amp;Farben</translation>
    </message>
    <message>
        <source>As the &amp;system has them</source>
        <translation>Wie das &amp;System</translation>
    </message>
    <message>
        <source>&amp;Light</source>
        <translation>&amp;Hell</translation>
    </message>
    <message>
        <source>&amp;Dark</source>
        <translation>&amp;Dunkel</translation>
    </message>
    <message>
        <source>&amp;High contrast</source>
        <translation>Hoher &amp;Kontrast</translation>
    </message>
    <message>
        <source>&amp;Larger text</source>
        <translation>&amp;Größerer Text</translation>
    </message>
    <message>
        <source>S&amp;maller text</source>
        <translation>K&amp;leinerer Text</translation>
    </message>
    <message>
        <source>Text at %1 % of its usual size.</source>
        <translation>Text mit %1 % der üblichen Größe.</translation>
    </message>
    <message>
        <source>Usual si&amp;ze of text</source>
        <translation>&amp;Übliche Textgröße</translation>
    </message>
</context>
<context>
    <name>rhexion::LotEditor</name>
    <message>
        <source>Weighed</source>
        <translation>Gewogen</translation>
    </message>
    <message>
        <source>what is written on the jar</source>
        <translation>was auf dem Glas steht</translation>
    </message>
    <message>
        <source>made at home</source>
        <translation>selbst gemacht</translation>
    </message>
    <message>
        <source>best before</source>
        <translation>mindestens haltbar bis</translation>
    </message>
    <message>
        <source>grams each, such as: tsp 5.1; drop 0.03</source>
        <translation>je in Gramm, etwa: TL 5,1; Tropfen 0,03</translation>
    </message>
    <message>
        <source>Certificate</source>
        <translation>Zertifikat</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>&amp;Came or made</source>
        <translation>Ge&amp;kommen oder gemacht</translation>
    </message>
    <message>
        <source>Best before</source>
        <translation>Mindestens haltbar bis</translation>
    </message>
    <message>
        <source>&amp;From</source>
        <translation>&amp;Von</translation>
    </message>
    <message>
        <source>&amp;Price paid</source>
        <translation>Bezahlter &amp;Preis</translation>
    </message>
    <message>
        <source>&amp;Bought</source>
        <translation>&amp;Gekauft</translation>
    </message>
    <message>
        <source>&amp;Left</source>
        <translation>&amp;Übrig</translation>
    </message>
    <message>
        <source>&amp;Spoons, drops</source>
        <translation>&amp;Löffel, Tropfen</translation>
    </message>
    <message>
        <source>N&amp;otes</source>
        <translation>N&amp;otizen</translation>
    </message>
    <message>
        <source>Keep this lot</source>
        <translation>Dieses Los behalten</translation>
    </message>
    <message>
        <source>Leave it as it was</source>
        <translation>Lassen, wie es war</translation>
    </message>
    <message>
        <source>Only what is printed on the jar or certificate, or what you measured: the rest stays the material’s.</source>
        <translation>Nur, was auf Glas oder Zertifikat gedruckt ist oder was du gemessen hast: das Übrige bleibt das des Rohstoffs.</translation>
    </message>
    <message>
        <source>A new lot of %1</source>
        <translation>Ein neues Los von %1</translation>
    </message>
    <message>
        <source>A lot of %1</source>
        <translation>Ein Los von %1</translation>
    </message>
    <message>
        <source>“%1” is not understood: write the measure and its grams, such as tsp 5.1</source>
        <translation>„%1“ wird nicht verstanden: schreib das Maß und seine Gramm, etwa TL 5,1</translation>
    </message>
    <message>
        <source>Give it a name, so that you can tell the jars apart.</source>
        <translation>Gib ihm einen Namen, damit du die Gläser auseinanderhältst.</translation>
    </message>
    <message>
        <source>An amount or price cannot be below 0.</source>
        <translation>Eine Menge oder ein Preis kann nicht unter 0 liegen.</translation>
    </message>
</context>
<context>
    <name>rhexion::MainWindow</name>
    <message>
        <source>New formulas begin your way from now on.</source>
        <translation>Neue Formeln beginnen ab jetzt auf deine Art.</translation>
    </message>
    <message>
        <source>Your usual settings cannot be read, so new formulas begin as they come. %1</source>
        <translation>Deine üblichen Einstellungen lassen sich nicht lesen, darum beginnen neue Formeln, wie sie kommen. %1</translation>
    </message>
    <message>
        <source>The sheet is written: %1</source>
        <translation>Das Blatt ist geschrieben: %1</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Orte</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>Heat</source>
        <translation>Wärme</translation>
    </message>
    <message>
        <source>Make</source>
        <translation>Sieden</translation>
    </message>
    <message>
        <source>Journal</source>
        <translation>Tagebuch</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>The batch is in the journal.</source>
        <translation>Die Charge ist im Tagebuch.</translation>
    </message>
    <message>
        <source>New formula</source>
        <translation>Neue Formel</translation>
    </message>
    <message>
        <source>Before it is made, answer in “Recipe as text”: %1</source>
        <translation>Bevor sie gesiedet wird, antworte in „Rezept als Text“: %1</translation>
    </message>
    <message>
        <source>A batch is being made already: finish or stop it first.</source>
        <translation>Eine Charge ist schon in Arbeit: beende sie oder brich sie zuerst ab.</translation>
    </message>
    <message>
        <source>Another batch is being made here: finish or stop it first, or take this one up in a new window.</source>
        <translation>Eine andere Charge ist hier in Arbeit: beende sie oder brich sie zuerst ab, oder nimm diese in einem neuen Fenster auf.</translation>
    </message>
    <message>
        <source>This batch is being made in another window.</source>
        <translation>Diese Charge wird in einem anderen Fenster gesiedet.</translation>
    </message>
    <message>
        <source>Rhexion %1, free software under the GPL, version 3 or later.</source>
        <translation>Rhexion %1, freie Software unter der GPL, Version 3 oder später.</translation>
    </message>
    <message>
        <source>The day, as it will be printed</source>
        <translation>Der Tag, wie er gedruckt wird</translation>
    </message>
    <message>
        <source>A second batch on the same bench</source>
        <translation>Eine zweite Charge auf derselben Werkbank</translation>
    </message>
    <message>
        <source>Formulas (*.rhexion)</source>
        <translation>Formeln (*.rhexion)</translation>
    </message>
    <message>
        <source>Open that batch</source>
        <translation>Diese Charge öffnen</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;Close window</source>
        <translation>Fenster s&amp;chließen</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>B&amp;eenden</translation>
    </message>
    <message>
        <source>&amp;Batter and lye</source>
        <translation>&amp;Leim und Lauge</translation>
    </message>
    <message>
        <source>Ma&amp;ke this batch</source>
        <translation>Diese Charge &amp;sieden</translation>
    </message>
    <message>
        <source>&amp;Split the batter…</source>
        <translation>Den Leim &amp;teilen …</translation>
    </message>
    <message>
        <source>&amp;Lye made ahead…</source>
        <translation>Lauge auf &amp;Vorrat …</translation>
    </message>
    <message>
        <source>Make it larger or s&amp;maller…</source>
        <translation>&amp;Größer oder kleiner machen …</translation>
    </message>
    <message>
        <source>All s&amp;ettings…</source>
        <translation>Alle &amp;Einstellungen …</translation>
    </message>
    <message>
        <source>&amp;Where makers differ</source>
        <translation>Wo Siedende &amp;uneins sind</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Manual: what is at hand</source>
        <translation>&amp;Handbuch: was hier ist</translation>
    </message>
    <message>
        <source>The manual is not beside this program.</source>
        <translation>Das Handbuch liegt nicht neben diesem Programm.</translation>
    </message>
    <message>
        <source>Manual: &amp;contents</source>
        <translation>Handbuch: &amp;Inhalt</translation>
    </message>
    <message>
        <source>&amp;What is this?</source>
        <translation>&amp;Was ist das?</translation>
    </message>
    <message>
        <source>&amp;Tour in six steps</source>
        <translation>&amp;Rundgang in sechs Schritten</translation>
    </message>
    <message>
        <source>&amp;Safety and about</source>
        <translation>&amp;Sicherheit und Über</translation>
    </message>
    <message>
        <source>All &amp;keys</source>
        <translation>Alle &amp;Tasten</translation>
    </message>
    <message>
        <source>For&amp;mulate</source>
        <translation>&amp;Formulieren</translation>
    </message>
    <message>
        <source>&amp;Moulds, bars and room to foam…</source>
        <translation>&amp;Formen, Stücke und Platz zum Schäumen …</translation>
    </message>
    <message>
        <source>&amp;Scent and its limits…</source>
        <translation>&amp;Duft und seine Grenzen …</translation>
    </message>
    <message>
        <source>&amp;Reading the blend…</source>
        <translation>Die &amp;Mischung lesen …</translation>
    </message>
    <message>
        <source>&amp;Hard water…</source>
        <translation>&amp;Hartes Wasser …</translation>
    </message>
    <message>
        <source>&amp;Working time…</source>
        <translation>&amp;Verarbeitungszeit …</translation>
    </message>
    <message>
        <source>&amp;Change and compare…</source>
        <translation>&amp;Ändern und vergleichen …</translation>
    </message>
    <message>
        <source>Solve &amp;for…</source>
        <translation>&amp;Lösen nach …</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>&amp;What was done…</source>
        <translation>Was &amp;getan wurde …</translation>
    </message>
    <message>
        <source>&amp;Type a material</source>
        <translation>Einen Rohstoff &amp;tippen</translation>
    </message>
    <message>
        <source>Find a &amp;command</source>
        <translation>Einen &amp;Befehl finden</translation>
    </message>
    <message>
        <source>&amp;Paste lines</source>
        <translation>Zeilen &amp;einfügen</translation>
    </message>
    <message>
        <source>&amp;Find here</source>
        <translation>Hier &amp;finden</translation>
    </message>
    <message>
        <source>&amp;I have already… (mend a slip)</source>
        <translation>&amp;Ich habe schon … (ein Versehen beheben)</translation>
    </message>
    <message>
        <source>Take the figures of the &amp;newest lots</source>
        <translation>Die Werte der &amp;neuesten Lose nehmen</translation>
    </message>
    <message>
        <source>Take the newest lots</source>
        <translation>Die neuesten Lose nehmen</translation>
    </message>
    <message>
        <source>They are the newest already.</source>
        <translation>Es sind schon die neuesten.</translation>
    </message>
    <message numerus="yes">
        <source>%n material(s) have new figures.</source>
        <translation>
            <numerusform>%n Rohstoff hat neue Werte.</numerusform>
            <numerusform>%n Rohstoffe haben neue Werte.</numerusform>
        </translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Show the &amp;working</source>
        <translation>Den &amp;Rechenweg zeigen</translation>
    </message>
    <message>
        <source>Show the &amp;figures</source>
        <translation>Die &amp;Werte zeigen</translation>
    </message>
    <message>
        <source>Figures in a window of their &amp;own</source>
        <translation>Werte in einem &amp;eigenen Fenster</translation>
    </message>
    <message>
        <source>F&amp;ull screen</source>
        <translation>&amp;Vollbild</translation>
    </message>
    <message>
        <source>The shelf</source>
        <translation>Das Regal</translation>
    </message>
    <message>
        <source>The foods table</source>
        <translation>Die Lebensmitteltabelle</translation>
    </message>
    <message>
        <source>%1 cannot be opened. %2</source>
        <translation>%1 lässt sich nicht öffnen. %2</translation>
    </message>
    <message>
        <source>Open what can be read</source>
        <translation>Öffnen, was lesbar ist</translation>
    </message>
    <message>
        <source>Unsaved work is not being kept safe: %1. Save it soon.</source>
        <translation>Ungespeicherte Arbeit wird nicht gesichert: %1. Speichere sie bald.</translation>
    </message>
    <message>
        <source>Another Rhexion has your data and does not answer, so shelf and journal can only be looked at here. Formulas can be opened and saved. Close the other one and start again to go on.</source>
        <translation>Ein anderes Rhexion hat deine Daten und antwortet nicht, darum lassen sich Regal und Tagebuch hier nur ansehen. Formeln lassen sich öffnen und speichern. Schließe das andere und starte neu, um weiterzumachen.</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) of your shelf cannot be read and is set aside; the rest is there. “%1”: %2</source>
        <translation>
            <numerusform>%n Sache deines Regals ist nicht lesbar und beiseitegelegt; das Übrige ist da. „%1“: %2</numerusform>
            <numerusform>%n Sachen deines Regals sind nicht lesbar und beiseitegelegt; das Übrige ist da. „%1“: %2</numerusform>
        </translation>
    </message>
    <message>
        <source>Mend it, cutting what is too long</source>
        <translation>Beheben, dabei kürzen, was zu lang ist</translation>
    </message>
    <message>
        <source>It cannot be mended here: %1</source>
        <translation>Hier lässt es sich nicht beheben: %1</translation>
    </message>
    <message>
        <source>The journal could not be written. %1 What you weigh is kept in a file beside it and goes in as soon as it can; go on.</source>
        <translation>Das Tagebuch ließ sich nicht schreiben. %1 Was du wiegst, steht in einer Datei daneben und kommt hinein, sobald es geht; mach weiter.</translation>
    </message>
    <message>
        <source>The journal cannot be opened. %1</source>
        <translation>Das Tagebuch lässt sich nicht öffnen. %1</translation>
    </message>
    <message>
        <source>Put it aside and begin a new one</source>
        <translation>Es beiseitelegen und ein neues beginnen</translation>
    </message>
    <message>
        <source>%1 was changed by something else since you opened it.</source>
        <translation>%1 wurde von etwas anderem geändert, seit du es geöffnet hast.</translation>
    </message>
    <message>
        <source>Keep mine</source>
        <translation>Meins behalten</translation>
    </message>
    <message>
        <source>Take that</source>
        <translation>Jenes nehmen</translation>
    </message>
    <message>
        <source>Both, side by side</source>
        <translation>Beide, nebeneinander</translation>
    </message>
    <message>
        <source>This computer says it is %1, but the journal was written on %2. If its clock was set back, times in the journal run backwards.</source>
        <translation>Dieser Rechner sagt, es ist %1, aber das Tagebuch wurde am %2 geschrieben. Wenn seine Uhr zurückgestellt wurde, laufen die Zeiten im Tagebuch rückwärts.</translation>
    </message>
    <message>
        <source>A superfat of %1 leaves lye in the soap: for laundry, never for skin. Every print will say so.</source>
        <translation>Eine Überfettung von %1 lässt Lauge in der Seife: für Wäsche, nie für die Haut. Jeder Ausdruck wird es sagen.</translation>
    </message>
    <message>
        <source>Use %1, not for skin</source>
        <translation>%1 nehmen, nicht für die Haut</translation>
    </message>
    <message>
        <source>Set superfat</source>
        <translation>Überfettung einstellen</translation>
    </message>
    <message>
        <source>Keep it as it was</source>
        <translation>So behalten, wie sie war</translation>
    </message>
    <message numerus="yes">
        <source>%n material(s) on the bench have other figures than your newest lots.</source>
        <translation>
            <numerusform>%n Rohstoff auf der Werkbank hat andere Werte als deine neuesten Lose.</numerusform>
            <numerusform>%n Rohstoffe auf der Werkbank haben andere Werte als deine neuesten Lose.</numerusform>
        </translation>
    </message>
    <message>
        <source>Take the newest figures</source>
        <translation>Die neuesten Werte nehmen</translation>
    </message>
    <message>
        <source>Unsaved work on “%1” from %2 was kept.</source>
        <translation>Ungespeicherte Arbeit an „%1“ von %2 ist aufgehoben.</translation>
    </message>
    <message>
        <source>a new formula</source>
        <translation>eine neue Formel</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) in it cannot be read: %1</source>
        <translation>
            <numerusform>%n Sache darin ist nicht lesbar: %1</numerusform>
            <numerusform>%n Sachen darin sind nicht lesbar: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Take up what can be read</source>
        <translation>Aufnehmen, was lesbar ist</translation>
    </message>
    <message>
        <source>Throw it away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>“%1”, begun on %2, is still in the making.</source>
        <translation>„%1“, begonnen am %2, ist noch in Arbeit.</translation>
    </message>
    <message>
        <source>A batch</source>
        <translation>Eine Charge</translation>
    </message>
    <message>
        <source>Go on making it</source>
        <translation>Weitersieden</translation>
    </message>
    <message>
        <source>Several &amp;benches…</source>
        <translation>&amp;Mehrere Werkbänke …</translation>
    </message>
    <message>
        <source>The other benches: %1</source>
        <translation>Die anderen Werkbänke: %1</translation>
    </message>
    <message>
        <source>Go on with its last good copy, of %1</source>
        <translation>Mit der letzten guten Kopie weitermachen, von %1</translation>
    </message>
    <message>
        <source>Look at a weekly copy…</source>
        <translation>Eine Wochenkopie ansehen …</translation>
    </message>
    <message>
        <source>Begin a new one; the copies stay</source>
        <translation>Ein neues beginnen; die Kopien bleiben</translation>
    </message>
    <message numerus="yes">
        <source>The last good copy of the journal, of %1, holds %n thing(s) that the journal lacks: it may have been replaced by an older one.</source>
        <translation>
            <numerusform>In der letzten guten Kopie des Tagebuchs, von %1, steht %n Eintrag, der dem Tagebuch fehlt: vielleicht wurde es durch ein älteres ersetzt.</numerusform>
            <numerusform>In der letzten guten Kopie des Tagebuchs, von %1, stehen %n Einträge, die dem Tagebuch fehlen: vielleicht wurde es durch ein älteres ersetzt.</numerusform>
        </translation>
    </message>
    <message>
        <source>Bring them in</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>Weights are shown in ounces and temperatures in °F, as this computer has them. What you type keeps the unit you type. View changes it later.</source>
        <translation>Gewichte stehen in Unzen und Temperaturen in °F da, wie dieser Rechner es hält. Was du tippst, behält die Einheit, in der du es tippst. Unter Ansicht lässt es sich später ändern.</translation>
    </message>
    <message>
        <source>Weights are shown in grams and temperatures in °C, as this computer has them. What you type keeps the unit you type. View changes it later.</source>
        <translation>Gewichte stehen in Gramm und Temperaturen in °C da, wie dieser Rechner es hält. Was du tippst, behält die Einheit, in der du es tippst. Unter Ansicht lässt es sich später ändern.</translation>
    </message>
    <message>
        <source>Grams and °C</source>
        <translation>Gramm und °C</translation>
    </message>
    <message>
        <source>Ounces and °F</source>
        <translation>Unzen und °F</translation>
    </message>
    <message>
        <source>That is right</source>
        <translation>So ist es recht</translation>
    </message>
    <message>
        <source>If somebody stands there, ask first: lye that is weighed twice is twice in the jug. Press again to take it over.</source>
        <translation>Steht dort jemand, frag zuerst: Hydroxid, das zweimal gewogen wird, ist zweimal im Krug. Drücke noch einmal, um sie zu übernehmen.</translation>
    </message>
    <message>
        <source>Its weights are in the list here. Ask there before you weigh on: lye that is weighed twice is twice in the jug.</source>
        <translation>Ihre Gewichte stehen hier in der Liste. Frag dort, bevor du weiterwiegst: Hydroxid, das zweimal gewogen wird, ist zweimal im Krug.</translation>
    </message>
    <message>
        <source>Take it over</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>This batch was finished or stopped at %1. What you still weigh is kept with it, and what came of it is reckoned anew.</source>
        <translation>Diese Charge wurde an %1 beendet oder abgebrochen. Was du noch wiegst, bleibt bei ihr, und was daraus wurde, wird neu gerechnet.</translation>
    </message>
    <message>
        <source>Follow it</source>
        <translation>Mitverfolgen</translation>
    </message>
    <message>
        <source>Startin&amp;g points…</source>
        <translation>Ausgangs&amp;punkte …</translation>
    </message>
    <message>
        <source>Recipe as te&amp;xt…</source>
        <translation>&amp;Rezept als Text …</translation>
    </message>
    <message>
        <source>Scales and &amp;thermometers…</source>
        <translation>&amp;Waagen und Thermometer …</translation>
    </message>
    <message>
        <source>&amp;Go to</source>
        <translation>&amp;Gehe zu</translation>
    </message>
    <message>
        <source>&amp;Calendar of what is due</source>
        <translation>&amp;Kalender des Fälligen</translation>
    </message>
    <message>
        <source>What goes &amp;with what</source>
        <translation>Was &amp;womit geht</translation>
    </message>
    <message>
        <source>&amp;Bars, label and cost of a batch</source>
        <translation>&amp;Stücke, Etikett und Kosten einer Charge</translation>
    </message>
    <message>
        <source>&amp;Rehearse the day…</source>
        <translation>Den Tag &amp;proben …</translation>
    </message>
    <message>
        <source>Choose from the s&amp;helf</source>
        <translation>Aus dem Regal wäh&amp;len</translation>
    </message>
    <message>
        <source>Loc&amp;k an amount, or unlock it</source>
        <translation>Eine Menge &amp;sperren oder freigeben</translation>
    </message>
    <message>
        <source>Choose a line in a vessel first.</source>
        <translation>Wähle erst eine Zeile in einem Gefäß.</translation>
    </message>
    <message>
        <source>S&amp;tock, lots and deliveries…</source>
        <translation>&amp;Vorrat, Lose und Lieferungen …</translation>
    </message>
</context>
<context>
    <name>rhexion::MakePage</name>
    <message>
        <source>Stop this batch</source>
        <translation>Diese Charge abbrechen</translation>
    </message>
    <message>
        <source>The whole day</source>
        <translation>Der ganze Tag</translation>
    </message>
    <message>
        <source>Lye is weighed at its own step: press that in the list and type what is in there now.</source>
        <translation>Hydroxid wird in seinem eigenen Schritt gewogen: drücke ihn in der Liste und tippe, was jetzt darin ist.</translation>
    </message>
    <message>
        <source>%1 is gone: type the weights. It is taken up again when it is back.</source>
        <translation>%1 ist weg: tippe die Gewichte. Sie wird wieder genommen, wenn sie zurück ist.</translation>
    </message>
    <message>
        <source>%1 is back. Set it to zero before you weigh on.</source>
        <translation>%1 ist zurück. Stell sie auf null, bevor du weiterwiegst.</translation>
    </message>
    <message>
        <source>This step keeps you from harm. Press “Leave out” again if it is done.</source>
        <translation>Dieser Schritt bewahrt dich vor Schaden. Drücke „Weglassen“ noch einmal, wenn er getan ist.</translation>
    </message>
    <message>
        <source>This step has to do with lye. Press “Leave out” again to go on without it.</source>
        <translation>Dieser Schritt hat mit Lauge zu tun. Drücke „Weglassen“ noch einmal, um ohne ihn weiterzumachen.</translation>
    </message>
    <message>
        <source>The scale is not there: type the weight, or press again to take it as planned.</source>
        <translation>Die Waage ist nicht da: tippe das Gewicht oder drücke noch einmal, um es wie geplant zu nehmen.</translation>
    </message>
    <message>
        <source>The scale shows %1. Press again to take it as planned.</source>
        <translation>Die Waage zeigt %1. Drücke noch einmal, um es wie geplant zu nehmen.</translation>
    </message>
    <message>
        <source>Outside its band: what that does is said below. Go on to leave it so.</source>
        <translation>Außerhalb seines Bandes: was das tut, steht unten. Mach weiter, um es so zu lassen.</translation>
    </message>
    <message>
        <source>The note you are typing could not be kept yet.</source>
        <translation>Die Notiz, die du tippst, ließ sich noch nicht behalten.</translation>
    </message>
    <message>
        <source>The journal could not be written. %1</source>
        <translation>Das Tagebuch ließ sich nicht schreiben. %1</translation>
    </message>
    <message>
        <source>Say how much went in by weight or by spoons, such as 12 g.</source>
        <translation>Sag, wie viel hineinkam, nach Gewicht oder Löffeln, etwa 12 g.</translation>
    </message>
    <message>
        <source>%1 of %2, %3</source>
        <translation>%1 von %2, %3</translation>
    </message>
    <message>
        <source>Went in beside the plan: %1</source>
        <translation>Kam neben dem Plan hinein: %1</translation>
    </message>
    <message>
        <source>All %1 steps done</source>
        <translation>Alle %1 Schritte getan</translation>
    </message>
    <message>
        <source>Keep it in the journal</source>
        <translation>Ins Tagebuch damit</translation>
    </message>
    <message>
        <source>Cover or chill it, look in now and then, and wash up with gloves still on.</source>
        <translation>Zudecken oder kühlen, ab und zu nachsehen, und beim Abwaschen die Handschuhe anlassen.</translation>
    </message>
    <message>
        <source>Step %1 of %2: weigh</source>
        <translation>Schritt %1 von %2: wiegen</translation>
    </message>
    <message>
        <source>Step %1 of %2: do</source>
        <translation>Schritt %1 von %2: tun</translation>
    </message>
    <message>
        <source>%1, %2. %3 holds %4</source>
        <translation>%1, %2. Enthält %4: %3</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Weighed, go on (Space)</source>
        <translation>Gewogen, weiter (Leertaste)</translation>
    </message>
    <message>
        <source>Done, go on (Space)</source>
        <translation>Getan, weiter (Leertaste)</translation>
    </message>
    <message>
        <source>Then: %1</source>
        <translation>Dann: %1</translation>
    </message>
    <message>
        <source>Look in</source>
        <translation>Nachsehen</translation>
    </message>
    <message>
        <source>Type what the scale shows, as a mass.</source>
        <translation>Tippe, was die Waage zeigt, als Masse.</translation>
    </message>
    <message>
        <source>More is left in the vessel than there was: the fuller weight comes first.</source>
        <translation>Im Gefäß ist mehr übrig, als da war: das vollere Gewicht kommt zuerst.</translation>
    </message>
    <message>
        <source>Not yet: first %1.</source>
        <translation>Noch nicht: zuerst %1.</translation>
    </message>
    <message>
        <source>Press again to stop; what is weighed is kept</source>
        <translation>Drücke noch einmal, um abzubrechen; was gewogen ist, bleibt</translation>
    </message>
    <message>
        <source>One press, one step: lift the key and press again.</source>
        <translation>Ein Druck, ein Schritt: Taste loslassen und noch einmal drücken.</translation>
    </message>
    <message>
        <source>Space does not finish a batch: press Ctrl+Return, or the button.</source>
        <translation>Die Leertaste schließt keine Charge ab: Strg+Eingabe drücken oder den Knopf.</translation>
    </message>
    <message>
        <source>Finish and keep (Ctrl+Return)</source>
        <translation>Abschließen und behalten (Strg+Eingabe)</translation>
    </message>
    <message>
        <source>These steps were done within %1; hands need %2 for them at the least. If it was made all the same, press “Finish and keep” again. If not, press the first step in the list to go back to it.</source>
        <translation>Diese Schritte waren in %1 erledigt; Hände brauchen dafür mindestens %2. Wenn die Charge trotzdem gemacht ist, drücke noch einmal „Abschließen und behalten“. Wenn nicht, drücke den ersten Schritt in der Liste, um dorthin zurückzugehen.</translation>
    </message>
    <message>
        <source>This batch goes on in the unit it began in.</source>
        <translation>Diese Charge geht in der Einheit weiter, in der sie begonnen wurde.</translation>
    </message>
    <message>
        <source>The scale has given no reading yet: type the weight, or press again to take it as planned.</source>
        <translation>Die Waage hat noch nichts gemeldet: tippe das Gewicht, oder drücke noch einmal, um es wie geplant zu nehmen.</translation>
    </message>
</context>
<context>
    <name>rhexion::MaterialEditor</name>
    <message>
        <source>other names, divided by commas</source>
        <translation>andere Namen, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>one plain sentence</source>
        <translation>ein einfacher Satz</translation>
    </message>
    <message>
        <source>Label of the pack</source>
        <translation>Etikett der Packung</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>&amp;Art</translation>
    </message>
    <message>
        <source>&amp;Also called</source>
        <translation>&amp;Auch genannt</translation>
    </message>
    <message>
        <source>N&amp;ote</source>
        <translation>N&amp;otiz</translation>
    </message>
    <message>
        <source>Keep it on the shelf</source>
        <translation>Ins Regal damit</translation>
    </message>
    <message>
        <source>Leave it as it was</source>
        <translation>Lassen, wie es war</translation>
    </message>
    <message>
        <source>A material of your own</source>
        <translation>Ein eigener Rohstoff</translation>
    </message>
    <message>
        <source>Change your material</source>
        <translation>Deinen Rohstoff ändern</translation>
    </message>
    <message>
        <source>Weighed</source>
        <translation>Gewogen</translation>
    </message>
    <message>
        <source>Fats lie between 100 and 300 mg of potassium hydroxide per gram. If the drum really says that, press Keep again.</source>
        <translation>Fette liegen zwischen 100 und 300 mg Kaliumhydroxid je Gramm. Wenn das Gebinde das wirklich sagt, drücke noch einmal auf Behalten.</translation>
    </message>
</context>
<context>
    <name>rhexion::MaterialView</name>
    <message>
        <source>The material</source>
        <translation>Der Rohstoff</translation>
    </message>
    <message>
        <source>Use it on the bench</source>
        <translation>Auf der Werkbank nehmen</translation>
    </message>
    <message>
        <source>Add a lot…</source>
        <translation>Ein Los zugeben …</translation>
    </message>
    <message>
        <source>Measure it…</source>
        <translation>Messen …</translation>
    </message>
    <message>
        <source>More…</source>
        <translation>Mehr …</translation>
    </message>
    <message>
        <source>Cook or mix…</source>
        <translation>Kochen oder mischen …</translation>
    </message>
    <message>
        <source>Change it…</source>
        <translation>Ändern …</translation>
    </message>
    <message>
        <source>Copy as my own…</source>
        <translation>Als eigenen kopieren …</translation>
    </message>
    <message>
        <source>Nothing on the shelf matches</source>
        <translation>Nichts im Regal passt</translation>
    </message>
    <message>
        <source>Try fewer letters, or make it a material of your own, below the list.</source>
        <translation>Versuch es mit weniger Buchstaben, oder mach einen eigenen Rohstoff daraus, unter der Liste.</translation>
    </message>
    <message>
        <source>Take it out again</source>
        <translation>Wieder herausnehmen</translation>
    </message>
    <message>
        <source>Put it away</source>
        <translation>Weglegen</translation>
    </message>
</context>
<context>
    <name>rhexion::MeasurePanel</name>
    <message>
        <source>Measurement</source>
        <translation>Messung</translation>
    </message>
    <message>
        <source>The working</source>
        <translation>Der Rechenweg</translation>
    </message>
    <message>
        <source>Keep it as a new lot</source>
        <translation>Als neues Los behalten</translation>
    </message>
    <message>
        <source>Back to the material</source>
        <translation>Zurück zum Rohstoff</translation>
    </message>
    <message>
        <source>Measure %1</source>
        <translation>%1 messen</translation>
    </message>
    <message>
        <source>Keep it with lot %1</source>
        <translation>Bei Los %1 behalten</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>Run %1: %2</source>
        <translation>Durchgang %1: %2</translation>
    </message>
    <message>
        <source>Fill in what you read.</source>
        <translation>Fülle aus, was du abgelesen hast.</translation>
    </message>
    <message>
        <source>1 %1 weighs %2 g (%3 to %4)</source>
        <translation>1 %1 wiegt %2 g (%3 bis %4)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>rhexion::MixPanel</name>
    <message>
        <source>Cook or mix</source>
        <translation>Kochen oder mischen</translation>
    </message>
    <message>
        <source>Say what went in, by weight, and weigh what came out without the pan. What is missing is taken for water that boiled off.</source>
        <translation>Sag, was hineinkam, nach Gewicht, und wiege, was herauskam, ohne den Topf. Was fehlt, gilt als verkochtes Wasser.</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Rohstoff</translation>
    </message>
    <message>
        <source>another, or leave it empty</source>
        <translation>noch einer, oder leer lassen</translation>
    </message>
    <message>
        <source>Material %1</source>
        <translation>Rohstoff %1</translation>
    </message>
    <message>
        <source>g</source>
        <translation>g</translation>
    </message>
    <message>
        <source>Grams of material %1</source>
        <translation>Gramm von Rohstoff %1</translation>
    </message>
    <message>
        <source>Weight at the end</source>
        <translation>Gewicht am Ende</translation>
    </message>
    <message>
        <source>Name of the new material</source>
        <translation>Name des neuen Rohstoffs</translation>
    </message>
    <message>
        <source>It weighs in the end</source>
        <translation>Es wiegt am Ende</translation>
    </message>
    <message>
        <source>and is called</source>
        <translation>und heißt</translation>
    </message>
    <message>
        <source>The working</source>
        <translation>Der Rechenweg</translation>
    </message>
    <message>
        <source>Keep it as a material, with a lot</source>
        <translation>Als Rohstoff behalten, mit einem Los</translation>
    </message>
    <message>
        <source>Back to the material</source>
        <translation>Zurück zum Rohstoff</translation>
    </message>
    <message>
        <source>%1, cooked</source>
        <translation>%1, gekocht</translation>
    </message>
    <message>
        <source>is %1</source>
        <translation>ist %1</translation>
    </message>
    <message>
        <source>Fill in the weights.</source>
        <translation>Fülle die Gewichte aus.</translation>
    </message>
    <message>
        <source>%1 of it, water %2; %3 boiled off.</source>
        <translation>%1 davon, Wasser %2; %3 verkocht.</translation>
    </message>
    <message>
        <source>Give it a name first.</source>
        <translation>Gib ihm zuerst einen Namen.</translation>
    </message>
    <message>
        <source>Mixed from %1; %2 left at the end</source>
        <translation>Gemischt aus %1; %2 am Ende übrig</translation>
    </message>
    <message>
        <source>A weight stands beside a material that is not certain yet.</source>
        <translation>Ein Gewicht steht bei einem Rohstoff, der noch nicht sicher ist.</translation>
    </message>
</context>
<context>
    <name>rhexion::MonthView</name>
    <message>
        <source>Calendar of the month</source>
        <translation>Kalender des Monats</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 mehr</translation>
    </message>
</context>
<context>
    <name>rhexion::MouldEditor</name>
    <message>
        <source>what you call it</source>
        <translation>wie du sie nennst</translation>
    </message>
    <message>
        <source>loaf</source>
        <translation>Blockform</translation>
    </message>
    <message>
        <source>slab, with or without dividers</source>
        <translation>Plattenform, mit oder ohne Trennwände</translation>
    </message>
    <message>
        <source>upright tube</source>
        <translation>stehendes Rohr</translation>
    </message>
    <message>
        <source>tube on its side</source>
        <translation>liegendes Rohr</translation>
    </message>
    <message>
        <source>dome</source>
        <translation>Kuppel</translation>
    </message>
    <message>
        <source>any other, weighed with water</source>
        <translation>jede andere, mit Wasser gewogen</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Gestalt</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>How many alike</source>
        <translation>Wie viele gleiche</translation>
    </message>
    <message>
        <source>Keep this mould</source>
        <translation>Diese Form behalten</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Length inside</source>
        <translation>Länge innen</translation>
    </message>
    <message>
        <source>Width inside</source>
        <translation>Breite innen</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>Length at the rim</source>
        <translation>Länge am Rand</translation>
    </message>
    <message>
        <source>Width at the rim</source>
        <translation>Breite am Rand</translation>
    </message>
    <message>
        <source>Corner radius</source>
        <translation>Eckenradius</translation>
    </message>
    <message>
        <source>Liner, thick</source>
        <translation>Auskleidung, dick</translation>
    </message>
    <message>
        <source>Dividers across the length</source>
        <translation>Trennwände quer zur Länge</translation>
    </message>
    <message>
        <source>Dividers across the width</source>
        <translation>Trennwände quer zur Breite</translation>
    </message>
    <message>
        <source>A divider is thick</source>
        <translation>Eine Trennwand ist dick</translation>
    </message>
    <message>
        <source>and high</source>
        <translation>und hoch</translation>
    </message>
    <message>
        <source>Diameter inside</source>
        <translation>Durchmesser innen</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Filled to a depth of</source>
        <translation>Gefüllt bis zur Tiefe</translation>
    </message>
    <message>
        <source>Diameter at its base</source>
        <translation>Durchmesser unten</translation>
    </message>
    <message>
        <source>Full of water it weighs</source>
        <translation>Voll Wasser wiegt sie</translation>
    </message>
    <message>
        <source>Empty it weighs</source>
        <translation>Leer wiegt sie</translation>
    </message>
    <message>
        <source>The water is at</source>
        <translation>Das Wasser hat</translation>
    </message>
</context>
<context>
    <name>rhexion::MouldPanel</name>
    <message>
        <source>Moulds</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>Moulds you have</source>
        <translation>Formen, die du hast</translation>
    </message>
    <message>
        <source>What goes into it</source>
        <translation>Was hineinkommt</translation>
    </message>
    <message>
        <source>New mould…</source>
        <translation>Neue Form …</translation>
    </message>
    <message>
        <source>Make as much as fills it</source>
        <translation>So viel machen, dass sie voll wird</translation>
    </message>
    <message>
        <source>surely full</source>
        <translation>sicher voll</translation>
    </message>
    <message>
        <source>most likely full</source>
        <translation>am ehesten voll</translation>
    </message>
    <message>
        <source>never over</source>
        <translation>nie zu voll</translation>
    </message>
    <message>
        <source>How surely</source>
        <translation>Wie sicher</translation>
    </message>
    <message>
        <source>How many bars</source>
        <translation>Wie viele Stücke</translation>
    </message>
    <message>
        <source>A bar weighs, cured</source>
        <translation>Ein Stück wiegt gereift</translation>
    </message>
    <message>
        <source>g, cured</source>
        <translation>g, gereift</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Skalieren</translation>
    </message>
    <message>
        <source>bars of</source>
        <translation>Stücke zu</translation>
    </message>
    <message>
        <source>So much of it is left</source>
        <translation>So viel davon ist übrig</translation>
    </message>
    <message>
        <source>g left</source>
        <translation>g übrig</translation>
    </message>
    <message>
        <source>What is running out</source>
        <translation>Was ausgeht</translation>
    </message>
    <message>
        <source>Scale to what is left</source>
        <translation>Auf das Übrige skalieren</translation>
    </message>
    <message>
        <source>A bar is thick</source>
        <translation>Ein Stück ist dick</translation>
    </message>
    <message>
        <source>Trimmed off each end</source>
        <translation>An jedem Ende abgeschnitten</translation>
    </message>
    <message>
        <source>ends trimmed</source>
        <translation>Enden abgeschnitten</translation>
    </message>
    <message>
        <source>A vessel you have</source>
        <translation>Ein Gefäß, das du hast</translation>
    </message>
    <message>
        <source>It holds, to the brim</source>
        <translation>Es fasst, bis zum Rand</translation>
    </message>
    <message>
        <source>ml to the brim</source>
        <translation>ml bis zum Rand</translation>
    </message>
    <message>
        <source>I want</source>
        <translation>Ich möchte</translation>
    </message>
    <message>
        <source>I have only</source>
        <translation>Ich habe nur</translation>
    </message>
    <message>
        <source>Bars, thick</source>
        <translation>Stücke, dick</translation>
    </message>
    <message>
        <source>I have a</source>
        <translation>Ich habe</translation>
    </message>
    <message>
        <source>Make as much as fills the mould</source>
        <translation>So viel machen, dass die Form voll wird</translation>
    </message>
    <message>
        <source>Scale to bars</source>
        <translation>Auf Stücke skalieren</translation>
    </message>
    <message>
        <source>Say how it is cut</source>
        <translation>Sagen, wie geschnitten wird</translation>
    </message>
    <message>
        <source>Use a mould</source>
        <translation>Eine Form nehmen</translation>
    </message>
    <message>
        <source>Left as they are, because they are locked: %1.</source>
        <translation>Gelassen, weil festgehalten: %1.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>no mould kept yet</source>
        <translation>noch keine Form behalten</translation>
    </message>
    <message>
        <source>add one of your moulds…</source>
        <translation>eine deiner Formen zugeben …</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>Drawn above</source>
        <translation>Oben gezeichnet</translation>
    </message>
    <message>
        <source>take it away</source>
        <translation>wegnehmen</translation>
    </message>
    <message>
        <source>draw this one</source>
        <translation>diese zeichnen</translation>
    </message>
    <message>
        <source>Yours: %1</source>
        <translation>Deine: %1</translation>
    </message>
    <message>
        <source>I no longer have it</source>
        <translation>Ich habe es nicht mehr</translation>
    </message>
    <message>
        <source>Take a mould away</source>
        <translation>Eine Form wegnehmen</translation>
    </message>
</context>
<context>
    <name>rhexion::MouldPicture</name>
    <message>
        <source>The mould, and how high the batter stands</source>
        <translation>Die Form, und wie hoch der Leim darin steht</translation>
    </message>
    <message>
        <source>%1 of its room</source>
        <translation>%1 ihres Platzes</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>each cavity: %1; %2 come full</source>
        <translation>jede Mulde: %1; %2 werden voll</translation>
    </message>
</context>
<context>
    <name>rhexion::MouldSection</name>
    <message>
        <source>The mould cut through</source>
        <translation>Die Form, aufgeschnitten</translation>
    </message>
    <message>
        <source>Middle %1, skin %2</source>
        <translation>Mitte %1, Haut %2</translation>
    </message>
    <message>
        <source>%1 wide, %2 high</source>
        <translation>%1 breit, %2 hoch</translation>
    </message>
</context>
<context>
    <name>rhexion::Notices</name>
    <message>
        <source>Do not remind me</source>
        <translation>Nicht mehr erinnern</translation>
    </message>
    <message>
        <source>and %1 more in the calendar</source>
        <translation>und %1 mehr im Kalender</translation>
    </message>
    <message>
        <source>Soap today</source>
        <translation>Seife heute</translation>
    </message>
</context>
<context>
    <name>rhexion::PacePanel</name>
    <message>
        <source>Working time</source>
        <translation>Verarbeitungszeit</translation>
    </message>
    <message>
        <source>stick, in short bursts</source>
        <translation>Stab, in kurzen Stößen</translation>
    </message>
    <message>
        <source>whisk only</source>
        <translation>nur Schneebesen</translation>
    </message>
    <message>
        <source>stick, for long</source>
        <translation>Stab, lange</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>kept warm: it gels</source>
        <translation>warm gehalten: sie gelt</translation>
    </message>
    <message>
        <source>kept cool: it does not</source>
        <translation>kühl gehalten: sie gelt nicht</translation>
    </message>
    <message>
        <source>Blended with</source>
        <translation>Püriert mit</translation>
    </message>
    <message>
        <source>In the mould</source>
        <translation>In der Form</translation>
    </message>
    <message>
        <source>Say how it is blended</source>
        <translation>Sagen, wie püriert wird</translation>
    </message>
    <message>
        <source>Say whether it gels</source>
        <translation>Sagen, ob sie gelt</translation>
    </message>
    <message>
        <source>Count a factor again</source>
        <translation>Einen Einfluss wieder zählen</translation>
    </message>
    <message>
        <source>Leave a factor out</source>
        <translation>Einen Einfluss weglassen</translation>
    </message>
</context>
<context>
    <name>rhexion::PacePicture</name>
    <message>
        <source>%1, %2 times</source>
        <translation>%1, %2-mal</translation>
    </message>
</context>
<context>
    <name>rhexion::PhotoStrip</name>
    <message>
        <source>Photographs</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>The photograph is not in its folder.</source>
        <translation>Das Foto ist nicht in seinem Ordner.</translation>
    </message>
</context>
<context>
    <name>rhexion::PlacePanel</name>
    <message>
        <source>Weighed, waiting in a cup</source>
        <translation>Gewogen, wartet im Becher</translation>
    </message>
    <message>
        <source>Comes next</source>
        <translation>Kommt als Nächstes</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) before</source>
        <translation>
            <numerusform>%n Sache davor</numerusform>
            <numerusform>%n Sachen davor</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing in it yet.</source>
        <translation>Noch nichts darin.</translation>
    </message>
</context>
<context>
    <name>rhexion::PortionCard</name>
    <message>
        <source>Name of the portion</source>
        <translation>Name der Portion</translation>
    </message>
    <message>
        <source>1 and 1 are halves; 2 and 1 are two thirds and a third.</source>
        <translation>1 und 1 sind Hälften; 2 und 1 sind zwei Drittel und ein Drittel.</translation>
    </message>
    <message>
        <source>which mould it goes into</source>
        <translation>in welche Form sie kommt</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Oil taken out before the lye goes in, to wet colour, clay or yolk: 10 %, 2 tbsp or 30 g. It comes back at trace.</source>
        <translation>Öl, das vor der Lauge herausgenommen wird, um Farbe, Tonerde oder Dotter anzufeuchten: 10 %, 2 EL oder 30 g. Es kommt beim Zeichnen zurück.</translation>
    </message>
    <message>
        <source>Which oil is set aside</source>
        <translation>Welches Öl beiseitesteht</translation>
    </message>
    <message>
        <source>Take this portion away</source>
        <translation>Diese Portion wegnehmen</translation>
    </message>
    <message>
        <source>parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Oil aside</source>
        <translation>Öl beiseite</translation>
    </message>
    <message>
        <source>Mould</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Name a portion</source>
        <translation>Eine Portion benennen</translation>
    </message>
    <message>
        <source>Name a mould</source>
        <translation>Eine Form benennen</translation>
    </message>
    <message>
        <source>Parts are a number above 0 and up to 1000.</source>
        <translation>Teile sind eine Zahl über 0 und bis 1000.</translation>
    </message>
    <message>
        <source>Change a portion’s parts</source>
        <translation>Die Teile einer Portion ändern</translation>
    </message>
    <message>
        <source>Set another oil aside</source>
        <translation>Ein anderes Öl beiseitestellen</translation>
    </message>
    <message>
        <source>Set no oil aside</source>
        <translation>Kein Öl beiseitestellen</translation>
    </message>
    <message>
        <source>Oil is set aside by weight, by spoons, or as a per cent of the portion’s oils.</source>
        <translation>Öl wird nach Gewicht, nach Löffeln oder in Prozent der Öle der Portion beiseitegestellt.</translation>
    </message>
    <message>
        <source>Set oil aside</source>
        <translation>Öl beiseitestellen</translation>
    </message>
    <message>
        <source>mixed oils</source>
        <translation>gemischte Öle</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Nothing of its own yet: type “3 g … for %1”, or use a line’s menu.</source>
        <translation>Noch nichts Eigenes: tippe „3 g … für %1“ oder nimm das Menü einer Zeile.</translation>
    </message>
    <message>
        <source>Batter, oils %1</source>
        <translation>Leim, Öle %1</translation>
    </message>
    <message>
        <source>Superfat, at worst %1</source>
        <translation>Überfettung, schlimmstenfalls %1</translation>
    </message>
    <message>
        <source>Salt, of its oils</source>
        <translation>Salz, von ihren Ölen</translation>
    </message>
    <message>
        <source>Scent, of its oils (of its batter %1)</source>
        <translation>Duft, von ihren Ölen (von ihrem Leim %1)</translation>
    </message>
</context>
<context>
    <name>rhexion::PortionsPanel</name>
    <message>
        <source>A split batter</source>
        <translation>Ein geteilter Leim</translation>
    </message>
    <message>
        <source>Do not split</source>
        <translation>Nicht teilen</translation>
    </message>
    <message>
        <source>Do not split the batter</source>
        <translation>Den Leim nicht teilen</translation>
    </message>
    <message>
        <source>Split the batter</source>
        <translation>Den Leim teilen</translation>
    </message>
    <message>
        <source>Take a portion away</source>
        <translation>Eine Portion wegnehmen</translation>
    </message>
    <message>
        <source>Add a portion</source>
        <translation>Eine Portion zugeben</translation>
    </message>
    <message>
        <source>Split into halves</source>
        <translation>In Hälften teilen</translation>
    </message>
    <message>
        <source>Divide it at trace, by weight. Shares stated for a portion are of that portion.</source>
        <translation>Teile ihn beim Zeichnen, nach Gewicht. Anteile, die für eine Portion angegeben sind, gelten für diese Portion.</translation>
    </message>
    <message>
        <source>Pour it as one, or split it: each portion may set oil aside to wet its colour, clay or yolk, and has its own scent, salt and mould.</source>
        <translation>Gieß ihn als eines oder teile ihn: jede Portion kann Öl beiseitestellen, um Farbe, Tonerde oder Dotter anzufeuchten, und hat eigenen Duft, eigenes Salz und eine eigene Form.</translation>
    </message>
    <message>
        <source>Superfat in the pot meanwhile</source>
        <translation>Überfettung im Topf bis dahin</translation>
    </message>
    <message>
        <source>%1 of oil is aside: %2 more lye than the pot’s oils take</source>
        <translation>%1 Öl stehen beiseite: %2 mehr Hydroxid, als die Öle im Topf aufnehmen</translation>
    </message>
    <message>
        <source>%1 of oil is set aside</source>
        <translation>%1 Öl stehen beiseite</translation>
    </message>
</context>
<context>
    <name>rhexion::RecipeWindow</name>
    <message>
        <source>Recipe as text</source>
        <translation>Rezept als Text</translation>
    </message>
    <message>
        <source>Paste a recipe here, as it is written: one material a line, amounts before or after, settings like “superfat 5 %”, and the method. Every line is kept.</source>
        <translation>Füge hier ein Rezept ein, wie es geschrieben steht: ein Rohstoff je Zeile, Mengen davor oder dahinter, Einstellungen wie „Überfettung 5 %“ und die Anleitung. Jede Zeile bleibt erhalten.</translation>
    </message>
    <message>
        <source>The recipe as it is written</source>
        <translation>Das Rezept, wie es geschrieben steht</translation>
    </message>
    <message>
        <source>What each line was read as</source>
        <translation>Als was jede Zeile gelesen wurde</translation>
    </message>
    <message>
        <source>oils in all</source>
        <translation>Öle im Ganzen</translation>
    </message>
    <message>
        <source>Oils in all</source>
        <translation>Öle im Ganzen</translation>
    </message>
    <message>
        <source>Put it on the bench</source>
        <translation>Auf die Werkbank legen</translation>
    </message>
    <message>
        <source>Open a text…</source>
        <translation>Einen Text öffnen …</translation>
    </message>
    <message>
        <source>Open a recipe</source>
        <translation>Ein Rezept öffnen</translation>
    </message>
    <message>
        <source>Texts (*.txt *.md *.csv);;All files (*)</source>
        <translation>Texte (*.txt *.md *.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>taken as: %1</source>
        <translation>genommen als: %1</translation>
    </message>
    <message>
        <source>what is it?</source>
        <translation>was ist es?</translation>
    </message>
    <message>
        <source>It is a note</source>
        <translation>Es ist eine Notiz</translation>
    </message>
    <message>
        <source>Take the line out</source>
        <translation>Die Zeile herausnehmen</translation>
    </message>
    <message>
        <source>Edit it</source>
        <translation>Bearbeiten</translation>
    </message>
    <message numerus="yes">
        <source>and %n more line(s), read as well</source>
        <translation>
            <numerusform>und %n weitere Zeile, auch gelesen</numerusform>
            <numerusform>und %n weitere Zeilen, auch gelesen</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is read yet.</source>
        <translation>Noch ist nichts gelesen.</translation>
    </message>
    <message numerus="yes">
        <source>%n material(s) read.</source>
        <translation>
            <numerusform>%n Rohstoff gelesen.</numerusform>
            <numerusform>%n Rohstoffe gelesen.</numerusform>
        </translation>
    </message>
    <message>
        <source>All in per cent: 1000 g of oils are taken until you say.</source>
        <translation>Alles in Prozent: 1000 g Öle werden genommen, bis du etwas sagst.</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) not understood; they stay in the notes.</source>
        <translation>
            <numerusform>%n Zeile nicht verstanden; sie bleibt in den Notizen.</numerusform>
            <numerusform>%n Zeilen nicht verstanden; sie bleiben in den Notizen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Before it is made, %n question(s) about lye or amounts must be answered.</source>
        <translation>
            <numerusform>Bevor sie gesiedet wird, ist %n Frage zu Lauge oder Mengen zu beantworten.</numerusform>
            <numerusform>Bevor sie gesiedet wird, sind %n Fragen zu Lauge oder Mengen zu beantworten.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n question(s) to answer before it goes on the bench.</source>
        <translation>
            <numerusform>%n Frage ist zu beantworten, bevor es auf die Werkbank kommt.</numerusform>
            <numerusform>%n Fragen sind zu beantworten, bevor es auf die Werkbank kommt.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::RehearsalWindow</name>
    <message>
        <source>Rehearsal</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>Rehearsal: nothing is kept, nothing is caustic.</source>
        <translation>Probe: nichts wird behalten, nichts ätzt.</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Go through the day once before the lye is real.</source>
        <translation>Geh den Tag einmal durch, bevor die Lauge echt ist.</translation>
    </message>
    <message>
        <source>Mishaps that may befall you</source>
        <translation>Missgeschicke, die dir zustoßen können</translation>
    </message>
    <message>
        <source>Choose what may befall you, or be surprised. The stand-in scale pours, the thermometers follow; in the end you read what you noticed.</source>
        <translation>Wähle, was dir zustoßen kann, oder lass dich überraschen. Die Ersatzwaage schüttet, die Thermometer folgen; am Ende liest du, was du bemerkt hast.</translation>
    </message>
    <message>
        <source>times as fast</source>
        <translation>mal so schnell</translation>
    </message>
    <message>
        <source>How many times as fast as the clock</source>
        <translation>Wie vielmal so schnell wie die Uhr</translation>
    </message>
    <message>
        <source>Surprise me</source>
        <translation>Überrasche mich</translation>
    </message>
    <message>
        <source>Open a teacher’s script…</source>
        <translation>Ein Drehbuch öffnen …</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>A script of mishaps</source>
        <translation>Ein Drehbuch der Missgeschicke</translation>
    </message>
    <message>
        <source>Scripts (*.json)</source>
        <translation>Drehbücher (*.json)</translation>
    </message>
    <message>
        <source>The formula on the bench cannot be reckoned: mend it first.</source>
        <translation>Die Formel auf der Werkbank lässt sich nicht rechnen: richte sie zuerst.</translation>
    </message>
    <message>
        <source>The stand-in scale could not be begun: %1</source>
        <translation>Die Ersatzwaage ließ sich nicht starten: %1</translation>
    </message>
</context>
<context>
    <name>rhexion::ScaleButton</name>
    <message>
        <source>Make it larger or smaller</source>
        <translation>Größer oder kleiner machen</translation>
    </message>
    <message>
        <source>All oils</source>
        <translation>Alle Öle</translation>
    </message>
    <message>
        <source>Whole batter</source>
        <translation>Ganzer Seifenleim</translation>
    </message>
    <message>
        <source>Times</source>
        <translation>Zeiten</translation>
    </message>
    <message>
        <source>Locked amounts stay as they are.</source>
        <translation>Festgehaltene Mengen bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>%1 of oils, %2 of batter</source>
        <translation>%1 Öle, %2 Seifenleim</translation>
    </message>
    <message>
        <source>No factor gives that: locked amounts or stated shares stand against it.</source>
        <translation>Kein Faktor ergibt das: festgehaltene Mengen oder angegebene Anteile stehen dagegen.</translation>
    </message>
    <message>
        <source>A factor must be above 0, and no amount may pass 100 tonnes.</source>
        <translation>Ein Faktor muss über 0 liegen, und keine Menge darf 100 Tonnen übersteigen.</translation>
    </message>
    <message>
        <source>Scale the formula</source>
        <translation>Die Formel skalieren</translation>
    </message>
</context>
<context>
    <name>rhexion::ScentPanel</name>
    <message>
        <source>Scent</source>
        <translation>Duft</translation>
    </message>
    <message>
        <source>Share of the scent</source>
        <translation>Anteil des Dufts</translation>
    </message>
    <message>
        <source>Of what</source>
        <translation>Wovon</translation>
    </message>
    <message>
        <source>supplier’s</source>
        <translation>des Lieferanten</translation>
    </message>
    <message>
        <source>local</source>
        <translation>örtlich</translation>
    </message>
    <message>
        <source>my own</source>
        <translation>meine eigene</translation>
    </message>
    <message>
        <source>Whose limit</source>
        <translation>Wessen Grenze</translation>
    </message>
    <message>
        <source>The limit</source>
        <translation>Die Grenze</translation>
    </message>
    <message>
        <source>Where the limit is from</source>
        <translation>Woher die Grenze ist</translation>
    </message>
    <message>
        <source>where it is from: certificate, law</source>
        <translation>woher sie ist: Zertifikat, Recht</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>Allergens by the certificate</source>
        <translation>Allergene nach dem Zertifikat</translation>
    </message>
    <message>
        <source>linalool 30-40, limonene up to 3: per cent</source>
        <translation>Linalool 30-40, Limonen bis zu 3: Prozent</translation>
    </message>
    <message>
        <source>Blended from</source>
        <translation>Gemischt aus</translation>
    </message>
    <message>
        <source>name 60, name 40: parts by weight</source>
        <translation>Name 60, Name 40: Gewichtsteile</translation>
    </message>
    <message>
        <source>For</source>
        <translation>Für</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>A limit</source>
        <translation>Eine Grenze</translation>
    </message>
    <message>
        <source>Allergens</source>
        <translation>Allergene</translation>
    </message>
    <message>
        <source>Say whom it is for</source>
        <translation>Sagen, für wen sie ist</translation>
    </message>
    <message>
        <source>Take %1 of %2</source>
        <translation>%1 von %2 nehmen</translation>
    </message>
    <message>
        <source>Choose one scent first.</source>
        <translation>Wähle zuerst einen Duft.</translation>
    </message>
    <message>
        <source>A limit lies above 0 and up to 50 %.</source>
        <translation>Eine Grenze liegt über 0 und bis 50 %.</translation>
    </message>
    <message>
        <source>“%1” is not understood. Write a name and its per cent.</source>
        <translation>„%1“ wird nicht verstanden. Schreib einen Namen und seine Prozent.</translation>
    </message>
    <message>
        <source>%1, in a jar</source>
        <translation>%1, im Glas</translation>
    </message>
    <message>
        <source>all scents together</source>
        <translation>alle Düfte zusammen</translation>
    </message>
    <message>
        <source>“%1” is not understood. Write a name and its weight.</source>
        <translation>„%1“ wird nicht verstanden. Schreib einen Namen und sein Gewicht.</translation>
    </message>
    <message>
        <source>“%1” is no scent on the shelf.</source>
        <translation>„%1“ ist kein Duft im Regal.</translation>
    </message>
    <message>
        <source>more than its limit</source>
        <translation>mehr als seine Grenze</translation>
    </message>
    <message>
        <source>take %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>Limits written down</source>
        <translation>Aufgeschriebene Grenzen</translation>
    </message>
    <message>
        <source>strike it out</source>
        <translation>ausstreichen</translation>
    </message>
    <message>
        <source>All scents together</source>
        <translation>Alle Düfte zusammen</translation>
    </message>
    <message>
        <source>Lower the scent to its limit</source>
        <translation>Den Duft auf seine Grenze senken</translation>
    </message>
</context>
<context>
    <name>rhexion::SettingsPanel</name>
    <message>
        <source>Settings of this formula</source>
        <translation>Einstellungen dieser Formel</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Leave it as it was</source>
        <translation>Lassen, wie es war</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Lye</source>
        <translation>Alkali</translation>
    </message>
    <message>
        <source>Set superfat</source>
        <translation>Überfettung einstellen</translation>
    </message>
    <message>
        <source>Superfat</source>
        <translation>Überfettung</translation>
    </message>
    <message>
        <source>Let superfat decide the lye again</source>
        <translation>Die Überfettung wieder über das Hydroxid entscheiden lassen</translation>
    </message>
    <message>
        <source>Let superfat decide</source>
        <translation>Überfettung entscheiden lassen</translation>
    </message>
    <message>
        <source>all fat</source>
        <translation>alles Fett</translation>
    </message>
    <message>
        <source>fat in the cook only</source>
        <translation>nur Fett im Kochen</translation>
    </message>
    <message>
        <source>Superfat set on %1</source>
        <translation>Überfettung eingestellt auf %1</translation>
    </message>
    <message>
        <source>Superfat is set on</source>
        <translation>Überfettung gilt für</translation>
    </message>
    <message>
        <source>Hidden fat: %1</source>
        <translation>Verborgenes Fett: %1</translation>
    </message>
    <message>
        <source>Hidden fat and waxes</source>
        <translation>Verborgenes Fett und Wachse</translation>
    </message>
    <message>
        <source>Set potassium share</source>
        <translation>Kaliumanteil einstellen</translation>
    </message>
    <message>
        <source>Potassium lye</source>
        <translation>Kalilauge</translation>
    </message>
    <message>
        <source>Potassium lye as %1</source>
        <translation>Kalilauge als %1</translation>
    </message>
    <message>
        <source>Potassium lye is a</source>
        <translation>Kalilauge ist ein</translation>
    </message>
    <message>
        <source>Purity of the sodium hydroxide</source>
        <translation>Reinheit des Natriumhydroxids</translation>
    </message>
    <message>
        <source>Purity of the potassium hydroxide</source>
        <translation>Reinheit des Kaliumhydroxids</translation>
    </message>
    <message>
        <source>A purity must lie above 0 and at most 100 %.</source>
        <translation>Eine Reinheit muss über 0 und höchstens bei 100 % liegen.</translation>
    </message>
    <message>
        <source>Set purity</source>
        <translation>Reinheit einstellen</translation>
    </message>
    <message>
        <source>Liquid</source>
        <translation>Flüssigkeit</translation>
    </message>
    <message>
        <source>lye strength</source>
        <translation>Laugenkonzentration</translation>
    </message>
    <message>
        <source>water to lye</source>
        <translation>Wasser zu Hydroxid</translation>
    </message>
    <message>
        <source>% of oils</source>
        <translation>% der Öle</translation>
    </message>
    <message>
        <source>less than usual</source>
        <translation>weniger als üblich</translation>
    </message>
    <message>
        <source>State liquid another way</source>
        <translation>Flüssigkeit anders angeben</translation>
    </message>
    <message>
        <source>Set liquid</source>
        <translation>Flüssigkeit einstellen</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Liquid stated as</source>
        <translation>Flüssigkeit angegeben als</translation>
    </message>
    <message>
        <source>Set my usual</source>
        <translation>Mein Übliches einstellen</translation>
    </message>
    <message>
        <source>My usual, water to lye</source>
        <translation>Mein Übliches, Wasser zu Hydroxid</translation>
    </message>
    <message>
        <source>what “less than usual” is less than</source>
        <translation>wovon „weniger als üblich“ weniger ist</translation>
    </message>
    <message>
        <source>Strength counts %1</source>
        <translation>Konzentration zählt %1</translation>
    </message>
    <message>
        <source>Strength counts</source>
        <translation>Konzentration zählt</translation>
    </message>
    <message>
        <source>Jugs and joining</source>
        <translation>Krüge und Zusammenbringen</translation>
    </message>
    <message>
        <source>Set the jug’s strength</source>
        <translation>Die Konzentration im Krug einstellen</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>Strong jug, water to lye</source>
        <translation>Starker Krug, Wasser zu Hydroxid</translation>
    </message>
    <message>
        <source>Set the jug’s temperature</source>
        <translation>Die Temperatur des Krugs einstellen</translation>
    </message>
    <message>
        <source>The jug’s coolest</source>
        <translation>Das Kälteste des Krugs</translation>
    </message>
    <message>
        <source>ice-cold, less lye dissolves; the jug is checked there</source>
        <translation>eiskalt löst sich weniger Hydroxid; der Krug wird dort geprüft</translation>
    </message>
    <message>
        <source>one jug</source>
        <translation>ein Krug</translation>
    </message>
    <message>
        <source>half of it in the second</source>
        <translation>die Hälfte in den zweiten</translation>
    </message>
    <message>
        <source>the potassium hydroxide in the second</source>
        <translation>das Kaliumhydroxid in den zweiten</translation>
    </message>
    <message>
        <source>as stated below</source>
        <translation>wie unten angegeben</translation>
    </message>
    <message>
        <source>Divide the lye</source>
        <translation>Das Hydroxid teilen</translation>
    </message>
    <message>
        <source>Lye in two jugs</source>
        <translation>Hydroxid in zwei Krügen</translation>
    </message>
    <message>
        <source>sodium</source>
        <translation>Natrium</translation>
    </message>
    <message>
        <source>potassium</source>
        <translation>Kalium</translation>
    </message>
    <message>
        <source>Sodium and potassium in the second</source>
        <translation>Natrium und Kalium im zweiten</translation>
    </message>
    <message>
        <source>room temperature</source>
        <translation>Raumtemperatur</translation>
    </message>
    <message>
        <source>both warm</source>
        <translation>beide warm</translation>
    </message>
    <message>
        <source>hot for a cook</source>
        <translation>heiß zum Kochen</translation>
    </message>
    <message>
        <source>Set how warm to join them</source>
        <translation>Einstellen, wie warm zusammengebracht wird</translation>
    </message>
    <message>
        <source>Jug and pot are joined</source>
        <translation>Krug und Topf kommen zusammen</translation>
    </message>
    <message>
        <source>within</source>
        <translation>höchstens auseinander</translation>
    </message>
    <message>
        <source>At, and within</source>
        <translation>Bei, und höchstens auseinander</translation>
    </message>
    <message>
        <source>My way</source>
        <translation>Mein Weg</translation>
    </message>
    <message>
        <source>Keep these settings as my way</source>
        <translation>Diese Einstellungen als meinen Weg behalten</translation>
    </message>
    <message>
        <source>Take my way for this formula</source>
        <translation>Meinen Weg für diese Formel nehmen</translation>
    </message>
    <message>
        <source>Forget my way</source>
        <translation>Meinen Weg vergessen</translation>
    </message>
    <message>
        <source>Where makers differ, side by side</source>
        <translation>Wo Siedende uneins sind, nebeneinander</translation>
    </message>
    <message>
        <source>Take my way</source>
        <translation>Meinen Weg nehmen</translation>
    </message>
    <message>
        <source>Superfat, result</source>
        <translation>Überfettung, Ergebnis</translation>
    </message>
    <message>
        <source>New formulas begin with %1.</source>
        <translation>Neue Formeln beginnen mit %1.</translation>
    </message>
    <message>
        <source>New formulas begin as they come. Keep your usual settings here, and they begin your way.</source>
        <translation>Neue Formeln beginnen, wie sie kommen. Behalte hier deine üblichen Einstellungen, dann beginnen sie auf deine Art.</translation>
    </message>
</context>
<context>
    <name>rhexion::SettingsStrip</name>
    <message>
        <source>lye strength</source>
        <translation>Laugenkonzentration</translation>
    </message>
    <message>
        <source>water to lye</source>
        <translation>Wasser zu Hydroxid</translation>
    </message>
    <message>
        <source>% of oils</source>
        <translation>% der Öle</translation>
    </message>
    <message>
        <source>less than usual</source>
        <translation>weniger als üblich</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>A strong jug: grams of water for each gram of lye in the jug alone. The rest of the liquid goes elsewhere. Empty: off.</source>
        <translation>Ein starker Krug: Gramm Wasser je Gramm Hydroxid, nur im Krug. Die übrige Flüssigkeit kommt anderswohin. Leer: aus.</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>nicht gezählt</translation>
    </message>
    <message>
        <source>surely there</source>
        <translation>sicher da</translation>
    </message>
    <message>
        <source>typical</source>
        <translation>typisch</translation>
    </message>
    <message>
        <source>The fat in milk, egg or coconut milk: left out, what is surely there, or its typical figure.</source>
        <translation>Das Fett in Milch, Ei oder Kokosmilch: ausgelassen, was sicher da ist, oder sein typischer Wert.</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Einstellungen …</translation>
    </message>
    <message>
        <source>Purity, what strength counts, two jugs, your usual way (Ctrl+,)</source>
        <translation>Reinheit, was die Konzentration zählt, zwei Krüge, dein üblicher Weg (Strg+,)</translation>
    </message>
    <message>
        <source>The share of the fat that is to stay free: less lye is weighed.</source>
        <translation>Der Anteil des Fetts, der frei bleiben soll: es wird weniger Hydroxid gewogen.</translation>
    </message>
    <message>
        <source>How much of the lye is potassium hydroxide, counted as the settings say.</source>
        <translation>Wie viel vom Hydroxid Kaliumhydroxid ist, gezählt, wie die Einstellungen sagen.</translation>
    </message>
    <message>
        <source>Four ways to say how much liquid there is; each is the same thing said differently, and the others are shown beside it.</source>
        <translation>Vier Arten zu sagen, wie viel Flüssigkeit da ist; jede sagt dasselbe anders, und die anderen stehen daneben.</translation>
    </message>
    <message>
        <source>Superfat</source>
        <translation>Überfettung</translation>
    </message>
    <message>
        <source>Potassium lye</source>
        <translation>Kalilauge</translation>
    </message>
    <message>
        <source>Liquid stated as</source>
        <translation>Flüssigkeit angegeben als</translation>
    </message>
    <message>
        <source>Strong jug</source>
        <translation>Starker Krug</translation>
    </message>
    <message>
        <source>Hidden fat</source>
        <translation>Verborgenes Fett</translation>
    </message>
    <message>
        <source>All oils</source>
        <translation>Alle Öle</translation>
    </message>
    <message>
        <source>Set superfat</source>
        <translation>Überfettung einstellen</translation>
    </message>
    <message>
        <source>Set potassium share</source>
        <translation>Kaliumanteil einstellen</translation>
    </message>
    <message>
        <source>State liquid another way</source>
        <translation>Flüssigkeit anders angeben</translation>
    </message>
    <message>
        <source>Set liquid</source>
        <translation>Flüssigkeit einstellen</translation>
    </message>
    <message>
        <source>Set the jug’s strength</source>
        <translation>Die Konzentration im Krug einstellen</translation>
    </message>
    <message>
        <source>Hidden fat: %1</source>
        <translation>Verborgenes Fett: %1</translation>
    </message>
    <message>
        <source>Set the mass of all oils</source>
        <translation>Die Masse aller Öle einstellen</translation>
    </message>
    <message>
        <source>Superfat, result</source>
        <translation>Überfettung, Ergebnis</translation>
    </message>
    <message>
        <source>Potassium hydroxide: %1</source>
        <translation>Kaliumhydroxid: %1</translation>
    </message>
</context>
<context>
    <name>rhexion::SheetActions</name>
    <message>
        <source>&amp;Print the batch sheet…</source>
        <translation>Chargenblatt &amp;drucken …</translation>
    </message>
    <message>
        <source>Batch sheet as P&amp;DF…</source>
        <translation>Char&amp;genblatt als PDF …</translation>
    </message>
    <message>
        <source>Print the &amp;working with it</source>
        <translation>Den Rechen&amp;weg mitdrucken</translation>
    </message>
    <message>
        <source>Batch sheet as PDF</source>
        <translation>Chargenblatt als PDF</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>The batch sheet as it will be printed</source>
        <translation>Das Chargenblatt, wie es gedruckt wird</translation>
    </message>
    <message>
        <source>Loo&amp;k at it before printing…</source>
        <translation>&amp;Vor dem Drucken ansehen …</translation>
    </message>
</context>
<context>
    <name>rhexion::ShelfDrawer</name>
    <message>
        <source>From the shelf</source>
        <translation>Aus dem Regal</translation>
    </message>
    <message>
        <source>Search the shelf</source>
        <translation>Das Regal durchsuchen</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Rohstoffe</translation>
    </message>
    <message>
        <source>Put it on the typing line</source>
        <translation>Auf die Tippzeile setzen</translation>
    </message>
    <message>
        <source>Nothing on the shelf matches.</source>
        <translation>Nichts im Regal passt.</translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation>%1: %2. %3</translation>
    </message>
</context>
<context>
    <name>rhexion::ShelfList</name>
    <message>
        <source>Search: quince, sheep milk, rosin…</source>
        <translation>Suchen: Quitte, Schafmilch, Kolophonium …</translation>
    </message>
    <message>
        <source>Search the shelf</source>
        <translation>Das Regal durchsuchen</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Every kind</source>
        <translation>Jede Art</translation>
    </message>
    <message>
        <source>Where it stands</source>
        <translation>Wo es steht</translation>
    </message>
    <message>
        <source>Everywhere</source>
        <translation>Überall</translation>
    </message>
    <message>
        <source>Catalogue</source>
        <translation>Katalog</translation>
    </message>
    <message>
        <source>My own</source>
        <translation>Eigene</translation>
    </message>
    <message>
        <source>Lots</source>
        <translation>Lose</translation>
    </message>
    <message>
        <source>Foods table</source>
        <translation>Lebensmitteltabelle</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Rohstoffe</translation>
    </message>
    <message>
        <source>New material of my own…</source>
        <translation>Neuer eigener Rohstoff …</translation>
    </message>
    <message>
        <source>Bring in…</source>
        <translation>Hereinholen …</translation>
    </message>
    <message>
        <source>Own materials from a CSV or JSON file</source>
        <translation>Eigene Rohstoffe aus einer CSV- oder JSON-Datei</translation>
    </message>
    <message>
        <source>Write out…</source>
        <translation>Hinausschreiben …</translation>
    </message>
    <message>
        <source>Own materials to a CSV or JSON file</source>
        <translation>Eigene Rohstoffe in eine CSV- oder JSON-Datei</translation>
    </message>
    <message>
        <source>What is low, and deliveries…</source>
        <translation>Was knapp ist, und Lieferungen …</translation>
    </message>
    <message numerus="yes">
        <source>%n material(s)</source>
        <translation>
            <numerusform>%n Rohstoff</numerusform>
            <numerusform>%n Rohstoffe</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::ShelfPage</name>
    <message>
        <source>%1, another</source>
        <translation>%1, weiterer</translation>
    </message>
    <message>
        <source>%1, my own</source>
        <translation>%1, eigener</translation>
    </message>
    <message>
        <source>Brought in from %1</source>
        <translation>Hereingeholt aus %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Bring in own materials</source>
        <translation>Eigene Rohstoffe hereinholen</translation>
    </message>
    <message>
        <source>Tables and materials (*.csv *.tsv *.txt *.json)</source>
        <translation>Tabellen und Rohstoffe (*.csv *.tsv *.txt *.json)</translation>
    </message>
    <message>
        <source>Write out own materials</source>
        <translation>Eigene Rohstoffe hinausschreiben</translation>
    </message>
    <message>
        <source>CSV (*.csv);;JSON (*.json)</source>
        <translation>CSV (*.csv);;JSON (*.json)</translation>
    </message>
</context>
<context>
    <name>rhexion::SidePanel</name>
    <message>
        <source>Back to figures</source>
        <translation>Zurück zu den Werten</translation>
    </message>
</context>
<context>
    <name>rhexion::SlipPanel</name>
    <message>
        <source>I have already…</source>
        <translation>Ich habe schon …</translation>
    </message>
    <message>
        <source>What went wrong</source>
        <translation>Was schiefging</translation>
    </message>
    <message>
        <source>forgotten the acid’s lye</source>
        <translation>das Alkali der Säure vergessen</translation>
    </message>
    <message>
        <source>put in several times the lye</source>
        <translation>ein Mehrfaches vom Hydroxid hineingegeben</translation>
    </message>
    <message>
        <source>used the other citric acid</source>
        <translation>die andere Zitronensäure genommen</translation>
    </message>
    <message>
        <source>left something out</source>
        <translation>etwas weggelassen</translation>
    </message>
    <message>
        <source>put in too much of something</source>
        <translation>zu viel von etwas hineingegeben</translation>
    </message>
    <message>
        <source>added an acid late</source>
        <translation>eine Säure spät zugegeben</translation>
    </message>
    <message>
        <source>all acids</source>
        <translation>alle Säuren</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Welche</translation>
    </message>
    <message>
        <source>How many times the planned lye</source>
        <translation>Wie vielmal das geplante Hydroxid</translation>
    </message>
    <message>
        <source>How much too much</source>
        <translation>Wie viel zu viel</translation>
    </message>
    <message>
        <source>How much</source>
        <translation>Wie viel</translation>
    </message>
    <message>
        <source>Say which and how much above; there is nothing to reckon yet.</source>
        <translation>Sag oben, welches und wie viel; noch gibt es nichts zu rechnen.</translation>
    </message>
    <message>
        <source>The bowl now: true superfat %1 in place of %2, strength %3 in place of %4.</source>
        <translation>Die Schüssel jetzt: wahre Überfettung %1 statt %2, Konzentration %3 statt %4.</translation>
    </message>
    <message>
        <source>How sure: 9 in 10 lie between %1 and %2.</source>
        <translation>Wie sicher: 9 von 10 liegen zwischen %1 und %2.</translation>
    </message>
    <message>
        <source>Stop here. Mending it would take more than half the oils again. Gloves and goggles on; let it set in a closed, labelled plastic tub out of everyone’s reach, and take it to your local collection of household chemicals.</source>
        <translation>Hör hier auf. Das Beheben bräuchte noch einmal mehr als die halben Öle. Handschuhe und Schutzbrille an; lass es in einem geschlossenen, beschrifteten Kunststoffeimer fest werden, außer Reichweite aller, und bring es zur örtlichen Sammelstelle für Haushaltschemikalien.</translation>
    </message>
    <message>
        <source>That is within what a kitchen scale can tell: go on.</source>
        <translation>Das liegt innerhalb dessen, was eine Küchenwaage unterscheiden kann: mach weiter.</translation>
    </message>
    <message>
        <source>To mend it:</source>
        <translation>Um es zu beheben:</translation>
    </message>
    <message>
        <source>To mend it, in this order; where it says “or”, one will do:</source>
        <translation>Um es zu beheben, in dieser Reihenfolge; wo „oder“ steht, reicht eines:</translation>
    </message>
    <message>
        <source>Until then there is lye left over: gloves and goggles stay on.</source>
        <translation>Bis dahin ist Lauge übrig: Handschuhe und Schutzbrille bleiben an.</translation>
    </message>
</context>
<context>
    <name>rhexion::StandinScale</name>
    <message>
        <source>Stand-in scale</source>
        <translation>Ersatzwaage</translation>
    </message>
</context>
<context>
    <name>rhexion::StartsWindow</name>
    <message>
        <source>Starting points</source>
        <translation>Ausgangspunkte</translation>
    </message>
    <message>
        <source>Open a copy on the bench</source>
        <translation>Eine Kopie auf der Werkbank öffnen</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>rhexion::StepCard</name>
    <message>
        <source>When you have mended it, press its step in the list and type what is in there now.</source>
        <translation>Wenn du es behoben hast, drücke seinen Schritt in der Liste und tippe, was jetzt darin ist.</translation>
    </message>
    <message>
        <source>How did it go? A line for the journal.</source>
        <translation>Wie ging es? Eine Zeile fürs Tagebuch.</translation>
    </message>
    <message>
        <source>Note for the journal</source>
        <translation>Notiz fürs Tagebuch</translation>
    </message>
    <message>
        <source>Take the last one back</source>
        <translation>Das Letzte zurücknehmen</translation>
    </message>
    <message>
        <source>Also went in: 12 g water</source>
        <translation>Kam auch hinein: 12 g Wasser</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>Is this right?</source>
        <translation>Ist das richtig?</translation>
    </message>
    <message>
        <source>How it looks when it is right or wrong, and what to do (H)</source>
        <translation>Wie es richtig oder falsch aussieht, und was zu tun ist (H)</translation>
    </message>
    <message>
        <source>Trouble…</source>
        <translation>Ärger …</translation>
    </message>
    <message>
        <source>Something happened: a spill, a slip, something else in its place</source>
        <translation>Etwas ist passiert: verschüttet, vertan, etwas anderes statt dessen</translation>
    </message>
    <message>
        <source>Right: %1</source>
        <translation>Richtig: %1</translation>
    </message>
    <message>
        <source>STOP. %1: %2</source>
        <translation>HALT. %1: %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1; the scale is %2.</source>
        <translation>%1; die Waage ist %2.</translation>
    </message>
    <message>
        <source>Really weighed</source>
        <translation>Wirklich gewogen</translation>
    </message>
    <message>
        <source>as planned</source>
        <translation>wie geplant</translation>
    </message>
    <message>
        <source>+ this scoop</source>
        <translation>+ diese Schaufel</translation>
    </message>
    <message>
        <source>Adds what the scale shows and sets it to zero for the next scoop</source>
        <translation>Zählt dazu, was die Waage zeigt, und stellt sie für die nächste Schaufel auf null</translation>
    </message>
    <message>
        <source>Zero (T)</source>
        <translation>Null (T)</translation>
    </message>
    <message>
        <source>Sets what lies on the scale now to zero</source>
        <translation>Stellt auf null, was jetzt auf der Waage liegt</translation>
    </message>
</context>
<context>
    <name>rhexion::StepList</name>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
</context>
<context>
    <name>rhexion::Stock</name>
    <message>
        <source>%1, lot %2</source>
        <translation>%1, Los %2</translation>
    </message>
</context>
<context>
    <name>rhexion::StockDelegate</name>
    <message>
        <source>lot %1</source>
        <translation>Los %1</translation>
    </message>
    <message>
        <source>put away</source>
        <translation>weggelegt</translation>
    </message>
</context>
<context>
    <name>rhexion::StockLyePanel</name>
    <message>
        <source>Lye made ahead</source>
        <translation>Lauge auf Vorrat</translation>
    </message>
    <message>
        <source>Which lye</source>
        <translation>Welche Lauge</translation>
    </message>
    <message>
        <source>How strong</source>
        <translation>Wie stark</translation>
    </message>
    <message>
        <source>For so many of this batch</source>
        <translation>Für so viele dieser Charge</translation>
    </message>
    <message>
        <source>To spare, for what clings</source>
        <translation>Zugabe für das, was hängen bleibt</translation>
    </message>
    <message>
        <source>It is made: keep it on the shelf and use it here</source>
        <translation>Sie ist angesetzt: ins Regal damit und hier nehmen</translation>
    </message>
    <message>
        <source>This formula uses a ready lye already: %1. Each batch takes %2 of it.</source>
        <translation>Diese Formel nimmt schon eine fertige Lauge: %1. Jede Charge nimmt %2 davon.</translation>
    </message>
    <message>
        <source>That lye cannot be made: it must be one this formula uses, no stronger than its purity, and dissolve at %1.</source>
        <translation>Diese Lauge lässt sich nicht ansetzen: es muss eine sein, die diese Formel nimmt, nicht stärker als ihre Reinheit, und sie muss sich bei %1 lösen.</translation>
    </message>
    <message>
        <source>Lye into the water, never the reverse, in portions; let it cool, and close it. Write strength, day and “caustic” on it.</source>
        <translation>Hydroxid ins Wasser, nie umgekehrt, in Portionen; abkühlen lassen und verschließen. Schreib Konzentration, Tag und „ätzend“ darauf.</translation>
    </message>
    <message>
        <source>%1 pure</source>
        <translation>%1 rein</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>Makes</source>
        <translation>Ergibt</translation>
    </message>
    <message>
        <source>%1 to %2 strong, by the purity’s doubt</source>
        <translation>%1 bis %2 stark, je nach Reinheit</translation>
    </message>
    <message>
        <source>Each batch takes</source>
        <translation>Jede Charge nimmt</translation>
    </message>
    <message>
        <source>Below about %1 it crystallises: warm it and stir it clear before weighing.</source>
        <translation>Unter etwa %1 kristallisiert sie: wärme sie und rühre sie klar, bevor du wiegst.</translation>
    </message>
    <message>
        <source>It stays clear in a cool room.</source>
        <translation>In einem kühlen Raum bleibt sie klar.</translation>
    </message>
    <message>
        <source>Made ahead from %1 of %2 and %3 of water</source>
        <translation>Angesetzt aus %1 %2 und %3 Wasser</translation>
    </message>
    <message>
        <source>made %1</source>
        <translation>gemacht %1</translation>
    </message>
    <message>
        <source>Use the lye made ahead</source>
        <translation>Die Lauge vom Vorrat nehmen</translation>
    </message>
</context>
<context>
    <name>rhexion::StockModel</name>
    <message>
        <source>%1, your own</source>
        <translation>%1, eigener</translation>
    </message>
    <message>
        <source>%1, a lot</source>
        <translation>%1, ein Los</translation>
    </message>
    <message>
        <source>%1, foods table</source>
        <translation>%1, Lebensmitteltabelle</translation>
    </message>
</context>
<context>
    <name>rhexion::StockWindow</name>
    <message>
        <source>Stock and deliveries</source>
        <translation>Vorrat und Lieferungen</translation>
    </message>
    <message>
        <source>The shelf as it is now</source>
        <translation>Das Regal, wie es jetzt ist</translation>
    </message>
    <message>
        <source>A delivery: one line a jar</source>
        <translation>Eine Lieferung: eine Zeile je Glas</translation>
    </message>
    <message>
        <source>Came on</source>
        <translation>Gekommen am</translation>
    </message>
    <message>
        <source>from whom</source>
        <translation>von wem</translation>
    </message>
    <message>
        <source>From whom</source>
        <translation>Von wem</translation>
    </message>
    <message>
        <source>shipping</source>
        <translation>Versand</translation>
    </message>
    <message>
        <source>Shipping, shared by what each line costs</source>
        <translation>Versand, geteilt nach dem, was jede Zeile kostet</translation>
    </message>
    <message>
        <source>Put it on the shelf</source>
        <translation>Ins Regal damit</translation>
    </message>
    <message>
        <source>Jars of the delivery</source>
        <translation>Gläser der Lieferung</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Rohstoff</translation>
    </message>
    <message>
        <source>written on the jar</source>
        <translation>steht auf dem Glas</translation>
    </message>
    <message>
        <source>grams</source>
        <translation>Gramm</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>best before, such as 2027-03-01</source>
        <translation>mindestens haltbar, etwa 2027-03-01</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>how many grams came?</source>
        <translation>wie viel Gramm kamen?</translation>
    </message>
    <message>
        <source>“%1” is no price.</source>
        <translation>„%1“ ist kein Preis.</translation>
    </message>
    <message>
        <source>“%1” is no date such as 2027-03-01.</source>
        <translation>„%1“ ist kein Datum wie 2027-03-01.</translation>
    </message>
    <message>
        <source>Nothing is written in the lines yet.</source>
        <translation>Noch steht nichts in den Zeilen.</translation>
    </message>
    <message>
        <source>The delivery is on the shelf.</source>
        <translation>Die Lieferung ist im Regal.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
</context>
<context>
    <name>rhexion::SuggestionList</name>
    <message>
        <source>What it could be</source>
        <translation>Was es sein könnte</translation>
    </message>
</context>
<context>
    <name>rhexion::TermsWindow</name>
    <message>
        <source>Money, label and card</source>
        <translation>Geld, Etikett und Karte</translation>
    </message>
    <message>
        <source>Cure and tests</source>
        <translation>Reifung und Tests</translation>
    </message>
    <message>
        <source>Egg and milk soap rests eight weeks</source>
        <translation>Ei- und Milchseife ruht acht Wochen</translation>
    </message>
    <message>
        <source>Free caustic is within the limit to</source>
        <translation>Freies Ätzalkali liegt in der Grenze bis</translation>
    </message>
    <message>
        <source>and not to be used above</source>
        <translation>und nicht zu benutzen über</translation>
    </message>
    <message>
        <source>Money</source>
        <translation>Geld</translation>
    </message>
    <message>
        <source>Money is called</source>
        <translation>Das Geld heißt</translation>
    </message>
    <message>
        <source>Packaging of a bar</source>
        <translation>Verpackung eines Stücks</translation>
    </message>
    <message>
        <source>A batch takes</source>
        <translation>Eine Charge dauert</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>An hour of work; 0 leaves it out</source>
        <translation>Eine Stunde Arbeit; 0 lässt sie aus</translation>
    </message>
    <message>
        <source>Energy for a batch</source>
        <translation>Energie für eine Charge</translation>
    </message>
    <message>
        <source>Price over cost</source>
        <translation>Preis über Kosten</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>Tax on the price</source>
        <translation>Steuer auf den Preis</translation>
    </message>
    <message>
        <source>Prices of jars hold a tax that is taken off</source>
        <translation>Preise der Gläser enthalten eine Steuer, die abgezogen wird</translation>
    </message>
    <message>
        <source>That tax</source>
        <translation>Diese Steuer</translation>
    </message>
    <message>
        <source>Lost in peeling and straining</source>
        <translation>Verloren beim Schälen und Seihen</translation>
    </message>
    <message>
        <source>An order takes</source>
        <translation>Eine Bestellung dauert</translation>
    </message>
    <message>
        <source>weeks</source>
        <translation>Wochen</translation>
    </message>
    <message>
        <source>Bars to keep of what is made again</source>
        <translation>Stücke, die von Wiederholtem bleiben sollen</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Etikett</translation>
    </message>
    <message>
        <source>ingredients as added</source>
        <translation>Bestandteile wie zugegeben</translation>
    </message>
    <message>
        <source>ingredients as in the finished soap</source>
        <translation>Bestandteile wie in der fertigen Seife</translation>
    </message>
    <message>
        <source>average system</source>
        <translation>Mittelwertprinzip</translation>
    </message>
    <message>
        <source>minimum system</source>
        <translation>Mindestmengenprinzip</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Namen</translation>
    </message>
    <message>
        <source>Net weight</source>
        <translation>Nettogewicht</translation>
    </message>
    <message>
        <source>A QR code of the batch code</source>
        <translation>Ein QR-Code der Chargennummer</translation>
    </message>
    <message>
        <source>Who answers for it</source>
        <translation>Wer dafür einsteht</translation>
    </message>
    <message>
        <source>Sheet, across</source>
        <translation>Bogen, quer</translation>
    </message>
    <message>
        <source>Sheet, down</source>
        <translation>Bogen, hoch</translation>
    </message>
    <message>
        <source>First label from the left</source>
        <translation>Erstes Etikett von links</translation>
    </message>
    <message>
        <source>First label from the top</source>
        <translation>Erstes Etikett von oben</translation>
    </message>
    <message>
        <source>A label, across</source>
        <translation>Ein Etikett, quer</translation>
    </message>
    <message>
        <source>A label, down</source>
        <translation>Ein Etikett, hoch</translation>
    </message>
    <message>
        <source>Gap across</source>
        <translation>Lücke quer</translation>
    </message>
    <message>
        <source>Gap down</source>
        <translation>Lücke hoch</translation>
    </message>
    <message>
        <source>Labels across</source>
        <translation>Etiketten quer</translation>
    </message>
    <message>
        <source>Labels down</source>
        <translation>Etiketten hoch</translation>
    </message>
    <message>
        <source>Customer&apos;s card</source>
        <translation>Karte für die Kundschaft</translation>
    </message>
    <message>
        <source>Words that are looked at twice, one a line</source>
        <translation>Wörter, die zweimal angesehen werden, eines je Zeile</translation>
    </message>
    <message>
        <source>So many labels of that size do not lie on the sheet; the sheet stays as it was.</source>
        <translation>So viele Etiketten dieser Größe liegen nicht auf dem Bogen; der Bogen bleibt, wie er war.</translation>
    </message>
</context>
<context>
    <name>rhexion::TestChapter</name>
    <message>
        <source>How it was tested</source>
        <translation>Wie getestet wurde</translation>
    </message>
    <message>
        <source>Free caustic, titrated in alcohol</source>
        <translation>Freies Ätzalkali, in Alkohol titriert</translation>
    </message>
    <message>
        <source>Total, acid titrated back</source>
        <translation>Gesamtes, Säure zurücktitriert</translation>
    </message>
    <message>
        <source>A drop of phenolphthalein</source>
        <translation>Ein Tropfen Phenolphthalein</translation>
    </message>
    <message>
        <source>What the drop did</source>
        <translation>Was der Tropfen tat</translation>
    </message>
    <message>
        <source>no pink</source>
        <translation>kein Rosa</translation>
    </message>
    <message>
        <source>pink at once</source>
        <translation>sofort rosa</translation>
    </message>
    <message>
        <source>Write the test down</source>
        <translation>Den Test aufschreiben</translation>
    </message>
    <message>
        <source>Free alkali</source>
        <translation>Freies Alkali</translation>
    </message>
    <message>
        <source>acid used</source>
        <translation>verbrauchte Säure</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>Blindwert</translation>
    </message>
    <message>
        <source>acid strength</source>
        <translation>Stärke der Säure</translation>
    </message>
    <message>
        <source>soap</source>
        <translation>Seife</translation>
    </message>
    <message>
        <source>acid added</source>
        <translation>zugegebene Säure</translation>
    </message>
    <message>
        <source>base used</source>
        <translation>verbrauchte Lauge</translation>
    </message>
    <message>
        <source>base strength</source>
        <translation>Stärke der Lauge</translation>
    </message>
</context>
<context>
    <name>rhexion::TimersBar</name>
    <message>
        <source>Timer</source>
        <translation>Wecker</translation>
    </message>
    <message>
        <source>Set a timer, named after this step (M)</source>
        <translation>Einen Wecker stellen, der wie dieser Schritt heißt (M)</translation>
    </message>
    <message>
        <source>Set a timer</source>
        <translation>Einen Wecker stellen</translation>
    </message>
    <message numerus="yes">
        <source>%n minute(s)</source>
        <translation>
            <numerusform>%n Minute</numerusform>
            <numerusform>%n Minuten</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: time is up</source>
        <translation>%1: die Zeit ist um</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: time is up. Press to put it away.</source>
        <translation>%1: die Zeit ist um. Drücke, um ihn wegzulegen.</translation>
    </message>
    <message>
        <source>%1, %2 left. Press to stop it.</source>
        <translation>%1, noch %2. Drücke, um ihn anzuhalten.</translation>
    </message>
    <message>
        <source>%1: time is up.</source>
        <translation>%1: die Zeit ist um.</translation>
    </message>
    <message>
        <source>Stop: stir by hand now</source>
        <translation>Halt: jetzt von Hand rühren</translation>
    </message>
    <message>
        <source>Blending %1 (B)</source>
        <translation>Püriert %1 (B)</translation>
    </message>
    <message>
        <source>Blend (B)</source>
        <translation>Pürieren (B)</translation>
    </message>
    <message numerus="yes">
        <source>Blend (B): %n burst(s), %1</source>
        <translation>
            <numerusform>Pürieren (B): %n Stoß, %1</numerusform>
            <numerusform>Pürieren (B): %n Stöße, %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Lye met oil %1 ago</source>
        <translation>Lauge traf Öl vor %1</translation>
    </message>
</context>
<context>
    <name>rhexion::TogetherView</name>
    <message>
        <source>Which outcome</source>
        <translation>Welches Ergebnis</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>hours since it was poured</source>
        <translation>Stunden seit dem Gießen</translation>
    </message>
    <message>
        <source>days since the first weighing</source>
        <translation>Tage seit der ersten Wägung</translation>
    </message>
    <message>
        <source>core, °F</source>
        <translation>Kern, °F</translation>
    </message>
    <message>
        <source>core, °C</source>
        <translation>Kern, °C</translation>
    </message>
    <message>
        <source>weight, % of the first</source>
        <translation>Gewicht, % des ersten</translation>
    </message>
</context>
<context>
    <name>rhexion::TopicPanel</name>
    <message>
        <source>Print or copy what is said here</source>
        <translation>Drucken oder kopieren, was hier steht</translation>
    </message>
    <message>
        <source>Print or copy</source>
        <translation>Drucken oder kopieren</translation>
    </message>
    <message>
        <source>Look at it and print…</source>
        <translation>Ansehen und drucken …</translation>
    </message>
    <message>
        <source>Keep as PDF…</source>
        <translation>Als PDF behalten …</translation>
    </message>
    <message>
        <source>Copy as text</source>
        <translation>Als Text kopieren</translation>
    </message>
</context>
<context>
    <name>rhexion::Tour</name>
    <message>
        <source>Three oils stand in the pot, typed for you on the line in the middle. On the right is the lye they take. Press any figure there: its whole sum opens.</source>
        <translation>Drei Öle stehen im Topf, für dich auf der Zeile in der Mitte getippt. Rechts steht das Hydroxid, das sie nehmen. Drücke dort auf irgendeinen Wert: sein ganzer Rechenweg öffnet sich.</translation>
    </message>
    <message>
        <source>400 g olive oil
150 g coconut oil
50 g castor oil</source>
        <translation>400 g Olivenöl
150 g Kokosöl
50 g Rizinusöl</translation>
    </message>
    <message>
        <source>Superfat, in the settings above, is the fat that stays free, your margin for what nobody knows exactly. Move it and watch the lye.</source>
        <translation>Überfettung, oben in den Einstellungen, ist das Fett, das frei bleibt, dein Spielraum für das, was niemand genau weiß. Verändere sie und sieh dem Hydroxid zu.</translation>
    </message>
    <message>
        <source>Now the liquid is buttermilk. The rest takes whatever water is still wanted. Look at the water account below: every source counts, and the fat of the milk is counted too.</source>
        <translation>Jetzt ist die Flüssigkeit Buttermilch. Der Rest nimmt, was an Wasser noch gewünscht ist. Sieh dir unten die Wasserrechnung an: jede Quelle zählt, und auch das Fett der Milch zählt.</translation>
    </message>
    <message>
        <source>rest buttermilk frozen</source>
        <translation>Rest Buttermilch gefroren</translation>
    </message>
    <message>
        <source>An acid takes lye before any oil does. See the lye rise by what the citric acid takes, and superfat stay as you meant it.</source>
        <translation>Eine Säure nimmt Alkali vor jedem Öl. Sieh, wie das Hydroxid um das steigt, was die Zitronensäure nimmt, und die Überfettung bleibt, wie du sie wolltest.</translation>
    </message>
    <message>
        <source>2 % citric acid monohydrate in the jug</source>
        <translation>2 % Zitronensäure-Monohydrat in den Krug</translation>
    </message>
    <message>
        <source>How sure is it? Under the superfat stands the band it lies in nine times of ten, and which figure to firm up first. The cautions below each have their reason.</source>
        <translation>Wie sicher ist das? Unter der Überfettung steht das Band, in dem sie neunmal von zehn liegt, und welcher Wert zuerst zu sichern ist. Die Warnungen darunter haben alle ihren Grund.</translation>
    </message>
    <message>
        <source>Here the day is laid out: what to do when, with its reasons. “Make this batch” would begin it, and “Rehearse it” plays it with nothing caustic.</source>
        <translation>Hier liegt der Tag ausgebreitet: was wann zu tun ist, mit Gründen. „Diese Charge sieden“ würde ihn beginnen, und „Ihn proben“ spielt ihn mit nichts Ätzendem durch.</translation>
    </message>
    <message>
        <source>New here? A tour of six steps builds a formula on this bench and says what is what. It can be left at any step, and waits under Help.</source>
        <translation>Neu hier? Ein Rundgang von sechs Schritten baut auf dieser Werkbank eine Formel auf und sagt, was was ist. Er lässt sich bei jedem Schritt verlassen und wartet unter Hilfe.</translation>
    </message>
    <message>
        <source>Take the tour</source>
        <translation>Den Rundgang machen</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Nicht jetzt</translation>
    </message>
    <message>
        <source>Step %1 of %2. %3</source>
        <translation>Schritt %1 von %2. %3</translation>
    </message>
    <message>
        <source>Read on</source>
        <translation>Weiterlesen</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
</context>
<context>
    <name>rhexion::TroublePanel</name>
    <message>
        <source>What happened?</source>
        <translation>Was ist passiert?</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Was geschah</translation>
    </message>
    <message>
        <source>More or less of something went in</source>
        <translation>Von etwas kam mehr oder weniger hinein</translation>
    </message>
    <message>
        <source>Spilled, or thrown away</source>
        <translation>Verschüttet oder weggeworfen</translation>
    </message>
    <message>
        <source>Something else in its place</source>
        <translation>Etwas anderes statt dessen</translation>
    </message>
    <message>
        <source>Something is still on the counter</source>
        <translation>Etwas steht noch auf dem Tisch</translation>
    </message>
    <message>
        <source>Lye went in wrong</source>
        <translation>Lauge kam falsch hinein</translation>
    </message>
    <message>
        <source>A near miss: splash, fumes, spill</source>
        <translation>Beinahe passiert: Spritzer, Dämpfe, Verschüttetes</translation>
    </message>
    <message>
        <source>Which</source>
        <translation>Welche</translation>
    </message>
    <message>
        <source>What stands in its place</source>
        <translation>Was statt dessen darin ist</translation>
    </message>
    <message>
        <source>such as mango butter</source>
        <translation>etwa Mangobutter</translation>
    </message>
    <message>
        <source>Take %1</source>
        <translation>%1 nehmen</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>How much</source>
        <translation>Wie viel</translation>
    </message>
    <message>
        <source>Back to the step</source>
        <translation>Zurück zum Schritt</translation>
    </message>
    <message>
        <source>share of it</source>
        <translation>Anteil davon</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>That is gone</source>
        <translation>Das ist weg</translation>
    </message>
    <message>
        <source>What was weighed so far needs no mend. If more or less went in, press its step in the list and type what is in there now.</source>
        <translation>Was bisher gewogen wurde, braucht nichts. Wenn mehr oder weniger hineinkam, drücke seinen Schritt in der Liste und tippe, was jetzt darin ist.</translation>
    </message>
    <message>
        <source>One of these will do:</source>
        <translation>Eines davon reicht:</translation>
    </message>
    <message>
        <source>How much of what is here is gone: %1, %2 in all. The rest keeps its make-up; weigh what is still to come by the same share.</source>
        <translation>Wie viel von dem, was hier ist, ist weg: %1, %2 im Ganzen. Der Rest behält seine Zusammensetzung; wiege, was noch kommt, um denselben Anteil weniger.</translation>
    </message>
    <message>
        <source>The same grams of something else: what that makes of the batch is shown at once, and can be taken back by choosing the first again.</source>
        <translation>Dieselben Gramm von etwas anderem: was das aus der Charge macht, steht sofort da und lässt sich zurücknehmen, indem du wieder das Erste wählst.</translation>
    </message>
    <message>
        <source>%1 was left out: press its step in the list to weigh it after all.</source>
        <translation>%1 wurde weggelassen: drücke den Schritt in der Liste, um es doch zu wiegen.</translation>
    </message>
    <message>
        <source>Nothing that was weighed waits in a cup.</source>
        <translation>Nichts Gewogenes wartet in einem Becher.</translation>
    </message>
    <message>
        <source>Then say what is in there: press the lye’s step in the list and type how much went in. If it went into another vessel, put it down as spilled there.</source>
        <translation>Dann sag, was darin ist: drücke den Schritt des Hydroxids in der Liste und tippe, wie viel hineinkam. Kam es in ein anderes Gefäß, schreib es dort als verschüttet auf.</translation>
    </message>
    <message>
        <source>It is kept with the batch, so that the next one is safer.</source>
        <translation>Es bleibt bei der Charge, damit die nächste sicherer wird.</translation>
    </message>
    <message>
        <source>Done so</source>
        <translation>So gemacht</translation>
    </message>
    <message>
        <source>Done so: %1</source>
        <translation>So gemacht: %1</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>Leave it: this is what you get</source>
        <translation>So lassen: das bekommst du</translation>
    </message>
    <message>
        <source>Say which share is gone, above 0 and up to 100 %.</source>
        <translation>Sag, welcher Anteil weg ist, über 0 und bis 100 %.</translation>
    </message>
</context>
<context>
    <name>rhexion::TypingLine</name>
    <message>
        <source>shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>my own</source>
        <translation>eigener</translation>
    </message>
    <message>
        <source>lot</source>
        <translation>Los</translation>
    </message>
    <message>
        <source>foods</source>
        <translation>Lebensmittel</translation>
    </message>
    <message>
        <source>%1 % water</source>
        <translation>%1 % Wasser</translation>
    </message>
    <message>
        <source>%1 % fat</source>
        <translation>%1 % Fett</translation>
    </message>
    <message>
        <source>takes %1 g of lye per 100 g</source>
        <translation>nimmt %1 g Hydroxid je 100 g</translation>
    </message>
    <message>
        <source>Type what goes in: 120 g buttermilk frozen · 3 % citric acid · rest water</source>
        <translation>Tippe, was hineinkommt: 120 g Buttermilch gefroren · Rest Wasser</translation>
    </message>
    <message>
        <source>Add a material by typing</source>
        <translation>Einen Rohstoff durch Tippen zugeben</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Zugeben</translation>
    </message>
    <message>
        <source>Shelf…</source>
        <translation>Regal …</translation>
    </message>
    <message>
        <source>Choose from a list (Ctrl+L)</source>
        <translation>Aus einer Liste wählen (Strg+L)</translation>
    </message>
    <message>
        <source>%1 went in %2: %3</source>
        <translation>%1 kam %2 hinein: %3</translation>
    </message>
    <message>
        <source>%1 went in %2, as you do it</source>
        <translation>%1 kam %2 hinein, wie du es machst</translation>
    </message>
    <message>
        <source>“%1”: too many lines at once</source>
        <translation>„%1“: zu viele Zeilen auf einmal</translation>
    </message>
    <message>
        <source>no command is called that</source>
        <translation>kein Befehl heißt so</translation>
    </message>
    <message>
        <source>Enter does it</source>
        <translation>Eingabe tut es</translation>
    </message>
    <message>
        <source>Take it as %1</source>
        <translation>Als %1 nehmen</translation>
    </message>
    <message>
        <source>None of these…</source>
        <translation>Keines davon …</translation>
    </message>
    <message>
        <source>say what it is</source>
        <translation>sag, was es ist</translation>
    </message>
    <message>
        <source>A number from 100 to 300, such as 190</source>
        <translation>Eine Zahl von 100 bis 300, etwa 190</translation>
    </message>
    <message>
        <source>A number up to 100, such as 88</source>
        <translation>Eine Zahl bis 100, etwa 88</translation>
    </message>
    <message>
        <source> for %1</source>
        <translation> für %1</translation>
    </message>
    <message>
        <source>A discount of what? Lye held back is the superfat above; less water is under “Liquid stated as”</source>
        <translation>Eine Reduzierung wovon? Zurückgehaltenes Hydroxid ist die Überfettung oben; weniger Wasser steht unter „Flüssigkeit angegeben als“</translation>
    </message>
    <message>
        <source>“%1” is not on the shelf</source>
        <translation>„%1“ ist nicht im Regal</translation>
    </message>
    <message>
        <source>goes %1</source>
        <translation>kommt %1</translation>
    </message>
    <message>
        <source>of what?</source>
        <translation>wovon?</translation>
    </message>
    <message>
        <source>Enter: say what it is</source>
        <translation>Eingabe: sag, was es ist</translation>
    </message>
    <message>
        <source>%1, lot %2</source>
        <translation>%1, Los %2</translation>
    </message>
    <message>
        <source> (%1 of %2, ↓ for the next)</source>
        <translation> (%1 von %2, ↓ für das nächste)</translation>
    </message>
    <message>
        <source>%1: used as the lye from now on</source>
        <translation>%1: ab jetzt als Hydroxid genommen</translation>
    </message>
    <message>
        <source>%1: how much? Type 120 g, 3 % or rest before it</source>
        <translation>%1: wie viel? Tippe 120 g, 3 % oder Rest davor</translation>
    </message>
    <message>
        <source>%1 what of %2? Type %1 g, %1 % or %1 tsp</source>
        <translation>%1 was von %2? Tippe %1 g, %1 % oder %1 TL</translation>
    </message>
    <message>
        <source>State hydroxide as a mass; its share is set above</source>
        <translation>Gib Hydroxid als Masse an; sein Anteil steht oben</translation>
    </message>
    <message>
        <source>%1 of %2, weighed: superfat becomes the result</source>
        <translation>%1 %2, gewogen: die Überfettung wird das Ergebnis</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 (%2): %3</source>
        <translation>%1 (%2): %3</translation>
    </message>
    <message>
        <source>, by the hand: half or twice that, so weigh it where it matters</source>
        <translation>, mit der Hand: die Hälfte oder das Doppelte davon, also wiege, wo es darauf ankommt</translation>
    </message>
    <message>
        <source>, frozen</source>
        <translation>, gefroren</translation>
    </message>
    <message>
        <source>, dissolved in its own weight of the liquid</source>
        <translation>, in seinem eigenen Gewicht der Flüssigkeit gelöst</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>, for %1</source>
        <translation>, für %1</translation>
    </message>
    <message>
        <source>%1. How much of it? Type 120 g, 3 % or a spoon before it</source>
        <translation>%1. Wie viel davon? Tippe 120 g, 3 % oder einen Löffel davor</translation>
    </message>
    <message>
        <source>%1. Say what the number is: g, % or tsp</source>
        <translation>%1. Sag, was die Zahl ist: g, % oder TL</translation>
    </message>
    <message>
        <source>%1. Choose what it is (↓)</source>
        <translation>%1. Wähle, was es ist (↓)</translation>
    </message>
    <message>
        <source>%1. Enter takes it as %2</source>
        <translation>%1. Eingabe nimmt es als %2</translation>
    </message>
    <message>
        <source>which one? Choose with ↓</source>
        <translation>was davon? Wähle mit ↓</translation>
    </message>
    <message>
        <source> (your word for it)</source>
        <translation> (dein Wort dafür)</translation>
    </message>
</context>
<context>
    <name>rhexion::VesselDrawing</name>
    <message>
        <source>%1 holds</source>
        <translation>Enthält %1</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>fat</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>lye</source>
        <translation>Hydroxid</translation>
    </message>
    <message>
        <source>acid</source>
        <translation>Säure</translation>
    </message>
    <message>
        <source>sugar</source>
        <translation>Zucker</translation>
    </message>
    <message>
        <source>salts</source>
        <translation>Salze</translation>
    </message>
    <message>
        <source>other solids</source>
        <translation>andere Feststoffe</translation>
    </message>
</context>
<context>
    <name>rhexion::VesselModel</name>
    <message>
        <source>from your lot: %1</source>
        <translation>aus deinem Los: %1</translation>
    </message>
    <message>
        <source>frozen</source>
        <translation>gefroren</translation>
    </message>
    <message>
        <source>counted as all water</source>
        <translation>ganz als Wasser gezählt</translation>
    </message>
    <message>
        <source>for %1</source>
        <translation>für %1</translation>
    </message>
    <message>
        <source>in %1 of liquid</source>
        <translation>in %1 Flüssigkeit</translation>
    </message>
    <message>
        <source>lot %1</source>
        <translation>Los %1</translation>
    </message>
    <message>
        <source>%1 is locked. Unlock it first (Ctrl+J).</source>
        <translation>%1 ist festgehalten. Gib es zuerst frei (Strg+J).</translation>
    </message>
    <message>
        <source>Change amount of %1</source>
        <translation>Menge von %1 ändern</translation>
    </message>
    <message>
        <source>Move to: %1</source>
        <translation>Verschieben nach: %1</translation>
    </message>
</context>
<context>
    <name>rhexion::VesselPanel</name>
    <message>
        <source>drop here, or type</source>
        <translation>hier ablegen oder tippen</translation>
    </message>
    <message>
        <source>Nothing here yet. Type an amount and a name, or drop a line here.</source>
        <translation>Noch nichts hier. Tippe eine Menge und einen Namen oder lege eine Zeile hier ab.</translation>
    </message>
    <message numerus="yes">
        <source>%n caution(s): show</source>
        <translation>
            <numerusform>%n Warnung: zeigen</numerusform>
            <numerusform>%n Warnungen: zeigen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Lock an amount</source>
        <translation>Menge festhalten</translation>
    </message>
    <message>
        <source>Change amount</source>
        <translation>Menge ändern</translation>
    </message>
    <message>
        <source>Move to</source>
        <translation>Verschieben nach</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
</context>
<context>
    <name>rhexion::WaterPanel</name>
    <message>
        <source>Hard water</source>
        <translation>Hartes Wasser</translation>
    </message>
    <message>
        <source>Hardness of your water</source>
        <translation>Härte deines Wassers</translation>
    </message>
    <message>
        <source>Its unit</source>
        <translation>Ihre Einheit</translation>
    </message>
    <message>
        <source>at the basin: 1 g of soap a litre</source>
        <translation>am Becken: 1 g Seife je Liter</translation>
    </message>
    <message>
        <source>lather on a cloth: 5 g a litre</source>
        <translation>Schaum auf einem Tuch: 5 g je Liter</translation>
    </message>
    <message>
        <source>How it is used</source>
        <translation>Wie sie gebraucht wird</translation>
    </message>
    <message>
        <source>Taken as %1 mmol/l</source>
        <translation>Genommen als %1 mmol/l</translation>
    </message>
    <message>
        <source>Your water</source>
        <translation>Dein Wasser</translation>
    </message>
    <message>
        <source>or just</source>
        <translation>oder einfach</translation>
    </message>
    <message>
        <source>Used</source>
        <translation>Gebraucht</translation>
    </message>
    <message>
        <source>Copy the sentence for a customer</source>
        <translation>Den Satz für die Kundschaft kopieren</translation>
    </message>
    <message>
        <source>Not typed yet</source>
        <translation>Noch nicht getippt</translation>
    </message>
    <message>
        <source>hard water is taken until you say</source>
        <translation>hartes Wasser wird genommen, bis du etwas sagst</translation>
    </message>
</context>
<context>
    <name>rhexion::WeighGauge</name>
    <message>
        <source>Weight against its band</source>
        <translation>Gewicht gegen sein Band</translation>
    </message>
</context>
<context>
    <name>rhexion::Windows</name>
    <message numerus="yes">
        <source>%n formula(s) were not opened, %1 windows being open already: %2. Close some and open them then.</source>
        <translation>
            <numerusform>%n Formel wurde nicht geöffnet, weil schon %1 Fenster offen sind: %2. Schließe einige und öffne sie dann.</numerusform>
            <numerusform>%n Formeln wurden nicht geöffnet, weil schon %1 Fenster offen sind: %2. Schließe einige und öffne sie dann.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>rhexion::WishesPanel</name>
    <message>
        <source>Solve for</source>
        <translation>Lösen nach</translation>
    </message>
    <message>
        <source>I wish for</source>
        <translation>Ich wünsche mir für</translation>
    </message>
    <message>
        <source>Another wish</source>
        <translation>Noch ein Wunsch</translation>
    </message>
    <message>
        <source>Keep to usual use</source>
        <translation>Übliche Menge wahren</translation>
    </message>
    <message>
        <source>Each oil within its usual use, superfat not below 3 %, strength from 20 to 50 %, no oil below 2 %</source>
        <translation>Jedes Öl innerhalb seiner üblichen Menge, Überfettung nicht unter 3 %, Konzentration von 20 bis 50 %, kein Öl unter 2 %</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>How many oils may change</source>
        <translation>Wie viele Öle sich ändern dürfen</translation>
    </message>
    <message>
        <source>What may move; at most</source>
        <translation>Was sich bewegen darf; höchstens</translation>
    </message>
    <message>
        <source>oils</source>
        <translation>Öle</translation>
    </message>
    <message>
        <source>Offer an oil from the shelf</source>
        <translation>Ein Öl aus dem Regal anbieten</translation>
    </message>
    <message>
        <source>Find the least change</source>
        <translation>Die kleinste Änderung finden</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>What the wish is about</source>
        <translation>Worum es beim Wunsch geht</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>Take this wish away</source>
        <translation>Diesen Wunsch wegnehmen</translation>
    </message>
    <message>
        <source>may move</source>
        <translation>darf sich bewegen</translation>
    </message>
    <message>
        <source>rather not</source>
        <translation>lieber nicht</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>How gladly %1 moves</source>
        <translation>Wie gern sich %1 bewegt</translation>
    </message>
    <message>
        <source>offered ×</source>
        <translation>angeboten ×</translation>
    </message>
    <message>
        <source>Do not offer %1</source>
        <translation>%1 nicht anbieten</translation>
    </message>
    <message>
        <source>offer an oil from the shelf…</source>
        <translation>ein Öl aus dem Regal anbieten …</translation>
    </message>
    <message>
        <source>Meet the wishes</source>
        <translation>Die Wünsche erfüllen</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Sieht nach …</translation>
    </message>
    <message>
        <source>Say what the blend should be like, and what may move. The answer is the least change of what you have.</source>
        <translation>Sag, wie die Mischung sein soll und was sich bewegen darf. Die Antwort ist die kleinste Änderung dessen, was du hast.</translation>
    </message>
    <message>
        <source>With the others it can be</source>
        <translation>Mit den anderen kann es sein</translation>
    </message>
    <message>
        <source>wish for that instead</source>
        <translation>das stattdessen wünschen</translation>
    </message>
    <message>
        <source>The formula has changed since. Find it anew.</source>
        <translation>Die Formel hat sich seither geändert. Suche neu.</translation>
    </message>
</context>
<context>
    <name>rhexion::WorkingPanel</name>
    <message>
        <source>The working</source>
        <translation>Der Rechenweg</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Where makers differ</source>
        <translation>Wo Siedende uneins sind</translation>
    </message>
</context>
</TS>
