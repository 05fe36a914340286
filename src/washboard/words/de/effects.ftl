### Effekte: wie eine weiche Kante, ein glattes Licht, eine Lampe, ein Licht gemacht wird.

effect-edges = { $medium ->
    [watercolour] Werkzeug: { $tool }, solange die Lasur glänzt
    [acrylic] Werkzeug: { $tool }, ehe die Farbe klebrig wird
    [oil] Werkzeug: { $tool }, solange die Farbe offen ist
   *[pastel] Werkzeug: { $tool }
}: { $edges }{ $more ->
    [0] {""}
    [one] {" "}und eine weitere, zusammen { $length } cm
   *[other] {" "}und { $more } weitere, zusammen { $length } cm
}.
effect-edge = { $mass } gegen { $toward } { $how ->
    [lost] verlieren
    [broken] brechen
   *[soft] weich machen
} ({ $length } cm{ $faded ->
    [yes] , { $wide } mm breit
   *[no] {""}
})
effect-smooth = { $mass } in einem Zug: vorher mit klarem Wasser nässen und warten, bis keines mehr steht; an der hellsten Stelle beginnen, { $light }, und { $stops ->
    [1] die dunklere Farbe
   *[other] { $stops } Farben, jede dunkler,
} nach außen bis { $dark } eintropfen, solange es glänzt. Das Licht { $larger } % größer zeichnen, als es ist: es zieht sich zu, während die Lasur läuft.{ $bridge ->
    [yes] {" "}Wo Warm auf Kühl trifft, { $over } dazwischenlegen: nebeneinander würden sie grau.
   *[no] {""}
}
effect-lamp = { $mass } ist eine Lampe, { $lead } über dem, was darum liegt: { $kept ->
    [yes] ihr Kern bleibt freies Papier; was darum liegt, wird nass zu ihr hin weich, nach außen dunkler über { $reach } mm.
   *[no] in { $touches } Griffen über { $reach } mm legen, der äußerste am dunkelsten und sattesten, der Kern fast weiß und zuletzt.
}
effect-glint = { $masses }: ein fester Griff{ $count ->
    [one] {""}
   *[other] {" "}für jedes
}, etwa { $lead } über dem, was rundum liegt, und nichts Weiches daneben.

effect-rows = { $masses } sind { $count } von einer Art: eine Stufe für alle, dann die nächste, jedes etwas anders gedreht und groß.

effect-foliage = Blätter von { $masses }: zuerst die Masse, dann { $touches } Griffe: dunkle Lücken bis { $dark }{ $lights ->
    [yes] , helle Büschel und einzelne Blätter bis { $light }, die meisten nahe am Blickpunkt
   *[no] {""}; das Licht der ersten Lasur als Blätter stehen lassen
}. Sie schwanken um { $stirs }: ein flacher Ton sähe wie ausgeschnitten aus.
effect-grass = Aufrechte Striche von { $masses }: { $lights ->
    [yes] dunkel, dann Licht dazwischen, dann wieder dunkel
   *[no] das Licht der ersten Lasur erhalten und das Dunkel dazwischen setzen, zweimal
}, bis { $dark }, { $touches } Griffe vom Boden aufwärts, auslaufend. Sie schwanken um { $stirs }.
effect-hair = Strähnen von { $masses } laufen bei { $way }°: zuerst Dunkles daran entlang, dann Lichter dazwischen, { $touches } im Ganzen, und einige hellste zuletzt. Sie schwanken um { $stirs }; quer zur Form würden sie flach machen.
effect-broken = { $masses }, rau um { $stirs }: { $medium ->
    [pastel] die Seite der Kreide über das Korn ziehen
    [watercolour] einen trockenen Pinsel über die trockene Lasur ziehen
   *[other] einen trockenen Pinsel darüberziehen
}, zuerst Dunkles{ $lights ->
    [yes] , dann Lichter
   *[no] {""}
}, in alle Richtungen.
effect-ripples = Wellen über { $masses } ganz zuletzt: waagrechte Striche, { $step } { $lights ->
    [yes] dunkler und heller
   *[no] dunkler
}, { $touches } davon, breiter und weiter auseinander nach vorn.
effect-sparkle = Glitzern auf { $masses }: { $touches } feste Griffe von { $value }, wenn alles trocken ist, { $share } % davon und nicht mehr{ $medium ->
    [watercolour] ; auf schwerem Papier kratzt eine Klingenspitze das Feinste, weg von der Hand
   *[other] {""}
}.
effect-branches = Zweige von { $masses }: eine dunkle Masse mit leichter Hand ({ $dark }), den Himmel hineinschneiden ({ $hole }, eine Stufe dunkler als der offene Himmel), ihre Kante mit dem Dunkel weich machen, dann Zweige { $medium ->
    [pastel] mit einer harten Kreide
    [watercolour] mit der Spitze des Schleppers
   *[other] mit dem Schlepper
}, auslaufend.
effect-clouds = Wolken in { $masses }: { $medium ->
    [watercolour] den Himmel bei { $dark } legen und die Lichter heraustupfen, solange er glänzt, bis { $light }
    [acrylic] den Himmel bei { $dark } legen und die Lichter heraustupfen, ehe er klebrig wird, bis { $light }
    [pastel] { $dark } und { $light } nebeneinanderlegen und mit dem Finger ineinanderreiben
   *[oil] { $dark } und { $light } nebeneinanderlegen und ineinanderarbeiten
}, oben schärfer, unten weicher, zum Horizont kleiner.
effect-blended = { $mass } in { $bands } Streifen von { $light } bis { $dark }, jeder über den letzten, dann ihnen entlang verblenden { $medium ->
    [pastel] mit Finger oder Schwamm, einmal und leicht: zweimal gerieben ist das Korn weg
    [acrylic] mit feuchtem weichem Pinsel, ehe sie klebrig werden
   *[other] mit trockenem weichem Pinsel, nach jedem Strich abgewischt
}.
effect-form = { $mass } rundet sich { $turns ->
    [round] um ihr Licht
    [curved] der Form entlang
   *[straight] zu einer Seite
}: { $light }, { $middle } und { $dark } nebeneinandersetzen, dann verbinden { $medium ->
    [watercolour] solange nass
    [pastel] mit dem Finger der Form entlang
   *[other] mit weichem Pinsel der Form entlang
}; die hellste Stelle nicht anrühren.
effect-petals = { $count } Blütenblätter, { $masses }: jedes von { $light } am Rand bis { $dark } innen, solange es nass ist; { $medium ->
    [watercolour] nie zwei, die sich berühren, solange eines nass ist
   *[other] die hinteren zuerst
}.
effect-mist = { $mass } verliert sich unten im Dunst: von { $dark } oben bis { $light } unten, { $medium ->
    [watercolour] mit durstigem Pinsel abheben, solange es glänzt
    [pastel] mit dem Finger hinunterreiben
   *[other] mit sauberem weichem Pinsel hinunterziehen
}, sodass niemand sieht, wo es aufhört.
effect-cast-shadow = Der Schatten von { $thing } auf { $ground }: { $dark } und hart, wo er das Ding verlässt, { $light } und weich weiter weg, in der Mitte { $darker } unter dem Boden. In einem Zug mit dem Ding legen.
effect-shadow-colour = { $mass } als { $lit } im Schatten mischen: dieselbe Farbe mit einem Hauch ihres Gegenteils, { $cooler ->
    [yes] kühler
   *[no] wärmer
} um { $off }, bei { $value }. Die Lichtfarbe mit Schwarz wäre tot.
effect-joined-shadow = { $masses } sind ein Schatten bei { $value }: als einen legen, mit einem Umriss, und die Farbe darin wechseln ({ $apart } auseinander) { $medium ->
    [watercolour] nass in nass
   *[other] ohne Kante dazwischen
}.
effect-glow = Der Schein von { $masses }: ein Verlauf vom Licht nach außen, { $light } bis { $dark } über { $reach } cm, nahe daran klar und warm, auf halbem Weg am sattesten; was er nicht erreicht, bleibt dunkler. Er fällt um { $falls }: nichts daneben darf so hell oder so farbig sein.
effect-lit-across = Licht quer über { $mass }: { $light } neben dem Licht, dann satter { $middle }, dann { $dark } und grau davon weg, in einem Ding.
effect-rims = Das Licht entlang { $mass }, { $length } cm des Umrisses: zuerst gedämpft und breit, dann heller ({ $value }), wärmer, schmaler und kürzer{ $medium ->
    [watercolour] , in Deckweiß mit etwas Lichtfarbe
   *[other] {""}
}; { $step } über dem Ding selbst.
effect-rays = { $count } Strahlen über { $masses }: { $medium ->
    [watercolour] mit feuchtem Pinsel an einer Kartenkante abheben
   *[other] etwas zu kräftig legen
}, um { $step }, dann zurücknehmen, sodass niemand sieht, wo sie beginnen.
effect-around = Zuerst ein Rand von { $masses }, { $wide } cm breit, um { $thing }: gegen freien Grund lässt sich keine Farbe beurteilen.
effect-counterchange = { $behind } { $how ->
    [darker] dunkler
   *[lighter] heller
} hinter { $things }: dort auf { $value }, um { $step }, weich auslaufend über { $area } cm².
effect-wiped-colour = Was gewischt ist, hat die Farbe des Tons. Wenn er trocken ist, { $masses } lasieren, jedes mit seiner eigenen Farbe; das schlechteste liegt vorher { $off } daneben.
effect-reflections = { $mirrors } { $medium ->
    [watercolour] in einem Zug mit dem Wasser, gerade unter
   *[other] gleich nach
} { $thing }: am Ufer gespiegelt, { $above } oben ist { $below } unten, mit { $keeps } % des Kontrasts, weicher, gerade nach unten gezogen.
effect-negatives = { $masses } liegen in { $layers } Schichten hintereinander, { $light } bis { $dark }: um die helleren herum malen, und in jede Lücke ein weiteres dahinter, jedes Mal { $step } dunkler, auf der trockenen Schicht davor.
effect-near-white = { $mass } ist kein Weiß, sondern hat seinen eigenen Wert { $value }: { $medium ->
    [watercolour] eine dünne eigene erste Lasur, nie freies Papier
   *[other] Weiß mit einem Hauch der eigenen Farbe, nie Weiß allein
}.
effect-tinted = { $mass } wurde bei { $surface } erhalten und ist { $value }: wenn alles trocken ist, ihr eigenes helles { $coloured ->
    [yes] Farbkleid
   *[no] Grau
} geben und eine Seite mit klarem Wasser weich machen.
effect-far-lamps = { $masses }: { $count } ferne Lampen, je ein Griff ({ $value }), warm, mit der Ferne kleiner und dichter; einen Hof nur für die nahen.

effect-spared = In deinen Minuten ist keine Zeit dafür.
effect-off = Von dir ausgelassen.
effect-no-time = Die Lasur ist { $open } min offen, und dies bräuchte { $minutes } min mehr.
effect-asks = Das Bild sagt es nicht sicher genug; sag, was es ist.

effect-name-rows = Reihe
effect-name-edges = Weiche Kanten
effect-name-smooth = Glattes Licht
effect-name-lamp = Lampe
effect-name-glint = Licht
effect-name-foliage = Blätter
effect-name-grass = Aufrechte Striche
effect-name-hair = Strähnen
effect-name-broken = Gebrochene Farbe
effect-name-ripples = Wellen
effect-name-sparkle = Glitzern
effect-name-branches = Zweige
effect-name-clouds = Wolken
effect-name-blended = Glattes Licht
effect-name-form = Weiche Form
effect-name-petals = Blütenblätter
effect-name-mist = Dunst
effect-name-cast-shadow = Schlagschatten
effect-name-shadow-colour = Schattenfarbe
effect-name-joined-shadow = Verbundener Schatten
effect-name-glow = Schein
effect-name-lit-across = Licht darüber
effect-name-rims = Lichtsaum
effect-name-rays = Strahlen
effect-name-around = Hintergrund darum
effect-name-counterchange = Helldunkel-Wechsel
effect-name-wiped-colour = Farbe nach dem Wischen
effect-name-reflections = Spiegelung
effect-name-negatives = Schichten dahinter
effect-name-near-white = Fast weiß
effect-name-far-lamps = Ferne Lampen
effect-name-tinted = Getöntes Licht

### Kanten: warum ein Stück Grenze so vorgeschlagen wird.

edge-why-soft-seen = das Foto geht hier über { $wide } mm über
edge-why-lost-step = beide Seiten liegen nur { $step } auseinander
edge-why-firm-seen = das Foto ist hier hart, { $step } auseinander
edge-why-broken-rough = beide Seiten sind rau
edge-why-soft-light = die Form wendet sich hier zum Licht, und alle Kanten des Fotos sind hart
edge-why-soft-away = es liegt fern vom Blickpunkt, und alle Kanten des Fotos sind hart
