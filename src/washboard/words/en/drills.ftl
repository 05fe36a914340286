### Questions of the trainer.

drill-next = Which pass comes next?
drill-next-why = It is what the plan lays next.
drill-next-needed = { $count ->
    [one] A later pass needs
   *[other] { $count } later passes need
} it first: { $first }.
drill-next-not = Too early for this: { $first } must come before it.
drill-darker = Which of these is the darkest?
drill-darker-why = { $masses } is { $value }.
drill-value = What value is the place that is marked?
drill-value-option = { $value }
drill-value-why = { $masses } is { $value }.
drill-shadow = Which of these belongs to the shadow family?
drill-shadow-why = { $masses } lies in shadow, at { $value }.
drill-shadow-not = { $masses } lies in light, at { $value }: dark things in light stay with the lights.
drill-breaks = One of these steps cannot be done where it stands. Which?
drill-breaks-fine = This step can be done.
drill-step = { $act }: { $masses }{ $wait ->
    [0] {""}
   *[other] , then { $wait } { $unit } to dry
}
drill-mix = Which three paints mix this colour?
drill-paints = { $paints }
drill-mix-why = { $paints } come so near that nobody sees a difference.
drill-mix-not = { $paints } miss it for everybody to see, whatever their parts.
drill-edge = Where would you lose the edge?
drill-edge-firm = Between { $masses } values stand clearly apart: that edge stays firm.
drill-edge-lost = This one may go: { $why }.
drill-missed = { $what }{ $band ->
    [light] {" "}in lights
    [middle-high] {" "}in upper middles
    [middle-low] {" "}in lower middles
    [dark] {" "}in darks
   *[other] {""}
}: { $wrong } of the last { $count } missed.
drill-kind-next = The next pass
drill-kind-darker = Which is darker
drill-kind-value = Naming values
drill-kind-shadow = The shadow family
drill-kind-breaks = What breaks
drill-kind-mix = Mixing
drill-kind-edge = Edges
drill-named = { $masses }
