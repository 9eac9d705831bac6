<p>The building from above. Draw the outline: of the floor that was typed, by sizes, or leg by leg; floor, outline and the length of every
    side follow from it and from the walls of the design. What is typed in its place, dragged or moved by arrow keys is saved at once.</p>
<p>Walls say what lies beyond them and how the ground falls along them; a press on a wall opens the section that is cut there. What is
    put in is numbered as in the list, and judged where it stands. Heat, ψ, frost, load and findings can be laid over the drawing.</p>
<p>All options stand on the project’s plan; one of them may have a whole plan of its own, which then follows no longer.</p>
<p><b>Set out</b> gives tapes and rod readings for every corner and item, and squares up what you measured.</p>
