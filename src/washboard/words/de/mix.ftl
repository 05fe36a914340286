### Mischungen: worin jede am besten ist.

merit-nearest = am nächsten
merit-fewest = wenigste Farben
merit-cleanest = am reinsten
merit-lifts = lässt sich am besten abheben
merit-out = aus Farben, die schon auf der Palette sind
merit-lightfast = am lichtechtesten
merit-cheapest = am günstigsten

## Eine starke Farbe, vorher verdünnt

mix-tint-beside = 1 { $strong } und { $beside } { $other }
mix-tint-strong = 1 { $strong }
mix-tint = Zuerst ein Anteil: { $strong } in { $parts } { $into }. Dann { $taken } davon, { $rest }.
mix-tint-alone = Ein Anteil: { $strong } in { $parts } { $into }.

## Was eine Palette oder ein Kasten Kreiden nicht kann

limit-whites = Es sind nur weiße { $kind } da: dunkler als { $value } werden sie nicht.
limit-one = { $kind ->
    [sticks] Eine Kreide
   *[paints] Eine Farbe
} allein, { $what }, gibt Werte eines Farbtons: nach Tonwerten planen.
limit-dark = Das Dunkelste, was diese geben, ist { $value }; das Bild geht hinunter bis { $wanted }.
limit-light = Das Hellste, was diese geben, ist { $value }; das Bild geht hinauf bis { $wanted }.
limit-name = Zwei { $kind } heißen { $what }: eine im Regal umbenennen, sonst können Rezepte sie nicht unterscheiden.
limit-help = Diese { $kind } kommen { $share } % des Bildes nahe. Am meisten hülfe noch { $what }: dann { $then } %.
