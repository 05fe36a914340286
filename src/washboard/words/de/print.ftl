### Karten und Blätter.

card-before = vorher
card-where = wo
card-after = nachher
card-why = Warum:
card-dry = dann { $minutes } trocknen
card-needs = Vorher: { $needs }. Werkzeug: { $tools }.
card-usual-tools = die üblichen
card-values = Tonwert { $values }
sheet-head = { $medium }, { $size } cm: { $passes ->
    [one] ein Durchgang
   *[other] { $passes } Durchgänge
}, { $work } Arbeit, { $wait } Wartezeit.
sheet-head-dry = { $medium }, { $size } cm: { $passes ->
    [one] ein Durchgang
   *[other] { $passes } Durchgänge
}, { $work } Arbeit.
look-back-page-title = { $name }: der Rückblick
look-back-painted = Das Gemälde
look-back-planned = Der Plan
look-back-times = { $real } von { $planned }
duration-minutes = { $minutes } min
duration-hours = { $hours } h { $minutes }
duration-days = { $days ->
    [one] { $days } Tag
   *[other] { $days } Tage
}
strip-pile = { $masses ->
    [one] eine Masse
   *[other] { $masses } Massen
}, Mischung { $number }
strips-titled = { $name }, Probestreifen
