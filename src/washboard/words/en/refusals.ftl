# What is refused: what was wrong, what was kept, what to do.

## api

problem-403 = Not from here
problem-404 = Not found
problem-405 = Not possible here
problem-409 = That cannot be done now
problem-413 = Too large
problem-422 = This cannot be used
problem-503 = Not now
problem-500 = A fault of the program
problem-507 = The disk is full
problem-other = Not possible
problem-fields = Nothing was changed. { $faults }
refused-foreign = This address answers only to pages of this machine; nothing was done.
refused-unpaired = This device is not paired; nothing was done. Open the address that the desk shows, and give its code.
refused-at-desk = Devices are paired and forgotten at the desk only; nothing was changed.
refused-door-address = { $address } is not a private address of this machine's network; nothing was switched on.
refused-door-taken = Nothing can listen at { $address }: this machine has no such address, or the port is taken. Nothing was switched on.
refused-door-folder = The certificate cannot be written into { $folder }; nothing was switched on. Make that folder writable and try again.
refused-door-closed = No address is switched on yet, so that a code would lead nowhere. Switch one on first.
refused-map-none = This plan was made before there was such a map; change anything and it is made again.
refused-no-address = There is nothing at this address.
refused-program-fault = Something in the program broke; what was kept before is kept. Where it runs it says what broke.
refused-body-unreadable = What was sent cannot be read; nothing was changed.
refused-body-too-large = More was sent than a piece can hold ({ $most } kB); nothing was changed.
refused-upload-too-large = The file is larger than { $most } MB; nothing was stored. Save it smaller: 4000 pixels on the long side are plenty.
refused-shelf-upload-too-large = The file is larger than { $most } MB; nothing was changed.
refused-approach-name-taken = There is an approach of your own named { $name } already; it was kept. Give this one another name.
refused-approaches-too-many = { $most } approaches of your own are kept; delete one to save another.
refused-colour-of-no-paint = Only a paint's colour is told as L, a, b; nothing was put on the shelf.
refused-shelf-no-such-thing = This is not on the shelf. It may have been taken off in another tab.
refused-no-paint = { $name } is no paint; nothing was changed.
refused-shelf-full = A shelf holds { $most } things; there are { $there } on it and { $more } more were given. Nothing was added: leave some out.
refused-shelf-name-taken = { $name } is on the shelf already; give this one another name. Nothing was added.
refused-field-empty = The field { $name } cannot be empty; it was kept.
refused-strip-fields-missing = The fields of a strip are called { $fields } in a CxF file; none of them is there. Nothing was changed.

## cli

refused-mix-asks-one = Give one of --target (what to mix), --parts (a mixture) or --layers.
refused-is-a-folder = { $path } is a folder; nothing was written. Give the name of a file.
refused-no-folder = There is no folder { $folder }; nothing was written.
refused-may-not-write = { $path } may not be written; nothing was done.
refused-is-a-file = { $path } is a file; nothing was written. Give the name of a folder.
refused-is-what-is-read = { $path } is what is read here; nothing was written. Give another name.
refused-would-overwrite = { $given } would be written over in { $path }; nothing was done. Give another folder.
refused-outline-format = The outline is written as .svg or .pdf, not { $given }.

## core/areas

refused-stroke-points = A stroke has 1 to { $most_points } points inside the picture (x and y from 0 to 1); the areas were kept.
refused-stroke-means-one = A line means one thing at a time; the areas were kept.
refused-outline-points = An outline has at least three points; the areas were kept.
refused-strokes-too-many = Areas take up to { $most_strokes } strokes; the areas were kept.
refused-place-outside = A place must lie inside the picture (x and y from 0 to 1).
refused-name-length = A name has 1 to { $longest_name } characters.
refused-outline-encloses-nothing = The outline encloses nearly nothing; the areas were kept.

## core/calibration

refused-swatches-too-few = A strip needs at least { $fewest } swatches; { $number } were read. The paint was kept.
refused-swatches-alike = All swatches are the same film over the same backing: nothing tells hiding from colour. Add one over black, or a thinner one; the paint was kept.
refused-swatch-no-number = A swatch is no number; the paint was kept.
refused-swatch-range = A swatch is a film over 0 and up to { $most_film } thick over a backing from 0 to 1, lightness from 0 to 100; the paint was kept.
refused-strip-photo-blown = The photo is blown: paper is pure white in it. Take it a little darker.
refused-strip-photo-dark = The photo is too dark to read colours. Take it in more light.
refused-strip-light-uneven = One side of the strip is much darker than the other. Turn it toward the light.
refused-strip-no-grey = The strip's grey patch is not to be seen; without it the light cannot be balanced. Photograph the whole strip with the patch clean.
refused-strip-not-seen = No swatch strip is to be seen on the photo: it has a dark square at each corner, one of them with a hole.
refused-strips-several = There is more than one strip on the photo. Photograph each by itself.
refused-strip-cut-off = Not all four corner squares of the strip are to be seen. Photograph all of it.
refused-strip-askew = The strip was photographed too much from the side. Hold the camera above it.

## core/composition

refused-crop-outside = The crop must lie inside the picture (shares from 0 to 1, left before right, top before bottom); the picture was kept.
refused-crop-too-small = A crop keeps at least a tenth of each side; the picture was kept.
refused-turn-too-far = A picture can be turned by up to { $steepest }°; it was kept.
refused-moves-too-many = Up to { $most_moves } areas can be moved; they were kept.
refused-accents-too-many = Up to { $most_accents } accents can be added; they were kept.
refused-move-range = An area is moved from a place inside the picture and scaled { $least } to { $most } times; it was kept.
refused-accent-range = An accent stands inside the picture, has a value from 0 to 10 and takes up to { $most } % of it; the picture was kept.
refused-borrowed-outline-empty = The outline on the other photo holds next to nothing; nothing was changed.
refused-borrowed-outside = The borrowed thing lies outside the picture there; it was kept where it stood.
refused-borrowed-outline = What is cut from another photo needs an outline of at least three places inside it; nothing was changed.
refused-borrowed-range = A borrowed thing stands inside the picture, { $least } to { $most } times as wide; it was kept.
refused-detail-range = A detail of { $detail_mm } mm cannot be drawn: give { $finest_mm } to { $coarsest_mm } mm.

## core/key

refused-key-incomplete = A key needs values, areas and a reach from dark to light; it was kept.
refused-relations-contradict = No values obey all of these relations.

## core/materials

refused-palette-size = A palette has { $fewest } to { $most } paints; it was kept.
refused-shelf-reflectance-range = A reflectance lies outside 0 to 1; nothing was changed.
refused-shelf-name-length = A name has 1 to { $longest } characters; nothing was changed on the shelf.
refused-shelf-note-length = The set or note of { $name } is too long; nothing was changed.
refused-shelf-note-signs = The note of { $name } holds signs that no file of paints can hold; nothing was changed. Type them anew.
refused-shelf-name-lines = Names are one line of text; nothing was changed on the shelf.
refused-shelf-paint-medium = { $name }: a paint belongs to { $media }; say which.
refused-shelf-left-range = { $name }: what is left lies between 0 and { $most_left }; nothing was changed.
refused-shelf-film-of-no-paint = { $name }: only paints are measured as films; nothing was changed.
refused-shelf-film-bands = { $name }: a measured film has { $bands } absorptions and scatterings.
refused-tone-not-understood = The surface “{ $text }” is not understood. Say white, black, a colour as #rrggbb, or value:N with N from 0 to 10.
refused-tone-white-dark = The white is too dark to read a surface against; put it into the same light.
refused-tone-white-blown = The white is blown in this photo; photograph it a little darker.
refused-margin-too-wide = A margin of { $margin_cm } cm all round leaves nothing to paint on { $width_cm } × { $height_cm } cm; it was kept.
refused-picture-too-narrow = On { $width_cm } × { $height_cm } cm the picture would be { $width } × { $height } cm: too narrow to paint. Crop the picture or choose another sheet.
refused-side-range = A side of { $side } cm cannot be painted: give width and height between { $smallest_cm } and { $largest_cm } cm.
refused-size-not-understood = The size “{ $text }” is not understood. Give width and height as 30x20cm.

## core/mixing

refused-palette-empty = There is no paint on the palette; choose some.
refused-target-no-number = A target is no number; nothing was mixed.

## core/optics

refused-reflectance-no-number = A reflectance is no number; the paint was kept.
refused-reflectance-range = A reflectance lies outside 0 to 1; the paint was kept.
refused-backings-exchanged = The white backing must be lighter than the black one; the paint was kept.
refused-film-lighter-over-black = Somewhere the film is no lighter over white than over black: the two may be exchanged, or it is too thick to tell. The paint was kept.

## core/plan

refused-own-pass-after = There is no pass “{ $after }” to come after; the passes were kept.
refused-own-pass-mass = There is no mass “{ $mass }” in this plan; the passes were kept.
refused-own-passes-too-many = A plan takes { $most } passes of your own; they were kept.
refused-own-pass-act = A pass of your own in { $medium } can be: { $can }; not { $act }. The passes were kept.
refused-own-pass-nowhere = A pass of your own goes over one mass or more; the passes were kept.
refused-sheet-clock = The clock of a sheet shows minutes from 0 on, not { $clock }.
refused-sheet-range = What lies on { $name } has a value from 0 to 10 and no layers or some; { $value } and { $layers } were given.
refused-tool-not-for-medium = { $medium } is not laid with { $tool }; the tools were kept.

## core/marks

refused-own-mark = A drawn line needs two points inside the picture and a value from 0 to 10; nothing was changed.
refused-own-mark-width = A drawn line is { $finest } to { $coarsest } mm wide; nothing was changed.
refused-marks-amount = “{ $given }” is no number of small marks: give { $choices }, or 0 to { $most }.
refused-marks-range = A picture takes 0 to { $most } small marks; { $marks } were asked for. They were kept.

## core/planning

refused-progress-too-far = This plan has { $number } passes; { $count } cannot be done of it.
refused-move-no-such-pass = There is no pass “{ $pass_id }” in this plan; its order was kept.
refused-move-outside = Place { $to } is outside this plan of { $number } passes; its order was kept.
refused-move-pinned = Pass { $place } is pinned; its order was kept. Unpin it to move it.
refused-leave-out-no-such-pass = There is no pass “{ $pass_id }” in this plan; its passes were kept.
refused-leave-out-last = A plan has one pass or more; this one was kept.
refused-order-incomplete = The order must name every pass exactly once; the old order was kept.

## core/reference

refused-drawn-count = A drawn piece has 1 to { $most_shapes } masses; { $number } were given.
refused-drawn-range = A mass needs at least three points inside the picture (x and y from 0 to 1) and a value from 0 to 10; the drawing was kept.
refused-bands-given = A ladder has { $fewest } to { $most } bands; { $number } were given.
refused-thresholds-rise = Thresholds must rise and lie between 0 and 10; the old ones were kept.
refused-bands-asked = A ladder has { $fewest } to { $most } bands; { $bands } were asked for.
refused-picture-channels = A working copy needs three channels of 8 bits.
refused-picture-few-pixels = The picture is { $width } × { $height } pixels when brought to working size: too narrow to hold a mass. Use a picture with at least 4 pixels on the short side.
refused-study-values = A study has { $fewest } to { $most } values; { $bands } were asked for.
refused-opened-range = Darks and lights are opened by 0 to 1; the photo was kept.
refused-window-range = A window lies inside the picture (x and y from 0 to 1), half of it { $smallest } to { $largest } wide.
refused-picture-one-value = The picture is one single value ({ $value }): there is nothing to put in an order. Nothing was stored. Use a picture with lights and darks.
refused-picture-grain = The picture is all grain: squinting leaves nothing to paint. Nothing was stored. Use a picture with lights and darks.

## core/schools

refused-approach-not-here = { $approach } cannot be painted here: { $why }. The nearest is { $nearest } ({ $key }); the order was kept.
refused-approach-name-length = An approach of your own has a name of 1 to 40 characters without a stroke (/).
refused-approach-of-nothing = This plan lays nothing, so it makes no approach; nothing was kept.
refused-approach-not-by-value = The passes of this plan are not told apart by value, so they make no approach of their own: save the order under a name instead.
refused-approach-not-read = There is no approach of your own in “{ $key }”; the order was kept.

## devices

refused-reader-askew = The reader stood askew and gave nothing. Hold it flat on the field, once more.

## formats

refused-cxf-not = The file is XML, but no CxF; nothing was read.
refused-cxf-too-many = The file has over { $most_objects } objects; nothing was read.
refused-cxf-no-spectra = The file holds no reflectance spectra, and colours alone do not tell how paints mix; nothing was read.
refused-spectrum-no-range = The spectrum of “{ $called }” does not say where it begins and in which steps (up to { $most_step } nm); nothing was read.
refused-spectrum-few = The spectrum of “{ $called }” has { $number } usable values; nothing was read.
refused-spectrum-reflectance-range = Reflectances of “{ $called }” run from { $least } to { $most }, but lie between 0 and 1; nothing was read.
refused-spectrum-short = The spectrum of “{ $called }” spans { $begins } to { $ends } nm; { $least } to { $most } nm are needed; nothing was read.
refused-cxf-entities = The file defines entities of its own, which CxF never needs; nothing was read.
refused-cxf-no-xml = The file is no proper XML ({ $error }); nothing was read.
refused-cxf-twice = “{ $name }” over { $backing } is in the file twice; nothing was imported.
refused-cxf-black-alone = “{ $name }” is measured over black alone; nothing was imported.
refused-cxf-left-no-number = what is left is no number: “{ $left }”.
refused-spectrum-no-number = The spectrum of “{ $called }” holds what is no number; nothing was read.
refused-cxf-at = { $name }: { $error } Nothing was imported.
refused-picture-too-many-pixels = The picture has more than { $most_pixels } million pixels; it was not opened and nothing was stored. Save it smaller: 4000 pixels on the long side are plenty.
refused-picture-too-large = The file has { $size } MB; at most { $most } MB are taken. Nothing was stored. Save it smaller: 4000 pixels on the long side are plenty.
refused-picture-svg = This is an SVG drawing, not a photo. Nothing was stored. Export it as PNG; { $names } are read.
refused-picture-none = This file is not a picture that can be read. Nothing was stored. Use { $names }.
refused-picture-damaged = The picture breaks off or is damaged ({ $error }). Nothing was stored. Copy it again from the camera, or open and save it in a picture program.
refused-planfile-too-large = The plan file is larger than { $most } MB; nothing was read from it.
refused-planfile-no-plan = The file is no plan: the field `washboard` with the format's version is missing.
refused-planfile-newer = The plan is of format version { $version }; this program reads up to { $known }. Nothing was changed. Use a newer Washboard, or export the plan again from the one that wrote it.
refused-planfile-nested = The plan file has too many levels; nothing was read from it.
refused-planfile-no-json = The plan file is not JSON ({ $error }); nothing was read from it.
refused-planfile-unreadable = The plan file cannot be read: { $fault } @ { $where }.
refused-planfile-no-mass = The plan speaks of “{ $name }”, which is none of its masses; nothing was kept of the file.
refused-planfile-twice = { $what ->
    [mass] The mass
    [pass] The pass
   *[label] The label
} “{ $name }” is there twice in the plan; nothing was kept of the file.
refused-planfile-predicted = The predicted values do not fit the plan, which has { $rows } rows of { $masses } masses; nothing was kept of the file.
refused-planfile-marks = The marks of names do not fit the text “{ $text }”; nothing was kept of the file.
refused-csv-columns-missing = The first line must name the columns; missing: { $missing }. They are: { $columns }. Nothing was imported.
refused-csv-column-twice = A column is named twice in the first line; nothing was imported.
refused-csv-cell-length = A cell is too long.
refused-csv-kind = “{ $kind }” is no kind of thing: { $kinds }.
refused-csv-measured = A measured thing is a paint, like a listed one.
refused-csv-left-no-number = What is left is no number: “{ $text }”.
refused-csv-film = A film over white and over black has { $bands } numbers each, 380 to 730 nm.
refused-csv-no-text = This is no text file; nothing was imported.
refused-csv-too-many = More than { $most_rows } lines; nothing was imported. Is this a shelf?
refused-csv-broken = The file is no proper CSV ({ $error }); nothing was imported.
refused-csv-at = Line { $number }: { $error } Nothing was imported.
refused-csv-encoding = The text's encoding is broken; nothing was imported.
refused-shelf-file-format = A shelf is read and written as .csv or .cxf, not “{ $name }”; nothing was changed.
refused-shelf-file-too-large = The file is larger than { $most } MB; nothing was imported.
refused-shelf-file-empty = There is nothing in this file for the shelf; nothing was imported.
refused-pages-too-many = That would be { $pages } pages of { $paper }: more than { $most }. Take one page of the sheet's own size, or a projector.
refused-grid-range = A grid has 1 to 40 columns and rows.
refused-no-paper = There is no paper “{ $paper }”: choose { $papers }.

## pipeline

refused-mixture-size = A mixture has 1 to { $most_paints } different paints.
refused-mixture-of-palette = A mixture has 1 to { $most_paints } different paints of the palette.
refused-distance-range = A distance goes up to { $farthest } m; { $metres } m was asked for.
refused-stopped = Stopped; nothing was changed.
refused-no-memory = There was not enough memory for this picture. Nothing was lost.
refused-palette-none-named = There is no paint on the palette; name some, separated by commas.
refused-palette-too-many = A palette holds up to { $most_on_palette } paints; { $number } were named.
refused-target-not-understood = A target is L,a,b with L from 0 to 100 and a, b from -150 to 150, as 52,12,-30.
refused-mixture-count = A mixture has 1 to { $most_paints } paints; { $most } were asked for.
refused-parts-range = The parts of “{ $name }” must be a number over 0 and up to 1000.
refused-paint-twice = { $words } is named twice; name each paint once.
refused-layers-not-understood = Layers are mixtures separated by ;, as 'lemon;phthalo blue@0.2'.
refused-film-range = A film is over 0 and up to { $most_film } unit films thick; { $film } was given.
refused-worker-died = The computation broke off, perhaps for lack of memory. Nothing was lost. Try again, with a smaller picture if it happens twice.
refused-fault = Something went wrong that should not ({ $payload }). Nothing was lost.
refused-stopped-before = Stopped before it began; nothing was changed.

## settings

refused-piece-incomplete = A piece needs { $missing }; nothing was changed.
refused-setting-unreadable = Nothing was changed. { $fault } @ { $where }
refused-about-length = What it is about fits into { $longest } characters; it was kept.
refused-focus-of-intent-outside = What the piece is about must lie inside the picture; it was kept.
refused-time-range = Time in hand goes from 1 to { $longest_time } minutes; it was kept.
refused-area-outside = An area lies inside the picture (x and y from 0 to 1); the order was kept.
refused-approach-whole-sheet = { $approach } works on the whole sheet, not on one area of it; the order was kept.
refused-patches-show-through = An underpainting in patches would show through { $medium }, which only darkens; it is for paint that covers. The ground was kept.
refused-wiping-out-over-patches = Wiping out lays one tone of its own to take the lights out of: choose another approach, or another ground than patches. The piece was kept.
refused-passes-range = A plan has 1 to { $most_passes } passes; { $passes } were asked for.
refused-squint-range = Squint goes from 0 to { $strongest }; { $squint } was asked for.
refused-borrowed-too-many = Up to { $most_borrowed } things can be borrowed from other photos; they were kept.
refused-focus-outside = The focus must lie inside the picture; it was kept.
refused-light-range = Light comes from 0 to 360°, counter-clockwise from the right; it was kept.
refused-lamp-outside = A lamp stands inside the picture; it was kept.
refused-name-outside = A name must stand inside the picture (x and y from 0 to 1).
refused-no-act = There is no act “{ $word }”; the passes were kept.
refused-no-way = There is no way “{ $way }” to keep a white; it was kept.

## store

refused-no-device = This device was forgotten already.
refused-folder-newer = { $folder } was written by a newer Washboard (version { $version }, this one knows { $newest }). Nothing in it was touched: update this one.
refused-folder-damaged = The database in { $folder } cannot be read. Nothing in it was touched: see what washboard doctor says, or restore the last backup with washboard restore.
refused-folder-read-only = { $folder } may not be written to, so nothing could be kept there. Give another folder with --data, or the right to write.
refused-database-read-only = The data folder may not be written to any more; this was not kept. What was kept before is there.
refused-database-damaged = The database is damaged; this was not kept. Stop Washboard and see what washboard doctor says.
refused-folder-gone = The data folder { $folder } was moved or deleted while Washboard used it; this was not kept. Put it back and start Washboard again.
refused-file-gone = Its file is gone from the data folder. The plan and the history are there; take the photo in again, or restore a backup.
refused-disk-full = The disk is full, so this could not be kept. Everything kept before is safe. Free some space and do it again.
refused-database-busy = Another program holds the database of this studio. Your change was not made; nothing is lost. Close the other program, or wait and try again.
refused-nothing-to-undo-piece = There is nothing to undo: nothing of the piece was changed.
refused-nothing-to-undo-shelf = There is nothing to undo: nothing on the shelf was changed.
refused-nothing-to-redo-piece = There is nothing to redo; the piece is at its newest.
refused-nothing-to-redo-shelf = There is nothing to redo; the shelf is at its newest.
refused-folder-held = The folder { $folder } is open in another Washboard (process { $process }). Nothing was changed. Use that one, stop it first, or give another folder with --data.
refused-log-entry-differs = This entry of the log is there already, and says something else.
refused-habit-times = Nothing takes more than { $most } times as long as usual, or as little. What was there before is kept.
refused-habit-bias = No value comes out more than { $most } otherwise. What was there before is kept.
refused-no-lesson = Nothing of that kind is learnt.
refused-nothing-to-ask = These plans hold no question of that kind.
refused-no-question = There is no such question, or it has no such answer. Nothing was counted.
refused-no-observation = There is no such photo of this piece.
refused-no-such-picture = There is no picture “{ $name }” of this photo: there are straight, planned, difference and photo.
refused-no-piece = There is no such piece. It may have been deleted in another tab.
refused-no-picture = There is no such picture here. Upload it again; nothing was changed.
refused-no-approach = There is no such approach of your own; nothing was changed.

refused-stale-piece = This piece was changed elsewhere in the meantime: { $done }. Your change was not made and nothing was overwritten. Look at the piece now and do it again.
refused-stale-shelf = This shelf was changed elsewhere in the meantime: { $done }. Your change was not made and nothing was overwritten. Look at the shelf now and do it again.
stale-undo = an undo or redo

## studio

refused-code-none = No code is valid now: one is valid for five minutes, once, and for five tries. Ask for a new one at the desk.
refused-code-wrong = That is not the code on the desk. { $left ->
    [0] It is void now: ask for a new one there.
    [one] One try is left.
   *[other] { $left } tries are left.
}
refused-photo-or-drawn = A piece has either a photo or drawn masses; nothing was made.
refused-piece-has-photo = This piece has a photo; masses are drawn in a piece without one.
refused-piece-is-drawn = This piece is drawn, not taken from a photo; its masses can be changed.
refused-no-job = There is no such job; it may have ended long ago.
plan-replaced = The plan that was kept here could not be painted from. It was worked out again, and the old one is still in the folder.
refused-plan-not-ready = The plan of { $piece } is not worked out yet (or was stopped); nothing is lost. Ask for it with a POST to `analysis`.
refused-strip-field = A strip has the fields { $fields }, not “{ $given }”.
refused-shelf-file-twice = “{ $name }” is in the file twice; nothing was imported.
refused-plan-stopped = The plan of { $piece } was stopped; nothing is lost.

## Names that are on no list

refused-unknown-paint = There is no paint called “{ $given }”. Choose { $known }.
refused-unknown-stick = There is no stick called “{ $given }”. Choose { $known }.
refused-unknown-surface = There is no surface called “{ $given }”. Choose { $known }.
refused-unknown-drill = There is no drill called “{ $given }”. Choose { $known }.
refused-unknown-tool = There is no tool called “{ $given }”. Choose { $known }.
refused-unknown-medium = There is no medium called “{ $given }”. Choose { $known }.
refused-unknown-approach = There is no approach called “{ $given }”. Choose { $known }.
refused-unknown-illuminant = There is no light called “{ $given }”. Choose { $known }.
refused-unknown-field = There is no field called “{ $given }”. Choose { $known }.
refused-unknown-language = There is no language called “{ $given }”. Choose { $known }.
refused-unknown-surface-for = There is no surface for { $medium } called “{ $given }”. Choose { $known }.
refused-unknown-ground = There is no ground for { $medium } called “{ $given }”. Choose { $known }.
refused-unknown-side = { $surface } has no side called “{ $given }”. Choose { $known }.

## Sittings and calendars

refused-windows-overlap = The windows overlap, or close before they open; nothing was laid into them.
refused-work-range = The minutes or waits of “{ $name }” are out of range; nothing was laid into windows.
refused-calendar-size = The calendar is larger than { $most } MB; nothing was read from it.
refused-calendar-broken = The calendar cannot be read ({ $fault }); nothing was taken from it. Export it again as iCalendar.
refused-calendar-entries = The calendar has more than { $most } entries, or more than { $repeating } that repeat; nothing was taken from it. Export only the times for painting.
refused-calendar-empty = The calendar has no time to paint after { $begin }; nothing was laid into it. Every entry of some hours is one.
refused-sittings-plans = { $number } plans were given: 1 to { $most } can be laid into one calendar.
refused-sittings-twice = Two plans are called “{ $name }”: give one another name.
refused-sittings-short = The passes do not fit: the window of { $window } is { $minutes } min too short. { $ways }
refused-sittings-no-room = The passes do not fit the { $windows } windows, and no single one made longer would do. { $ways }
refused-climate = A room of { $celsius } °C, { $humidity } % and { $speed } m/s is out of range: 0 to 45 °C, 0 to 100 %, 0 to 5 m/s. The climate of before was kept.
refused-hours = “{ $part }” is not understood: write free hours as Tuesdays 19-21, Saturday mornings. Those of before were kept.
refused-hours-none = No free hours are given: write them as Tuesdays 19-21, Saturday mornings.
refused-events-too-many = More than { $most } events were sent at once; none was kept. Send them in parts.
refused-sensor-silent = The climate sensor gave no reading; the climate of before was kept. Ask it again, or type what you know.
refused-log-size = The log is larger than { $most } MB or longer than { $lines } lines; nothing was read from it.
refused-log-no-text = The log is no text in UTF-8; nothing was read from it.
refused-log-line = Line { $number } of the log cannot be read: { $fault } @ { $where }. The plan was not changed.
refused-log-other-plan = The log is about another plan: none of its passes is in this one. Nothing was changed.
refused-moment = “{ $text }” is no moment: give it as 2026-12-01T09:00.
short-sitting = Or paint once more, { $days ->
    [one] a day
   *[other] { $days } days
} after the last, { $minutes } min.
short-without = Or leave out “{ $title }” of { $piece }.
short-quicker = Or work { $share } % faster, with larger tools or a medium that dries faster.
refused-edge-outside = The edge lies beside the picture. Your settings stay.
refused-own-pass-place = A place needs two points for a stroke or three for an outline, all within the picture. Your passes stay.
refused-tone-range = A mass is moved by { $most } values, to twice its colour and by 30 units of warmth at the most; it was kept.
refused-stages-range = A thing has { $least } to { $most } stages; it was kept.
refused-around-range = The background round things is 0 to { $most } cm wide; it was kept.
refused-relight-range = A new light stands on the picture and is 0 to 1 strong; it was kept.

## Photos of a painting

refused-corners-four = Corners are four places: the upper left of the sheet first, then clockwise. Nothing was changed.
refused-corners-text = “{ $text }” is no four corners: write x,y;x,y;x,y;x,y in pixels, clockwise from the upper left.
refused-corners-outside = A corner lies far outside the photo. Put the four corners where the sheet's are. Nothing was changed.
refused-corners-mirrored = The corners run counter-clockwise: begin at the upper left and go clockwise. Nothing was changed.
refused-corners-crossed = The sides between the corners cross. Put them upper left, upper right, lower right, lower left. Nothing was changed.
refused-corners-small = The corners lie too close together to read anything between them. Nothing was changed.
refused-no-such-pass = The plan has passes 1 to { $most }, and 0 for before the first: there is no pass { $given }.
refused-photo-no-sheet = No sheet was found in the photo. Photograph all of it, with some of what lies round it, or put the four corners yourself.
refused-photo-small = The painting is { $pixels } pixels wide in the photo: at least { $least } are needed. Go nearer, or send the photo in full size.
refused-photo-own = This is the plan's own picture, not a photo of the painting. Nothing was learnt from it.
refused-photo-cut = A side of the sheet lies at the edge of the photo. Photograph all of it, or put the four corners yourself.
refused-photo-turned = The painting stands upside down in the photo. Turn the photo and send it again.
refused-photo-mirrored = The painting is mirrored in the photo: front cameras do that. Turn mirroring off, or use the other camera.
refused-photo-other = What the photo shows is not like this piece after any pass. Send a photo of this painting, or put its four corners yourself.
refused-photo-black = The photo is black nearly all over. Photograph the painting again in more light.
refused-photo-blown = The photo is white nearly all over: too much light. Photograph the painting again, darker.
refused-plan-without-map = This plan file does not hold where its masses lie. Write it again with washboard plan PHOTO … --out.
refused-map-size = The map of masses in the plan file is not { $width } by { $height } pixels, as it says.
refused-map-damaged = The map of masses in the plan file cannot be read ({ $error }).
refused-map-of-others = The map in the plan file shows masses that the plan does not have.
refused-map-colours = The plan file should hold { $rows } rows of colours for { $masses } masses.
refused-no-data-folder = There is nothing kept in { $folder }. Name the data folder with --data.
refused-backup-changes = What is kept in { $folder } changes faster than it can be copied. Try again when less is going on. Nothing was written.
refused-restore-not-empty = { $folder } is not empty; nothing was changed. Give another folder with --data, or --instead to put the backup in its place: what is there is then kept beside it.
refused-backup-not-there = There is no file { $file }. Nothing was changed.
refused-no-backup = { $file } is not a backup of Washboard. Nothing was changed.
refused-backup-newer = { $file } was written by a newer Washboard. Update this one first. Nothing was changed.
refused-backup-damaged = { $file } is damaged: { $what } differs from what was written. Take another copy of the file. Nothing was changed.
