### Namen von Massen und Bereichen, Wörter für Tonwerte und Farben. Namen stehen ohne Artikel und ungebeugt.

as-given = { $text }
term = { $words }
count-more = { $count ->
    [one] eine weitere
   *[other] { $count } weitere
}
count-whites = { $count ->
    [one] ein Weiß
   *[other] { $count } Weiß
}
count-masses = { $count ->
    [one] eine Masse
   *[other] { $count } Massen
}
count-highlights = { $count } Lichter
count-dark-accents = { $count } dunkle Akzente

# Ein Name in einer Liste oder am Anfang einer Zeile, und derselbe im Satz.
name-listed = { $look }, { $place }
name-listed-alone = { $look }
name-listed-within = { $look }, { $thing }
# Derselbe in einer Reihe von Namen.
name-in-row = { $look } { $place }
name-in-row-alone = { $look }
name-in-row-within = { $look } in { $thing }
name-in-sentence = { $look } { $place }
name-in-sentence-alone = { $look }
name-in-sentence-within = { $look } in { $thing }
own-name = { $name }
look = { $noun } { $letter } { $size } { $tone } { $hues }

area-lettered = Bereich { $letter }

noun-background = Hintergrund
noun-foreground = Vordergrund
noun-corner = Ecke
noun-ring = Ring
noun-strip = Streifen
noun-spot = Tupfen
noun-patch = Fläche
noun-highlight = Licht
noun-dark-accent = dunkler Akzent

size-large = groß
size-small = klein
size-lighter = heller
size-darker = dunkler

# Wörter für Tonwerte: überall dieselben Grenzen.
tone-black = schwarz
tone-dark = dunkel
tone-dark-middle = mitteldunkel
tone-middle = mittel
tone-light-middle = mittelhell
tone-light = hell
tone-white = weiß

tones-black = Schwärzen
tones-dark = Dunkelheiten
tones-dark-middle = dunklen Mittelwerte
tones-middle = Mittelwerte
tones-light-middle = hellen Mittelwerte
tones-light = Helligkeiten
tones-white = Weißen

hue-grey = grau
hue-warm-grey = warmgrau
hue-cool-grey = kaltgrau
hue-rose = rosa
hue-red = rot
hue-orange = orange
hue-ochre = ocker
hue-yellow = gelb
hue-green-yellow = gelbgrün
hue-green = grün
hue-blue-green = blaugrün
hue-blue = blau
hue-violet = violett
hue-purple = purpur
hue-brown = braun
hue-red-brown = rotbraun
hue-olive = oliv
hue-brown-grey = braungrau
hue-rose-grey = rosagrau
hue-red-grey = rotgrau
hue-orange-grey = orangegrau
hue-ochre-grey = ockergrau
hue-yellow-grey = gelbgrau
hue-green-grey = grüngrau
hue-blue-grey = blaugrau
hue-violet-grey = violettgrau
hue-purple-grey = purpurgrau
hue-olive-grey = olivgrau

place-everywhere = fast überall
place-top-left = ganz oben links
place-top = ganz oben
place-top-right = ganz oben rechts
place-upper-left = oben links
place-upper = oben Mitte
place-upper-right = oben rechts
place-left = links
place-centre = Mitte
place-right = rechts
place-lower-left = unten links
place-lower = unten Mitte
place-lower-right = unten rechts
place-bottom-left = ganz unten links
place-bottom = ganz unten
place-bottom-right = ganz unten rechts

place-far-top-left = ganz oben, weit links
place-far-top-right = ganz oben, weit rechts
place-far-upper-left = oben, weit links
place-far-upper-right = oben, weit rechts
place-far-left = weit links
place-far-right = weit rechts
place-far-lower-left = unten, weit links
place-far-lower-right = unten, weit rechts
place-far-bottom-left = ganz unten, weit links
place-far-bottom-right = ganz unten, weit rechts
place-near-top-left = ganz oben, links der Mitte
place-near-top-right = ganz oben, rechts der Mitte
place-near-upper-left = oben, links der Mitte
place-near-upper-right = oben, rechts der Mitte
place-near-left = links der Mitte
place-near-right = rechts der Mitte
place-near-lower-left = unten, links der Mitte
place-near-lower-right = unten, rechts der Mitte
place-near-bottom-left = ganz unten, links der Mitte
place-near-bottom-right = ganz unten, rechts der Mitte

at-everywhere = fast überall
at-top-left = ganz oben links
at-top = ganz oben
at-top-right = ganz oben rechts
at-upper-left = oben links
at-upper = oben in der Mitte
at-upper-right = oben rechts
at-left = links
at-centre = in der Mitte
at-right = rechts
at-lower-left = unten links
at-lower = unten in der Mitte
at-lower-right = unten rechts
at-bottom-left = ganz unten links
at-bottom = ganz unten
at-bottom-right = ganz unten rechts

at-far-top-left = ganz oben weit links
at-far-top-right = ganz oben weit rechts
at-far-upper-left = oben weit links
at-far-upper-right = oben weit rechts
at-far-left = weit links
at-far-right = weit rechts
at-far-lower-left = unten weit links
at-far-lower-right = unten weit rechts
at-far-bottom-left = ganz unten weit links
at-far-bottom-right = ganz unten weit rechts
at-near-top-left = ganz oben links der Mitte
at-near-top-right = ganz oben rechts der Mitte
at-near-upper-left = oben links der Mitte
at-near-upper-right = oben rechts der Mitte
at-near-left = links der Mitte
at-near-right = rechts der Mitte
at-near-lower-left = unten links der Mitte
at-near-lower-right = unten rechts der Mitte
at-near-bottom-left = ganz unten links der Mitte
at-near-bottom-right = ganz unten rechts der Mitte
