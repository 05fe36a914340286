### Das Gemälde neben seinem Plan: was anders wurde, was zu verbessern ist, wann aufzuhören ist.

review-go-on = Weiter: was nach Durchgang { $after } steht, ist wie geplant
review-relations-only = { $count ->
    [0] Was nebeneinander steht, ist wie geplant
    [one] Ein Paar von Nachbarn steht anders als geplant
   *[other] { $count } Paare von Nachbarn stehen anders als geplant
}
review-unsure = { $count ->
    [one] Eine Masse liegt vielleicht daneben
   *[other] { $count } Massen liegen vielleicht daneben
}: eine Graukarte neben einem freien Rand würde es sagen
review-stop = Hier aufhören: keine Verbesserung wäre zu sehen
review-first = Zuerst { $masses }{ $more ->
    [0] {""}
   *[other] , dann { $more } weitere
}
review-light = { $source ->
    [margin] Das Licht ist durch den freien Rand ausgeglichen: Werte stimmen auf { $sd }.
    [strips] Das Licht ist durch die weißen Streifen neben dem Blatt ausgeglichen: Werte stimmen auf { $sd }.
    [inside] Das Licht ist durch freie Stellen im Bild ausgeglichen: Werte stimmen auf { $sd }.
    [relative] Das Licht ist durch freie Stellen im Bild ausgeglichen, aber das Foto hat mehr Kontrast, als eine Hand malt: wohl vom Telefon. Darum wird nur beurteilt, was nebeneinander steht. Eine Graukarte neben einem freien Rand würde Werte sagen.
    [card] Das Licht ist von der Graukarte bekannt: Werte stimmen auf { $sd }.
   *[none] Nichts im Foto sagt, wie hell das Licht ist: nur was nebeneinander steht, wird beurteilt. Einen Rand frei lassen oder weiße Papierstreifen an zwei Seiten legen, einen Fingerbreit entfernt. Eine Graukarte sagt es, wo das Blatt auf etwas von einer Farbe liegt.
}{ $shines ->
    [yes] { " " }{ $hidden } % des Bildes glänzen und bleiben außer Acht: von einer anderen Seite noch einmal fotografieren.
   *[no] {""}
}{ $sheen ->
    [yes] { " " }Ein schwacher Glanz liegt auf einem Teil des Bildes und ist abgezogen, so gut er sich neben dem Plan erkennen lässt.
   *[no] {""}
}{ $phone ->
    [off] { " " }Das Telefon hat den Kontrast verändert: das ist durch die Graukarte herausgerechnet.
    [plan] { " " }Das Foto hat mehr Kontrast, als eine Hand malt: wohl vom Telefon, und herausgerechnet. Eine Graukarte neben einem freien Rand würde es sicher machen.
    [known] {""}
   *[unknown] { " " }Ein Telefon, das den Kontrast verändert, verschiebt mittlere Werte: eine Graukarte neben einem freien Rand sagt, um wie viel.
}
review-off = { $masses } wurde { $off } zu { $way ->
    [light] hell
    [dark] dunkel
   *[other] { $way }
}{ $hue ->
    [warm] {" "}und zu warm
    [cool] {" "}und zu kühl
   *[none] {""}
}.
review-as-planned = { $masses } wurde wie geplant, { $value }.
review-not-shines = { $masses } glänzt im Foto und wird nicht beurteilt.
review-not-small = { $masses } ist im Foto zu klein, um beurteilt zu werden.
review-not-open = { $masses } ist noch nicht fertig.
review-not-neighbours = { $masses } wird beurteilt, wenn die Nachbarn gemalt sind.
review-not-unsure = { $masses } liegt im Foto { $off } neben dem Plan, kann aber auch stimmen: dieses Foto ist nicht sicher genug. Eine Graukarte neben einem freien Rand würde es sagen.
review-not-light = { $masses } wird nur neben seinen Nachbarn beurteilt: nichts sagt, wie hell das Licht ist.
review-correct = { $masses } wurde { $off } zu { $way ->
    [light] hell
    [dark] dunkel
   *[other] { $way }
}: { $act }, von { $now } auf { $to }, { $minutes } min.
review-small = { $masses } lassen, { $off } zu { $way ->
    [light] hell
    [dark] dunkel
   *[other] { $way }
}: klein, und { $minutes } min brächten nichts, was man sieht.
review-leave = { $masses } lassen, { $off } zu { $way ->
    [light] hell
    [dark] dunkel
   *[other] { $way }
}: nichts bringt es näher, was nicht mehr kostet als es bringt.
review-turned = { $darker } ist jetzt heller als { $lighter }, um { $apart }: geplant war { $planned } dunkler, auf { $length } cm.
review-gap = { $lighter } und { $darker } liegen { $apart } auseinander statt { $planned }, auf { $length } cm.
review-against-log = { $kind ->
    [nothing] Noch ist nichts im Protokoll.
   *[other] Das Protokoll sagt, { $logged } Durchgänge seien fertig.
}{ $first ->
    [0] {" "}Das Foto sieht aus wie vor dem ersten Durchgang.
   *[other] {" "}Das Foto sieht aus wie nach Durchgang { $first }{ $same ->
        [no] {" "}bis { $last }
       *[yes] {""}
    }.
}
