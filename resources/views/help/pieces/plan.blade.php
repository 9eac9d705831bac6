<p>The building from above. Draw the outline along the outer face of the concrete; floor, outline and lengths of every side follow from
    it and from the walls of the design. Posts, sleeves, drains and joints are put in and dragged.</p>
<p><b>Set out</b> gives tapes and rod readings for every corner and item, and squares up what you measured.</p>
