### Ein Plan: Titel, wie ein Durchgang gemalt wird, Gründe, worauf zu achten ist, Hinweise.

## Titel

title-mask = Maskierflüssigkeit auftragen: { $masses }
title-unmask = Maskierflüssigkeit abreiben: { $masses }
title-recover = Lichter zurückholen: { $masses }
title-wipe = Lichter auswischen: { $masses }
title-tone = Ein mittlerer Ton über alles
title-patches = Eine Untermalung in Flecken
title-restate = Tiefste Dunkelheiten nachsetzen: { $masses }
title-first-wash = Erste Lasur über alles: { $mixture }
title-more-wash = Lasur über alles: { $mixture }
title-first-wash-except = Erste Lasur über alles außer { $masses }
title-more-wash-except = Lasur über alles außer { $masses }
title-wash = { $masses } lasieren: { $mixture }
title-joined-wash = Gemeinsam lasieren: { $masses } ({ $mixture })
title-last-wash = Letzte Lasur: { $masses }
title-block-in-darkest = Tiefste Dunkelheiten anlegen: { $masses }
title-block-in = { $tones } anlegen: { $masses }
title-tones = { $medium ->
    [pastel] { $tones } auflegen: { $masses }
   *[other] { $tones } malen: { $masses }
}
title-last-tones = Zuletzt { $tones }: { $masses }
title-accents-lights = Lichter: { $masses }
title-accents-darks = Dunkle Akzente: { $masses }
title-accents-both = Lichter und dunkle Akzente: { $masses }
title-strand = { $strand }, { $tones }: { $masses }
title-strand-alone = { $strand }: { $tones }
title-own = { $act }: { $masses }

strand-thing = { $thing } ({ $number } von { $count })
strand-nameless = der Rest
strand-small-things = { $things ->
    [one] ein kleines Ding darauf ({ $number } von { $count })
   *[other] { $things } kleine Dinge darauf ({ $number } von { $count })
}
strand-small-lights = { $things ->
    [one] ein kleines Licht ({ $number } von { $count })
   *[other] { $things } kleine Lichter ({ $number } von { $count })
}
strand-own-area = { $thing } für sich ({ $school })
strand-stage = Stufe { $number } von { $count }
strand-lights = hellste Lichter setzen
strand-darks = tiefste Dunkelheiten
strand-middles = zwischen hellster und dunkelster Stelle
strand-glow = der Schein, in einem Verlauf
strand-beyond-glow = was das Licht nicht erreicht

mixture = { $tone } { $hue }
mixture-of-two = { $tone } { $hue } und { $other }

everywhere = überall
only-masses = { $masses }

## Wie ein Durchgang gemalt wird

how-one = Mischung { $mixture }, { $low }.
how-spread = Mischung { $mixture }, { $low } bis { $high }.
how-joined = Jedem seine eigene Mischung geben, { $low } bis { $high }, und nass verbinden.
how-everywhere = Über alles legen.
how-under = Unter { $masses } legen.
how-opaque-white = Deckweiß auf { $masses } setzen.
how-restate = Noch einmal über { $masses } gehen.
how-negative = Das Dunkle um das Hellere herum malen; so tritt es hervor.
how-placeholder = { $masses } mit einem Hauch Farbe markieren.
how-tone = Den Ton über { $masses } legen.
how-mask = { $masses } mit Maskierflüssigkeit abdecken und trocknen lassen.
how-unmask = Die Flüssigkeit mit sauberem Finger von { $masses } reiben.
how-lift-dry = { $masses } anfeuchten, kurz warten und die Farbe abheben.
how-lift-wet = { $masses } abheben, solange die Lasur nass ist.
how-stencil-lift = { $masses } durch eine Schablone abheben.
how-scratch = { $masses } mit der Klingenspitze auskratzen.
how-sand = { $masses } leicht schleifen.
how-scrape = { $masses } abschaben.
how-wipe-out = { $masses } mit einem Lappen auswischen.
how-blot = { $masses } abtupfen.
how-layer = { $masses } auflegen.
how-patches = { $colours } gedämpfte Farben dünn auflegen, eine für jeden Bereich.
how-steps = { $masses } in { $steps } Schritten aufbauen: außen am dunkelsten, das Hellste zuletzt.
how-coats-all = { $medium ->
    [watercolour] { $count ->
        [2] Zwei Lasuren: die erste trocknen lassen.
       *[other] { $count } Lasuren: jede trocknen lassen.
    }
    [pastel] { $count } Lagen.
   *[other] { $count ->
        [2] Zwei Schichten: die erste trocknen lassen.
       *[other] { $count } Schichten: jede trocknen lassen.
    }
}
how-coats = { $medium ->
    [watercolour] { $count ->
        [2] { $masses } zweimal lasieren; die erste Lasur trocknen lassen.
       *[other] { $masses } { $count }-mal lasieren; jede Lasur trocknen lassen.
    }
    [pastel] { $masses } in { $count } Lagen auflegen.
   *[other] { $count ->
        [2] { $masses } zweimal malen; die erste Schicht trocknen lassen.
       *[other] { $masses } in { $count } Schichten malen; jede trocknen lassen.
    }
}
how-across = { $masses-count ->
    [one] Gerade über { $masses } hinweg malen; das kommt später.
   *[other] Gerade über { $masses } hinweg malen; sie kommen später.
}
how-grade = { $mass } abstufen: { $from } bis { $to }.
how-grade-from-top = { $mass } von oben abstufen: { $from } hinunter bis { $to }.
how-grade-from-left = { $mass } von links abstufen: { $from } bis { $to }.
how-grade-in-two = { $mass } abstufen: { $first } { $from } bis { $second } { $to }.
how-grade-from-top-in-two = { $mass } von oben abstufen: { $first } { $from } hinunter bis { $second } { $to }.
how-grade-from-left-in-two = { $mass } von links abstufen: { $first } { $from } bis { $second } { $to }.
how-grade-over = { $mass } abstufen: { $first } { $from } über { $between } bis { $second } { $to }.
how-grade-from-top-over = { $mass } von oben abstufen: { $first } { $from } über { $between } bis { $second } { $to }.
how-grade-from-left-over = { $mass } von links abstufen: { $first } { $from } über { $between } bis { $second } { $to }.
how-tool = Werkzeug: { $tool }.
own-how-rays = Zu kräftig anlegen, dann weich machen, bis niemand sieht, wo sie beginnen.
own-how-soften = Das Bild zeigt Kanten so weich, wie das Foto sie hat; es bleibt daher gleich.
own-how-feather = Das Bild zeigt Kanten so weich, wie das Foto sie hat; es bleibt daher gleich.
own-how-blend = Das gleicht eine modellierte Masse aus; eine flache bleibt, wie sie ist.
own-how-restate = Das bringt denselben Tonwert zurück, wo spätere Farbe darüberlief; wo keine lief, bleibt das Bild.
own-how-stays = Was dort liegt, ist so hell oder so dunkel, wie dies es macht: das Bild bleibt.
own-how-scumble = Dieselbe Farbe noch einmal, gebrochen, über dem, was darunter liegt; wo sie schon ist, bleibt das Bild.
how-toning = { $ground } ({ $paint }) gleichmäßig über das ganze Blatt legen.

edges-none = keine Kanten
edges-listed = { $kinds }
edges-of = { $how } { $cm } cm
edges-firm = hart, { $firm } cm
edges-soft = weich, { $soft } cm
edges-both = hart { $firm } cm, weich { $soft } cm

needs-dry-surface = trockener Malgrund
needs-dry = trocken
needs-wet = nass
needs-nothing = auf nichts zu warten
needs-wet-beside = trocken; Nachbarn dürfen nass sein

## Warum

why-meets-bare = { $masses-count ->
    [one] Ab hier wirkt { $masses } weiß. Was rundum liegt, ist { $step } dunkler.
   *[other] Ab hier wirken { $masses } weiß. Was rundum liegt, ist { $step } dunkler.
}
why-goes-round = Um { $masses } herum malen ({ $length } cm Kante). Übermalt { $masses-count ->
    [one] ist es verloren.
   *[other] sind sie verloren.
}
why-runs-under = Gerade darüber zu malen erspart { $length } cm Kante, die sonst zweimal gemalt würden.
why-runs-under-minutes = Gerade darüber zu malen erspart { $length } cm Kante, die sonst zweimal gemalt würden ({ $minutes } min).
why-keeps-off = { $masses } freilassen: diese Farbe darunter würde trüben.
why-nested = { $masses-count ->
    [one] Es überstrahlt alles rundum um { $step } Werte und leuchtet nur, wenn es in Stufen aufgebaut wird.
   *[other] Sie überstrahlen alles rundum um { $step } Werte und leuchten nur, wenn sie in Stufen aufgebaut werden.
}
why-last = Zuletzt: darüber kommt nichts mehr.
why-beside = Vom Folgenden kaum zu unterscheiden: die Farben zusammen mischen.
why-before-darker = Vor den dunkleren Durchgängen: an diesem werden sie beurteilt ({ $step } dunkler).
why-before-lighter = Vor den helleren Durchgängen: an diesem werden sie beurteilt ({ $step } heller).
why-waits = Durchgang { $number } trocknen lassen ({ $minutes } min), sonst laufen { $edge } ineinander.
why-ground-paints = { $masses } frei lassen. Der Grund hat den Tonwert schon ({ $share } % des Bildes).
why-muted-first = Zuerst eine stumpfere, dunklere Lage unter { $masses }. Allein sähe die leuchtende Farbe roh aus.
why-loose = Die Kante zu { $masses } grob lassen. Sie wird später übermalt ({ $length } cm).
why-accents-lighter = Zuletzt, wenn alles rundum steht: der stärkste ist { $step } heller als das.
why-accents-darker = Zuletzt, wenn alles rundum steht: der stärkste ist { $step } dunkler als das.
why-accent-lighter = Zuletzt, wenn alles rundum steht: { $step } heller als das.
why-accent-darker = Zuletzt, wenn alles rundum steht: { $step } dunkler als das.
why-lights-kept = { $first } Dasselbe gilt für { $masses }.
why-won-back = Alles rundum ist trocken und { $step } Werte dunkler: die Flüssigkeit kann weg.
why-toned = Ein Ton von { $value } malt { $share } % des Bildes auf einmal.
why-patches = Später blitzt nirgends nackter Grund, und { $share } % sind schon gemalt.
why-wiped = Wischen, solange der Ton nass ist, bis höchstens { $value }. Zu weit gewischt kommt er kaum zurück.
why-restated = Alles andere steht: jetzt die Dunkelheiten beurteilen und vertiefen, was verblasst ist.
why-surrounds = Um { $masses } herum gemalt, liegt diese Schicht unter allem Dunkleren ({ $share } %).
why-middles = Hellste { $high } und dunkelste { $low } stehen: jeden Mittelwert dazwischen beurteilen.
why-ends = Zuerst Hellstes und Dunkelstes setzen. Ohne sie ist jeder Mittelwert geraten.
why-glow = Das Licht fällt von { $high } auf { $low }: legen, solange nichts im Weg steht.
why-thing-first = Es liegt am weitesten hinten, also zuerst. Fertig malen, solange seine Farben gemischt sind.
why-thing = Was weiter hinten liegt, steht. Fertig malen, solange seine Farben gemischt sind.
why-thing-last = { $step } heller als alles andere: beurteilen, wenn alles steht.
why-own = Von dir eingesetzt: { $minutes } min.

## Worauf zu achten ist

seam-marked = markiert
sharp-edge = { $length } cm harte Kante

mind-too-long = Das dauert { $minutes } min, und die Lasur trocknet nach { $open }. Das Papier vorher anfeuchten oder in zwei Teilen legen.
mind-seam = Das dauert { $minutes } min, und die Lasur trocknet nach { $open }. Aufhören, wo { $first } an { $second } stößt ({ $seam }).
mind-grading = { $masses } abzustufen dauert { $minutes } min, aber Farbe trocknet nach { $open }. Feucht halten oder einen größeren Pinsel nehmen.
mind-tone-stays = Auf { $masses } bleibt der Ton: { $value } ist nah genug.
mind-wiped = { $masses } wird nur { $value }: was gewischt ist, behält etwas vom Ton.
mind-taken = { $masses } kommt nur auf { $value } zurück: was abgenommen ist, wird nie wieder ganz weiß.
mind-left-bare = { $masses } bleibt frei bei { $value }: nah genug am Plan.
mind-lighter = { $masses } wird { $value }, heller als geplant. Eine Schicht mehr, oder so lassen.
mind-darker = { $masses } wird { $value }, dunkler als geplant: was darunter liegt, scheint durch.
mind-no-darker = { $masses } wird { $value }: dunkler geht diese Farbe hier nicht.
mind-no-lighter = { $masses } wird { $value }: heller geht hier nichts.

## Wege, ein Licht zu erhalten

way = { $act }: { $why }.
way-asked = { $act }, wie gewünscht.
way-round = { $width } mm sind breit genug für einen Pinsel
way-round-small = { $width } mm sind zu schmal, um herumzumalen
way-round-late = herumzumalen macht { $minutes } min aus einer Lasur, die nach { $open } trocknet
way-round-many = { $count } davon, einzeln: das braucht Geduld
way-round-soft = danach { $soft } mm der Kante weich machen
way-round-tinted = danach einen Hauch von { $value } geben
way-mask = { $width } mm sind zu schmal, um herumzumalen
way-mask-wide = bei { $width } mm schützt Flüssigkeit, und die Lasur läuft durch
way-mask-many = { $count } kleine, und die Lasur läuft durch
way-mask-large = bei { $width } mm ist Flüssigkeit langsam und reißt vielleicht das Papier
way-mask-fine = feiner, als sich Flüssigkeit ziehen lässt
way-mask-soft = Flüssigkeit lässt eine harte Kante; { $soft } mm davon sind weich zu machen
way-lift = die Kante ist weich ({ $soft } mm), wie Abheben sie lässt
way-lift-firm = Abheben lässt eine weichere Kante als diese
way-lift-white = Abheben käme nicht bis zum Weiß zurück
way-lift-stains = die Farbe rundum färbt zu sehr ein
way-scratch = eine Haarlinie für die Klingenspitze, wenn alles ganz trocken ist
way-scratch-wide = mit { $width } mm zu breit für eine Klinge
way-scratch-thin = Papier von { $weight } g/m² verträgt keine Klinge
way-sand = { $count } Glitzerpunkte auf rauem Papier
way-sand-toxic = die Farbe rundum ist giftig: keinen Staub machen
way-sand-smooth = nur schweres, raues Papier glitzert beim Schleifen
way-sand-no = es ist kein gebrochenes Glitzern
way-white = ein Tupfer ganz zuletzt; neben Papier kreidig
way-white-none = du willst kein Deckweiß
way-tint = ein Hauch von { $value } markiert es und wird selbst zum Licht
way-tint-none = freies Papier braucht keinen Hauch

do-reserve = herummalen
do-mask = maskieren
do-placeholder = mit einem Hauch markieren
do-lift-wet = nass abheben
do-lift-dry = trocken abheben
do-stencil-lift = durch eine Schablone abheben
do-scratch = auskratzen
do-sand = schleifen
do-opaque-white = mit Deckweiß setzen
do-wipe-out = auswischen
do-leave = lassen

## Hinweise

school-chosen = Von dir gewählt.
school-fits = { $medium }: { $fits }.
key-fits = Deine Farben reichen von { $lowest } bis { $highest }: die Tonwerte des Fotos passen, wie sie sind.
key-closer = Deine Farben reichen von { $lowest } bis { $highest }. Das Foto geht von { $seen_lowest } bis { $seen_highest }: seine hellsten und dunkelsten Werte sind etwas enger geplant.
margin-sides = Das Bild ist schmaler als das Blatt: links und rechts bleiben { $margin } cm frei.
margin-ends = Das Bild ist niedriger als das Blatt: oben und unten bleiben { $margin } cm frei.
note-only-darkens = { $medium } macht nur dunkler: nichts wird heller als dieser Malgrund ({ $value }). Für das Licht einen helleren wählen.
note-ground-paints = Der Malgrund malt schon { $share } % des Bildes.
held-as-seen = Schon wie gesehen so: { $wanted }.
held-lighter = Damit { $wanted }, wurden { $masses } verschoben, um bis zu { $step } heller.
held-darker = Damit { $wanted }, wurden { $masses } verschoben, um bis zu { $step } dunkler.
conflict = { $masses } können nicht alle ihre Abstände halten: sie verlangen { $excess } Werte zu viel.
conflict-in-reach = { $masses } können nicht alle ihre Abstände halten: Farbe und Malgrund fehlen { $excess } Werte.
conflict-gave = Aufgegeben: { $relation }, um { $by }.
holds-order = Nachbarn ihre Reihenfolge behalten
holds-edges = Nachbarn mit harter Kante einen halben Wert auseinander bleiben
holds-light = das Licht alles überstrahlt
holds-families = jeder Schatten unter den Lichtern bleibt
holds-land = das Land dunkler als der Himmel bleibt
holds-depth = die Ferne heller als die Nähe bleibt

surface = { $tone } { $hue } { $value }

note-box-misses = { $masses } sind mit den { $kind }, die mitkommen, nicht zu treffen: Vorbereiten sagt, was hülfe.
note-order-rests = Deine eigene Reihenfolge ruht. { $why }
note-empty-area = Keine Masse liegt überwiegend in { $thing }: es wird mit dem Rest gemalt.
note-frames = Die Datei enthält { $count } Bilder; das erste wurde genommen.
note-exif-damaged = Die EXIF-Daten des Fotos sind beschädigt und wurden so weit wie möglich gelesen: prüfen, ob es aufrecht steht.
note-profile-damaged = Das Farbprofil der Datei ist beschädigt und wurde übergangen: Farben gelten als sRGB.
note-opened = { $flat ->
    [yes] { $lost } % des Fotos sind { $end ->
        [black] reines Schwarz
       *[white] reines Weiß
    } und bleiben es: dort wurde nichts aufgezeichnet.{" "}
   *[no] {""}
}Nahe { $end ->
    [black] Schwarz
   *[white] Weiß
} wird eine Stufe der Datei zu bis zu { $steps }: Korn und Flecken, die sichtbar werden, stammen von der Kamera, nicht vom Motiv.
note-seam = { $thing } stammt aus einem anderen Foto: entlang der Naht liegen { $apart } Werte zwischen ihm und dem, was daneben liegt{ $melts ->
    [yes] , { $lost } % der Grenze gehen fast verloren
   *[no] {""}
}. Darauf achten, dass das Licht wie im Hauptfoto fällt, und den Schnitt dort weicher machen, wo das Ding sich rundet.
note-invented = { $share } % des Bildes sind erfunden: aus den Nachbarn ergänzt, wo etwas stand.
note-mood-lighter = Für die Stimmung sind alle Werte zwischen Hellstem und Dunkelstem angehoben.
note-mood-darker = Für die Stimmung sind alle Werte zwischen Hellstem und Dunkelstem gesenkt.
note-mood-closer = Für die Stimmung liegen alle Werte näher beisammen.
note-in-time = In { $hand } min: { $total } von { $before } min, Wartezeiten eingerechnet. Aufgegeben: { $given }.
note-not-in-time = Auch der schnellste Weg dauert { $total } min, Wartezeiten eingerechnet; du hast { $hand }. Ein kleineres Blatt nehmen oder eine zweite Sitzung. Aufgegeben: { $given }.
gave-up = { $what ->
    [passes] { $now ->
        [one] ein Durchgang statt { $had }
       *[other] { $now } Durchgänge statt { $had }
    }
    [effects] { $now ->
        [0] alle { $had } Effekte
        [one] ein Effekt statt { $had }
       *[other] { $now } Effekte statt { $had }
    }
    [tones] { $now } Töne statt { $had }
   *[marks] { $now ->
        [0] alle { $had } kleinen Zeichen
        [one] ein kleines Zeichen statt { $had }
       *[other] { $now } kleine Zeichen statt { $had }
    }
}
gave-up-tools = feine Werkzeuge zugunsten großer
note-colours-off = Ohne Lasuren liegen die Farben im Mittel { $off } daneben; 1 sieht man kaum. Das Wichtigste lasieren oder einen anderen Ansatz nehmen.
note-relit = Das Licht ist eingesetzt. Was ihm zugewandt ist, ist aus Umrissen und Tiefe geraten; { $by ->
    [lamp] die Lampe
   *[sun] die Sonne
}, warme Lichter und kühle Schatten sind erfunden.

# Kleine Zeichen

note-marks-left-out = Kleine Zeichen erzählen { $share } % dessen, was die Massen auslassen. Der Rest ist feiner, als { $minutes } min es erzählen können: weich lassen.
while-dries = Während es trocknet: { $colours ->
    [0] Pinsel reinigen und das Ganze aus der Ferne ansehen.
    [one] die Farbe von Durchgang { $pass } mischen, { $minutes } min.
   *[other] die { $colours } Farben von Durchgang { $pass } mischen, { $minutes } min.
}
while-days = Das trocknet Tage: an einem anderen Bild weitermalen.
title-effects = Letzte Griffe: { $count ->
    [one] ein Effekt
   *[other] { $count } Effekte
}
reason-effects = Das geht über { $count ->
    [one] eine fertige Masse, die
   *[other] { $count } fertige Massen, die
} dafür trocken sein und danach nicht mehr bedeckt werden { $count ->
    [one] darf
   *[other] dürfen
}.
title-effects-and-marks = Letzte Griffe: { $effects ->
    [one] ein Effekt
   *[other] { $effects } Effekte
}, Zeichen: { $marks }
title-details = Letzte Zeichen: { $count ->
    [one] eines
   *[other] { $count }
}
how-keep-marks = { $count ->
    [one] Ein kleines Licht
   *[other] { $count } kleine Lichter
} in { $masses } unbemalt lassen, wie das Bild zeigt.
how-keep-texture = { $masses } mit wenig Farbe am Pinsel aufstreichen, damit es von unten glitzert.
how-draw = { $marks } zeichnen, { $value }.
how-recover = { $marks } in getöntem Deckweiß setzen, { $value }.
how-texture = { $marks }, { $value }, mit wenig Farbe aufziehen{ $way ->
    [crossing] {""}
    [upright] , auf und ab
    [level] , hin und her
   *[slanting] , schräg
}; Lücken lassen.
how-draw-more = { $count ->
    [one] Noch eine Gruppe
   *[other] Noch { $count } Gruppen
} setzen, wie das Bild zeigt.
marks-named = { $name }: { $marks }
marks-line-dark = { $count ->
    [one] eine dunkle
   *[other] { $count } dunkle
} { $way ->
    [upright] senkrechte{" "}
    [level] waagrechte{" "}
    [slanting] schräge{" "}
   *[crossing] {""}
}{ $count ->
    [one] Linie
   *[other] Linien
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
marks-line-light = { $count ->
    [one] eine helle
   *[other] { $count } helle
} { $way ->
    [upright] senkrechte{" "}
    [level] waagrechte{" "}
    [slanting] schräge{" "}
   *[crossing] {""}
}{ $count ->
    [one] Linie
   *[other] Linien
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
marks-dab-dark = { $count ->
    [one] ein dunkler Tupfer
   *[other] { $count } dunkle Tupfer
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
marks-dab-light = { $count ->
    [one] ein heller Tupfer
   *[other] { $count } helle Tupfer
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
marks-shape-dark = { $count ->
    [one] eine kleine dunkle Form
   *[other] { $count } kleine dunkle Formen
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
marks-shape-light = { $count ->
    [one] eine kleine helle Form
   *[other] { $count } kleine helle Formen
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
marks-texture-dark = { $grain ->
    [fine] feine dunkle Struktur
    [coarse] grobe dunkle Struktur
   *[even] dunkle Struktur
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
marks-texture-light = { $grain ->
    [fine] feine helle Struktur
    [coarse] grobe helle Struktur
   *[even] helle Struktur
}{ $spread ->
    [yes] {" "}hier und da
   *[no] {" "}auf { $masses }
}
edges-firm-marks = hart, auslaufend
reason-marks = Zuletzt setzen: sie erzählen { $share } % dessen, was die Massen auslassen.
