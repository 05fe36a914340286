### Was einen Plan schwächt: was zu sehen ist, warum es zählt, was man versuchen kann.

check-families = Ein Schatten ist heller als ein Licht: { $shadow } { $dark }, { $light } { $pale }.
check-families-why = Form geht verloren. Das eine dunkler machen, oder berichtigen, was davon im Licht liegt.
check-families-try = Schatten dunkler als Lichter halten
check-glow = { $rival } kommt bis auf { $gap } an { $lamp } heran.
check-glow-why = Eine Lampe leuchtet nur, wenn sie alles andere klar überstrahlt.
check-glow-try = die Lampe alles überstrahlen lassen
check-silhouette = { $one } und { $other } verschmelzen auf { $edge }.
edge-length = { $length } cm
check-silhouette-why = Ihre Werte liegen zu nah. Eine Seite dunkler machen oder als verlorene Kante lassen.
check-silhouette-try = Nachbarn mit harter Kante auseinanderhalten
check-darkest-dark = Das tiefste Dunkel ist nur { $value }; deine Farbe reicht bis { $lowest }.
check-darkest-dark-why = Ohne ein echtes Dunkel wirken die Lichter schwach.
check-darkest-dark-try = das Ganze dunkler planen
check-paper-white = { $share } % des Bildes bleiben so weiß wie das Papier.
check-paper-white-why = Papierweiß sagt am meisten, wo wenig davon ist. Weißes im Schatten ist dunkler.
check-equal-values = Lichter, Mittelwerte und Dunkelheiten halten sich die Waage.
check-equal-values-why = Meist führt eines davon, und ein anderes ist der Akzent.
check-one-column = { $most ->
    [dark] Fast alles ist dunkel.
    [light] Fast alles ist hell.
   *[middle] Fast alles ist mittel.
}
check-one-column-why = { $most ->
    [dark] Ein wenig Licht bringt es zum Sprechen.
    [light] Ein wenig Dunkel bringt es zum Sprechen.
   *[middle] Etwas Dunkel oder Licht dazugeben.
}
check-land-against-sky = { $land } kommt dem Himmel nahe: { $value } zu { $sky }.
check-land-against-sky-why = Land ist meist dunkler als der Himmel; Schnee und Sturm sind Ausnahmen.
check-land-against-sky-try = das Land dunkler als den Himmel halten
check-far-too-dark = { $far } liegt am weitesten hinten und ist { $gap } dunkler als { $near }.
check-far-too-dark-why = Luft hellt auf, was fern ist: so dunkel tritt es hervor.
check-far-too-dark-try = die Ferne heller als die Nähe halten
check-falls-off = { $masses }, fern der Lampe, ist { $gap } heller als das, was daneben steht.
check-falls-off-why = Licht nimmt mit der Entfernung ab: etwas Helleres weit weg verlangt eine eigene Lampe.
check-louder-than-glow = { $mass }, außerhalb des Lichts, ist um { $louder } farbiger als alles rund um { $lamp }.
check-louder-than-glow-why = Ein Licht scheint dort zu leuchten, wo die satteste Farbe nah darum liegt.
check-louder-than-glow-try = dämpfen
check-far-too-loud = { $far } liegt am weitesten hinten und ist um { $louder } farbiger als alles Nähere.
check-far-too-loud-why = Luft nimmt Farbe und Wärme: so laut tritt es hervor.
check-far-too-loud-try = kühler, leiser und etwas heller machen
check-no-counterpart = { $share } % des Farbigen { $side ->
    [cool] sind warm, und nichts ist kühl
   *[warm] sind kühl, und nichts ist warm
}.
check-no-counterpart-why = Neben etwas von ihrem Gegenteil sieht man eine Lichtfarbe als solche. Platz ist in { $mass }.
check-no-counterpart-try = { $side ->
    [cool] etwas kühler machen
   *[warm] etwas wärmer machen
}
check-no-neutral = Nur { $share } % des Bildes sind neutral.
check-no-neutral-why = Neben Neutralem leuchtet eine Farbe, und das Auge ruht dort. Am wenigsten geht in { $mass } verloren.
check-no-neutral-try = dämpfen
check-many-colours = Es sind { $colours } Farben, und { $masses } haben eine für sich allein.
check-many-colours-why = Wenige Farben, die wiederkehren, halten ein Bild zusammen. Eine anderswo anklingen lassen.
check-edges-all-firm = Von { $all } cm Kanten sind { $firm } hart.
check-edges-all-firm-why = Rundum hart sehen Dinge wie ausgeschnitten aus. Einige fern vom Blickpunkt weich machen.
check-all-alike = { $masses } sind alle gleich groß.
check-all-alike-why = Gleich wirken sie gedruckt. Abwechseln und einige überlappen lassen.
check-open-time = Durchgang { $number } dauert { $minutes } min, und eine Lasur trocknet nach { $open }.
check-open-time-why = Frische Farbe an einer trocknenden Kante lässt eine harte Linie oder einen Wasserrand.
check-open-time-try = teilen: ein Durchgang mehr
check-long-drying = { $waiting } min Warten auf { $working } min Arbeit.
check-long-drying-why = Durchgänge verbinden oder inzwischen an etwas anderem arbeiten.
check-long-drying-try = mit einem Durchgang weniger auskommen
check-tooth = { $masses } bekommt { $layers } Lagen; dieser Malgrund hält etwa { $most }.
check-tooth-why = Die letzten Griffe müssen Halt finden, und überarbeitete Farbe wird zu Schlamm.
check-tooth-try = ein Durchgang weniger
check-stains-under-lift = { $masses } soll abgehoben werden, aber die Farbe dort färbt ein.
check-stains-under-lift-why = Einfärbende Farbe gibt wenig zurück. Das Licht erhalten oder andere Farbe legen.
check-stains-under-lift-try = stattdessen maskieren
check-mask-too-long = Maskierflüssigkeit bleibt { $hours } Stunden auf { $masses }.
check-mask-too-long-why = Über Nacht oder erwärmt reißt sie beim Abreiben das Papier.
check-mask-too-long-try = stattdessen herummalen
check-irreversible-early = { $steps } Schritte ohne Rückweg kommen in der ersten Hälfte.
check-irreversible-early-why = Sie sind sicherer, wenn alles rundum steht und beurteilt werden kann.
check-irreversible-early-try = die übliche Abfolge dieser Technik nehmen
check-judged-late = Hellstes und Dunkelstes stehen erst nach Durchgang { $number } von { $count } nebeneinander.
check-judged-late-why = Bis dahin ist jeder Mittelwert geraten.
check-judged-late-try = Hellstes und Dunkelstes zuerst
