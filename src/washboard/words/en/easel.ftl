### At the easel: what happened, how it is mended, what changes.

## What went wrong

trouble-white-lost = Paint got on { $masses }, which should stay white.
trouble-too-dark = { $masses } came out too dark.
trouble-too-pale = { $masses } came out too light.
trouble-bloom = A bloom runs into { $masses }.
trouble-hard-line = A hard line dried in { $masses }.
trouble-mud = { $masses } turned to mud.
trouble-lift-off = Paint came off { $masses }.
trouble-tear = The paper tore in { $masses }.
trouble-tooth-gone = { $masses } holds no more pastel.
trouble-fixative-wet = { $masses } is still wet with fixative.
trouble-skinned = The paint skinned in { $masses }.
trouble-wrong-colour = { $masses } has the wrong colour.
trouble-mask-torn = The masking fluid tore the paper in { $masses }.
trouble-drip = A drip ran over { $masses }.

## What is done about it

mend-leave = { $trouble } Leave it: nothing brings it from { $value } to { $target } now.
mend-leave-near = { $trouble } Leave it: at { $value } it is near enough to { $target }.
mend-takes = { $trouble } Way out: { $act }. That gets it to { $value } of { $target }, since the paint stains { $stains }.
mend-takes-all = { $trouble } Way out: { $act }. That brings it back to { $value }.
mend-works = { $trouble } Way out: { $act }.
mend-lays = { $trouble } Way out: { $act }, to { $value }.

## What changes

replan-done = { $count ->
    [0] No pass is done yet
    [one] One pass is done and stays
   *[other] { $count } passes are done and stay
}, { $left ->
    [0] none is
    [one] 1 is
   *[other] { $left } are
} left.
replan-rest-same = All else stays as planned.
replan-rest-moved = { $count } { $count ->
    [one] pass
   *[other] passes
} come in another order, from { $done } on; all else stays.
replan-rest-shorter = { $count ->
    [one] One pass is
   *[other] { $count } passes are
} not needed any more.
replan-rest-anew = The rest is ordered anew, in { $count } { $count ->
    [one] pass
   *[other] passes
}.
replan-skipped = { $masses } stay as they are, since you left out their pass.
replan-left = { $masses } stay off what was planned: the surface does not let it be changed any more.

## What a log says that makes no sense

log-no-such-pass = an event names a pass that this plan does not have
log-no-such-mass = an event names a mass that this plan does not have
log-no-such-accident = an event names an accident that is not known
log-not-in-medium = an event names an accident that this medium does not have
log-value-range = an event gives a value outside 0 to 10
log-done-twice = a pass is told to be done twice
log-clock-off = The clock of this device is { $hours } h { $way ->
    [ahead] ahead of
   *[behind] behind
} the program's; what it logged was set right.
log-future = an event lies in the future

## The way through a pass

stride-one = { $masses }, { $way ->
    [right] to the right
    [left] to the left
    [up] upward
   *[down] downward
}
stride-several = { $masses }
stride-many = { $masses }: { $count } of them
stride-act = { $act }: { $masses }
stride-tool = { $tool }.
stride-before = First: { $acts }.
stride-after = Then: { $acts }.
stride-with = { $tool ->
    [without] { $act }
   *[other] { $act } ({ $tool })
}
stride-graded = Start at the lightest place and strengthen away from it.
stride-carry = Carry on the wet edge of { $masses } within { $minutes } min.
stride-seam = By then { $masses } is dry: stop there with a clean edge.
stride-round = Paint round { $masses }.
stride-soft = Soften the edge to { $masses } while it is wet.

## When to stop

stop-done = Nothing is left to be done.
stop-near = No mass is off by more than { $seen } by now: what is left is small marks, and you may stop.
stop-off = Still off: { $masses }, the first by { $by }.

## Deadlines

deadline-kept = { $days ->
    [0] Finished on the very day of the deadline, { $due }.
    [one] Finished a day before the deadline, { $due }.
   *[other] Finished { $days } days before the deadline, { $due }.
}
deadline-missed = { $days ->
    [one] A day late for the deadline, { $due }
   *[other] { $days } days late for the deadline, { $due }
}: more free hours, fewer passes or a medium that dries faster would help.
deadline-no-date = The deadline “{ $written }” is no date, so that sittings are not measured by it.
