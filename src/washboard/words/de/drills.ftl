### Fragen des Trainers.

drill-next = Welcher Durchgang kommt als nächster?
drill-next-why = Das legt der Plan als Nächstes.
drill-next-needed = { $count ->
    [one] Ein späterer Durchgang braucht
   *[other] { $count } spätere Durchgänge brauchen
} das zuerst: { $first }.
drill-next-not = Zu früh: { $first } muss davor kommen.
drill-darker = Welche davon ist die dunkelste?
drill-darker-why = { $masses } ist { $value }.
drill-value = Welchen Tonwert hat die markierte Stelle?
drill-value-option = { $value }
drill-value-why = { $masses } ist { $value }.
drill-shadow = Welche davon gehört zur Familie der Schatten?
drill-shadow-why = { $masses } liegt im Schatten, bei { $value }.
drill-shadow-not = { $masses } liegt im Licht, bei { $value }: Dunkles im Licht bleibt bei den Lichtern.
drill-breaks = Einer dieser Schritte geht dort nicht, wo er steht. Welcher?
drill-breaks-fine = Dieser Schritt geht.
drill-step = { $act }: { $masses }{ $wait ->
    [0] {""}
   *[other] , dann { $wait } { $unit } trocknen
}
drill-mix = Welche drei Farben mischen diese?
drill-paints = { $paints }
drill-mix-why = { $paints } kommen so nahe, dass niemand einen Unterschied sieht.
drill-mix-not = { $paints } verfehlen sie für jeden sichtbar, in welchen Teilen auch immer.
drill-edge = Wo würdest du die Kante verlieren?
drill-edge-firm = Zwischen { $masses } liegen die Werte klar auseinander: diese Kante bleibt hart.
drill-edge-lost = Diese darf verloren gehen: { $why }.
drill-missed = { $what }{ $band ->
    [light] {" "}in Lichtern
    [middle-high] {" "}in oberen Mittelwerten
    [middle-low] {" "}in unteren Mittelwerten
    [dark] {" "}in Dunkelheiten
   *[other] {""}
}: { $wrong } der letzten { $count } verfehlt.
drill-kind-next = Der nächste Durchgang
drill-kind-darker = Was ist dunkler
drill-kind-value = Tonwerte nennen
drill-kind-shadow = Familie der Schatten
drill-kind-breaks = Was nicht geht
drill-kind-mix = Mischen
drill-kind-edge = Kanten
drill-named = { $masses }
