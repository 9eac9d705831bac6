<p>Name the job, type the floor’s two sides as you would say them, <kbd>9 x 14 m</kbd> or <kbd>30' x 46'</kbd>, and choose the drawing
    that looks like what you build. Three figures of the climate are enough for a first verdict: the mean of the coldest month, of the
    warmest, and of the year.</p>
<p>Nothing is guessed from a place’s name. Where the climate is not known yet, leave it empty: the edge is drawn, and frost, damp and
    warmth wait for it.</p>
