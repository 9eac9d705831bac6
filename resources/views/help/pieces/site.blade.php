<p>The bars are the months: drag the end of one or type below it. The lines across are the heating limit and the design day. Beside it
    is the ground below: how far the year’s warmth swings in it, how deep frost goes, where water and rock stand. Drag a
    line up from the foot to say it is there, down to the foot to say it is not.</p>
<p><b>Still to answer</b> lists what verdicts wait for; each leads to its place. Folded cards say in a line what stands in them. Under
    <b>Climate</b> the months come from what you know: twelve figures, three figures, degree-days, a weather file. The building office’s
    frost depth goes under <b>Winter</b>.</p>
<p>Everything is saved as you leave a field. A winter that was run is run anew only where a change touches frost.</p>
