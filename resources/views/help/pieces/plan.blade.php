<p>The building from above. Draw the outline: of the floor that was typed, by sizes, or leg by leg; floor, outline and the length of
    every side follow from it and from the walls of the design. What is typed in its place, dragged or moved by arrow keys is saved at
    once.</p>
<p>Walls say what lies beyond them and how the ground falls along them; a press on a wall opens the section that is cut there. What is
    put in is numbered as in the list, and judged where it stands and by what stands beside it: what clashes is said with its reason,
    and where something can be offered a button does it. Undo takes it back. Heat, ψ, frost, load and findings can be laid over the
    drawing.</p>
<p><b>Propose</b> puts in what a rule asks: control joints, anchor bolts, heating loops, pads, wing corners. Each says by what rule it
    stands there; move it, and it says so and stays when you propose again.</p>
<p>All options stand on the project’s plan; one of them may have a whole plan of its own, which then follows no longer.</p>
<p><b>Set out</b> is the sheet to build from: tapes from two pegs, offsets, distances along each form, pegs beyond the dig, levels. On
    <b>Square it</b> type what the tapes read and say what stays: it names the corner that is out, how far and towards what to move it,
    and what to read then; where one tape too few was taken it asks for more. On <b>Levels</b> read the rod on the benchmark first; then
    each height has the rod that it should read, and what you type is judged at once. Every reading is kept in the log with your name;
    none of them changes the plan. <b>Walls</b> shows each from outside, with what passes through it, set now or drilled later.</p>
