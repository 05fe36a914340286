# Was abgelehnt wird: was falsch war, was erhalten blieb, was zu tun ist.

## api

problem-403 = Nicht von hier
problem-404 = Nicht gefunden
problem-405 = Hier nicht möglich
problem-409 = Das geht jetzt nicht
problem-413 = Zu groß
problem-422 = Das ist nicht brauchbar
problem-503 = Jetzt nicht
problem-500 = Ein Fehler des Programms
problem-507 = Die Platte ist voll
problem-other = Nicht möglich
problem-fields = Nichts wurde geändert. { $faults }
refused-foreign = Diese Adresse antwortet nur Seiten dieses Rechners; nichts geschah.
refused-unpaired = Dieses Gerät ist nicht gekoppelt; nichts geschah. Die Adresse öffnen, die der Schreibtisch zeigt, und seinen Code eingeben.
refused-at-desk = Geräte werden nur am Schreibtisch gekoppelt und vergessen; nichts wurde geändert.
refused-door-address = { $address } ist keine private Adresse im Netz dieses Rechners; nichts wurde eingeschaltet.
refused-door-taken = An { $address } kann nichts lauschen: dieser Rechner hat keine solche Adresse, oder der Anschluss ist belegt. Nichts wurde eingeschaltet.
refused-door-folder = Das Zertifikat lässt sich nicht nach { $folder } schreiben; nichts wurde eingeschaltet. Den Ordner beschreibbar machen und noch einmal versuchen.
refused-door-closed = Noch ist keine Adresse eingeschaltet, ein Code führte nirgendhin. Zuerst eine einschalten.
refused-map-none = Dieser Plan entstand, ehe es eine solche Karte gab; irgendetwas ändern, dann entsteht sie neu.
refused-no-address = An dieser Adresse ist nichts.
refused-program-fault = Im Programm ist etwas gebrochen; was vorher bewahrt war, ist bewahrt. Wo es läuft, sagt es, was brach.
refused-body-unreadable = Was geschickt wurde, ist nicht lesbar; nichts wurde geändert.
refused-body-too-large = Es wurde mehr geschickt, als ein Stück fassen kann ({ $most } kB); nichts wurde geändert.
refused-upload-too-large = Die Datei ist größer als { $most } MB; nichts wurde gespeichert. Kleiner sichern: 4000 Pixel an der langen Seite reichen völlig.
refused-shelf-upload-too-large = Die Datei ist größer als { $most } MB; nichts wurde geändert.
refused-approach-name-taken = Ein eigener Ansatz heißt schon { $name }; er blieb erhalten. Diesem einen anderen Namen geben.
refused-approaches-too-many = { $most } eigene Ansätze sind gespeichert; einen löschen, um einen anderen zu sichern.
refused-colour-of-no-paint = Nur die Farbe einer Malfarbe wird als L, a, b angegeben; nichts kam ins Regal.
refused-shelf-no-such-thing = Das steht nicht im Regal. Vielleicht wurde es in einem anderen Fenster herausgenommen.
refused-no-paint = { $name } ist keine Malfarbe; nichts wurde geändert.
refused-shelf-full = Ein Regal fasst { $most } Dinge; { $there } sind darauf und { $more } wurden dazugegeben. Nichts wurde hinzugefügt: einige weglassen.
refused-shelf-name-taken = { $name } steht schon im Regal; diesem einen anderen Namen geben. Nichts kam hinzu.
refused-field-empty = Das Feld { $name } darf nicht leer sein; es blieb erhalten.
refused-strip-fields-missing = Die Felder eines Streifens heißen in einer CxF-Datei { $fields }; keines davon ist da. Nichts wurde geändert.

## cli

refused-mix-asks-one = Eines von --target (was zu mischen ist), --parts (eine Mischung) oder --layers angeben.
refused-is-a-folder = { $path } ist ein Ordner; nichts wurde geschrieben. Den Namen einer Datei angeben.
refused-no-folder = Einen Ordner { $folder } gibt es nicht; nichts wurde geschrieben.
refused-may-not-write = { $path } darf nicht geschrieben werden; nichts geschah.
refused-is-a-file = { $path } ist eine Datei; nichts wurde geschrieben. Den Namen eines Ordners angeben.
refused-is-what-is-read = { $path } wird hier gelesen; nichts wurde geschrieben. Einen anderen Namen angeben.
refused-would-overwrite = { $given } würde in { $path } überschrieben; nichts geschah. Einen anderen Ordner angeben.
refused-outline-format = Der Umriss wird als .svg oder .pdf geschrieben, nicht { $given }.

## core/areas

refused-stroke-points = Ein Strich hat 1 bis { $most_points } Punkte im Bild (x und y von 0 bis 1); die Bereiche blieben erhalten.
refused-stroke-means-one = Eine Linie bedeutet jeweils eines; die Bereiche blieben erhalten.
refused-outline-points = Ein Umriss hat mindestens drei Punkte; die Bereiche blieben erhalten.
refused-strokes-too-many = Bereiche nehmen bis zu { $most_strokes } Striche auf; die Bereiche blieben erhalten.
refused-place-outside = Eine Stelle muss im Bild liegen (x und y von 0 bis 1).
refused-name-length = Ein Name hat 1 bis { $longest_name } Zeichen.
refused-outline-encloses-nothing = Der Umriss umschließt fast nichts; die Bereiche blieben erhalten.

## core/calibration

refused-swatches-too-few = Ein Streifen braucht mindestens { $fewest } Aufstriche; { $number } wurden gelesen. Die Farbe blieb erhalten.
refused-swatches-alike = Alle Aufstriche sind derselbe Film über demselben Untergrund: nichts trennt Deckkraft von Farbe. Einen über Schwarz oder einen dünneren hinzunehmen; die Farbe blieb erhalten.
refused-swatch-no-number = Ein Aufstrich ist keine Zahl; die Farbe blieb erhalten.
refused-swatch-range = Ein Aufstrich ist ein Film, über 0 und bis { $most_film } dick, über einem Untergrund von 0 bis 1, Helligkeit von 0 bis 100; die Farbe blieb erhalten.
refused-strip-photo-blown = Das Foto ist überstrahlt: Papier ist darin reinweiß. Etwas dunkler aufnehmen.
refused-strip-photo-dark = Das Foto ist zu dunkel, um Farben zu lesen. In mehr Licht aufnehmen.
refused-strip-light-uneven = Eine Seite des Streifens ist viel dunkler als die andere. Zum Licht drehen.
refused-strip-no-grey = Das graue Feld des Streifens ist nicht zu sehen; ohne es lässt sich das Licht nicht ausgleichen. Den ganzen Streifen mit sauberem Feld fotografieren.
refused-strip-not-seen = Auf dem Foto ist kein Farbstreifen zu sehen: er hat an jeder Ecke ein dunkles Quadrat, eines davon mit Loch.
refused-strips-several = Auf dem Foto ist mehr als ein Streifen. Jeden für sich fotografieren.
refused-strip-cut-off = Nicht alle vier Eckquadrate des Streifens sind zu sehen. Ganz fotografieren.
refused-strip-askew = Der Streifen wurde zu schräg fotografiert. Die Kamera darüber halten.

## core/composition

refused-crop-outside = Der Ausschnitt muss im Bild liegen (Anteile von 0 bis 1, links vor rechts, oben vor unten); das Bild blieb erhalten.
refused-crop-too-small = Ein Ausschnitt behält mindestens ein Zehntel jeder Seite; das Bild blieb erhalten.
refused-turn-too-far = Ein Bild lässt sich bis zu { $steepest }° drehen; es blieb erhalten.
refused-moves-too-many = Bis zu { $most_moves } Bereiche lassen sich verschieben; sie blieben erhalten.
refused-accents-too-many = Bis zu { $most_accents } Akzente lassen sich setzen; sie blieben erhalten.
refused-move-range = Ein Bereich wird von einer Stelle im Bild verschoben und { $least }- bis { $most }-fach vergrößert; er blieb erhalten.
refused-accent-range = Ein Akzent steht im Bild, hat einen Wert von 0 bis 10 und nimmt bis zu { $most } % davon ein; das Bild blieb erhalten.
refused-borrowed-outline-empty = Der Umriss auf dem anderen Foto enthält so gut wie nichts; nichts wurde geändert.
refused-borrowed-outside = Das geborgte Ding liegt dort außerhalb des Bildes; es blieb, wo es stand.
refused-borrowed-outline = Was aus einem anderen Foto geschnitten wird, braucht einen Umriss von mindestens drei Stellen darin; nichts wurde geändert.
refused-borrowed-range = Ein geborgtes Ding steht im Bild, { $least }- bis { $most }-mal so breit; es blieb erhalten.
refused-detail-range = Ein Detail von { $detail_mm } mm lässt sich nicht zeichnen: { $finest_mm } bis { $coarsest_mm } mm angeben.

## core/key

refused-key-incomplete = Ein Tonwertplan braucht Werte, Flächen und eine Spanne von dunkel bis hell; er blieb erhalten.
refused-relations-contradict = Keine Werte erfüllen alle diese Beziehungen.

## core/materials

refused-palette-size = Eine Palette hat { $fewest } bis { $most } Farben; sie blieb erhalten.
refused-shelf-reflectance-range = Ein Reflexionsgrad liegt außerhalb von 0 bis 1; nichts wurde geändert.
refused-shelf-name-length = Ein Name hat 1 bis { $longest } Zeichen; im Regal wurde nichts geändert.
refused-shelf-note-length = Satz oder Notiz von { $name } ist zu lang; nichts wurde geändert.
refused-shelf-note-signs = Die Notiz zu { $name } enthält Zeichen, die keine Datei von Farben fassen kann; nichts wurde geändert. Neu eintippen.
refused-shelf-name-lines = Namen sind eine Zeile Text; im Regal wurde nichts geändert.
refused-shelf-paint-medium = { $name }: eine Farbe gehört zu { $media }; angeben, zu welcher Technik.
refused-shelf-left-range = { $name }: der Rest liegt zwischen 0 und { $most_left }; nichts wurde geändert.
refused-shelf-film-of-no-paint = { $name }: nur Farben werden als Film gemessen; nichts wurde geändert.
refused-shelf-film-bands = { $name }: ein gemessener Film hat { $bands } Absorptionen und Streuungen.
refused-tone-not-understood = Der Malgrund „{ $text }“ ist nicht verständlich. white, black, eine Farbe als #rrggbb oder value:N mit N von 0 bis 10 angeben.
refused-tone-white-dark = Das Weiß ist zu dunkel, um einen Malgrund daran zu lesen; ins selbe Licht legen.
refused-tone-white-blown = Das Weiß ist in diesem Foto überstrahlt; etwas dunkler fotografieren.
refused-margin-too-wide = Ein Rand von { $margin_cm } cm rundum lässt auf { $width_cm } × { $height_cm } cm nichts zum Malen; er blieb, wie er war.
refused-picture-too-narrow = Auf { $width_cm } × { $height_cm } cm würde das Bild { $width } × { $height } cm: zu schmal zum Malen. Das Bild beschneiden oder ein anderes Blatt wählen.
refused-side-range = Eine Seite von { $side } cm lässt sich nicht malen: Breite und Höhe zwischen { $smallest_cm } und { $largest_cm } cm angeben.
refused-size-not-understood = Die Größe „{ $text }“ ist nicht verständlich. Breite und Höhe als 30x20cm angeben.

## core/mixing

refused-palette-empty = Auf der Palette ist keine Farbe; welche auswählen.
refused-target-no-number = Ein Ziel ist keine Zahl; nichts wurde gemischt.

## core/optics

refused-reflectance-no-number = Ein Reflexionsgrad ist keine Zahl; die Farbe blieb erhalten.
refused-reflectance-range = Ein Reflexionsgrad liegt außerhalb von 0 bis 1; die Farbe blieb erhalten.
refused-backings-exchanged = Der weiße Untergrund muss heller sein als der schwarze; die Farbe blieb erhalten.
refused-film-lighter-over-black = Irgendwo ist der Film über Weiß nicht heller als über Schwarz: beide sind vielleicht vertauscht, oder er ist zu dick, um es zu sagen. Die Farbe blieb erhalten.

## core/plan

refused-own-pass-after = Einen Durchgang „{ $after }“, nach dem es käme, gibt es nicht; die Durchgänge blieben erhalten.
refused-own-pass-mass = Eine Masse „{ $mass }“ hat dieser Plan nicht; die Durchgänge blieben erhalten.
refused-own-passes-too-many = Ein Plan nimmt { $most } eigene Durchgänge auf; sie blieben erhalten.
refused-own-pass-act = Ein eigener Durchgang in { $medium } kann sein: { $can }; nicht { $act }. Die Durchgänge blieben erhalten.
refused-own-pass-nowhere = Ein eigener Durchgang geht über eine Masse oder mehrere; die Durchgänge blieben erhalten.
refused-sheet-clock = Die Uhr eines Blattes zeigt Minuten ab 0, nicht { $clock }.
refused-sheet-range = Was auf { $name } liegt, hat einen Wert von 0 bis 10 und keine Schichten oder einige; angegeben waren { $value } und { $layers }.
refused-tool-not-for-medium = { $medium } wird nicht mit { $tool } gelegt; die Werkzeuge blieben erhalten.

## core/marks

refused-own-mark = Eine gezeichnete Linie braucht zwei Punkte im Bild und einen Wert von 0 bis 10; nichts wurde geändert.
refused-own-mark-width = Eine gezeichnete Linie ist { $finest } bis { $coarsest } mm breit; nichts wurde geändert.
refused-marks-amount = „{ $given }“ ist keine Anzahl kleiner Zeichen: { $choices } angeben, oder 0 bis { $most }.
refused-marks-range = Ein Bild nimmt 0 bis { $most } kleine Zeichen auf; { $marks } waren verlangt. Sie blieben erhalten.

## core/planning

refused-progress-too-far = Dieser Plan hat { $number } Durchgänge; { $count } können davon nicht fertig sein.
refused-move-no-such-pass = Einen Durchgang „{ $pass_id }“ hat dieser Plan nicht; seine Reihenfolge blieb.
refused-move-outside = Platz { $to } liegt außerhalb dieses Plans von { $number } Durchgängen; seine Reihenfolge blieb.
refused-move-pinned = Durchgang { $place } ist angeheftet; seine Reihenfolge blieb. Lösen, um ihn zu verschieben.
refused-leave-out-no-such-pass = Einen Durchgang „{ $pass_id }“ hat dieser Plan nicht; seine Durchgänge blieben.
refused-leave-out-last = Ein Plan hat einen Durchgang oder mehr; dieser eine blieb.
refused-order-incomplete = Die Reihenfolge muss jeden Durchgang genau einmal nennen; die alte blieb.

## core/reference

refused-drawn-count = Ein gezeichnetes Bild hat 1 bis { $most_shapes } Massen; { $number } waren angegeben.
refused-drawn-range = Eine Masse braucht mindestens drei Punkte im Bild (x und y von 0 bis 1) und einen Wert von 0 bis 10; die Zeichnung blieb erhalten.
refused-bands-given = Eine Leiter hat { $fewest } bis { $most } Stufen; { $number } waren angegeben.
refused-thresholds-rise = Schwellen müssen steigen und zwischen 0 und 10 liegen; die alten blieben.
refused-bands-asked = Eine Leiter hat { $fewest } bis { $most } Stufen; { $bands } waren verlangt.
refused-picture-channels = Eine Arbeitskopie braucht drei Kanäle zu 8 Bit.
refused-picture-few-pixels = Das Bild ist in Arbeitsgröße { $width } × { $height } Pixel: zu schmal für eine Masse. Ein Bild mit mindestens 4 Pixeln an der kurzen Seite nehmen.
refused-study-values = Eine Studie hat { $fewest } bis { $most } Werte; { $bands } waren verlangt.
refused-opened-range = Tiefen und Lichter werden um 0 bis 1 geöffnet; das Foto blieb erhalten.
refused-window-range = Ein Fenster liegt im Bild (x und y von 0 bis 1), seine Hälfte { $smallest } bis { $largest } breit.
refused-picture-one-value = Das Bild ist ein einziger Wert ({ $value }): da gibt es nichts zu ordnen. Nichts wurde gespeichert. Ein Bild mit Hell und Dunkel nehmen.
refused-picture-grain = Das Bild ist lauter Korn: Blinzeln lässt nichts zum Malen übrig. Nichts wurde gespeichert. Ein Bild mit Hell und Dunkel nehmen.

## core/schools

refused-approach-not-here = { $approach } lässt sich hier nicht malen: { $why }. Am nächsten ist { $nearest } ({ $key }); die Reihenfolge blieb.
refused-approach-name-length = Ein eigener Ansatz hat einen Namen von 1 bis 40 Zeichen ohne Schrägstrich (/).
refused-approach-of-nothing = Dieser Plan legt nichts, also gibt er keinen Ansatz; nichts wurde gesichert.
refused-approach-not-by-value = Die Durchgänge dieses Plans unterscheiden sich nicht nach Wert und geben keinen eigenen Ansatz: stattdessen die Reihenfolge unter einem Namen sichern.
refused-approach-not-read = In „{ $key }“ ist kein eigener Ansatz; die Reihenfolge blieb.

## devices

refused-reader-askew = Der Leser stand schief und gab nichts. Flach auf das Feld halten, noch einmal.

## formats

refused-cxf-not = Die Datei ist XML, aber kein CxF; nichts wurde gelesen.
refused-cxf-too-many = Die Datei hat über { $most_objects } Objekte; nichts wurde gelesen.
refused-cxf-no-spectra = Die Datei enthält keine Reflexionsspektren, und Farben allein sagen nicht, wie Malfarben mischen; nichts wurde gelesen.
refused-spectrum-no-range = Das Spektrum von „{ $called }“ sagt nicht, wo es beginnt und in welchen Schritten (bis { $most_step } nm); nichts wurde gelesen.
refused-spectrum-few = Das Spektrum von „{ $called }“ hat { $number } brauchbare Werte; nichts wurde gelesen.
refused-spectrum-reflectance-range = Reflexionsgrade von „{ $called }“ gehen von { $least } bis { $most }, liegen aber zwischen 0 und 1; nichts wurde gelesen.
refused-spectrum-short = Das Spektrum von „{ $called }“ reicht von { $begins } bis { $ends } nm; gebraucht werden { $least } bis { $most } nm; nichts wurde gelesen.
refused-cxf-entities = Die Datei definiert eigene Entitäten, die CxF nie braucht; nichts wurde gelesen.
refused-cxf-no-xml = Die Datei ist kein richtiges XML ({ $error }); nichts wurde gelesen.
refused-cxf-twice = „{ $name }“ über { $backing } steht zweimal in der Datei; nichts wurde übernommen.
refused-cxf-black-alone = „{ $name }“ ist nur über Schwarz gemessen; nichts wurde übernommen.
refused-cxf-left-no-number = der Rest ist keine Zahl: „{ $left }“.
refused-spectrum-no-number = Das Spektrum von „{ $called }“ enthält, was keine Zahl ist; nichts wurde gelesen.
refused-cxf-at = { $name }: { $error } Nichts wurde übernommen.
refused-picture-too-many-pixels = Das Bild hat mehr als { $most_pixels } Millionen Pixel; es wurde nicht geöffnet und nichts gespeichert. Kleiner sichern: 4000 Pixel an der langen Seite reichen völlig.
refused-picture-too-large = Die Datei hat { $size } MB; höchstens { $most } MB werden angenommen. Nichts wurde gespeichert. Kleiner sichern: 4000 Pixel an der langen Seite reichen völlig.
refused-picture-svg = Das ist eine SVG-Zeichnung, kein Foto. Nichts wurde gespeichert. Als PNG ausgeben; gelesen werden { $names }.
refused-picture-none = Diese Datei ist kein lesbares Bild. Nichts wurde gespeichert. { $names } nehmen.
refused-picture-damaged = Das Bild bricht ab oder ist beschädigt ({ $error }). Nichts wurde gespeichert. Noch einmal von der Kamera kopieren oder in einem Bildprogramm öffnen und sichern.
refused-planfile-too-large = Die Plandatei ist größer als { $most } MB; nichts wurde daraus gelesen.
refused-planfile-no-plan = Die Datei ist kein Plan: das Feld `washboard` mit der Fassung des Formats fehlt.
refused-planfile-newer = Der Plan hat die Formatfassung { $version }; dieses Programm liest bis { $known }. Nichts wurde geändert. Ein neueres Washboard nehmen oder den Plan dort, wo er entstand, noch einmal ausgeben.
refused-planfile-nested = Die Plandatei hat zu viele Ebenen; nichts wurde daraus gelesen.
refused-planfile-no-json = Die Plandatei ist kein JSON ({ $error }); nichts wurde daraus gelesen.
refused-planfile-unreadable = Die Plandatei ist nicht zu lesen: { $fault } @ { $where }.
refused-planfile-no-mass = Der Plan spricht von „{ $name }“, das keine seiner Massen ist; nichts wurde von der Datei behalten.
refused-planfile-twice = { $what ->
    [mass] Die Masse
    [pass] Der Durchgang
   *[label] Die Nummer
} „{ $name }“ steht zweimal im Plan; nichts wurde von der Datei behalten.
refused-planfile-predicted = Die vorausgesagten Werte passen nicht zum Plan, der { $rows } Zeilen zu { $masses } Massen hat; nichts wurde von der Datei behalten.
refused-planfile-marks = Die Markierungen der Namen passen nicht zum Text „{ $text }“; nichts aus der Datei wurde behalten.
refused-csv-columns-missing = Die erste Zeile muss die Spalten nennen; es fehlen: { $missing }. Sie heißen: { $columns }. Nichts wurde übernommen.
refused-csv-column-twice = Eine Spalte steht zweimal in der ersten Zeile; nichts wurde übernommen.
refused-csv-cell-length = Eine Zelle ist zu lang.
refused-csv-kind = „{ $kind }“ ist keine Art von Ding: { $kinds }.
refused-csv-measured = Ein gemessenes Ding ist eine Farbe, ähnlich einer aufgeführten.
refused-csv-left-no-number = Der Rest ist keine Zahl: „{ $text }“.
refused-csv-film = Ein Film über Weiß und über Schwarz hat je { $bands } Zahlen, 380 bis 730 nm.
refused-csv-no-text = Das ist keine Textdatei; nichts wurde übernommen.
refused-csv-too-many = Mehr als { $most_rows } Zeilen; nichts wurde übernommen. Ist das ein Regal?
refused-csv-broken = Die Datei ist kein richtiges CSV ({ $error }); nichts wurde übernommen.
refused-csv-at = Zeile { $number }: { $error } Nichts wurde übernommen.
refused-csv-encoding = Die Kodierung des Textes ist kaputt; nichts wurde übernommen.
refused-shelf-file-format = Ein Regal wird als .csv oder .cxf gelesen und geschrieben, nicht „{ $name }“; nichts wurde geändert.
refused-shelf-file-too-large = Die Datei ist größer als { $most } MB; nichts wurde übernommen.
refused-shelf-file-empty = In dieser Datei ist nichts für das Regal; nichts wurde übernommen.
refused-pages-too-many = Das wären { $pages } Seiten { $paper }: mehr als { $most }. Eine Seite in der Größe des Blattes nehmen, oder einen Projektor.
refused-grid-range = Ein Raster hat 1 bis 40 Spalten und Zeilen.
refused-no-paper = Papier „{ $paper }“ gibt es nicht: { $papers } wählen.

## pipeline

refused-mixture-size = Eine Mischung hat 1 bis { $most_paints } verschiedene Farben.
refused-mixture-of-palette = Eine Mischung hat 1 bis { $most_paints } verschiedene Farben der Palette.
refused-distance-range = Eine Entfernung geht bis { $farthest } m; { $metres } m waren verlangt.
refused-stopped = Angehalten; nichts wurde geändert.
refused-no-memory = Für dieses Bild reichte der Speicher nicht. Nichts ging verloren.
refused-palette-none-named = Auf der Palette ist keine Farbe; einige nennen, mit Komma getrennt.
refused-palette-too-many = Eine Palette fasst bis zu { $most_on_palette } Farben; { $number } waren genannt.
refused-target-not-understood = Ein Ziel ist L,a,b mit L von 0 bis 100 und a, b von -150 bis 150, etwa 52,12,-30.
refused-mixture-count = Eine Mischung hat 1 bis { $most_paints } Farben; { $most } waren verlangt.
refused-parts-range = Die Teile von „{ $name }“ müssen eine Zahl über 0 und bis 1000 sein.
refused-paint-twice = { $words } ist zweimal genannt; jede Farbe einmal nennen.
refused-layers-not-understood = Schichten sind Mischungen, durch ; getrennt, etwa 'lemon;phthalo blue@0.2'.
refused-film-range = Ein Film ist über 0 und bis { $most_film } Einheiten dick; { $film } war angegeben.
refused-worker-died = Die Rechnung brach ab, vielleicht aus Mangel an Speicher. Nichts ging verloren. Noch einmal versuchen, beim zweiten Mal mit einem kleineren Bild.
refused-fault = Etwas ging schief, was nicht sollte ({ $payload }). Nichts ging verloren.
refused-stopped-before = Angehalten, ehe es begann; nichts wurde geändert.

## settings

refused-piece-incomplete = Ein Bild braucht { $missing }; nichts wurde geändert.
refused-setting-unreadable = Nichts wurde geändert. { $fault } @ { $where }
refused-about-length = Worum es geht, passt in { $longest } Zeichen; es blieb erhalten.
refused-focus-of-intent-outside = Worum es im Bild geht, muss im Bild liegen; es blieb erhalten.
refused-time-range = Die Zeit geht von 1 bis { $longest_time } Minuten; sie blieb erhalten.
refused-area-outside = Ein Bereich liegt im Bild (x und y von 0 bis 1); die Reihenfolge blieb.
refused-approach-whole-sheet = { $approach } arbeitet auf dem ganzen Blatt, nicht in einem Bereich davon; die Reihenfolge blieb.
refused-patches-show-through = Eine Untermalung in Flecken schiene durch { $medium }, das nur dunkler macht; sie ist für deckende Farbe. Der Grund blieb erhalten.
refused-wiping-out-over-patches = Auswischen legt einen eigenen Ton, aus dem die Lichter geholt werden: einen anderen Ansatz wählen oder einen anderen Grund als Flecken. Das Bild blieb erhalten.
refused-passes-range = Ein Plan hat 1 bis { $most_passes } Durchgänge; { $passes } waren verlangt.
refused-squint-range = Blinzeln geht von 0 bis { $strongest }; { $squint } war verlangt.
refused-borrowed-too-many = Bis zu { $most_borrowed } Dinge lassen sich aus anderen Fotos borgen; sie blieben erhalten.
refused-focus-outside = Der Blickpunkt muss im Bild liegen; er blieb erhalten.
refused-light-range = Licht kommt aus 0 bis 360°, gegen den Uhrzeigersinn von rechts; es blieb erhalten.
refused-lamp-outside = Eine Lampe steht im Bild; sie blieb erhalten.
refused-name-outside = Ein Name muss im Bild stehen (x und y von 0 bis 1).
refused-no-act = Eine Handlung „{ $word }“ gibt es nicht; die Durchgänge blieben erhalten.
refused-no-way = Einen Weg „{ $way }“, ein Weiß zu erhalten, gibt es nicht; es blieb.

## store

refused-no-device = Dieses Gerät ist schon vergessen.
refused-folder-newer = { $folder } wurde von einem neueren Washboard geschrieben (Version { $version }, dieses kennt { $newest }). Nichts darin wurde angerührt: dieses aktualisieren.
refused-folder-damaged = Die Datenbank in { $folder } ist nicht lesbar. Nichts darin wurde angerührt: nachsehen, was washboard doctor sagt, oder mit washboard restore die letzte Sicherung zurückholen.
refused-folder-read-only = In { $folder } darf nicht geschrieben werden, also bliebe dort nichts bewahrt. Mit --data einen anderen Ordner nennen oder das Schreiben erlauben.
refused-database-read-only = In den Datenordner darf nicht mehr geschrieben werden; dies wurde nicht bewahrt. Was vorher bewahrt war, ist da.
refused-database-damaged = Die Datenbank ist beschädigt; dies wurde nicht bewahrt. Washboard anhalten und nachsehen, was washboard doctor sagt.
refused-folder-gone = Der Datenordner { $folder } wurde verschoben oder gelöscht, während Washboard ihn benutzte; dies wurde nicht bewahrt. Ihn zurücklegen und Washboard neu starten.
refused-file-gone = Die Datei dazu fehlt im Datenordner. Plan und Verlauf sind da; das Foto neu aufnehmen oder eine Sicherung zurückholen.
refused-disk-full = Die Platte ist voll, dies konnte nicht gesichert werden. Alles vorher Gesicherte ist sicher. Platz schaffen und noch einmal tun.
refused-database-busy = Ein anderes Programm hält die Datenbank dieses Ateliers. Die Änderung geschah nicht; nichts ging verloren. Das andere Programm schließen oder warten und noch einmal versuchen.
refused-nothing-to-undo-piece = Nichts zurückzunehmen: am Bild wurde nichts geändert.
refused-nothing-to-undo-shelf = Nichts zurückzunehmen: im Regal wurde nichts geändert.
refused-nothing-to-redo-piece = Nichts zu wiederholen; das Bild ist auf dem neuesten Stand.
refused-nothing-to-redo-shelf = Nichts zu wiederholen; das Regal ist auf dem neuesten Stand.
refused-folder-held = Der Ordner { $folder } ist in einem anderen Washboard offen (Prozess { $process }). Nichts wurde geändert. Jenes benutzen, es zuerst beenden oder mit --data einen anderen Ordner angeben.
refused-log-entry-differs = Dieser Eintrag steht schon im Protokoll und sagt etwas anderes.
refused-habit-times = Nichts dauert mehr als { $most }-mal so lange wie üblich, oder so wenig. Das Bisherige blieb.
refused-habit-bias = Kein Wert kommt mehr als { $most } anders heraus. Das Bisherige blieb.
refused-no-lesson = Dergleichen ist nicht gelernt.
refused-nothing-to-ask = Diese Pläne enthalten keine solche Frage.
refused-no-question = Eine solche Frage gibt es nicht, oder sie hat keine solche Antwort. Nichts wurde gezählt.
refused-no-observation = Ein solches Foto dieses Bildes gibt es nicht.
refused-no-such-picture = Eine Ansicht „{ $name }“ dieses Fotos gibt es nicht: es gibt straight, planned, difference und photo.
refused-no-piece = Ein solches Bild gibt es nicht. Vielleicht wurde es in einem anderen Fenster gelöscht.
refused-no-picture = Ein solches Foto gibt es hier nicht. Noch einmal hochladen; nichts wurde geändert.
refused-no-approach = Einen solchen eigenen Ansatz gibt es nicht; nichts wurde geändert.

refused-stale-piece = Dieses Bild wurde inzwischen anderswo geändert: { $done }. Deine Änderung geschah nicht, und nichts wurde überschrieben. Das Bild jetzt ansehen und noch einmal tun.
refused-stale-shelf = Dieses Regal wurde inzwischen anderswo geändert: { $done }. Deine Änderung geschah nicht, und nichts wurde überschrieben. Das Regal jetzt ansehen und noch einmal tun.
stale-undo = zurückgenommen oder wiederholt

## studio

refused-code-none = Jetzt ist kein Code gültig: einer gilt fünf Minuten, einmal und für fünf Versuche. Am Schreibtisch einen neuen holen.
refused-code-wrong = Das ist nicht der Code am Schreibtisch. { $left ->
    [0] Er ist nun ungültig: dort einen neuen holen.
    [one] Ein Versuch bleibt.
   *[other] { $left } Versuche bleiben.
}
refused-photo-or-drawn = Ein Bild hat entweder ein Foto oder gezeichnete Massen; nichts entstand.
refused-piece-has-photo = Dieses Bild hat ein Foto; Massen werden in einem Bild ohne Foto gezeichnet.
refused-piece-is-drawn = Dieses Bild ist gezeichnet, nicht von einem Foto; seine Massen lassen sich ändern.
refused-no-job = Diese Aufgabe gibt es nicht; vielleicht ist sie längst fertig.
plan-replaced = Nach dem Plan, der hier bewahrt war, hätte sich nicht malen lassen. Er wurde neu ausgearbeitet, der alte liegt noch im Ordner.
refused-plan-not-ready = Der Plan von { $piece } ist noch nicht ausgearbeitet (oder wurde angehalten); nichts ging verloren. Mit einem POST auf `analysis` anfordern.
refused-strip-field = Ein Streifen hat die Felder { $fields }, nicht „{ $given }“.
refused-shelf-file-twice = „{ $name }“ steht zweimal in der Datei; nichts wurde übernommen.
refused-plan-stopped = Der Plan von { $piece } wurde angehalten; nichts ging verloren.

## Namen, die auf keiner Liste stehen

refused-unknown-paint = Eine Farbe „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-stick = Eine Kreide „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-surface = Einen Malgrund „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-drill = Eine Übung „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-tool = Ein Werkzeug „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-medium = Eine Technik „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-approach = Einen Ansatz „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-illuminant = Ein Licht „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-field = Ein Feld „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-language = Eine Sprache „{ $given }“ gibt es nicht. Zur Wahl: { $known }.
refused-unknown-surface-for = Einen Malgrund „{ $given }“ für { $medium } gibt es nicht. Zur Wahl: { $known }.
refused-unknown-ground = Einen Grund „{ $given }“ für { $medium } gibt es nicht. Zur Wahl: { $known }.
refused-unknown-side = { $surface } hat keine Seite „{ $given }“. Zur Wahl: { $known }.

## Sitzungen und Kalender

refused-windows-overlap = Die Zeiten überlappen oder enden, ehe sie beginnen; nichts wurde hineingelegt.
refused-work-range = Minuten oder Wartezeiten von „{ $name }“ liegen außerhalb des Möglichen; nichts wurde eingeteilt.
refused-calendar-size = Der Kalender ist größer als { $most } MB; nichts wurde daraus gelesen.
refused-calendar-broken = Der Kalender ist nicht zu lesen ({ $fault }); nichts wurde daraus übernommen. Noch einmal als iCalendar ausgeben.
refused-calendar-entries = Der Kalender hat mehr als { $most } Einträge, oder mehr als { $repeating } wiederkehrende; nichts wurde daraus übernommen. Nur die Zeiten zum Malen ausgeben.
refused-calendar-empty = Der Kalender hat nach { $begin } keine Zeit zum Malen; nichts wurde hineingelegt. Jeder Eintrag von einigen Stunden ist eine.
refused-sittings-plans = { $number } Pläne waren angegeben: 1 bis { $most } lassen sich in einen Kalender legen.
refused-sittings-twice = Zwei Pläne heißen „{ $name }“: einem einen anderen Namen geben.
refused-sittings-short = Die Durchgänge passen nicht: die Zeit vom { $window } ist { $minutes } min zu kurz. { $ways }
refused-sittings-no-room = Die Durchgänge passen nicht in die { $windows } Zeiten, und keine einzelne, verlängert, genügte. { $ways }
refused-climate = Ein Raum mit { $celsius } °C, { $humidity } % und { $speed } m/s liegt außerhalb: 0 bis 45 °C, 0 bis 100 %, 0 bis 5 m/s. Der bisherige blieb.
refused-hours = „{ $part }“ ist nicht verständlich: freie Stunden als Tuesdays 19-21, Saturday mornings schreiben. Die bisherigen blieben.
refused-hours-none = Es sind keine freien Stunden angegeben: als Tuesdays 19-21, Saturday mornings schreiben.
refused-events-too-many = Mehr als { $most } Einträge kamen auf einmal; keiner wurde behalten. In Teilen senden.
refused-sensor-silent = Der Klimafühler gab keinen Wert; das Klima von vorher blieb. Noch einmal fragen oder eintippen, was bekannt ist.
refused-log-size = Das Protokoll ist größer als { $most } MB oder länger als { $lines } Zeilen; nichts wurde daraus gelesen.
refused-log-no-text = Das Protokoll ist kein Text in UTF-8; nichts wurde daraus gelesen.
refused-log-line = Zeile { $number } des Protokolls ist nicht zu lesen: { $fault } @ { $where }. Der Plan blieb unverändert.
refused-log-other-plan = Das Protokoll handelt von einem anderen Plan: keiner seiner Durchgänge ist in diesem. Nichts wurde geändert.
refused-moment = „{ $text }“ ist kein Zeitpunkt: als 2026-12-01T09:00 angeben.
short-sitting = Oder noch einmal malen, { $days ->
    [one] einen Tag
   *[other] { $days } Tage
} nach der letzten, { $minutes } min.
short-without = Oder „{ $title }“ von { $piece } auslassen.
short-quicker = Oder { $share } % schneller arbeiten, mit größeren Werkzeugen oder einer schneller trocknenden Technik.
refused-edge-outside = Die Kante liegt neben dem Bild. Deine Einstellungen bleiben.
refused-own-pass-place = Eine Stelle braucht zwei Punkte für einen Strich oder drei für einen Umriss, alle im Bild. Deine Durchgänge bleiben.
refused-tone-range = Eine Masse wird um höchstens { $most } Werte, auf die doppelte Farbigkeit und um 30 Einheiten Wärme verschoben; sie blieb erhalten.
refused-stages-range = Ein Ding hat { $least } bis { $most } Stufen; es blieb erhalten.
refused-around-range = Der Hintergrund um Dinge ist 0 bis { $most } cm breit; er blieb erhalten.
refused-relight-range = Ein neues Licht steht im Bild und ist 0 bis 1 stark; es blieb erhalten.

## Fotos eines Gemäldes

refused-corners-four = Ecken sind vier Stellen: zuerst oben links am Blatt, dann im Uhrzeigersinn. Nichts wurde geändert.
refused-corners-text = „{ $text }“ sind keine vier Ecken: x,y;x,y;x,y;x,y in Pixeln schreiben, im Uhrzeigersinn von oben links.
refused-corners-outside = Eine Ecke liegt weit außerhalb des Fotos. Die vier Ecken dorthin setzen, wo die des Blattes sind. Nichts wurde geändert.
refused-corners-mirrored = Die Ecken laufen gegen den Uhrzeigersinn: oben links beginnen und im Uhrzeigersinn gehen. Nichts wurde geändert.
refused-corners-crossed = Die Seiten zwischen den Ecken kreuzen sich. Oben links, oben rechts, unten rechts, unten links setzen. Nichts wurde geändert.
refused-corners-small = Die Ecken liegen zu eng beisammen, um dazwischen etwas zu lesen. Nichts wurde geändert.
refused-no-such-pass = Der Plan hat die Durchgänge 1 bis { $most }, und 0 für vor dem ersten: einen Durchgang { $given } gibt es nicht.
refused-photo-no-sheet = Im Foto wurde kein Blatt gefunden. Ganz fotografieren, mit etwas Umgebung, oder die vier Ecken selbst setzen.
refused-photo-small = Das Gemälde ist im Foto { $pixels } Pixel breit: mindestens { $least } sind nötig. Näher gehen oder das Foto in voller Größe senden.
refused-photo-own = Das ist das Bild des Plans selbst, kein Foto des Gemäldes. Nichts wurde daraus gelernt.
refused-photo-cut = Eine Seite des Blattes liegt am Rand des Fotos. Ganz fotografieren oder die vier Ecken selbst setzen.
refused-photo-turned = Das Gemälde steht im Foto auf dem Kopf. Das Foto drehen und noch einmal senden.
refused-photo-mirrored = Das Gemälde ist im Foto gespiegelt: Frontkameras tun das. Spiegeln ausschalten oder die andere Kamera nehmen.
refused-photo-other = Was das Foto zeigt, gleicht diesem Bild nach keinem Durchgang. Ein Foto dieses Gemäldes senden oder die vier Ecken selbst setzen.
refused-photo-black = Das Foto ist fast überall schwarz. Das Gemälde in mehr Licht noch einmal fotografieren.
refused-photo-blown = Das Foto ist fast überall weiß: zu viel Licht. Das Gemälde noch einmal dunkler fotografieren.
refused-plan-without-map = Diese Plandatei sagt nicht, wo ihre Massen liegen. Mit washboard plan PHOTO … --out noch einmal schreiben.
refused-map-size = Die Karte der Massen in der Plandatei ist nicht { $width } mal { $height } Pixel groß, wie sie sagt.
refused-map-damaged = Die Karte der Massen in der Plandatei ist nicht zu lesen ({ $error }).
refused-map-of-others = Die Karte in der Plandatei zeigt Massen, die der Plan nicht hat.
refused-map-colours = Die Plandatei sollte { $rows } Zeilen Farben für { $masses } Massen enthalten.
refused-no-data-folder = In { $folder } liegt nichts. Den Datenordner mit --data nennen.
refused-backup-changes = Was in { $folder } liegt, ändert sich schneller, als es kopiert werden kann. Noch einmal versuchen, wenn weniger geschieht. Nichts wurde geschrieben.
refused-restore-not-empty = { $folder } ist nicht leer; nichts wurde geändert. Mit --data einen anderen Ordner nennen, oder --instead, um die Sicherung an seine Stelle zu setzen: was dort ist, bleibt dann daneben erhalten.
refused-backup-not-there = Eine Datei { $file } gibt es nicht. Nichts wurde geändert.
refused-no-backup = { $file } ist keine Sicherung von Washboard. Nichts wurde geändert.
refused-backup-newer = { $file } stammt von einem neueren Washboard. Zuerst dieses aktualisieren. Nichts wurde geändert.
refused-backup-damaged = { $file } ist beschädigt: { $what } weicht von dem ab, was geschrieben wurde. Eine andere Kopie der Datei nehmen. Nichts wurde geändert.
