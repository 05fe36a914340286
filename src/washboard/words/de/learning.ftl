### Was über die Hand des Malers gelernt wurde, und was angeboten wird.

learnt-pace = { $count ->
    [one] Ein Durchgang
   *[other] { $count } Durchgänge
}{ $scope ->
    [large] {" "}mit großem Pinsel oder großer Kreide
    [middle] {" "}mit mittlerem Pinsel oder mittlerer Kreide
    [fine] {" "}mit feinem Pinsel oder feiner Kante
   *[other] {""}
}: du brauchst { $figure }-mal so lange wie üblich, zwischen { $low } und { $high }.
learnt-drying = { $count ->
    [one] Eine Schicht
   *[other] { $count } Schichten
} auf { $scope }: sie trocknen in der { $figure }-fachen üblichen Zeit, zwischen { $low } und { $high }.
learnt-bias = { $count ->
    [one] In einem Bild
   *[other] In { $count } Bildern
} kamen deine { $band } { $more ->
    [even] wie geplant heraus
    [yes] { $figure } zu hell heraus
   *[no] { $figure } zu dunkel heraus
}, zwischen { $low } und { $high }.
learnt-warmth = { $count ->
    [one] In einem Bild
   *[other] In { $count } Bildern
} kamen deine Farben { $more ->
    [even] so warm wie geplant heraus
    [yes] { $figure } Einheiten zu warm heraus
   *[no] { $figure } Einheiten zu kühl heraus
}, zwischen { $low } und { $high }.
learnt-waste = { $count ->
    [one] Eine Mischung
   *[other] { $count } Mischungen
}: du mischst das { $figure }-fache des Geplanten, zwischen { $low } und { $high }.
band-light = Lichter
band-middle-high = oberen Mittelwerte
band-middle-low = unteren Mittelwerte
band-dark = Dunkelheiten
offer-pace = Mit dem { $figure }-fachen der Minuten planen
offer-drying = Mit dem { $figure }-fachen der Wartezeiten planen
offer-bias = Ab jetzt { $band } um { $by } { $way ->
    [lighter] heller
    [darker] dunkler
    [warmer] wärmer
    [cooler] kühler
   *[other] { $way }
} mischen
offer-waste = Das { $figure }-fache mischen
