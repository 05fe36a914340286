# Was auf der Seite steht, nach der Datei, die es sagt.

## api/client.ts

client-program-does-answer = Das Programm antwortet nicht. Nichts ging verloren; nachsehen, ob es noch läuft.

## api/hooks.ts

hooks-stopped-everything = Angehalten; nichts wurde geändert.

## mix/ByHand.tsx

by-hand-thinner = dünner
by-hand-stronger = kräftiger
by-hand-reset = Zurücksetzen

## mix/MeetingRow.tsx

meeting-row-between = so wie es ist: { $fault } dazwischen
meeting-row-touch-between = mit etwas { $through } dazwischen

## mix/Mix.tsx

mix-smaller = { $count ->
    [one] eine kleinere Mischung
   *[other] { $count } kleinere Mischungen
}
mix-mixtures-amount = { $count ->
    [one] eine Mischung, { $ml } ml mit etwas Vorrat
   *[other] { $count } Mischungen, { $ml } ml mit etwas Vorrat
}
mix-mixtures = { $count ->
    [one] eine Mischung
   *[other] { $count } Mischungen
}
mix-pass-titled = Durchgang { $pass }: { $title }
mix-pass-choice = Durchgang
mix-pass-numbered = Durchgang { $pass }
mix-working-mixtures-out = Mischungen werden ausgearbeitet…
mix-reference = Das Foto
mix-colours-modelled-films = Farben sind aus Pigmentfilmen modelliert, nicht an deinen Tuben gemessen. Mengen sind aus üblichen Filmgewichten geschätzt.
mix-test-strips = Probestreifen
mix-nothing-mixed-pass = In diesem Durchgang wird nichts gemischt.

## mix/PileNotes.tsx

pile-notes-lifts = trocken abzuheben bis { $value }
pile-notes-lifts-granulates = trocken abzuheben bis { $value }, granuliert
pile-notes-again-thinner = Oder { $mixture } noch einmal, mit mehr Wasser: fast dasselbe.
pile-notes-again-stronger = Oder { $mixture } noch einmal, kräftiger: fast dasselbe.
pile-notes-leaves-tooth-rubbed = lässt { $tooth } % der Rauheit · mit dem Finger gerieben { $rubbed }, fixiert { $fixed }
pile-notes-your-paints-come = Deine Farben kommen dieser nur nahe; { $helps } hülfe.

## mix/PileRow.tsx

pile-row-mix-to = { $count ->
    [one] Nass auf <b>{ $wet }</b> mischen; trocknet zu <b>{ $value }</b> · <b>{ $ml } ml</b> · eine Lage
   *[other] Nass auf <b>{ $wet }</b> mischen; trocknet zu <b>{ $value }</b> · <b>{ $ml } ml</b> · { $count } Lagen
}
pile-row-sticks = { $count ->
    [one] <b>{ $value }</b> mit einer Kreide
   *[other] <b>{ $value }</b> mit { $count } Kreiden, in dieser Folge
}
pile-row-close = nah
pile-row-leaves = verlässt { $band }
pile-row-too-light = { $by } zu hell
pile-row-too-dark = { $by } zu dunkel
pile-row-exact = genau
pile-row-near = nah
pile-row-under = darunter
pile-row-wanted = gesucht
pile-row-laid = gelegt
pile-row-is-dry = trocken
pile-row-is-wet = nass
pile-row-graded = abgestuft { $from } bis { $to }
pile-row-hand = von Hand
pile-row-another-way = ein anderer Weg ({ $chosen } von { $count })
pile-row-off-colour = in der Farbe daneben
pile-row-what-lies = Was dort liegt
pile-row-target = Das Ziel
pile-row-dry = Trocken
pile-row-wet = Nass

## mix/Used.tsx

used-runs-out = <b>{ $paint }</b>: { $ml } ml gebraucht, { $left } ml im Regal. Sie wird ausgehen.
used-caution = <b>{ $paints }</b>: { $caution }. Die Etiketten lesen.
used-sticks-working-order = Die Kreiden, in Arbeitsfolge
used-palette-working-order = Auf der Palette, in Arbeitsfolge
used-touch = etwas
used-ml = { $ml } ml
used-your-shelf = Nicht in deinem Regal: { $missing }.

## mix/ValueChart.tsx

value-chart-near = <b>{ $mixture } { $value }</b> liegt { $by } von der Grenze ihrer Stufe: dort halten.
value-chart-light = Hell
value-chart-middle = Mittel
value-chart-dark = Dunkel
value-chart-whole-piece-three = Das ganze Bild in drei Spalten
value-chart-bare = frei
value-chart-bare-surface = Der freie Malgrund

## mix/Ways.tsx

ways-cooler = kühler
ways-warmer = wärmer
ways-warm-meant = so warm wie gemeint
ways-same-value = Beim selben Tonwert
ways-test-strip-dried = Ein Probestreifen davon trocknete zu
ways-looked = und sah aus
ways-mix-instead = also stattdessen mischen

## mix/names.ts

names-one-side = { $mass }, { $side ->
    [light] die helle Seite
    [dark] die dunkle Seite
    [between] zwischen den Seiten
    [warm] die warme Seite
   *[cool] die kühle Seite
}
names-and-more = { $named } und { $count } weitere
names-where-both-meet = Wo sich beide Seiten nass treffen: { $mass }
names-where-meets-wet = Wo sich zwei nass treffen: { $one }, { $other }

## mix/table.ts

table-touch = etwas
table-trace = eine Spur
table-light-pressure = leichter Druck:
table-medium-pressure = mittlerer Druck:
table-firm-pressure = fester Druck:

## order/Actions.tsx

actions-passes = { $count ->
    [one] ein Durchgang
   *[other] { $count } Durchgänge
}
actions-ties = { $counts } täten es ebenso
actions-one-pass-fewer = Ein Durchgang weniger
actions-one-pass-more = Ein Durchgang mehr
actions-pass-cards = Karten
actions-cards-pdf = { $piece } Karten.pdf
actions-one-sheet = ein Blatt
actions-plan-pdf = { $piece } Plan.pdf
actions-export = ausgeben

## order/Below.tsx

below-weak-points = { $count ->
    [0] keine Schwächen
    [one] eine Schwäche
   *[other] { $count } Schwächen
}
below-whites = { $count ->
    [one] ein Weiß erhalten
   *[other] { $count } Weiß erhalten
}
below-passes = { $count ->
    [one] ein Durchgang
   *[other] { $count } Durchgänge
}
below-masses = { $count ->
    [one] eine Masse
   *[other] { $count } Massen
}
below-areas = Bereiche
below-approaches = Ansätze
below-below-washboard = Unter dem Waschbrett

## order/Findings.tsx

findings-before-now = Schwächen vorher: { $before }, jetzt: { $now }. Links: vorher.
findings-before = Vorher
findings-tried = Versucht: { $tried }.
findings-keep = Behalten
findings-undo = Zurück
findings-nothing-weakens-plan = Nichts Messbares schwächt diesen Plan.
findings-pass = Durchgang { $number }
findings-try = Versuchen: { $fix }

## order/KeepOrder.tsx

keep-order-eight-orders-saved = Acht Reihenfolgen sind gesichert; eine löschen, um eine andere zu sichern.
keep-order-save-order = Diese Reihenfolge sichern als
keep-order-save = Sichern
keep-order-save-approach-other = Als Ansatz für andere Bilder sichern
keep-order-name-taken = Der Name ist vergeben.

## order/Lights.tsx

lights-none = Kein Licht dieses Plans bleibt als freier Malgrund stehen.
lights-none-opaque = Kein Licht dieses Plans bleibt als freier Malgrund stehen: deckende Farbe setzt ihre Lichter zuletzt.
lights-opaque-white-may = Deckweiß ist erlaubt
lights-how-kept = Wie { $name } erhalten wird
lights-reset = Zurücksetzen

## order/Mixing.tsx

mixing-area = ein Bereich
mixing-paint-one-area = Zuerst einen Bereich malen:
mixing-approach = Ansatz
mixing-add = Hinzufügen
mixing-remove = Entfernen

## order/MoveNote.tsx

move-note-fix = Abhilfe: { $moves }.
move-note-pass-place = Durchgang { $from } auf Platz { $to }
move-note-so-for = Ebenso <lit>{ $count } weitere</lit>.
move-note-work-more = { $minutes } mehr Arbeit.
move-note-work-less = { $minutes } weniger Arbeit.
move-note-waiting-more = { $minutes } mehr Wartezeit.
move-note-waiting-less = { $minutes } weniger Wartezeit.
move-note-fine = { $asked }: geht.
move-note-keep-order = Diese Reihenfolge behalten
move-note-put-back = Zurücklegen
move-note-cannot = { $asked } geht nicht:
move-note-only-old-order = Nur die alte Reihenfolge geht.
move-note-use-fix = Abhilfe nehmen

## order/NameThings.tsx

name-things-sky = Himmel
name-things-water = Wasser
name-things-ground = Boden
name-things-wall = Wand
name-things-table = Tisch
name-things-tree = Baum
name-things-house = Haus
name-things-figure = Figur
name-things-shadow = Schatten
name-things-invite = <b>Benenne, was du siehst.</b> Der Plan spricht dann von Himmel und Tisch.
name-things-begin = Anfangen
name-things-now = Nicht jetzt
name-things-what = Was ist das? { $at } von { $count }
name-things-next = Weiter
name-things-skip = Überspringen
name-things-done = Fertig
name-things-touch = oder antippen:

## order/Order.tsx

order-toning = { $what } { $work } Arbeit, { $wait } trocknen.
order-nothing-laid = Noch liegt nichts.
order-press = → für Durchgang 1 drücken, oder einen Durchgang unter dem Bild anklicken.
order-after-pass = <b>Durchgang { $pass } von { $count }</b>, trocken
order-ground = Der Grund
order-bare-surface = Der freie Malgrund

## order/EdgesLayer.tsx

edges-layer-edges = Kanten der Massen: Linien sind hart, graue Bänder weich, Punkte verloren, Striche gebrochen

## order/Edges.tsx

edges-edge = Kante
edges-section = Kanten dieses Durchgangs
edges-choose = { $count ->
    [one] auswählen, oder mit E im Bild antippen
   *[other] eine von { $count } auswählen, oder mit E im Bild antippen
}
edges-named = { $one } · { $other }, { $length } cm, { $how ->
    [firm] hart
    [soft] weich
    [lost] verloren
    [broken] gebrochen
   *[other] { $how }
}
edges-told = { $length } cm, { $how ->
    [firm] hart
    [soft] weich
    [lost] verloren
    [broken] gebrochen
   *[other] { $how }
}{ $wished ->
    [yes] {" "}wie gewünscht. Anders vorgeschlagen: { $why }.
   *[no] : { $why }.
}
edges-when = { $how ->
    [firm] Mit vollem Pinsel oder scharfer Kreide schneiden und so lassen.
    [broken] { $medium ->
        [pastel] Die Seite der Kreide darüberziehen.
       *[other] Einen trockenen Pinsel flach darüberziehen.
    }
   *[other] { $when ->
        [wet] { $medium ->
            [watercolour] Einen feuchten Pinsel daran entlangziehen, solange die Lasur glänzt.
            [pastel] Mit dem Finger daran entlangfahren.
            [acrylic] Einen feuchten Pinsel daran entlangziehen, ehe die Farbe klebrig wird.
           *[other] Einen trockenen weichen Pinsel daran entlangziehen, solange die Farbe offen ist.
        }
       *[other] { $medium ->
            [watercolour] Wenn die erste Seite trocken ist, dort mit klarem Wasser nässen und die andere hineinlegen.
            [pastel] Mit dem Finger daran entlangfahren, von der späteren Seite her.
           *[other] Die spätere Seite kurz davor enden lassen und mit trockenem weichem Pinsel darüberziehen.
        }
    }
}
edges-kind = { $how ->
    [firm] hart
    [soft] weich
    [lost] verloren
    [broken] gebrochen
   *[other] { $how }
}
edges-behind = Was dahinter liegt
edges-behind-told = Die beiden Seiten liegen { $step } auseinander. Dahinter:
edges-behind-kind = { $how ->
    [darker] dunkler
    [lighter] heller
   *[as-seen] wie gesehen
}
edges-proposed = vorgeschlagen

## order/Tones.tsx

tones-section = Tonwert und Farbe einer Masse
tones-touch = Eine Masse antippen, um sie heller oder dunkler, lauter oder leiser, wärmer oder kühler als geplant zu machen.
tones-moved = { $mass }: { $how }
tones-back = wie geplant
tones-lighter = { $way ->
    [more] { $by } heller
    [less] { $by } dunkler
   *[same] Tonwert wie geplant
}
tones-colour = { $way ->
    [more] { $by } % mehr Farbe
    [less] { $by } % weniger Farbe
   *[same] Farbe wie geplant
}
tones-warmer = { $way ->
    [more] { $by } wärmer
    [less] { $by } kühler
   *[same] Wärme wie geplant
}
tones-lever-lighter = { $mass }, heller oder dunkler
tones-lever-colour = { $mass }, mehr oder weniger Farbe
tones-lever-warmer = { $mass }, wärmer oder kühler

## order/Building.tsx

building-stages = Stufen eines Dings
building-around = Hintergrund darum, cm
building-usual = üblich
building-nothing-under = Nie darüber malen
building-forbid = Verbieten
building-allow = wieder erlauben
building-cool = alles Kühle
building-warm = alles Warme
building-pass = Durchgang { $number } über Massen

## order/OwnPass.tsx

own-pass-over = über { $mass }
own-pass-over-same = über dieselben Massen
own-pass-add-pass-after = Einen Durchgang einsetzen nach { $pass }:
own-pass-along = den Strich entlang
own-pass-within = im Umriss
own-pass-stroke = Einen Strich ziehen
own-pass-outline = Einen Umriss ziehen
own-pass-whole = Ganze Massen
own-pass-wide = mm breit
own-pass-try = Versuchen
own-pass-reset-passes = Durchgänge zurücksetzen

## order/PassList.tsx

pass-list-marks = Kleine Zeichen
pass-list-marks-up-to = { $count ->
    [0] Keine kleinen Zeichen
   *[other] Kleine Zeichen: bis { $count }
}
pass-list-amount = { $word ->
    [none] keine
    [few] wenige
    [some] einige
   *[many] viele
}
pass-list-pinned = angeheftet
pass-list-pin = anheften
pass-list-split = teilen
pass-list-join = verbinden
pass-list-tone-first = Zuerst tönen: { $title }
pass-list-reset-which-masses = zurücksetzen, welche Massen wohin gehören
pass-list-join-pass-next = Durchgang { $k } mit dem nächsten verbinden
pass-list-split-pass-two = Durchgang { $k } in zwei teilen
pass-list-pin-pass = Durchgang { $k } anheften
pass-list-pinned-pass-stays = Ein angehefteter Durchgang bleibt, wo er ist, wenn andere verschoben werden
pass-list-leave-out = auslassen
pass-list-leave-out-pass = Durchgang { $k } auslassen

## order/PassNote.tsx

pass-note-to = { $low } bis { $high }
pass-note-work = Arbeit
pass-note-between-coats = zwischen Schichten
pass-note-let-dry = trocknen lassen
pass-note-value = Tonwert
pass-note-edges = Kanten
pass-note-before = vorher
pass-note-why = Warum.
pass-note-with = Mit
pass-note-tool-pass = Werkzeug dieses Durchgangs
pass-note-usual-tool = das übliche Werkzeug

## order/Ridges.tsx

ridges-passes-drag-one = Durchgänge: einen ziehen, oder Alt und einen Pfeil drücken, um ihn zu verschieben
ridges-pass = Durchgang { $k }, { $title }, { $minutes }
ridges-step-without-return = Ein Schritt ohne Rückweg

## order/Rows.tsx

rows-kept = frei
rows-marks = fein
rows-masses = Massen nach Durchgängen, mit dem Tonwert nach jedem
rows-areas = Bereiche nach Durchgängen, mit dem Tonwert nach jedem
rows-mass = Masse
rows-area = Bereich

## order/SchoolRow.tsx

school-row-layers = { $count ->
    [one] eine Lage
   *[other] bis { $count } Lagen
}
school-row-sittings = { $count ->
    [one] eine Sitzung
   *[other] { $count } Sitzungen
}
school-row-irreversible = { $count ->
    [one] ein Schritt ohne Rückweg
   *[other] { $count } Schritte ohne Rückweg
}
school-row-mixtures = { $count ->
    [one] eine Mischung
   *[other] { $count } Mischungen
}
school-row-passes = { $count ->
    [one] ein Durchgang
   *[other] { $count } Durchgänge
}
school-row-picture = { $title }, nach Durchgang { $pass }
school-row-after = nach { $pass }
school-row-not = Hier nicht: { $why }.
school-row-work = { $minutes } Arbeit
school-row-drying = { $minutes } trocknen
school-row-lightest-darkest-stand = Hellstes und Dunkelstes stehen ab Durchgang { $pass }
school-row-colours-off = Farben { $mean } ΔE daneben, höchstens { $worst }
school-row-values-off = Tonwerte { $mean } daneben
school-row-use = in Gebrauch
school-row-delete = Löschen
school-row-more = mehr
school-row-waiting = kein Warten
school-row-lightest-darkest-never = Hellstes und Dunkelstes stehen vor dem letzten Durchgang nie nebeneinander

## order/Schools.tsx

schools-marks-besides = Kleine Zeichen kommen in jedem Ansatz dazu.
schools-use = Nehmen
schools-working-out-every = Alle Ansätze werden ausgearbeitet…

## order/Stage.tsx

stage-after-pass = Das Bild nach Durchgang { $pass }
stage-after-pass-values = Das Bild nach Durchgang { $pass }, nur Tonwerte
stage-reference = Das Foto
stage-draw = Eine Linie ziehen, wo sie hingehört.
stage-draw-round = Um die Stelle herumfahren.

## order/Toggles.tsx

toggles-photo = Foto
toggles-outlines = Umrisse
toggles-where = wo
toggles-hand = Hand
toggles-edges = Kanten
toggles-squint = blinzeln
toggles-values-only = Tonwerte

## order/Variants.tsx

variants-use = Nehmen
variants-passes = { $count ->
    [one] ein Durchgang
   *[other] { $count } Durchgänge
}
variants-being-worked-out = wird ausgearbeitet

## order/Washboard.tsx

washboard-work = { $work } Arbeit
washboard-work-waiting = { $work } Arbeit, { $wait } Wartezeit
washboard-values-all-masses = Tonwerte aller Massen nach jedem Durchgang
washboard-highlights = Lichter
washboard-dark-accents = Dunkle Akzente

## order/WhereLayer.tsx

where-layer-coats = { $count }×
where-layer-where-pass-painted = Wo dieser Durchgang gemalt wird
where-layer-what-lit = Was hervorgehoben ist

## order/useMove.ts

use-move-pass-moved-place = Durchgang { $pass } auf Platz { $place }
use-move-after-pass = „{ $act }“ nach Durchgang { $pass }
use-move-plan-without-pass = Der Plan ohne Durchgang { $pass }

## prepare/Pairs.tsx

pairs-title = Paare, die du gern mischst
pairs-one = Mischen
pairs-other = mit
pairs-add = Dieses Paar behalten
pairs-forget = vergessen

## parts/Corners.tsx

corners-photo = Das Foto
corners-upper-left = Linke obere Ecke
corners-upper-right = Rechte obere Ecke
corners-lower-right = Rechte untere Ecke
corners-lower-left = Linke untere Ecke
corners-take = Diese Ecken nehmen
corners-leave = Lassen

## parts/Frame.tsx

frame-surround-light = helle Umgebung
frame-surround-middle = mittlere Umgebung
frame-surround-dark = dunkle Umgebung
frame-pieces = Bilder
frame-shelf = Regal
frame-drills = Übungen
frame-devices = Tablet und Telefon
frame-all-pieces = Alle Bilder
frame-stages = Stufen
frame-surround = Umgebung

## parts/KeysDialog.tsx

keys-dialog-keys = Tasten
keys-dialog-turn-letter-keys = Buchstabentasten ausschalten

## parts/Naming.tsx

naming-of-mass = Name dieser Masse
naming-of-area = Name dieses Bereichs
naming-of-family = Name dieser Zeichen
naming-give-name = Einen Namen geben
naming-name-b = benennen

## parts/NotHere.tsx

not-here-kept = Nichts ging verloren.
not-here-pieces = Bilder
not-here-nothing-address = An dieser Adresse ist nichts
not-here-go-pieces = Zu den Bildern

## parts/PhotoPick.tsx

photo-pick-reading-photo = das Foto wird gelesen

## parts/Progress.tsx

progress-stage = { $stage }, { $done } %.
progress-making-plan = Der Plan entsteht
progress-progress = Fortschritt
progress-stop = Anhalten
progress-photo = Das Foto
progress-masses = Das Foto in Massen
progress-order = Die Reihenfolge, vor Effekten und kleinen Zeichen

## parts/SceneDrawing.tsx

scene-drawing-red = rot
scene-drawing-orange = orange
scene-drawing-yellow = gelb
scene-drawing-green = grün
scene-drawing-sea-green = seegrün
scene-drawing-blue = blau
scene-drawing-violet = violett
scene-drawing-grey = grau
scene-drawing-scene-masses = Die Szene: { $count } Massen
scene-drawing-value = Tonwert
scene-drawing-value-b = Tonwert { $v }
scene-drawing-hue = Farbton
scene-drawing-delete-mass = Diese Masse löschen
scene-drawing-choose-value-draw = Einen Tonwert wählen und um eine Masse herumfahren; eine antippen, um sie zu ändern. Fernes zuerst zeichnen.

## parts/keys.ts

keys-squint = blinzeln
keys-photo = Foto
keys-outlines = Umrisse
keys-weak-points = Schwächen
keys-undo = zurücknehmen
keys-redo = wiederholen
keys-previous-pass = voriger Durchgang
keys-next-pass = nächster Durchgang
keys-mass-area-before = vorige Masse oder voriger Bereich
keys-next-mass-area = nächste Masse oder nächster Bereich
keys-hold-q = Q halten
keys-hold-c = C halten
keys-plan-beside = in Prüfen: der Plan anstelle des Gemäldes
keys-values-only = nur Tonwerte
keys-where-pass-painted = wo der Durchgang gemalt wird
keys-hand = wie von Hand gelegt
keys-edges = Kanten: hart, weich, verloren, gebrochen
keys-to = 1 bis 9
keys-one-band-alone = eine Stufe allein, 0 für alle
keys-play-passes = die Durchgänge abspielen
keys-ctrl-z = Strg oder ⌘ Z
keys-ctrl-shift-z = Strg oder ⌘ Umschalt Z
keys-these-keys = diese Tasten

## parts/time.ts

time-minutes = { $minutes } min
time-hours = { $hours } h { $minutes }
time-days = { $days ->
    [one] { $days } Tag
   *[other] { $days } Tage
}
time-short-minutes = { $minutes }′
time-short-hours = { $hours }h{ $minutes }
time-short-days = { $days } T

## pieces/Decisions.tsx

decisions-cm = cm
decisions-white = Weiß
decisions-light-grey = Hellgrau 7
decisions-middle-grey = Mittelgrau 5
decisions-black = Schwarz
decisions-what-do-you = Womit malst du?
decisions-what-you-painting = Worauf malst du?
decisions-another = Anderer
decisions-another-tone = Anderer Ton
decisions-how-large = Wie groß?
decisions-width-cm = Breite in cm
decisions-height-cm = Höhe in cm
decisions-see-order = Die Reihenfolge sehen

## pieces/DropPhoto.tsx

drop-photo-drop = <b>Ein Foto hierher ziehen</b> oder <choose>eines auswählen</choose> und sagen, womit du malst, worauf und wie groß. Die Reihenfolge kommt sofort.
drop-photo-reading = <b>Das Foto wird gelesen</b> oder <choose>eines auswählen</choose> und sagen, womit du malst, worauf und wie groß. Die Reihenfolge kommt sofort.
drop-photo-none = Kein Foto?
drop-photo-from-mind = Aus dem Kopf
drop-photo-choose-photo = Ein Foto auswählen
drop-photo-draw-scene-you = Eine Szene zeichnen, die du im Kopf hast

## pieces/History.tsx

history-undo = zurücknehmen
history-redo = wiederholen
history-undo-what = zurücknehmen: { $what }
history-redo-what = wiederholen: { $what }
history-nothing-to-undo = Nichts zurückzunehmen
history-nothing-to-redo = Nichts zu wiederholen

## pieces/NewPiece.tsx

new-piece-reference = Das Foto
new-piece-is-painting = Es ist ein Foto eines Gemäldes: gerade ziehen
new-piece-drag-corners = Jede Ecke auf eine des Gemäldes ziehen, mit oder ohne Rand, aber nie auf den Rahmen.
new-piece-straighten = Die Kanten werden gesucht

## pieces/PieceRoom.tsx

piece-room-facts = { $medium } auf { $surface }, { $wide } × { $high } cm
piece-room-see = Sehen
piece-room-prepare = Vorbereiten
piece-room-order = Ordnen
piece-room-mix = Mischen
piece-room-paint = Malen
piece-room-review = Prüfen
piece-room-try-again = Noch einmal versuchen

## pieces/Pieces.tsx

pieces-pieces = Bilder
pieces-piece-yet = Noch kein Bild
pieces-drop-photo-you = Das Foto hierher ziehen, nach dem du malen willst. Du sagst, womit du malst, worauf und wie groß; die Folge der Durchgänge kommt sofort, mit dem Bild nach jedem.

## pieces/Strip.tsx

strip-first-and-all = { $first } für den Anfang. Im Ganzen { $work } Arbeit.
strip-first-and-all-waiting = { $first } für den Anfang. Im Ganzen { $work } Arbeit und { $wait } Wartezeit.
strip-next-and-rest = Als Nächstes { $first } Arbeit, { $work } bis zum Ende.
strip-next-and-rest-waiting = Als Nächstes { $first } Arbeit. Bis zum Ende { $work } Arbeit und { $wait } Wartezeit.
strip-finished-on = Fertig am { $day }.
strip-outdated = Seither geändert: beim Öffnen neu ausgearbeitet.
strip-not-worked-out = Wird beim Öffnen ausgearbeitet.
strip-passes = { $count ->
    [one] ein Durchgang
   *[other] { $count } Durchgänge
}
strip-cm = { $medium }, { $wide } × { $high } cm
strip-being-worked-out = Wird ausgearbeitet.

## prepare/Composition.tsx

composition-smaller = kleiner
composition-larger = größer
composition-crop = beschneiden
composition-move-thing = ein Ding verschieben
composition-dark-accent = ein dunkler Akzent
composition-highlight = ein Licht
composition-set-focus = Blickpunkt setzen
composition-set-light = Licht setzen
composition-new-light = ein Licht einsetzen
composition-leave-out = weglassen
composition-what-do-picture = Was im Bild zu tun ist
composition-photographed = wie fotografiert
composition-thing-touched = Das angetippte Ding
composition-nothing-weakens-arrangement = Nichts schwächt die Anordnung.
composition-try = Versuchen: { $fix }

## prepare/CompositionFacts.tsx

composition-facts-lamps = { $count ->
    [one] von einer Lampe im Bild, Tonwert { $value }
   *[other] von { $count } Lampen im Bild, die stärkste mit Tonwert { $value }
}
composition-facts-focus-proposed = { $cm } cm von einem Drittelpunkt, vorgeschlagen
composition-facts-focus-set = { $cm } cm von einem Drittelpunkt, wie du ihn gesetzt hast
composition-facts-bright-spot = Heller Fleck { $number }, { $value }:
composition-facts-light-agreed = fällt { $way }: { $count ->
    [one] ein Bereich sagt es
   *[other] { $count } Bereiche stimmen überein
}
composition-facts-light-set = fällt { $way }, wie du es gesetzt hast
composition-facts-horizon = Horizont
composition-facts-focus = Blickpunkt
composition-facts-light = Licht
composition-facts-lamp = eine Lampe
composition-facts-reflection = eine Spiegelung
composition-facts-light-shadow = Licht und Schatten
composition-facts-area-shows-both = kein Bereich zeigt beides
composition-facts-largest-areas = Größte Bereiche
composition-facts-dotted-how-eye = gepunktet: wie das Auge zum Blickpunkt kommt ({ $leads } an Kontrasten entlang)
composition-facts-path = Weg
composition-facts-none-found = keiner gefunden
composition-facts-cm-top-both = { $leftCm } cm von oben auf beiden Seiten, { $share } der Höhe
composition-facts-cm-top-left = links { $leftCm } cm von oben, rechts { $rightCm } cm: { $tiltDeg }° aus der Waage
composition-facts-areas-do-agree = die Bereiche sind sich über die Richtung nicht einig: berichtigen oder setzen
composition-facts-apart = { $gap } auseinander
composition-facts-hardly-apart = kaum auseinander
composition-facts-light-shadow-mix = Licht und Schatten mischen sich ({ $gap })
composition-facts-darkest-light-lightest = dunkelstes im Licht { $darkestLight }, hellstes im Schatten { $lightestShadow }, { $words }

## prepare/CropPicture.tsx

crop-picture-left = linke Seite des Rahmens
crop-picture-top = obere Seite des Rahmens
crop-picture-right = rechte Seite des Rahmens
crop-picture-bottom = untere Seite des Rahmens
crop-picture-whole-reference = Das ganze Foto

## prepare/Ghost.tsx

ghost-cut-out = ausgeschnitten

## prepare/Grounds.tsx

grounds-best = <b>{ $ground }</b> passt am besten.
grounds-spares = <b>{ $percent } %</b> des Bildes brauchen keine Farbe
grounds-coats = im Mittel { $coats } Schichten
grounds-coats-lights = { $coats } Schichten für die Lichter
grounds-coats-fewer = { $count } von { $masses } Massen brauchen weniger Schichten
grounds-value = Tonwert { $value }, { $lightest }, { $darkest }
grounds-at-lightest = so hell wie das Hellste
grounds-at-darkest = so dunkel wie das Dunkelste
grounds-to-lightest = { $by } unter dem Hellsten
grounds-to-darkest = { $by } über dem Dunkelsten
grounds-in-use = in Gebrauch
grounds-shelf = in deinem Regal
grounds-take = Nehmen
grounds-shares-counted-photo = Anteile sind im Foto gezählt: was in Tonwert und Farbe nah ist. Schichten sind aus der Deckkraft jeder Farbe modelliert, eine Schätzung, die Probestreifen berichtigen.
grounds-begun = Begonnen auf { $words }
grounds-lay-dry = { $minutes } legen, { $dryMinutes } trocknen
grounds-lights-lose = Lichter verlieren { $lightsLost }

## prepare/IntentForm.tsx

intent-form-darker = dunkler
intent-form-lighter = heller
intent-form-seen = wie gesehen
intent-form-values-closer-together = Tonwerte enger beisammen
intent-form-which-area-leads = Welcher Bereich führt?
intent-form-leave-out = weglassen
intent-form-focus-proposed-inside = Der Blickpunkt wird darin vorgeschlagen; die Komposition wird danach beurteilt.
intent-form-mood = Stimmung
intent-form-moves-all-planned = Sie verschiebt alle geplanten Werte; Schwarz und Weiß bleiben. Ordnen zeigt das Ergebnis.
intent-form-minutes-hand = Minuten, die du hast
intent-form-deadline = Termin
intent-form-deadline-you-write = Termin, wie du ihn schreibst
intent-form-what-about-one = Worum geht es, in einem Satz?

## prepare/Measures.tsx

measures-horizon = Horizont
measures-top-left-right = { $topCm } von oben links, { $topCm2 } rechts
measures-none-found = keiner gefunden
measures-focus = Blickpunkt
measures-left-top = { $x } von links, { $y } von oben
measures-inches = Zoll
measures-clear-places = Stellen löschen
measures-figure = { $what }, Zahl
measures-touch-two-places = Zwei Stellen antippen: Länge und Winkel stehen hier. Eine dritte gibt ein Verhältnis.

## prepare/Palette.tsx

palette-reach = { $count ->
    [one] <b>Eine Farbe</b> kommt { $share } des Bildes nahe.
   *[other] <b>{ $count } Farben</b> kommen { $share } des Bildes nahe.
}
palette-swap = { $taken } statt { $left } nehmen
palette-within-e-average = Innerhalb von ΔE₀₀ 6; im Mittel { $mean }
palette-out-reach-furthest = Außer Reichweite, das Fernste zuerst
palette-looks-mixtures-modelled = Aussehen und Mischungen sind modelliert, nicht gemessen. Farben mit Metall: nicht schleifen, nicht sprühen, Hände waschen; die Etiketten lesen.
palette-take-reach-best = Die { $count } nehmen, die es am besten erreichen
palette-sticks-reach = { $count ->
    [one] <b>Eine Kreide</b> kommt { $share } des Bildes nahe.
   *[other] <b>{ $count } Kreiden</b>, eine oder zwei übereinander, kommen { $share } des Bildes nahe.
}
palette-take-sticks-best = Die { $count } Kreiden nehmen, die es am besten erreichen
palette-take-shelf-sticks = Die { $count } Kreiden im Regal nehmen
palette-take-whole-set = Den ganzen Satz nehmen
palette-take-more = Auch { $what } nehmen
palette-take-your-shelf = Die { $count } im Regal nehmen

## prepare/Prepare.tsx

prepare-part-ground = Grund
prepare-part-composition = Komposition
prepare-part-measures = Maße
prepare-part-transfer = Übertragen
prepare-part-palette = Palette
prepare-part-intent = worum es geht
prepare-cm-sheet = { $widthCm } × { $heightCm } cm auf dem Blatt
prepare-about = Es geht um: { $sentence }
prepare-what-settle = Was zu klären ist
prepare-weighing-grounds-looking = Gründe werden abgewogen, die Komposition wird angesehen…

## prepare/NewLight.tsx

new-light-section = Neues Licht
new-light-kind = { $by ->
    [lamp] Lampe
   *[sun] Sonne
}
new-light-strength = Wie stark
new-light-invents = So wäre es beleuchtet. Was sich dem Licht zuwendet, ist aus Umrissen und Tiefe geraten.
new-light-take = So beleuchten
new-light-leave = Lassen, wie es ist
new-light-there = { $by ->
    [lamp] Eine neue Lampe
   *[sun] Eine neue Sonne
} beleuchtet das Bild.
new-light-out = Herausnehmen

## prepare/PreparePicture.tsx

prepare-picture-in-new-light = Das Bild im versuchten Licht
prepare-picture-piece-arranged = Das Bild, wie es angeordnet ist
prepare-picture-outline = Der Umriss

## prepare/SheetForm.tsx

sheet-form-margin = Rand
sheet-form-high = hoch
sheet-form-in-inches = in Zoll
sheet-form-in-cm = in cm
sheet-form-longer = Das Blatt ist { $cm } cm länger als das Bild: <crop>darauf beschneiden</crop>, <spread>ausdehnen</spread> oder einen Rand lassen.
sheet-form-sheet-wide = Blatt, breit
sheet-form-do-spread = nicht ausdehnen

## prepare/SurfaceForm.tsx

surface-form-either = beide
surface-form-black = schwarz
surface-form-white = weiß
surface-form-light-grey = Hellgrau 7
surface-form-middle-grey = Mittelgrau 5
surface-form-usually = wie üblich
surface-form-on = Auf
surface-form-kind-surface = Art des Malgrunds
surface-form-surface-my-own = ein eigener Malgrund
surface-form-side = Seite
surface-form-side-b = Seite
surface-form-tone = Ton
surface-form-tone-surface = Ton des Malgrunds
surface-form-own = sein eigener
surface-form-value = Tonwert
surface-form-value-surface = Tonwert des Malgrunds
surface-form-read-off-photo = von einem Foto ablesen

## prepare/ToneReading.tsx

tone-reading-now-white-beside = Nun das Weiß daneben.
tone-reading-touch-surface = Den Malgrund antippen.
tone-reading-leave = lassen
tone-reading-surface-beside-white = Der Malgrund neben Weiß

## prepare/Transfer.tsx

transfer-fine-mm = fein, 0,5 mm
transfer-plain-mm = einfach, 1,5 mm
transfer-coarse-mm = grob, 4 mm
transfer-notan = Notan
transfer-three-values = Drei Tonwerte
transfer-five-values = Fünf Tonwerte
transfer-pages = auf Seiten { $key }
transfer-one-page = eine Seite
transfer-grid = kein Raster
transfer-detail = Detail
transfer-grid-b = Raster
transfer-lines = Linien
transfer-mirrored-rub-through = gespiegelt, zum Durchreiben
transfer-light-lines-dark = helle Linien, für dunklen Grund
transfer-paper = Papier
transfer-print-pdf = Drucken (PDF)
transfer-drawing-svg = Zeichnung (SVG)
transfer-project = Projizieren
transfer-true-size-every = Wahre Größe. Jede Seite hat eine Linie von genau 100 mm zur Kontrolle des Drucks und Marken, wo sie an ihre Nachbarn stößt. Ein Projektor füllt sein Bild: den Rahmen auf dem Blatt nachmessen.
transfer-studies-few-values = Studien in wenigen Tonwerten
transfer-values = In { $bands } Tonwerten
transfer-print = drucken
transfer-study-pdf = Studie-{ $bands }.pdf

## prepare/arrangement.ts

arrangement-in = { $cm } Zoll
arrangement-cm = { $cm } cm

## prepare/looks.ts

looks-touch-places-picture = Stellen im Bild antippen, um dazwischen zu messen
looks-outline-will-drawn = Der Umriss, wie er gezeichnet wird
looks-drag-side-frame = Eine Seite des Rahmens ziehen: das ganze Foto ist zu sehen
looks-drag-thing-where = Ein Ding dorthin ziehen, wo es stehen soll, oder antippen, um seine Größe zu ändern
looks-touch-where-dark = Antippen, wo ein dunkler Akzent stehen soll
looks-touch-where-highlight = Antippen, wo ein Licht stehen soll
looks-touch-place-should = Die Stelle antippen, die führen soll
looks-drag-way-light = In die Richtung ziehen, in die das Licht fällt
looks-touch-where-new-light = Antippen, wo Sonne oder Lampe hin soll
looks-picture-arranged-invented = Das Bild, wie es angeordnet ist; { $invented } % davon sind erfunden
looks-picture-arranged = Das Bild, wie es angeordnet ist

## prepare/measures.ts

measures-place = Stelle { $k }
measures-place-at = { $x } von links, { $y } von oben
measures-from-to = Von { $k } bis { $k2 }
measures-level = { $cm }, { $angle }° zur Waagrechten
measures-last-two-lengths = Die letzten zwei Längen

## see/AloneChoice.tsx

alone-choice-everything = alles
alone-choice-show = Zeigen
alone-choice-than = dunkler als
alone-choice-lights = die Lichter
alone-choice-accents = die Akzente
alone-choice-mass-pointed = die gezeigte Masse
alone-choice-show-alone = Allein zeigen
alone-choice-darker-than = Dunkler als
alone-choice-only = nur { $band }

## see/AreaList.tsx

area-list-split = teilen
area-list-join = verbinden
area-list-outline = Umriss
area-list-mark-light = Als Licht markieren
area-list-mark-shadow = Als Schatten markieren
area-list-light = Licht
area-list-shadow = Schatten
area-list-draw-over = überfahren
area-list-draw-over-thing = Über ein Ding fahren, um es zu einem Bereich zu machen.
area-list-draw-roughly-round = Grob um ein Ding fahren; die Linie rastet an der Kante ein.
area-list-draw-across-areas = Quer über die Bereiche fahren, die ein Ding sind.
area-list-draw-along-one = An einem der beiden Dinge entlangfahren.
area-list-areas-far-near = Bereiche, von fern bis nah
area-list-what-line-means = Was eine Linie bedeutet
area-list-now-along-other = Nun am anderen entlang.
area-list-choose-area-name = Einen Bereich auswählen, um ihn zu benennen; in der Liste dorthin ziehen, wo er liegt, von fern bis nah.
area-list-farther = ferner
area-list-nearer = näher
area-list-split-into-light = In Licht und Schatten teilen
area-list-join-with = verbinden mit
area-list-light-shadow = Licht oder Schatten? { $value }

## see/AreaPicture.tsx

area-picture-reference = Das Foto
area-picture-outlines-areas = Umrisse der Bereiche

## see/Ladder.tsx

ladder-values-each-area = Tonwerte jedes Bereichs, von fern bis nah
ladder-value-black-white = Tonwert: 0 schwarz bis 10 weiß. Ein hoher Block schwankt im Wert; ein breiter ist groß im Bild.
ladder-values-masses = Tonwerte der Massen
ladder-area = In keinem Bereich
ladder-threshold = Schwelle { $k }

## see/MassNote.tsx

mass-note-outline = { $count ->
    [one] Umriss, ein Stück
   *[other] Umriss, { $count } Stücke
}
mass-note-area = { $cm2 } cm²
mass-note-cm = { $cm } cm
mass-note-mm = { $mm } mm
mass-note-wide-narrowest = breit, an der engsten Stelle { $mm }
mass-note-borders = Grenzt an: { $borders }.
mass-note-border = { $mass } { $cm } cm, { $mm } mm weich
mass-note-measured = Alles im Foto gemessen, auf einem Malgrund von { $wide } × { $high } cm.
mass-note-flat = flach
mass-note-graded = abgestuft
mass-note-accent = Akzent
mass-note-form = { $form ->
    [straight] verläuft gerade, { $way }
    [round] breitet sich um ein Licht aus
   *[curved] folgt der Form
}
mass-note-stops = { $count ->
   *[other] { $count } Stufen, { $from } bis { $to }
}
mass-note-straighten = Gerade machen
mass-note-follow = Der Form folgen
mass-note-darker = wird dunkler { $way }
mass-note-value = Tonwert, { $low } bis { $high }
mass-note-picture = { $share } % des Bildes
mass-note-one-value = ein Tonwert

## see/Meters.tsx

meters-from = Aus
meters-near = der Nähe
meters-away = { $metres } m
meters-squint = Blinzeln
meters-bands = Stufen
meters-find-bands-picture = die Stufen im Bild finden
meters-space-them-evenly = gleichmäßig verteilen
meters-metres-away = Meter entfernt

## see/PhotoNote.tsx

photo-note-draw-round = <b>Grob um das Ding fahren.</b> Die Linie rastet an der Kante ein, und es kommt auf dein Foto, um gesetzt zu werden.
photo-note-lost = { $white } des Fotos sind zu Weiß überstrahlt, { $black } zu Schwarz versunken.
photo-note-leave = lassen
photo-note-hide-where = nicht mehr zeigen, wo
photo-note-show-where = zeigen, wo
photo-note-nothing-photo-blown = Nichts im Foto ist zu Weiß überstrahlt oder zu Schwarz versunken.
photo-note-open-darks = Tiefen öffnen
photo-note-open-lights = Lichter öffnen
photo-note-cut-thing-another = ein Ding aus einem anderen Foto schneiden
photo-note-put-another-photo = ein anderes Foto an seine Stelle setzen
photo-note-borrowed-thing = geborgtes Ding { $k }
photo-note-drag-place = An seinen Platz ziehen.
photo-note-larger = größer
photo-note-smaller = kleiner
photo-note-turn-round = umdrehen
photo-note-leave-out = weglassen

## see/PhotoPicture.tsx

photo-picture-what-thing-cut = Woraus ein Ding geschnitten wird
photo-picture-reference = Das Foto
photo-picture-lost-detail = Verlorene Einzelheiten

## see/See.tsx

see-look-reference = Foto
see-look-values = Tonwerte
see-look-bands = Stufen
see-look-masses = Massen
see-look-areas = Bereiche
see-look-edges = Kanten
see-look-windows = Fenster
see-point = { $count ->
    [one] <b>Eine Masse.</b> Darauf zeigen oder ↓ drücken, um ihre Maße zu sehen.
   *[other] <b>{ $count } Massen.</b> Auf eine zeigen oder ↓ drücken, um ihre Maße zu sehen.
}
see-photographed = Wie fotografiert
see-values-only = Nur Tonwerte
see-bands = In Stufen
see-masses = In Massen
see-areas = In Bereichen
see-edges-alone = Nur Kanten
see-two-windows = Zwei Fenster
see-squinted = Geblinzelt
see-how-look = Wie hinsehen

## see/SeePicture.tsx

see-picture-reference = Das Foto: { $look }

## see/WindowsNote.tsx

windows-note-standing = Das erste, { $value }, gehört zu <b>{ $band }</b>, { $by } von der Grenze.
windows-note-looks = Auf freiem Malgrund sieht es aus wie { $bare }, hier wie { $here }: { $words }.
windows-note-small = klein
windows-note-middle = mittel
windows-note-large = groß
windows-note-reading-two-windows = Die zwei Fenster werden gelesen…
windows-note-predicted = 2, wie vorhergesagt
windows-note-second = Das zweite ist { $difference }
windows-note-second-predicted-picture = das zweite auf dem vorhergesagten Bild
windows-note-both-one-place = beide an einer Stelle
windows-note-drag-across-picture = quer über das Bild ziehen
windows-note-values-along-line = Tonwerte entlang einer Linie
windows-note-as-it-looks = Wie es hier aussieht
windows-note-published-rule-contrast = (Nach veröffentlichten Regeln des Kontrasts, CIECAM02 und Hunt; nicht gemessen.)
windows-note-values-along-line-b = Tonwerte entlang der Linie

## see/WindowsPicture.tsx

windows-picture-reference = Das Foto
windows-picture-second = Zweites Fenster
windows-picture-first = Erstes Fenster
windows-picture-across-down = { $x } % von links, { $y } % von oben

## see/bands.ts

bands-dark-middle = Mitteldunkel
bands-light-middle = Mittelhell
bands-very-dark-middle = Sehr mitteldunkel
bands-very-light-middle = Sehr mittelhell
bands-dark = Dunkel
bands-light = Hell
bands-middle = Mittel

## shelf/AddItem.tsx

add-item-left = Rest
add-item-left-ml = Rest, ml
add-item-what = Was ist es?
add-item-medium = Technik
add-item-pigment-made-nearest = Das Pigment, aus dem es ist oder dem es am nächsten kommt
add-item-like = Es ist wie
add-item-type-few-letters = einige Buchstaben tippen
add-item-your-name = Dein Name dafür
add-item-set = Satz
add-item-colour-comes-over = Seine Farbe, wie sie aus der Tube kommt, über Weiß, falls gemessen
add-item-put-shelf = Ins Regal stellen
add-item-modelled-measured = { $thing }. Modelliert, nicht gemessen.

## shelf/Calibration.tsx

calibration-left-out = ausgelassen: passt zu keinem der anderen
calibration-misses = Die aufgeführte Farbe verfehlt deine Aufstriche im Mittel um <b>{ $before }</b> Farbeinheiten, angepasst um <b>{ $after }</b>. Ein Auge sieht etwa 1.
calibration-your-own-swatches = Deine eigenen Aufstriche
calibration-print-strip-paint = den Streifen zum Bemalen drucken
calibration-read-photo-cxf = ein Foto oder CxF davon lesen
calibration-photo-cxf-file = Ein Foto oder eine CxF-Datei des Streifens
calibration-hold = den { $reader } daraufhalten
calibration-field = Feld
calibration-expected = erwartet
calibration-l-b-read = L* a* b* wie gelesen
calibration-fitted = angepasst
calibration-kept-recipes-use = Behalten: Rezepte nehmen jetzt deine Farbe.
calibration-keep-fitted-paint = Die angepasste Farbe behalten

## shelf/ItemRow.tsx

item-row-twins = tut dasselbe wie { $things }
item-row-pieces = Stück
item-row-ml = ml
item-row-sheets = Blatt
item-row-caution = Vorsicht: { $caution }
item-row-left = Rest von { $item }

## shelf/PaintDetail.tsx

paint-detail-measured = { $thing }. Gemessen: deine eigenen Aufstriche.
paint-detail-modelled = { $thing }. Modelliert wie das aufgeführte Pigment, nicht gemessen.
paint-detail-masstone = Vollton
paint-detail-full-thin = <b>{ $full }</b>, dünn <b>{ $thin }</b>
paint-detail-name = Name
paint-detail-set = Satz
paint-detail-note = Notiz
paint-detail-take-off-shelf = aus dem Regal nehmen
paint-detail-tungsten-lamp = einer Glühlampe (A)
paint-detail-warm-daylight-d = warmem Tageslicht (D50)
paint-detail-daylight-d = Tageslicht (D65)
paint-detail-north-light-d = Nordlicht (D75)
paint-detail-working-looks-out = Ihr Aussehen wird ausgearbeitet…
paint-detail-seen = Gesehen bei
paint-detail-thinned-over-white = Verdünnt über Weiß
paint-detail-tinted-white = Mit Weiß aufgehellt
paint-detail-white = { $white } % Weiß
paint-detail-comes = wie sie kommt
paint-detail-over-grounds-comes = Über Gründen, wie sie kommt und dünn

## shelf/Shelf.tsx

shelf-taken = { $added } hinzugefügt, { $updated } geändert, { $same } unverändert.
shelf-close = schließen
shelf-export = ausgeben als <csv>CSV</csv> oder <cxf>CxF</cxf>
shelf-paints = Farben
shelf-sticks = Kreiden
shelf-surfaces = Malgründe
shelf-tools = Werkzeuge
shelf-nothing-stands-here = Hier steht noch nichts. Die Farben hinzufügen, die du hast, oder aus einer CSV- oder CxF-Datei übernehmen: Rezepte nehmen dann deine Tuben, und Bilder sagen, ob genug da ist.
shelf-shelf = Regal
shelf-add-something = etwas hinzufügen
shelf-import = übernehmen
shelf-shelf-csv-cxf = Ein Regal als CSV oder CxF

## order/MarksLayer.tsx

marks-layer-where = Kleine Zeichen dieses Durchgangs

## order/ModellingLayer.tsx

modelling-layer-how = Wie Massen modelliert sind, von hell nach dunkel

## order/Effects.tsx

effects-list = Wie das gemacht wird
effects-bring-back = Zurückholen
effects-sure = ({ $sure } % sicher)
effects-leave-out = Auslassen
effects-question = Eine Frage zum Bild
effects-is-it = Ist { $name }: { $called }?
effects-evidence = Es steht { $lead } über dem, was rundum liegt, und { $halo } % davon bleiben gleich außerhalb.
effects-chance = In { $sure } von 100 solchen Stellen.
effects-yes = Ja: { $called }
effects-no = Nein: { $other ->
    [glint] ein Licht
    [white-thing] etwas Weißes
   *[other] etwas anderes
}
effects-number = Frage { $number } von { $count }

## order/Families.tsx

families-list = Kleine Zeichen dieses Durchgangs
families-fewer = weniger
families-more = mehr
families-none = auslassen
families-draw = eine Linie ziehen
families-width = breit, mm
families-value = Tonwert
families-bring-back = { $count ->
    [one] Eine ausgelassene Gruppe
   *[other] { $count } ausgelassene Gruppen
} zurückholen
families-line = { $cm } cm, { $mm } mm breit; { $tool }; { $minutes }
families-size = { $cm } cm Umriss; { $tool }; { $minutes }
families-texture = { $mm } mm von Korn zu Korn; { $tool }; { $minutes }

## order/HandLayer.tsx

hand-layer-laid = Wie es von Hand gelegt aussieht

## paint/Paint.tsx

paint-sittings-ahead = Kommende Sitzungen
paint-looking-for-sittings = Die wenigsten Sitzungen werden gesucht
paint-count-ahead = { $count ->
    [0] Keine Sitzung mehr
    [one] Noch eine Sitzung
   *[other] Noch { $count } Sitzungen
}
paint-proven = Bewiesen: { $count } ist das Wenigste.
paint-at-least = Mindestens { $bound } sind nötig.
paint-filled = Von { $minutes } min Trocknen sind { $filled } mit anderer Arbeit gefüllt.

## paint/NextPass.tsx

next-pass-all-done = Alle Durchgänge sind fertig.
next-pass-minutes = { $work }, dann { $wait } trocknen
next-pass-may-stay-out = Dieser Durchgang darf wegbleiben: er ändert keinen Wert um mehr, als man sieht.
next-pass-take-easel = An die Staffelei
next-pass-leave-out = Diesen Durchgang auslassen
next-pass-note = Eine Notiz fürs Protokoll
next-pass-on-device = Auf Tablet oder Telefon daneben

## paint/Ready.tsx

ready-more-steps = und { $count } weitere Schritte
ready-have-ready = Bereitlegen
ready-runs-out = <b>{ $paint }</b> geht aus: dieser Durchgang braucht { $ml } ml, { $left } ml sind im Regal.
ready-ml = { $ml } ml

## paint/Real.tsx

real-planned-real = Geplant und wirklich
real-nothing-timed = Durchgänge, die an der Staffelei begonnen und fertig werden, erscheinen hier.
real-together = Zusammen { $real }, geplant { $planned }.
real-minutes = { $real } min, geplant { $planned }
real-waited = gewartet { $wait }, geplant { $planned }
real-mixed = { $ml } ml gemischt

## paint/Hands.tsx

hands-sittings-ahead = Die kommenden Sitzungen

## paint/FreeHours.tsx

free-hours-free = Frei: { $hours }.
free-hours-assumed = Freie Stunden sind angenommen: { $hours }.
free-hours-calendar = Frei wie in { $name }.
free-hours-read-calendar = Aus einer Kalenderdatei lesen
free-hours-calendar-of-free = Ein Kalender deiner freien Stunden
free-hours-your-hours = Deine freien Stunden
free-hours-calendar-file = Eine Kalenderdatei schreiben
free-hours-air = Der Raum: { $celsius } °C, { $humidity } %; alles trocknet { $pace }-mal so lange wie üblich.
free-hours-air-assumed = Der Raum ist angenommen: { $celsius } °C, { $humidity } %; alles trocknet { $pace }-mal so lange wie üblich.
free-hours-your-room = Dein Raum
free-hours-celsius = Grad Celsius
free-hours-humidity = Feuchte in Prozent
free-hours-read-sensor = Den Fühler lesen
free-hours-left-handed = Ich male mit der linken Hand
free-hours-when = Wann hast du Zeit? (Tuesdays 19-21, Saturday mornings)

## paint/queries.ts

queries-not-kept = Das ließ sich weder auf diesem Gerät behalten noch senden. Aufschreiben, oder auf dem Gerät Platz schaffen und noch einmal sagen.

## paint/LogSoFar.tsx

log-so-far-log = Das Protokoll bisher
log-so-far-empty = Noch steht nichts im Protokoll.
log-so-far-event = { $kind ->
    [sitting-begun] zum Malen gesetzt
    [sitting-ended] für heute aufgehört
    [pass-begun] begonnen: { $pass }
    [step-done] Schritt fertig
    [pass-done] fertig: { $pass }
    [pass-skipped] ausgelassen: { $pass }
    [pass-repeated] noch einmal gelegt: { $pass }
    [changed] anders gemacht
    [interrupted] unterbrochen
    [resumed] weitergemacht
    [accident] etwas ging schief: { $what }
    [measured] gemessen
    [photo] Foto
    [note] { $words }
    [mixture] Mischung gebraucht
    [still-wet] noch nass
    [dry] trocken
   *[other] { $kind }
}

## devices/Devices.tsx

devices-title = Tablet und Telefon
devices-what = Die Staffelei läuft auf jedem Tablet oder Telefon deines eigenen Netzes, auch wenn das Netz weg ist: was sie braucht, bleibt auf dem Gerät, sobald dort ein Bild geöffnet wird, und was dort eingetragen wurde, kommt später hierher zurück.
devices-closed = Washboard antwortet nur diesem Rechner. Eine Adresse einschalten, dann erreichen gekoppelte Geräte es dort; sonst nichts.
devices-no-network = Dieser Rechner hat keine Adresse in einem eigenen Netz. Mit einem verbinden und diese Seite noch einmal öffnen.
devices-switch-on = { $address } einschalten
devices-open-at = Offen für gekoppelte Geräte unter { $url }
devices-switch-off = Ausschalten
devices-code = Ein Gerät koppeln
devices-another-code = Ein anderer Code
devices-code-old = Dieser Code ist inzwischen zu alt.
devices-qr = Die Adresse mit dem Code, zum Einscannen
devices-scan = Mit dem Gerät einscannen, oder dort öffnen
devices-type = und den Code eintippen
devices-valid = Gültig für { $minutes } min { $seconds } s, einmal.
devices-warning = Das Gerät wird warnen, dass es diesen Rechner nicht kennt: sein Zertifikat entstand hier und bei niemandem sonst. Weitergehen, oder das Zertifikat einrichten, das die Seite anbietet; nur dann kann das Gerät die Staffelei ohne Netz zeigen.
devices-paired = Gekoppelte Geräte
devices-none = Noch kein Gerät.
devices-seen = gesehen { $seen }
devices-forget = Vergessen

## easel/Easel.tsx

easel-waits = { $count ->
    [one] 1 Eintrag wartet
   *[other] { $count } Einträge warten
} darauf, gesendet zu werden
easel-being-kept = wird hier abgelegt
easel-kept = hier abgelegt
easel-not-kept = nicht hier abgelegt
easel-what-now = Was jetzt
easel-back = Zurück
easel-stop-here = Für heute aufhören
easel-went-wrong = Etwas ging schief
easel-all-done = Alles fertig
easel-pass = Durchgang { $pass } von { $count }
easel-dry-now = Es ist jetzt trocken
easel-begin = Anfangen
easel-done-next = Fertig. Als Nächstes: { $next }
easel-done-drying = Fertig, es trocknet

## easel/Next.tsx

next-drying = noch { $minutes } trocknen
next-then = Dann: { $title }
next-until-dry = Trocken nach { $minutes }
next-still-wet = Es ist noch nass
next-takes = { $minutes }, { $count ->
    [one] ein Schritt
   *[other] { $count } Schritte
}.
next-say-it = Vorsagen
next-wet-for = Es bleibt { $minutes } nass
next-step = Schritt { $step } von { $count }
next-what-to-do = Was jetzt zu tun ist
next-all-done = Alle Durchgänge sind fertig.
next-mend-waits = Was schiefging, ist notiert; der Plan folgt, sobald das Programm da ist.

## easel/WetClock.tsx

wet-clock-shiny = glänzend
wet-clock-satin = seidig
wet-clock-damp = feucht
wet-clock-dry = trocken
wet-clock-gone = { $minutes } vorbei

## easel/Wrong.tsx

wrong-where = Die Stelle im Bild antippen
wrong-what = { $name }: was ist geschehen?
wrong-several = Jede Stelle antippen, an der es geschah.
wrong-choose = oder am Namen auswählen
wrong-nothing = Nichts, weiter
wrong-white-lost = Ein Weiß ist verloren
wrong-too-dark = Zu dunkel
wrong-too-pale = Zu hell
wrong-bloom = Ein Wasserrand
wrong-hard-line = Eine harte Linie
wrong-mud = Schlamm
wrong-lift-off = Farbe löste sich
wrong-tear = Papier gerissen
wrong-tooth-gone = Kein Halt mehr
wrong-fixative-wet = Fixativ noch nass
wrong-skinned = Farbe zog eine Haut
wrong-wrong-colour = Falsche Farbe
wrong-mask-torn = Maske riss das Papier
wrong-drip = Ein Tropfen

## paint/mixture.ts

mixture-value = <b>{ $value }</b>
mixture-dry-wet = <b>{ $dry }</b> trocken, <b>{ $wet }</b> nass

## review/Review.tsx

review-parts = Was anzusehen ist
review-part-corrections = Verbesserungen
review-part-learning = Deine Hand
review-part-back = Rückblick
review-no-photo = Was zuerst zu verbessern ist, oder dass es fertig ist, sagt ein Foto des Gemäldes.
review-your-painting = <b>Dein Gemälde</b>, entzerrt; in den Fenstern <b>der Plan</b>
review-the-plan = <b>Der Plan</b> an derselben Stelle

## review/useLooks.tsx

review-hold-plan = Plan

## review/SeenPicture.tsx

review-painting-alt = Das Gemälde, entzerrt

## review/Corners.tsx

review-drag-corners = Jede Ecke in die Nähe der Blattecke ziehen, Ränder und Klebeband eingeschlossen: sie rastet an der Kante ein.

## review/FirstPhoto.tsx

review-photograph = Das Gemälde fotografieren
review-photograph-how = Das ganze Blatt im Bild, mit seinem ganzen freien Rand. Ohne Rand weiße Papierstreifen an zwei Seiten legen, einen Fingerbreit entfernt. Licht von einer Seite, kein Blitz, kein Glanz.

## review/TakePhoto.tsx

review-take-photo = Fotografieren
review-made-photo = Mit der simulierten Kamera ein Foto machen
review-made-coming = Die simulierte Kamera nimmt auf…

## review/PhotoNote.tsx

review-move-corners = Die Ecken verschieben
review-difference-alt = Wo das Gemälde vom Plan abweicht
review-too-dark = zu dunkel
review-even = gleich
review-too-light = zu hell

## review/Corrections.tsx

review-judged = { $judged } von { $count } Massen beurteilt
review-within = { $count ->
    [one] Eine weitere ist
   *[other] { $count } weitere sind
} dem Plan so nahe, wie man sieht.
review-cannot-say = { $count ->
    [one] Von einer sagt das Foto nicht sicher, ob sie daneben liegt
   *[other] Von { $count } sagt das Foto nicht sicher, ob sie daneben liegen
}: eine Graukarte neben einem freien Rand würde es sagen.
review-may-stop-card = Ein Foto mit Graukarte neben einem freien Rand sagt, ob du aufhören darfst
review-may-stop = Hier darfst du aufhören
review-may-stop-after = { $count ->
    [one] Nach der ersten darfst du aufhören
    [2] Nach der zweiten darfst du aufhören
   *[other] Nach allen { $count } darfst du aufhören
}
review-off = Das Gemälde liegt im Mittel { $off } Werte daneben, nach Fläche.
review-relations-hold = Was nebeneinander steht, ist wie geplant
review-relations-not = Nebeneinander
review-try = Versuchen
review-tried = Es ist der nächste Durchgang: an die Staffelei
review-take-as-done = { $count ->
    [one] Diesen Durchgang als fertig eintragen
   *[other] Diese { $count } Durchgänge als fertig eintragen
}
review-taken-as-done = Eingetragen: der Plan geht von hier weiter.

## review/Gains.tsx

review-gains = Was jede brächte
review-gains-unit = im Mittel näher am Plan, in Werten

## review/ReadLadder.tsx

review-ladder = Auf der Leiter
review-ladder-how = dünn: geplant, dick: gemessen

## drills/Drills.tsx

drills-title = Übungen
drills-kinds = Was zu üben ist
drills-all = alles
drills-none = Noch gibt es nichts zu fragen. Ein Bild anlegen, dann kommen Fragen aus seinem Plan.
drills-all-guessed = Jeder Durchgang, der sich sagen lässt, ist erraten.
drills-of = { $number } von { $count }
drills-next = Nächste Frage
drills-another-round = Die Runde beenden

## drills/Asked.tsx

drills-after-pass = nach Durchgang { $pass }
drills-before = vor dem ersten Durchgang{ $pass ->
   *[0] {""}
}
drills-keys = R Foto, V nur Tonwerte
drills-keys-photo = R Foto
drills-colour = Die zu mischende Farbe
drills-right = Richtig
drills-wrong = Dieses nicht
drills-why-this = Warum dieses.
drills-why-not = Warum nicht deines.

## drills/Options.tsx

drills-is-right = richtig
drills-yours = deines

## drills/Better.tsx

drills-week = { $right } von { $count } in dieser Woche.
drills-week-and-before = { $right } von { $count } in dieser Woche, { $before } % vor { $weeks ->
    [one] einer Woche
   *[other] { $weeks } Wochen
}.
drills-again = Diese kommt wieder in { $days ->
    [one] einem Tag
   *[other] { $days } Tagen
}.

## review/Learnt.tsx

learnt-title = Was über deine Hand gelernt ist
learnt-how = Aus dem Protokoll und aus Fotos. Was nicht sicher ist, wird gezeigt und nicht angeboten; von selbst ändert sich nichts.
learnt-nothing = Noch nichts. Durchgänge an der Staffelei eintragen und fotografieren, was daraus wurde.
learnt-taken = In neue Bilder übernommen.
learnt-take-back = Wieder auslassen

## review/LookBack.tsx

look-back-title = Der Rückblick
look-back-page = Auf einer Seite, zum Drucken
look-back-again = Einen neuen Versuch beginnen
look-back-guess = Seine Durchgänge raten
look-back-off = { $off } im Mittel daneben
look-back-no-photo = Noch kein Foto des Gemäldes.

## parts/FirstSteps.tsx

first-step-number = { $number } von { $count }
first-step-lights = <b>Die Lichter ansehen.</b> Jedes wird so erhalten, wie seine eigenen Zahlen es verlangen.
first-step-go-lights = Ansehen
first-step-approach = <b>Einen Ansatz wählen.</b> Alle stehen nebeneinander, mit dem Bild unterwegs.
first-step-go-approach = Vergleichen
first-step-mix = <b>Mischen.</b> Was für jeden Durchgang zu mischen ist, und wie viel.
first-step-go-mix = Zu den Mischungen
first-step-along = <b>Mitnehmen.</b> Die Staffelei sagt eines nach dem anderen, auch ohne Netz.
first-step-go-along = Zur Staffelei

## pieces/Demo.tsx

demo-show = Die Beispielbilder ansehen
demo-back = Die Beispielbilder zurückholen
