### Grounds, and what weakens an arrangement.

ground-bare = { $share } % of the picture needs no paint on it.
ground-fewer = { $share } % of the picture needs no paint on it, and { $fewer } of { $masses } masses need fewer coats.
ground-loses = Transparent paint cannot get lighter than it: the lights lose { $lost }.

compose-balance = The contrasts weigh { $off } cm to the { $side } of the centre.
compose-balance-why = All on one side, they tip the picture. An accent on the other side holds it.
compose-balance-try = { $size ->
    [large] add a { $accent } accent on the { $to }
   *[small] add a { $accent } accent on the { $to }, { $across } cm across
}
compose-border-contrast = A contrast at the { $side } border is { $strength } % as strong as the focus.
compose-border-contrast-why = It leads the eye out of the picture.
compose-border-contrast-try = crop { $gone } cm off the { $side }
compose-corner = A line runs into the { $corner } corner.
compose-corner-why = It leads the eye out of the picture.
compose-corner-try = crop a little, so that it meets a side
compose-focus-centre = The focus lies in the middle, { $away } cm from the nearest crossing of the thirds.
compose-focus-centre-why = In the middle the eye stops and goes nowhere.
compose-focus-centre-try = { $way ->
    [move] move { $thing } to the crossing
   *[crop] crop so that it lies on the crossing
}
compose-focus-edge = The focus lies only { $away } cm from the border.
compose-focus-edge-why = So near, it leads the eye out.
compose-focus-edge-try = { $way ->
    [move] move { $thing } to the crossing
   *[crop] crop so that it lies on the crossing
}
compose-halved = An upright edge { $left } cm from the left halves the picture.
compose-halved-why = Two equal halves compete. Let one side lead.
compose-halved-try = crop { $gone } cm off one side
compose-no-big-shape = The two largest areas take { $big } % and { $next } %: none leads.
compose-no-big-shape-why = A big, a middle and a small one give order.
compose-horizon-tilt = The horizon is { $left } cm from the top at the left, { $right } cm at the right.
compose-horizon-tilt-why = Water and far land that are not level seem to run out of the picture.
compose-horizon-tilt-try = turn the picture by { $turn }° and crop it
compose-horizon-middle = The horizon lies nearly in the middle: { $middle } of { $tall } cm.
compose-horizon-middle-why = Two equal halves compete. Decide for sky or for ground.
compose-horizon-middle-try = crop { $gone } cm off the { $side }, so that it lies on a third
compose-kissing-horizon = The top of { $thing } just touches the horizon.
compose-kissing-horizon-why = That ties near and far together. Let it stand above or below.
compose-kissing-horizon-try = move it { $by } cm down
compose-kissing-frame = { $thing } stands { $gap } mm off the { $side } border and seems to touch it.
compose-kissing-frame-why = It should be clearly inside or clearly cut.
compose-kissing-frame-try = move it { $by } cm inward
compose-equal-sizes = { $one } and { $other } are of equal size.
compose-equal-sizes-why = That looks mechanical. Let one lead.
compose-equal-sizes-try = make { $farther } smaller by a quarter
compose-equal-spacing = { $count } areas stand { $apart } cm apart, each as far from the next.
compose-equal-spacing-why = Equal distances look like a fence.
compose-equal-spacing-try = move { $thing } by { $by } cm
compose-one-value = Nearly everything lies between { $low } and { $high }.
compose-one-value-why = Without a true dark or light nothing leads.
compose-one-value-try = add a { $accent } accent of { $value } at the focus
