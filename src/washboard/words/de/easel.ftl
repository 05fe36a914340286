### An der Staffelei: was geschah, wie es behoben wird, was sich ändert.

## Was schiefging

trouble-white-lost = Farbe kam auf { $masses }, das weiß bleiben soll.
trouble-too-dark = { $masses } wurde zu dunkel.
trouble-too-pale = { $masses } wurde zu hell.
trouble-bloom = Ein Wasserrand läuft in { $masses }.
trouble-hard-line = In { $masses } trocknete eine harte Linie.
trouble-mud = { $masses } wurde zu Schlamm.
trouble-lift-off = Von { $masses } löste sich Farbe.
trouble-tear = In { $masses } riss das Papier.
trouble-tooth-gone = { $masses } hält kein Pastell mehr.
trouble-fixative-wet = { $masses } ist noch nass vom Fixativ.
trouble-skinned = In { $masses } zog die Farbe eine Haut.
trouble-wrong-colour = { $masses } hat die falsche Farbe.
trouble-mask-torn = Die Maskierflüssigkeit riss das Papier in { $masses }.
trouble-drip = Ein Tropfen lief über { $masses }.

## Was man dagegen tut

mend-leave = { $trouble } Lassen: nichts bringt es jetzt von { $value } auf { $target }.
mend-leave-near = { $trouble } Lassen: { $value } ist nah genug an { $target }.
mend-takes = { $trouble } Ausweg: { $act }. Das bringt es auf { $value } von { $target }, denn die Farbe färbt { $stains } ein.
mend-takes-all = { $trouble } Ausweg: { $act }. Das bringt es zurück auf { $value }.
mend-works = { $trouble } Ausweg: { $act }.
mend-lays = { $trouble } Ausweg: { $act }, auf { $value }.

## Was sich ändert

replan-done = { $count ->
    [0] Noch kein Durchgang ist fertig
    [one] Ein Durchgang ist fertig und bleibt
   *[other] { $count } Durchgänge sind fertig und bleiben
}, { $left ->
    [0] keiner steht aus
    [one] 1 steht aus
   *[other] { $left } stehen aus
}.
replan-rest-same = Alles andere bleibt wie geplant.
replan-rest-moved = { $count } { $count ->
    [one] Durchgang kommt
   *[other] Durchgänge kommen
} in anderer Folge, ab { $done }; alles andere bleibt.
replan-rest-shorter = { $count ->
    [one] Ein Durchgang wird
   *[other] { $count } Durchgänge werden
} nicht mehr gebraucht.
replan-rest-anew = Der Rest ist neu geordnet, in { $count } { $count ->
    [one] Durchgang
   *[other] Durchgängen
}.
replan-skipped = { $masses } bleiben, wie sie sind, da ihr Durchgang ausgelassen wurde.
replan-left = { $masses } bleiben neben dem Plan: der Malgrund lässt keine Änderung mehr zu.

## Was an einem Protokoll keinen Sinn ergibt

log-no-such-pass = ein Eintrag nennt einen Durchgang, den dieser Plan nicht hat
log-no-such-mass = ein Eintrag nennt eine Masse, die dieser Plan nicht hat
log-no-such-accident = ein Eintrag nennt ein Missgeschick, das nicht bekannt ist
log-not-in-medium = ein Eintrag nennt ein Missgeschick, das es in dieser Technik nicht gibt
log-value-range = ein Eintrag gibt einen Tonwert außerhalb von 0 bis 10
log-done-twice = ein Durchgang ist zweimal als fertig gemeldet
log-clock-off = Die Uhr dieses Geräts geht { $hours } h { $way ->
    [ahead] vor
   *[behind] nach
}; was es einschrieb, wurde richtiggestellt.
log-future = ein Eintrag liegt in der Zukunft

## Der Weg durch einen Durchgang

stride-one = { $masses }, { $way ->
    [right] nach rechts
    [left] nach links
    [up] aufwärts
   *[down] abwärts
}
stride-several = { $masses }
stride-many = { $masses }: { $count } davon
stride-act = { $act }: { $masses }
stride-tool = { $tool }.
stride-before = Zuerst: { $acts }.
stride-after = Dann: { $acts }.
stride-with = { $tool ->
    [without] { $act }
   *[other] { $act } ({ $tool })
}
stride-graded = An der hellsten Stelle beginnen und von dort weg kräftiger werden.
stride-carry = Die nasse Kante von { $masses } binnen { $minutes } min weiterführen.
stride-seam = Bis dahin ist { $masses } trocken: dort mit sauberer Kante aufhören.
stride-round = Um { $masses } herum malen.
stride-soft = Die Kante zu { $masses } weich machen, solange sie nass ist.

## Wann aufzuhören ist

stop-done = Nichts ist mehr zu tun.
stop-near = Keine Masse liegt jetzt mehr als { $seen } daneben: übrig sind kleine Zeichen, und du darfst aufhören.
stop-off = Noch daneben: { $masses }, die erste um { $by }.

## Termine

deadline-kept = { $days ->
    [0] Fertig genau am Tag des Termins, { $due }.
    [one] Fertig einen Tag vor dem Termin, { $due }.
   *[other] Fertig { $days } Tage vor dem Termin, { $due }.
}
deadline-missed = { $days ->
    [one] Einen Tag nach dem Termin, { $due }
   *[other] { $days } Tage nach dem Termin, { $due }
}: mehr freie Stunden, weniger Durchgänge oder eine schneller trocknende Technik hülfen.
deadline-no-date = Der Termin „{ $written }“ ist kein Datum; Sitzungen werden nicht daran gemessen.
