### Cards and sheets.

card-before = before
card-where = where
card-after = after
card-why = Why:
card-dry = then dry { $minutes }
card-needs = Before: { $needs }. Tool: { $tools }.
card-usual-tools = the usual ones
card-values = value { $values }
sheet-head = { $medium }, { $size } cm: { $passes ->
    [one] one pass
   *[other] { $passes } passes
}, { $work } of work, { $wait } of waiting.
sheet-head-dry = { $medium }, { $size } cm: { $passes ->
    [one] one pass
   *[other] { $passes } passes
}, { $work } of work.
look-back-page-title = { $name }: the look back
look-back-painted = The painting
look-back-planned = The plan
look-back-times = { $real } of { $planned }
duration-minutes = { $minutes } min
duration-hours = { $hours } h { $minutes }
duration-days = { $days ->
    [one] { $days } day
   *[other] { $days } days
}
strip-pile = { $masses ->
    [one] one mass
   *[other] { $masses } masses
}, mixture { $number }
strips-titled = { $name }, test strips
