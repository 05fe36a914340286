### Gründe, und was eine Anordnung schwächt.

ground-bare = { $share } % des Bildes brauchen keine Farbe darauf.
ground-fewer = { $share } % des Bildes brauchen keine Farbe darauf, und { $fewer } von { $masses } Massen brauchen weniger Schichten.
ground-loses = Durchsichtige Farbe kann nicht heller werden als er: die Lichter verlieren { $lost }.

compose-balance = Die Kontraste wiegen { $off } cm auf der Seite „{ $side }“ der Mitte.
compose-balance-why = Alle auf einer Seite, kippen sie das Bild. Ein Akzent auf der anderen hält es.
compose-balance-try = { $size ->
    [large] { $to }: einen Akzent setzen ({ $accent })
   *[small] { $to }: einen Akzent setzen ({ $accent }), { $across } cm groß
}
compose-border-contrast = Ein Kontrast am Rand ({ $side }) ist { $strength } % so stark wie der Blickpunkt.
compose-border-contrast-why = Er führt das Auge aus dem Bild.
compose-border-contrast-try = { $side }: { $gone } cm wegschneiden
compose-corner = Eine Linie läuft in die Ecke ({ $corner }).
compose-corner-why = Sie führt das Auge aus dem Bild.
compose-corner-try = etwas beschneiden, damit sie auf eine Seite trifft
compose-focus-centre = Der Blickpunkt liegt in der Mitte, { $away } cm vom nächsten Drittelpunkt.
compose-focus-centre-why = In der Mitte bleibt das Auge stehen und geht nirgends hin.
compose-focus-centre-try = { $way ->
    [move] { $thing } zum Drittelpunkt schieben
   *[crop] so beschneiden, dass er auf dem Drittelpunkt liegt
}
compose-focus-edge = Der Blickpunkt liegt nur { $away } cm vom Rand.
compose-focus-edge-why = So nah führt er das Auge hinaus.
compose-focus-edge-try = { $way ->
    [move] { $thing } zum Drittelpunkt schieben
   *[crop] so beschneiden, dass er auf dem Drittelpunkt liegt
}
compose-halved = Eine senkrechte Kante { $left } cm von links halbiert das Bild.
compose-halved-why = Zwei gleiche Hälften streiten. Eine Seite soll führen.
compose-halved-try = { $gone } cm auf einer Seite wegschneiden
compose-no-big-shape = Die zwei größten Bereiche nehmen { $big } % und { $next } % ein: keiner führt.
compose-no-big-shape-why = Ein großer, ein mittlerer und ein kleiner geben Ordnung.
compose-horizon-tilt = Der Horizont liegt links { $left } cm, rechts { $right } cm von oben.
compose-horizon-tilt-why = Wasser und fernes Land, die nicht waagrecht sind, scheinen aus dem Bild zu laufen.
compose-horizon-tilt-try = das Bild um { $turn }° drehen und beschneiden
compose-horizon-middle = Der Horizont liegt fast in der Mitte: { $middle } von { $tall } cm.
compose-horizon-middle-why = Zwei gleiche Hälften streiten. Für Himmel oder Boden entscheiden.
compose-horizon-middle-try = { $side }: { $gone } cm wegschneiden, damit er auf einem Drittel liegt
compose-kissing-horizon = Die Spitze von { $thing } berührt gerade den Horizont.
compose-kissing-horizon-why = Das bindet Nähe und Ferne zusammen. Darüber oder darunter stehen lassen.
compose-kissing-horizon-try = { $by } cm nach unten schieben
compose-kissing-frame = { $thing } steht { $gap } mm vom Rand ({ $side }) und scheint ihn zu berühren.
compose-kissing-frame-why = Es sollte deutlich innen stehen oder deutlich angeschnitten sein.
compose-kissing-frame-try = { $by } cm nach innen schieben
compose-equal-sizes = { $one } und { $other } sind gleich groß.
compose-equal-sizes-why = Das wirkt mechanisch. Eines soll führen.
compose-equal-sizes-try = { $farther } um ein Viertel verkleinern
compose-equal-spacing = { $count } Bereiche stehen { $apart } cm auseinander, jeder gleich weit vom nächsten.
compose-equal-spacing-why = Gleiche Abstände sehen wie ein Zaun aus.
compose-equal-spacing-try = { $thing } um { $by } cm verschieben
compose-one-value = Fast alles liegt zwischen { $low } und { $high }.
compose-one-value-why = Ohne ein echtes Dunkel oder Hell führt nichts.
compose-one-value-try = am Blickpunkt einen Akzent von { $value } setzen ({ $accent })
